<?php

declare(strict_types=1);

namespace App\Services;

use LogicException;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Everything of the data folder, and what is made of it, as one PHP file: compiled PHP stays in memory, so that a request reads and parses
 * nothing. It knows how old the folder was; a folder that was changed since is read itself.
 */
final class KeptData
{
    private function __construct() {}

    public static function file(): string
    {
        return storage_path('framework/data.php');
    }

    /** @param  array<string, array<array-key, mixed>>  $made  of the files, by name */
    public static function write(string $file, string $folder, array $made): void
    {
        $data = $made;
        foreach (self::files($folder) as $name) {
            $data[$name] = json_decode((string) file_get_contents("{$folder}/{$name}"), true, flags: JSON_THROW_ON_ERROR);
        }
        $php = '<?php return '.var_export(['made_of' => self::age($folder), 'data' => $data], true).";\n";
        if (file_put_contents("{$file}.part", $php) === false || ! rename("{$file}.part", $file)) {
            throw new LogicException("{$file} cannot be written.");
        }
    }

    /** @return array<string, array<array-key, mixed>> by name; empty where there is none of this folder as it is */
    public static function read(string $file, string $folder): array
    {
        /** @var array{made_of: string, data: array<string, array<array-key, mixed>>}|null $kept */
        $kept = is_file($file) ? require $file : null;

        return $kept !== null && $kept['made_of'] === self::age($folder) ? $kept['data'] : [];
    }

    /** Files are replaced, not written over: then their folder is younger. */
    private static function age(string $folder): string
    {
        $ages = [filemtime($folder)];
        foreach ([...glob("{$folder}/*", GLOB_ONLYDIR) ?: [], ...glob("{$folder}/*/*", GLOB_ONLYDIR) ?: []] as $below) {
            $ages[] = filemtime($below);
        }

        return $folder.' '.implode(' ', $ages);
    }

    /** @return list<string> names below the folder */
    private static function files(string $folder): array
    {
        $names = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'json') {
                $names[] = substr($file->getPathname(), strlen($folder) + 1);
            }
        }
        sort($names);

        return $names;
    }
}
