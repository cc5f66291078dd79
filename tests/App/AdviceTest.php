<?php

declare(strict_types=1);

namespace Tests\App;

use App\Services\Palette;
use App\Services\Units;
use App\Services\Wording;
use Generator;
use Nessmark\Contract\AtlasReport;
use Nessmark\Data\DataFolder;
use Nessmark\Matching\Limit;
use Nessmark\Method\Method;
use PHPUnit\Framework\Attributes\DataProvider;

final class AdviceTest extends AppTestCase
{
    public function test_an_ask_gets_its_ticket(): void
    {
        $this->actingAs($this->staff())
            ->postJson('/api/v1/advice', self::RUMP)
            ->assertOk()
            ->assertJsonPath('ticket.cut.slug', 'lamb-rump')
            ->assertJsonPath('ticket.verdict.level', 'caution')
            ->assertJsonPath('ticket.target.word', 'medium_rare');
    }

    public function test_another_oven_and_surface_give_another_ticket(): void
    {
        $this->actingAs($this->staff());
        $usual = $this->postJson('/api/v1/advice', self::RUMP)
            ->assertOk()
            ->assertJsonPath('ticket.fires.oven', 'still')
            ->assertJsonPath('ticket.surface', 'patted')
            ->json('ticket');
        $fan = $this->postJson('/api/v1/advice', [...self::RUMP, 'fires' => ['oven' => 'fan'], 'heat_c' => $usual['heat_c']])
            ->assertOk()
            ->assertJsonPath('ticket.fires.oven', 'fan')
            ->json('ticket');
        $wet = $this->postJson('/api/v1/advice', [...self::RUMP, 'surface' => 'wet'])
            ->assertOk()
            ->json('ticket');

        self::assertLessThan($usual['time']['likely_s'], $fan['time']['likely_s']);
        self::assertGreaterThan($usual['time']['likely_s'], $wet['time']['likely_s']);
    }

    public function test_a_ticket_says_what_is_lost_what_the_bite_is_and_how_far_the_pan_falls(): void
    {
        $ask = ['cut' => 'duck-breast', 'thickness_mm' => 22, 'method' => 'pan', 'diners' => [['count' => 4, 'doneness' => 'pink']]];
        $ticket = $this->actingAs($this->staff())
            ->postJson('/api/v1/advice', [...$ask, 'fires' => ['pan' => 'clad', 'burner' => 'electric_ring']])
            ->assertOk()
            ->json('ticket');

        self::assertGreaterThan(0.0, $ticket['losses']['evaporated_share']);
        self::assertLessThan(1.0, $ticket['losses']['cooking_loss_share']);
        self::assertGreaterThan(0.0, $ticket['texture']['fat_rendered_share']);
        self::assertLessThan($ticket['heat_c'], $ticket['stages'][0]['metal_falls_to_c']);
        self::assertSame('keep.nothing', $ticket['keeping']['key']);
        self::assertNull($ticket['tempering'], 'poultry starts cold');
    }

    public function test_the_catalogue_asks_two_things_at_most_about_a_fire(): void
    {
        $methods = $this->actingAs($this->staff())->getJson('/api/v1/catalogue')->assertOk()->json('methods');
        foreach ($methods as $method) {
            self::assertLessThanOrEqual(2, count($method['fires']));
        }
        $pan = array_column($methods, null, 'slug')['pan'];

        self::assertSame(['pan', 'burner'], array_column($pan['fires'], 'of'));
        self::assertTrue($pan['dries']);
    }

    /** @return Generator<string, array{array<string, mixed>, string, string}> */
    public static function broken(): Generator
    {
        foreach ([0, -5, 10_000] as $mm) {
            yield "thickness {$mm}" => [['thickness_mm' => $mm], 'thickness_mm', 'out_of_range'];
        }
        yield 'thickness a word' => [['thickness_mm' => 'abc'], 'thickness_mm', 'wrong_type'];
        yield 'thickness NaN' => [['thickness_mm' => 'NaN'], 'thickness_mm', 'wrong_type'];
        yield 'heavier than it is sold' => [['raw_g' => 5000], 'raw_g', 'out_of_range'];
        yield 'unknown cut' => [['cut' => 'unicorn'], 'cut', 'not_allowed'];
        yield 'an oven nobody has' => [['fires' => ['oven' => 'solar']], 'fires.oven', 'not_allowed'];
        yield 'a grill for a method without one' => [['fires' => ['grill' => 'gas']], 'fires.grill', 'unknown_key'];
        yield 'a surface nobody has' => [['surface' => 'damp'], 'surface', 'not_allowed'];
        yield 'a thin end thicker than the piece' => [['thin_mm' => 200], 'thin_mm', 'out_of_range'];
        yield 'eating in the past' => [['eat_at' => '2001-01-01T12:00:00Z'], 'eat_at', 'out_of_range'];
        yield 'a target above the fire' => [['method' => 'water_bath', 'heat_c' => 50], 'heat_c', 'unreachable'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_bad_input_is_a_problem_that_names_the_key(array $change, string $key, string $reason): void
    {
        $this->actingAs($this->staff())
            ->postJson('/api/v1/advice', [...self::RUMP, ...$change])
            ->assertUnprocessable()
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('reason', 'input.refused')
            ->assertJsonPath('violations.0.key', $key)
            ->assertJsonPath('violations.0.reason', $reason);
    }

    public function test_a_body_that_is_no_json_is_refused(): void
    {
        $this->actingAs($this->staff())
            ->call(
                'POST',
                '/api/v1/advice',
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: '{"cut":',
            )
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', '(input)');
    }

    public function test_the_catalogue_says_what_may_be_chosen(): void
    {
        $this->actingAs($this->staff())
            ->getJson('/api/v1/catalogue')
            ->assertOk()
            ->assertJsonCount(
                count(
                    array_filter(
                        \Tests\Support\Counter::open()->catalogue->cuts(),
                        static fn ($cut): bool => \Tests\Support\Counter::open()->suitability->offered($cut) !== [],
                    ),
                ),
                'cuts',
            )
            ->assertJsonCount(count(Method::cases()), 'methods');
    }

    public function test_every_phrase_the_core_can_say_has_its_words(): void
    {
        $wording = app(Wording::class);
        $missing = [];
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path('core/src'), \FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            preg_match_all(
                "/'((?:match|limit)\\.[a-z_]+)'|new Phrase\\('([a-z_.]+[a-z])'[,)]/",
                (string) file_get_contents($file->getPathname()),
                $found,
            );
            foreach (array_filter([...$found[1], ...$found[2]]) as $key) {
                $missing = $wording->has('say', $key) ? $missing : [...$missing, $key];
            }
        }
        foreach (\Tests\Support\Counter::open()->kinds() as $cut) {
            foreach (\Tests\Support\Counter::open()->suitability->offered($cut) as $method) {
                $ticket = \Tests\Support\Counter::open()->ticket([
                    'cut' => $cut->slug,
                    'thickness_mm' => $cut->build->typicalMm,
                    'method' => $method->value,
                ]);
                $phrases = [
                    ...array_column($ticket['timeline'], 'do'),
                    ...$ticket['cautions'],
                    ...$ticket['doubts'],
                    ...$ticket['verdict']['findings'],
                ];
                foreach ($phrases as $phrase) {
                    self::assertStringNotContainsString(
                        '{',
                        $wording->say(['key' => $phrase['key'], 'args' => (array) $phrase['args']], Units::Imperial),
                        $phrase['key'],
                    );
                }
            }
        }

        foreach (Limit::cases() as $limit) {
            $missing = $wording->has('say', "limit.{$limit->value}") ? $missing : [...$missing, "limit.{$limit->value}"];
        }

        $report = AtlasReport::from(DataFolder::shipped());
        $catalogue = \Tests\Support\Counter::open()->catalogue;
        foreach ($catalogue->all() as $cut) {
            $page = $report->page($cut, $catalogue);
            foreach (
                [
                    $page['slice'],
                    ...$page['cautions'],
                    ...array_merge(...array_column($page['methods'], 'reasons'), ...array_column($page['methods'], 'doubts')),
                ] as $phrase
            ) {
                $missing = $wording->has('say', $phrase['key']) ? $missing : [...$missing, $phrase['key']];
            }
            $missing = $wording->has('say', "swap.slice_{$cut->slice}") ? $missing : [...$missing, "swap.slice_{$cut->slice}"];
        }

        self::assertSame([], array_values(array_unique($missing)));
    }

    public function test_figures_are_shown_in_the_customers_units(): void
    {
        self::assertSame(["55\u{a0}°C", "131\u{a0}°F"], [Units::Metric->show('core_c', 55.0), Units::Imperial->show('core_c', 55.0)]);
        self::assertSame(["3\u{a0}°C", "5\u{a0}°F"], [Units::Metric->show('rise_k', 3.0), Units::Imperial->show('rise_k', 3.0)]);
        self::assertSame(
            ["38\u{a0}mm", "1.5\u{a0}in"],
            [Units::Metric->show('thickness_mm', 38.1), Units::Imperial->show('thickness_mm', 38.1)],
        );
        self::assertSame(["227\u{a0}g", "8\u{a0}oz"], [Units::Metric->show('raw_g', 226.8), Units::Imperial->show('raw_g', 226.8)]);
        self::assertSame("1\u{a0}h 35", Units::duration(5700.0));
    }

    public function test_the_slice_pales_as_it_gets_hotter(): void
    {
        $palette = app(Palette::class);

        self::assertSame(['#c2485c', '#8f7662'], [$palette->colour('red', 52.0), $palette->colour('red', 85.0)]);
    }

    public function test_a_refusal_names_the_field_as_the_screen_does_and_gives_figures_their_units(): void
    {
        $refused = $this->actingAs($this->staff())
            ->postJson('/api/v1/advice', [...self::RUMP, 'thickness_mm' => 900])
            ->assertUnprocessable()
            ->json('violations.0');

        self::assertSame("Thickness cannot be 900\u{a0}mm. Allowed: {$refused['allowed']}.", $refused['message']);
        self::assertSame(['allowed.thickness_for', 'Lamb rump, cap on'], [$refused['says']['key'], $refused['says']['args']['cut']]);
        self::assertStringContainsString("\u{a0}mm for Lamb rump, cap on", $refused['allowed']);
    }
}
