<?php

declare(strict_types=1);

namespace App\Console\Commands;

use RuntimeException;

/** The pass phrase of backups: from the file NESSMARK_BACKUP_KEY_FILE names, or from NESSMARK_BACKUP_KEY. */
trait ReadsPassPhrase
{
    private const SHORTEST = 16;

    private function passPhrase(): string
    {
        $file = config('nessmark.backup_key_file');
        $phrase = is_string($file) && $file !== '' ? trim((string) @file_get_contents($file)) : config('nessmark.backup_key');

        return is_string($phrase) && strlen($phrase) >= self::SHORTEST
            ? $phrase
            : throw new RuntimeException(
                'There is no pass phrase of 16 letters or more: put one into a file and name it in NESSMARK_BACKUP_KEY_FILE.',
            );
    }
}
