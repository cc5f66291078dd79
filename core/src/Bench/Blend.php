<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/**
 * Mixes meat to a wanted share of fat. A linear programme with two rows, the whole and its fat, and a bound on each part: its best lies
 * at a corner, where all parts but one or two stand at a bound. All corners are looked at, so the answer is exact; of two parts it is
 * Pearson's square.
 */
final readonly class Blend
{
    private const SMALL = 1e-9;

    /** @param  array<string, float>  $shares  by name, adding up to one */
    private function __construct(public array $shares, public float $fat, public float $costPerKg, public float $flavour) {}

    /**
     * @param  non-empty-list<BlendPart>  $parts
     * @param  float  $fatFrom  kg/kg
     * @return self|null null where no mixture is within the bounds
     */
    public static function of(array $parts, float $fatFrom, float $fatTo, BlendGoal $goal): ?self
    {
        $best = null;
        foreach (self::corners($parts, [$fatFrom, $fatTo]) as $shares) {
            $blend = self::mixed($parts, $shares);
            if ($blend->fat < $fatFrom - self::SMALL || $blend->fat > $fatTo + self::SMALL) {
                continue;
            }
            $best = $best === null || self::worth($blend, $goal) > self::worth($best, $goal) + self::SMALL ? $blend : $best;
        }

        return $best;
    }

    /**
     * The leanest and the fattest there can be of these parts: what is wanted beyond them is impossible.
     *
     * @param  non-empty-list<BlendPart>  $parts
     * @return array{float, float}|null kg/kg; null where the bounds themselves leave nothing
     */
    public static function reach(array $parts): ?array
    {
        $fats = array_map(static fn (array $shares): float => self::mixed($parts, $shares)->fat, self::corners($parts, []));

        return $fats === [] ? null : [min($fats), max($fats)];
    }

    /** The better the higher; price and flavour break each other's ties. */
    private static function worth(self $blend, BlendGoal $goal): float
    {
        return $goal === BlendGoal::Price ? -$blend->costPerKg + 1e-6 * $blend->flavour : $blend->flavour - 1e-6 * $blend->costPerKg;
    }

    /**
     * @param  list<BlendPart>  $parts
     * @param  list<float>  $fats  that the mixture may stand at
     * @return list<list<float>> shares, each adding up to one and within its bounds
     */
    private static function corners(array $parts, array $fats): array
    {
        $corners = [];
        $count = count($parts);
        for ($bounds = 0; $bounds < 2 ** $count; $bounds++) {
            $at = [];
            foreach ($parts as $i => $part) {
                $at[$i] = ($bounds >> $i) % 2 === 0 ? $part->least : $part->most;
            }
            for ($i = 0; $i < $count; $i++) {
                $corners[] = self::oneFree($at, $i);
                for ($j = $i + 1; $j < $count; $j++) {
                    foreach ($fats as $fat) {
                        $corners[] = self::twoFree($parts, $at, $i, $j, $fat);
                    }
                }
            }
        }

        return array_values(
            array_filter($corners, static fn (?array $shares): bool => $shares !== null && self::isWithin($parts, $shares)),
        );
    }

    /**
     * @param  array<int, float>  $at
     * @return list<float>
     */
    private static function oneFree(array $at, int $i): array
    {
        $at[$i] = 0.0;
        $at[$i] = 1.0 - array_sum($at);

        return array_values($at);
    }

    /**
     * @param  list<BlendPart>  $parts
     * @param  array<int, float>  $at
     * @return list<float>|null null where both are as fat: then one of them is enough
     */
    private static function twoFree(array $parts, array $at, int $i, int $j, float $fat): ?array
    {
        $apart = $parts[$j]->fat - $parts[$i]->fat;
        if (abs($apart) < self::SMALL) {
            return null;
        }
        [$at[$i], $at[$j]] = [0.0, 0.0];
        $left = 1.0 - array_sum($at);
        $fatLeft = $fat - array_sum(array_map(static fn (BlendPart $part, float $share): float => $part->fat * $share, $parts, $at));
        $at[$j] = ($fatLeft - $left * $parts[$i]->fat) / $apart;
        $at[$i] = $left - $at[$j];

        return array_values($at);
    }

    /**
     * @param  list<BlendPart>  $parts
     * @param  list<float>  $shares
     */
    private static function isWithin(array $parts, array $shares): bool
    {
        foreach ($parts as $i => $part) {
            if ($shares[$i] < $part->least - self::SMALL || $shares[$i] > $part->most + self::SMALL) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<BlendPart>  $parts
     * @param  list<float>  $shares
     */
    private static function mixed(array $parts, array $shares): self
    {
        $fat = $cost = $flavour = 0.0;
        $named = [];
        foreach ($parts as $i => $part) {
            $fat += $shares[$i] * $part->fat;
            $cost += $shares[$i] * $part->costPerKg;
            $flavour += $shares[$i] * $part->flavour;
            $named[$part->name] = max(0.0, $shares[$i]);
        }

        return new self($named, $fat, $cost, $flavour);
    }
}
