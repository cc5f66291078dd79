<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Http\Requests\DayBookRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

final class ShowDayBookController
{
    #[
        OA\Get(
            path: '/day-book',
            operationId: 'showDayBook',
            summary: 'Who did what in this shop, newest first',
            parameters: [
                new OA\Parameter(name: 'what', in: 'query', required: false, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'who', in: 'query', required: false, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'from', in: 'query', required: false, schema: new OA\Schema(type: 'string', format: 'date')),
                new OA\Parameter(name: 'to', in: 'query', required: false, schema: new OA\Schema(type: 'string', format: 'date')),
                new OA\Parameter(name: 'page', in: 'query', required: false, schema: new OA\Schema(type: 'integer', minimum: 1)),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'A page of it',
                    content: new OA\JsonContent(ref: '#/components/schemas/DayBook'),
                ),
            ],
        ),
    ]
    public function __invoke(DayBookRequest $request): JsonResponse
    {
        $page = $request->entries()->simplePaginate(perPage: 50, page: $request->page());

        return new JsonResponse([
            'entries' => array_map(self::shown(...), array_values($page->items())),
            'page' => $page->currentPage(),
            'has_more' => $page->hasMorePages(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function shown(mixed $entry): array
    {
        /** @var object{at: string, user_name: string, what: string, about: string} $entry */
        return [
            'at' => Carbon::parse($entry->at, 'UTC')->toAtomString(),
            'who' => $entry->user_name,
            'what' => $entry->what,
            'about' => json_decode($entry->about),
        ];
    }
}
