<?php

declare(strict_types=1);

namespace Nessmark\Calibration;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** A figure that is known only between bounds, and is fitted within them. */
final readonly class Constant
{
    /** @param  string  $path  keys with points between them, in one of the data files */
    private function __construct(
        public string $file,
        public string $path,
        public float $low,
        public float $high,
        public string $boundsFrom,
    ) {}

    /** @return list<self> those of core/data/calibration.json */
    public static function from(DataFolder $folder): array
    {
        return array_map(
            static fn (Record $one): self => new self(
                $one->text('file'),
                $one->text('path'),
                $one->number('low'),
                $one->number('high'),
                $one->text('bounds_from'),
            ),
            $folder->read('calibration.json')->records('constants'),
        );
    }

    public function value(DataFolder $folder): float
    {
        $record = $folder->read($this->file);
        $keys = explode('.', $this->path);
        $last = array_pop($keys);
        foreach ($keys as $key) {
            $record = $record->record($key);
        }

        return $record->number((string) $last);
    }

    /** 0 at its lower bound, 1 at its upper. */
    public function share(float $value): float
    {
        return ($value - $this->low) / ($this->high - $this->low);
    }

    public function at(float $share): float
    {
        return $this->low + max(0.0, min(1.0, $share)) * ($this->high - $this->low);
    }
}
