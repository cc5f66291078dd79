<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Http\Request;
use Nessmark\Contract\CutCsv;
use Nessmark\Errors\InputRefused;

/** A catalogue file as it was sent, JSON or CSV, in the form the core reads. */
final class CatalogueUpload
{
    /**
     * @return array{mixed, int} what is in it, and how it counts its first cut
     *
     * @throws InputRefused if it is neither
     */
    public static function decoded(Request $request): array
    {
        if (str_starts_with($request->headers->get('Content-Type') ?? '', 'text/csv')) {
            return [['cuts' => array_map(CutCsv::cut(...), Csv::read($request->getContent(), CutCsv::header()))], 2];
        }
        $data = json_decode($request->getContent(), true);
        if (! is_array($data)) {
            throw InputRefused::one('file', 'wrong_type', null, 'catalogue_file');
        }

        return [$data, 1];
    }
}
