<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Heat\Shape;

/** The unit a cut is sold by, and with it what the knife can change of it. Common practice at the counter, no source. */
enum SoldBy: string
{
    /** Whole as it grew: a bird, a leg, a shank, a fish. A heavier one is larger in every direction. */
    case Piece = 'piece';

    /** Steak, chop, slice, burger, fillet: the knife sets the thickness, the muscle the face. */
    case Slice = 'slice';

    /** As much of a large muscle as is wanted: a heavier one is thicker as well. */
    case Joint = 'joint';

    /** Cut to length off something of one thickness: a loin, a roll, a belly. */
    case Length = 'length';

    /** The same by the bone: racks, ribs. */
    case Bones = 'bones';

    /** Small things by weight: dice, mince, strips, shellfish. */
    case Weight = 'weight';

    public static function usualFor(Form $form, Shape $shape): self
    {
        return match ($form) {
            Form::Steak, Form::Chop, Form::Thin, Form::Fillet => self::Slice,
            Form::Leg, Form::WholeBird, Form::WholeFish, Form::Organ => self::Piece,
            Form::Ribs => self::Bones,
            Form::Dice, Form::Shellfish => self::Weight,
            Form::Mince => $shape === Shape::Slab ? self::Slice : self::Weight,
            Form::Roast => $shape === Shape::Slab ? self::Length : self::Joint,
        };
    }

    /** Counted, and never sold as a half. */
    public function isCounted(): bool
    {
        return $this === self::Piece || $this === self::Slice;
    }

    public function isWeighedOut(): bool
    {
        return $this === self::Weight;
    }

    /** Whether its weight says how thick it is. */
    public function growsAllRound(): bool
    {
        return $this === self::Piece || $this === self::Joint;
    }
}
