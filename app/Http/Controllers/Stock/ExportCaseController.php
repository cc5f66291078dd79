<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Models\User;
use App\Services\Csv;
use App\Services\Stock;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nessmark\Contract\LotCsv;
use OpenApi\Attributes as OA;

final class ExportCaseController
{
    #[
        OA\Get(
            path: '/case/export.{format}',
            operationId: 'exportCase',
            summary: 'The case as a file',
            parameters: [
                new OA\Parameter(
                    name: 'format',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: ['json', 'csv']),
                ),
            ],
            responses: [new OA\Response(response: 200, description: 'Done')],
        ),
    ]
    public function __invoke(Request $request, string $format, Stock $stock): Response
    {
        /** @var User $user */
        $user = $request->user();
        $rows = $stock->table($user->shop);
        [$text, $type] =
            $format === 'csv'
                ? [Csv::write(LotCsv::HEADER, array_map(LotCsv::cells(...), $rows)), 'text/csv; charset=UTF-8']
                : [
                    json_encode(['lots' => $rows], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                    'application/json',
                ];

        return new Response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"case.{$format}\""]);
    }
}
