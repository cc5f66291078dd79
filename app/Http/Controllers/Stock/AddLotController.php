<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\ImportLots;
use App\Models\User;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Errors\InputRefused;
use OpenApi\Attributes as OA;

final class AddLotController
{
    #[OA\Post(path: '/case/lots', operationId: 'addLot', summary: 'Take a lot in',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewLot')),
        responses: [new OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: '#/components/schemas/LotNumber')), new OA\Response(response: 422, description: 'Refused, naming each key', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))])]
    public function __invoke(Request $request, Stock $stock, ImportLots $import): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $lot = $stock->reader($user->shop)->read(json_decode($request->getContent(), true));
        if ($stock->has($user->shop, $lot->number)) {
            throw InputRefused::one('number', 'conflict', $lot->number, 'a number that no other lot of the shop has');
        }
        $import->execute($user, [$lot]);

        return new JsonResponse(['number' => $lot->number], 201);
    }
}
