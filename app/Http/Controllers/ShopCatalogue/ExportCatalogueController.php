<?php

declare(strict_types=1);

namespace App\Http\Controllers\ShopCatalogue;

use App\Models\User;
use App\Services\Csv;
use App\Services\ShopCatalogue;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nessmark\Contract\CatalogueFile;
use Nessmark\Contract\CutCsv;
use OpenApi\Attributes as OA;

final class ExportCatalogueController
{
    #[
        OA\Get(
            path: '/catalogue/export.{format}',
            operationId: 'exportCatalogue',
            summary: 'The whole catalogue as a file; CSV holds the cuts, JSON also names and hidden cuts',
            parameters: [
                new OA\Parameter(
                    name: 'format',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: ['json', 'csv']),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The file',
                    content: [new OA\MediaType('application/json'), new OA\MediaType('text/csv')],
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, string $format, ShopCatalogue $catalogues): Response
    {
        /** @var User $user */
        $user = $request->user();
        $file = CatalogueFile::write($catalogues->shipped, $catalogues->changes($user->shop));
        [$text, $type] =
            $format === 'csv'
                ? [Csv::write(CutCsv::header(), array_map(CutCsv::row(...), $file['cuts'])), 'text/csv; charset=UTF-8']
                : [
                    json_encode($file, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
                    'application/json',
                ];

        return new Response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"cuts.{$format}\""]);
    }
}
