<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Models\User;
use App\Services\CaseSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowCaseController
{
    #[OA\Get(path: '/case', operationId: 'showCase', summary: 'Today\'s case and what can be ordered',
        responses: [new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Case'))])]
    public function __invoke(Request $request, CaseSheet $sheet): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($sheet->of($user));
    }
}
