<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Safety\Profile;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Dressing;
use Nessmark\Ticket\DressingApart;
use Nessmark\Ticket\DressingSalt;
use Nessmark\Ticket\DressingSaltLine;
use Nessmark\Ticket\DressingScorch;
use Nessmark\Ticket\Eaten;
use Nessmark\Ticket\EatenFrom;
use Nessmark\Ticket\OtherDressing;
use Nessmark\Ticket\SaltWindow;

/** Dresses a piece: finds what suits it, or takes what was asked for where that can be had, and works it all out. */
final readonly class Dresser
{
    private const ALTERNATIVES = 2;

    private const REASONS = 2;

    /** Salt alone, which nobody is allergic to. */
    private const PLAIN = 'salt-plain';

    private function __construct(private Matches $matches, private Course $course, private Record $rules) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Matches::from($folder), Course::from($folder), $folder->read('seasonings/rules.json'));
    }

    /**
     * @param  string|null  $asked  a seasoning, or a family of them
     * @param  non-empty-array<string, list<string>>  $avoid  what must not be on it, by the mark of the pieces; the first is most of them
     * @param  array<string, float>  $gramsOf  of meat, by mark
     * @param  array<string, string>  $schools
     * @param  float  $endS  when it is served, s from the first heat
     * @return Dressed|null null where nothing can be had, not even salt
     */
    public function dress(
        Subject $on,
        Shelf $shelf,
        ?string $asked,
        array $avoid,
        array $gramsOf,
        array $schools,
        Profile $profile,
        float $endS,
    ): ?Dressed {
        $demand = $this->matches->demand($avoid[array_key_first($avoid)]);
        $choices = $this->matches->of($on, $shelf, $demand, $schools);
        $plain = $this->matches->choice($shelf->seasoning(self::PLAIN), $on, $schools);
        if ($choices === [] && $demand->forbids($shelf->salt())) {
            return null;
        }
        if ($choices === [] && $on->saltedS !== null) {
            return null;
        }
        [$choice, $instead, $isAsked] = $this->chosen($choices, $plain, $on, $shelf, $demand, $asked, $schools);
        $seasoning = $choice->seasoning;
        $whole = $on;
        $on = $on->part($this->gettingG($seasoning, $avoid, $gramsOf, $on->rawG));
        ['wanted' => $wantedPct, 'high' => $highPct] = $this->matches->salting->level($on);
        $own = $this->matches->salting->ownLines($on);
        $treatedG = isset($own[1]) ? $own[1]->saltG : 0.0;
        $wantedG = $on->saltedS !== null ? 0.0 : max(0.0, ($wantedPct / 100.0) * $on->meatG() - $treatedG);
        $totalG = Weighed::totalG($seasoning, $on->rawG, (100.0 * $wantedG) / $on->rawG);
        $eatenG = $seasoning->kind->isSaltOnly()
            ? $totalG * $seasoning->salt()
            : $this->matches->salting->eatenG($seasoning, $on, Course::soakS($choice, $on));
        $besideG =
            $seasoning->kind->isSaltOnly() || $on->isInShell() || $demand->forbids($shelf->salt()) ? 0.0 : max(0.0, $wantedG - $eatenG);
        $account = new SaltAccount(
            array_values(
                array_filter(
                    [...$own, new SaltLine('beside', $besideG), new SaltLine('seasoning', $eatenG)],
                    static fn (SaltLine $line): bool => $line->saltG > 0.005,
                ),
            ),
            $on->meatG(),
            $on->heads,
            $wantedPct,
            $highPct,
        );

        $amounts = Weighed::amounts($seasoning, $totalG, $on->rawG, $shelf->salt());
        $beside = $besideG >= 0.05 ? Weighed::amount($shelf->salt(), $besideG, null) : null;
        $apart = $this->apart($choice, $whole, $shelf, $avoid, $gramsOf, $schools);
        $without = array_column(array_column($apart, 0), 'mark');
        $marks = $without === [] ? [] : array_values(array_diff(array_map(strval(...), array_keys($avoid)), $without));

        return new Dressed(
            new Dressing(
                $seasoning->slug,
                $seasoning->name,
                $seasoning->kind->value,
                $isAsked,
                self::said($choice->for()),
                self::said($choice->against()),
                $instead,
                $amounts,
                round($totalG, $totalG < 10.0 ? 1 : 0),
                round($this->surplusG($seasoning, $on, $totalG)),
                $beside,
                $on->pieces === null || $on->pieces < 2 ? null : round($totalG / $on->pieces, 1),
                self::scorches($choice),
                $this->account($account, $seasoning),
                self::named($seasoning->allergens(), $profile),
                self::named($seasoning->mayContain(), $profile),
                Notes::of($choice, $on, $this->rules),
                $this->others($choices, $choice),
                array_column($apart, 0),
                $this->window($on, $seasoning, $besideG),
                $isAsked && $seasoning->pricePerKg !== null ? round(($seasoning->pricePerKg * $totalG) / 1000.0, 2) : null,
            ),
            $this->course->of($choice, $on, $besideG, $totalG, $schools['salt'] ?? 'just_before', $endS),
            [
                ...Components::of($seasoning, $amounts, $shelf->salt(), $marks),
                ...$beside === null ? [] : [Components::one($shelf->salt(), $beside, EatenFrom::Beside, $marks)],
                ...array_merge(...array_column($apart, 1)),
            ],
        );
    }

    /**
     * What is not for some pieces is not weighed for them.
     *
     * @param  non-empty-array<string, list<string>>  $avoid
     * @param  array<string, float>  $gramsOf
     */
    private function gettingG(Seasoning $seasoning, array $avoid, array $gramsOf, float $rawG): float
    {
        $withoutG = 0.0;
        foreach (array_slice($avoid, 1) as $mark => $words) {
            $withoutG += $this->matches->demand($words)->allows($seasoning) ? 0.0 : $gramsOf[$mark] ?? 0.0;
        }

        return max(1.0, $rawG - $withoutG);
    }

    /**
     * @param  list<Choice>  $choices
     * @param  array<string, string>  $schools
     * @return array{Choice, Phrase|null, bool} what is served, why it is not what was asked for, whether it is
     */
    private function chosen(
        array $choices,
        Choice $plain,
        Subject $on,
        Shelf $shelf,
        Demand $demand,
        ?string $asked,
        array $schools,
    ): array {
        $best = $choices[0] ?? $plain;
        if ($asked === null) {
            return [$best, null, false];
        }
        if ($shelf->knows($asked)) {
            $why = $this->matches->refusal($shelf->seasoning($asked), $on, $shelf, $demand);
            $served = $why === null ? $demand->swapped($shelf->seasoning($asked), $shelf) : null;

            return $served === null ? [$best, $why, false] : [$this->matches->choice($served, $on, $schools), null, true];
        }
        foreach ($choices as $choice) {
            if ($choice->seasoning->kind->family() === $asked) {
                return [$choice, null, true];
            }
        }
        $why = null;
        foreach ($shelf->all() as $seasoning) {
            $why = $seasoning->kind->family() === $asked ? $why ?? $this->matches->refusal($seasoning, $on, $shelf, $demand) : $why;
        }

        return [$best, $why ?? new Phrase('season_not.none', ['family' => $asked]), false];
    }

    /**
     * @param  list<Reason>  $reasons
     * @return list<Phrase> the strongest of them
     */
    private static function said(array $reasons): array
    {
        return array_map(static fn (Reason $reason): Phrase => $reason->says, array_slice($reasons, 0, self::REASONS));
    }

    /**
     * All fourteen wherever the shop is; those that must be named there first.
     *
     * @param  list<Allergen>  $allergens
     * @return list<string>
     */
    private static function named(array $allergens, Profile $profile): array
    {
        usort($allergens, static fn (Allergen $a, Allergen $b): int => $b->isMajorIn($profile) <=> $a->isMajorIn($profile));

        return Allergen::names($allergens);
    }

    private function surplusG(Seasoning $seasoning, Subject $on, float $totalG): float
    {
        $soak = $this->rules->record('soak');
        $clings = $seasoning->kind === Kind::Dip ? $soak->number('dip_clings_g_per_kg') : $soak->number('clings_g_per_kg');

        return $seasoning->kind->isUsedUp()
            ? max(0.0, $totalG - ($clings * $on->rawG) / 1000.0)
            : $totalG * (1.0 - $this->rules->record('stays')->record('share')->numberOr($seasoning->kind->value, 1.0));
    }

    /** @return list<DressingScorch> */
    private static function scorches(Choice $choice): array
    {
        return array_map(
            static fn (Scorch $scorch): DressingScorch => new DressingScorch(
                $scorch->ingredient->name,
                (float) $scorch->ingredient->scorchAtC,
                $scorch->step->stage,
                round($scorch->step->celsius),
                $scorch->mend->value,
                new Phrase("season_scorch.{$scorch->mend->value}", [
                    'ingredient' => $scorch->ingredient->name,
                    'film_c' => round($scorch->step->celsius),
                    'at_c' => (float) $scorch->ingredient->scorchAtC,
                ]),
            ),
            $choice->scorches,
        );
    }

    private function account(SaltAccount $account, Seasoning $seasoning): DressingSalt
    {
        $cut = $account->isTooMuch() ? $account->cut() : null;

        return new DressingSalt(
            array_map(
                static fn (SaltLine $line): DressingSaltLine => new DressingSaltLine(
                    $line->from,
                    round($line->saltG, 2),
                    round($line->sodiumMg()),
                ),
                $account->lines,
            ),
            round($account->addedPct(), 2),
            $account->wantedPct,
            round($account->saltPerHeadG(), 1),
            round($account->sodiumPerHeadMg()),
            $cut === null
                ? null
                : new Phrase("season_salty.{$cut->from}", [
                    'seasoning' => $seasoning->name,
                    'added_pct' => round($account->addedPct(), 1),
                    'high_pct' => $account->highPct,
                ]),
        );
    }

    /**
     * @param  list<Choice>  $choices
     * @return list<OtherDressing> of other kinds than the one that was taken, and than each other
     */
    private function others(array $choices, Choice $taken): array
    {
        $others = [];
        $kinds = [$taken->seasoning->kind->family() => true];
        foreach ($choices as $choice) {
            $reason = $choice->for()[0] ?? null;
            if (
                count($others) < self::ALTERNATIVES &&
                $choice->isInTime &&
                $reason !== null &&
                ! isset($kinds[$choice->seasoning->kind->family()])
            ) {
                $kinds[$choice->seasoning->kind->family()] = true;
                $others[] = new OtherDressing(
                    $choice->seasoning->slug,
                    $choice->seasoning->name,
                    $choice->seasoning->kind->value,
                    $reason->says,
                );
            }
        }

        return $others;
    }

    /**
     * @param  non-empty-array<string, list<string>>  $avoid
     * @param  array<string, float>  $gramsOf
     * @param  array<string, string>  $schools
     * @return list<array{DressingApart, list<Eaten>}> with what of it is eaten
     */
    private function apart(Choice $taken, Subject $on, Shelf $shelf, array $avoid, array $gramsOf, array $schools): array
    {
        $apart = [];
        foreach (array_slice($avoid, 1) as $mark => $words) {
            $demand = $this->matches->demand($words);
            if ($demand->isNone() || $demand->allows($taken->seasoning)) {
                continue;
            }
            $served = $demand->swapped($taken->seasoning, $shelf);
            $given = $served ?? ($demand->forbids($shelf->salt()) ? null : $shelf->seasoning(self::PLAIN));
            $grams = $gramsOf[$mark] ?? 0.0;
            $wantedPct = ($this->matches->salting->level($on)['wanted'] * $on->meatG()) / $on->rawG;
            $amounts = $given === null ? [] : Weighed::amounts($given, Weighed::totalG($given, $grams, $wantedPct), $grams, $shelf->salt());
            $apart[] = [
                new DressingApart(
                    (string) $mark,
                    $given?->slug,
                    $given?->name,
                    $words,
                    $amounts,
                    new Phrase('season_apart.'.($given === null ? 'nothing' : ($served === null ? 'plain' : 'swapped')), [
                        'mark' => (string) $mark,
                        'seasoning' => $given->name ?? '',
                        'food' => implode(', ', $words),
                    ]),
                ),
                $given === null ? [] : Components::of($given, $amounts, $shelf->salt(), [(string) $mark]),
            ];
        }

        return $apart;
    }

    private function window(Subject $on, Seasoning $seasoning, float $besideG): ?SaltWindow
    {
        $isSalted = $seasoning->kind->isSaltOnly() || $besideG >= 0.05;
        if (! $isSalted || ! $on->method->driesTheSurface() || $on->isMinced() || $on->isFish() || $on->isInShell()) {
            return null;
        }
        [$from, $to] = $this->matches->salting->wetWindowS();

        return new SaltWindow(-$to, -$from);
    }
}
