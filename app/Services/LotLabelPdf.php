<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot as Row;
use App\Models\Shop;
use Nessmark\Contract\LotLabel;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;

/** The label of what was weighed out of a lot. */
final readonly class LotLabelPdf
{
    /** 90 × 60 mm, in points. */
    private const PAPER = [0.0, 0.0, 255.12, 170.08];

    private const ITEMS = 100_000;

    private const MODULE = 1.0;

    private const BAR_HEIGHT = 34.0;

    public function __construct(private Wording $wording) {}

    /** @param  'price'|'weight'  $code */
    public function render(Row $row, Lot $lot, Shop $shop, Mass $mass, string $code = 'price'): string
    {
        $label = LotLabel::of($lot, $row->id % self::ITEMS, $mass, $shop->now(), $code);
        $html = view('lot-label', [
            'label' => $label,
            'shop' => $shop,
            'picture' => $label['bars'] === null ? null : self::drawn($label['bars']),
            'elementsPicture' => self::drawn($label['elements_bars']),
            'wording' => $this->wording,
            'fonts' => resource_path('fonts'),
        ])->render();

        return (string) Pdf::set($html, self::PAPER, $label['name'])->output();
    }

    private static function drawn(string $bars): string
    {
        $svg = '';
        foreach (str_split($bars) as $i => $module) {
            $svg .=
                $module === '1'
                    ? sprintf('<rect x="%s" y="0" width="%s" height="%s"/>', $i * self::MODULE, self::MODULE, self::BAR_HEIGHT)
                    : '';
        }
        $width = strlen($bars) * self::MODULE;

        return 'data:image/svg+xml;base64,'.
            base64_encode(
                sprintf(
                    '<svg xmlns="http://www.w3.org/2000/svg" width="%1$s" height="%2$s" viewBox="0 0 %1$s %2$s">%3$s</svg>',
                    $width,
                    self::BAR_HEIGHT,
                    $svg,
                ),
            );
    }
}
