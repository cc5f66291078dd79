<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Meat\Hazard;
use Nessmark\Say\Phrase;

/** What comes off at the bench and what it is good for. Nothing of a head of cattle, sheep or goat that local rules keep back. */
final readonly class Offcuts
{
    private function __construct() {}

    /**
     * @param  list<string>  $steps  that are done
     * @return list<Phrase>
     */
    public static function of(Workpiece $of, array $steps): array
    {
        $does = static fn (string ...$any): bool => array_intersect($any, $steps) !== [];

        return array_values(
            array_filter([
                $does('cap', 'film', 'seams_of_fat')
                    ? new Phrase($of->cut->group->value === 'lamb' ? 'bench_offcut.fat_lamb' : 'bench_offcut.fat')
                    : null,
                $does('chine', 'open_flat') && ($of->isBoneIn() || $of->isRolled()) ? new Phrase('bench_offcut.bones') : null,
                $does('silverskin', 'sinew', 'membrane', 'membrane_ribs', 'draw_sinew', 'seam_out')
                    ? new Phrase('bench_offcut.membrane')
                    : null,
                $does('cut_steaks', 'cut_bone_steaks', 'cut_length', 'seam_out') && ! $of->isFish()
                    ? new Phrase('bench_offcut.ends')
                    : null,
                $does('inner_fillet') ? new Phrase('bench_offcut.inner_fillet') : null,
                $does('bird_whole') ? new Phrase('bench_offcut.giblets') : null,
                $does('fins', 'gut') ? new Phrase('bench_offcut.fish') : null,
                $of->cut->has(Hazard::Head) || $of->cut->has(Hazard::Tse) ? new Phrase('bench_offcut.kept_back') : null,
            ]),
        );
    }
}
