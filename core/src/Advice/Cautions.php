<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Meal\Plate;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Safety\Finding;
use Nessmark\Safety\Verdict;
use Nessmark\Say\Phrase;

/** What the counter always says with this piece and this fire. */
final readonly class Cautions
{
    /** Said with every piece. */
    private const USUAL = ['caution.raw_apart', 'caution.local_code'];

    private function __construct() {}

    /**
     * What is always said, and what is said of this food and this fire.
     *
     * @param  list<array{key: string}>  $cautions  as they were kept
     * @return array{list<array{key: string}>, list<array{key: string}>}
     */
    public static function parted(array $cautions): array
    {
        $isUsual = static fn (array $caution): bool => in_array($caution['key'], self::USUAL, true);

        return [
            array_values(array_filter($cautions, $isUsual)),
            array_values(array_filter($cautions, static fn (array $caution): bool => ! $isUsual($caution))),
        ];
    }

    /**
     * @param  array<string, string>  $fires  the sort of each appliance
     * @param  Verdict  $verdict  what it says already is not said again in small print
     * @return list<Phrase>
     */
    public static function of(Plate $plate, array $fires, Verdict $verdict): array
    {
        $said = array_map(
            static fn (Finding $finding): string => substr($finding->phrase->key, strlen('safety.hazard_')),
            $verdict->findings,
        );
        if (
            in_array(
                'safety.parasites',
                array_map(static fn (Finding $finding): string => $finding->phrase->key, $verdict->findings),
                true,
            )
        ) {
            $said[] = Hazard::RawFish->value;
        }
        $keys = array_diff(array_column($plate->piece->cut->hazards, 'value'), $said);
        if ($plate->way->method->value === 'grill' && in_array('fat_flare', $keys, true)) {
            $keys[] = 'grill_flare';
        }
        $allergen = $plate->piece->cut->allergen();
        $keys = [
            ...array_diff($keys, ['fat_flare', 'lean']),
            ...self::dangersOf($plate, $fires),
            ...$allergen === null ? [] : ["allergen_{$allergen}"],
        ];

        return array_map(
            static fn (string $key): Phrase => new Phrase($key),
            [...array_map(static fn (string $key): string => "caution.{$key}", $keys), ...self::USUAL],
        );
    }

    /**
     * @param  array<string, string>  $fires
     * @return list<string> what the fire itself can do
     */
    private static function dangersOf(Plate $plate, array $fires): array
    {
        return array_keys(
            array_filter([
                'hot_fat' => in_array($plate->way->method, [Method::DeepFry, Method::Confit], true),
                'embers' => in_array($plate->way->method, [Method::Smoke, Method::Spit], true) ||
                    in_array($fires[ApplianceKind::Grill->value] ?? '', ['charcoal', 'wood'], true),
                'pressure' => ($fires[ApplianceKind::Pot->value] ?? '') === 'pressure',
            ]),
        );
    }
}
