<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Shop;
use Nessmark\Contract\SeasoningReport;
use Nessmark\Errors\InputRefused;
use Nessmark\Seasoning\Amount;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Seasoning;
use Nessmark\Seasoning\Shelf;

/** A label for a batch of a seasoning: what is in it in falling order, allergens in bold, how long it keeps. */
final readonly class LabelPdf
{
    /** 90 × 60 mm, in points. */
    private const PAPER = [0.0, 0.0, 255.12, 170.08];

    public function __construct(private Wording $wording, private Cure $cure) {}

    /** @throws InputRefused if it is a cure over what the shop's profile allows: that is not printed */
    public function render(Seasoning $seasoning, Shelf $shelf, Shop $shop, float $meatG): string
    {
        $this->cure->check($seasoning, $shop->safety_profile);
        $amounts = $seasoning->amounts;
        usort($amounts, static fn (Amount $a, Amount $b): int => $b->share <=> $a->share);
        $html = view('label', [
            'name' => $seasoning->name,
            'shop' => $shop->name,
            'amounts' => $amounts,
            'of' => SeasoningReport::of($seasoning, $shelf, $meatG, $this->cure, $shop->safety_profile),
            'made' => $shop->now(),
            'until' => $shop->now()->modify("+{$seasoning->keepsDays()} days"),
            'wording' => $this->wording,
            'fonts' => resource_path('fonts'),
        ])->render();

        return (string) Pdf::set($html, self::PAPER, $seasoning->name)->output();
    }
}
