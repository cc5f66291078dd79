<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\Grid;
use Nessmark\Heat\LayeredMaterial;
use Nessmark\Heat\Moisture;
use Nessmark\Quantity\Mass;

/** What a filled piece holds: bread, mince and onion in the middle of it, put in as cold as the meat. */
final readonly class Filling
{
    /** Of the way from the middle of a round piece to its outside, and of a flat one's thickness. Common practice, no source. */
    public const SHARE = 0.45;

    /** Of the width and length of a flat piece that a pocket opens. Common practice, no source. */
    private const POCKET_SHARE = 0.5;

    /** Of the weight of a whole bird and a whole fish, loosely filled: both swell. Common practice, no source. */
    private const BIRD_SHARE = 0.16;

    private const FISH_SHARE = 0.12;

    /** Kg/kg. Composed from bread, sausage meat and onion by their usual shares, from memory. */
    private const COMPOSITION = ['water' => 0.6, 'protein' => 0.08, 'fat' => 0.12, 'carbohydrate' => 0.18, 'ash' => 0.02];

    private const WEIGHED_AT_C = 5.0;

    private function __construct(private Cut $cut, private Grid $grid, private bool $isSlab, private float $extentM) {}

    /** @return self|null null for what is not filled */
    public static function of(Cut $cut, Grid $grid, Body $body): ?self
    {
        return $cut->has(Hazard::Stuffed) ? new self($cut, $grid, $body->isSlab, $body->extentM) : null;
    }

    /** How much goes into one piece: by its cavity, its pocket, or the face it is opened to. */
    public static function massOf(Cut $cut, Size $size): Mass
    {
        return $size->mass->times(match (true) {
            $cut->form === Form::WholeBird => self::BIRD_SHARE,
            $cut->form === Form::WholeFish => self::FISH_SHARE,
            $cut->build->isRound() => self::SHARE ** 2,
            default => self::SHARE * self::POCKET_SHARE,
        });
    }

    public function material(): LayeredMaterial
    {
        $filling = new ComposedMaterial(self::composition());
        $meat = $this->cut->material();

        return LayeredMaterial::on(
            $this->grid,
            array_map(static fn (array $layer): array => [$layer[0] ? $filling : $meat, $layer[1]], $this->layers()),
        );
    }

    public function moisture(float $wetness): Moisture
    {
        $composition = self::composition();
        $fillingKgM3 = ($composition->fractions['water'] ?? 0.0) * ChoiOkos::densityKgM3($composition, self::WEIGHED_AT_C);
        $layers = $this->layers();

        return Moisture::inLayers(
            array_map(
                fn (int $layer): float => $layers[$layer][0] ? $fillingKgM3 : $this->cut->waterKgM3(),
                $this->grid->layerOfNodes(array_column($layers, 1)),
            ),
            $wetness,
        );
    }

    /** @return non-empty-list<array{bool, float}> whether it is filling, and its thickness in m, from face a or the middle out */
    private function layers(): array
    {
        $fillingM = self::SHARE * $this->extentM;
        $aroundM = $this->extentM - $fillingM;

        return $this->isSlab
            ? [[false, $aroundM / 2.0], [true, $fillingM], [false, $aroundM / 2.0]]
            : [[true, $fillingM], [false, $aroundM]];
    }

    private static function composition(): Composition
    {
        return Composition::ofMassFractions(self::COMPOSITION);
    }
}
