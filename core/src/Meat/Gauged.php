<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Quantity\Length;

/** The true thickness of a piece, unfolded, at one to three places evenly along it. Between them it is taken to change evenly. */
final readonly class Gauged
{
    public const MOST_POINTS = 3;

    /** Within a section of like thickness it differs by no more than this share. Common practice, no source. */
    private const ALIKE_SHARE = 0.2;

    private const MOST_SECTIONS = 3;

    /** @param  non-empty-list<float>  $pointsMm */
    public function __construct(public array $pointsMm) {}

    public function mean(): Length
    {
        return Length::ofMillimetres($this->meanMm(0.0, 1.0));
    }

    public function thinnest(): Length
    {
        return Length::ofMillimetres(min($this->pointsMm));
    }

    public function thickest(): Length
    {
        return Length::ofMillimetres(max($this->pointsMm));
    }

    /** Between the thinnest and the thickest place, mm. */
    public function spreadMm(): float
    {
        return max($this->pointsMm) - min($this->pointsMm);
    }

    /**
     * As few pieces across as make each of like thickness.
     *
     * @return list<array{float, float}> from where to where along it, as shares of its length; one where it is even enough
     */
    public function sections(): array
    {
        for ($count = 1; $count < self::MOST_SECTIONS; $count++) {
            $sections = self::parts($count);
            if (array_filter($sections, fn (array $section): bool => ! $this->isEven(...$section)) === []) {
                return $sections;
            }
        }

        return self::parts(self::MOST_SECTIONS);
    }

    /** Mean thickness of a stretch, by its length, mm. */
    public function meanMm(float $from, float $to): float
    {
        $area = 0.0;
        $marks = array_values(array_filter($this->marks(), static fn (float $mark): bool => $mark > $from && $mark < $to));
        $at = $from;
        foreach ([...$marks, $to] as $next) {
            $area += (($this->atMm($at) + $this->atMm($next)) / 2.0) * ($next - $at);
            $at = $next;
        }

        return $area / ($to - $from);
    }

    private function isEven(float $from, float $to): bool
    {
        $at = array_map($this->atMm(...), [
            $from,
            ...array_filter($this->marks(), static fn (float $mark): bool => $mark > $from && $mark < $to),
            $to,
        ]);

        return max($at) - min($at) <= self::ALIKE_SHARE * $this->meanMm($from, $to);
    }

    private function atMm(float $share): float
    {
        $gaps = count($this->pointsMm) - 1;
        if ($gaps === 0) {
            return $this->pointsMm[0];
        }
        $left = min($gaps - 1, (int) floor($share * $gaps));

        return $this->pointsMm[$left] + ($this->pointsMm[$left + 1] - $this->pointsMm[$left]) * ($share * $gaps - $left);
    }

    /** @return list<float> where it was measured, as shares of its length */
    private function marks(): array
    {
        $gaps = max(1, count($this->pointsMm) - 1);

        return array_map(static fn (int $i): float => $i / $gaps, array_keys($this->pointsMm));
    }

    /** @return list<array{float, float}> */
    private static function parts(int $count): array
    {
        return array_map(static fn (int $i): array => [(float) $i / $count, ((float) $i + 1.0) / $count], range(0, $count - 1));
    }
}
