<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/**
 * How hot what lies on the meat gets, stage by stage: the time it spends at each temperature, counted from the end, so that it can be
 * asked what happens to it from any moment on.
 */
final readonly class Film
{
    /** @param  list<FilmStep>  $steps  in their order; none where nothing browns */
    public function __construct(public array $steps, private float $doublesPerK) {}

    /**
     * How far an ingredient is on its way to bitter, 1 being there: it doubles every so many kelvin above where it begins.
     *
     * @param  float  $fromS  it is put on then
     */
    public function scorched(Ingredient $of, float $fromS): float
    {
        $dose = 0.0;
        foreach ($this->steps as $step) {
            $seconds = $step->toS - max($fromS, $step->fromS);
            if ($of->scorchAtC !== null && $seconds > 0.0 && $step->celsius > $of->scorchAtC) {
                $dose +=
                    ($seconds * $step->weight * 2.0 ** (($step->celsius - $of->scorchAtC) / $this->doublesPerK)) / $of->scorchAfterS;
            }
        }

        return $dose;
    }

    /** The stage in which it gets hottest from then on, and how hot. */
    public function hottest(float $fromS = 0.0): ?FilmStep
    {
        $hottest = null;
        foreach ($this->steps as $step) {
            if ($step->toS > $fromS && ($hottest === null || $step->celsius > $hottest->celsius)) {
                $hottest = $step;
            }
        }

        return $hottest;
    }

    /** When the heat ends, s. */
    public function endS(): float
    {
        return $this->steps === [] ? 0.0 : $this->steps[count($this->steps) - 1]->toS;
    }
}
