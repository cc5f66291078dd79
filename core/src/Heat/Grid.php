<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Nodes from face a (or the centre) to the outer face, the first and last on the boundary, each with its control volume.
 * They lie closer together towards the faces, where a turn or a change of fire bends the profile most. Volumes and areas are per unit
 * of the direction the body is taken to be endless in, and without the
 * factor 2π or 4π, which cancels.
 */
final readonly class Grid
{
    /** Nodes at a face are (1 − this) times the mean distance apart, those at the core (1 + this) times. */
    private const GRADING = 0.6;

    /**
     * @param  list<float>  $depthM  depth of each node, m
     * @param  list<float>  $volume  control volume of each node, m^(n+1)
     * @param  list<float>  $areaOverStep  area between node i and i+1 divided by their distance, m^(n-1); one fewer than nodes
     * @param  float  $innerArea  area of face a: 1 for a slab, 0 for round bodies, which have none
     * @param  float  $outerArea  area of the outer face, m^n
     */
    private function __construct(
        public int $cells,
        public array $depthM,
        public array $volume,
        public array $areaOverStep,
        public float $innerArea,
        public float $outerArea,
    ) {}

    /** @param  int  $cells number of control volumes, at least 3 */
    public static function across(Body $body, int $cells): self
    {
        $n = $body->exponent;
        $depthM = $volume = $areaOverStep = [];
        for ($i = 0; $i < $cells; $i++) {
            $share = $i / ($cells - 1);
            $graded = $body->isSlab
                ? $share - (self::GRADING * sin(2.0 * M_PI * $share)) / (2.0 * M_PI)
                : $share + (self::GRADING * sin(M_PI * $share)) / M_PI;
            $depthM[] = $body->extentM * $graded;
        }
        for ($i = 0; $i < $cells; $i++) {
            $innerM = $i === 0 ? 0.0 : ($depthM[$i - 1] + $depthM[$i]) / 2.0;
            $outerM = $i === $cells - 1 ? $body->extentM : ($depthM[$i] + $depthM[$i + 1]) / 2.0;
            $volume[] = ($outerM ** ($n + 1) - $innerM ** ($n + 1)) / ($n + 1);
            if ($i < $cells - 1) {
                $areaOverStep[] = $outerM ** $n / ($depthM[$i + 1] - $depthM[$i]);
            }
        }

        return new self($cells, $depthM, $volume, $areaOverStep, $body->isSlab ? 1.0 : 0.0, $body->extentM ** $n);
    }

    /**
     * Which of several layers each node lies in.
     *
     * @param  non-empty-list<float>  $thicknessM  from face a on; together as thick as the grid is deep
     * @return list<int>
     */
    public function layerOfNodes(array $thicknessM): array
    {
        $layer = 0;
        $endM = $thicknessM[0];
        $of = [];
        foreach ($this->depthM as $depthM) {
            while ($depthM > $endM && isset($thicknessM[$layer + 1])) {
                $endM += $thicknessM[++$layer];
            }
            $of[] = $layer;
        }

        return $of;
    }

    /**
     * Temperature at any depth, by straight lines between nodes.
     *
     * @param  array<int, float>  $celsius  °C at each node
     */
    public function at(array $celsius, float $depthM): float
    {
        $i = $this->cells >> 1;
        while ($i > 0 && $this->depthM[$i] > $depthM) {
            $i--;
        }
        while ($i < $this->cells - 2 && $this->depthM[$i + 1] < $depthM) {
            $i++;
        }
        $share = ($depthM - $this->depthM[$i]) / ($this->depthM[$i + 1] - $this->depthM[$i]);

        return $celsius[$i] * (1.0 - $share) + $celsius[$i + 1] * $share;
    }

    public function totalVolume(): float
    {
        return array_sum($this->volume);
    }
}
