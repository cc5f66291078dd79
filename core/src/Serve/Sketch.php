<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Ticket\CarveDrawing;
use Nessmark\Ticket\CarveLine;
use Nessmark\Ticket\CarveMark;

/** Draws a piece and the knife in it, in millimetres of the piece: what is seen from above, or of what stands on its bone from the side. */
final class Sketch
{
    /** Corners are rounded by so much of the shorter side. */
    private const ROUND = 0.35;

    /** So many cuts are drawn: where one begins, not every slice. */
    private const CUTS = 7;

    /** Thin slices are drawn so far apart that they can be told, of the width. */
    private const LEAST_GAP = 0.05;

    private const GRAIN_LINES = 6;

    private const ARC_POINTS = 5;

    /** Slices on the slant lean by so much of the width. */
    private const SLANT = 0.55;

    /** @var list<CarveLine> */
    private array $lines = [];

    public function __construct(private readonly float $width, private readonly float $height) {}

    public function drawing(): CarveDrawing
    {
        return new CarveDrawing(round($this->width, 1), round($this->height, 1), $this->lines);
    }

    /** A piece with rounded ends that fills the box. */
    public function meat(): self
    {
        return $this->area(CarveMark::Meat, $this->rounded(0.0, 0.0, $this->width, $this->height));
    }

    /** A bone along the lower edge. */
    public function boneBelow(): self
    {
        return $this->area(
            CarveMark::Bone,
            $this->rounded(0.04 * $this->width, 0.8 * $this->height, 0.92 * $this->width, 0.16 * $this->height),
        );
    }

    /** A bone right through the length, out at one end. */
    public function boneThrough(): self
    {
        return $this->area(
            CarveMark::Bone,
            $this->rounded(0.1 * $this->width, 0.44 * $this->height, 0.9 * $this->width, 0.13 * $this->height),
        );
    }

    /** So many bones across, at even distances. */
    public function bonesAcross(int $count): self
    {
        $gap = $this->width / $count;
        for ($i = 0; $i < $count; $i++) {
            $this->area(CarveMark::Bone, $this->rounded(($i + 0.36) * $gap, 0.04 * $this->height, 0.28 * $gap, 0.92 * $this->height));
        }

        return $this;
    }

    /** The lines of the grain, along the box or across it. */
    public function grain(bool $isAlong): self
    {
        for ($i = 1; $i <= self::GRAIN_LINES; $i++) {
            $at = $i / (self::GRAIN_LINES + 1);
            $this->stroke(
                CarveMark::Grain,
                $isAlong
                    ? [[0.07 * $this->width, $at * $this->height], [0.93 * $this->width, $at * $this->height]]
                    : [[$at * $this->width, 0.09 * $this->height], [$at * $this->width, 0.91 * $this->height]],
            );
        }

        return $this;
    }

    /** Cuts straight across from the right end, the first few of them; on the slant they lean. */
    public function slices(float $everyMm, bool $isOnSlant = false): self
    {
        $lean = $isOnSlant ? self::SLANT * $this->height : 0.0;
        $gap = max($everyMm, self::LEAST_GAP * $this->width);
        $count = min(self::CUTS, (int) ceil(($this->width - $lean) / $gap) - 1);
        for ($i = 1; $i <= $count; $i++) {
            $x = $this->width - $i * $gap;
            $this->stroke(CarveMark::Cut, [[$x, -0.06 * $this->height], [$x - $lean, 1.06 * $this->height]]);
        }

        return $this;
    }

    /** Cuts that part it into like lengths. */
    public function lengths(float $aboutMm): self
    {
        $parts = max(2, (int) round($this->width / $aboutMm));
        for ($i = 1; $i < $parts; $i++) {
            $this->cut([[$i / $parts, -0.06], [$i / $parts, 1.06]]);
        }

        return $this;
    }

    /**
     * One cut.
     *
     * @param  list<array{float, float}>  $shares  of the box
     */
    public function cut(array $shares): self
    {
        return $this->stroke(CarveMark::Cut, $this->scaled($shares));
    }

    /**
     * An area of meat or bone.
     *
     * @param  list<array{float, float}>  $shares  of the box
     */
    public function shape(CarveMark $of, array $shares): self
    {
        return $this->area($of, $this->scaled($shares));
    }

    /**
     * @param  list<array{float, float}>  $shares
     * @return list<array{float, float}>
     */
    private function scaled(array $shares): array
    {
        return array_map(fn (array $at): array => [$at[0] * $this->width, $at[1] * $this->height], $shares);
    }

    /** @return list<array{float, float}> corners as quarter circles */
    private function rounded(float $x, float $y, float $width, float $height): array
    {
        $r = self::ROUND * min($width, $height);
        $points = [];
        foreach (
            [
                [$x + $width - $r, $y + $r, -0.5],
                [$x + $width - $r, $y + $height - $r, 0.0],
                [$x + $r, $y + $height - $r, 0.5],
                [$x + $r, $y + $r, 1.0],
            ] as [$cx, $cy, $from]
        ) {
            for ($i = 0; $i <= self::ARC_POINTS; $i++) {
                $angle = M_PI * ($from + (0.5 * $i) / self::ARC_POINTS);
                $points[] = [$cx + $r * cos($angle), $cy + $r * sin($angle)];
            }
        }

        return $points;
    }

    /** @param  list<array{float, float}>  $points */
    private function area(CarveMark $of, array $points): self
    {
        $this->lines[] = new CarveLine($of, self::tenths($points), true);

        return $this;
    }

    /** @param  list<array{float, float}>  $points */
    private function stroke(CarveMark $of, array $points): self
    {
        $this->lines[] = new CarveLine($of, self::tenths($points), false);

        return $this;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function tenths(array $points): array
    {
        return array_map(static fn (array $at): array => [round($at[0], 1), round($at[1], 1)], $points);
    }
}
