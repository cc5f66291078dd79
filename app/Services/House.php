<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Shop;
use Nessmark\Contract\HouseReader;
use Nessmark\House\HouseRules;
use Nessmark\Meat\FoodClass;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\School\School;
use Nessmark\School\Schools;

/** Between rows and the core: how a shop does it. */
final readonly class House
{
    public const CURRENCIES = ['EUR', 'GBP', 'USD', 'CHF', 'SEK', 'NOK', 'DKK', 'CAD', 'AUD', 'NZD'];

    public function __construct(
        private HouseReader $reader,
        private Schools $schools,
        private SafetyRules $safety,
        private Health $health,
    ) {}

    public function rules(Shop $shop): HouseRules
    {
        return $this->reader->read([
            'time_zone' => $shop->now()->getTimezone()->getName(),
            ...$shop->house ?? [],
            'profile' => $shop->safety_profile->value,
        ]);
    }

    /** @return list<string> those a card can be set in */
    public static function languages(): array
    {
        return array_column(Language::cases(), 'value');
    }

    /** @return array<string, mixed> */
    public function sheet(Shop $shop, bool $mayChange): array
    {
        $rules = $this->rules($shop);

        return [
            'rules' => [
                'profile' => $rules->standard->profile->value,
                'schools' => (object) $rules->schools,
                'stops_below' => $rules->standard->tightening->stopsBelow,
                'minimum_c' => (object) $rules->standard->tightening->minimumC,
                'portions_pct' => round(100.0 * $rules->portions),
                'time_zone' => $rules->timeZone,
                'margin_pct' => $shop->margin_pct === null ? null : (float) $shop->margin_pct,
                'names_kept_months' => $shop->names_kept_months,
                'units' => $shop->units,
                'language' => $shop->language,
                'currency' => $shop->currency,
            ],
            'schools' => array_map(
                static fn (School $school): array => [
                    'id' => $school->id,
                    'options' => $school->options,
                    'default' => $school->default,
                    'chosen' => $rules->schools[$school->id] ?? $school->default,
                    'is_computed' => $school->isComputed(),
                ],
                $this->schools->schools,
            ),
            'minimums' => array_map(function (FoodClass $class) use ($rules): array {
                $rule = $this->safety->rule(new Standard($rules->standard->profile), $class);

                return ['food_class' => $class->value, 'official_c' => $rule->officialC, 'rest_s' => $rule->officialRestS];
            }, FoodClass::cases()),
            'languages' => self::languages(),
            'currencies' => self::CURRENCIES,
            'may_change' => $mayChange,
            'backup_at' => $this->health->lastBackup()?->toAtomString(),
        ];
    }
}
