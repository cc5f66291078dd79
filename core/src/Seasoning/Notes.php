<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;

/** What else has to be said of a seasoning: how it is kept and thrown away, and what can hurt. Common practice; FSIS for used marinades. */
final readonly class Notes
{
    private const SPIRIT_FROM = 0.02;

    private const FLAMES = [Method::Grill, Method::Pan, Method::Spit, Method::Broil];

    /** A used marinade may go on again up to so long before the end, s: then what it brought is cooked. */
    private const LAST_BASTE_S = 600.0;

    private function __construct() {}

    /** @return list<Phrase> */
    public static function of(Choice $choice, Subject $on, Record $rules): array
    {
        $of = $choice->seasoning;
        $kind = $of->kind;
        $boilS = $rules->record('soak')->number('boil_s');
        $amounts = $of->amounts;
        $notes = [
            $choice->isInTime || $on->aheadS === null
                ? null
                : new Phrase($kind === Kind::DryBrine ? 'season_late.salt' : 'season_late.soak', [
                    'seasoning' => $of->name,
                    'ahead_s' => max(0.0, $on->aheadS),
                    'least_s' => $choice->soak->leastS ?? 0.0,
                ]),
            self::depth($choice, $on, $rules),
            $kind->isMarinade() ? new Phrase('season_note.used_marinade', ['boil_s' => $boilS, 'last_s' => self::LAST_BASTE_S]) : null,
            $kind->isBrine() || $kind === Kind::Dip ? new Phrase('season_note.used_brine') : null,
            $kind->isUsedUp() ? new Phrase('season_note.cold', ['most_c' => $rules->record('soak')->number('coldest_most_c')]) : null,
            $of->alcohol() >= self::SPIRIT_FROM &&
            ($kind === Kind::PanSauce || ($kind->moment()->meetsTheFire() && in_array($on->method, self::FLAMES, true)))
                ? new Phrase('season_note.flame')
                : null,
            $kind->isMarinade() && in_array($on->method, [Method::Pan, Method::DeepFry, Method::StirFry], true)
                ? new Phrase('season_note.wet_in_fat')
                : null,
            $kind === Kind::HotCrust && $on->method !== Method::Grill ? new Phrase('season_note.smoke_indoors') : null,
            self::keeps($of),
            $on->thinEnd !== null && $on->isFish() ? new Phrase('season_note.thin_end') : null,
            $of->hasRawEgg() ? new Phrase('season_note.egg') : null,
            $of->mayContain() === [] ? null : new Phrase('season_note.may_contain'),
        ];
        foreach ($amounts as $amount) {
            if ($amount->insteadOf !== null) {
                $notes[] = new Phrase('season_note.swapped', ['with' => $amount->ingredient->name, 'for' => $amount->insteadOf]);
            }
        }

        return array_values(array_filter($notes));
    }

    /** Honest about how far anything gets: millimetres. */
    private static function depth(Choice $choice, Subject $on, Record $rules): ?Phrase
    {
        $soakS = Course::soakS($choice, $on);
        if ($soakS < 600.0 || $choice->seasoning->kind === Kind::Dip) {
            return null;
        }
        $of = $rules->record('diffusion_m2_s')->record($on->isFish() || $on->isShellfish() ? 'fish' : 'meat');
        $low = (new Diffusion($of->number('low')))->depth($soakS);
        $high = (new Diffusion($of->number('high')))->depth($soakS);

        return new Phrase('season_note.depth', [
            'low_mm' => max(1.0, round($low->toMillimetres())),
            'high_mm' => max(1.0, round(min($high->toMillimetres(), 0.5 * $on->mm()))),
        ]);
    }

    /** How long what is left of it keeps; under oil that is said with the reason. */
    private static function keeps(Seasoning $of): ?Phrase
    {
        $days = ['days' => $of->keepsDays()];
        $isKept =
            $of->kind->moment() === Moment::Plate || in_array($of->kind, [Kind::Butter, Kind::Rub, Kind::Glaze, Kind::Paste], true);

        return match (true) {
            $of->isFreshInOil() && ! $of->kind->isUsedUp() => new Phrase('season_note.in_oil', $days),
            $isKept => new Phrase($of->keepsDays() >= 90 ? 'season_note.keeps_dry' : 'season_note.keeps_cold', $days),
            default => null,
        };
    }
}
