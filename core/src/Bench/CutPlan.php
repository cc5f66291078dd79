<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** Where a whole piece is cut: its portions, what is left over and what the blade took, adding up to the gram. */
final readonly class CutPlan
{
    /**
     * @param  list<Portion>  $portions  from the thick end
     * @param  list<int>  $portionG  whole grams of each
     * @param  int  $restG  of the piece that is not cut into, its thin end still on
     * @param  int  $offcutG  ends, and what is too thin for a portion
     * @param  int  $dustG  of the saw
     */
    private function __construct(
        public WholePiece $whole,
        public array $portions,
        public array $portionG,
        public int $restG,
        public int $offcutG,
        public int $dustG,
    ) {}

    /**
     * @param  list<Portion>  $portions  from the thick end, not overlapping
     * @param  float  $restFromMm  so long a rest is a piece to keep; what is shorter is an offcut
     */
    public static function of(WholePiece $whole, array $portions, float $restFromMm = INF): self
    {
        $dust = 0.0;
        foreach ($portions as $i => $portion) {
            $next = $portions[$i + 1]->fromMm ?? $whole->toMm();
            $dust += $whole->grams($portion->toMm, max($portion->toMm, min($next, $portion->toMm + $whole->kerfMm)));
        }
        $grams = array_map(static fn (Portion $portion): float => $portion->grams, $portions);
        $endMm = $portions === [] ? $whole->fromMm() : end($portions)->toMm + $whole->kerfMm;
        $rest = $whole->toMm() - $endMm >= $restFromMm ? $whole->grams($endMm, $whole->lengthMm) : 0.0;
        $offcut = max(0.0, $whole->massG - $dust - $rest - array_sum($grams));
        $count = count($portions);
        $all = WholeGrams::of([...$grams, $rest, $offcut, $dust], $whole->massG);

        return new self($whole, $portions, array_slice($all, 0, $count), $all[$count], $all[$count + 1], $all[$count + 2]);
    }

    public function count(): int
    {
        return count($this->portions);
    }

    /** Between the lightest and the heaviest, g. */
    public function spreadG(): float
    {
        $grams = array_map(static fn (Portion $portion): float => $portion->grams, $this->portions);

        return $grams === [] ? 0.0 : max($grams) - min($grams);
    }

    /** How far a portion is off a wanted weight, the one that is furthest, g. */
    public function furthestG(float $wantedG): float
    {
        return max([0.0, ...array_map(static fn (Portion $portion): float => abs($portion->grams - $wantedG), $this->portions)]);
    }
}
