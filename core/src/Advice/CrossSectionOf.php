<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Heat\PeakProfile;
use Nessmark\Meal\Plate;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Meat\Group;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Until;
use Nessmark\Ticket\CrossSection;
use Nessmark\Ticket\SliceForm;
use Nessmark\Ticket\Tissue;
use Nessmark\Ticket\Zone;

/** The cut face of the cooked piece, to scale: the highest temperature each depth reached, and the doneness words it shows. */
final readonly class CrossSectionOf
{
    /** From here on the surface is dry and brown, °C. Common practice, no source. */
    private const CRUST_C = 110.0;

    /**
     * The coldest depth need not be the middle; shy of the word asked for by no more than a thermometer shows, it still bears it, K.
     * Common practice, no source.
     */
    private const SHY_K = 1.0;

    private function __construct() {}

    /**
     * Where a texture is waited for, no word hotter than the one asked for is shown: time brings those, not heat.
     */
    public static function cook(Plate $plate, Cook $cook, DonenessTable $doneness, bool $isByTexture): CrossSection
    {
        $bounds = [];
        $words = ['under'];
        foreach ($doneness->words(Until::family($plate->piece->cut, $plate->way->method), $plate->occasion->scale) as $word) {
            $bounds[] = $word->fromC - ($word->word === $plate->share->doneness->word ? self::SHY_K : 0.0);
            $words[] = $word->word;
            if ($isByTexture && in_array($plate->share->doneness->word, [$word->word, DonenessWord::OFFICIAL_MINIMUM], true)) {
                break;
            }
        }
        $bounds[] = self::CRUST_C;
        $words[] = 'crust';
        $fractions = $cook->saw(PeakProfile::class)->fractions($cook->simulator->grid, $cook->simulator->body, $bounds);
        $zones = [];
        foreach ($words as $i => $word) {
            $zones[] = new Zone($word, $i === 0 ? null : $bounds[$i - 1], round($fractions[$i], 4));
        }
        $peaks = [];
        foreach ($cook->simulator->grid->depthM as $i => $depthM) {
            $trueMm = $depthM * $cook->simulator->body->trueShare * 1000.0;
            $peaks[] = [round($trueMm, 2), round($cook->saw(PeakProfile::class)->celsius[$i], 1)];
        }

        return new CrossSection(
            $plate->piece->cut->build->shape,
            self::form($plate->piece->cut),
            round($plate->piece->size->thickness->toMillimetres(), 1),
            match (true) {
                $plate->piece->cut->donenessFamily === 'salmon' => Tissue::Fish,
                in_array($plate->piece->cut->donenessFamily, ['duck', 'game', 'wild_game', 'organ'], true) => Tissue::Red,
                in_array($plate->piece->cut->group, [Group::Beef, Group::Lamb], true) => Tissue::Red,
                default => Tissue::Pale,
            },
            $isByTexture ? null : GreyBand::mm($plate, $peaks, $doneness),
            $peaks,
            $zones,
        );
    }

    private static function form(Cut $cut): SliceForm
    {
        return match (true) {
            $cut->has(Hazard::Stuffed) => SliceForm::Filled,
            $cut->isHollow() && $cut->isBird() => SliceForm::Bird,
            $cut->form === Form::WholeFish && $cut->isFish() && ! $cut->covering->isBoneless() => SliceForm::Fish,
            default => SliceForm::Plain,
        };
    }
}
