<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Quantity\Length;

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

    /** Turning often, because it cooks more evenly than once; the thinner the piece, the oftener. */
    public function turnEveryS(Method $method, float $thicknessMm): float
    {
        $everyS = min($this->figure($method, 'turn_every_s'), $thicknessMm * $this->record->number('turn_s_per_mm'));

        return max(10.0, 10.0 * round($everyS / 10.0)); // as clocks are read
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

    /** The larger the piece, the gentler the oven; what has to become tender wants it gentle however small it is, °C. */
    public function ovenC(Length $thickness, float $targetC, bool $isUntilTender): float
    {
        $c = $isUntilTender
            ? $this->record->record('oven')->number('tender_c')
            : self::between($this->record->record('oven'), $thickness) - $this->gentlerForPinkK($targetC);

        return 5.0 * round($c / 5.0); // as ovens are marked
    }

    /** The same of a smoker for what is taken off at its core, °C. */
    public function smokerC(Length $thickness): float
    {
        return 5.0 * round(self::between($this->record->record('smoker'), $thickness) / 5.0);
    }

    private static function between(Record $heats, Length $thickness): float
    {
        $share = ($thickness->toMillimetres() - $heats->number('thin_mm')) / ($heats->number('thick_mm') - $heats->number('thin_mm'));

        return $heats->number('thin_c') + max(0.0, min(1.0, $share)) * ($heats->number('thick_c') - $heats->number('thin_c'));
    }

    /** The pinker it is to be, the gentler the fire, or its heat runs in far past it, K. */
    public function gentlerForPinkK(float $targetC): float
    {
        return max(0.0, $this->record->number('pink_below_c') - $targetC) * $this->record->number('gentler_a_k');
    }

    /** A side in a pan that is there to brown it: the thinner, the shorter. */
    public function searS(Length $thickness): float
    {
        return $thickness->toMillimetres() * $this->record->number('sear_s_per_mm');
    }

    /** From the fire to the fork, s. Common practice, no source. */
    public function platedS(): float
    {
        return $this->record->number('plated_s');
    }

    /** However soon the core is there, s: until a batter or crumb has coloured. Common practice, no source. */
    public function leastS(Method $method, Length $thickness): float
    {
        $figures = $this->record->record('methods')->record($method->value);

        return min($figures->numberOr('least_s', 0.0), $thickness->toMillimetres() * $figures->numberOr('least_s_per_mm', 0.0));
    }

    /**
     * Longer than this nobody cooks so, s. Common practice, no source.
     *
     * @param  Method|null  $method  to a core; null where a texture is waited for
     */
    public function longestS(?Method $method): float
    {
        $longestS = $this->record->number('longest_s');

        return $method === null ? $longestS : $this->record->record('methods')->record($method->value)->numberOr('longest_s', $longestS);
    }

    /** @return list<string> */
    public function sources(): array
    {
        return $this->record->texts('sources');
    }
}
