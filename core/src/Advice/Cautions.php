<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Method\Method;

/** What the counter always says with this piece and this fire. */
final readonly class Cautions
{
    private function __construct() {}

    /**
     * @param  array<string, string>  $fires  the sort of each appliance
     * @return list<Phrase>
     */
    public static function of(Ask $ask, array $fires): array
    {
        $keys = [...$ask->cut->hazards];
        if ($ask->method->value === 'grill' && in_array('fat_flare', $keys, true)) {
            $keys[] = 'grill_flare';
        }
        $keys = [...array_diff($keys, ['fat_flare', 'lean']), ...self::dangersOf($ask, $fires), 'raw_apart', 'local_code'];

        return array_map(static fn (string $key): Phrase => new Phrase("caution.{$key}"), $keys);
    }

    /**
     * @param  array<string, string>  $fires
     * @return list<string> what the fire itself can do
     */
    private static function dangersOf(Ask $ask, array $fires): array
    {
        return array_keys(array_filter([
            'hot_fat' => $ask->method === Method::DeepFry,
            'embers' => in_array($ask->method, [Method::Smoke, Method::Spit], true) || in_array($fires[ApplianceKind::Grill->value] ?? '', ['charcoal', 'wood'], true),
            'pressure' => ($fires[ApplianceKind::Pot->value] ?? '') === 'pressure',
        ]));
    }
}
