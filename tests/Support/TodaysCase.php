<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Nessmark\Advice\Portions;
use Nessmark\AskLine\Lexicon;
use Nessmark\AskLine\Line;
use Nessmark\AskLine\LineReader;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Contract\CounterDesk;
use Nessmark\Contract\LotCsv;
use Nessmark\Contract\LotReader;
use Nessmark\Contract\WishReader;
use Nessmark\Data\DataFolder;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Answer;
use Nessmark\Matching\Matcher;
use Nessmark\Matching\Wish;
use Nessmark\Stock\Lot;

/** The case of tests/Reference/case.csv on a Wednesday morning, for asks in words or as wishes. */
final class TodaysCase
{
    public const NOW = '2026-11-25T10:00:00+01:00';

    private static ?self $shared = null;

    /** @param  list<Lot>  $lots */
    private function __construct(
        public readonly Catalogue $catalogue,
        public readonly array $lots,
        public readonly Matcher $matcher,
        private readonly WishReader $wishes,
        private readonly CounterDesk $desk,
        private readonly LineReader $reader,
    ) {}

    public static function open(): self
    {
        if (self::$shared === null) {
            $folder = DataFolder::shipped();
            $catalogue = Catalogue::from($folder);
            $reader = new LotReader($catalogue, GradeTable::from($folder));
            $lots = array_map(static fn (array $row): Lot => $reader->read(LotCsv::lot($row)), Reference::rows('case'));
            self::$shared = new self(
                $catalogue,
                $lots,
                Matcher::from($folder),
                WishReader::from($folder),
                CounterDesk::from($folder),
                new LineReader(Lexicon::from($folder), $catalogue, Portions::from($folder)),
            );
        }

        return self::$shared;
    }

    public function names(): NameIndex
    {
        return NameIndex::over($this->catalogue);
    }

    public function line(string $line): Line
    {
        return $this->reader->read($line, new DateTimeImmutable(self::NOW));
    }

    /** @param  array<string, mixed>  $more */
    public function wish(string $line, array $more = []): Wish
    {
        return $this->wishes->read([...$this->line($line)->wish, 'now' => self::NOW, ...$more], $this->catalogue);
    }

    public function wishOf(string $line, HouseRules $house): Wish
    {
        return $this->wishes->read([...$this->line($line)->wish, 'now' => self::NOW], $this->catalogue, $house);
    }

    /**
     * @param  list<Lot>|null  $lots
     * @param  array<string, mixed>  $more
     */
    public function answer(string $line, ?array $lots = null, array $more = []): Answer
    {
        return $this->matcher->match($this->wish($line, $more), $lots ?? $this->lots, $this->catalogue);
    }

    /**
     * The same answer as plain data, as the screen gets it.
     *
     * @return array<string, mixed>
     */
    public function report(string $line): array
    {
        return $this->desk->match([...$this->line($line)->wish, 'now' => self::NOW], $this->lots, $this->catalogue, new HouseRules());
    }

    /** @return array<string, mixed> */
    public function whyNot(string $line, string $slug): array
    {
        return $this->desk->whyNot(
            [...$this->line($line)->wish, 'now' => self::NOW],
            $slug,
            $this->lots,
            $this->catalogue,
            new HouseRules(),
        );
    }
}
