<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A random valid case of the simulation contract, or the same with one thing wrong; the same for the same number. */
final class RandomCase
{
    private const SHAPES = ['slab', 'slab', 'cylinder', 'sphere', 'finite'];

    private Randomizer $draw;

    private function __construct(int $number)
    {
        $this->draw = new Randomizer(new Xoshiro256StarStar($number));
    }

    /** @return array<string, mixed> */
    public static function valid(int $number): array
    {
        return (new self($number))->case();
    }

    /** @return array{array<string, mixed>, string} the case, and the key that must be named */
    public static function broken(int $number): array
    {
        $self = new self($number);
        $case = $self->case();
        $at = &$case;
        $path = [];
        while (is_array($at) && $at !== []) {
            if (! array_is_list($at) && $self->chance(0.25)) {
                $at['surprise'] = 1;

                return [$case, implode('.', [...$path, 'surprise'])];
            }
            $key = $self->draw->pickArrayKeys($at, 1)[0];
            $path[] = $key;
            $at = &$at[$key];
        }
        $at = is_string($at) ? 3 : ['wrong' => true];

        return [$case, implode('.', $path)];
    }

    /** @return array<string, mixed> */
    private function case(): array
    {
        $shape = $this->one(self::SHAPES);
        $mm = $this->between(2.0, 200.0);
        $body = ['shape' => $shape, in_array($shape, ['slab', 'finite'], true) ? 'thickness_mm' : 'diameter_mm' => $mm];
        if ($shape === 'finite') {
            $body['exponent'] = $this->between(0.0, 2.0);
        }
        if ($shape === 'slab' && $this->chance(0.3)) {
            $fat = round($mm * $this->between(0.1, 0.4), 1);
            $body['layers'] = [['tissue' => 'fat', 'thickness_mm' => $fat], ['tissue' => 'lean', 'thickness_mm' => $mm - $fat]];
        }
        $case = [
            'body' => $body,
            'material' => $this->chance(0.5)
                ? [
                    'k_w_mk' => $this->between(0.2, 0.7),
                    'rho_kg_m3' => $this->between(900.0, 1150.0),
                    'cp_j_kgk' => $this->between(2000.0, 4000.0),
                ]
                : ['composition' => ['water' => 0.7, 'protein' => 0.2, 'fat' => 0.09, 'ash' => 0.01]],
            'start_c' => $this->between(-0.5, 35.0),
            'stages' => array_map(
                fn (int $i): array => $this->stage("stage {$i}", $shape === 'slab'),
                range(1, $this->draw->getInt(1, 3)),
            ),
            'report' => ['core_targets_c' => [50.0, 60.0], 'bands_c' => [45.0, 60.0]],
            'lethality' => ['d_ref_s' => $this->between(1.0, 100.0), 't_ref_c' => 60.0, 'z_c' => $this->between(4.0, 12.0)],
        ];

        return $this->chance(0.4) ? [...$case, 'wet_surface' => true, 'wetness' => $this->between(0.0, 1.0)] : $case;
    }

    /** @return array<string, mixed> */
    private function stage(string $name, bool $isSlab): array
    {
        $stage = [
            'name' => $name,
            'duration_s' => $this->between(20.0, 4000.0),
            'faces' => ['a' => $this->face()] + ($isSlab ? ['b' => $this->face()] : []),
        ];
        if ($this->chance(0.3)) {
            $stage['until_core_c'] = $this->between(30.0, 90.0);
        }

        return $isSlab && $this->chance(0.4) ? [...$stage, 'flip_every_s' => $this->between(20.0, 300.0)] : $stage;
    }

    /** @return array<string, mixed> */
    private function face(): array
    {
        $open = ['h_w_m2k' => $this->between(2.0, 1000.0), 'ambient_c' => $this->between(-20.0, 260.0)];

        return match ($this->draw->getInt(0, 5)) {
            0 => ['insulated' => true],
            1 => ['fixed_c' => $this->between(0.0, 150.0)],
            2 => [...$open, 'emissivity' => $this->between(0.1, 1.0), 'radiant_c' => $this->between(20.0, 700.0)],
            3 => [...$open, 'vapour_kpa' => $this->between(0.0, 100.0)],
            4 => [...$open, 'closed' => true],
            default => $open,
        };
    }

    private function between(float $low, float $high): float
    {
        return round($low + (($high - $low) * $this->draw->getInt(0, 1_000_000)) / 1e6, 3);
    }

    private function chance(float $share): bool
    {
        return $this->draw->getInt(1, 1000) <= $share * 1000.0;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->draw->getInt(0, count($from) - 1)];
    }
}
