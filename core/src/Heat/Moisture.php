<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** The water in a body: how much at the start, how wet its surface, and what of it is left in each layer. */
final readonly class Moisture
{
    /**
     * Wetness of cut meat patted dry, in dry heat: fitted with the figures of the appliances (bin/calibrate).
     */
    public const OF_MEAT = 0.65;

    /**
     * @param  list<float>  $waterKgM3  water in the raw body at each node
     * @param  float  $wetness  share of the surface that evaporates as if it were water, 0 to 1: a figure of the material
     * @param  array<int, float>  $shares  of its water each node still has, 1 to 0
     * @param  float  $lostKg  per the grid's unit of area
     */
    private function __construct(public array $waterKgM3, public float $wetness, public array $shares, public float $lostKg) {}

    public static function of(float $waterKgM3, float $wetness, int $cells): self
    {
        return new self(array_fill(0, $cells, $waterKgM3), $wetness, array_fill(0, $cells, 1.0), 0.0);
    }

    /** @param  list<float>  $waterKgM3  at each node */
    public static function inLayers(array $waterKgM3, float $wetness): self
    {
        return new self($waterKgM3, $wetness, array_fill(0, count($waterKgM3), 1.0), 0.0);
    }

    /** @param  array<int, float>  $shares */
    public function after(array $shares, float $lostKg): self
    {
        return new self($this->waterKgM3, $this->wetness, $shares, $lostKg);
    }

    /**
     * The nodes water leaves from, seen from face b or face a, with the share each gives: the outermost that is not dry, and the
     * one behind it as that one dries, so that the front moves in without a jump.
     *
     * @return list<array{int, float}> none when all are dry
     */
    public function fronts(bool $fromB): array
    {
        $last = count($this->shares) - 1;
        for ($i = 0; $i <= $last; $i++) {
            $node = $fromB ? $last - $i : $i;
            $share = $this->shares[$node];
            if ($share >= Crust::DRY_BELOW) {
                $behind = $fromB ? $node - 1 : $node + 1;
                $weight = min(1.0, $share / Crust::BOUND_BELOW);

                return $weight < 1.0 && isset($this->shares[$behind]) ? [[$node, $weight], [$behind, 1.0 - $weight]] : [[$node, 1.0]];
            }
        }

        return [];
    }
}
