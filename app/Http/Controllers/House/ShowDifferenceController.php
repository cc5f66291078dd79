<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\Difference;
use Nessmark\School\Schools;
use OpenApi\Attributes as OA;

final class ShowDifferenceController
{
    #[
        OA\Post(
            path: '/schools/{school}/difference',
            operationId: 'schoolDifference',
            summary: 'What the options of a school come to, for its example or for an ask',
            parameters: [new OA\Parameter(name: 'school', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/DifferenceAsked')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done',
                    content: new OA\JsonContent(ref: '#/components/schemas/SchoolDifferences'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        Request $request,
        string $school,
        Schools $schools,
        Difference $difference,
        House $house,
        ShopCatalogue $catalogues,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $found = $schools->school($school);
        $data = json_decode($request->getContent(), true);
        /** @var array<string, mixed> $ask */
        $ask = is_array($data) && is_array($data['ask'] ?? null) ? array_diff_key($data['ask'], ['lot' => 0]) : $found->example ?? [];
        $rows = $found->isComputed() ? $difference->of($found, $ask, $house->rules($user->shop), $catalogues->of($user->shop)) : [];

        return new JsonResponse([
            'school' => $found->id,
            'cut' => $ask['cut'] ?? '',
            'thickness_mm' => $ask['thickness_mm'] ?? 0,
            'rows' => $rows,
        ]);
    }
}
