<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LayeredMaterial;
use Nessmark\Heat\Moisture;
use Nessmark\Heat\Tissue;
use Nessmark\Quantity\Length;

/** Skin and a cap of fat over a flat piece, as on the breast of a duck: face a is the skin. */
final readonly class Cap
{
    private const MM = 1e-3;

    /** Thickness of the skin alone, mm. Common practice, no source. */
    private const SKIN_MM = 2.0;

    /** However thick the cap, so much of the piece is lean, as a share. Common practice, no source. */
    private const LEAN_AT_LEAST = 0.5;

    /** Fat left in the lean once the cap is reckoned apart, kg/kg: never less. Common practice, no source. */
    private const LEANEST = 0.02;

    private const WEIGHED_AT_C = 5.0;

    private function __construct(private Cut $cut, private float $totalM, private float $capM, private float $skinM) {}

    /**
     * @param  float  $followedM  thickness it is followed as: everything in it is that much thinner
     * @return self|null null where there is none on the flat face: the rim of a steak is not on it
     */
    public static function over(Cut $cut, Length $thickness, float $followedM): ?self
    {
        if ($cut->build->isRound() || ! $cut->covering->hasSkin || $cut->covering->fatCapMm <= self::SKIN_MM) {
            return null;
        }

        $share = $followedM / $thickness->toMetres();

        return new self(
            $cut,
            $followedM,
            min($share * $cut->covering->fatCapMm * self::MM, (1.0 - self::LEAN_AT_LEAST) * $followedM),
            $share * self::SKIN_MM * self::MM,
        );
    }

    /** @return non-empty-list<array{Tissue, float}> from the skin in, thickness in m */
    public function layers(): array
    {
        return [[Tissue::Skin, $this->skinM], [Tissue::Fat, $this->capM - $this->skinM], [Tissue::Lean, $this->totalM - $this->capM]];
    }

    public function material(Grid $grid): LayeredMaterial
    {
        $lean = new ComposedMaterial($this->lean(), $this->cut->fibre);

        return LayeredMaterial::on(
            $grid,
            array_map(static fn (array $layer): array => [$layer[0]->material($lean), $layer[1]], $this->layers()),
        );
    }

    public function moisture(Grid $grid, float $wetness): Moisture
    {
        $lean = $this->lean();
        $leanKgM3 = ($lean->fractions['water'] ?? 0.0) * ChoiOkos::densityKgM3($lean, self::WEIGHED_AT_C);
        $layers = $this->layers();
        $ofNode = array_map(
            static fn (int $layer): float => $layers[$layer][0]->waterKgM3($leanKgM3),
            $grid->layerOfNodes(array_column($layers, 1)),
        );

        return Moisture::inLayers($ofNode, $wetness);
    }

    /** The composition on record is of the whole piece; the fat of the cap is taken out of it. */
    private function lean(): Composition
    {
        $share = $this->capM / $this->totalM;
        $fat = ($this->cut->fatFraction() - $share * Tissue::Fat->fatFraction()) / (1.0 - $share);

        return $this->cut->composition->withFat(max(self::LEANEST, $fat));
    }
}
