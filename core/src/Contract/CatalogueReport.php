<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Appliance\Kitchen;
use Nessmark\Atlas\Atlas;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Meal\Appetite;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Treatment;
use Nessmark\Method\FireChoices;
use Nessmark\Method\MannerChoices;
use Nessmark\Method\Method;
use Nessmark\Method\Suitability;

/** What may be chosen at the counter: every cut a ticket can be written for, with its bounds, methods and doneness words. */
final readonly class CatalogueReport
{
    public function __construct(
        private DonenessTable $doneness,
        private Kitchen $kitchen,
        private Suitability $suitability = new Suitability(),
    ) {}

    /**
     * @return array{cuts: list<array<string, mixed>>, doneness: array<string, mixed>, methods: list<array<string, mixed>>,
     *     appetites: list<string>, scales: list<string>}
     */
    public function toArray(Catalogue $catalogue): array
    {
        $cuts = $catalogue->cuts();
        usort($cuts, Atlas::inOrder(...));

        return [
            'cuts' => array_values(array_filter(array_map($this->cut(...), $cuts))),
            'doneness' => array_combine($this->doneness->families(), array_map($this->words(...), $this->doneness->families())),
            'methods' => array_map($this->method(...), Method::cases()),
            'appetites' => array_map(static fn (Appetite $a): string => $a->value, Appetite::cases()),
            'scales' => array_map(static fn (Scale $s): string => $s->value, Scale::cases()),
        ];
    }

    /** @return array<string, mixed>|null null when no method that suits it is computed */
    private function cut(Cut $cut): ?array
    {
        $offered = $this->suitability->offered($cut);

        return $offered === []
            ? null
            : [
                'slug' => $cut->slug,
                'name' => $cut->name,
                'group' => $cut->group->value,
                'is_round' => $cut->build->isRound(),
                'food_class' => $cut->foodClass->value,
                'can_be_pierced' => $cut->foodClass->after(Treatment::Pierced) !== $cut->foodClass,
                'may_carry_parasites' => $cut->mayCarryParasites(),
                'asks_rearing' => $cut->usualRearing() !== null || $cut->mayCarryParasites(),
                'thickness_mm' => [
                    'min' => $cut->build->thinnestMm,
                    'typical' => $cut->build->typicalMm,
                    'max' => $cut->build->thickestMm,
                ],
                'weight_g' => [
                    'low' => $cut->build->lightestG,
                    'typical' => $cut->build->typicalG,
                    'high' => $cut->build->heaviestG,
                ],
                'sold_by' => $cut->build->soldBy->value,
                'methods' => array_map(static fn (Method $m): string => $m->value, $offered),
                'manners' => array_merge(...array_map(static fn (Method $m): array => self::manners($cut, $m), $offered)),
                'doneness_family' => $cut->donenessFamily,
                'default_doneness' => $cut->defaultDoneness,
            ];
    }

    /** @return array{kitchen: list<array{word: string, target_c: float}>, official: list<array{word: string, target_c: float}>} */
    private function words(string $family): array
    {
        $of = fn (Scale $scale): array => array_map(
            static fn (DonenessWord $word): array => ['word' => $word->word, 'target_c' => $word->targetC],
            $this->doneness->words($family, $scale),
        );

        return ['kitchen' => $of(Scale::Kitchen), 'official' => $of(Scale::Official)];
    }

    /** @return list<array{method: string, of: string, sorts: list<string>}> */
    private static function manners(Cut $cut, Method $method): array
    {
        $manners = [];
        foreach (MannerChoices::of($cut, $method) as $of => $sorts) {
            $manners[] = ['method' => $method->value, 'of' => $of, 'sorts' => $sorts];
        }

        return $manners;
    }

    /** @return array<string, mixed> */
    private function method(Method $method): array
    {
        $appliance = $this->kitchen->appliance($method->appliances()[0]);
        $fires = [];
        foreach (FireChoices::of($this->kitchen, $method) as $of => $sorts) {
            $fires[] = ['of' => $of, 'sorts' => $sorts];
        }

        return [
            'slug' => $method->value,
            'heat_c' => ['min' => $appliance->coolestC, 'max' => $appliance->hottestC],
            'fires' => $fires,
            'dries' => $method->driesTheSurface(),
        ];
    }
}
