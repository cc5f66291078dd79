<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\Portions;
use Nessmark\Advice\RoughCook;
use Nessmark\Advice\Substitutes;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Safety\SafetyRules;
use Nessmark\Say\Phrase;
use Nessmark\School\Schools;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Stock\Lot;
use Nessmark\Texture\LongCook;

/**
 * From a wish and today's case to matches with their reasons: hard limits first, then a scored sum. Only what may come out on
 * top is cooked, coarsely: an option is taken up by the best score it could have, cooked, and put back with the one it has.
 */
final readonly class Matcher
{
    public const MOST = 8;

    /** What is further from the cut that was named does not stand in for it; in the points of Substitutes. Common practice, no source. */
    private const FAR = 1.3;

    private function __construct(
        private Options $options,
        private Scoring $scoring,
        private Cooks $cooks,
        private Substitutes $substitutes,
    ) {}

    public static function from(DataFolder $folder, ?CookMemory $memory = null): self
    {
        $rules = SafetyRules::from($folder);
        $rough = RoughCook::from($folder);
        $usual = array_map(ApplianceKind::from(...), $folder->read('matching.json')->texts('usual_kitchen'));

        return new self(
            new Options(
                new Shares(DonenessTable::from($folder), $rules, Avoidance::from($folder), Schools::from($folder)),
                new Outlook($rules, LongCook::from($folder)),
                Portions::from($folder),
                LongCook::from($folder),
                DonenessTable::from($folder),
                $usual,
            ),
            Scoring::from($folder),
            new Cooks($rough, $rules, $memory),
            new Substitutes($rough),
        );
    }

    /** @param  list<Lot>  $lots  numbers one of a kind */
    public function match(Wish $wish, array $lots, Catalogue $catalogue): Answer
    {
        $there = array_values(array_filter($lots, static fn (Lot $lot): bool => $wish->takes($lot)));
        if ($there === [] && $wish->meat->named !== null) {
            return $this->instead($wish, $lots, $catalogue);
        }
        [$matches, $refused] = $this->ranked($wish, $lots, self::MOST);
        $named = $this->namedButRuledOut($wish, $there, $matches);
        if ($named !== null) {
            $itself = $wish->for($wish->meat->ofOtherCuts([$named->slug => 1.0]));
            $asIf = $this->ranked($itself, $lots, 1)[1];

            return new Answer($matches, $this->nearest($itself, $lots, $asIf), $matches === [] ? null : $named, [], false, count($there));
        }

        return new Answer(
            $matches,
            $matches === [] ? $this->nearest($wish, $lots, $refused) : [],
            null,
            [],
            $there === [],
            count($there),
            $matches === [] ? self::orders($wish, $lots) : [],
        );
    }

    /**
     * The cut that was named, where it is in the case and only others by a like name are left: that is said, and not passed over.
     *
     * @param  list<Lot>  $there
     * @param  list<Found>  $matches
     */
    private function namedButRuledOut(Wish $wish, array $there, array $matches): ?Cut
    {
        $isBest = static fn (Cut $cut): bool => ($wish->meat->named[$cut->slug] ?? 0.0) >= 1.0;
        $isMatched = array_filter($matches, static fn (Found $found): bool => $isBest($found->option->lot->cut)) !== [];
        $best = array_values(array_filter($there, static fn (Lot $lot): bool => $isBest($lot->cut)));

        return $isMatched || $best === [] ? null : $best[0]->cut;
    }

    /**
     * Every way this wish could have a lot, before anything is cooked.
     *
     * @param  list<Lot>  $lots
     * @return list<Option>
     */
    public function open(Wish $wish, array $lots): array
    {
        return array_values(
            array_map(
                static fn (array $row): Option => $row[0],
                array_filter($this->options->of($wish, $lots), static fn (array $row): bool => $row[1] === []),
            ),
        );
    }

    /**
     * @param  list<Lot>  $lots
     * @return array{list<Found>, list<Refusal>} and what was ruled out only by being cooked
     */
    public function ranked(Wish $wish, array $lots, int $most): array
    {
        $rows = $this->options->of($wish, $lots);
        $field = Field::of(array_column($rows, 0));
        $open = [];
        foreach ($rows as [$option, $refusals]) {
            if ($refusals === []) {
                $open[] = [$this->scoring->score($option, $wish, $field), $option];
            }
        }
        $queue = new Queue($open);
        $found = $refused = [];
        $waysOf = $this->waysOf(array_column($open, 1));
        while (count($found) < $most && ($next = $queue->take()) !== null) {
            [$score, $option] = $next;
            $key = $this->oneOfAKind($wish, $option);
            if (isset($found[$key])) {
                continue;
            }
            if ($option->times === null) {
                $cooked = $this->cooked($option, $wish);
                if ($cooked instanceof Refusal) {
                    $refused[] = $cooked;
                } else {
                    $queue->put($this->scoring->score($cooked, $wish, $field), $cooked);
                }

                continue;
            }
            $others = array_values(
                array_filter($waysOf[$option->lot->cut->slug], static fn (Method $method): bool => $method !== $option->method),
            );
            $found[$key] = new Found($option, $score, $this->scoring->contributions($option, $wish, $field), $others);
        }

        return [array_values($found), $refused];
    }

    /** Named, each way to cook it is of interest; otherwise one of each cut, or the list is full of the same. */
    private function oneOfAKind(Wish $wish, Option $option): string
    {
        return $option->lot->cut->slug.($wish->meat->named !== null ? ' '.$option->method->value : '');
    }

    private function cooked(Option $option, Wish $wish): Option|Refusal
    {
        $times = $this->cooks->times($option, $wish);
        $args = ['cut' => $option->lot->cut->name, 'method' => $option->method->value];
        if ($times === null) {
            return new Refusal(Limit::Reach, new Phrase('limit.reach', $args), $option->lot, $option->method, 1.0);
        }
        $takesS = $times->wholeS(Criterion\Time::PREPARE_S);
        $availableS = $wish->availableS();
        if ($availableS !== null && $takesS > $availableS) {
            return new Refusal(
                Limit::Time,
                new Phrase('limit.time', [...$args, 'takes_s' => $takesS, 'short_s' => $takesS - $availableS]),
                $option->lot,
                $option->method,
                $takesS - $availableS,
            );
        }

        $cooked = $option->withTimes($times);

        return $this->cooks->isTooSlow($cooked, $wish)
            ? new Refusal(Limit::Safety, new Phrase('limit.too_slow', $args), $option->lot, $option->method, 1.0)
            : $cooked;
    }

    /**
     * @param  list<Option>  $options
     * @return array<string, list<Method>> by cut
     */
    private function waysOf(array $options): array
    {
        $ways = [];
        foreach ($options as $option) {
            $ways[$option->lot->cut->slug][$option->method->value] = $option->method;
        }

        return array_map(array_values(...), $ways);
    }

    /**
     * What would have to give: of the options that fail in the fewest ways, the nearest for each limit.
     *
     * @param  list<Lot>  $lots
     * @param  list<Refusal>  $cooked
     * @return list<Refusal>
     */
    private function nearest(Wish $wish, array $lots, array $cooked): array
    {
        $sets = array_map(static fn (Refusal $refusal): array => [$refusal], $cooked);
        foreach ($this->options->of($wish, $lots, true) as [, $refusals]) {
            if ($refusals !== []) {
                $sets[] = $refusals;
            }
        }
        if ($sets === []) {
            return [];
        }
        $fewest = min(array_map(count(...), $sets));
        $nearest = [];
        foreach ($sets as $refusals) {
            foreach (count($refusals) === $fewest ? $refusals : [] as $refusal) {
                $known = $nearest[$refusal->limit->value] ?? null;
                if ($known === null || $refusal->short < $known->short) {
                    $nearest[$refusal->limit->value] = $refusal;
                }
            }
        }
        $order = array_flip(
            array_map(static fn (Limit $limit): string => $limit->value, [
                Limit::Safety,
                Limit::Doneness,
                Limit::Time,
                Limit::Budget,
                Limit::Weight,
                Limit::UseBy,
                Limit::Order,
                Limit::Grade,
                Limit::Aged,
                Limit::Rearing,
                Limit::Origin,
                Limit::Avoid,
                Limit::Suits,
                Limit::Reach,
                Limit::Fire,
            ]),
        );
        uksort($nearest, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);

        return array_values($nearest);
    }

    /**
     * @param  list<Lot>  $lots
     * @return list<Lot>
     */
    private static function orders(Wish $wish, array $lots): array
    {
        $orders = array_values(
            array_filter($lots, static fn (Lot $lot): bool => ! $wish->mayOrder && $lot->leadDays > 0 && $wish->meat->isFor($lot->cut)),
        );
        usort($orders, static fn (Lot $a, Lot $b): int => [$a->leadDays, $a->number] <=> [$b->leadDays, $b->number]);

        return $orders;
    }

    /** @param  list<Lot>  $lots */
    private function instead(Wish $wish, array $lots, Catalogue $catalogue): Answer
    {
        $orders = self::orders($wish, $lots);
        $named = $wish->meat->named ?? [];
        arsort($named);
        $cut = $catalogue->cut((string) array_key_first($named));
        $likeness = [];
        foreach ($lots as $lot) {
            $distance = Substitutes::isComparable($cut, $lot->cut) ? Substitutes::distance($cut, $lot->cut) : INF;
            if ($distance <= self::FAR) {
                $likeness[$lot->cut->slug] = 1.0 / (1.0 + $distance);
            }
        }
        $wish = $wish->for($wish->meat->ofOtherCuts($likeness), isStoodIn: true);
        [$matches, $refused] = $this->ranked($wish, $lots, self::MOST);
        $changes = [];
        foreach ($matches as $match) {
            $changes[$match->option->lot->cut->slug] ??= $this->substitutes->changesBetween(
                $cut,
                $match->option->lot->cut,
                $match->option->method,
            );
        }

        return new Answer(
            $matches,
            $matches === [] ? $this->nearest($wish, $lots, $refused) : [],
            $cut,
            $changes,
            true,
            count($likeness),
            $orders,
        );
    }
}
