<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;

/** Which cuts suit pan, grill, oven, spit, wok and fryer. Common practice at the counter, no published source. */
final readonly class DryHeat
{
    private const PAN_ROUND_MM = 65.0;

    private const PAN_SLAB_MM = 60.0;

    private const BROIL_SLAB_MM = 50.0;

    private const GRILL_ROUND_MM = 75.0;

    private const ROAST_ROUND_FROM_MM = 40.0;

    private const ROAST_SLAB_FROM_MM = 60.0;

    /** Fat and skin baste what is flat. Common practice, no source. */
    private const CRACKLING_FROM_MM = 35.0;

    /** In the hours until it is tender, what is smaller dries out in an open oven. */
    private const UNTIL_TENDER_FROM_MM = 80.0;

    private const FINISHES_IN_OVEN_FROM_MM = 25.0;

    private const PAN_UP_TO_G = 1000.0;

    private const SPIT_FROM_MM = 40.0;

    private const BASTING_CAP_MM = 5.0;

    private const FRYER_UP_TO_MM = 30.0;

    private const AIR_FRY_UP_TO_MM = 60.0;

    private const FRYER_FATTEST = 0.08;

    private const FISH_TURNS_FROM_MM = 25.0;

    private function __construct() {}

    public static function pan(Traits $is): Argument
    {
        return self::fast($is)
            ->forbids($is->isRoundOver(self::PAN_ROUND_MM), 'too_round', ['most_mm' => self::PAN_ROUND_MM])
            ->forbids($is->isSlabOver(self::PAN_SLAB_MM), 'too_thick', ['most_mm' => self::PAN_SLAB_MM])
            ->forbids($is->cut->build->typicalG > self::PAN_UP_TO_G, 'too_big_for_pan', ['most_g' => self::PAN_UP_TO_G])
            ->forbids($is->isInShell, 'in_shell')
            ->speaksFor($is->cut->covering->hasSkin && $is->isTender && ! $is->isLeg && ! $is->isWhole, 'skin_crisps');
    }

    public static function grill(Traits $is): Argument
    {
        if ($is->isRack) {
            return (new Argument())->speaksFor(true, 'ribs_hood')->doubts($is->isFat, 'flares');
        }
        $isDelicate = $is->isFlaky && ! $is->isWhole;

        return self::fast($is, isUnderHood: true)
            ->forbids($is->isRoundOver(self::GRILL_ROUND_MM), 'too_round', ['most_mm' => self::GRILL_ROUND_MM])
            ->forbids($is->isSlabOver(self::GRILL_ROUND_MM), 'too_thick', ['most_mm' => self::GRILL_ROUND_MM])
            ->forbids($is->isInShell, 'in_shell')
            ->forbids($is->cut->isLooseMince() || ($isDelicate && ! $is->cut->covering->hasSkin), 'falls_apart')
            ->doubts($isDelicate && $is->cut->covering->hasSkin, 'sticks')
            ->doubts($is->isFat, 'flares');
    }

    public static function broil(Traits $is): Argument
    {
        return self::fast($is)
            ->forbids($is->isRoundOver(self::PAN_SLAB_MM), 'too_round', ['most_mm' => self::PAN_SLAB_MM])
            ->forbids($is->isSlabOver(self::BROIL_SLAB_MM), 'too_thick', ['most_mm' => self::BROIL_SLAB_MM])
            ->forbids($is->cut->isLooseMince(), 'falls_apart')
            ->forbids($is->isInShell, 'in_shell')
            ->speaksFor($is->cut->covering->hasSkin && $is->isTender && ! $is->isLeg && ! $is->isWhole, 'skin_crisps')
            ->doubts($is->isFat, 'flares');
    }

    public static function ovenRoast(Traits $is): Argument
    {
        if ($is->isRack) {
            return (new Argument())->speaksFor(true, 'ribs_oven');
        }

        return self::slow($is)
            ->forbids(
                ! $is->bakesThin() &&
                    ! $is->isMinced &&
                    ! ($is->isFat && $is->cut->covering->hasSkin && $is->isSlabOver(self::CRACKLING_FROM_MM)) &&
                    ! $is->isRoundOver(self::ROAST_ROUND_FROM_MM - 0.1) &&
                    ! $is->isSlabOver(self::ROAST_SLAB_FROM_MM - 0.1),
                'too_thin_to_roast',
                ['least_mm' => self::ROAST_SLAB_FROM_MM],
            )
            ->forbids($is->isMinced && ! $is->cut->build->isRound(), 'too_thin_to_roast', ['least_mm' => self::ROAST_SLAB_FROM_MM])
            ->forbids($is->isInShell, 'in_shell')
            ->forbids(
                $is->isCookedLong && $is->mm < self::UNTIL_TENDER_FROM_MM && ! $is->cut->covering->hasSkin,
                'too_small_until_tender',
                ['least_mm' => self::UNTIL_TENDER_FROM_MM],
            );
    }

    public static function searThenOven(Traits $is): Argument
    {
        return self::slow($is)
            ->forbids($is->mm < self::FINISHES_IN_OVEN_FROM_MM, 'too_thin_for_oven', [
                'least_mm' => self::FINISHES_IN_OVEN_FROM_MM,
            ])
            ->forbids($is->isMinced, 'minced_once')
            ->forbids($is->isWhole || $is->isInShell, 'no_sear_whole')
            ->forbids($is->cut->form === Form::Dice, 'stewing_dice')
            ->forbids(($is->melts || $is->isCookedLong) && ! $is->isLeg, 'needs_long')
            ->forbids($is->isFlaky && $is->mm < self::FISH_TURNS_FROM_MM, 'falls_apart')
            ->doubts($is->isFlaky, 'falls_apart');
    }

    public static function ovenThenSear(Traits $is): Argument
    {
        return self::slow($is)
            ->forbids($is->mm < self::FINISHES_IN_OVEN_FROM_MM, 'too_thin_for_oven', [
                'least_mm' => self::FINISHES_IN_OVEN_FROM_MM,
            ])
            ->forbids($is->isMinced, 'minced_once')
            ->forbids($is->isWhole || $is->isInShell || $is->cut->isFish(), 'no_sear_whole')
            ->forbids($is->cut->form === Form::Dice, 'stewing_dice')
            ->forbids($is->melts || $is->isCookedLong, 'needs_long')
            ->forbids($is->cut->isBird() || $is->isWild(), 'low_oven_cooked_through')
            ->forbids($is->cut->covering->hasSkin, 'low_oven_skin');
    }

    public static function spit(Traits $is): Argument
    {
        return self::slow($is)
            ->forbids(! $is->cut->build->isRound() || $is->mm < self::SPIT_FROM_MM, 'not_for_spit', ['least_mm' => self::SPIT_FROM_MM])
            ->forbids($is->cut->isFish() || $is->isMinced, 'falls_off_spit');
    }

    public static function stirFry(Traits $is): Argument
    {
        $isCutReady = $is->isThin || in_array($is->cut->form, [Form::Thin, Form::Shellfish], true);

        return (new Argument())
            ->forbids(! $is->cut->covering->isBoneless(), 'bone_in')
            ->forbids($is->isFlaky, 'falls_apart')
            ->forbids($is->isGristle || ($is->isTough && ! $isCutReady), 'tough')
            ->forbids($is->isWhole || in_array($is->cut->form, [Form::Roast, Form::Organ, Form::Ribs, Form::Mince], true), 'too_big')
            ->speaksFor($isCutReady, 'strips')
            ->speaksFor($is->isTender, 'tender')
            ->doubts(! $isCutReady, 'slice_first');
    }

    public static function deepFry(Traits $is): Argument
    {
        $isBirdPart = $is->cut->bornClass === FoodClass::Poultry && $is->cut->isBird() && ! $is->isWhole;
        $isFishPart = $is->cut->isFish() && ! $is->isInShell && $is->cut->fatFraction() < self::FRYER_FATTEST;

        return (new Argument())
            ->speaksFor($isBirdPart, 'crumbs_bird')
            ->speaksFor($isFishPart && ! $is->isWhole, 'batter_fish')
            ->speaksFor(
                $is->cut->form === Form::Thin && $is->isThin && $is->cut->fatFraction() < self::FRYER_FATTEST && ! $is->cut->isBird(),
                'crumbs_thin',
            )
            ->forbids($is->isSlabOver(self::FRYER_UP_TO_MM), 'too_thick', ['most_mm' => self::FRYER_UP_TO_MM])
            ->forbids($is->isTough || $is->isGristle || $is->melts, 'tough')
            ->forbids($is->cut->build->isRound(), 'too_thick', ['most_mm' => self::FRYER_UP_TO_MM]);
    }

    /** A small, fierce fan oven: what is small, or has skin or fat to crisp. */
    public static function airFry(Traits $is): Argument
    {
        $isBirdPart = $is->cut->isBird() && ! $is->isWhole && ! $is->isMinced;
        $isFishPart = $is->cut->isFish() && in_array($is->cut->form, [Form::Fillet, Form::Thin], true);

        return (new Argument())
            ->speaksFor($isBirdPart, 'air_fry_bird')
            ->speaksFor($isFishPart, 'air_fry_fish')
            ->speaksFor($is->isMinced, 'minced_through')
            ->doubts($isBirdPart && ! $is->cut->covering->hasSkin, 'lean_dry')
            ->doubts($isFishPart && $is->isFlaky, 'falls_apart')
            ->forbids($is->cut->isLooseMince(), 'air_fry_no')
            ->forbids($is->mm > self::AIR_FRY_UP_TO_MM, 'too_thick', ['most_mm' => self::AIR_FRY_UP_TO_MM])
            ->forbids($is->isCookedLong || (! $isBirdPart && ! $isFishPart && ! $is->isMinced), 'air_fry_no');
    }

    /**
     * Pan and grill alike: what must be tender, or made so by the knife.
     *
     * @param  bool  $isUnderHood  birds' legs have the gentle heat around them there that they want
     */
    private static function fast(Traits $is, bool $isUnderHood = false): Argument
    {
        $isSaved = $is->isSlicedAcross && ! $is->isThin;

        return (new Argument())
            ->speaksFor($is->isMinced, 'minced_fast')
            ->speaksFor($is->isTender && ! $is->isMinced && ! $is->isLeg, 'tender')
            ->speaksFor($is->isLeg, 'young_leg')
            ->speaksFor($isSaved, 'slice_across')
            ->speaksFor($is->isChewy && ! $isSaved && ! $is->isThin && ! $is->isLeg, 'chewy_fast')
            ->doubts(($is->isChewy && ! $isSaved && ! $is->isThin && ! $is->isLeg) || ($is->isTough && $isSaved), 'chewy')
            ->speaksFor($is->isThin && ! $is->isTender && ! $is->isGristle, 'cut_thin')
            ->forbids($is->isTough && ! $is->isThin && ! $isSaved, 'tough')
            ->forbids($is->isGristle, 'gristle')
            ->forbids($is->melts && ! $is->isLeg && ! $is->isThin, 'needs_long')
            ->forbids($is->cut->form === Form::Ribs, 'needs_long')
            ->forbids($is->cut->covering->membrane === 'seam', 'seam')
            ->doubts($is->isLeg && (! $isUnderHood || $is->isFat), 'leg_slow');
    }

    /** Oven and spit alike: time to come to the core, not to melt what is tough. */
    private static function slow(Traits $is): Argument
    {
        $isSlow = $is->melts || $is->isCookedLong;
        $hasCover = $is->cut->covering->hasSkin || $is->cut->covering->fatCapMm >= self::BASTING_CAP_MM;

        return (new Argument())
            ->speaksFor($is->isMinced, 'minced_through')
            ->speaksFor($is->isTender && ! $is->isMinced, 'roasts_tender')
            ->speaksFor(($is->isChewy || $is->isTough) && ! $isSlow, 'roasts_pink')
            ->speaksFor($isSlow && ! $is->isTough, 'roasts_slowly')
            ->doubts(! $is->isTender && ! $isSlow && ! $is->isLeg, 'slice_thin')
            ->doubts($isSlow && ! $is->isLeg, 'low_and_long')
            ->speaksFor($hasCover && ! ($is->isTough && $isSlow), 'bastes_itself')
            ->doubts($is->isLean && ! $hasCover && ! $is->cut->isFish(), 'lean_dry')
            ->forbids($is->isTough && $isSlow, 'tough_roast')
            ->forbids($is->cut->covering->membrane === 'seam', 'seam')
            ->forbids($is->cut->form === Form::Ribs, 'needs_long')
            ->forbids($is->cut->form === Form::Organ, 'organ_fast')
            ->forbids($is->isGristle, 'gristle');
    }
}
