<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Generator;
use Nessmark\Advice\Advisor;
use Nessmark\Data\DataFolder;
use Nessmark\House\HouseRules;
use Nessmark\Meat\Rearing;
use Nessmark\Safety\CookEvidence;
use Nessmark\Safety\Finding;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\HoldPoint;
use Nessmark\Safety\Judge;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Serving;
use Nessmark\Safety\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What is safe only while somebody keeps to it is said aloud. Sources: core/data/safety.json, from memory. */
final class SaidAloudTest extends TestCase
{
    /** @return Generator<string, array{array<string, mixed>, Profile, string, string}> an ask, a finding and its level */
    public static function said(): Generator
    {
        $atRisk = static fn (string $word): array => [['count' => 4, 'at_risk' => true, 'doneness' => $word]];
        // UK 2013 regulations, schedule 4, of a whole piece: its middle was never open, but someone at risk eats it.
        yield 'a shoulder slowly smoked' => [
            [
                'cut' => 'pork-shoulder-blade',
                'thickness_mm' => 170,
                'method' => 'smoke',
                'heat_c' => 105,
                'diners' => $atRisk('official_minimum'),
            ],
            Profile::Us,
            'safety.slow',
            'caution',
        ];
        yield 'cod kept on for the printed hold' => [
            ['cut' => 'cod-loin', 'thickness_mm' => 28, 'method' => 'steam', 'diners' => $atRisk('firm')],
            Profile::Uk,
            'safety.held_instead',
            'caution',
        ];
        // The cook itself is out of the growth range in time; the long end of its range is not.
        yield 'a turkey crown at the long end' => [
            [
                'cut' => 'turkey-crown',
                'thickness_mm' => 150,
                'method' => 'smoke',
                'heat_c' => 95,
                'diners' => [['count' => 8, 'doneness' => 'done']],
            ],
            Profile::Us,
            'safety.too_slow',
            'stop',
        ];
    }

    /** @param  array<string, mixed>  $ask */
    #[DataProvider('said')]
    public function test_a_finding_is_read_out(array $ask, Profile $profile, string $key, string $level): void
    {
        $ticket = Counter::open()->ticket($ask, $profile);

        self::assertSame($level, array_column($ticket['verdict']['findings'], 'level', 'key')[$key] ?? null);
    }

    public function test_safe_by_the_clock_is_said_to_whoever_depends_on_it(): void
    {
        $judge = new Judge(SafetyRules::from(DataFolder::shipped()));
        $keys = static function (float $coreC, string $slug = 'chicken-breast', bool $isAtRisk = true) use ($judge): array {
            $held = new HeldLongEnough([$coreC]);
            $held->step(0.0, [$coreC], [0.0], 7200.0, [$coreC], [0.0]);
            $serving = new Serving(Counter::open()->catalogue->cut($slug), $isAtRisk, new Standard(Profile::Uk), null, false, false);
            $reached = [CookEvidence::key(54.4) => 900.0, CookEvidence::key(60.0) => 900.0];

            return array_map(
                static fn (Finding $finding): string => $finding->phrase->key,
                $judge->judge($serving, new CookEvidence($held, 4.0, $coreC, $reached, 7200.0, 7200.0, true, null))->findings,
            );
        };

        // FSA: 65 °C for 10 minutes is as good as 70 °C for 2; 75 °C needs no clock at all.
        self::assertSame([['safety.safe_by_hold'], []], [$keys(66.0), $keys(75.0)]);
        self::assertSame([], $keys(66.0, 'beef-rib-eye-steak', false), 'nobody has to depend on it');
    }

    public function test_a_printed_hold_is_kept_longer_than_its_line(): void
    {
        $advisor = Advisor::from(DataFolder::shipped());
        $uk = new Standard(Profile::Uk);
        $dish = Counter::open()->reader->read(
            [
                'cut' => 'cod-loin',
                'thickness_mm' => 28,
                'method' => 'steam',
                'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'firm']],
            ],
            new HouseRules($uk),
        );
        $cook = $advisor->advise($dish->plates()[0])[0];
        $line = SafetyRules::from(DataFolder::shipped())
            ->rule($uk, $dish->piece->cut->foodClass)
            ->shortestHoldAt($dish->shares[0]->doneness->targetC);

        self::assertNotNull($line);
        self::assertTrue(
            $cook->evidence->held->meets([new HoldPoint($line->coreC, $line->holdS + 55.0, 'margin')], $cook->evidence->pulledAtS),
            'a clock read a minute early does not matter',
        );
    }

    public function test_a_stop_that_heat_lifts_leaves_a_plan_no_freedom(): void
    {
        $judge = new Judge(SafetyRules::from(DataFolder::shipped()));
        $mustMeet = static fn (string $slug): bool => $judge->mustMeetMinimum(
            new Serving(
                Counter::open()->catalogue->cut($slug)->reared(Rearing::Farmed),
                false,
                new Standard(),
                Rearing::Farmed,
                false,
                false,
            ),
        );

        // Trichinella (USDA FSIS) is a stop for everyone; a deer's haunch has none.
        self::assertSame([true, false], [$mustMeet('wild-boar-loin'), $mustMeet('roe-haunch')]);
    }
}
