<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Advice\Portions;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Meat\Cut;
use Nessmark\Meat\SoldBy;
use Nessmark\Say\Phrase;

/** What each bare number counts: people, pieces, or those who want it otherwise. One whose neighbours do not say is asked about. */
final readonly class Roles
{
    /** Nobody counts pieces that so many eat of: two sirloins are steaks. Common practice, no source. */
    private const FOR_ONE_TABLE = 12;

    private const RAW = 'raw';

    private const BOILED_OR_RAW = 'crustacean';

    private const MANY = ['children', 'toddlers', 'babies'];

    public function __construct(private Lexicon $lexicon, private Catalogue $catalogue, private Portions $portions) {}

    /**
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    public function of(array $chips): array
    {
        foreach ($chips as $i => $chip) {
            if ($chip->kind === ChipKind::Article) {
                $meat = self::meatAfter($chips, $i);
                $whole = $this->wholeOf($meat);
                $chips[$i] = $whole === null ? $chip->as(ChipKind::Filler, '') : $chip->as(ChipKind::Pieces, "1|{$whole}");
            } elseif ($chip->kind === ChipKind::Raw && $chip->value === self::RAW) {
                // raw prawns are those nobody has boiled yet; any other food called raw is to be eaten so
                $meat = self::meatAfter($chips, $i);
                $isShellfish = $meat !== null && $this->cut($meat)?->allergen() === self::BOILED_OR_RAW;
                $chips[$i] = $isShellfish ? $chip->as(ChipKind::Filler, '') : $chip;
            } elseif ($chip->kind === ChipKind::Number) {
                $chips[$i] = $this->number($chips, $i);
            } elseif ($chip->value === ChipKind::ME_AND_MINE) {
                // with a wife they are two; with two kids one, and two children besides
                $next = $chips[$i + 1] ?? null;
                $isCounted = $next?->countsChildren() === true || in_array($next?->kind, [ChipKind::Number, ChipKind::Child], true);
                $chips[$i] = $chip->as(ChipKind::Count, $isCounted ? '1' : '2');
            } elseif ($chip->kind === ChipKind::Pieces) {
                $meat = self::meatAfter($chips, $i);
                $whole = $this->wholeOf($meat);
                $chips[$i] = $whole === null ? $chip : $chip->as(ChipKind::Pieces, "{$chip->value}|{$whole}");
            }
        }

        return self::served($this->bare(self::counted(self::weighedEach($chips))));
    }

    /**
     * "Rare for 3 and well done for 1" counts who has it how, and not the table.
     *
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function served(array $chips): array
    {
        $counted = [];
        foreach ($chips as $i => $chip) {
            for ($at = $i + 1; ($chips[$at] ?? null)?->kind === ChipKind::Filler && ! $chips[$at]->isAfterComma; $at++);
            $next = $chips[$at] ?? null;
            $isOfSome = in_array($next?->kind, [ChipKind::Count, ChipKind::Lead], true) && ! $next->isAfterComma;
            if ($chip->kind === ChipKind::Doneness && $isOfSome) {
                $counted[$at] = $next;
            }
        }
        foreach (count($counted) > 1 ? $counted : [] as $at => $chip) {
            $chips[$at] = $chip->kind === ChipKind::Count ? $chip->as(ChipKind::Lead, "{$chip->value} ".ChipKind::SERVED) : $chip;
        }

        return array_values($chips);
    }

    /**
     * "The kids" are how many? Behind a number or "of them" they are as many as that.
     *
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function counted(array $chips): array
    {
        $areCounted = array_filter($chips, static fn (Chip $chip): bool => $chip->countsChildren()) !== [];
        foreach ($chips as $i => $chip) {
            $before = $chips[$i - 1] ?? null;
            for ($at = $i - 1; $before !== null && ($before->kind === ChipKind::Filler || $before->kind->isOfEaters()); $at--) {
                $before = $chips[$at - 1] ?? null;
            }
            if ($chip->kind === ChipKind::Child && in_array($chip->value, self::MANY, true) && $before?->kind !== ChipKind::Lead) {
                $chips[$i] = $areCounted
                    ? $chip->as(ChipKind::Filler, '')
                    : $chip->asking(new Phrase('asks.how_many_children'), ["2 {$chip->text}", "3 {$chip->text}"]);
            }
        }

        return $chips;
    }

    /**
     * "Two 300 g steaks" and "8 oz sirloin x 3" give the weight of one, "4 chops, 600 g" that of all.
     *
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private static function weighedEach(array $chips): array
    {
        foreach ($chips as $i => $chip) {
            if ($chip->kind !== ChipKind::Weight) {
                continue;
            }
            $behind = $i + 1;
            while (isset($chips[$behind]) && ! $chips[$behind]->isAfterComma && $chips[$behind]->kind !== ChipKind::Pieces) {
                $behind++;
            }
            $times = $chips[$behind] ?? null;
            $isTimes = $times?->isAfterComma === false && preg_match('/[x×]/u', $times->text) === 1;
            $isCounted = ! $chip->isAfterComma && ($chips[$i - 1] ?? null)?->kind === ChipKind::Pieces;
            $chips[$i] = $isTimes || ($isCounted && self::meatAfter($chips, $i) !== null) ? $chip->as(ChipKind::Each) : $chip;
        }

        return $chips;
    }

    /** @param  list<Chip>  $chips */
    private function number(array $chips, int $i): Chip
    {
        $chip = $chips[$i];
        $before = $chips[$i - 1] ?? null;
        if ($before !== null && ! $chip->isAfterComma && $before->kind === ChipKind::Unknown && $before->asks === null) {
            return $chip->asking(new Phrase('asks.number', ['number' => $chip->value]), ["for {$chip->value}"]);
        }
        $isOven = $before?->kind === ChipKind::Appliance && str_starts_with($before->value, 'oven');
        if ($isOven && Meaning::isOvenHeat((float) $chip->value)) {
            return $chip->as(ChipKind::Heat);
        }
        for ($at = $i + 1; in_array(($chips[$at] ?? null)?->kind, [ChipKind::Article, ChipKind::Filler], true); $at++);
        $next = $chips[$at] ?? null;
        if ($next !== null && ! $next->isAfterComma && ($next->kind->isOfEaters() || $next->kind === ChipKind::Diet)) {
            return $chip->as(ChipKind::Lead);
        }
        $meat = self::meatAfter($chips, $i);
        $whole = $this->wholeOf($meat);

        return match (true) {
            $meat === null => $chip,
            (int) $chip->value > Meaning::MOST_PIECES => $chip->asking(new Phrase('asks.number', ['number' => $chip->value])),
            $this->isOneEach($meat) => $chip->as(ChipKind::Pieces),
            self::isPlural($meat) && $whole !== null => $chip->as(ChipKind::Pieces, "{$chip->value}|{$whole}"),
            self::isPlural($meat) && $this->isPiece($meat) && $this->heads($meat, 1) <= self::FOR_ONE_TABLE => $chip->as(ChipKind::Pieces),
            default => $chip->as(ChipKind::Count),
        };
    }

    /**
     * A number by itself is the table; a second one is asked about.
     *
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    private function bare(array $chips): array
    {
        $isCounted = array_filter($chips, static fn (Chip $chip): bool => $chip->kind === ChipKind::Count) !== [];
        foreach ($chips as $i => $chip) {
            if ($chip->kind !== ChipKind::Number) {
                continue;
            }
            $chips[$i] = $isCounted || (int) $chip->value > Meaning::MOST_PIECES
                ? $chip->asking(new Phrase('asks.number', ['number' => $chip->value]), ["for {$chip->value}", "{$chip->value} pieces"])
                : $chip->as(ChipKind::Count);
            $isCounted = true;
        }

        return $chips;
    }

    /**
     * The meat right behind a number, with only what describes it between.
     *
     * @param  list<Chip>  $chips
     */
    private static function meatAfter(array $chips, int $i): ?Chip
    {
        for ($next = $i + 1; isset($chips[$next]) && ! $chips[$next]->isAfterComma; $next++) {
            if ($chips[$next]->kind->isMeat()) {
                return ($chips[$next + 1] ?? null)?->kind === ChipKind::Kind && ! $chips[$next + 1]->isAfterComma
                    ? $chips[$next + 1] // pork chops: the chop is what is counted
                    : $chips[$next];
            }
            if (! $chips[$next]->kind->isBesideMeat() && $chips[$next]->kind !== ChipKind::Unknown) {
                return null;
            }
        }

        return null;
    }

    public function isOneEach(Chip $meat): bool
    {
        $cut = $this->cut($meat);

        return $meat->kind === ChipKind::Kind
            ? $this->lexicon->kinds->kind($meat->value)?->isOneEach === true
            : $cut !== null && $this->portions->isCounted($cut);
    }

    /** How many are likely to eat of so many pieces. */
    public function heads(Chip $meat, int $pieces): int
    {
        $cut = $this->cut($meat);

        $isOneEach = $meat->kind === ChipKind::Kind && $this->isOneEach($meat);

        return $cut === null || $isOneEach || $this->isForManyTables($meat, $cut) ? $pieces : $this->portions->heads($cut, $pieces);
    }

    /** Four of a joint that feeds a street are four slices of it. */
    private function isForManyTables(Chip $meat, Cut $cut): bool
    {
        return $meat->kind === ChipKind::Named &&
            in_array($cut->build->soldBy, [SoldBy::Joint, SoldBy::Length], true) &&
            $this->portions->heads($cut, 1) > self::FOR_ONE_TABLE;
    }

    private function isPiece(Chip $meat): bool
    {
        return $meat->kind === ChipKind::Named && $this->cut($meat)?->build->soldBy->isWeighedOut() === false;
    }

    /** The kind a counted animal is of: two ducks are whole birds. */
    private function wholeOf(?Chip $meat): ?string
    {
        return $meat?->kind === ChipKind::Kind ? $this->lexicon->kinds->kind($meat->value)?->whole : null;
    }

    private static function isPlural(Chip $meat): bool
    {
        return preg_match('/s( of .*)?$/', Word::fold($meat->text)) === 1 || preg_match('/^\w+s of /', Word::fold($meat->text)) === 1;
    }

    private function cut(Chip $meat): ?Cut
    {
        if ($meat->kind === ChipKind::Named) {
            return NameIndex::over($this->catalogue)->find($meat->value, 1)[0]->cut ?? null;
        }
        $kind = $meat->kind === ChipKind::Kind ? $this->lexicon->kinds->kind($meat->value) : null;
        $whole = $kind?->whole === null ? null : $this->lexicon->kinds->kind($kind->whole);
        if ($kind === null) {
            return null;
        }
        $cuts = array_filter(
            $this->catalogue->cuts(),
            static fn (Cut $cut): bool => $kind->holds($cut) && $whole?->holds($cut) !== false,
        );
        usort($cuts, static fn (Cut $a, Cut $b): int => $a->availability->rank() <=> $b->availability->rank());

        return $cuts[0] ?? null;
    }
}
