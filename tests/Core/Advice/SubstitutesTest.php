<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Advice\Substitutes;
use Nessmark\Data\DataFolder;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What to sell instead. Expectations: common practice at the counter, no source. */
final class SubstitutesTest extends TestCase
{
    #[TestWith(['beef-outside-skirt', Method::Grill, 'beef-flap'])]
    #[TestWith(['beef-hanging-tender', Method::Grill, 'beef-flap'])]
    #[TestWith(['beef-rib-eye-steak', Method::Pan, 'beef-strip-steak'])]
    #[TestWith(['beef-cheek', Method::Braise, 'beef-oxtail'])]
    #[TestWith(['venison-backstrap', Method::OvenRoast, 'fallow-loin'])]
    #[TestWith(['lamb-hind-shank', Method::Braise, 'lamb-fore-shank'])]
    public function test_a_substitute_is_one_the_counter_would_name(string $slug, Method $method, string $expected): void
    {
        $found = $this->substitutes($slug, $method);

        self::assertContains($expected, array_map(static fn (array $one): string => $one['cut']->slug, $found));
    }

    public function test_every_substitute_suits_the_method_and_is_another_cut(): void
    {
        foreach (['beef-hanging-tender', 'pork-collar-steak', 'turbot-whole'] as $slug) {
            foreach ($this->substitutes($slug, Method::Grill) as $one) {
                self::assertNotSame(Fit::Poor, Counter::open()->suitability->judge($one['cut'], Method::Grill)->fit);
                self::assertNotSame($slug, $one['cut']->slug);
            }
        }
    }

    public function test_it_is_said_what_changes(): void
    {
        $rack = array_values(
            array_filter(
                $this->substitutes('lamb-rack', Method::OvenRoast),
                static fn (array $one): bool => $one['cut']->slug === 'lamb-loin-boneless',
            ),
        )[0];
        $keys = array_map(static fn (Phrase $phrase): string => $phrase->key, $rack['changes']);

        self::assertContains('swap.boneless', $keys);
        self::assertContains('swap.slice_thick_across_grain', $keys);
        self::assertGreaterThan(0.0, $rack['time_s']);
    }

    public function test_likeness_is_mutual_and_none_is_nearer_than_oneself(): void
    {
        $cuts = Counter::open()->kinds();
        foreach ($cuts as $one) {
            self::assertSame(0.0, Substitutes::distance($one, $one));
            self::assertEqualsWithDelta(Substitutes::distance($one, $cuts[0]), Substitutes::distance($cuts[0], $one), 1e-12);
        }
    }

    /** @return list<array{cut: \Nessmark\Meat\Cut, distance: float, time_s: float|null, changes: list<Phrase>}> */
    private function substitutes(string $slug, Method $method): array
    {
        return Substitutes::from(DataFolder::shipped())->of(Counter::open()->catalogue->cut($slug), $method, Counter::open()->catalogue);
    }
}
