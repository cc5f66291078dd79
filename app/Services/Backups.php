<?php

declare(strict_types=1);

namespace App\Services;

use DateTimeImmutable;
use Generator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/**
 * Everything of an installation in one sealed file, and back: a consistent dump of the database and the key its secrets are kept under. It
 * is sealed as it is dumped and opened as it is brought back. Point in time from there on is the binary log's (docs/running.md).
 *
 * @phpstan-type Manifest array{made_at: string, app_key: string, shops?: int, tickets?: int, dump_sha256?: string}
 */
final readonly class Backups
{
    private const NAME = 'nessmark-%s.sealed';

    private const PATTERN = '/^nessmark-(\d{8}-\d{6})\.sealed$/';

    /** Kept: every one of so many days, the last of so many weeks and months, and the newest whatever the clock says (our choice). */
    private const DAYS = 7;

    private const WEEKS = 5;

    private const MONTHS = 12;

    private const NEWEST = 5;

    /** In a schema while it is being brought back: what stops half-way may begin again. */
    private const UNDER_WAY = 'restore_under_way';

    public function __construct(private Dump $dump, private Forgotten $forgotten) {}

    /** @return string path of the file, named by the moment in UTC */
    public function make(string $folder, string $passPhrase): string
    {
        if (! is_dir($folder) && ! mkdir($folder, 0700, true)) {
            throw new RuntimeException("The folder {$folder} cannot be made.");
        }
        self::sweep($folder);
        $path = "{$folder}/".sprintf(self::NAME, now()->utc()->format('Ymd-His'));
        $file = fopen("{$path}.part", 'xb') ?: throw new RuntimeException("{$path} cannot be written.");
        try {
            $sealed = (new Sealed($passPhrase))->writer($file);
            $sealed->push(json_encode(self::manifest(), JSON_THROW_ON_ERROR)."\n");
            $gz = deflate_init(ZLIB_ENCODING_GZIP) ?: throw new RuntimeException('zlib is missing.');
            $this->dump->read(
                DB::getDatabaseName(),
                static fn (string $sql) => $sealed->push((string) deflate_add($gz, $sql, ZLIB_NO_FLUSH)),
            );
            $sealed->push((string) deflate_add($gz, '', ZLIB_FINISH));
            $sealed->finish();
            if (! fflush($file) || ! fsync($file) || ! fclose($file)) {
                throw new RuntimeException('The disk is full: the file could not be written.');
            }
            rename("{$path}.part", $path);
        } finally {
            if (is_file("{$path}.part")) {
                unlink("{$path}.part");
            }
        }
        $this->forgotten->keepBeside($folder);
        if (Schema::hasTable('backups')) {
            // the data of a version that kept no list of them is backed up before it is brought up to date
            DB::table('backups')->insert([
                'made_at' => now(),
                'file' => basename($path),
                'bytes' => filesize($path),
                'sha256' => hash_file('sha256', $path),
            ]);
        }

        return $path;
    }

    /**
     * Why a backup is not to be built upon: the one before had more shops, or more than twice the tickets. Null where nothing speaks
     * against it.
     *
     * @return array{before: string, had: array{int, int}, has: array{int, int}}|null shops and tickets
     */
    public function suspicion(string $path, string $passPhrase): ?array
    {
        $names = self::names(dirname($path));
        $before = $names[(int) array_search(basename($path), $names, true) + 1] ?? null;
        if ($before === null) {
            return null;
        }
        try {
            $was = $this->told(dirname($path)."/{$before}", $passPhrase);
        } catch (RuntimeException) {
            return null; // of another pass phrase: nothing to compare with
        }
        $is = $this->told($path, $passPhrase);
        $had = [$was['shops'] ?? 0, $was['tickets'] ?? 0];
        $has = [$is['shops'] ?? 0, $is['tickets'] ?? 0];

        return $has[0] < $had[0] || 2 * $has[1] < $had[1] ? ['before' => $before, 'had' => $had, 'has' => $has] : null;
    }

    /**
     * What a backup says of itself, without bringing it back.
     *
     * @return Manifest
     */
    public function told(string $path, string $passPhrase): array
    {
        [$manifest, $pieces] = $this->opened($path, $passPhrase);
        unset($pieces);

        return $manifest;
    }

    /**
     * Into an empty schema, or one whose restore stopped half-way.
     *
     * @return string the key its secrets are kept under
     */
    public function bringBack(string $path, string $passPhrase): string
    {
        $isUnderWay = Schema::hasTable(self::UNDER_WAY);
        if (! $isUnderWay && Schema::hasTable('shops') && DB::table('shops')->exists()) {
            throw new RuntimeException('There is a shop here already. A backup is brought back into an empty installation.');
        }
        [$manifest, $pieces] = $this->opened($path, $passPhrase);
        $this->emptied();
        DB::statement('CREATE TABLE '.self::UNDER_WAY.' (since TIMESTAMP NOT NULL)');
        $this->dump->write(DB::getDatabaseName(), $pieces);
        DB::purge();
        if (Schema::hasTable('shops') && isset($manifest['shops']) && DB::table('shops')->count() !== $manifest['shops']) {
            throw new RuntimeException('What was brought back is not what was backed up. Run it again.');
        }
        DB::statement('DROP TABLE '.self::UNDER_WAY);

        return $manifest['app_key'];
    }

    /**
     * The newest backup brought back beside the shop, counted, and cleared away.
     *
     * @return array{shops: int, tickets: int}
     */
    public function rehearse(string $path, string $passPhrase): array
    {
        return $this->beside(function () use ($path, $passPhrase): array {
            $this->emptied();
            $this->bringBack($path, $passPhrase);
            $counts = ['shops' => DB::table('shops')->count(), 'tickets' => DB::table('tickets')->count()];
            $this->emptied();

            return $counts;
        });
    }

    /**
     * In the schema beside the shop's, where nobody works.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public function beside(callable $do): mixed
    {
        $own = config()->string('database.connections.mariadb.database');
        $to = static function (string $schema): void {
            config(['database.connections.mariadb.database' => $schema]);
            DB::purge();
        };
        $to(config()->string('database.rehearsal'));
        try {
            return $do();
        } finally {
            $to($own);
        }
    }

    /** @return string|null path of the newest there is */
    public function newest(string $folder): ?string
    {
        $name = self::names($folder)[0] ?? null;

        return $name === null ? null : "{$folder}/{$name}";
    }

    /** @return list<string> names of those that were thrown away */
    public function rotate(string $folder, DateTimeImmutable $today): array
    {
        $kept = $gone = [];
        foreach (self::names($folder) as $i => $name) {
            // the newest first: of a day, a week, a month it is the last
            preg_match(self::PATTERN, $name, $found);
            $made = DateTimeImmutable::createFromFormat('Ymd-His', $found[1] ?? '') ?: $today;
            $ageDays = (int) $made->setTime(0, 0)->diff($today->setTime(0, 0))->days;
            $slots = array_filter([
                $ageDays < self::DAYS ? $made->format('Y-m-d') : null,
                $ageDays < 7 * self::WEEKS ? $made->format('o-\WW') : null,
                $ageDays < 31 * self::MONTHS ? $made->format('Y-m') : null,
            ]);
            if ($i >= self::NEWEST && array_diff($slots, $kept) === [] && $ageDays !== 0) {
                unlink("{$folder}/{$name}");
                $gone[] = $name;
            }
            $kept = [...$kept, ...array_values($slots)];
        }

        return $gone;
    }

    /** @return Manifest */
    private static function manifest(): array
    {
        $count = static fn (string $table): int => Schema::hasTable($table) ? DB::table($table)->count() : 0;

        return [
            'made_at' => now()->toAtomString(),
            'app_key' => config()->string('app.key'),
            'shops' => $count('shops'),
            'tickets' => $count('tickets'),
        ];
    }

    /** @return array{Manifest, Generator<string>} what it says of itself, and the dump */
    private function opened(string $path, string $passPhrase): array
    {
        $file = @fopen($path, 'rb') ?: throw new RuntimeException("{$path} cannot be read.");
        $pieces = (new Sealed($passPhrase))->pieces($file);
        [$first, $rest] = explode("\n", $pieces->current(), 2);
        /** @var Manifest $manifest */
        $manifest = json_decode($first, true, flags: JSON_THROW_ON_ERROR);
        $dump = (static function () use ($pieces, $rest): Generator {
            $gz = inflate_init(ZLIB_ENCODING_GZIP) ?: throw new RuntimeException('zlib is missing.');
            yield (string) inflate_add($gz, $rest);
            for ($pieces->next(); $pieces->valid(); $pieces->next()) {
                yield (string) inflate_add($gz, $pieces->current());
            }
            if (inflate_get_status($gz) !== ZLIB_STREAM_END) {
                throw new RuntimeException('The dump in it is cut off.');
            }
        })();

        return [$manifest, $dump];
    }

    /** The schema without what is in it. */
    public function emptied(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (DB::select('SHOW FULL TABLES WHERE Table_type = \'BASE TABLE\'') as $table) {
            DB::statement('DROP TABLE `'.current((array) $table).'`');
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }

    /** What a run that was killed has left. */
    private static function sweep(string $folder): void
    {
        array_map(unlink(...), glob("{$folder}/nessmark-*.sealed.part") ?: []);
        foreach (glob(storage_path('app/backup-*'), GLOB_ONLYDIR) ?: [] as $left) {
            array_map(unlink(...), glob("{$left}/*") ?: []); // of a version that worked on a plain copy
            rmdir($left);
        }
    }

    /** @return list<string> the newest first */
    private static function names(string $folder): array
    {
        $names = array_filter(scandir($folder) ?: [], static fn (string $name): bool => preg_match(self::PATTERN, $name) === 1);
        rsort($names);

        return $names;
    }
}
