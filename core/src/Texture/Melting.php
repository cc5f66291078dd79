<?php

declare(strict_types=1);

namespace Nessmark\Texture;

use Nessmark\Data\Record;

/**
 * Collagen turning to gelatin: first order in what is left, k = k₉₀·Q₁₀^((T − 90)/10), none below the temperature from which
 * it counts in hours. Q₁₀ is published only as 2 to 4; the rates are chosen so that customary braises come out.
 */
final readonly class Melting
{
    private const SECONDS_PER_HOUR = 3600.0;

    public function __construct(public float $perHourAt90, public float $q10, public float $fromC) {}

    /** The class of connective tissue the rates are given for: high. */
    private const RATED_FOR = 3.0;

    /**
     * @param  string  $animal  a key of animals.json
     * @param  float  $collagenRank  1 low to 4 very high: what has less of it is tender sooner
     */
    public static function in(Record $gelatin, string $animal, float $collagenRank): self
    {
        $quicker = $gelatin->number('quicker_a_class') ** (self::RATED_FOR - $collagenRank);

        $perHour = $quicker * $gelatin->record('per_hour_at_90')->number($animal);

        return new self($perHour, $gelatin->number('q10'), $gelatin->number('from_c'));
    }

    /** Share of the remaining collagen that turns in a second. */
    public function perSecond(float $celsius): float
    {
        return $celsius < $this->fromC
            ? 0.0
            : ($this->perHourAt90 / self::SECONDS_PER_HOUR) * exp((log($this->q10) * ($celsius - 90.0)) / 10.0);
    }

    public function times(float $factor): self
    {
        return new self($this->perHourAt90 * $factor, $this->q10, $this->fromC);
    }
}
