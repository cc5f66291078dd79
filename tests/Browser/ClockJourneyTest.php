<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** Two dishes and two sides on one clock, and what happens when it gets late. */
final class ClockJourneyTest extends JourneyCase
{
    public function test_two_dishes_and_two_sides_are_ready_together_and_move_together(): void
    {
        $counter = $this->counter();
        $counter->say('4 lamb rump mr iron+oven tomorrow 19:30')->settled()->readAll()->waitFor('aside')->click();
        $counter->settled()->say('outside skirt for 4 on the grill tomorrow 19:30')->settled();
        $this->open('/clock');
        $counter->waitFor('task-A-serve');
        $counter->select('add-side', 'Roast potatoes')->waitFor('task-C-heat');
        $counter->select('add-side', 'Green salad')->waitFor('task-D-finish');
        self::assertStringContainsString('Eat at 19:30', $counter->text('clock-eat'));
        self::assertStringContainsString('All of it fits', $counter->text('clock-fits'));
        self::assertGreaterThan($this->top('task-C-heat'), $this->top('task-A-1'), 'the potatoes are in before the lamb');
        self::assertGreaterThan($this->top('task-A-0'), $this->top('task-B-0'), 'what is thick goes on first');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $this->drag('task-A-0', -30);
        $counter->waitFor('held');
        self::assertMatchesRegularExpression('/\d\d:\d\d A/', $counter->text('held'));
        $counter->waitForText('clock-fits', 'All of it fits'); // it rests a little longer
        $counter->part('task-A-0')->sendKeys(str_repeat(WebDriverKeys::ARROW_UP, 10));
        $counter->waitFor('clock-not');
        $counter->waitForText('clock-not', 'cannot begin then'); // so long it does not wait
        $counter->part('let-go-A-0')->click();
        $counter->waitForText('clock-fits', 'All of it fits');
        foreach (range(1, 2) as $ignored) {
            $counter->part('less-grill_places')->click();
        }
        $counter->waitForText('clock-not', 'more room on the grill'); // the fire is out
        $counter->part('more-grill_places')->click();
        $counter->waitForText('clock-fits', 'All of it fits');
        $counter->part('later')->click();
        $counter->waitForText('clock-eat', '19:45');
        $counter->part('late')->click();
        $counter->waitForText('clock-eat', '20:00');
        $this->open('/clock');
        $counter->waitForText('clock-eat', '20:00'); // it is kept for this customer
    }

    public function test_a_meal_that_cannot_be_says_when_it_could_and_an_empty_one_where_to_begin(): void
    {
        $counter = $this->counter();
        $this->open('/clock');
        $counter->waitForText('clock-empty', 'at the counter first');
        $this->open('/counter');
        $counter->say('2 rib eye pan tomorrow 19:30')->settled();
        $this->open('/clock');
        $counter->waitFor('task-A-serve');
        $counter->select('add-side', 'Fanned potatoes')->waitFor('task-B-heat');
        $counter->select('add-side', 'Batter puddings')->waitFor('clock-not'); // one is too hot for the other, and neither waits so long
        $counter->waitForText('clock-not', 'Or without: Fanned potatoes, Batter puddings');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    private function drag(string $testId, int $byPx): void
    {
        $task = $this->chromium->driver->findElement(WebDriverBy::cssSelector("[data-testid={$testId}]"));
        $this->chromium->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$task]);
        $this->chromium->driver->action()->dragAndDropBy($task, 0, $byPx)->perform();
    }

    private function top(string $testId): int
    {
        return $this->chromium->driver
            ->findElement(WebDriverBy::cssSelector("[data-testid={$testId}]"))
            ->getLocation()
            ->getY();
    }
}
