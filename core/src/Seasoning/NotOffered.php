<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Say\Phrase;

/** Which seasonings make no sense on a piece at all, whatever speaks for them. Common practice, no source. */
final readonly class NotOffered
{
    private function __construct() {}

    /** Why not; null where it can be had. */
    public static function why(Seasoning $of, Subject $on): ?Phrase
    {
        $kind = $of->kind;
        $key = match (true) {
            $of->isCuring() => 'curing',
            $on->saltedS !== null && ($kind->isSaltOnly() || $kind->isBrine()) => 'salted',
            $on->isAnyoneAtRisk && $of->hasRawEgg() => 'raw_egg',
            ! self::isMadeFor($of, $on) => 'other_meat',
            $on->isStuffed() &&
                $kind !== Kind::Salt &&
                $kind->moment() !== Moment::Plate &&
                $kind->moment() !== Moment::InPan &&
                $kind !== Kind::Butter => 'stuffed',
            $kind === Kind::Stuffing => 'not_stuffed',
            $kind === Kind::Dip && ! $on->hasSkin() => 'no_skin',
            $kind->moment() === Moment::InPan && ! $on->leavesAPan() => 'no_pan',
            $kind === Kind::Gravy && ! $on->method->roastsInOven() => 'no_drippings',
            $on->isInShell() && ! in_array($kind->moment(), [Moment::Plate, Moment::Rest], true) => 'in_shell',
            $on->isMinced() && ($kind->moment() === Moment::Soaked || $kind === Kind::DryBrine) => 'minced',
            $on->isTreated() && ($kind->isBrine() || $kind === Kind::DryBrine) => 'treated',
            $on->method->isInBath() && self::hasFreshGarlic($of) && $kind->moment()->meetsTheFire() => 'garlic_in_bag',
            $kind === Kind::HotCrust && ! self::blackens($on) => 'not_blackened',
            $kind === Kind::Glaze && ! $on->method->driesTheSurface() => 'no_dry_heat',
            default => null,
        };

        return $key === null ? null : new Phrase("season_not.{$key}", ['seasoning' => $of->name]);
    }

    private static function isMadeFor(Seasoning $of, Subject $on): bool
    {
        return $of->groups === [] ||
            in_array($on->cut->group->value, $of->groups, true) ||
            (in_array('poultry', $of->groups, true) && $on->isBird()) ||
            ($on->isMinced() && in_array('beef', $of->groups, true));
    }

    private static function hasFreshGarlic(Seasoning $of): bool
    {
        foreach ($of->amounts as $amount) {
            if ($amount->ingredient->slug === 'garlic') {
                return true;
            }
        }

        return false;
    }

    /** On long enough at a fierce heat. */
    private static function blackens(Subject $on): bool
    {
        return $on->method->driesTheSurface() && ($on->film->hottest()->celsius ?? 0.0) >= 140.0;
    }
}
