<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Advice\Appetite;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;

/** What may be chosen: every cut with its bounds, methods and doneness words, as plain data. */
final readonly class CatalogueReport
{
    public function __construct(private Catalogue $catalogue, private DonenessTable $doneness, private Kitchen $kitchen) {}

    /** @return array{cuts: list<array<string, mixed>>, methods: list<array<string, mixed>>, appetites: list<string>, scales: list<string>} */
    public function toArray(): array
    {
        return [
            'cuts' => array_map($this->cut(...), $this->catalogue->cuts()),
            'methods' => array_map($this->method(...), Method::cases()),
            'appetites' => array_map(static fn (Appetite $a): string => $a->value, Appetite::cases()),
            'scales' => array_map(static fn (Scale $s): string => $s->value, Scale::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private function cut(Cut $cut): array
    {
        return [
            'slug' => $cut->slug, 'name' => $cut->name, 'group' => $cut->group,
            'is_round' => $cut->shape->exponent() > 0,
            'food_class' => $cut->foodClass->value,
            'thickness_mm' => ['min' => $cut->thinnestMm, 'typical' => $cut->typicalMm, 'max' => $cut->thickestMm],
            'methods' => array_map(static fn (Method $m): string => $m->value, $cut->methods),
            'doneness' => [
                'kitchen' => $this->words($cut, Scale::Kitchen),
                'official' => $this->words($cut, Scale::Official),
            ],
            'default_doneness' => $cut->defaultDoneness,
        ];
    }

    /** @return list<array{word: string, target_c: float}> */
    private function words(Cut $cut, Scale $scale): array
    {
        return array_map(
            static fn (DonenessWord $word): array => ['word' => $word->word, 'target_c' => $word->targetC],
            $this->doneness->words($cut->donenessFamily, $scale),
        );
    }

    /** @return array<string, mixed> */
    private function method(Method $method): array
    {
        $appliance = $this->kitchen->appliance($method->appliances()[0]);

        return [
            'slug' => $method->value,
            'heat_c' => ['min' => $appliance->coolestC, 'max' => $appliance->hottestC],
        ];
    }
}
