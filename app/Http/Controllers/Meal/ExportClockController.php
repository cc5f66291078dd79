<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meal;

use App\Http\Requests\ClockCalendarRequest;
use App\Models\User;
use App\Services\MealClock;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ExportClockController
{
    #[
        OA\Post(
            path: '/clock/calendar',
            operationId: 'exportClock',
            summary: 'The meal clock as iCalendar, an alarm for each thing to do',
            parameters: [
                new OA\Parameter(name: 'units', in: 'query', schema: new OA\Schema(type: 'string', enum: ['metric', 'imperial'])),
            ],
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ClockAsked')),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'iCalendar',
                    content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ClockCalendarRequest $request, MealClock $clock): Response
    {
        /** @var User $user */
        $user = $request->user();
        $calendar = $clock->calendar($user->shop, json_decode($request->getContent(), true), $request->units());

        return new Response($calendar, 200, [
            'Content-Type' => 'text/calendar; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="meal.ics"',
        ]);
    }
}
