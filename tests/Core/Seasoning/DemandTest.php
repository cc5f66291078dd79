<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Seasoning\Dresser;
use Nessmark\Seasoning\Film;
use Nessmark\Seasoning\FilmStep;
use Nessmark\Seasoning\Matches;
use Nessmark\Seasoning\Shelf;
use Nessmark\Seasoning\Subject;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Nobody is served what they must not have, and nothing burns unsaid: held against the data, not against what was made of it. */
final class DemandTest extends TestCase
{
    public function test_no_seasoning_is_served_with_what_was_forbidden(): void
    {
        $folder = DataFolder::shipped();
        $matches = Matches::from($folder);
        $shelf = Shelf::from($folder);
        $served = 0;
        foreach (self::words() as $word) {
            $demand = $matches->demand([$word]);
            foreach ($shelf->all() as $seasoning) {
                $swapped = $demand->swapped($seasoning, $shelf);
                foreach ($swapped->amounts ?? [] as $amount) {
                    self::assertNotContains($amount->ingredient->slug, self::forbidden($word), "{$word}: {$seasoning->slug}");
                }
                $served += $swapped === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(0.7 * count(self::words()) * count($shelf->all()), $served, 'most go on, or nothing was tested');
    }

    /** Every cut, every way it is offered, each with two demands in turn. */
    public function test_no_ticket_names_what_was_forbidden(): void
    {
        $folder = DataFolder::shipped();
        [$dresser, $shelf, $names] = [Dresser::from($folder), Shelf::from($folder), self::names()];
        $words = self::words();
        $turn = 0;
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach (Counter::open()->suitability->offered($cut) as $method) {
                foreach ([0, 1] as $i) {
                    $word = $words[(7 * $turn++ + $i) % count($words)];
                    $asked = $shelf->all()[$turn % count($shelf->all())]->slug;
                    $on = self::subject($cut, $method, self::film(170.0, 600.0));
                    $dressing = $dresser->dress($on, $shelf, $i === 0 ? null : $asked, ['A' => [$word]], [], [], Profile::Eu, 900.0)
                        ?->dressing;
                    foreach ($dressing->amounts ?? [] as $amount) {
                        self::assertNotContains($names[$amount->name], self::forbidden($word), "{$cut->slug} {$method->value} {$word}");
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $turn);
    }

    public function test_a_swap_keeps_the_seasoning_what_it_is(): void
    {
        $folder = DataFolder::shipped();
        $shelf = Shelf::from($folder);
        $without = static fn (string $word, string $slug): ?array => ($of = Matches::from($folder)
            ->demand([$word])
            ->swapped($shelf->seasoning($slug), $shelf)) === null
            ? null
            : array_values(
                array_filter(
                    array_map(
                        static fn ($amount): ?string => $amount->insteadOf === null ? null : $amount->ingredient->slug,
                        $of->amounts,
                    ),
                ),
            );

        self::assertSame(['wheat_free_soy_sauce'], $without('gluten', 'marinade-skirt'));
        self::assertSame(['chives'], $without('garlic', 'paste-mustard-herb'));
        self::assertNull($without('garlic', 'butter-garlic'), 'garlic butter without garlic is another butter');
        self::assertNull($without('fish', 'paste-anchovy'), 'nor is anchovy paste without anchovies');
        self::assertSame(['gluten_free_crumbs'], $without('gluten', 'stuffing-hazelnut'));
        self::assertNull($without('milk', 'butter-herb'), 'a butter without butter is none');
        self::assertSame([], $without('nuts', 'rub-fell'));
    }

    /** A long time well above where an ingredient turns bitter is always found, and a cool fire never accused. */
    public function test_no_seasoning_burns_unsaid(): void
    {
        $folder = DataFolder::shipped();
        [$shelf, $matches] = [Shelf::from($folder), Matches::from($folder)];
        $cut = Counter::open()->catalogue->cut('pork-loin-chop');
        foreach ([120.0, 150.0, 180.0, 220.0] as $celsius) {
            $on = self::subject($cut, Method::Grill, self::film($celsius, 900.0));
            foreach ($shelf->all() as $seasoning) {
                if (! $seasoning->kind->moment()->meetsTheFire()) {
                    continue;
                }
                $found = array_map(static fn ($scorch): string => $scorch->ingredient->slug, $matches->scorch->of($seasoning, $on));
                $fromS = $matches->scorch->onS($seasoning, $on);
                foreach ($seasoning->amounts as $amount) {
                    $atC = $amount->ingredient->scorchAtC ?? INF;
                    $isLong = 900.0 - $fromS >= $amount->ingredient->scorchAfterS;
                    if ($amount->share >= 0.01 && $celsius > $atC && $isLong) {
                        self::assertContains($amount->ingredient->slug, $found, "{$seasoning->slug} at {$celsius}");
                    }
                    if ($celsius <= $atC) {
                        self::assertNotContains($amount->ingredient->slug, $found, "{$seasoning->slug} at {$celsius}");
                    }
                }
            }
        }
    }

    public function test_thinner_never_takes_longer_and_longer_is_never_less_salt(): void
    {
        $matches = Matches::from(DataFolder::shipped());
        $soaking = array_filter(Shelf::from(DataFolder::shipped())->all(), static fn ($each): bool => $each->kind->isUsedUp());
        foreach (['beef-strip-steak', 'chicken-breast', 'salmon-loin', 'pork-tenderloin'] as $slug) {
            foreach ($soaking as $seasoning) {
                $last = [0.0, 0.0];
                foreach ([10.0, 15.0, 22.0, 30.0, 45.0, 60.0, 90.0] as $mm) {
                    $on = self::subject(Counter::open()->catalogue->cut($slug), Method::Grill, self::film(150.0, 60.0), $mm);
                    $soak = $matches->choice($seasoning, $on, [])->soak ?? self::fail();
                    self::assertTrue($soak->leastS <= $soak->likelyS + 1e-6 && $soak->likelyS <= $soak->mostS + 1e-6, $seasoning->slug);
                    self::assertGreaterThanOrEqual($last[0] - 1e-6, $soak->leastS, "{$seasoning->slug}, {$mm} mm of {$slug}");
                    $salt = 0.0;
                    foreach ([600.0, 3600.0, 43200.0, 172800.0] as $seconds) {
                        $more = $matches->salting->eatenG($seasoning, $on, $seconds);
                        self::assertGreaterThanOrEqual($salt, $more);
                        $salt = $more;
                    }
                    $last = [$soak->leastS, $salt];
                }
            }
        }
    }

    private static function subject(Cut $cut, Method $method, Film $film, ?float $mm = null): Subject
    {
        $thickness = $mm === null ? $cut->size()->thickness : Length::ofMillimetres($mm);

        return new Subject($cut, $thickness, null, 800.0, 4, 4, $method, $film, null, 100.0);
    }

    private static function film(float $celsius, float $seconds): Film
    {
        $steps = [];
        for ($fromS = 0.0; $fromS < $seconds; $fromS += 10.0) {
            $steps[] = new FilmStep('grill', $fromS, $fromS + 10.0, $celsius, $celsius, 1.0);
        }

        return new Film($steps, 10.0);
    }

    /** @return list<string> every word for what somebody goes without that a seasoning may have in it */
    private static function words(): array
    {
        return array_keys(self::read('rules')['demands']);
    }

    /** @return list<string> slugs of the ingredients that the file itself gives this word, its allergens or its alcohol */
    private static function forbidden(string $word): array
    {
        $allergens = self::read('rules')['demands'][$word];
        $forbidden = [];
        foreach (self::read('ingredients')['ingredients'] as $of) {
            $isAllergen = array_intersect($allergens, [...$of['allergens'], ...$of['may_contain']]) !== [];
            if (
                $isAllergen ||
                in_array($word, $of['words'], true) ||
                ($word === 'alcohol' && $of['per_100g']['alcohol_g'] > 0.5) ||
                ($word === 'salt' && $of['per_100g']['salt_g'] >= 2.0)
            ) {
                $forbidden[] = $of['slug'];
            }
        }

        return $forbidden;
    }

    /** @return array<string, string> slugs by name */
    private static function names(): array
    {
        return array_column(self::read('ingredients')['ingredients'], 'slug', 'name');
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        static $read = [];

        return $read[$file] ??= json_decode((string) file_get_contents(__DIR__."/../../../core/data/seasonings/{$file}.json"), true);
    }

    public function test_what_two_people_go_without_is_the_same_in_whatever_order_they_say_it(): void
    {
        $avoidance = Avoidance::from(DataFolder::shipped());

        self::assertSame(['celery', 'mustard'], $avoidance->beside(['mustard', 'celery', 'mustard']));
        self::assertSame($avoidance->beside(['celery', 'mustard']), $avoidance->beside(['mustard', 'celery']));
    }
}
