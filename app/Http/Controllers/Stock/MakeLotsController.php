<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\MakeLots;
use App\Actions\Once;
use App\Http\OnceKey;
use App\Models\User;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Catalogue\Kinds;
use Nessmark\Contract\MakingReader;
use Nessmark\Stock\Lot;
use OpenApi\Attributes as OA;

final class MakeLotsController
{
    #[
        OA\Post(
            path: '/makings',
            operationId: 'makeLots',
            summary: 'Lots out of lots, to the gram; under one Idempotency-Key once',
            parameters: [new OA\Parameter(ref: '#/components/parameters/OnceKey')],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewMaking')),
            responses: [
                new OA\Response(response: 201, description: 'Made', content: new OA\JsonContent(ref: '#/components/schemas/Making')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
                new OA\Response(
                    response: 409,
                    description: 'There is less left',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(
        Request $request,
        Stock $stock,
        ShopCatalogue $catalogues,
        Kinds $kinds,
        MakeLots $make,
        Once $once,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $made = $once->run($user, OnceKey::of($request), static function () use (
            $request,
            $user,
            $stock,
            $catalogues,
            $kinds,
            $make,
        ): array {
            // read in here: asked again, the case is no longer what it was
            $lots = $stock->of($user->shop, $catalogues->of($user->shop));
            $making = (new MakingReader($stock->reader($user->shop), $kinds))->read(json_decode($request->getContent(), true), $lots);

            return [
                'making' => $make->execute($user, $making)->id,
                'lots' => array_map(static fn (Lot $lot): string => $lot->number, $making->to),
            ];
        });

        return new JsonResponse($made, 201);
    }
}
