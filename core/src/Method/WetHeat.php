<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Group;

/** Which cuts suit water, steam, lid, foil and smoke. Common practice at the counter, no published source. */
final readonly class WetHeat
{
    private const BATH_UP_TO_MM = 100.0;

    private const SEARED_AFTER_FROM_MM = 20.0;

    private const SKIN_SOFTENS_MM = 7.0;

    private const PARCEL_UP_TO_MM = 80.0;

    private const BRAISE_FROM_MM = 4.0;

    private const ADD_FAT_BELOW = 0.04;

    private const POACH_FATTEST = 0.1;

    private const SMOKE_FAT = 0.06;

    private const CONFIT_FAT = 0.15;

    private const SMOKE_FISH_FAT = 0.05;

    private const SMOKED_FROM_MM = 40.0;

    private function __construct() {}

    public static function waterBath(Traits $is): Argument
    {
        return self::bath($is)
            ->speaksFor(! $is->melts, 'bath_even')
            ->doubts($is->cut->covering->hasSkin || $is->cut->covering->fatCapMm >= self::SKIN_SOFTENS_MM, 'skin_soft');
    }

    public static function bathThenSear(Traits $is): Argument
    {
        return self::bath($is)
            ->speaksFor(! $is->melts, 'bath_crust')
            ->forbids($is->mm < self::SEARED_AFTER_FROM_MM, 'too_thin_to_sear_after', ['least_mm' => self::SEARED_AFTER_FROM_MM])
            ->forbids($is->isFlaky || $is->cut->isFish(), 'falls_apart');
    }

    private static function bath(Traits $is): Argument
    {
        return (new Argument())
            ->doubts($is->isTough && ! $is->melts, 'slice_thin')
            ->forbids($is->isGristle || $is->melts, 'bath_days')
            ->forbids($is->cut->form === Form::Organ, 'organ_fast')
            ->forbids($is->isWhole || $is->isInShell, 'bath_hollow')
            ->forbids($is->isMinced && ($is->cut->build->isRound() || $is->cut->isLooseMince()), 'bath_shape')
            ->forbids($is->cut->form === Form::Dice || ($is->isThin && ! $is->cut->isFish()), 'bath_small')
            ->forbids($is->mm > self::BATH_UP_TO_MM, 'bath_too_thick', ['most_mm' => self::BATH_UP_TO_MM])
            ->forbids($is->isCookedLong, 'bath_days');
    }

    public static function braise(Traits $is): Argument
    {
        $isBall = $is->isMinced && $is->cut->build->isRound();
        $isLeanGame = $is->cut->group === Group::Game && $is->cut->isBird() && $is->isWhole;

        return (new Argument())
            ->speaksFor($is->melts, 'melts')
            ->speaksFor($is->isLeg, 'leg_moist')
            ->speaksFor($isBall, 'meatball_sauce')
            ->speaksFor($isLeanGame, 'old_bird')
            ->speaksFor(! $is->isTender && ! $is->melts && ! $is->isThin && ! $is->isSlicedAcross, 'braises_some')
            ->doubts(! $is->isTender && ! $is->melts, 'braise_lean')
            ->doubts($is->melts && $is->cut->fatFraction() < self::ADD_FAT_BELOW, 'add_fat')
            ->doubts($isLeanGame, 'only_old_bird')
            ->forbids($is->cut->isFish() && ! $is->melts, 'fish_breaks')
            ->forbids($is->mm < self::BRAISE_FROM_MM || ($is->isThin && ! $is->melts), 'too_thin_to_braise')
            ->forbids($is->isTender && ! $is->melts && ! $is->isLeg && ! $isBall && ! $isLeanGame, 'nothing_to_melt');
    }

    public static function parcel(Traits $is): Argument
    {
        return (new Argument())
            ->speaksFor($is->melts && ! $is->cut->isFish(), 'parcel_melts')
            ->speaksFor($is->cut->isFish() && ! $is->isGristle, 'parcel_fish')
            ->speaksFor($is->isLeg, 'leg_moist')
            ->forbids($is->mm > self::PARCEL_UP_TO_MM, 'too_thick', ['most_mm' => self::PARCEL_UP_TO_MM])
            ->forbids($is->isTender && ! $is->melts && ! $is->isLeg && ! $is->cut->isFish(), 'nothing_to_melt');
    }

    public static function poach(Traits $is): Argument
    {
        $isFish = $is->cut->isFish() && ! $is->isInShell;

        return (new Argument())
            ->speaksFor($is->cut->isBird() && ! $is->isLeg && ! $is->isMinced, 'poach_bird')
            ->speaksFor($isFish && ! $is->isCookedLong, 'poach_fish')
            ->speaksFor($is->isMinced && $is->cut->build->isRound(), 'dumpling')
            ->doubts($isFish && $is->cut->fatFraction() > self::POACH_FATTEST, 'poach_oily')
            ->doubts($is->cut->covering->hasSkin && $is->cut->isBird(), 'skin_soft')
            ->forbids($is->isInShell, 'boil_shell')
            ->forbids(! $is->cut->isBird() && ! $isFish && ! $is->isMinced, 'poach_grey');
    }

    /** Just under the boil: what is tough and thick until it is tender, and what comes alive in its shell. */
    public static function simmer(Traits $is): Argument
    {
        $isLong =
            $is->isCookedLong &&
            $is->melts &&
            ($is->isGristle || in_array($is->cut->form, [Form::Organ, Form::WholeFish], true));

        return (new Argument())
            ->speaksFor($isLong, 'simmers')
            ->speaksFor($is->cut->foodClass === FoodClass::Crustacean && $is->isInShell, 'boil_shell')
            ->forbids(! $isLong && ! ($is->cut->foodClass === FoodClass::Crustacean && $is->isInShell), 'poach_grey');
    }

    /** Browned, then under a lid in the oven to its core: lean joints and birds that an open oven would dry. */
    public static function potRoast(Traits $is): Argument
    {
        $isJoint = $is->cut->form === Form::Roast && ! $is->melts && ! $is->isCookedLong;
        $isBird = $is->cut->isBird() && $is->isWhole && $is->cut->build->isRound();

        return (new Argument())
            ->speaksFor($isJoint && $is->isLean, 'pot_roast_lean')
            ->speaksFor($isJoint && ! $is->isTender, 'pot_roast_firm')
            ->speaksFor($isBird, 'pot_roast_bird')
            ->doubts($isJoint && $is->isTender && ! $is->isLean, 'skin_soft')
            ->forbids($is->cut->isFish() || $is->isMinced || (! $isJoint && ! $isBird), 'pot_roast_no');
    }

    /** Slowly in its own fat: fat legs of birds, fat and sinewy pork. */
    public static function confit(Traits $is): Argument
    {
        $isFatLeg = $is->isLeg;
        $isFatPork = $is->isCookedLong &&
            $is->cut->animal === 'pig' &&
            $is->cut->form !== Form::Ribs &&
            $is->cut->fatFraction() >= self::CONFIT_FAT;

        return (new Argument())
            ->speaksFor($isFatLeg, 'confit_leg')
            ->speaksFor($isFatPork, 'confit_pork')
            ->doubts($isFatLeg && $is->cut->fatFraction() < self::CONFIT_FAT, 'add_fat')
            ->forbids(! $isFatLeg && ! $isFatPork, 'confit_no');
    }

    public static function steam(Traits $is): Argument
    {
        return (new Argument())
            ->speaksFor($is->cut->isFish() && ! $is->isGristle, $is->isInShell ? 'steam_opens' : 'steam_gentle')
            ->speaksFor($is->cut->isBird() && $is->cut->form === Form::Fillet && ! $is->cut->covering->hasSkin, 'steam_gentle')
            ->forbids(! $is->cut->isFish() && ! $is->cut->isBird(), 'poach_grey');
    }

    public static function smoke(Traits $is): Argument
    {
        return (new Argument())
            ->speaksFor($is->melts && $is->cut->fatFraction() >= self::SMOKE_FAT && ! $is->isThin, 'smoke_melts')
            ->speaksFor($is->cut->isFish() && ! $is->isInShell && $is->cut->fatFraction() >= self::SMOKE_FISH_FAT, 'smoke_oily')
            ->speaksFor($is->cut->form === Form::WholeBird && $is->cut->covering->hasSkin, 'smoke_bird')
            ->doubts($is->cut->form === Form::WholeBird, 'skin_soft')
            ->forbids($is->cut->form === Form::Dice, 'smoke_dice')
            ->forbids($is->isCookedLong && $is->cut->form !== Form::Ribs && $is->mm < self::SMOKED_FROM_MM, 'too_small_until_tender', [
                'least_mm' => self::SMOKED_FROM_MM,
            ])
            ->forbids($is->cut->foodClass === FoodClass::Organ || $is->isInShell, 'smoke_no');
    }
}
