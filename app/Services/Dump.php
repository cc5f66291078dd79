<?php

declare(strict_types=1);

namespace App\Services;

use RuntimeException;

/** MariaDB's own dump, out of a schema and into one, as it comes: nothing of it lies in the clear on a disk. */
final readonly class Dump
{
    private const CHUNK = 1 << 16;

    /** @param  callable(string): void  $to */
    public function read(string $schema, callable $to): void
    {
        $options = ['--single-transaction', '--skip-lock-tables', '--triggers', '--hex-blob', $schema];
        [$process, $pipes] = self::run('mariadb-dump', $options);
        fclose($pipes[0]);
        try {
            while (! feof($pipes[1])) {
                $to((string) fread($pipes[1], self::CHUNK));
            }
        } finally {
            self::end('mariadb-dump', $process, $pipes);
        }
    }

    /** @param  iterable<string>  $pieces */
    public function write(string $schema, iterable $pieces): void
    {
        [$process, $pipes] = self::run('mariadb', [$schema]);
        try {
            foreach ($pieces as $piece) {
                for ($at = 0; $at < strlen($piece); $at += $count) {
                    $count = @fwrite($pipes[0], substr($piece, $at, self::CHUNK));
                    if ($count === false || $count === 0) {
                        break 2; // it has stopped: why is said below
                    }
                }
            }
            fclose($pipes[0]);
        } finally {
            self::end('mariadb', $process, $pipes);
        }
    }

    /**
     * @param  list<string>  $options
     * @return array{resource, array<int, resource>}
     */
    private static function run(string $program, array $options): array
    {
        $of = static fn (string $key): string => is_scalar($value = config("database.connections.mariadb.{$key}")) ? (string) $value : '';
        $process = proc_open(
            [$program, '--no-defaults', "--host={$of('host')}", "--port={$of('port')}", "--user={$of('username')}", ...$options],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            null,
            // what stands in arguments everybody sees; the environment of a process only its own user does
            [...getenv(), 'MYSQL_PWD' => $of('password')],
        );

        return $process === false ? throw new RuntimeException("{$program} cannot be run.") : [$process, $pipes];
    }

    /**
     * @param  resource  $process
     * @param  array<int, resource>  $pipes
     */
    private static function end(string $program, $process, array $pipes): void
    {
        if (is_resource($pipes[0])) {
            fclose($pipes[0]);
        }
        stream_get_contents($pipes[1]);
        $said = (string) stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new RuntimeException("{$program}: ".trim($said));
        }
    }
}
