<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Appliance\Kitchen;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Method\FireChoices;
use Nessmark\Method\Method;

/**
 * One change at the counter answered whole: what was read, what fits, and the ticket of what is chosen.
 *
 * @phpstan-import-type Match from CounterDesk
 */
final readonly class CounterReply
{
    public function __construct(
        private CounterDesk $desk,
        private AskReader $asks,
        private TicketAssembly $tickets,
        private Kitchen $kitchen,
    ) {}

    /**
     * @param  mixed  $data  in the form of CounterAsked
     * @return array{refused: array{of: string,
     *     violations: non-empty-list<Violation>}|null} with the keys of CounterShown; what cannot be done stands in refused,
     *     beside what can
     *
     * @throws InputRefused naming every key that is wrong beside the wish and what was set by hand
     */
    public function to(mixed $data, ShopToday $shop): array
    {
        $asked = CounterAsked::read($data);
        $now = $shop->house->local($asked->now);
        $desk = $this->desk->at($shop->shelf);
        $known = $desk->seated($asked->table);
        $read = $asked->typed === null ? null : $desk->read($asked->typed, $now, $shop->catalogue, $known);
        $wish = $read === null ? $asked->wish : $read->wish;
        $line = $asked->typed ?? $asked->keep;
        $shown = ['id' => null, 'wish' => $wish, 'matches' => null, 'chosen' => null, 'ask' => null, 'ticket' => null, 'refused' => null];
        try {
            $wish = $read === null ? $desk->recalling($wish, $known) : $wish;
            $shown['wish'] = $wish;
            $matches = $desk->match(
                [...$wish, ...$asked->common, 'now' => $now->format(DATE_ATOM)],
                $shop->lots,
                $shop->catalogue,
                $shop->house,
            );
            $line = $asked->typed ?? trim("{$matches['line']} {$asked->keep}");
            $shown['matches'] = [...$matches, 'currency' => $shop->currency];
            $shown = [...$shown, ...$this->piece($asked, $wish, $matches['matches'], $now, $shop)];
        } catch (InputRefused $refused) {
            $shown['refused'] = self::refused('wish', $refused);
        }
        $read ??= $desk->read($line, $now, $shop->catalogue);

        /** @var array{refused: array{of: string, violations: non-empty-list<Violation>}|null} $answer */
        $answer = [
            ...$shown,
            'line' => $line,
            'chips' => $read->toArray()['chips'],
            'dishes' => $asked->typed === null ? [$wish] : $read->dishes,
            'table' => $read->table,
            'suggestions' => $asked->typed === null ? [] : $desk->suggestions($asked->typed, $shop->catalogue),
        ];

        return $answer;
    }

    /**
     * @param  array<string, mixed>  $wish
     * @param  list<Match>  $matches
     * @return array<string, mixed> the match that is chosen, the ask and its ticket; nothing where there is no piece
     */
    private function piece(CounterAsked $asked, array $wish, array $matches, DateTimeImmutable $now, ShopToday $shop): array
    {
        // A meat that is named goes before a cut that was picked earlier.
        $isPicked =
            isset($asked->hand['cut']) && ($asked->typed === null || array_intersect_key($wish, ['named' => 0, 'kinds' => 0]) === []);
        $match = $isPicked ? null : self::chosen($asked, $matches);
        if (! $isPicked && $match === null) {
            return [];
        }
        // What was set by hand is true of the piece it was set for, and of no other.
        $isOther =
            ! $isPicked && (isset($asked->hand['cut']) || ($asked->choice !== null && $match['lot']['number'] !== $asked->choice[0]));
        $hand = $isOther ? [] : $asked->hand;
        $base = $match['ask'] ?? [
            ...array_intersect_key($wish, ['diners' => 0, 'raw_g' => 0, 'eat_at' => 0, 'seasoning' => 0]),
            ...$this->asks->usual($hand['cut'] ?? null, $wish['diners'] ?? [], $this->scale($asked, $shop), $shop->catalogue),
            'now' => $now->format(DATE_ATOM),
        ];
        $ask = [...$base, ...$asked->common, ...$hand, ...$this->fires($base, $hand)];
        $shown = ['chosen' => $match === null ? null : ['lot' => $match['lot']['number'], 'method' => $match['method']], 'ask' => $ask];
        try {
            $ticket = $this->tickets->advise(
                $this->asks->read($ask, $shop->house, $shop->catalogue, $shop->lot($ask['lot'] ?? null), $shop->shelf),
                $shop->currency,
            );
        } catch (InputRefused $refused) {
            return [...$shown, 'refused' => self::refused('piece', $refused)];
        }

        return [...$shown, 'id' => Seen::id($ticket), 'ticket' => Json::of($ticket)];
    }

    private function scale(CounterAsked $asked, ShopToday $shop): Scale
    {
        $said = is_array($asked->common['schools'] ?? null) ? $asked->common['schools']['doneness_words'] ?? null : null;

        return Scale::tryFrom(is_string($said) ? $said : $shop->house->schools['doneness_words'] ?? '') ?? Scale::Kitchen;
    }

    /**
     * A match that was chosen stays while it is there: the same lot, and the same way unless another was set by hand.
     *
     * @param  list<Match>  $matches
     * @return Match|null
     */
    private static function chosen(CounterAsked $asked, array $matches): ?array
    {
        [$lot, $method] = $asked->choice ?? [null, null];
        $ofLot = array_values(array_filter($matches, static fn (array $match): bool => $match['lot']['number'] === $lot));
        $same = array_values(array_filter($ofLot, static fn (array $match): bool => $match['method'] === $method));

        return $same[0] ?? ((isset($asked->hand['method']) ? $ofLot[0] ?? null : null) ?? ($matches[0] ?? null));
    }

    /**
     * The kitchen stays the same while another way is tried: of what was said of it, what this way asks.
     *
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $hand
     * @return array<string, mixed>
     */
    private function fires(array $base, array $hand): array
    {
        $method = $hand['method'] ?? ($base['method'] ?? null);
        $method = is_string($method) ? Method::tryFrom($method) : null;
        [$usual, $said] = [$base['fires'] ?? [], $hand['fires'] ?? []];
        if ($method === null || ! is_array($usual) || ! is_array($said)) {
            return [];
        }

        return ['fires' => array_intersect_key([...$usual, ...$said], FireChoices::of($this->kitchen, $method))];
    }

    /** @return array{of: string, violations: non-empty-list<Violation>} still to be put into words */
    private static function refused(string $of, InputRefused $refused): array
    {
        return ['of' => $of, 'violations' => $refused->violations];
    }
}
