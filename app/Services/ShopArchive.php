<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\BenchState;
use App\Models\MoveKind;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Ticket;
use DateTimeImmutable;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Nessmark\Contract\ICalendar;
use Nessmark\Contract\LotCsv;
use Nessmark\Data\Engine;
use Nessmark\Meat\Rearing;
use Nessmark\Safety\Level;
use Nessmark\Safety\Profile;
use Nessmark\Stock\Packed;
use RuntimeException;
use Throwable;
use ZipArchive;

/**
 * A whole shop as one archive of open formats, and back into any installation: a line of JSON a row, a file a table, in the order in which
 * they refer to each other (docs/archive.md). Numbers of rows are the installation's own and are given anew; everything else stays.
 */
final readonly class ShopArchive
{
    public const FORMAT = 1;

    /** Rows that hold an answer for a minute, or a page for a day, are nobody's property. */
    private const LEFT_OUT = ['once_keys', 'answers', 'sessions', 'backups', 'migrations'];

    /** The day book refers to nothing, so that it outlives what it speaks of; moved, its numbers still have to fit. */
    private const LOOSE = ['day_book' => ['shop_id' => 'shops', 'user_id' => 'users']];

    /** Columns that hold one of a few words. */
    private const WORDS = [
        'shops' => ['safety_profile' => Profile::class, 'language' => Language::class, 'units' => Units::class],
        'users' => ['role' => Role::class],
        'customers' => ['language' => Language::class],
        'tickets' => ['language' => Language::class, 'units' => Units::class],
        'ticket_dishes' => ['verdict' => Level::class],
        'bench_orders' => ['state' => BenchState::class],
        'lots' => ['packed' => Packed::class, 'rearing' => Rearing::class],
        'lot_moves' => ['kind' => MoveKind::class],
    ];

    /** Kept under this installation's key; in the archive as they are. */
    private const SEALED = ['card_links' => ['token']];

    /** PDFs are written to the file after so many: what stops in between begins no earlier. */
    private const CARDS_AT_ONCE = 50;

    public function __construct(private Stock $stock) {}

    /**
     * @param  callable(string, int): void  $tell  a table and how many rows of it
     * @return array<string, int> rows by table
     */
    public function write(Shop $shop, string $path, callable $tell): array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw ArchiveRefused::notWritable($path);
        }
        $counts = $ids = [];
        DB::transaction(function () use ($shop, $zip, $tell, &$counts, &$ids): void {
            foreach (self::tables() as $table => $refers) {
                [$lines, $ids[$table]] = $this->lines($shop, $table, $refers, $ids);
                if ($lines !== []) {
                    $zip->addFromString("tables/{$table}.jsonl", implode("\n", $lines)."\n");
                }
                $counts[$table] = count($lines);
                $tell($table, count($lines));
            }
        });
        $zip->addFromString('case.csv', Csv::write(LotCsv::HEADER, array_map(LotCsv::cells(...), $this->stock->table($shop))));
        $zip->addFromString('calendar.ics', $this->calendar($shop));
        $zip->addFromString(
            'manifest.json',
            json_encode(
                [
                    'format' => self::FORMAT,
                    'made_at' => now()->toAtomString(),
                    'engine_version' => Engine::VERSION,
                    'shop' => $shop->code,
                    'rows' => $counts,
                ],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
            )."\n",
        );
        $zip->close();
        chmod($path, 0600);

        return $counts;
    }

    /**
     * Adds the cards that are not in it yet: what was stopped goes on where it was.
     *
     * @param  callable(Ticket): string  $card  PDF of a ticket
     * @param  callable(int, int): void  $tell  so many of so many are in it
     *
     * @throws ArchiveRefused if it is no archive of this shop
     */
    public function addCards(Shop $shop, string $path, callable $card, callable $tell): void
    {
        $zip = self::opened($path, 0);
        if (self::manifest($zip, $path)['shop'] !== $shop->code) {
            throw ArchiveRefused::ofAnother($path);
        }
        $tickets = Ticket::query()->where('shop_id', $shop->id)->orderBy('number')->pluck('id', 'number')->all();
        $missing = array_filter(
            $tickets,
            static fn (int|string $number): bool => $zip->locateName("cards/{$number}.pdf") === false,
            ARRAY_FILTER_USE_KEY,
        );
        $done = count($tickets) - count($missing);
        foreach (array_chunk($missing, self::CARDS_AT_ONCE, true) as $some) {
            foreach (Ticket::query()->with(Ticket::SHOWN)->whereIn('id', $some)->get() as $ticket) {
                $zip->addFromString("cards/{$ticket->number}.pdf", $card($ticket));
            }
            $zip->close(); // writes them: no more than these are ever held
            $zip = self::opened($path, 0);
            $done += count($some);
            $tell($done, count($tickets));
        }
        $zip->close();
    }

    /**
     * All of it, or nothing.
     *
     * @param  callable(string, int): void  $tell
     *
     * @throws ArchiveRefused naming every file and row that cannot be taken
     */
    public function read(string $path, ?string $code, callable $tell): Shop
    {
        $zip = self::opened($path, ZipArchive::RDONLY);
        $manifest = self::manifest($zip, $path);
        $code ??= $manifest['shop'];
        if (Shop::query()->where('code', $code)->exists()) {
            throw ArchiveRefused::codeTaken($code);
        }

        return DB::transaction(function () use ($zip, $manifest, $code, $tell): Shop {
            $map = [];
            $wrong = self::strangers($zip);
            foreach (self::tables() as $table => $refers) {
                $text = $zip->getFromName("tables/{$table}.jsonl");
                $lines = $text === false ? [] : explode("\n", rtrim($text, "\n"));
                $said = $manifest['rows'][$table] ?? 0;
                if (count($lines) !== $said) {
                    $wrong[] = ArchiveRefused::miscounted($table, count($lines), $said);
                }
                foreach ($lines as $number => $line) {
                    try {
                        $row = (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR);
                        $row = $table === 'shops' ? [...$row, 'code' => $code] : $row;
                        $this->take($table, $refers, $row, $map);
                    } catch (Throwable $error) {
                        $wrong[] = ArchiveRefused::row($table, $number + 1, $error);
                    }
                }
                $tell($table, count($lines));
            }
            if ($wrong !== []) {
                throw ArchiveRefused::rows($wrong);
            }

            return Shop::query()->where('code', $code)->firstOrFail();
        });
    }

    private static function opened(string $path, int $flags): ZipArchive
    {
        $zip = new ZipArchive();

        return $zip->open($path, $flags) === true ? $zip : throw ArchiveRefused::notAnArchive($path);
    }

    /** @return array{shop: string, rows: array<string, int>} */
    private static function manifest(ZipArchive $zip, string $path): array
    {
        /** @var array{format?: int, shop?: string, rows?: array<string, int>} $manifest */
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true) ?: [];

        return ($manifest['format'] ?? null) === self::FORMAT
            ? ['shop' => $manifest['shop'] ?? '', 'rows' => $manifest['rows'] ?? []]
            : throw ArchiveRefused::notAnArchive($path);
    }

    /** @return list<string> what is in it and has no place here: from a newer version, or put there by somebody */
    private static function strangers(ZipArchive $zip): array
    {
        $known = array_map(static fn (string $table): string => "tables/{$table}.jsonl", array_keys(self::tables()));
        $wrong = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (str_starts_with($name, 'tables/') && ! in_array($name, $known, true)) {
                $wrong[] = ArchiveRefused::stranger($name);
            }
        }

        return $wrong;
    }

    /** What is eaten when, of every ticket that still stands. */
    private function calendar(Shop $shop): string
    {
        $events = [];
        $tickets = Ticket::query()
            ->with('dishes')
            ->where('shop_id', $shop->id)
            ->whereNull('taken_back_at')
            ->whereDoesntHave('replacedBy')
            ->orderBy('number');
        foreach ($tickets->lazy() as $ticket) {
            $hour = $ticket->dishes->first()->ask['eat_at'] ?? null;
            if (is_string($hour)) {
                $at = new DateTimeImmutable($hour);
                $says = "{$ticket->number}: ".$ticket->dishes->pluck('cut_name')->implode(', ');
                $events[] = ['uid' => "{$ticket->id}@nessmark", 'from' => $at, 'to' => $at, 'says' => $says];
            }
        }

        return ICalendar::of($shop->name, $events, $shop->now());
    }

    /**
     * @param  array<string, string>  $refers
     * @param  array<string, array<int|string, true>>  $ids  of the rows before
     * @return array{list<string>, array<int|string, true>}
     */
    private function lines(Shop $shop, string $table, array $refers, array $ids): array
    {
        $columns = array_column(DB::select("SHOW COLUMNS FROM `{$table}`"), 'Field');
        $query = DB::table($table);
        if ($table === 'shops') {
            $query->where('id', $shop->id);
        } elseif (in_array('shop_id', $columns, true)) {
            $query->where('shop_id', $shop->id);
        }
        $isOwn = $table === 'shops' || in_array('shop_id', $columns, true);
        $lines = $own = [];
        foreach ($query->orderBy($columns[0])->cursor() as $row) {
            $row = (array) $row;
            if (! $isOwn && ! self::belongs($row, $refers, $ids)) {
                continue;
            }
            foreach (self::SEALED[$table] ?? [] as $column) {
                $row[$column] = Crypt::decryptString((string) $row[$column]);
            }
            $lines[] = json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
            if (isset($row['id'])) {
                $own[$row['id']] = true;
            }
        }

        return [$lines, $own];
    }

    /**
     * A row is the shop's when whatever it refers to is.
     *
     * @param  array<string, mixed>  $row
     * @param  array<string, string>  $refers
     * @param  array<string, array<int|string, true>>  $ids
     */
    private static function belongs(array $row, array $refers, array $ids): bool
    {
        $named = array_filter($refers, static fn (string $column): bool => ($row[$column] ?? null) !== null, ARRAY_FILTER_USE_KEY);
        foreach ($named as $column => $table) {
            $id = $row[$column];
            if ((! is_int($id) && ! is_string($id)) || ! isset($ids[$table][$id])) {
                return false;
            }
        }

        return $named !== [];
    }

    /**
     * @param  array<string, string>  $refers
     * @param  array<string, mixed>  $row
     * @param  array<string, array<int|string, int|string>>  $map  new numbers by the old, by table
     */
    private function take(string $table, array $refers, array $row, array &$map): void
    {
        foreach ($refers as $column => $other) {
            $old = $row[$column] ?? null;
            if (is_int($old) || is_string($old)) {
                $row[$column] = $map[$other][$old] ?? throw ArchiveRefused::refersToNothing($column);
            }
        }
        foreach (self::WORDS[$table] ?? [] as $column => $words) {
            $word = $row[$column] ?? null;
            if ($word !== null && (! is_string($word) || $words::tryFrom($word) === null)) {
                throw ArchiveRefused::noWord($column);
            }
        }
        foreach (self::SEALED[$table] ?? [] as $column) {
            $row[$column] = Crypt::encryptString(is_string($row[$column]) ? $row[$column] : '');
        }
        $old = $row['id'] ?? null;
        if (is_int($old)) {
            $map[$table][$old] = DB::table($table)->insertGetId(array_diff_key($row, ['id' => 0]));

            return;
        }
        DB::table($table)->insert($row);
        if (is_string($old)) {
            $map[$table][$old] = $old;
        }
    }

    /** @return array<string, array<string, string>> what each table refers to, by column; none before what it refers to */
    private static function tables(): array
    {
        $refers = [];
        foreach (DB::select("SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'") as $row) {
            $refers[(string) current((array) $row)] = [];
        }
        foreach (
            DB::select(
                'SELECT TABLE_NAME t, COLUMN_NAME c, REFERENCED_TABLE_NAME r FROM information_schema.KEY_COLUMN_USAGE '.
                    'WHERE TABLE_SCHEMA = DATABASE() AND REFERENCED_TABLE_NAME IS NOT NULL ORDER BY 1, ORDINAL_POSITION, 2',
            ) as $key
        ) {
            /** @var object{t: string, c: string, r: string} $key */
            $refers[$key->t][$key->c] = $key->r;
        }
        $refers = array_diff_key([...$refers, ...self::LOOSE], array_flip(self::LEFT_OUT));
        $sorted = [];
        while ($refers !== []) {
            $free = array_filter(
                $refers,
                static fn (array $to, string $table): bool => array_diff($to, [$table], array_keys($sorted)) === [],
                ARRAY_FILTER_USE_BOTH,
            );
            if ($free === []) {
                throw new RuntimeException('Tables refer to each other in a ring: '.implode(', ', array_keys($refers)).'.');
            }
            ksort($free);
            $sorted = [...$sorted, ...$free];
            $refers = array_diff_key($refers, $free);
        }

        return $sorted;
    }
}
