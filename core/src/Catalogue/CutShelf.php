<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\DataFolder;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Muscle;

/** The shipped cuts, each read from its file when it is first asked for: a ticket needs one, the atlas all. */
final class CutShelf
{
    /** What is kept in the folder besides its files. */
    public const NAMES = 'built/names';

    /** @var array<string, Muscle>|null */
    private ?array $muscles = null;

    private ?NameTable $names = null;

    /** @var array<string, Cut> */
    private array $read = [];

    /** @param  array<string, string>  $files  by slug */
    private function __construct(private readonly DataFolder $folder, private readonly array $files) {}

    public static function of(DataFolder $folder): self
    {
        $files = [];
        foreach ($folder->below('cuts') as $file) {
            $files[basename($file, '.json')] = $file;
        }

        return new self($folder, $files);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->files);
    }

    public function cut(string $slug): ?Cut
    {
        return isset($this->files[$slug])
            ? ($this->read[$slug] ??= Cut::fromRecord($this->folder->read($this->files[$slug]), $this->muscles()))
            : null;
    }

    public function names(): NameTable
    {
        $kept = $this->folder->kept(self::NAMES);

        return $this->names ??=
            $kept === null
                ? NameTable::of(array_values(array_filter(array_map($this->cut(...), $this->slugs()))))
                : NameTable::kept($kept);
    }

    /** @return array<string, Muscle> by slug */
    public function muscles(): array
    {
        if ($this->muscles === null) {
            $record = $this->folder->read('muscles.json');
            $this->muscles = [];
            foreach ($record->keys() as $slug) {
                $this->muscles[$slug] = Muscle::fromRecord($slug, $record->record($slug));
            }
        }

        return $this->muscles;
    }
}
