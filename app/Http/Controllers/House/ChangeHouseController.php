<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Http\Requests\HouseRequest;
use App\Models\User;
use App\Services\DayBook;
use App\Services\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Nessmark\Contract\HouseReader;
use OpenApi\Attributes as OA;

final class ChangeHouseController
{
    #[
        OA\Put(
            path: '/house',
            operationId: 'changeHouse',
            summary: 'Change them; safety can only be made stricter than the profile',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/HouseRules')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/House')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(HouseRequest $request, House $house, HouseReader $reader, DayBook $book): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $rules = $reader->read($request->houseData());
        $user->shop->fill([
            ...$request->shopData(),
            'safety_profile' => $rules->standard->profile,
            'house' => [
                'schools' => $rules->schools,
                'stops_below' => $rules->standard->tightening->stopsBelow,
                'minimum_c' => $rules->standard->tightening->minimumC,
                'portions_pct' => round(100.0 * $rules->portions),
                'time_zone' => $rules->timeZone,
            ],
        ]);
        $changed = array_keys($user->shop->getDirty());
        DB::transaction(function () use ($user, $book, $changed): void {
            $user->shop->save();
            $book->note($user, 'house.changed', ['changed' => implode(', ', $changed)]);
        });

        return new JsonResponse($house->sheet($user->shop, true));
    }
}
