<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Bench\Ean13Bars;
use Nessmark\Bench\Gs1;
use Nessmark\Bench\Gs1128Bars;
use Nessmark\Method\Suitability;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/** What stands on the label of what was weighed out of a lot: figures, an in-store code of its price, and its element string. */
final readonly class LotLabel
{
    /** In-store codes of price and of weight; national layouts differ, and a shop's till must be told. */
    private const PREFIX = ['price' => '28', 'weight' => '27'];

    /** What identifier 10 can hold: up to twenty signs of the GS1 set. */
    private const BATCH = '/^[!"%-?A-Z_a-z]{1,20}$/D';

    private const MOST_FIGURE = 99_999;

    /** So many ways of cooking are hinted at. */
    private const HINTS = 2;

    private function __construct() {}

    /**
     * @param  int  $item  the number the till knows it by, five digits
     * @param  'price'|'weight'  $code  what the in-store code is of: hundredths of the currency, or grams
     * @return array{name: string, lot: string, origin: string, packed: string, use_by: string|null, g: int, price_per_kg: float,
     *     price: float, allergen: string|null, methods: list<string>, ean: string|null, bars: string|null, elements: string,
     *     elements_bars: string, elements_read: string}
     */
    public static function of(Lot $lot, int $item, Mass $mass, DateTimeImmutable $today, string $code = 'price'): array
    {
        $priceMinor = $lot->priceMinor($mass);
        $grams = (int) round($mass->toGrams());
        $figure = $code === 'price' ? $priceMinor : $grams;
        $ean = $figure > self::MOST_FIGURE ? null : Gs1::inStore(self::PREFIX[$code], $item, $figure);
        $elements = ['3103' => Gs1::netWeight($grams), '13' => $today->format('ymd')];
        $elements += $lot->useBy === null ? [] : ['17' => $lot->useBy->format('ymd')]; // spreading would number them anew
        if (preg_match(self::BATCH, $lot->number) === 1) {
            $elements['10'] = $lot->number; // a longer or stranger number stands in words only
        }
        $methods = array_slice((new Suitability())->offered($lot->cut, $lot->thickness), 0, self::HINTS);

        return [
            'name' => $lot->cut->name,
            'lot' => $lot->number,
            'origin' => $lot->origin,
            'packed' => $today->format('Y-m-d'),
            'use_by' => $lot->useBy?->format('Y-m-d'),
            'g' => $grams,
            'price_per_kg' => $lot->pricePerKgMinor / 100.0,
            'price' => $priceMinor / 100.0,
            'allergen' => $lot->cut->allergen(),
            'methods' => array_column($methods, 'value'),
            'ean' => $ean,
            'bars' => $ean === null ? null : Ean13Bars::of($ean),
            'elements' => Gs1::elements($elements),
            'elements_bars' => Gs1128Bars::of(Gs1::elements($elements)),
            'elements_read' => self::read($elements),
        ];
    }

    /** @param  array<array-key, string>  $elements */
    private static function read(array $elements): string
    {
        $read = [];
        foreach ($elements as $identifier => $data) {
            $read[] = "({$identifier}){$data}";
        }

        return implode(' ', $read);
    }
}
