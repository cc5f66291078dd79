<?php

declare(strict_types=1);

namespace Tests\Core\Appliance;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Shape;
use Nessmark\Method\FireChoices;
use Nessmark\Method\Method;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** The appliances and their sorts, as the data has them. */
final class KitchenTest extends TestCase
{
    public function test_every_sort_of_every_appliance_offers_a_setting_it_has(): void
    {
        foreach (ApplianceKind::cases() as $kind) {
            foreach ([null, ...self::kitchen()->types($kind)] as $type) {
                $appliance = self::kitchen()->appliance($kind, new Fires($type === null ? [] : [$kind->value => $type]));
                self::assertGreaterThanOrEqual($appliance->coolestC, $appliance->defaultC, "{$kind->value} {$type}");
                self::assertLessThanOrEqual($appliance->hottestC, $appliance->defaultC, "{$kind->value} {$type}");
                self::assertNotSame([], $appliance->sources);
            }
        }
    }

    public function test_non_stick_is_never_offered_as_hot_as_iron(): void
    {
        // Coatings break down above some 260 °C (common practice, no source): the bound stays well below.
        self::assertLessThanOrEqual(230.0, self::kitchen()->appliance(ApplianceKind::Pan, new Fires(['pan' => 'non_stick']))->hottestC);
    }

    /** Total heat into a surface at 60 °C in the usual ranges of the handbooks, W/(m²K); from memory. */
    #[TestWith([ApplianceKind::Oven, 'still', 180.0, 15.0, 30.0])]
    #[TestWith([ApplianceKind::Oven, 'fan', 180.0, 25.0, 50.0])]
    #[TestWith([ApplianceKind::Pan, 'cast_iron', 200.0, 100.0, 300.0])]
    #[TestWith([ApplianceKind::Smoker, null, 110.0, 10.0, 25.0])]
    public function test_what_a_fire_gives_lies_within_the_handbooks(
        ApplianceKind $kind,
        ?string $type,
        float $heatC,
        float $leastWM2K,
        float $mostWM2K,
    ): void {
        $face = self::kitchen()
            ->appliance($kind, new Fires($type === null ? [] : [$kind->value => $type]))
            ->face($heatC, Shape::Slab, false, self::kitchen()->aboveFire());
        $felt = $face->intoWM2(60.0) / ($heatC - 60.0);

        self::assertGreaterThan($leastWM2K, $felt);
        self::assertLessThan($mostWM2K, $felt);
    }

    public function test_a_broiler_gives_5_to_15_kilowatts_a_square_metre(): void
    {
        // From memory.
        $flux = self::kitchen()
            ->appliance(ApplianceKind::Broiler)
            ->face(260.0, Shape::Slab, false, self::kitchen()->aboveFire())
            ->intoWM2(60.0);

        self::assertGreaterThan(5000.0, $flux);
        self::assertLessThan(15_000.0, $flux);
    }

    public function test_a_pan_of_530_square_centimetres_holds_four_steaks_of_119(): void
    {
        // Arithmetic: 0.9 · 530 / 119 = 4.008.
        $metal = self::kitchen()->appliance(ApplianceKind::Pan)->metal;

        self::assertSame(4, $metal?->holds(new Load(0.0119, 1)));
        self::assertSame(1, $metal?->holds(new Load(0.2, 1)), 'one goes in, however large');
    }

    public function test_at_most_two_questions_are_asked_about_a_fire(): void
    {
        foreach (Method::cases() as $method) {
            self::assertLessThanOrEqual(2, count(FireChoices::of(self::kitchen(), $method)), $method->value);
        }
        self::assertSame(['pan', 'burner'], array_keys(FireChoices::of(self::kitchen(), Method::Pan)));
        self::assertArrayNotHasKey('pot', FireChoices::of(self::kitchen(), Method::Poach), 'nothing is poached under pressure');
    }

    public function test_a_fiercer_grill_is_hotter_and_quicker_and_a_figure_typed_in_wins(): void
    {
        $ticket = static fn (array $more): array => Counter::open()->ticket([
            'cut' => 'beef-strip-steak',
            'thickness_mm' => 25,
            'method' => 'grill',
            ...$more,
        ]);
        [$far, $middle, $near] = array_map(
            static fn (string $level): array => $ticket(['fires' => ['grill' => 'charcoal', 'level' => $level]]),
            ['far', 'middle', 'near'],
        );

        self::assertSame([170.0, 230.0, 290.0], [$far['heat_c'], $middle['heat_c'], $near['heat_c']]);
        self::assertGreaterThan($middle['time']['likely_s'], $far['time']['likely_s']);
        self::assertGreaterThan($near['time']['likely_s'], $middle['time']['likely_s']);
        self::assertSame(250.0, $ticket(['fires' => ['level' => 'near'], 'heat_c' => 250])['heat_c']);
        self::assertSame($middle['heat_c'], $ticket([])['heat_c'], 'medium unless something else is said');
        self::assertContains('caution.embers', array_column($near['cautions'], 'key'));
        self::assertSame(2400.0, -1.0 * $near['timeline'][0]['at_s'], 'charcoal is lit forty minutes before');
    }

    public function test_under_pressure_a_braise_takes_far_less_time_and_the_ticket_warns(): void
    {
        $ticket = static fn (string $pot): array => Counter::open()->ticket([
            'cut' => 'beef-cheek',
            'thickness_mm' => 50,
            'method' => 'braise',
            'fires' => ['pot' => $pot],
            'diners' => [['count' => 4]],
        ]);
        [$lidded, $pressure] = [$ticket('lidded'), $ticket('pressure')];

        // A third to a half of the time: common practice, no source.
        self::assertEqualsWithDelta(0.4, $pressure['time']['likely_s'] / $lidded['time']['likely_s'], 0.15);
        self::assertContains('caution.pressure', array_column($pressure['cautions'], 'key'));
        self::assertNotContains('caution.pressure', array_column($lidded['cautions'], 'key'));
        self::assertLessThanOrEqual(
            100.0,
            $pressure['stages'][array_key_last($pressure['stages'])]['core_c'],
            'let off, it boils down to what water boils at',
        );
    }

    public function test_more_than_lie_in_the_pan_are_cooked_in_batches(): void
    {
        $ask = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 20, 'method' => 'pan'];
        $crowded = static fn (int $count): array => array_values(
            array_filter(
                Counter::open()->ticket([...$ask, 'diners' => [['count' => $count]]])['doubts'],
                static fn (array $doubt): bool => $doubt['key'] === 'doubt.crowded',
            ),
        );

        self::assertSame([], $crowded(1));
        self::assertLessThan(12, $crowded(12)[0]['args']->pieces);
    }

    private static function kitchen(): Kitchen
    {
        return Kitchen::from(DataFolder::shipped());
    }
}
