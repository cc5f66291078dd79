<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Generator;
use Nessmark\Catalogue\DishKinds;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Matching\Refusal;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Mass;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Packed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;
use Tests\Support\Words;

/** Wishes beyond a name: grade, rearing, likeness, dishes, diets, and what is said where nothing fits. Common practice, no source. */
final class WishesTest extends TestCase
{
    private const BEEF = ['beef-flat-iron-steak', 'beef-strip-steak', 'beef-rib-eye-steak', 'beef-fillet-steak', 'beef-mince'];

    /** @return Generator<string, array{string, list<string>}> a line, and the cuts any of which may come first */
    public static function wishes(): Generator
    {
        foreach ([
            'stew for 6' => ['beef-stewing-dice', 'beef-cheek', 'beef-shin-slices', 'venison-shoulder'],
            'fajitas for 4' => ['beef-outside-skirt', 'beef-flank-steak', 'beef-stir-fry-strips', 'chicken-thigh-boneless'],
            'schnitzel 4' => ['veal-escalope', 'pork-leg-escalope'],
            'pulled pork for 10 tomorrow' => ['pork-shoulder-blade'],
            'roast dinner for 6' => ['lamb-leg-bone-in', 'beef-topside', 'pork-loin-roast', 'chicken-whole', 'beef-rib-eye-roast'],
            'lasagne for 4' => ['beef-mince'],
            'like fillet but cheaper for 2' => ['beef-flat-iron-steak', 'pork-loin-chop', 'pork-tenderloin'],
            'something like salmon for 4' => ['trout-whole', 'cod-loin', 'mackerel-fillet', 'sea-bass-whole', 'halibut-fillet'],
            'beef without bone 4 pan' => self::BEEF,
            'pork for 4 skin on' => ['pork-belly'],
            'beef on the bone for 2 pan' => ['beef-rib-steak-bone-in'],
            'chicken with crisp skin for 2 pan' => ['chicken-leg'],
            'flat iron or hanger for 2 pan' => ['beef-flat-iron-steak', 'beef-hanging-tender'],
            'choice rib eye 2 pan' => ['beef-rib-eye-steak'],
            'rib steak aged 30 days for 4 pan oven' => ['beef-rib-steak-bone-in'],
            'beef from tarnholm 2 pan' => self::BEEF,
            '54C rib eye for 2 pan' => ['beef-rib-eye-steak'],
        ] as $line => $cuts) {
            yield $line => [$line, $cuts];
        }
    }

    /** @param  list<string>  $cuts */
    #[DataProvider('wishes')]
    public function test_a_wish_leads_to_what_a_butcher_would_reach_for(string $line, array $cuts): void
    {
        $answer = TodaysCase::open()->answer($line);

        self::assertContains($answer->matches[0]->option->lot->cut->slug ?? null, $cuts);
    }

    #[TestWith(['prime rib eye for 2 pan', 'grade'])]
    #[TestWith(['rib eye aged 60 days for 2 pan', 'aged'])]
    #[TestWith(['farmed pheasant breast for 2 pan', 'rearing'])]
    #[TestWith(['lamb rump from tarnholm for 2 pan', 'origin'])]
    public function test_what_no_lot_is_is_said_and_not_passed_over(string $line, string $limit): void
    {
        $answer = TodaysCase::open()->answer($line);

        self::assertSame([], $answer->matches);
        self::assertContains($limit, array_map(static fn (Refusal $refusal): string => $refusal->limit->value, $answer->refusals));
    }

    public function test_a_grade_of_another_scale_that_is_as_fat_is_taken_and_named(): void
    {
        $answer = TodaysCase::open()->answer('canada:aaa rib eye for 2 pan');

        self::assertSame('usda_quality:choice', $answer->matches[0]->option->lot->grade ?? null);
        $says = array_map(static fn ($one): ?string => $one->says?->key, $answer->matches[0]->contributions);
        self::assertContains('match.grade_alike', $says);
    }

    public function test_a_named_cut_that_is_there_is_not_replaced_in_silence(): void
    {
        foreach (['whole chicken for 4 oven in 1 h' => [], 'whole chicken for 4 oven in 80 min' => ['chicken-leg']] as $line => $others) {
            $answer = TodaysCase::open()->answer($line);

            $matched = array_map(static fn ($one): string => $one->option->lot->cut->slug, $answer->matches);
            self::assertSame($others, array_values(array_unique($matched)));
            self::assertSame($others === [] ? null : 'chicken-whole', $answer->insteadOf?->slug);
            self::assertFalse($answer->isMissing);
            $time = array_filter($answer->refusals, static fn (Refusal $refusal): bool => $refusal->limit->value === 'time');
            $late = array_map(static fn (Refusal $refusal): string => $refusal->lot->cut->slug, $time);
            self::assertSame(['chicken-whole'], array_values($late));
        }
    }

    public function test_every_dish_leads_to_cuts_and_says_why(): void
    {
        $dishes = DishKinds::from(DataFolder::shipped());
        foreach ($dishes->words() as $word) {
            $dish = $dishes->dish($word);
            $cuts = array_filter(TodaysCase::open()->catalogue->cuts(), static fn (Cut $cut): bool => $dish?->holds($cut) === true);
            self::assertGreaterThan(1, count($cuts), $word);
            Words::assertSaid(new Phrase("match.dish_{$dish?->why}"));
        }
        $best = TodaysCase::open()->answer('stew for 6')->matches[0] ?? null;
        self::assertContains('match.dish_melts', array_map(static fn (Phrase $phrase): string => $phrase->key, $best?->reasons() ?? []));
    }

    #[TestWith(['wild boar haunch pink for 4 oven', 'wild-boar-haunch', 'limit.safety_trichinella'])]
    public function test_a_stop_gives_its_true_reason(string $line, string $slug, string $key): void
    {
        $cut = TodaysCase::open()->catalogue->cut($slug);
        $lot = new Lot('X1', $cut, null, null, null, Mass::ofGrams(4000), 2000, null, Packed::Wet, '', null, false, false);

        self::assertSame($key, TodaysCase::open()->answer($line, [$lot])->refusals[0]->says->key ?? null);
    }

    public function test_halal_rules_out_pork_and_says_that_nobody_vouches(): void
    {
        foreach (TodaysCase::open()->answer('halal steak or pork for 4 pan')->matches as $match) {
            self::assertNotSame('pork', $match->option->lot->cut->group->value);
        }
        self::assertSame(['halal'], TodaysCase::open()->wish('halal steak for 4')->eaters->diets());
    }

    #[TestWith(['vegan', 'diets'])]
    #[TestWith(['steak tartare for 2', 'raw'])]
    public function test_what_is_not_to_be_had_here_is_refused_with_its_rule(string $line, string $key): void
    {
        try {
            TodaysCase::open()->answer($line);
            self::fail('something was offered');
        } catch (InputRefused $refused) {
            self::assertSame($key, $refused->violations[0]->key);
        }
    }

    public function test_amounts_are_as_they_were_said(): void
    {
        $sale = static fn (string $line): array => [
            TodaysCase::open()->answer($line)->matches[0]->option->sale->count ?? null,
            TodaysCase::open()->answer($line)->matches[0]->option->sale->raw()->toGrams(),
        ];

        self::assertSame([4, 800.0], $sale('4x 200g burgers pan'));
        self::assertSame(2, $sale('2 lamb rump pan')[0]);
        self::assertEqualsWithDelta(1000.0, $sale('half a pork loin roast oven')[1], 400.0);
        self::assertSame(2.0, TodaysCase::open()->wish('chicken leftovers for two days 4')->portions());
    }
}
