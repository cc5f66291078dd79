<?php

declare(strict_types=1);

namespace Nessmark\Data;

use LogicException;

/** The one place in the core that reads files: the trade's own data, shipped beside the code. */
final readonly class DataFolder
{
    /**
     * @param  array<string, array<array-key, mixed>>  $changed  contents in place of those of a file, by its name
     * @param  array<string, array<array-key, mixed>>  $kept  all contents, read before, and what was made of them
     */
    public function __construct(private string $path, private array $changed = [], private array $kept = []) {}

    /** @param  array<string, array<array-key, mixed>>  $kept  all of it, read before */
    public static function shipped(array $kept = []): self
    {
        return new self(self::path(), [], $kept);
    }

    public static function path(): string
    {
        return dirname(__DIR__, 2).'/data';
    }

    /** @return array<array-key, mixed>|null what was made of the files and kept beside them */
    public function kept(string $name): ?array
    {
        return $this->changed === [] ? $this->kept[$name] ?? null : null;
    }

    /**
     * The same folder with one figure changed, for trying out.
     *
     * @param  string  $path  keys with points between them
     */
    public function with(string $file, string $path, float $value): self
    {
        $data = $this->read($file)->toArray();
        $at = &$data;
        foreach (explode('.', $path) as $key) {
            if (! is_array($at) || ! array_key_exists($key, $at)) {
                throw new LogicException("{$file} has no {$path}.");
            }
            $at = &$at[$key];
        }
        $at = $value;

        return new self($this->path, [...$this->changed, $file => (array) $data]);
    }

    /** @throws LogicException if the file is missing or broken: the program is then not whole */
    public function read(string $file): Record
    {
        if (isset($this->changed[$file])) {
            return new Record($this->changed[$file], $file);
        }
        if (isset($this->kept[$file])) {
            return new Record($this->kept[$file], $file);
        }
        $json = @file_get_contents("{$this->path}/{$file}");
        $data = $json === false ? null : json_decode($json, true);
        if (! is_array($data)) {
            throw new LogicException("The data file {$file} is missing or is not JSON.");
        }

        return new Record($data, $file);
    }

    /**
     * @return list<Record> the objects of a file that holds a list
     *
     * @throws LogicException if the file is missing or broken: the program is then not whole
     */
    public function list(string $file): array
    {
        return (new Record(['items' => $this->read($file)->toArray()], $file))->records('items');
    }

    /** @return list<string> file names below a folder, one level deep, sorted */
    public function below(string $folder): array
    {
        if ($this->kept !== []) {
            return array_values(
                array_filter(array_keys($this->kept), static fn (string $file): bool => str_starts_with($file, "{$folder}/")),
            );
        }
        $files = glob("{$this->path}/{$folder}/*/*.json");
        $names = array_map(fn (string $file): string => substr($file, strlen($this->path) + 1), $files === false ? [] : $files);
        sort($names);

        return $names;
    }
}
