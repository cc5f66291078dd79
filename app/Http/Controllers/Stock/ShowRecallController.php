<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Models\Lot;
use App\Services\Csv;
use App\Services\LotTrace;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowRecallController
{
    private const HEADER = ['lot', 'ticket', 'customer', 'at', 'g', 'how'];

    #[
        OA\Get(
            path: '/case/lots/{lot}/recall.csv',
            operationId: 'showRecall',
            summary: 'Who has some of a lot, or of anything made of it: the list to call back by',
            parameters: [
                new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'CSV',
                    content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
                ),
            ],
        ),
    ]
    public function __invoke(Lot $lot, LotTrace $trace): Response
    {
        $traced = $trace->of($lot);

        return new Response(Csv::write(self::HEADER, LotTrace::recall($traced)), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"recall-{$lot->id}.csv\"",
        ]);
    }
}
