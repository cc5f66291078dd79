<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The centre of an ellipsoid in unchanging surroundings, by Ritz' method: even polynomials of the coordinates over the half axes, the
 * modes of the whole from a generalised eigenproblem (Cholesky, Jacobi). Independent of the program. Right to 1 % for θ up to 0.9.
 */
final readonly class EllipsoidModes
{
    private const DEGREE = 5;

    private const ANGLES = 24;

    /** @param  list<array{float, float}>  $modes  decay per α·t, m⁻², and what each adds at the centre */
    private function __construct(private array $modes) {}

    /** @param  array{float, float, float}  $half  axes, m */
    public static function of(array $half, float $hOverK): self
    {
        $powers = [];
        for ($i = 0; $i <= self::DEGREE; $i++) {
            for ($j = 0; $i + $j <= self::DEGREE; $j++) {
                for ($k = 0; $i + $j + $k <= self::DEGREE; $k++) {
                    $powers[] = [$i, $j, $k];
                }
            }
        }
        $stiff = self::surface($powers, $half, $hOverK);
        $mass = $stiff;
        foreach ($powers as $p => $a) {
            foreach ($powers as $q => $b) {
                $mass[$p][$q] = self::ball($a[0] + $b[0], $a[1] + $b[1], $a[2] + $b[2]);
                foreach ([0, 1, 2] as $axis) {
                    $less = [$a[0] + $b[0], $a[1] + $b[1], $a[2] + $b[2]];
                    $less[$axis]--;
                    $both = 4.0 * $a[$axis] * $b[$axis];
                    $stiff[$p][$q] += $both === 0.0 ? 0.0 : ($both * self::ball(...$less)) / $half[$axis] ** 2;
                }
            }
        }
        [$values, $vectors] = self::eigen($stiff, $mass);
        $modes = [];
        foreach ($values as $m => $value) {
            $overall = 0.0; // what of the even start lies in this mode: its product with 1, the first polynomial
            foreach ($powers as $q => $_) {
                $overall += $vectors[$q][$m] * $mass[0][$q];
            }
            $modes[] = [$value, $overall * $vectors[0][$m]];
        }

        return new self($modes);
    }

    /** θ at the centre when α·t is so many m². */
    public function theta(float $time): float
    {
        return array_sum(array_map(static fn (array $mode): float => $mode[1] * exp(-$mode[0] * $time), $this->modes));
    }

    /** ∫ x²ⁱ y²ʲ z²ᵏ over the unit ball (Dirichlet). */
    private static function ball(int $i, int $j, int $k): float
    {
        return exp(self::logGamma($i + 0.5) + self::logGamma($j + 0.5) + self::logGamma($k + 0.5) - self::logGamma($i + $j + $k + 2.5));
    }

    /** ln Γ of a half-integer. */
    private static function logGamma(float $x): float
    {
        $sum = 0.5 * log(M_PI);
        for ($step = 0.5; $step < $x - 0.25; $step += 1.0) {
            $sum += log($step);
        }

        return $sum;
    }

    /**
     * @param  list<array{int, int, int}>  $powers
     * @param  array{float, float, float}  $half
     * @return array<int, array<int, float>>
     */
    private static function surface(array $powers, array $half, float $hOverK): array
    {
        $sum = array_fill(0, count($powers), array_fill(0, count($powers), 0.0));
        for ($u = 0; $u < self::ANGLES; $u++) {
            $z = ($u + 0.5) / self::ANGLES;
            for ($v = 0; $v < self::ANGLES; $v++) {
                $angle = ((0.5 * M_PI) * ($v + 0.5)) / self::ANGLES;
                $at = [sqrt(1.0 - $z * $z) * cos($angle), sqrt(1.0 - $z * $z) * sin($angle), $z];
                $stretch = sqrt(($at[0] / $half[0]) ** 2 + ($at[1] / $half[1]) ** 2 + ($at[2] / $half[2]) ** 2);
                $area = (4.0 * M_PI * $stretch * $hOverK) / self::ANGLES ** 2;
                $value = array_map(
                    static fn (array $p): float => $at[0] ** (2 * $p[0]) * $at[1] ** (2 * $p[1]) * $z ** (2 * $p[2]),
                    $powers,
                );
                foreach ($value as $p => $a) {
                    foreach ($value as $q => $b) {
                        $sum[$p][$q] += $area * $a * $b;
                    }
                }
            }
        }

        return $sum;
    }

    /**
     * K v = λ M v, each v with vᵀMv = 1.
     *
     * @param  array<int, array<int, float>>  $stiff
     * @param  array<int, array<int, float>>  $mass
     * @return array{list<float>, array<int, array<int, float>>} the λ, and the v in columns
     */
    private static function eigen(array $stiff, array $mass): array
    {
        $n = count($mass);
        $inverse = self::inverseLower(self::cholesky($mass));
        $a = self::times(self::times($inverse, $stiff), self::turned($inverse));
        $v = [];
        for ($i = 0; $i < $n; $i++) {
            $v[$i] = array_fill(0, $n, 0.0);
            $v[$i][$i] = 1.0;
        }
        for ($sweep = 0; $sweep < 12; $sweep++) {
            for ($p = 0; $p < $n - 1; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    if (abs($a[$p][$q]) < 1e-11 * sqrt(abs($a[$p][$p] * $a[$q][$q])) + 1e-14) {
                        continue;
                    }
                    $theta = ($a[$q][$q] - $a[$p][$p]) / (2.0 * $a[$p][$q]);
                    $t = ($theta >= 0.0 ? 1.0 : -1.0) / (abs($theta) + sqrt($theta * $theta + 1.0));
                    $c = 1.0 / sqrt($t * $t + 1.0);
                    $s = $t * $c;
                    for ($i = 0; $i < $n; $i++) {
                        [$x, $y] = [$a[$i][$p], $a[$i][$q]];
                        [$a[$i][$p], $a[$i][$q]] = [$c * $x - $s * $y, $s * $x + $c * $y];
                        [$x, $y] = [$v[$i][$p], $v[$i][$q]];
                        [$v[$i][$p], $v[$i][$q]] = [$c * $x - $s * $y, $s * $x + $c * $y];
                    }
                    for ($i = 0; $i < $n; $i++) {
                        [$x, $y] = [$a[$p][$i], $a[$q][$i]];
                        [$a[$p][$i], $a[$q][$i]] = [$c * $x - $s * $y, $s * $x + $c * $y];
                    }
                }
            }
        }

        return [array_map(static fn (int $i): float => $a[$i][$i], range(0, $n - 1)), self::times(self::turned($inverse), $v)];
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @return array<int, array<int, float>>
     */
    private static function cholesky(array $m): array
    {
        $l = $m;
        foreach ($m as $i => $_) {
            foreach ($m as $j => $_) {
                $sum = $m[$i][$j];
                for ($k = 0; $k < min($i, $j); $k++) {
                    $sum -= $l[$i][$k] * $l[$j][$k];
                }
                $l[$i][$j] = match (true) {
                    $j > $i => 0.0,
                    $j === $i => sqrt($sum),
                    default => $sum / $l[$j][$j],
                };
            }
        }

        return $l;
    }

    /**
     * @param  array<int, array<int, float>>  $l
     * @return array<int, array<int, float>>
     */
    private static function inverseLower(array $l): array
    {
        $n = count($l);
        $inverse = array_fill(0, $n, array_fill(0, $n, 0.0));
        for ($j = 0; $j < $n; $j++) {
            for ($i = $j; $i < $n; $i++) {
                $sum = $i === $j ? 1.0 : 0.0;
                for ($k = $j; $k < $i; $k++) {
                    $sum -= $l[$i][$k] * $inverse[$k][$j];
                }
                $inverse[$i][$j] = $sum / $l[$i][$i];
            }
        }

        return $inverse;
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @return array<int, array<int, float>>
     */
    private static function turned(array $m): array
    {
        return array_map(null, ...$m);
    }

    /**
     * @param  array<int, array<int, float>>  $a
     * @param  array<int, array<int, float>>  $b
     * @return array<int, array<int, float>>
     */
    private static function times(array $a, array $b): array
    {
        $columns = self::turned($b);

        return array_map(static fn (array $row): array => array_map(static function (array $column) use ($row): float {
            $sum = 0.0;
            foreach ($row as $i => $value) {
                $sum += $value * $column[$i];
            }

            return $sum;
        }, $columns), $a);
    }
}
