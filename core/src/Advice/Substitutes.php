<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\FibreDirection;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Method\Suitability;
use Nessmark\Say\Phrase;

/**
 * What to sell instead: the cuts most like one under a method, each with what changes. Likeness is a distance over what is
 * felt when cooking and eating; one point is about one class of tenderness. Weights: common practice, no source.
 */
final readonly class Substitutes
{
    private const MOST = 4;

    private const TENDERNESS = 1.0;

    private const COLLAGEN = 0.5;

    /** Each doubling of fat, and of thickness. */
    private const FAT = 0.3;

    private const THICKNESS = 0.45;

    private const FLAVOUR = 0.25;

    private const OTHER_ANIMAL = 0.9;

    /** A flat fish beside a round one. */
    private const OTHER_FISH = 0.3;

    private const OTHER_GROUP = 0.8;

    private const OTHER_FORM = 0.4;

    /** A whole bird or fish is carved, a piece is not. */
    private const WHOLE = 0.8;

    private const OTHER_BONE = 0.3;

    private const OTHER_GRAIN = 0.3;

    /** Fibres lying along the surface or running from face to face: sliced and cooked otherwise. */
    private const OTHER_FIBRE = 0.6;

    /** Flat muscles are sliced across at the table, which makes up for half of their toughness. */
    private const FLAT_SHARE = 0.5;

    /** Fat below this is not told apart, kg/kg. */
    private const LEAST_FAT = 0.01;

    /** A time must differ by so much of the first to be worth saying. */
    private const TIME_SHARE = 0.1;

    public function __construct(private RoughCook $cook, private Suitability $suitability = new Suitability()) {}

    public static function from(DataFolder $folder): self
    {
        return new self(RoughCook::from($folder));
    }

    /** @return list<array{cut: Cut, distance: float, time_s: float|null, changes: list<Phrase>}> the most alike first */
    public function of(Cut $cut, Method $method, Catalogue $catalogue): array
    {
        $near = [];
        foreach ($catalogue->cuts() as $other) {
            if ($other->slug !== $cut->slug && self::isComparable($cut, $other)) {
                $near[$other->slug] = self::distance($cut, $other);
            }
        }
        asort($near); // equals stay in the order of the catalogue
        $found = [];
        $mine = $this->cook->of($cut, $method);
        foreach ($near as $slug => $distance) {
            $other = $catalogue->cut($slug);
            if ($this->suitability->judge($other, $method)->fit === Fit::Poor) {
                continue;
            }
            $theirs = $this->cook->of($other, $method);
            $found[] = [
                'cut' => $other,
                'distance' => round($distance, 2),
                'time_s' => $theirs['time_s'] ?? null,
                'changes' => $this->changes($cut, $other, $mine, $theirs),
            ];
            if (count($found) === self::MOST) {
                break;
            }
        }

        return $found;
    }

    public static function distance(Cut $one, Cut $other): float
    {
        $doublings = static fn (float $a, float $b): float => log($a / $b, 2);
        $areFlat = self::isFlat($one) && self::isFlat($other);

        return sqrt(
            array_sum(
                array_map(static fn (float $d): float => $d ** 2, [
                    self::TENDERNESS * ($areFlat ? self::FLAT_SHARE : 1.0) * ($one->tendernessScore() - $other->tendernessScore()),
                    self::COLLAGEN * ($one->collagenRank() - $other->collagenRank()),
                    self::FAT * $doublings(max(self::LEAST_FAT, $one->fatFraction()), max(self::LEAST_FAT, $other->fatFraction())),
                    self::THICKNESS * $doublings($one->build->typicalMm, $other->build->typicalMm),
                    self::FLAVOUR * ($one->flavour - $other->flavour),
                    $one->animal === $other->animal ? 0.0 : ($one->isFish() && $other->isFish() ? self::OTHER_FISH : self::OTHER_ANIMAL),
                    $one->group === $other->group ? 0.0 : self::OTHER_GROUP,
                    $one->form === $other->form ? 0.0 : self::OTHER_FORM,
                    self::isWhole($one) === self::isWhole($other) ? 0.0 : self::WHOLE,
                    $one->covering->isBoneless() === $other->covering->isBoneless() ? 0.0 : self::OTHER_BONE,
                    $one->muscles[0]->grain === $other->muscles[0]->grain ? 0.0 : self::OTHER_GRAIN,
                    $one->fibre === $other->fibre ? 0.0 : self::OTHER_FIBRE,
                ]),
            ),
        );
    }

    private static function isWhole(Cut $cut): bool
    {
        return $cut->form === Form::WholeBird || $cut->form === Form::WholeFish;
    }

    private static function isFlat(Cut $cut): bool
    {
        return $cut->form === Form::Steak && $cut->fibre === FibreDirection::Across;
    }

    /** Fish does not stand in for meat, mince not for whole muscle, offal for neither. */
    public static function isComparable(Cut $one, Cut $other): bool
    {
        return $one->allergen() === $other->allergen() &&
            $one->isFish() === $other->isFish() &&
            ($one->form === Form::Mince) === ($other->form === Form::Mince) &&
            ($one->form === Form::Organ) === ($other->form === Form::Organ);
    }

    /** @return list<Phrase> what changes when the other is sold instead */
    public function changesBetween(Cut $cut, Cut $other, Method $method): array
    {
        return $this->changes($cut, $other, $this->cook->of($cut, $method), $this->cook->of($other, $method));
    }

    /**
     * @param  array{time_s: float, target_c: float}|null  $mine
     * @param  array{time_s: float, target_c: float}|null  $theirs
     * @return list<Phrase>
     */
    private function changes(Cut $cut, Cut $other, ?array $mine, ?array $theirs): array
    {
        $changes = [];
        if ($mine !== null && $theirs !== null) {
            $change = $theirs['time_s'] - $mine['time_s'];
            if (abs($change) >= self::TIME_SHARE * $mine['time_s']) {
                $changes[] = new Phrase($change > 0.0 ? 'swap.longer' : 'swap.shorter', [
                    'change_s' => abs($change),
                    'thickness_mm' => $other->build->typicalMm,
                ]);
            }
            if ($theirs['target_c'] !== $mine['target_c']) {
                $changes[] = new Phrase($theirs['target_c'] > $mine['target_c'] ? 'swap.hotter' : 'swap.cooler', [
                    'target_c' => $theirs['target_c'],
                ]);
            }
        }
        $tougher = $other->tendernessScore() - $cut->tendernessScore();
        foreach (
            [
                'swap.tougher' => $tougher >= 0.5,
                'swap.tenderer' => $tougher <= -0.5,
                'swap.dearer' => $other->priceClass > $cut->priceClass,
                'swap.cheaper' => $other->priceClass < $cut->priceClass,
                'swap.bone' => $cut->covering->isBoneless() && ! $other->covering->isBoneless(),
                'swap.boneless' => ! $cut->covering->isBoneless() && $other->covering->isBoneless(),
                'swap.leaner' => $other->fatFraction() < 0.5 * $cut->fatFraction(),
                'swap.fatter' => $other->fatFraction() > 2.0 * $cut->fatFraction(),
            ] as $key => $isSo
        ) {
            if ($isSo) {
                $changes[] = new Phrase($key);
            }
        }
        if ($other->slice !== $cut->slice) {
            $changes[] = new Phrase("swap.slice_{$other->slice}");
        }

        return $changes;
    }
}
