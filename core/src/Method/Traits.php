<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Grain;
use Nessmark\Quantity\Length;

/**
 * What a cut is like, as the rules of suitability see it. The bounds are common practice at the counter, no published source;
 * the classes behind them are those of Meat\Tenderness and Meat\Collagen.
 */
final readonly class Traits
{
    /** Up to the middle of tender and intermediate: bitten through without thinking. */
    private const TENDER = 1.75;

    /** Up to a little above intermediate: chewed, if helped by the knife. */
    private const CHEWY = 2.25;

    /** From here on only time softens it. */
    private const MELTING_COLLAGEN = 2.5;

    private const HOPELESS_FAST_COLLAGEN = 3.5;

    /** A slice so thin that the knife has done the chewing, mm. */
    private const CUT_THIN_MM = 10.0;

    /** Long fibres are cut short at the table up to this thickness, mm. */
    private const SLICED_ACROSS_MM = 30.0;

    /** Less fat than this does not protect, kg/kg. */
    private const LEAN = 0.03;

    private const COOKED_LONG = 'long_cooked';

    private const FLARING_FAT = 0.3;

    /** The toughest that long fibres, sliced across, still save. */
    private const SLICED_TOUGHEST = 2.5;

    public bool $isMinced;

    public bool $isTender;

    public bool $isChewy;

    public bool $isTough;

    /** Long-fibred and flat: the knife at the table cuts the fibres short. */
    public bool $isSlicedAcross;

    public bool $melts;

    public bool $isGristle;

    public bool $isThin;

    public bool $isLean;

    public bool $isFat;

    public bool $isFlaky;

    public bool $isLeg;

    /** Ribs that need their hours. */
    public bool $isRack;

    public bool $isWhole;

    public bool $isInShell;

    /** Sold to be cooked until it gives way, not to a doneness. */
    public bool $isCookedLong;

    /** As thick as asked for, or as it usually is. */
    public float $mm;

    public function __construct(public Cut $cut, ?Length $thickness = null)
    {
        $this->mm = $thickness?->toMillimetres() ?? $cut->build->typicalMm;
        $this->isMinced = $cut->form === Form::Mince;
        $score = $this->isMinced ? 1.0 : $cut->tendernessScore();
        $this->isTender = $score <= self::TENDER;
        $this->isChewy = $score > self::TENDER && $score <= self::CHEWY;
        $this->isTough = $score > self::CHEWY;
        $this->isThin = $cut->build->shape->exponent() === 0 && $this->mm <= self::CUT_THIN_MM;
        $this->melts =
            ! $this->isMinced && $cut->collagenRank() >= self::MELTING_COLLAGEN && ! ($this->isTender && $cut->form === Form::Steak);
        $this->isSlicedAcross =
            $cut->muscles[0]->isLongFibred &&
            $this->mm <= self::SLICED_ACROSS_MM &&
            ! $this->melts &&
            ! $this->isTender &&
            $score <= self::SLICED_TOUGHEST;
        $this->isGristle = ! $this->isMinced && $cut->collagenRank() >= self::HOPELESS_FAST_COLLAGEN;
        $this->isLean = $cut->fatFraction() < self::LEAN;
        $this->isFat = $cut->fatFraction() >= self::FLARING_FAT;
        $this->isFlaky = $cut->muscles[0]->grain === Grain::Flaky;
        $this->isLeg = $cut->isBird() && $cut->form === Form::Leg;
        $this->isWhole = $cut->form === Form::WholeBird || $cut->form === Form::WholeFish;
        $this->isCookedLong = $cut->donenessFamily === self::COOKED_LONG;
        $this->isRack = $cut->form === Form::Ribs && $this->isCookedLong;
        $this->isInShell = $cut->covering->bone === 'shell';
    }

    public function isRoundOver(float $mm): bool
    {
        return $this->cut->build->isRound() && $this->mm > $mm;
    }

    public function isSlabOver(float $mm): bool
    {
        return ! $this->cut->build->isRound() && $this->mm > $mm;
    }

    /** Fish, birds and shellfish are ready before a thin piece has dried out in an oven. */
    public function bakesThin(): bool
    {
        return $this->cut->isFish() || $this->cut->isBird();
    }

    public function isWild(): bool
    {
        return $this->cut->foodClass === FoodClass::WildGame;
    }
}
