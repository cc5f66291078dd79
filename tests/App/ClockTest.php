<?php

declare(strict_types=1);

namespace Tests\App;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** A meal on one clock, over HTTP. */
final class ClockTest extends AppTestCase
{
    private const MEAL = [
        'asks' => [self::RUMP],
        'sides' => ['roast-potatoes', 'green-salad'],
        'now' => '2031-03-04T15:00:00+01:00',
        'eat_at' => '2031-03-04T19:30:00+01:00',
    ];

    public function test_the_calendar_has_every_task_of_the_clock_and_the_eating(): void
    {
        $this->actingAs($this->staff());
        $clock = $this->postJson('/api/v1/clock', self::MEAL)->assertOk();
        self::assertTrue($clock->json('fits'));
        $text = (string) $this->postJson('/api/v1/clock/calendar?units=imperial', self::MEAL)
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=UTF-8')
            ->getContent();
        $calendar = @Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        $says = array_map(static fn ($event): string => (string) $event->SUMMARY, iterator_to_array($calendar->select('VEVENT'), false));

        self::assertCount(count($clock->json('tasks')) + 1, $says);
        self::assertContains('A Lamb rump, cap on: oven', $says);
        self::assertContains('Everybody eats', $says);
        self::assertNotSame([], preg_grep('/°F/', $says), 'in the units of who cooks');
        self::assertSame([], preg_grep('/\{|clock\./', $says), 'and all of it in words');
        $ids = array_map(static fn ($event): string => (string) $event->UID, iterator_to_array($calendar->select('VEVENT'), false));
        self::assertSame($ids, array_unique($ids));
    }

    public function test_a_lot_of_another_shop_is_none_and_nobody_else_looks(): void
    {
        $this->postJson('/api/v1/clock', self::MEAL)->assertUnauthorized();
        $this->actingAs($this->staff());
        $this->postJson('/api/v1/clock', [...self::MEAL, 'asks' => [[...self::RUMP, 'lot' => 'X9']]])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'lot');
        $this->postJson('/api/v1/clock', [...self::MEAL, 'asks' => [self::RUMP, ['cut' => 'no-such-cut']]])
            ->assertUnprocessable()
            ->assertJsonPath('violations.0.key', 'dishes.1.ask.cut');
        $this->postJson('/api/v1/clock', [...self::MEAL, 'asks' => array_fill(0, 5, self::RUMP)])->assertUnprocessable();
    }

    public function test_what_is_moved_by_hand_stands_there_and_the_rest_goes_round_it_or_it_is_said_why_not(): void
    {
        $this->actingAs($this->staff());
        $from = fn (array $meal): array => array_column(
            $this->postJson('/api/v1/clock', $meal)->assertOk()->json('tasks'),
            'from_at',
            'id',
        );
        $before = $from(self::MEAL);
        $earlier = date(DATE_ATOM, strtotime($before['C-prep']) - 240);
        $after = $from([...self::MEAL, 'held' => ['C-prep' => $earlier]]);
        $torn = $this->postJson('/api/v1/clock', [...self::MEAL, 'held' => ['A-0' => '2031-03-04T16:00:00+01:00']])->assertOk();

        self::assertSame(strtotime($earlier), strtotime($after['C-prep']));
        self::assertSame(strtotime($before['A-0']), strtotime($after['A-0']));
        self::assertFalse($torn->json('fits'), 'a sear does not wait three hours for its oven');
        self::assertSame(['A-0'], $torn->json('cannot_hold'), 'the plan is made without it');
        $this->postJson('/api/v1/clock', [...self::MEAL, 'held' => ['A-0' => 'noon']])->assertUnprocessable();
    }

    public function test_with_the_oven_out_nothing_that_wants_it_fits(): void
    {
        $this->actingAs($this->staff());
        $this->postJson('/api/v1/clock', [...self::MEAL, 'shelves' => 0])
            ->assertJsonPath('fits', false)
            ->assertJsonPath('tasks', []);
        $this->postJson('/api/v1/clock', [
            ...self::MEAL,
            'asks' => [[...self::RUMP, 'method' => 'pan']],
            'sides' => ['green-salad'],
            'shelves' => 0,
        ])->assertJsonPath('fits', true);
        $this->postJson('/api/v1/clock', [...self::MEAL, 'cooks' => 0])->assertUnprocessable();
    }
}
