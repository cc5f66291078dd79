<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\PeakProfile;
use Nessmark\Heat\SurfaceTrace;
use Nessmark\Meal\Plate;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\Judge;
use Nessmark\Safety\SafetyRules;
use Nessmark\Texture\LongCook;
use Nessmark\Texture\MeltTrace;
use Nessmark\Texture\WaterHolding;

/** Sets the watch over a cook: whatever else is to be known of it is one more line here. */
final readonly class Watchers
{
    public function __construct(private SafetyRules $rules, private Judge $judge, private LongCook $texture) {}

    public function over(Plate $plate, Specimen $specimen): Watch
    {
        [$grid, $coreAtM, $startC] = [$specimen->simulator->grid, $specimen->simulator->body->coreAtM, $specimen->start->celsius];
        $cut = $plate->piece->cut;
        $lethality = $this->rules->lethality();
        $mark = $this->texture->mark($cut, $plate->way->method, $plate->share->doneness);

        return new Watch(
            new CoreTrace($grid, $coreAtM, $startC, [], $this->judge->watchedC($plate->occasion->house->standard)),
            new PeakProfile($startC),
            new WaterHolding(array_fill(0, count($startC), 0.0)),
            new SurfaceTrace($grid, $coreAtM, $startC),
            new HeldLongEnough($startC),
            new LogReduction($grid, $lethality['d_ref_s'], $lethality['t_ref_c'], $lethality['z_k']),
            new MeltTrace($grid, $coreAtM, $this->texture->melting($cut), $mark ?? 0.0),
        );
    }
}
