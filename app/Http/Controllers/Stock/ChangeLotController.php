<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\ChangeLot;
use App\Models\Lot;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ChangeLotController
{
    #[
        OA\Put(
            path: '/case/lots/{lot}',
            operationId: 'changeLot',
            summary: 'Change what is known of a lot; its weight changes by moves',
            parameters: [new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewLot')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LotNumber')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, Lot $lot, Stock $stock, ChangeLot $change): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $data = json_decode($request->getContent(), true);
        // What is left changes by moves alone, so that each change has its reason; the number is the lot.
        $changed = $stock
            ->reader($user->shop)
            ->read(is_array($data) ? [...$data, 'number' => $lot->number, 'weight_g' => $lot->left_g] : $data);
        $change->execute($user, $lot, $changed);

        return new JsonResponse(['number' => $lot->number]);
    }
}
