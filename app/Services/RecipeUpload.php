<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Http\Request;
use Nessmark\Contract\RecipeCsv;
use Nessmark\Contract\RecipeLd;
use Nessmark\Errors\InputRefused;
use Nessmark\Seasoning\Shelf;

/** A file of seasonings as it was sent, JSON, JSON-LD or CSV, in the form the core reads. */
final class RecipeUpload
{
    /**
     * @return list<mixed>
     *
     * @throws InputRefused if it is none of them
     */
    public static function decoded(Request $request, Shelf $shelf): array
    {
        if (str_starts_with($request->headers->get('Content-Type') ?? '', 'text/csv')) {
            return RecipeCsv::recipes(Csv::read($request->getContent(), RecipeCsv::HEADER));
        }
        $data = json_decode($request->getContent(), true);
        $recipes = is_array($data) && isset($data['seasonings']) ? $data['seasonings'] : null;

        return match (true) {
            is_array($recipes) && array_is_list($recipes) => $recipes,
            is_array($data) => RecipeLd::read($data, $shelf),
            default => throw InputRefused::one('file', 'wrong_type', null, 'seasoning_file'),
        };
    }
}
