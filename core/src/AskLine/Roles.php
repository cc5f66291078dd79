<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Advice\Portions;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;

/** What each bare number counts: people, pieces, or those who want it otherwise. One whose neighbours do not say is asked about. */
final readonly class Roles
{
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
            } elseif ($chip->kind === ChipKind::Number) {
                $chips[$i] = $this->number($chips, $i);
            } elseif ($chip->kind === ChipKind::Pieces) {
                $meat = self::meatAfter($chips, $i);
                $whole = $this->wholeOf($meat);
                $chips[$i] = $whole === null ? $chip : $chip->as(ChipKind::Pieces, "{$chip->value}|{$whole}");
            }
        }

        return $this->bare($chips);
    }

    /** @param  list<Chip>  $chips */
    private function number(array $chips, int $i): Chip
    {
        $chip = $chips[$i];
        $before = $chips[$i - 1] ?? null;
        if ($before !== null && ! $chip->isAfterComma && $before->kind === ChipKind::Unknown && $before->asks === null) {
            return $chip->asking(new Phrase('asks.number', ['number' => $chip->value]), ["for {$chip->value}"]);
        }
        $next = $chips[$i + 1] ?? null;
        if ($next !== null && ! $next->isAfterComma && ($next->kind->isOfEaters() || $next->kind === ChipKind::Diet)) {
            return $chip->as(ChipKind::Lead);
        }
        $meat = self::meatAfter($chips, $i);
        $whole = $this->wholeOf($meat);

        return match (true) {
            $meat === null => $chip,
            $this->isOneEach($meat) => $chip->as(ChipKind::Pieces),
            self::isPlural($meat) && $whole !== null => $chip->as(ChipKind::Pieces, "{$chip->value}|{$whole}"),
            self::isPlural($meat) && $this->isPiece($meat) => $chip->as(ChipKind::Pieces),
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
            $chips[$i] = $isCounted
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

        return $cut === null || $isOneEach ? $pieces : $this->portions->heads($cut, $pieces);
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
