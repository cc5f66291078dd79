<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** Layers of different tissue, from face a to face b: each node has the figures of the layer it lies in. */
final readonly class LayeredMaterial implements Material
{
    /** @param  list<Material>  $ofNode */
    private function __construct(private array $ofNode) {}

    /** @param  non-empty-list<array{Material, float}>  $layers  material and thickness, m; together as thick as the grid is deep */
    public static function on(Grid $grid, array $layers): self
    {
        return new self(array_map(static fn (int $layer): Material => $layers[$layer][0], $grid->layerOfNodes(array_column($layers, 1))));
    }

    /** Of the outermost layer at face a. */
    public function conductivityWMK(float $celsius): float
    {
        return $this->ofNode[0]->conductivityWMK($celsius);
    }

    public function heatCapacityJM3K(float $celsius): float
    {
        return $this->ofNode[0]->heatCapacityJM3K($celsius);
    }

    public function conductivitiesWMK(array $celsius): array
    {
        $figures = [];
        foreach ($celsius as $i => $value) {
            $figures[] = $this->ofNode[$i]->conductivityWMK($value);
        }

        return $figures;
    }

    public function heatCapacitiesJM3K(array $celsius): array
    {
        $figures = [];
        foreach ($celsius as $i => $value) {
            $figures[] = $this->ofNode[$i]->heatCapacityJM3K($value);
        }

        return $figures;
    }

    public function isConstant(): bool
    {
        foreach ($this->ofNode as $material) {
            if (! $material->isConstant()) {
                return false;
            }
        }

        return true;
    }
}
