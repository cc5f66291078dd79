<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use LogicException;
use Nessmark\Heat\Body;
use Nessmark\Heat\Material;
use Nessmark\Heat\Solid;
use Nessmark\Heat\Stage;
use Nessmark\Heat\Surroundings;
use Nessmark\Heat\Tissue;
use Nessmark\Quantity\Length;

/** What is to be heated, as a simulation names it: a simple body, or one with ends. */
final readonly class SimulationBody
{
    private const LAYERS_WITHIN_MM = 0.01;

    private const MOST_MM = 1000.0;

    private const LEAST_MM = 0.5;

    private const WITH_ENDS = ['box', 'rod', 'ellipsoid'];

    /** The conductivity that decides a match is that of meat so warm, °C. */
    private const WARM_C = 50.0;

    /** Where no aim is given, the match is made when so much of the way is left. */
    private const USUAL_LEFT = 0.3;

    /** @param  list<array{Tissue, float}>  $layers  tissue and thickness, m, from face a to face b; none when all is lean */
    private function __construct(private ?Body $simple, public ?Solid $solid, public array $layers, public bool $hasTwoFaces) {}

    public static function read(Fields $in): ?self
    {
        $shape = $in->choice('shape', ['slab', 'cylinder', 'sphere', 'finite', ...self::WITH_ENDS]);
        $layers = [];
        $simple = $solid = null;
        if (in_array($shape, self::WITH_ENDS, true)) {
            $solid = self::withEnds($in, $shape);
        } else {
            $size = in_array($shape, ['slab', 'finite'], true) ? 'thickness_mm' : 'diameter_mm';
            $sizeMm = $in->number($size, self::LEAST_MM, self::MOST_MM);
            $simple = self::simple($in, $shape, $sizeMm);
            $layers = $shape === 'slab' ? self::layers($in, $sizeMm) : [];
        }
        if ($in->has('layers') && $shape !== 'slab') {
            $in->refuse('layers', 'not_allowed', '[…]', 'no_layers');
        }
        $in->noOthers();

        return $in->isWrong() ? null : new self($simple, $solid, $layers, $shape === 'slab');
    }

    /** @param  float|null  $aimC  of the core; null: some way along */
    public function body(Material $material, Stage $stage, float $startC, ?float $aimC, ?float $wetness): Body
    {
        if ($this->simple !== null || $this->solid === null) {
            return $this->simple ?? throw new LogicException('A body is simple, or it has ends.');
        }
        $around = Surroundings::of($stage->a, $stage->b, $startC, $wetness);
        $aimC ??= $around->celsius - self::USUAL_LEFT * ($around->celsius - $startC);
        $conductivity = $material->conductivityWMK(self::WARM_C);

        return $this->solid->as($this->solid->nearest($around->hWM2K / $conductivity), $around, $conductivity, $startC, $aimC);
    }

    private static function simple(Fields $in, string $shape, float $sizeMm): ?Body
    {
        $exponent = $shape === 'finite' ? $in->number('exponent', 0.0, 2.0, 'exponent') : 0.0;
        $coreAtMm = $shape === 'slab' ? $in->optionalNumber('core_at_mm', 0.001, max(0.001, $sizeMm)) : null;
        if ($in->isWrong()) {
            return null;
        }
        $size = Length::ofMillimetres($sizeMm);

        return match ($shape) {
            'cylinder' => Body::cylinder($size),
            'sphere' => Body::sphere($size),
            'finite' => Body::finite($size, $exponent),
            default => Body::slab($size, $coreAtMm === null ? null : Length::ofMillimetres($coreAtMm)),
        };
    }

    private static function withEnds(Fields $in, string $shape): ?Solid
    {
        $sizesMm = match ($shape) {
            'rod' => [$in->number('diameter_mm', self::LEAST_MM, self::MOST_MM), $in->number('length_mm', self::LEAST_MM, self::MOST_MM)],
            'box' => self::rising($in, ['thickness_mm', 'width_mm', 'length_mm']),
            default => $in->numbers('axes_mm', 3, self::LEAST_MM, self::MOST_MM),
        };
        $inOrder = $sizesMm;
        sort($inOrder);
        if ($shape === 'ellipsoid' && ! $in->isWrong() && (count($sizesMm) !== 3 || $inOrder !== $sizesMm)) {
            $in->refuse('axes_mm', 'not_allowed', $sizesMm, 'three_axes');
        }
        if ($in->isWrong()) {
            return null;
        }
        $sizes = array_map(Length::ofMillimetres(...), $sizesMm);

        return match ($shape) {
            'rod' => Solid::rod($sizes[0], $sizes[1]),
            'box' => Solid::box($sizes[0], $sizes[1], $sizes[2]),
            default => Solid::ellipsoid($sizes[0], $sizes[1], $sizes[2]),
        };
    }

    /**
     * Each at least the one before.
     *
     * @param  non-empty-list<string>  $keys
     * @return non-empty-list<float>
     */
    private static function rising(Fields $in, array $keys): array
    {
        $sizes = [];
        $leastMm = self::LEAST_MM;
        foreach ($keys as $key) {
            $sizes[] = $leastMm = $in->number($key, $leastMm, self::MOST_MM);
            $leastMm = max(self::LEAST_MM, min(self::MOST_MM, $leastMm));
        }

        return $sizes;
    }

    /** @return list<array{Tissue, float}> */
    private static function layers(Fields $in, float $sizeMm): array
    {
        if (! $in->has('layers')) {
            return [];
        }
        $layers = [];
        $tissues = array_column(Tissue::cases(), 'value');
        foreach ($in->objects('layers', 1, 12) as $fields) {
            $layers[] = [Tissue::from($fields->choice('tissue', $tissues)), $fields->number('thickness_mm', 0.1, self::MOST_MM) / 1000.0];
            $fields->noOthers();
        }
        $sumMm = 1000.0 * array_sum(array_column($layers, 1));
        if (! $in->isWrong() && abs($sumMm - $sizeMm) > self::LAYERS_WITHIN_MM) {
            $in->refuse('layers', 'conflict', $sumMm, 'layers_together', ['size_mm' => $sizeMm]);
        }

        return $layers;
    }
}
