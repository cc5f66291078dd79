<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\Stage;
use Nessmark\Meal\Plate;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Size;
use Nessmark\Meat\Surface;
use Nessmark\Safety\SafetyRules;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Doubtful;
use Nessmark\Ticket\Effect;

/** What standing in the room before cooking really changes. Never said where the meat has to start cold. */
final readonly class Tempering
{
    private const CELLS = 21;

    private const TOLERANCE_K = 0.1;

    /** A smaller gain is none to a cook: seconds, and a share of the time. Common practice, no source. */
    private const WORTH_SAYING_S = 15.0;

    private const WORTH_SAYING_SHARE = 0.05;

    public function __construct(private Kitchen $kitchen, private SafetyRules $rules) {}

    /**
     * @param  list<Effect>  $effects  of the open stage's time
     * @param  float  $takesS  on the heat
     * @return Phrase|null null where it must not be done, or does nothing worth saying
     */
    public function of(Plate $plate, array $effects, float $takesS): ?Phrase
    {
        $startC = $plate->piece->start->toCelsius();
        if (
            $this->rules->mustStartCold($plate->piece->cut->foodClass, $plate->share->eaters->isAnyoneAtRisk()) ||
            $plate->piece->outOfFridgeS > 0.0 ||
            $startC >= $this->rules->limits->of('warm_start_c')
        ) {
            return null;
        }
        $forS = 0.5 * $this->rules->limits->of('room_within_s');
        $warmC = $this->coreAfterC($plate->piece->cut, $plate->piece->size, $startC, $plate->piece->surface, $forS);
        $perKelvinS = array_sum(
            array_map(static fn (Effect $effect): float => $effect->input === Doubtful::Start ? $effect->changeS : 0.0, $effects),
        );
        $savedS = $perKelvinS * ($warmC - $startC);

        return $savedS < max(self::WORTH_SAYING_S, self::WORTH_SAYING_SHARE * $takesS)
            ? null
            : new Phrase('temper.saves', [
                'for_s' => $forS,
                'core_c' => round($warmC),
                'saves_s' => round($savedS),
                'hot_room_c' => $this->rules->limits->of('hot_room_c'),
            ]);
    }

    /** The core after so long in the room, °C. */
    public function coreAfterC(Cut $cut, Size $size, float $startC, Surface $surface, float $forS): float
    {
        $room = $this->kitchen->restingFace()->closed();
        $body = Specimen::between($cut, $size, $room, $room, 1.0, $startC, null, 0.5 * ($startC + $room->ambientC));
        $piece = Specimen::of($cut, $size, $body, $startC, $surface, self::CELLS, self::TOLERANCE_K);
        $core = new CoreTrace($piece->simulator->grid, $piece->simulator->body->coreAtM, $piece->start->celsius, [$forS]);
        $piece->simulator->runStage($piece->start, new Stage('room', $room, $room, $forS), [$core]);

        return $core->series[0][1];
    }
}
