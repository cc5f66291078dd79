<?php

declare(strict_types=1);

namespace App\Services;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Everything of an installation in one sealed file, and back: a consistent dump of the database and the key its secrets are kept under.
 * The dump is MariaDB's own; point in time from there on is its binary log's (docs/running.md).
 */
final readonly class Backups
{
    private const NAME = 'nessmark-%s.sealed';

    private const PATTERN = '/^nessmark-(\d{8}-\d{6})\.sealed$/';

    /** Kept: every one of so many days, the last of so many weeks and months (our choice). */
    private const DAYS = 7;

    private const WEEKS = 5;

    private const MONTHS = 12;

    private const LONGEST_S = 3600.0;

    /** What lives for a while and need not come back. */
    private const NOT_KEPT = ['sessions'];

    /** @return string path of the file */
    public function make(string $folder, string $passPhrase): string
    {
        if (! is_dir($folder) && ! mkdir($folder, 0700, true)) {
            throw new RuntimeException("The folder {$folder} cannot be made.");
        }
        $path = "{$folder}/".sprintf(self::NAME, now()->utc()->format('Ymd-His'));
        $work = self::workFolder();
        try {
            $this->dump("{$work}/dump.sql");
            $plain = fopen("{$work}/plain", 'w+b') ?: throw new RuntimeException('No room to work in.');
            fwrite(
                $plain,
                json_encode(
                    [
                        'made_at' => now()->toAtomString(),
                        'dump_sha256' => hash_file('sha256', "{$work}/dump.sql"),
                        'app_key' => config()->string('app.key'),
                    ],
                    JSON_THROW_ON_ERROR,
                )."\n",
            );
            $dump = fopen("{$work}/dump.sql", 'rb') ?: throw new RuntimeException('The dump is gone.');
            stream_filter_append($plain, 'zlib.deflate', STREAM_FILTER_WRITE, ['window' => 15 + 16]);
            stream_copy_to_stream($dump, $plain);
            fclose($plain);
            $plain = fopen("{$work}/plain", 'rb') ?: throw new RuntimeException('The dump is gone.');
            $sealed = fopen("{$path}.part", 'xb') ?: throw new RuntimeException("{$path} cannot be written.");
            (new Sealed($passPhrase))->seal($plain, $sealed);
            fflush($sealed);
            fclose($sealed);
            rename("{$path}.part", $path);
        } finally {
            array_map(unlink(...), glob("{$work}/*") ?: []);
            rmdir($work);
            if (is_file("{$path}.part")) {
                unlink("{$path}.part");
            }
        }
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
     * Into an empty installation only.
     *
     * @return string the key its secrets are kept under
     */
    public function bringBack(string $path, string $passPhrase): string
    {
        if (DB::select("SHOW TABLES LIKE 'shops'") !== [] && DB::table('shops')->exists()) {
            throw new RuntimeException('There is a shop here already. A backup is brought back into an empty installation.');
        }
        $work = self::workFolder();
        try {
            $sealed = fopen($path, 'rb') ?: throw new RuntimeException("{$path} cannot be read.");
            $plain = fopen("{$work}/plain", 'w+b') ?: throw new RuntimeException('No room to work in.');
            (new Sealed($passPhrase))->open($sealed, $plain);
            rewind($plain);
            /** @var array{dump_sha256: string, app_key: string} $manifest */
            $manifest = json_decode((string) fgets($plain), true, flags: JSON_THROW_ON_ERROR);
            $dump = fopen("{$work}/dump.sql", 'wb') ?: throw new RuntimeException('No room to work in.');
            $gz = inflate_init(ZLIB_ENCODING_GZIP) ?: throw new RuntimeException('zlib is missing.');
            while (! feof($plain)) {
                fwrite($dump, (string) inflate_add($gz, (string) fread($plain, 1 << 16)));
            }
            fclose($dump);
            if (hash_file('sha256', "{$work}/dump.sql") !== $manifest['dump_sha256']) {
                throw new RuntimeException('The dump in it is not the one that was made.');
            }
            DB::statement('SET FOREIGN_KEY_CHECKS = 0');
            foreach (DB::select('SHOW FULL TABLES WHERE Table_type = \'BASE TABLE\'') as $table) {
                DB::statement('DROP TABLE `'.current((array) $table).'`');
            }
            $this->client('mariadb', [], "{$work}/dump.sql", null);
        } finally {
            array_map(unlink(...), glob("{$work}/*") ?: []);
            rmdir($work);
        }

        return $manifest['app_key'];
    }

    /** @return list<string> names of those that were thrown away */
    public function rotate(string $folder, DateTimeImmutable $today): array
    {
        $kept = $gone = [];
        $names = array_values(
            array_filter(scandir($folder) ?: [], static fn (string $name): bool => preg_match(self::PATTERN, $name) === 1),
        );
        rsort($names); // the newest first: of a day, a week, a month it is the last
        foreach ($names as $name) {
            preg_match(self::PATTERN, $name, $found);
            $made = DateTimeImmutable::createFromFormat('Ymd-His', $found[1] ?? '') ?: $today;
            $ageDays = (int) $made->setTime(0, 0)->diff($today->setTime(0, 0))->days;
            $slots = array_filter([
                $ageDays < self::DAYS ? $made->format('Y-m-d') : null,
                $ageDays < 7 * self::WEEKS ? $made->format('o-\WW') : null,
                $ageDays < 31 * self::MONTHS ? $made->format('Y-m') : null,
            ]);
            if (array_diff($slots, $kept) === [] && ! ($ageDays === 0)) {
                unlink("{$folder}/{$name}");
                $gone[] = $name;
            }
            $kept = [...$kept, ...array_values($slots)];
        }

        return $gone;
    }

    private function dump(string $to): void
    {
        $skip = array_map(fn (string $table): string => "--ignore-table-data={$this->database()}.{$table}", self::NOT_KEPT);
        $this->client('mariadb-dump', ['--single-transaction', '--skip-lock-tables', '--triggers', '--hex-blob', ...$skip], null, $to);
    }

    /** @param  list<string>  $options  the password goes by a file of its own: what stands in arguments everybody sees */
    private function client(string $program, array $options, ?string $from, ?string $to): void
    {
        $own = tempnam(sys_get_temp_dir(), 'nessmark') ?: throw new RuntimeException('No room to work in.');
        chmod($own, 0600);
        file_put_contents(
            $own,
            sprintf(
                "[client]\nhost=%s\nport=%s\nuser=%s\npassword=\"%s\"\n",
                self::text('host'),
                self::text('port'),
                self::text('username'),
                addcslashes(self::text('password'), '"\\'),
            ),
        );
        try {
            $process = new Process([$program, "--defaults-file={$own}", ...$options, $this->database()], timeout: self::LONGEST_S);
            if ($from !== null) {
                $process->setInput(fopen($from, 'rb') ?: throw new RuntimeException('The dump is gone.'));
            }
            $out = $to === null ? null : (fopen($to, 'wb') ?: throw new RuntimeException('No room to work in.'));
            $process->run(static function (string $kind, string $data) use ($out): void {
                if ($kind === Process::OUT && $out !== null && fwrite($out, $data) !== strlen($data)) {
                    throw new RuntimeException('The disk is full: the dump could not be written.');
                }
            });
            if (! $process->isSuccessful()) {
                throw new RuntimeException("{$program}: ".trim($process->getErrorOutput()));
            }
        } finally {
            unlink($own);
        }
    }

    private function database(): string
    {
        return self::text('database');
    }

    private static function text(string $key): string
    {
        $value = config('database.connections.mariadb.'.$key);

        return is_scalar($value) ? (string) $value : '';
    }

    private static function workFolder(): string
    {
        $folder = storage_path('app/backup-'.bin2hex(random_bytes(6)));
        mkdir($folder, 0700, true);

        return $folder;
    }
}
