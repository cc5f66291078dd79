<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

/** What a chip says something about. */
enum ChipKind: string
{
    /** A number alone; its neighbours say what it counts (Roles). */
    case Number = 'number';
    case Count = 'count';
    case Lead = 'lead';
    case Half = 'half';
    case Child = 'child';
    /** The next group is among those that were counted. */
    case Among = 'among';
    /** This dish is for those of whom nothing else is known. */
    case Others = 'others';
    /** So many more dishes are eaten by the same people. */
    case Beside = 'beside';
    case Appetite = 'appetite';
    case Risk = 'risk';
    case Doneness = 'doneness';
    case Avoid = 'avoid';
    case Diet = 'diet';
    case Named = 'named';
    case Kind = 'kind';
    case Dish = 'dish';
    case Raw = 'raw';
    case Like = 'like';
    case Pieces = 'pieces';
    case Part = 'part';
    case Bones = 'bones';
    case Thickness = 'thickness';
    case Each = 'each';
    case EachOf = 'each_of';
    case Weight = 'weight';
    case Method = 'method';
    case Appliance = 'appliance';
    case NotOn = 'not_on';
    case Heat = 'heat';
    case Day = 'day';
    case Clock = 'clock';
    case Within = 'within';
    case Budget = 'budget';
    case InAll = 'in_all';
    case Grade = 'grade';
    case Aged = 'aged';
    case Packed = 'packed';
    case Rearing = 'rearing';
    case Origin = 'origin';
    case Want = 'want';
    case Seasoning = 'seasoning';
    case Order = 'order';
    case And = 'and';
    case Or = 'or';
    case Article = 'article';
    case Filler = 'filler';
    case Unknown = 'unknown';

    /** Two, or one and those who are counted behind it. */
    public const ME_AND_MINE = '2+';

    /** A number said "of them" is among those who were counted. */
    public const OF_THEM = 'of_them';

    /** So many, told by how they have it: "rare for 3, well done for 1". */
    public const SERVED = 'served';

    /** Whether it says something about eaters that were just counted. */
    public function isOfEaters(): bool
    {
        return in_array($this, [self::Appetite, self::Risk, self::Doneness, self::Avoid, self::Child], true);
    }

    /** Whether it says something of a person that no dish may lose. */
    public function isOfPerson(): bool
    {
        return in_array($this, [self::Risk, self::Avoid, self::Child, self::Diet], true);
    }

    /** Whether it says which meat, so that a second one is another dish. */
    public function isMeat(): bool
    {
        return in_array($this, [self::Named, self::Kind, self::Dish, self::Raw, self::Like], true);
    }

    /** Whether it holds for every dish of the meal. */
    public function isOfMeal(): bool
    {
        return in_array($this, [self::Day, self::Clock, self::Within, self::Order], true);
    }

    /** Whether it may stand between a number and what it counts. */
    public function isBesideMeat(): bool
    {
        return in_array(
            $this,
            [
                self::Grade, self::Aged, self::Packed, self::Rearing, self::Thickness, self::Each, self::Weight, self::Want, self::Filler,
                self::Diet,
            ],
            true,
        );
    }
}
