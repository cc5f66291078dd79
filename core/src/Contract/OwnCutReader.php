<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\FoldedName;
use Nessmark\Errors\InputRefused;

/** Reads a cut of the shop's own, told as another cut and what differs. Whether the whole holds together is for CutCheck. */
final class OwnCutReader
{
    private const HEAVIEST_G = 60_000.0;

    private const THICKEST_MM = 300.0;

    private function __construct() {}

    /**
     * @return array<array-key, mixed> a whole cut in the form of core/data/schema/cut.json
     *
     * @throws InputRefused naming every key that is wrong
     */
    public static function read(mixed $data, Catalogue $catalogue): array
    {
        $in = Fields::of($data);
        $like = $in->text('like', 'slug');
        if (! $in->isWrong() && ! $catalogue->knows($like)) {
            $in->refuse('like', 'not_allowed', $like, 'slug');
        }
        $in->refuseIfWrong();
        $cut = $catalogue->cut($like)->record->toArray();
        $name = trim($in->text('name', 'name', 60, ['min' => 3, 'max' => 60]));
        $cut['name'] = $name;
        $cut['slug'] = str_replace(' ', '-', FoldedName::of($name)->text);
        $cut['names'] = [];
        $cut['item_numbers'] = [];
        foreach (
            [
                ['thickness_mm', ['min', 'typical', 'max'], self::THICKEST_MM, 'range_mm'],
                ['weight_g', ['low', 'typical', 'high'], self::HEAVIEST_G, 'range_g'],
            ] as [$key, $ends, $most, $allowed]
        ) {
            if ($in->has($key)) {
                $range = $in->object($key);
                $cut[$key] = array_combine(
                    $ends,
                    array_map(
                        static fn (string $end): float => $range->number(
                            $end,
                            0.1,
                            $most,
                            $allowed,
                            $allowed === 'range_mm' ? ['min_mm' => 0.1, 'max_mm' => $most] : ['min_g' => 0.1, 'max_g' => $most],
                        ),
                        $ends,
                    ),
                );
                $range->noOthers();
            }
        }
        if ($in->has('fat_cap_mm')) {
            $cut['fat_cap_mm'] = $in->number('fat_cap_mm', 0.0, 60.0);
        }
        if ($in->has('price_class')) {
            $cut['price_class'] = $in->wholeNumber('price_class', 1, 4);
        }
        if ($in->has('availability')) {
            $cut['availability'] = $in->choice('availability', ['daily', 'some_days', 'on_order']);
        }
        if ($in->has('recognise')) {
            $cut['recognise'] = $in->text('recognise', 'description', 240, ['min' => 5, 'max' => 240]);
        }
        $in->noOthers();
        $in->refuseIfWrong();
        if ($catalogue->knows($cut['slug']) && ! $catalogue->isOwn($cut['slug'])) {
            throw InputRefused::one('name', 'conflict', $name, 'name_of_its_own');
        }
        $sources = is_array($cut['sources']) ? $cut['sources'] : [];
        $cut['sources'] = [
            ...array_diff_key($sources, ['item_numbers' => true]),
            'names' => ['shop'],
            'dimensions' => ['shop'],
            'traits' => ['shop'],
        ];

        return $cut;
    }
}
