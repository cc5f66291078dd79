<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Generator;
use Nessmark\Contract\WishReader;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Want;
use Nessmark\Matching\Wish;
use Nessmark\Method\Method;
use Nessmark\Safety\Profile;
use Nessmark\Safety\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** What a wish may say, and how it is refused when it says something else. */
final class WishReaderTest extends TestCase
{
    public function test_everything_a_wish_can_say_is_read(): void
    {
        $wish = self::read([
            'diners' => [
                ['count' => 3, 'appetite' => 'hearty', 'doneness' => 'medium_rare', 'avoid' => ['Mustard']],
                ['count' => 1, 'at_risk' => true],
            ],
            'named' => 'rib steak',
            'kinds' => ['beef'],
            'methods' => ['grill', 'pan'],
            'appliances' => ['grill', 'pan'],
            'fires' => ['grill' => 'charcoal', 'burner' => 'induction'],
            'thickness_mm' => 38,
            'raw_g' => 900,
            'eat_at' => '2026-11-25T19:30:00+01:00',
            'budget' => 12.5,
            'wants' => ['cheap', 'easy'],
            'may_order' => true,
            'units' => 'imperial',
            'profile' => 'uk',
            'schools' => ['doneness_words' => 'official'],
            'grade' => 'usda_quality:choice',
            'aged_days' => 21,
        ]);

        self::assertSame(
            [4, 2, ['mustard'], true],
            [$wish->eaters->heads(), count($wish->eaters->groups), $wish->eaters->groups[0]->avoid, $wish->eaters->groups[1]->atRisk],
        );
        self::assertSame(1.0, $wish->meat->named['beef-rib-steak-bone-in'] ?? null);
        self::assertSame([Method::Grill, Method::Pan], $wish->means->methods);
        self::assertSame(['grill' => 'charcoal'], $wish->means->fires->types);
        self::assertSame(
            ['induction', 38.0, 900.0, 1250, 34_200.0],
            [
                $wish->means->fires->burner,
                $wish->meat->thickness?->toMillimetres(),
                $wish->meat->size->inAll?->toGrams(),
                $wish->budgetMinor,
                $wish->availableS(),
            ],
        );
        self::assertSame(
            [[Want::Cheap, Want::Easy], true, Profile::Uk, Scale::Official, 'usda_quality:choice', 21],
            [
                $wish->wants, $wish->mayOrder, $wish->house->standard->also, $wish->scale, $wish->meat->lot->grade,
                $wish->meat->lot->agedDays,
            ],
        );
    }

    public function test_nothing_said_is_nothing_wanted(): void
    {
        $wish = self::read(['diners' => [['count' => 2]]]);

        self::assertSame(
            [null, [], [], null, null, null, null, [], false],
            [
                $wish->meat->named,
                $wish->meat->kinds,
                $wish->means->methods,
                $wish->means->appliances,
                $wish->meat->thickness,
                $wish->eatAt,
                $wish->budgetMinor,
                $wish->wants,
                $wish->mayOrder,
            ],
        );
    }

    public function test_a_steak_alone_is_beef_and_a_steak_of_something_is_that(): void
    {
        $takes = static fn (array $kinds, string $slug): bool => self::read([
            'diners' => [['count' => 1]],
            'kinds' => $kinds,
        ])->meat->isFor(TodaysCase::open()->catalogue->cut($slug));

        self::assertSame(
            [true, false, true, false],
            [
                $takes(['steak'], 'beef-strip-steak'),
                $takes(['steak'], 'venison-haunch-steak'),
                $takes(['steak', 'venison'], 'venison-haunch-steak'),
                $takes(['steak', 'venison'], 'beef-strip-steak'),
            ],
        );
    }

    public function test_a_slug_is_that_cut_and_no_other(): void
    {
        self::assertSame(['beef-flap' => 1.0], self::read(['diners' => [['count' => 1]], 'cut' => 'beef-flap'])->meat->named);
    }

    public function test_the_house_fills_what_is_left_open(): void
    {
        $wish = self::read(
            ['diners' => [['count' => 1]]],
            new HouseRules(new Standard(Profile::Eu), schools: ['doneness_words' => 'official']),
        );

        self::assertSame([Profile::Eu, Scale::Official], [$wish->house->standard->profile, $wish->scale]);
    }

    /** @return Generator<string, array{array<string, mixed>, string, string}> */
    public static function broken(): Generator
    {
        yield 'nobody' => [['diners' => []], 'diners', 'out_of_range'];
        yield 'half a person' => [['diners' => [['count' => 0.5]]], 'diners.0.count', 'wrong_type'];
        yield 'a word nobody knows' => [['diners' => [['count' => 1, 'doneness' => 'crispy']]], 'diners.0.doneness', 'not_allowed'];
        yield 'an appetite' => [['diners' => [['count' => 1, 'appetite' => 'ravenous']]], 'diners.0.appetite', 'not_allowed'];
        yield 'a key of an eater' => [['diners' => [['count' => 1, 'age' => 4]]], 'diners.0.age', 'unknown_key'];
        yield 'a name' => [['named' => 'unicorn rump'], 'named', 'not_allowed'];
        yield 'a slug' => [['cut' => 'unicorn-rump'], 'cut', 'not_allowed'];
        yield 'a kind' => [['kinds' => ['dragon']], 'kinds.0', 'not_allowed'];
        yield 'a method' => [['methods' => ['microwave']], 'methods.0', 'not_allowed'];
        yield 'an appliance' => [['appliances' => ['campfire']], 'appliances.0', 'not_allowed'];
        yield 'a sort of it' => [['fires' => ['grill' => 'peat']], 'fires.grill', 'not_allowed'];
        yield 'a sort of what has none' => [['fires' => ['wok' => 'steel']], 'fires.wok', 'not_allowed'];
        yield 'an appliance that is none' => [['fires' => ['toaster' => 'on']], 'fires.toaster', 'unknown_key'];
        yield 'a thickness' => [['thickness_mm' => 0], 'thickness_mm', 'out_of_range'];
        yield 'a weight' => [['raw_g' => -5], 'raw_g', 'out_of_range'];
        yield 'an hour before now' => [['eat_at' => '2026-11-25T09:00:00+01:00'], 'eat_at', 'out_of_range'];
        yield 'an hour that is none' => [['eat_at' => 'at eight'], 'eat_at', 'wrong_type'];
        yield 'no hour it is' => [['now' => null], 'now', 'missing'];
        yield 'money' => [['budget' => 'little'], 'budget', 'wrong_type'];
        yield 'a want' => [['wants' => ['blue']], 'wants.0', 'not_allowed'];
        yield 'days hung' => [['aged_days' => 2.5], 'aged_days', 'wrong_type'];
        yield 'a key nobody reads' => [['surprise' => 1], 'surprise', 'unknown_key'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_what_is_wrong_is_refused_by_its_key(array $change, string $key, string $reason): void
    {
        try {
            self::read(['diners' => [['count' => 2]], ...$change]);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertContains(
                [$key, $reason],
                array_map(static fn ($violation): array => [$violation->key, $violation->reason], $refused->violations),
            );
        }
    }

    public function test_all_that_is_wrong_is_said_at_once(): void
    {
        try {
            self::read(['diners' => [['count' => 0]], 'kinds' => ['dragon'], 'budget' => 'little', 'surprise' => 1]);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertSame(
                ['diners.0.count', 'kinds.0', 'budget', 'surprise'],
                array_map(static fn ($violation): string => $violation->key, $refused->violations),
            );
        }
    }

    public function test_the_ask_of_a_match_is_taken_as_it_is(): void
    {
        foreach (
            [
                '3 pink 1 medium lamb rump iron+oven 19:30 no mustard',
                '2 salmon sous vide, one pregnant',
                '4 shin pressure pot',
                '2 lamb parcel',
                '6 800g beef mince pan induction',
                '2 trout charcoal',
                '2 rib eye griddle',
            ] as $line
        ) {
            $match = TodaysCase::open()->report($line)['matches'][0];
            $dish = Counter::open()->reader->read($match['ask']);

            self::assertSame(
                [$match['cut']['slug'], $match['method'], $match['lot']['number']],
                [$dish->piece->cut->slug, $dish->way->method->value, $match['ask']['lot']],
                $line,
            );
            self::assertSame($match['shares'], count($dish->shares), $line);
        }
    }

    /** @param  array<string, mixed>  $data */
    private static function read(array $data, HouseRules $house = new HouseRules()): Wish
    {
        return WishReader::from(DataFolder::shipped())->read(['now' => TodaysCase::NOW, ...$data], TodaysCase::open()->catalogue, $house);
    }
}
