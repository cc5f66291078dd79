<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\Substitutes;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Meat\Cut;

/** What is like a cut or a kind and not itself: "something like venison, but cheaper". */
final readonly class Alike
{
    /** So many of the nearest are like it, and how fast likeness falls with distance. Common practice, no source. */
    private const MOST = 40;

    private const FALLS = 4.0;

    private function __construct() {}

    /**
     * @param  non-empty-list<Cut>  $itself
     * @param  list<Want>  $wants  what it is to be more of
     * @return array<string, float> likeness by slug, 0 to 1
     */
    public static function to(array $itself, array $wants, Catalogue $catalogue): array
    {
        $distances = [];
        foreach ($catalogue->cuts() as $cut) {
            $from = array_filter(
                $itself,
                static fn (Cut $one): bool => Substitutes::isComparable($one, $cut) && $one->isBird() === $cut->isBird(),
            );
            if ($from !== [] && ! in_array($cut, $itself, true) && self::isMore($cut, $from, $wants)) {
                $each = array_map(static fn (Cut $one): float => Substitutes::distance($one, $cut), $from);
                $distances[$cut->slug] = array_sum($each) / count($each);
            }
        }
        asort($distances);
        $distances = array_slice($distances, 0, self::MOST);
        $nearest = $distances === [] ? 0.0 : min($distances);

        return array_map(static fn (float $distance): float => exp(-self::FALLS * ($distance - $nearest)), $distances);
    }

    /**
     * @param  non-empty-array<Cut>  $itself
     * @param  list<Want>  $wants
     */
    private static function isMore(Cut $cut, array $itself, array $wants): bool
    {
        /** @param  non-empty-array<float|int>  $of */
        $mean = static fn (array $of): float => array_sum($of) / count($of);
        foreach ($wants as $want) {
            $isMore = match ($want) {
                Want::Cheap => $cut->priceClass < $mean(array_map(static fn (Cut $one): int => $one->priceClass, $itself)),
                Want::Lean => $cut->fatFraction() < $mean(array_map(static fn (Cut $one): float => $one->fatFraction(), $itself)),
                Want::Soft => $cut->tendernessScore() < $mean(array_map(static fn (Cut $one): float => $one->tendernessScore(), $itself)),
                Want::Bigger => $cut->build->typicalG > $mean(array_map(static fn (Cut $one): float => $one->build->typicalG, $itself)),
                default => true,
            };
            if (! $isMore) {
                return false;
            }
        }

        return true;
    }
}
