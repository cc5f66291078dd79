<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Services\Csv;
use App\Services\House;
use App\Services\LotUpload;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Nessmark\Advice\TicketAssembly;
use Nessmark\AskLine\Chip;
use Nessmark\AskLine\ChipKind;
use Nessmark\AskLine\Line;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Diets;
use Nessmark\Contract\AskReader;
use Nessmark\Contract\CounterDesk;
use Nessmark\Contract\EatersReader;
use Nessmark\Contract\Fields;
use Nessmark\Contract\HouseReader;
use Nessmark\Contract\Json;
use Nessmark\Contract\LotCsv;
use Nessmark\Contract\LotReader;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Eater;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Stock\Lot;

final class AdviseCommand extends Command
{
    use ReadsJson;

    private const MOST_ROWS = 20_000;

    protected $signature = 'nessmark:advise
        {--line= : the ask as people say it, instead of JSON}
        {--anyway : go on though something said was not understood}
        {--case= : today\'s stock from a file, JSON or CSV, instead of the shop\'s own; no database is needed then}
        {--house= : how the shop does it, a JSON file in the form of PUT /house}
        {--now= : the moment it is asked at, ISO 8601 with its offset; without it the clock tells}
        {--profile= : whose published rules, us, uk or eu; an ask\'s own can only tighten them}
        {--choose=1 : which match the ticket is for}';

    protected $description =
        'Compute the ticket for an ask, JSON on standard input and output; '.
        'an ask without a cut, or with a line or a case, is matched first';

    public function handle(AskReader $reader, TicketAssembly $tickets, CounterDesk $desk, Catalogue $catalogue): int
    {
        return $this->answer(function () use ($reader, $tickets, $desk, $catalogue): array {
            $line = $this->option('line');
            $now = $this->now();
            $read = is_string($line) ? $desk->read($line, $now, $catalogue) : null;
            $this->refuseUnread($read);
            $data = $read === null ? $this->readJson() : $read->wish;
            if (
                is_array($data) &&
                ! isset($data['now']) &&
                (isset($data['eat_at']) || ! isset($data['cut']) || is_string($line) || $this->option('case') !== null)
            ) {
                $data['now'] = $now->format(DATE_ATOM);
            }
            if (is_array($data) && (is_string($line) || $this->option('case') !== null || ! array_key_exists('cut', $data))) {
                $at = ['now' => $data['now'] ?? null];
                $wishes = $read === null ? [$data] : array_map(static fn (array $wish): array => [...$wish, ...$at], $read->dishes);
                $stock = $this->stock($catalogue, $this->house());
                $answers = array_map(
                    fn (array $wish, int $i): array => $this->matched($wish, $desk, $reader, $tickets, $stock, $i === 0),
                    $wishes,
                    array_keys($wishes),
                );

                return [...$read === null ? [] : self::heard($read), ...$answers[0]['answer'], 'dishes' => array_column($answers, 'dish')];
            }

            $ticket = $tickets->advise($reader->read($data, $this->house() ?? new HouseRules()));

            // The cut was chosen already: it is the one match.
            return [
                'matches' => [
                    [
                        'cut' => $ticket->cut->slug,
                        'lot' => null,
                        'method' => $ticket->method,
                        'verdict' => $ticket->verdict->level->value,
                    ],
                ],
                'ticket' => Json::of($ticket),
                'dishes' => [
                    ['eaters' => $this->eaters($data), 'match' => null, 'ticket' => Json::of($ticket)],
                ],
            ];
        });
    }

    /**
     * Who eats a dish, with each allergen by its own word.
     *
     * @param  mixed  $asked  an ask or a wish
     * @return list<array<string, mixed>>
     */
    private function eaters(mixed $asked): array
    {
        $read = EatersReader::of($asked, app(DonenessTable::class), app(Diets::class));

        return array_map(
            static fn (Eater $eater): array => [
                ...array_intersect_key(Json::of($eater), array_flip(['count', 'at_risk', 'child', 'under_one', 'doneness'])),
                'avoid' => app(Avoidance::class)->slugs($eater->avoid),
                'diets' => $eater->diets,
            ],
            $read->groups,
        );
    }

    /**
     * Nothing that was said is passed over, unless it is asked for so.
     *
     * @throws InputRefused naming the words that were not understood
     */
    private function refuseUnread(?Line $read): void
    {
        $held = array_filter($read?->open() ?? [], static fn (Chip $chip): bool => $chip->kind === ChipKind::Unknown);
        if ($held !== [] && $this->option('anyway') !== true) {
            $words = implode(', ', array_map(static fn (Chip $chip): string => $chip->text, $held));
            throw InputRefused::one('--line', 'not_allowed', $words, 'read_or_anyway');
        }
    }

    /** @return array<string, mixed> */
    private static function heard(Line $read): array
    {
        return [
            'read' => $read->dishes,
            'unread' => array_map(static fn (Chip $chip): array => $chip->toArray(), $read->open()),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $wish
     * @param  array{list<Lot>, Catalogue, HouseRules, string}  $stock
     * @param  bool  $isChosen  whether --choose speaks of it
     * @return array{answer: array<string, mixed>, dish: array<string, mixed>}
     */
    private function matched(
        array $wish,
        CounterDesk $desk,
        AskReader $reader,
        TicketAssembly $tickets,
        array $stock,
        bool $isChosen,
    ): array {
        [$lots, $catalogue, $house, $currency] = $stock;
        /** @var array{matches: list<array{ask: array<string, mixed>, lot: array{number: string}}>} $answer */
        $answer = $desk->match($wish, $lots, $catalogue, $house);
        $choose = $isChosen ? $this->option('choose') : '1';
        $chosen =
            $answer['matches'] === []
                ? null
                : $answer['matches'][(int) $choose - 1] ??
                    throw InputRefused::one('--choose', 'out_of_range', $choose, 'range', [
                        'min' => 1,
                        'max' => count($answer['matches']),
                    ]);
        $lot =
            $chosen === null
                ? null
                : array_values(array_filter($lots, static fn (Lot $lot): bool => $lot->number === $chosen['lot']['number']))[0] ?? null;

        $ticket = $chosen === null ? null : Json::of($tickets->advise($reader->read($chosen['ask'], $house, $catalogue, $lot), $currency));

        return [
            'answer' => [...$answer, 'ticket' => $ticket],
            'dish' => [
                'eaters' => $this->eaters($wish),
                'match' => $chosen,
                'ticket' => $ticket,
            ],
        ];
    }

    /** @throws InputRefused if it is no moment */
    private function now(): DateTimeImmutable
    {
        if (! is_string($this->option('now'))) {
            return now()->toDateTimeImmutable();
        }
        $in = Fields::of(['--now' => $this->option('now')]);
        $now = $in->moment('--now');
        $in->refuseIfWrong();

        return $now ?? throw InputRefused::one('--now', 'wrong_type', '', 'moment');
    }

    /**
     * As the options say; null where they say nothing.
     *
     * @throws InputRefused if the file is no house, or both say whose rules hold
     */
    private function house(): ?HouseRules
    {
        [$file, $profile] = [$this->option('house'), $this->option('profile')];
        if (is_string($file) && is_string($profile)) {
            throw InputRefused::one('--profile', 'conflict', $profile, 'left_out');
        }
        if (is_string($file)) {
            $text = is_file($file)
                ? (string) file_get_contents($file)
                : throw InputRefused::one('--house', 'not_allowed', $file, 'file');

            return app(HouseReader::class)->read(json_decode($text, true));
        }

        return is_string($profile) ? app(HouseReader::class)->read(['profile' => $profile]) : null;
    }

    /**
     * From the file, or the shop's own; without a database from nothing, which is said.
     *
     * @return array{list<Lot>, Catalogue, HouseRules, string}
     */
    private function stock(Catalogue $shipped, ?HouseRules $given): array
    {
        $file = $this->option('case');
        if (is_string($file)) {
            return [$this->lots($file, new LotReader($shipped, app(GradeTable::class))), $shipped, $given ?? new HouseRules(), 'EUR'];
        }
        try {
            $shop = Shop::query()->first();
        } catch (QueryException) {
            $this->getOutput()->getErrorStyle()->writeln(
                'No --case was given and the shop\'s own could not be read: who eats is told, and nothing is matched.',
            );

            return [[], $shipped, $given ?? new HouseRules(), 'EUR'];
        }
        $shop ?? throw InputRefused::one('--case', 'missing', null, 'file');
        $catalogue = app(ShopCatalogue::class)->of($shop);

        return [app(Stock::class)->of($shop, $catalogue), $catalogue, $given ?? app(House::class)->rules($shop), $shop->currency];
    }

    /**
     * @return list<Lot>
     *
     * @throws InputRefused naming the row and the key
     */
    private function lots(string $file, LotReader $reader): array
    {
        $text = is_file($file) ? (string) file_get_contents($file) : throw InputRefused::one('--case', 'not_allowed', $file, 'file');
        $data = json_decode($text, true);
        $rows = is_array($data)
            ? $data['lots'] ?? $data
            : array_map(static fn (array $row): array => LotCsv::lot($row), Csv::read($text, LotCsv::HEADER));
        if (! is_array($rows) || count($rows) > self::MOST_ROWS) {
            throw InputRefused::one('--case', 'wrong_type', $file, 'lots', ['max' => LotUpload::MOST_ROWS]);
        }

        return array_map(
            static function (mixed $row, int $i) use ($reader): Lot {
                try {
                    return $reader->read($row);
                } catch (InputRefused $refused) {
                    $first = $refused->violations[0];
                    throw InputRefused::because([$first->under('row '.($i + 1))]);
                }
            },
            array_values($rows),
            array_keys(array_values($rows)),
        );
    }
}
