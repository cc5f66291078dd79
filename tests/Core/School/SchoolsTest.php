<?php

declare(strict_types=1);

namespace Tests\Core\School;

use Generator;
use Nessmark\Contract\Difference;
use Nessmark\Contract\HouseReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use Nessmark\School\Schools;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** The things the trade does not agree on (common practice, no source), what each option comes to, and a house's own rules. */
final class SchoolsTest extends TestCase
{
    public function test_all_are_there_each_with_its_options_and_a_default_among_them(): void
    {
        $schools = Schools::from(DataFolder::shipped())->schools;
        self::assertCount(18, $schools);
        foreach ($schools as $school) {
            self::assertContains($school->default, $school->options);
            self::assertGreaterThan(1, count($school->options));
        }
    }

    /** @return Generator<string, array{string}> */
    public static function computed(): Generator
    {
        foreach (Schools::from(DataFolder::shipped())->schools as $school) {
            if ($school->isComputed()) {
                yield $school->id => [$school->id];
            }
        }
    }

    #[DataProvider('computed')]
    public function test_the_options_of_a_computed_school_differ_in_figures(string $id): void
    {
        $rows = self::difference($id);

        self::assertCount(count(Schools::from(DataFolder::shipped())->school($id)->options), $rows);
        $figures = array_map(static fn (array $row): array => array_diff_key($row, ['option' => 0]), $rows);
        foreach (array_slice($figures, 1) as $i => $other) {
            if ($id !== 'salt' || $rows[$i + 1]['option'] === 'ahead') {
                // salted right before or only after, the surface is the same
                self::assertNotEquals($figures[0], $other);
            }
        }
    }

    public function test_what_they_come_to_is_what_the_schools_say_of_each_other(): void
    {
        $turning = array_column(self::difference('turning'), null, 'option');
        self::assertGreaterThan($turning['often']['grey_band_mm'], $turning['once']['grey_band_mm']); // many turns cook more evenly
        $sear = array_column(self::difference('sear'), null, 'option');
        self::assertGreaterThan($sear['first']['total_s'], $sear['last']['total_s']);
        $temper = array_column(self::difference('temper'), null, 'option');
        self::assertGreaterThan($temper['none']['start_c'], $temper['long']['start_c']);
        self::assertLessThan($temper['none']['time_s'], $temper['long']['time_s']);
        // and yet two hours save little of a large joint
        self::assertLessThan(0.15, 1.0 - $temper['long']['time_s'] / $temper['none']['time_s']);
        $salt = array_column(self::difference('salt'), null, 'option');
        self::assertLessThan($salt['just_before']['time_s'], $salt['ahead']['time_s']); // a dried surface browns sooner
        self::assertSame(
            'stop',
            array_column(self::difference('duck_and_pork', ['diners' => [['count' => 2, 'at_risk' => true]]]), 'verdict', 'option')[
                'pink'
            ],
        );
    }

    public function test_a_house_s_choices_fill_what_an_ask_leaves_open_and_the_ticket_says_so(): void
    {
        $ask = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'method' => 'pan', 'diners' => [['count' => 2]]];
        $house = new HouseRules(schools: ['turning' => 'once', 'salt' => 'ahead', 'doneness_words' => 'official']);
        $read = Counter::open()->reader->read($ask, $house);
        self::assertTrue($read->way->manner->turnsOnce);
        self::assertSame('dried', $read->piece->surface->value);
        self::assertSame(62.8, $read->shares[0]->doneness->targetC);
        self::assertSame('once', $read->schools['turning']);
        // what is asked goes before the house
        self::assertFalse(Counter::open()->reader->read([...$ask, 'turns' => 'often'], $house)->way->manner->turnsOnce);
        self::assertEquals(
            ['turning' => 'often', 'salt' => 'just_before'],
            array_intersect_key(Counter::open()->ticket($ask)['schools'], ['turning' => 0, 'salt' => 0]),
        );
    }

    public function test_what_must_start_cold_starts_cold_whatever_the_house_does(): void
    {
        $house = new HouseRules(schools: ['temper' => 'long']);
        $outS = static fn (array $ask): float => Counter::open()->reader->read(['diners' => [['count' => 2]], ...$ask], $house)->piece
            ->outOfFridgeS;

        self::assertSame(7200.0, $outS(['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'method' => 'pan']));
        self::assertSame(
            0.0,
            $outS([
                'cut' => 'beef-rib-eye-steak',
                'thickness_mm' => 30,
                'method' => 'pan',
                'diners' => [['count' => 2, 'at_risk' => true]],
            ]),
        );
        self::assertSame(0.0, $outS(['cut' => 'beef-burger', 'thickness_mm' => 20, 'method' => 'pan']));
        $this->expectExceptionObject(InputRefused::one('out_of_fridge_s', 'out_of_range', 60, 'cold_start'));
        $outS(['cut' => 'beef-burger', 'thickness_mm' => 20, 'method' => 'pan', 'out_of_fridge_s' => 60]);
    }

    public function test_a_house_may_be_stricter_and_never_less_strict(): void
    {
        $reader = new HouseReader(Schools::from(DataFolder::shipped()), SafetyRules::from(DataFolder::shipped()));
        $house = $reader->read([
            'profile' => 'us',
            'stops_below' => true,
            'minimum_c' => ['minced' => 75],
            'portions_pct' => 110,
            'schools' => ['turning' => 'once'],
        ]);
        self::assertEquals(
            new HouseRules(new Standard(Profile::Us, new Tightening(true, ['minced' => 75.0])), ['turning' => 'once'], 1.1),
            $house,
        );

        $rib = [
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
        ];
        $burger = [
            'cut' => 'beef-burger',
            'thickness_mm' => 20,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => 'cooked_through']],
        ];
        $level = static fn (array $ask, HouseRules $by): string => Counter::open()->ticket($ask, $by)['verdict']['level'];
        self::assertSame(['caution', 'stop'], [$level($rib, new HouseRules()), $level($rib, $house)]);
        self::assertSame(['clear', 'stop'], [$level($burger, new HouseRules()), $level($burger, $house)]);
        self::assertEmpty(
            array_filter(
                TodaysCase::open()->matcher->open(TodaysCase::open()->wishOf('2 rib eye mr pan', $house), TodaysCase::open()->lots),
            ),
        );

        $this->expectExceptionObject(InputRefused::one('minimum_c.minced', 'out_of_range', 60, 'stricter'));
        $reader->read(['minimum_c' => ['minced' => 60]]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return list<array<string, mixed>>
     */
    private static function difference(string $id, array $more = []): array
    {
        $school = Schools::from(DataFolder::shipped())->school($id);

        return (new Difference(Counter::open()->reader, Counter::open()->tickets))->of(
            $school,
            [...$school->example ?? [], ...$more],
            new HouseRules(),
            null,
        );
    }
}
