<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Collagen;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Muscle;
use Nessmark\Meat\Tenderness;
use Nessmark\Method\Fit;
use Nessmark\Method\MethodFit;
use Nessmark\Method\Suitability;

/** Cuts side by side, line by line, with the lines that differ marked. */
final readonly class CompareReport
{
    private const FEWEST = 2;

    private const MOST = 4;

    public function __construct(private Suitability $suitability = new Suitability()) {}

    /**
     * @param  list<Cut>  $cuts
     * @return array{cuts: list<array{slug: string, name: string, group: string, animal: string, region: string}>,
     *     rows: list<array{key: string, values: list<float|int|string|list<string>>, differs: bool}>}
     *
     * @throws InputRefused unless there are two to four different cuts
     */
    public function of(array $cuts): array
    {
        $slugs = array_map(static fn (Cut $cut): string => $cut->slug, $cuts);
        if (count($cuts) < self::FEWEST || count($cuts) > self::MOST || count(array_unique($slugs)) !== count($slugs)) {
            throw InputRefused::one('cuts', 'out_of_range', implode(',', $slugs), 'two_to_four');
        }
        $columns = array_map($this->column(...), $cuts);
        $rows = [];
        foreach (array_keys($columns[0]) as $key) {
            $values = array_map(static fn (array $column): float|int|string|array => $column[$key], $columns);
            $rows[] = ['key' => $key, 'values' => $values, 'differs' => count(array_unique(array_map(serialize(...), $values))) > 1];
        }

        return [
            'cuts' => array_map(
                static fn (Cut $cut): array => [
                    'slug' => $cut->slug,
                    'name' => $cut->name,
                    'group' => $cut->group->value,
                    'animal' => $cut->animal,
                    'region' => $cut->region,
                ],
                $cuts,
            ),
            'rows' => $rows,
        ];
    }

    /** @return array<string, float|int|string|list<string>> figures with their unit in the key, words as keys of the wording */
    private function column(Cut $cut): array
    {
        return [
            'muscles' => array_map(static fn (Muscle $muscle): string => $muscle->name, $cut->muscles),
            'tenderness' => Tenderness::nearest($cut->tendernessScore())->value,
            'collagen' => Collagen::nearest($cut->collagenRank())->value,
            'grain' => $cut->muscles[0]->grain->value,
            'fat_pct' => round(100.0 * $cut->fatFraction(), 1),
            'flavour' => $cut->flavour,
            'thickness_mm' => $cut->build->typicalMm,
            'weight_g' => $cut->build->typicalG,
            'bone' => $cut->covering->bone,
            'membrane' => $cut->covering->membrane,
            'fat_cap_mm' => $cut->covering->fatCapMm,
            'suits' => array_values(
                array_map(
                    static fn (MethodFit $fit): string => $fit->method->value,
                    array_filter($this->suitability->all($cut), static fn (MethodFit $fit): bool => $fit->fit === Fit::Good),
                ),
            ),
            'doneness' => $cut->defaultDoneness,
            'slice' => $cut->slice,
            'yield_pct' => round(50.0 * ($cut->lowestYield + $cut->highestYield)),
            'price_class' => $cut->priceClass,
            'availability' => $cut->availability->value,
        ];
    }
}
