<?php

declare(strict_types=1);

namespace App\Services;

use RuntimeException;
use Throwable;

/** An archive that cannot be written or taken, and every row that is why; said to whoever runs the command. */
final class ArchiveRefused extends RuntimeException
{
    /** @param  list<string>  $rows  each by its file and row */
    private function __construct(string $message, public readonly array $rows = [])
    {
        parent::__construct($message);
    }

    /** @param  list<string>  $rows */
    public static function rows(array $rows): self
    {
        return new self('Nothing was taken.', $rows);
    }

    public static function notWritable(string $path): self
    {
        return new self("{$path} is there already, or cannot be written.");
    }

    public static function notAnArchive(string $path): self
    {
        return new self("{$path} is no archive of a shop, or of a newer form.");
    }

    public static function ofAnother(string $path): self
    {
        return new self("{$path} is the archive of another shop.");
    }

    public static function codeTaken(string $code): self
    {
        return new self("There is a shop {$code} here already. Give it another code.");
    }

    public static function refersToNothing(string $column): self
    {
        return new self("its {$column} is nowhere in the archive, or was not taken.");
    }

    public static function noWord(string $column): self
    {
        return new self("its {$column} is none of the words there are.");
    }

    public static function row(string $table, int $row, Throwable $error): string
    {
        return "tables/{$table}.jsonl, row {$row}: {$error->getMessage()}";
    }

    public static function miscounted(string $table, int $rows, int $said): string
    {
        return "tables/{$table}.jsonl has {$rows} rows, the manifest says {$said}.";
    }

    public static function stranger(string $file): string
    {
        return "{$file} has no place in this version.";
    }
}
