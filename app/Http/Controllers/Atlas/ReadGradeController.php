<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\GradeReport;
use OpenApi\Attributes as OA;

final class ReadGradeController
{
    #[
        OA\Get(
            path: '/grades/{scale}/{value}',
            operationId: 'readGrade',
            summary: 'What a grade means: fat, its neighbours in other scales, and what it changes for a cut',
            parameters: [
                new OA\Parameter(name: 'scale', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'value', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'cut', in: 'query', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The reading',
                    content: new OA\JsonContent(ref: '#/components/schemas/GradeReading'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, string $scale, string $value, ShopCatalogue $catalogues, GradeReport $report): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $slug = $request->string('cut')->toString();

        return new JsonResponse($report->reading($scale, $value, $slug === '' ? null : $catalogues->of($user->shop)->cut($slug)));
    }
}
