<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Shape;
use Nessmark\Meal\Plate;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Method\Method;

/** How each form of meat is made ready, tried, rested and served: the words a cook would use of it. Common practice, no source. */
final readonly class Handling
{
    private const SMALL_BIRD = 'small_bird';

    private function __construct() {}

    /** The key of what is done with the raw piece. */
    public static function prepare(Plate $plate): string
    {
        $cut = $plate->piece->cut;
        $method = $plate->way->method;

        return match (true) {
            $cut->foodClass === FoodClass::Bivalve => 'do.prepare_shells',
            $cut->foodClass === FoodClass::Crustacean => 'do.prepare_crustacean',
            $method->isInBath() => 'do.bag',
            $method === Method::DeepFry => 'do.prepare_coat',
            $method === Method::Simmer => 'do.prepare_simmer',
            $method === Method::Confit => 'do.prepare_confit',
            in_array($method, [Method::Poach, Method::Steam, Method::Parcel], true) => 'do.prepare_season',
            $cut->form === Form::Mince => 'do.prepare_mince',
            self::isHollowBird($cut) => 'do.dry_bird',
            $cut->form === Form::WholeFish && $cut->isFish() => 'do.dry_fish',
            self::isSmallPieces($cut) => 'do.dry_pieces',
            default => 'do.dry',
        };
    }

    /** The key of how it is known that its core is there, with a probe. */
    public static function probe(Cut $cut): string
    {
        $hasBone = ! $cut->covering->isBoneless();

        return match (true) {
            self::isHollowBird($cut) && self::hasLegs($cut) => 'do.pull_thigh',
            $cut->isBird() && $cut->form === Form::WholeBird => 'do.pull_breast',
            $cut->form === Form::WholeFish => 'do.pull_back',
            $cut->build->isRound() && $hasBone, $cut->form === Form::Leg => 'do.pull_beside_bone',
            $cut->form === Form::Chop => 'do.pull_side_bone',
            $cut->build->shape === Shape::Cylinder => 'do.pull_end',
            default => 'do.pull',
        };
    }

    /** The key of the sign by which what cannot be probed is ready. */
    public static function sign(Cut $cut, Method $method): string
    {
        return match (true) {
            $cut->foodClass === FoodClass::Bivalve && $cut->covering->bone === 'shell' => 'do.pull_open',
            $cut->foodClass === FoodClass::Crustacean && $cut->covering->bone === 'shell' => 'do.pull_shell',
            $cut->foodClass === FoodClass::Crustacean => 'do.pull_curled',
            $cut->foodClass === FoodClass::Mollusc, $cut->foodClass === FoodClass::Bivalve => 'do.pull_opaque',
            $method === Method::DeepFry => 'do.pull_gold',
            $cut->isFish() => 'do.pull_flakes',
            $cut->isLooseMince() => 'do.pull_mince',
            $cut->form === Form::Ribs => 'do.pull_ribs',
            $cut->covering->bone === 'marrow' => 'do.pull_marrow',
            $cut->isBird() => 'do.pull_juices',
            $cut->form === Form::Organ => 'do.pull_organ',
            self::isSmallPieces($cut) => 'do.pull_pieces',
            default => 'do.pull_by_time',
        };
    }

    /** The key of how it comes to the table. */
    public static function serve(Cut $cut): string
    {
        return match (true) {
            $cut->covering->bone === 'shell' && $cut->foodClass === FoodClass::Bivalve => 'do.serve_shells',
            $cut->covering->bone === 'shell' => 'do.serve_cracked',
            $cut->form === Form::WholeBird && $cut->portion !== self::SMALL_BIRD => 'do.serve_carved',
            $cut->form === Form::WholeFish && $cut->isFish() && $cut->covering->bone === 'backbone' => 'do.serve_off_bone',
            self::isSmallPieces($cut) => 'do.serve_pieces',
            default => "do.slice_{$cut->slice}",
        };
    }

    /** Whether a crisp side is to be kept dry. */
    public static function hasCrispSide(Plate $plate): bool
    {
        $cut = $plate->piece->cut;

        return $cut->covering->hasSkin && $plate->way->method->driesTheSurface() && ! $cut->build->isRound() && $cut->form !== Form::Chop;
    }

    private static function isHollowBird(Cut $cut): bool
    {
        return $cut->isBird() && $cut->form === Form::WholeBird;
    }

    /** A crown is a bird without its legs: breast alone. */
    private static function hasLegs(Cut $cut): bool
    {
        return count($cut->muscles) > 1;
    }

    private static function isSmallPieces(Cut $cut): bool
    {
        return $cut->form === Form::Dice || $cut->build->soldBy->isWeighedOut();
    }
}
