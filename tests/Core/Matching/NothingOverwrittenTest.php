<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Nessmark\Contract\MatchReport;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** What was said stands in the ask of every match, field by field, as it was said. */
final class NothingOverwrittenTest extends TestCase
{
    #[TestWith(['2 rib eye, core 75', 'diners.0.doneness', 'core:75'])]
    #[TestWith(['2 strip steak pan 250C', 'heat_c', 250.0])]
    #[TestWith(['lamb leg 6 oven 190C', 'heat_c', 190.0])]
    #[TestWith(['4 lamb rump iron+oven 200C', 'heat_c', 200.0])]
    #[TestWith(['whole chicken 1.3 kg for 3', 'raw_g', 1300.0])]
    #[TestWith(['leg of lamb 2.2kg 6 oven', 'raw_g', 2200.0])]
    #[TestWith(['4 lamb rump 250g each', 'raw_g', 250.0])]
    #[TestWith(['2 rib eye, one no mustard', 'diners.1.avoid.0', 'mustard'])]
    #[TestWith(['4 rib eye, one a child', 'diners.1.child', true])]
    #[TestWith(['4 rib eye, one pregnant', 'diners.1.at_risk', true])]
    #[TestWith(['4 rib eye with pepper sauce', 'seasoning', 'pan-pepper-cream'])]
    #[TestWith(['4 rib eye halal', 'diners.0.diets.0', 'halal'])]
    public function test_what_was_said_is_in_the_ask_of_each_match(string $line, string $key, mixed $expected): void
    {
        $case = TodaysCase::open();
        $matches = MatchReport::answer($case->answer($line), $case->wish($line))['matches'];

        self::assertNotSame([], $matches);
        foreach (str_contains($line, 'kg') ? array_slice($matches, 0, 1) : $matches as $match) {
            $value = $match['ask'];
            foreach (explode('.', $key) as $part) {
                $value = $value[$part] ?? null;
            }
            self::assertEquals($expected, $value, "{$match['lot']['number']} {$match['method']}");
        }
    }

    /** The core that was asked for is the one the plan peaks at, whatever it is called. */
    #[TestWith(['beef-rib-eye-steak', 'core:80', 80.0])]
    #[TestWith(['salmon-loin', 'core:52', 52.0])]
    #[TestWith(['lamb-rump', 'core:57', 57.0])]
    #[TestWith(['beef-brisket-flat', 'core:93', 93.0])]
    public function test_a_core_that_was_asked_for_is_cooked_to(string $cut, string $done, float $coreC): void
    {
        $ticket = Counter::open()->ticket(['cut' => $cut, 'diners' => [['count' => 2, 'doneness' => $done]]]);

        self::assertEqualsWithDelta($coreC, $ticket['peak_core_c'], 1.0);
    }

    #[TestWith(['pork-loin-chop-bone-in'])]
    #[TestWith(['quail-whole'])]
    #[TestWith(['duck-breast'])]
    #[TestWith(['venison-mince'])]
    #[TestWith(['pork-mince'])]
    public function test_the_wild_is_never_milder_than_the_farmed(string $cut): void
    {
        $of = static fn (array $more): array => Counter::open()->ticket(['cut' => $cut, 'diners' => [['count' => 2]], ...$more])['verdict'];
        [$wild, $farmed] = [$of(['rearing' => 'wild']), $of([])];

        self::assertSame(73.9, $wild['official']['core_c'], 'wild game, Food Code 2022, 3-401.11(A)(3); from memory');
        self::assertGreaterThanOrEqual($farmed['official']['core_c'], $wild['official']['core_c']);
    }
}
