<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Nessmark\Advice\Portions;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Contract\HowThickReport;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\House\HouseRules;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Shelf;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** Which thickness to cut. */
final class HowThickReportTest extends TestCase
{
    /** Common practice, no source: steaks for a hot fire are cut 25 to 40 mm, and a thin one leaves little time. */
    public function test_three_thicknesses_stand_side_by_side_and_one_is_advised_with_its_reason(): void
    {
        foreach (
            [['beef-strip-steak', 'grill'], ['beef-rib-eye-steak', 'pan'], ['salmon-loin', 'pan'], ['tuna-steak', 'pan']] as [$cut, $method]
        ) {
            if (! Counter::open()->catalogue->knows($cut)) {
                continue;
            }
            $report = self::report(['cut' => $cut, 'method' => $method, 'diners' => [['count' => 2]]]);
            $rows = $report['rows'];
            self::assertCount(3, $rows, $cut);
            foreach (['thickness_mm', 'total_s', 'each_g'] as $rising) {
                $figures = array_column($rows, $rising);
                $sorted = $figures;
                sort($sorted);
                self::assertSame($sorted, $figures, "{$cut} {$rising}");
            }
            self::assertGreaterThan($rows[0]['margin_s'], $rows[2]['margin_s'], 'a thicker piece leaves more time to catch it');
            Words::assertSaid(new Phrase($report['says']['key'], (array) $report['says']['args']));
        }
        $strip = self::report([
            'cut' => 'beef-strip-steak',
            'method' => 'grill',
            'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
        ]);
        self::assertEqualsWithDelta(32.0, $strip['rows'][$strip['best']]['thickness_mm'], 8.0);
    }

    public function test_each_row_is_the_ticket_of_that_thickness_and_what_is_late_is_not_advised(): void
    {
        $ask = ['cut' => 'beef-strip-steak', 'method' => 'grill', 'diners' => [['count' => 2]], 'now' => '2026-11-25T18:00:00+01:00'];
        $report = self::report($ask);
        $ticket = Counter::open()->ticket([...$ask, 'thickness_mm' => $report['rows'][2]['thickness_mm']]);
        self::assertEquals($ticket['time'], $report['rows'][2]['time']);
        self::assertSame($ticket['cross_section']['grey_band_mm'], $report['rows'][2]['grey_mm']);
        $between = (int) (($report['rows'][0]['total_s'] + $report['rows'][1]['total_s']) / 2.0);
        $eatAt = (new \DateTimeImmutable('2026-11-25T18:00:00+01:00'))->modify("+{$between} seconds")->format(DATE_ATOM);
        $late = self::report([...$ask, 'eat_at' => $eatAt]);
        self::assertSame([true, false, false], array_column($late['rows'], 'in_time'));
        self::assertSame(0, $late['best']);
    }

    public function test_what_grows_as_thick_as_it_is_sold_is_refused(): void
    {
        $this->expectException(InputRefused::class);
        self::report(['cut' => 'beef-outside-skirt', 'method' => 'grill', 'diners' => [['count' => 2]]]);
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>
     */
    private static function report(array $ask): array
    {
        $folder = DataFolder::shipped();
        $counter = Counter::open();
        $report = new HowThickReport($counter->reader, TicketAssembly::from($folder), Portions::from($folder));

        return $report->of($ask, new HouseRules(), $counter->catalogue, Shelf::from($folder), null, 'EUR');
    }
}
