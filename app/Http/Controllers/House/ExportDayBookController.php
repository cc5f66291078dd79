<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Http\Requests\DayBookRequest;
use App\Services\Csv;
use Generator;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

final class ExportDayBookController
{
    #[
        OA\Get(
            path: '/day-book/export.csv',
            operationId: 'exportDayBook',
            summary: 'All of it as a table',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'CSV',
                    content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
                ),
            ],
        ),
    ]
    public function __invoke(DayBookRequest $request): Response
    {
        $rows = static function () use ($request): Generator {
            foreach ($request->entries()->cursor() as $entry) {
                /** @var object{at: string, user_name: string, what: string, about: string} $entry */
                yield [Carbon::parse($entry->at, 'UTC')->toAtomString(), $entry->user_name, $entry->what, $entry->about];
            }
        };

        return new Response(Csv::write(['at', 'who', 'what', 'about'], $rows()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="day-book.csv"',
        ]);
    }
}
