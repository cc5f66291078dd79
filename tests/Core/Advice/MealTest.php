<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Contract\LotReader;
use Nessmark\Contract\MealReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Safety\Level;
use Nessmark\Ticket\DishTicket;
use Nessmark\Ticket\Ticket;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** A ticket for several dishes: each as it would be alone, together as strict as the strictest. */
final class MealTest extends TestCase
{
    private const RUMP = [
        'cut' => 'lamb-rump',
        'thickness_mm' => 45,
        'method' => 'sear_then_oven',
        'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
    ];

    private const BURGER = ['cut' => 'beef-burger', 'thickness_mm' => 20, 'method' => 'pan', 'diners' => [['count' => 3]]];

    public function test_each_dish_is_as_it_would_be_alone_and_priced_from_its_own_lot(): void
    {
        $lots = new LotReader(Counter::open()->catalogue, GradeTable::from(DataFolder::shipped()));
        $lot = static fn (string $cut, float $price) => $lots->read([
            'number' => $cut,
            'cut' => $cut,
            'weight_g' => 4000,
            'price_per_kg' => $price,
        ]);
        $ticket = self::serve([self::RUMP, self::BURGER], [$lot('lamb-rump', 26), $lot('beef-burger', 14)]);

        foreach ([self::RUMP, self::BURGER] as $i => $ask) {
            $alone = Counter::open()->ticket($ask);
            self::assertSame([$alone['pull_core_c'], $alone['total_s']], [$ticket->dishes[$i]->pullCoreC, $ticket->dishes[$i]->totalS]);
        }
        self::assertSame(
            ['lamb-rump', 'beef-burger'],
            array_map(static fn (DishTicket $dish): ?string => $dish->price?->lot, $ticket->dishes),
        );
    }

    public function test_it_is_as_strict_as_its_strictest_dish_and_each_dish_has_its_own_cautions_read(): void
    {
        $stopped = ['diners' => [['count' => 2, 'doneness' => 'medium_rare', 'at_risk' => true]]];
        self::assertSame([Level::Caution, true], [($both = self::serve([self::RUMP, self::BURGER]))->level(), $both->mayBeHandedOver()]);
        self::assertSame(
            [Level::Stop, false],
            [($with = self::serve([self::BURGER, [...self::RUMP, ...$stopped]]))->level(), $with->mayBeHandedOver()],
        );

        $said = array_column($both->dishes[0]->verdict->findings, 'id');
        self::assertNotSame([], $said);
        self::assertSame([$said, []], [$both->unread([[], $said]), array_values(array_intersect($both->unread([$said]), $said))]);
    }

    public function test_a_mistake_is_named_with_its_dish(): void
    {
        $this->expectException(InputRefused::class);
        $this->expectExceptionMessageMatches('/dishes\.1\.ask\.thickness_mm/');
        self::serve([self::RUMP, [...self::BURGER, 'thickness_mm' => 900]]);
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $asks
     * @param  list<\Nessmark\Stock\Lot>  $lots
     */
    private static function serve(array $asks, array $lots = []): Ticket
    {
        return Counter::open()->tickets->serve(
            (new MealReader(Counter::open()->reader))->read($asks, $lots, new HouseRules(), null),
            'EUR',
        );
    }
}
