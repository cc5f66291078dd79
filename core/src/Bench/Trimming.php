<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Form;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\BenchOrder;
use Nessmark\Ticket\BenchStep;

/**
 * The bench order of a piece, from its form and the way it will be cooked: what comes off, what is opened, filled and tied, how it is
 * cut, each with its figure. Common practice, no source.
 */
final readonly class Trimming
{
    private const FLAT_RIBS = 'rib';

    private function __construct(private Record $figures, private Record $steps, private Record $hazards, private Firming $firming) {}

    public static function from(DataFolder $folder): self
    {
        $data = $folder->read('bench.json');

        return new self(
            $data->record('figures'),
            $data->record('steps'),
            $data->record('hazards'),
            new Firming($data->record('freezer')),
        );
    }

    public function order(Workpiece $of): BenchOrder
    {
        $steps = [
            ...$this->cleaned($of),
            ...$this->skinned($of),
            ...$this->capped($of),
            ...$this->boned($of),
            ...$this->filled($of),
            ...$this->cut($of),
            ...$of->sections > 1 ? [['cut_sections', ['times' => $of->sections]]] : [],
            ...$this->minced($of),
            ...$this->tied($of),
            ...$this->last($of),
        ];
        $tools = $hazards = $lines = [];
        $workS = 0.0;
        foreach ($steps as [$name, $figures]) {
            $step = $this->steps->record($name);
            $tool = $step->text('tool');
            $lines[] = new BenchStep(new Phrase("bench.{$name}", $figures), $tool, $step->textOrNull('figure'));
            $workS += $step->number('s') * (float) ($figures['times'] ?? 1);
            if ($tool !== 'none') {
                $tools[$tool] = $tool;
            }
            if ($this->hazards->has($tool)) {
                $hazards[$tool] = new Phrase($this->hazards->text($tool));
            }
        }
        [$leastLeft, $mostLeft] = $of->trimYield();

        return new BenchOrder(
            $lines,
            array_values($tools),
            array_values($hazards),
            Offcuts::of($of, array_column($steps, 0)),
            round($workS),
            round($of->rawG() * (1.0 - $mostLeft)),
            round($of->rawG() * (1.0 - $leastLeft)),
            Sketching::of($of, array_column($steps, 1, 0)),
        );
    }

    /**
     * Fish, shells, birds, organs and heads are made clean first.
     *
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function cleaned(Workpiece $of): array
    {
        $slug = $of->cut->slug;

        return array_values(
            array_filter([
                $of->isShellfish() && $of->cut->covering->bone === 'shell' ? ['shells', []] : null,
                $of->isFish() && $of->is(Form::WholeFish) ? ['scale', []] : null,
                $of->isFish() && $of->is(Form::WholeFish) ? ['fins', []] : null,
                $of->isFish() && $of->is(Form::WholeFish) ? ['gut', []] : null,
                $of->isFish() && $of->cut->covering->hasPinBones && ! $of->is(Form::WholeFish) ? ['pin_bones', []] : null,
                $of->isBird() && $of->is(Form::WholeBird) ? ['bird_whole', []] : null,
                $of->isBird() && $of->is(Form::Fillet) && ! $of->isBoneIn() && $of->cut->covering->membrane !== 'sinew'
                    ? ['inner_fillet', []]
                    : null,
                $of->cut->has(Hazard::Head) ? ['split_head', []] : null,
                $of->cut->has(Hazard::Head) ? ['clean_head', []] : null,
                ...$of->is(Form::Organ) && ! $of->cut->has(Hazard::Head)
                    ? [
                        [
                            match (true) {
                                str_contains($slug, 'liver') => 'liver',
                                str_contains($slug, 'kidney') => 'kidney',
                                str_contains($slug, 'heart') => 'heart',
                                str_contains($slug, 'sweetbread') => 'sweetbread',
                                str_contains($slug, 'tripe') => 'tripe',
                                default => 'rinse_organ',
                            },
                            [],
                        ],
                    ]
                    : [],
            ]),
        );
    }

    /**
     * What never softens comes off; what melts in hours may stay.
     *
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function skinned(Workpiece $of): array
    {
        return match (true) {
            $of->is(Form::Organ, Form::Mince, Form::WholeFish) => [],
            $of->cut->covering->membrane === 'peel' => [[$of->is(Form::Ribs) ? 'membrane_ribs' : 'membrane', []]],
            $of->cut->covering->membrane === 'silverskin' => [['silverskin', []]],
            $of->cut->covering->membrane === 'sinew' => [[$of->isBird() ? 'draw_sinew' : 'sinew', []]],
            $of->cut->covering->membrane === 'seam' => [[$of->isUntilTender() ? 'seam_stays' : 'seam_out', []]],
            default => [],
        };
    }

    /**
     * The layer of fat, by what the fire does with it; scored or whole as the house has it.
     *
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function capped(Workpiece $of): array
    {
        $capMm = $of->cut->covering->fatCapMm;
        $hasSkin = $of->cut->covering->hasSkin;
        if ($of->isFish() || $of->isShellfish() || $of->is(Form::Organ, Form::Mince, Form::Ribs, Form::WholeBird, Form::Dice)) {
            return [];
        }
        if ($hasSkin) {
            $isCrisp = $of->method->driesTheSurface() && $of->cut->fatFraction() >= 0.15;

            return $isCrisp && $of->isScored ? [['score_skin', ['gap_mm' => $this->figures->number('score_skin_every_mm')]]] : [];
        }
        if ($capMm <= 0.0) {
            return [];
        }
        $isThinSteak =
            $of->is(Form::Steak, Form::Thin, Form::Chop) &&
            $of->mm() <= $this->figures->number('thin_steak_up_to_mm') &&
            $of->isFierce();
        $isRibSteak = $of->is(Form::Steak, Form::Chop) && $of->cut->covering->bone === self::FLAT_RIBS;
        $aimMm = match (true) {
            $isThinSteak => $this->figures->number('film_mm'),
            $of->is(Form::Steak, Form::Chop, Form::Thin) => $this->figures->number('cap_steak_mm'),
            default => $this->figures->number('cap_roast_mm'),
        };
        $cap = match (true) {
            $capMm <= $aimMm, $isRibSteak => ['cap_stays', ['cap_mm' => $capMm]],
            $isThinSteak => ['film', ['film_mm' => $aimMm, 'cap_mm' => $capMm]],
            default => ['cap', ['cap_mm' => $capMm, 'aim_mm' => $aimMm]],
        };
        $isScored = $of->isScored && min($capMm, $aimMm) >= $this->figures->number('cap_steak_mm') && $of->method->driesTheSurface();

        return [$cap, ...$isScored ? [['score', ['gap_mm' => $this->figures->number('score_every_mm')]]] : []];
    }

    /**
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function boned(Workpiece $of): array
    {
        $bone = $of->cut->covering->bone;

        return match (true) {
            $of->is(Form::Roast) && in_array($bone, ['rib', 'vertebra'], true) && ! $of->isBird() => [
                ['chine', []],
                ['loosen_bone', []],
            ],
            $of->is(Form::Steak, Form::Chop) && $bone === self::FLAT_RIBS => [['rib_slant', []], ['chine', []]],
            default => [],
        };
    }

    /**
     * Opened, filled, rolled; or a pocket in what is too small to open.
     *
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function filled(Workpiece $of): array
    {
        if ($of->isStuffed() && $of->is(Form::Roast)) {
            return [
                ['open_flat', ['open_mm' => $this->figures->number('open_flat_mm')]],
                ['seams_of_fat', []],
                ...$of->cut->covering->hasSkin ? [['lip', []]] : [],
                ['fill', ['fill_g' => round($of->fillingG(), -1)]],
                ['roll', []],
            ];
        }

        return $of->isStuffed() && ! $of->is(Form::WholeBird, Form::WholeFish)
            ? [['pocket', []], ['fill', ['fill_g' => round($of->fillingG(), -1)]]]
            : ($of->isStuffed()
                ? [['fill', ['fill_g' => round($of->fillingG(), -1)]]]
                : []);
    }

    /**
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function cut(Workpiece $of): array
    {
        $times = $of->pieces ?? 1;
        $isThin =
            $of->method === Method::StirFry ||
            ($of->is(Form::Thin) && $of->mm() <= 2.0 * $this->figures->number('thin_slice_mm') && ! $of->isFish());
        if ($isThin && ! $of->isShellfish() && ! $of->isFish() && ! $of->is(Form::Mince)) {
            $mm = $of->method === Method::StirFry ? $this->figures->number('thin_slice_mm') : $of->mm();

            return [
                [
                    'firm_up',
                    ['firm_s' => round($this->firming->firmS($of->cut, Length::ofMillimetres(max(20.0, min(30.0, $of->mm())))), -1)],
                ],
                ['slice_thin', ['slice_mm' => $mm]],
            ];
        }

        $isSpitRoast = $of->method === Method::Spit && $of->is(Form::Roast);

        return match (true) {
            $of->is(Form::Mince, Form::WholeBird, Form::WholeFish, Form::Shellfish, Form::Organ) => [],
            $isSpitRoast && $of->cut->covering->fatCapMm >= $this->figures->number('cap_roast_mm') => [
                ['skewer', ['piece_mm' => $this->figures->number('skewer_piece_mm')]],
            ],
            $isSpitRoast && $of->cut->group->value === 'pork' => [
                ['fists', ['each_g' => $this->figures->number('fist_g')]],
            ],
            $of->is(Form::Dice) => [['dice', ['piece_mm' => min($of->mm(), $this->figures->number('dice_mm'))]]],
            $of->is(Form::Ribs) => [['cut_between', ['times' => 1]]],
            $of->is(Form::Steak, Form::Chop, Form::Thin) || ($of->isFish() && $of->is(Form::Fillet)) => [
                [
                    $of->isBoneIn() && ! $of->isFish() ? 'cut_bone_steaks' : 'cut_steaks',
                    ['times' => $times, 'each_mm' => round($of->mm(), 1), 'each_g' => round($of->eachG())],
                ],
            ],
            $of->isJoint() && ! $of->isStuffed() => [
                ['cut_length', ['length_mm' => round($of->lengthMm()), 'each_g' => round($of->eachG())]],
            ],
            default => [],
        };
    }

    /**
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function minced(Workpiece $of): array
    {
        if (! $of->is(Form::Mince)) {
            return [];
        }
        $firmS = round($this->firming->firmS($of->cut, Length::ofMillimetres($this->figures->number('dice_mm') * 0.7)), -1);
        $isFormed = ! $of->cut->isLooseMince();

        return [
            ['chill_mince', ['firm_s' => $firmS, 'below_c' => $this->figures->number('mince_below_c')]],
            [
                'grind',
                [
                    'plate_mm' => $this->figures->number($isFormed ? 'medium_plate_mm' : 'coarse_plate_mm'),
                    'passes' => $isFormed ? 2 : 1,
                ],
            ],
            ...$isFormed
                ? [
                    [
                        'form_burgers',
                        [
                            'times' => $of->pieces ?? 1,
                            'each_g' => round($of->eachG()),
                            'each_mm' => round($of->mm()),
                            'dimple_mm' => $this->figures->number('dimple_mm'),
                        ],
                    ],
                    ['film_between', ['times' => $of->pieces ?? 1]],
                ]
                : [['form_loose', []]],
        ];
    }

    /**
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function tied(Workpiece $of): array
    {
        $isFilled = $of->isStuffed() && $of->is(Form::Roast);
        if ($of->method === Method::Spit || (! $of->isTied() && ! $of->isRolled() && ! $isFilled)) {
            return [];
        }
        $every = $this->figures->number('tie_every_mm');
        $times = max(2, (int) floor($of->lengthMm() / $every));

        return [['tie', ['times' => $times, 'every_mm' => $every]], ...$of->isRolled() || $isFilled ? [['string_lengthwise', []]] : []];
    }

    /**
     * @return list<array{string, array<string, float|int|string>}>
     */
    private function last(Workpiece $of): array
    {
        return [
            ...$of->method === Method::Parcel ? [['foil', []]] : [],
            ...$of->hasMarks() ? [['mark', ['marks' => implode(', ', array_unique($of->marks))]]] : [],
            ...$of->method->driesTheSurface() && ! $of->isShellfish() && ! $of->is(Form::Mince) ? [['dry', []]] : [],
        ];
    }
}
