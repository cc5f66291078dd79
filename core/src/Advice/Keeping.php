<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Kitchen;
use Nessmark\Heat\Body;
use Nessmark\Heat\EndedBy;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Meal\Plate;
use Nessmark\Quantity\Length;
use Nessmark\Safety\Cooling;
use Nessmark\Safety\Verdict;
use Nessmark\Say\Phrase;

/**
 * What is to be done with what is left over: how long the piece takes to cool, and how thin it has to be cut so that it is cold in
 * time.
 */
final readonly class Keeping
{
    public const NOTHING = 'keep.nothing';

    private const CELLS = 21;

    private const TOLERANCE_K = 0.1;

    private const THINNEST_MM = 5.0;

    public function __construct(private Kitchen $kitchen) {}

    public function of(Plate $plate, Cooling $cooling, Verdict $verdict): Phrase
    {
        if (! $verdict->meetsOfficialMinimum) {
            return new Phrase(self::NOTHING);
        }
        $args = [
            'fridge_within_s' => $cooling->fridgeWithinS,
            'cold_c' => $cooling->coldC,
            'days' => $cooling->days,
            'hot_c' => $cooling->hotC,
            'reheat_c' => $cooling->reheatC,
        ];
        $fridge = $this->kitchen->fridgeFace();
        $whole = Specimen::between(
            $plate->piece->cut,
            $plate->piece->size,
            $fridge,
            $fridge,
            1.0,
            $cooling->fromC,
            null,
            $cooling->coldC,
        );
        $takesS = $this->seconds($plate, $whole, $cooling->coldC, $cooling);
        if ($this->isInTime($plate, $whole, $cooling)) {
            return new Phrase('keep.whole', [...$args, 'takes_s' => $takesS]);
        }
        [$thin, $thick] = [self::THINNEST_MM, $plate->piece->size->thickness->toMillimetres()];
        while ($thick - $thin > 1.0) {
            $middle = 0.5 * ($thin + $thick);
            [$thin, $thick] = $this->isInTime($plate, Body::slab(Length::ofMillimetres($middle)), $cooling)
                ? [$middle, $thick]
                : [$thin, $middle];
        }

        return new Phrase('keep.cut', [...$args, 'takes_s' => $takesS, 'most_mm' => floor($thin)]);
    }

    private function isInTime(Plate $plate, Body $body, Cooling $cooling): bool
    {
        foreach ($cooling->steps as [$celsius, $withinS]) {
            if ($this->seconds($plate, $body, $celsius, $cooling) > $withinS) {
                return false;
            }
        }

        return true;
    }

    /** From the hot end of the printed rule, all through, in the fridge; a day when it takes longer than that. */
    private function seconds(Plate $plate, Body $body, float $celsius, Cooling $cooling): float
    {
        $simulator = new Simulator($body, $plate->piece->cut->material(), self::CELLS, self::TOLERANCE_K);
        $fridge = $this->kitchen->fridgeFace();
        $end = $simulator->runStage($simulator->start($cooling->fromC), new Stage('fridge', $fridge, $fridge, null, $celsius));

        return $end->by === EndedBy::Core ? $end->end->timeS : Stage::LIMIT_S;
    }
}
