<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\Stage;
use Nessmark\Meat\FoodClass;
use Nessmark\Safety\SafetyLimits;

/** What standing in the room before cooking really changes. Never said where the meat has to start cold. */
final readonly class Tempering
{
    private const CELLS = 21;

    private const TOLERANCE_K = 0.1;

    /** A smaller gain is none to a cook, s. Common practice, no source. */
    private const WORTH_SAYING_S = 15.0;

    public function __construct(private Kitchen $kitchen, private SafetyLimits $limits) {}

    /**
     * @param  list<array{input: string, step: float, unit: string, change_s: float}>  $effects  of the open stage's time
     * @return Phrase|null null where it must not be done, or does nothing worth saying
     */
    public function of(Ask $ask, array $effects): ?Phrase
    {
        $mustBeCold = in_array($ask->cut->foodClass, [FoodClass::Minced, FoodClass::NonIntact, FoodClass::Stuffed, FoodClass::Poultry, FoodClass::DuckBreast, FoodClass::Fish], true) || $ask->isAnyoneAtRisk();
        $startC = $ask->start->toCelsius();
        if ($mustBeCold || $startC >= $this->limits->of('warm_start_c')) {
            return null;
        }
        $forS = 0.5 * $this->limits->of('room_within_s');
        $piece = Specimen::of($ask->cut, $ask->thickness, $startC, $ask->surface, self::CELLS, self::TOLERANCE_K);
        $core = new CoreTrace($piece->simulator->grid, $piece->simulator->body->coreAtM, $piece->start->celsius, [$forS]);
        $room = $this->kitchen->restingFace()->closed();
        $piece->simulator->runStage($piece->start, new Stage('room', $room, $room, $forS), [$core]);
        $warmC = $core->series[0][1];
        $perKelvinS = array_column($effects, 'change_s', 'input')['start'] ?? 0.0;
        $savedS = $perKelvinS * ($warmC - $startC);

        return $savedS < self::WORTH_SAYING_S ? null : new Phrase('temper.saves', ['for_s' => $forS, 'core_c' => round($warmC), 'saves_s' => round($savedS)]);
    }
}
