<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Form;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\CarveMark;
use Nessmark\Ticket\CarveStep;
use Nessmark\Ticket\Carving;

/** How a piece is carved: with its grain first and then across it, off its bone, off the frame. Common practice, no source. */
final readonly class Carver
{
    private const LENGTHS = 'lengths_then_across_grain';

    /** So many times as long as wide: skirt, flank, flap. Common practice, no source. */
    private const BELT = 2.6;

    /** Bones a rack is drawn with where nobody counted them. */
    private const RACK_BONES = 8;

    private function __construct(private Record $slices, private float $lengthMm) {}

    public static function from(DataFolder $folder): self
    {
        $data = $folder->read('serving.json');

        return new self($data->record('slice_mm'), $data->number('length_mm'));
    }

    public function carve(Served $of): Carving
    {
        $steps = $this->steps($of);

        return new Carving($steps, [
            ...array_map(static fn (string $key): Phrase => new Phrase($key), $this->table($of, $steps !== [])),
            new Phrase('table.portion', ['portion_g' => round($of->portionG, -1)]),
        ]);
    }

    /** @return list<CarveStep> */
    private function steps(Served $of): array
    {
        return match (true) {
            $of->isShellfish(), $of->cut->form === Form::Dice, $of->cut->build->soldBy->isWeighedOut() => [],
            $of->isCarvedBird() => $this->bird($of),
            $of->cut->form === Form::WholeBird => [self::step('carve.small_bird')],
            $of->isWholeFish() => $this->fish(),
            $of->cut->slice === 'pull_apart' => [
                self::step('carve.pull_bones'),
                self::step('carve.pull_fork', [], $this->piece($of)->meat()->grain(true)),
            ],
            $of->cut->slice === 'between_bones' => $this->rack($of),
            $of->cut->slice === 'off_the_bone' => $this->offTheBone($of),
            $of->cut->slice === self::LENGTHS => $this->belt($of),
            $of->cut->slice === 'serve_whole' => [],
            default => $this->across($of),
        };
    }

    /** @return list<CarveStep> across the grain, thick, thin or on the slant */
    private function across(Served $of): array
    {
        $isSlant = $of->cut->slice === 'slant_across_grain';
        $isTied = $of->cut->has(Hazard::Rolled);
        $mm = $this->slices->number($isTied ? 'tied' : $of->cut->slice);
        $sketch = $this->piece($of)->meat()->grain(true)->slices($mm, $isSlant);

        return [
            ...$isTied ? [self::step('carve.string')] : [self::step('carve.find_grain', [], $this->piece($of)->meat()->grain(true))],
            self::step($isSlant ? 'carve.slant' : 'carve.across', ['slice_mm' => $mm], $sketch),
        ];
    }

    /** @return list<CarveStep> a long flat muscle whose strings run across it */
    private function belt(Served $of): array
    {
        $mm = $this->slices->number(self::LENGTHS);
        $wide = sqrt(($of->size->length()->toMillimetres() * $this->wideMm($of)) / self::BELT);
        $piece = self::BELT * $wide;
        $turned = new Sketch($wide, $this->lengthMm);

        return [
            self::step(
                'carve.lengths',
                ['length_mm' => $this->lengthMm],
                (new Sketch($piece, $wide))->meat()->grain(false)->lengths($this->lengthMm),
            ),
            self::step('carve.turn_across', ['slice_mm' => $mm], $turned->meat()->grain(true)->slices($mm)),
        ];
    }

    /** @return list<CarveStep> */
    private function rack(Served $of): array
    {
        $bones = max(2, min(self::RACK_BONES, $of->cut->build->bones ?? self::RACK_BONES));
        $sketch = $this->piece($of)->meat()->bonesAcross($bones);
        for ($i = 1; $i < $bones; $i++) {
            $sketch->cut([[$i / $bones, -0.06], [$i / $bones, 1.06]]);
        }

        return [self::step('carve.between', [], $sketch)];
    }

    /** @return list<CarveStep> */
    private function offTheBone(Served $of): array
    {
        $bone = $of->cut->covering->bone;
        $mm = ['slice_mm' => $this->slices->number('off_the_bone')];
        if ($of->isByFork && ! in_array($bone, ['skull', 'foot'], true)) {
            return [self::step('carve.bone_lift', [], $this->piece($of)->meat()->boneThrough())];
        }
        $slices = fn (): Sketch => $this->piece($of)->meat()->grain(true)->slices($mm['slice_mm']);
        $along = $this->piece($of)
            ->meat()
            ->boneBelow()
            ->cut([[-0.03, 0.77], [1.03, 0.77]]);
        $isChop = $of->cut->form === Form::Chop;

        return match ($bone) {
            'skull', 'foot' => [self::step('carve.pick')],
            'whole' => [self::step('carve.rabbit_legs'), self::step('carve.rabbit_saddle')],
            'leg', 'shank' => [
                self::step(
                    'carve.leg_slices',
                    $mm,
                    $this->piece($of)
                        ->meat()
                        ->boneThrough()
                        ->cut([[0.8, -0.06], [0.8, 0.44]])
                        ->cut([[0.72, -0.06], [0.72, 0.44]])
                        ->cut([[0.64, -0.06], [0.64, 0.44]])
                        ->cut([[0.56, -0.06], [0.56, 0.44]]),
                ),
                self::step(
                    'carve.leg_free',
                    [],
                    $this->piece($of)
                        ->meat()
                        ->boneThrough()
                        ->cut([[0.5, 0.42], [0.86, 0.42]]),
                ),
            ],
            'backbone' => [
                self::step(
                    'carve.tail',
                    [],
                    $this->piece($of)
                        ->meat()
                        ->boneThrough()
                        ->cut([[0.08, 0.42], [1.02, 0.42]])
                        ->cut([[0.08, 0.6], [1.02, 0.6]]),
                ),
            ],
            default => [
                self::step($isChop ? 'carve.off_bone_chop' : ($bone === 'rib' ? 'carve.off_ribs' : 'carve.off_spine'), [], $along),
                self::step('carve.across', $mm, $slices()),
            ],
        };
    }

    /** @return list<CarveStep> seen from above, its legs to the left */
    private function bird(Served $of): array
    {
        $mm = $this->slices->number('bird');
        $hasLegs = count($of->cut->muscles) > 1;

        return [
            ...$hasLegs
                ? [
                    self::step(
                        'carve.bird_legs',
                        [],
                        self::birdDrawn(true)
                            ->cut([[0.44, 0.02], [0.34, 0.3]])
                            ->cut([[0.44, 0.98], [0.34, 0.7]]),
                    ),
                ]
                : [],
            self::step(
                'carve.bird_breast',
                [],
                self::birdDrawn(false)
                    ->cut([[0.34, 0.48], [0.97, 0.48]])
                    ->cut([[0.34, 0.52], [0.97, 0.52]]),
            ),
            self::step(
                $hasLegs ? 'carve.bird_slice' : 'carve.across',
                ['slice_mm' => $mm],
                (new Sketch(6.0 * $mm, 4.0 * $mm))->meat()->grain(true)->slices($mm),
            ),
        ];
    }

    private static function birdDrawn(bool $hasLegs): Sketch
    {
        $bird = new Sketch(120.0, 90.0);
        if ($hasLegs) {
            $bird->shape(CarveMark::Meat, [
                [0.02, 0.18],
                [0.1, 0.06],
                [0.3, 0.1],
                [0.46, 0.02],
                [0.5, 0.2],
                [0.36, 0.34],
                [0.14, 0.28],
            ]);
            $bird->shape(CarveMark::Meat, [
                [0.02, 0.82],
                [0.1, 0.94],
                [0.3, 0.9],
                [0.46, 0.98],
                [0.5, 0.8],
                [0.36, 0.66],
                [0.14, 0.72],
            ]);
        }

        return $bird
            ->shape(CarveMark::Meat, [
                [0.3, 0.5],
                [0.36, 0.26],
                [0.54, 0.12],
                [0.76, 0.12],
                [0.93, 0.26],
                [0.99, 0.5],
                [0.93, 0.74],
                [0.76, 0.88],
                [0.54, 0.88],
                [0.36, 0.74],
            ])
            ->shape(CarveMark::Bone, [[0.36, 0.485], [0.95, 0.485], [0.95, 0.515], [0.36, 0.515]]);
    }

    /** @return list<CarveStep> */
    private function fish(): array
    {
        return [
            self::step(
                'carve.fish_back',
                [],
                self::fishDrawn()
                    ->cut([[0.26, 0.06], [0.29, 0.5], [0.26, 0.9]])
                    ->cut([[0.28, 0.14], [0.5, 0.06], [0.84, 0.4]]),
            ),
            self::step('carve.fish_lift', [], self::fishDrawn()->cut([[0.28, 0.5], [0.86, 0.5]])),
            self::step(
                'carve.fish_frame',
                [],
                (new Sketch(140.0, 50.0))
                    ->shape(CarveMark::Bone, [[0.1, 0.47], [0.9, 0.47], [0.9, 0.53], [0.1, 0.53]])
                    ->cut([[0.9, 0.5], [0.97, 0.1]]),
            ),
        ];
    }

    private static function fishDrawn(): Sketch
    {
        return (new Sketch(140.0, 50.0))
            ->shape(CarveMark::Meat, [
                [0.01, 0.55],
                [0.1, 0.24],
                [0.3, 0.06],
                [0.52, 0.05],
                [0.74, 0.24],
                [0.86, 0.42],
                [0.99, 0.12],
                [0.95, 0.5],
                [0.99, 0.88],
                [0.86, 0.58],
                [0.74, 0.76],
                [0.52, 0.95],
                [0.3, 0.94],
                [0.1, 0.78],
            ])
            ->shape(CarveMark::Bone, [[0.24, 0.485], [0.86, 0.485], [0.86, 0.515], [0.24, 0.515]]);
    }

    /**
     * @return list<string> keys: where it is cut, the sauce that is left in the pan
     */
    private function table(Served $of, bool $isCarved): array
    {
        $isPulled = $of->cut->slice === 'pull_apart';

        return array_values(
            array_filter([
                $isCarved && ! $isPulled && ! $of->isWholeFish() && $of->cut->form !== Form::Ribs ? 'table.board' : '',
                ! $of->hasSauce && in_array($of->method, [Method::Braise, Method::PotRoast], true) ? 'table.liquid' : '',
                ! $of->hasSauce &&
                ! $of->isShellfish() &&
                in_array($of->method, [Method::Pan, Method::SearThenOven, Method::OvenThenSear], true)
                    ? 'table.pan'
                    : '',
                ! $of->hasSauce && $of->method === Method::OvenRoast && $of->isJoint() ? 'table.tray' : '',
            ]),
        );
    }

    /** @param  array<string, float>  $figures */
    private static function step(string $key, array $figures = [], ?Sketch $sketch = null): CarveStep
    {
        return new CarveStep(new Phrase($key, $figures), $sketch?->drawing());
    }

    private function piece(Served $of): Sketch
    {
        $across = $of->cut->build->isRound() ? $of->size->thickness->toMillimetres() : $this->wideMm($of);

        return new Sketch($of->size->length()->toMillimetres(), $across);
    }

    private function wideMm(Served $of): float
    {
        return $of->size->length()->toMillimetres() / $of->cut->build->lengthOverWidth;
    }
}
