<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Models\User;
use App\Services\Csv;
use App\Services\ShopShelf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Nessmark\Contract\RecipeCsv;
use Nessmark\Contract\RecipeLd;
use Nessmark\Data\Record;
use OpenApi\Attributes as OA;

final class ExportSeasoningsController
{
    #[
        OA\Get(
            path: '/seasonings/export.{format}',
            operationId: 'exportSeasonings',
            summary: 'The shop\'s own seasonings as a file: JSON, a table, or schema.org Recipes',
            parameters: [
                new OA\Parameter(
                    name: 'format',
                    in: 'path',
                    required: true,
                    schema: new OA\Schema(type: 'string', enum: ['json', 'csv', 'jsonld']),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The file',
                    content: [
                        new OA\MediaType('application/json'),
                        new OA\MediaType('text/csv'),
                        new OA\MediaType('application/ld+json'),
                    ],
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, string $format, ShopShelf $shelves): Response
    {
        /** @var User $user */
        $user = $request->user();
        $own = ShopShelf::own($user->shop);
        [$text, $type] = match ($format) {
            'csv' => [
                Csv::write(RecipeCsv::HEADER, array_merge([], ...array_map(RecipeCsv::rows(...), $own))),
                'text/csv; charset=UTF-8',
            ],
            'jsonld' => [self::json(RecipeLd::write($own, $shelves->of($user->shop))), 'application/ld+json'],
            default => [
                self::json(['seasonings' => array_map(static fn (Record $recipe): array => $recipe->toArray(), $own)]),
                'application/json',
            ],
        };

        return new Response($text, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"seasonings.{$format}\"",
        ]);
    }

    /** @param  array<string, mixed>  $data */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
