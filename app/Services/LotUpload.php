<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Http\Request;
use Nessmark\Contract\LotCsv;
use Nessmark\Contract\LotReader;
use Nessmark\Errors\InputRefused;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** Lots from a file, JSON or CSV, each read by the core; what is wrong is listed by row. */
final readonly class LotUpload
{
    public const MOST_ROWS = 20_000;

    /**
     * @param  list<Lot>  $lots
     * @param  list<array{row: int, key: string, message: string}>  $refused  as the file counts them: the header of a table is row 1,
     *     the first of a list is 1
     */
    private function __construct(public array $lots, public array $refused) {}

    /** @throws InputRefused if the file as a whole is no table of lots */
    public static function of(Request $request, LotReader $reader): self
    {
        $lots = $refused = $seen = [];
        foreach (self::rows($request) as $number => $row) {
            if ($row instanceof Phrase) {
                $refused[] = ['row' => $number, 'key' => 'row', 'message' => app(Wording::class)->text('say', $row->key, $row->args)];

                continue;
            }
            try {
                $lot = $reader->read($row);
                if (isset($seen[$lot->number])) {
                    throw InputRefused::one('number', 'conflict', $lot->number, 'not_of_row', ['row' => $seen[$lot->number]]);
                }
                $seen[$lot->number] = $number;
                $lots[] = $lot;
            } catch (InputRefused $error) {
                foreach ($error->violations as $violation) {
                    $refused[] = [
                        'row' => $number,
                        'key' => $violation->key,
                        'message' => app(Refusals::class)->message($violation, Units::Metric),
                    ];
                }
            }
        }

        return new self($lots, $refused);
    }

    /** @return array<int, array<string, mixed>|Phrase> a lot, or why the line is none, by row */
    private static function rows(Request $request): array
    {
        if (str_starts_with($request->headers->get('Content-Type') ?? '', 'text/csv')) {
            return array_map(
                static fn (array|Phrase $row): array|Phrase => $row instanceof Phrase ? $row : LotCsv::lot($row),
                Csv::lines($request->getContent(), LotCsv::HEADER, self::MOST_ROWS),
            );
        }
        $data = json_decode($request->getContent(), true);
        $lots = is_array($data) ? $data['lots'] ?? null : null;
        if (! is_array($lots) || ! array_is_list($lots) || count($lots) > self::MOST_ROWS) {
            throw InputRefused::one('lots', 'wrong_type', null, 'lots', ['max' => self::MOST_ROWS]);
        }

        $rows = [];
        foreach ($lots as $i => $lot) {
            $rows[$i + 1] = is_array($lot) ? $lot : new Phrase('error.lot_object');
        }

        return $rows;
    }
}
