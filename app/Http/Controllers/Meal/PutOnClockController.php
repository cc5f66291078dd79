<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meal;

use App\Models\User;
use App\Services\House;
use App\Services\ShopCatalogue;
use App\Services\ShopShelf;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\ClockReport;
use Nessmark\Contract\MealReader;
use Nessmark\Stock\Lot;
use OpenApi\Attributes as OA;

final class PutOnClockController
{
    #[
        OA\Post(
            path: '/clock',
            operationId: 'putOnClock',
            summary: 'A meal on one clock: everything ready together, backwards from the eating; or why not, and what would do',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ClockAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/Clock')),
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
        ClockReport $clock,
        MealReader $meals,
        TicketAssembly $tickets,
        Stock $stock,
        House $house,
        ShopCatalogue $catalogues,
        ShopShelf $shelves,
    ): JsonResponse {
        /** @var User $user */
        $user = $request->user();
        $data = json_decode($request->getContent(), true);
        $rules = $house->rules($user->shop);
        [$sides, $now, $eatAt, $stations, $begun] = $clock->read($data, $rules);
        $asks = array_map(
            static fn (mixed $ask): mixed => is_array($ask)
                ? [...$ask, 'now' => $now->format(DATE_ATOM), 'eat_at' => $eatAt->format(DATE_ATOM)]
                : $ask,
            ClockReport::asks($data),
        );
        $lots = array_map(fn (mixed $ask): ?Lot => $stock->soldFrom($user->shop, is_array($ask) ? $ask['lot'] ?? null : null)[1], $asks);
        $meal = $meals->read($asks, $lots, $rules, $catalogues->of($user->shop), $shelves->of($user->shop));
        $ticket = $tickets->serve($meal, $user->shop->currency);

        return new JsonResponse($clock->of($ticket, $sides, $now, $eatAt, $stations, $begun));
    }
}
