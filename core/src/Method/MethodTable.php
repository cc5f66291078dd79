<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** The figures the methods work by: turning, searing, resting. Values and sources: core/data/methods.json. */
final readonly class MethodTable
{
    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('methods.json'));
    }

    public function figure(Method $method, string $figure): float
    {
        return $this->record->record('methods')->record($method->value)->number($figure);
    }

    /** Turning often, because it cooks more evenly than once; thin pieces twice as often. */
    public function turnEveryS(Method $method, float $thicknessMm): float
    {
        $usualS = $this->figure($method, 'turn_every_s');

        return $thicknessMm < $this->record->number('thin_below_mm') ? min($usualS, $this->record->number('thin_turn_every_s')) : $usualS;
    }

    /** Rest in proportion to thickness, within bounds; 0 for methods after which nothing carries over. */
    public function restS(Method $method, float $thicknessMm): float
    {
        if (! $this->record->record('methods')->record($method->value)->flag('rests')) {
            return 0.0;
        }
        $restS = $thicknessMm * $this->record->number('rest_s_per_mm');

        return round(max($this->record->number('rest_min_s'), min($this->record->number('rest_max_s'), $restS)) / 30.0) * 30.0;
    }

    /** Longer than this nobody cooks so, s. Common practice, no source. */
    public function longestS(Method $method): float
    {
        return $this->record->record('methods')->record($method->value)->numberOr('longest_s', $this->record->number('longest_s'));
    }

    /** @return list<string> */
    public function sources(): array
    {
        return $this->record->texts('sources');
    }
}
