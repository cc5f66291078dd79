<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Heat\Shape;
use Nessmark\Meal\Eaters;
use Nessmark\Meal\Sale;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Size;
use Nessmark\Meat\SoldBy;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Say\Phrase;

/** How much to take: raw weight by appetite, in the pieces the cut is sold in. */
final readonly class Portions
{
    /** A piece between these shares of a portion is one for each. Common practice, no source. */
    private const ONE_EACH = [0.7, 1.7];

    /** Larger pieces are asked for by who eats, not by their number. Common practice, no source. */
    private const COUNTED_TO = 2.1;

    /** A T-bone is one person's, a chicken is not. Common practice, no source. */
    private const FOR_SEVERAL_FROM = 3.0;

    /** Short by up to this share of the whole, nobody takes another piece. Common practice, no source. */
    private const SHORT_SHARE = 0.12;

    /** Joints are cut to the next so many grams, small things weighed to the next so many. Common practice, no source. */
    private const JOINT_STEP_G = 50.0;

    private const WEIGHT_STEP_G = 10.0;

    /** Racks lighter than this are sold as they grew; from heavier ones so many bones are cut. Common practice, no source. */
    private const RACK_IS_CUT_FROM_G = 2000.0;

    /** Two ribs stand, though they are thinner than they are high. Common practice, no source. */
    private const OF_A_ROUND = 0.6;

    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('portions.json'));
    }

    /**
     * @param  Mass|null  $each  of each whole piece or of the joint, or in all of what is weighed out
     * @param  Mass|null  $inAll  of all of it
     * @param  int|null  $pieces  as asked for
     * @param  float  $scale  the house's portions beside the customary
     * @param  int  $apart  in how many parts it has to go
     */
    public function sale(
        Cut $cut,
        Eaters $eaters,
        ?Length $thickness = null,
        ?Mass $each = null,
        ?Mass $inAll = null,
        ?int $pieces = null,
        float $scale = 1.0,
        int $apart = 1,
    ): Sale {
        $needG = $inAll?->toGrams() ?? $this->needG($cut, $eaters, $scale);

        return match ($cut->build->soldBy) {
            SoldBy::Piece, SoldBy::Slice => $this->counted($cut, $cut->size($thickness, $each), $eaters, $needG, $inAll, $pieces, $apart),
            SoldBy::Bones => $this->byTheBone($cut, $thickness, $each?->times($pieces ?? 1)->toGrams() ?? $needG),
            SoldBy::Joint, SoldBy::Length => $this->cutOff($cut, $thickness, $each, $needG, $pieces),
            SoldBy::Weight => new Sale(
                $cut->size($thickness, $each ?? self::step($needG, self::WEIGHT_STEP_G)), null, Mass::ofGrams($needG), null,
            ),
        };
    }

    /** Whether a number before its name counts pieces of it, which one or two eat of at most. */
    public function isCounted(Cut $cut): bool
    {
        return in_array($cut->build->soldBy, [SoldBy::Piece, SoldBy::Slice], true) &&
            $cut->build->typicalG / $this->usualG($cut) <= self::COUNTED_TO;
    }

    /** How many eat of so many pieces: one of each, unless it is too little for one or enough for several. */
    public function heads(Cut $cut, int $pieces): int
    {
        $ofPortion = $cut->build->typicalG / $this->usualG($cut);

        $isOneEach = $ofPortion >= self::ONE_EACH[0] && $ofPortion <= self::FOR_SEVERAL_FROM;

        return $isOneEach ? $pieces : max(1, (int) round($pieces * $ofPortion));
    }

    /** What one of those who eat needs of it, raw, g. */
    public function aHeadG(Cut $cut, Eaters $eaters, float $scale): float
    {
        return $this->needG($cut, $eaters, $scale) / max(1, $eaters->heads());
    }

    private function usualG(Cut $cut): float
    {
        return $this->record->record('portions')->record($cut->portion)->number('usual_g');
    }

    /** What those who eat need of it, g. */
    private function needG(Cut $cut, Eaters $eaters, float $scale): float
    {
        $each = $this->record->record('portions')->record($cut->portion);
        $grams = 0.0;
        foreach ($eaters->groups as $eater) {
            $grams += ($eater->count * $each->number("{$eater->appetite->value}_g")) / $eater->ofDishes;
        }

        return $grams * $scale;
    }

    private function counted(Cut $cut, Size $size, Eaters $eaters, float $needG, ?Mass $inAll, ?int $pieces, int $apart): Sale
    {
        $pieceG = $size->mass->toGrams();
        $heads = $eaters->heads();
        if ($pieces !== null) {
            $why = $pieces < $apart ? new Phrase('amount.apart', ['asked' => $pieces, 'pieces' => $apart]) : null;

            return new Sale($size, max($pieces, $apart), Mass::ofGrams($needG), $why);
        }
        $ofPortion = $pieceG / ($needG / $heads);
        if ($inAll === null && $ofPortion <= self::ONE_EACH[1]) {
            $each = $ofPortion >= self::ONE_EACH[0] ? 1 : (int) round(1.0 / $ofPortion);

            $why = new Phrase($each === 1 ? 'amount.one_each' : 'amount.so_many_each', ['each' => $each]);

            return new Sale($size, $each * $heads, Mass::ofGrams($needG), $why);
        }
        $whole = $needG / $pieceG;
        $count = (int) max($apart, 1, ceil($whole * (1.0 - self::SHORT_SHARE)));
        $args = ['need_g' => round($needG), 'pieces' => $count];
        $why = match (true) {
            $inAll === null && $count < $heads && $heads % $count === 0 => new Phrase('amount.one_for', [
                'heads' => intdiv($heads, $count),
            ]),
            (float) $count === $whole => null,
            default => new Phrase($count > $whole ? 'amount.rounded_up' : 'amount.rounded_down', $args),
        };

        return new Sale($size, $count, Mass::ofGrams($needG), $why);
    }

    /** A joint no larger than it is sold; what more is wanted makes a second. */
    private function cutOff(Cut $cut, ?Length $thickness, ?Mass $each, float $needG, ?int $pieces): Sale
    {
        if ($each !== null) {
            return new Sale($cut->size($thickness, $each), $pieces === 1 ? null : $pieces, Mass::ofGrams($needG), null);
        }
        $count = $pieces ?? (int) max(1, ceil($needG / $cut->build->heaviestG));
        [$lightestG, $heaviestG] = $thickness === null ? [$cut->build->soldG()[0], INF] : $cut->build->weighsG($thickness);
        $wanted = self::step($needG / $count, self::JOINT_STEP_G)->toGrams();
        $g = max($lightestG, min($heaviestG, $wanted), $this->shortestG($cut, $thickness));
        $why = $g > $wanted ? new Phrase('amount.smallest_joint', ['need_g' => round($needG)]) : null;

        return new Sale($cut->size($thickness, Mass::ofGrams($g)), $count === 1 ? null : $count, Mass::ofGrams($needG), $why);
    }

    /** What is cut off a length is no shorter than it is thick: it would be a steak. Common practice, no source. */
    private function shortestG(Cut $cut, ?Length $thickness): float
    {
        $size = $cut->size($thickness);
        $isRound = $cut->build->soldBy !== SoldBy::Joint && $cut->build->shape === Shape::Cylinder;

        return $isRound ? $size->mass->toGrams() * ($size->thickness->toMetres() / $size->length()->toMetres()) : 0.0;
    }

    /** Nobody saws a rib in two. */
    private function byTheBone(Cut $cut, ?Length $thickness, float $needG): Sale
    {
        $inRack = $cut->build->bones;
        if ($inRack === null) {
            return $this->cutOff($cut, $thickness, null, $needG, null);
        }
        $boneG = $cut->build->typicalG / $inRack;
        $inRack = $cut->build->typicalG < self::RACK_IS_CUT_FROM_G ? $inRack : (int) floor($cut->build->heaviestG / $boneG);
        $standing = (self::OF_A_ROUND * $this->shortestG($cut, $thickness)) / $boneG;
        $bones = max(1, (int) ceil(max($needG / $boneG - self::SHORT_SHARE, $standing)));
        $racks = (int) ceil($bones / $inRack);
        $each = (int) ceil($bones / $racks);

        return new Sale(
            $cut->size($thickness, Mass::ofGrams($each * $boneG)),
            $racks === 1 ? null : $racks,
            Mass::ofGrams($needG),
            new Phrase($racks === 1 ? 'amount.by_bones' : 'amount.by_racks', ['bones' => $each, 'racks' => $racks]),
        );
    }

    private static function step(float $grams, float $stepG): Mass
    {
        return Mass::ofGrams(ceil($grams / $stepG) * $stepG);
    }

    /** @return list<string> */
    public function sources(): array
    {
        return $this->record->texts('sources');
    }
}
