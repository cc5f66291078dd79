<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Advice\Portions;
use Nessmark\AskLine\Guests;
use Nessmark\AskLine\Lexicon;
use Nessmark\AskLine\Line;
use Nessmark\AskLine\LineReader;
use Nessmark\AskLine\LineWriter;
use Nessmark\AskLine\People;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Matching\CookMemory;
use Nessmark\Matching\Matcher;
use Nessmark\Matching\WhyNot;
use Nessmark\Meal\Eater;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;

/**
 * From what a customer says to matches from the case, as plain data: what the screen, the API and the command line share.
 *
 * @phpstan-type Match array{cut: array{slug: string, name: string, group: string, is_round: bool}, lot: array{number: string},
 *     method: string, ask: array<string, mixed>}
 */
final readonly class CounterDesk
{
    private const SUGGESTIONS = 6;

    /** Places whose names are in the language of the screen. */
    private const SPOKEN = ['us', 'uk', 'au'];

    private function __construct(
        private WishReader $wishes,
        private Lexicon $lexicon,
        private LineWriter $writer,
        private Matcher $matcher,
        private Portions $portions,
    ) {}

    public static function from(DataFolder $folder, ?CookMemory $memory = null): self
    {
        $lexicon = Lexicon::from($folder);

        return new self(
            WishReader::from($folder),
            $lexicon,
            new LineWriter($lexicon),
            Matcher::from($folder, $memory),
            Portions::from($folder),
        );
    }

    /** The same for a shop that has seasonings of its own: it knows them by name, and writes them so. */
    public function at(Shelf $shelf): self
    {
        $lexicon = $this->lexicon->withOwn($shelf);

        return new self($this->wishes, $lexicon, new LineWriter($lexicon), $this->matcher, $this->portions);
    }

    /** @param  list<Guests>  $known  who sits at this table already, from dishes before */
    public function read(string $line, DateTimeImmutable $now, Catalogue $catalogue, array $known = []): Line
    {
        return (new LineReader($this->lexicon, $catalogue, $this->portions))->read($line, $now, $known);
    }

    /**
     * @param  list<mixed>  $diners
     * @return list<Guests> each sort of person once, as many as there were at the most
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function seated(array $diners): array
    {
        $seated = [];
        foreach ($diners === [] ? [] : array_chunk($diners, EatersReader::MOST_GROUPS) as $some) {
            foreach ($this->wishes->eaters(['diners' => $some])->groups as $eater) {
                $guests = Guests::of($eater)->done(null);
                $key = serialize($guests->counting(0));
                $seated[$key] = ($seated[$key] ?? $guests)->count >= $guests->count ? $seated[$key] ?? $guests : $guests;
            }
        }

        return array_values($seated);
    }

    /**
     * A wish that was tapped, for those who sit at the table already.
     *
     * @param  array<string, mixed>  $wish
     * @param  list<Guests>  $known
     * @return array<string, mixed>
     */
    public function recalling(array $wish, array $known): array
    {
        if ($known === []) {
            return $wish;
        }
        $eaters = $this->wishes->eaters($wish)->groups;
        $groups = People::recalling(array_map(Guests::of(...), $eaters), $known, []);
        $ofDishes = max(array_map(static fn (Eater $eater): int => $eater->ofDishes, $eaters));

        return [...$wish, 'diners' => array_map(static fn (Guests $group): array => $group->written($ofDishes), $groups)];
    }

    /**
     * What the last word of a line may be going to be: known words, then names of cuts.
     *
     * @return list<string>
     */
    public function suggestions(string $line, Catalogue $catalogue): array
    {
        $words = preg_split('/[\s,;+]+/u', mb_strtolower($line));
        $last = $words === false ? '' : $words[count($words) - 1];
        // what somebody goes without is a whole word: nothing is to come after it
        if (mb_strlen($last) < 2 || $this->lexicon->isWord($last) || $this->lexicon->isAvoidable($last)) {
            return [];
        }
        $found = array_slice($this->lexicon->beginningWith($last), 0, self::SUGGESTIONS / 2);
        foreach (NameIndex::over($catalogue)->find($last, 2 * self::SUGGESTIONS) as $hit) {
            if ($hit->place === null || in_array($hit->place, self::SPOKEN, true)) {
                // what a name means elsewhere is understood, not offered
                $found[] = mb_strtolower($hit->name);
            }
        }

        return array_slice(array_values(array_unique($found)), 0, self::SUGGESTIONS);
    }

    /**
     * @param  mixed  $wish  in the form of WishReader
     * @param  list<Lot>  $lots
     * @return array{matches: list<Match>, line: string} the matches with what MatchReport says besides, and the wish as a line
     *
     * @throws InputRefused naming every key of the wish that is wrong
     */
    public function match(mixed $wish, array $lots, Catalogue $catalogue, HouseRules $house): array
    {
        $read = $this->wishes->read($wish, $catalogue, $house);

        /** @var array{matches: list<Match>} $answer */
        $answer = MatchReport::answer($this->matcher->match($read, $lots, $catalogue), $read);

        return [...$answer, 'line' => $this->line($wish, $read->now)];
    }

    /**
     * @param  mixed  $wish  in the form of WishReader
     * @param  list<Lot>  $lots
     * @return array<string, mixed>
     *
     * @throws InputRefused naming every key of the wish that is wrong, or the cut
     */
    public function whyNot(mixed $wish, string $slug, array $lots, Catalogue $catalogue, HouseRules $house): array
    {
        $read = $this->wishes->read($wish, $catalogue, $house);

        return MatchReport::whyNot((new WhyNot($this->matcher))->of($read, $lots, $catalogue->cut($slug), $catalogue), $read);
    }

    private function line(mixed $wish, DateTimeImmutable $now): string
    {
        /** @var array<string, mixed> $wish read without a refusal */
        return $this->writer->write($wish, $now, ($wish['units'] ?? 'metric') === 'imperial');
    }
}
