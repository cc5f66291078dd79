<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;

/** Somebody's first minute, and the answer on a screen of any size. */
final class FirstMinuteTest extends JourneyCase
{
    /** What a wet finger must hit, px. */
    private const TARGET_PX = 44;

    private const SMALL = <<<'JS'
    return [...document.querySelectorAll('a, button, input, summary, label.tag, [role=combobox], [role=tab]')]
        .filter((each) => {
            const box = each.getBoundingClientRect()
            const isShown = box.width > 1 && box.height > 1 && getComputedStyle(each).visibility !== 'hidden'
            const isInLabel = each.tagName === 'INPUT' && each.closest('label') !== null
            return isShown && !isInLabel && !each.classList.contains('skip') && (box.width < arguments[0] || box.height < arguments[0])
        })
        .map((each) => [each, each.getBoundingClientRect()])
        .map(([each, box]) => [each.dataset.testid ?? each.textContent.trim(), box.width, box.height])
    JS;

    public function test_a_newcomer_gives_a_ticket_within_eight_actions(): void
    {
        $counter = $this->counter(); // three: name, password, the button
        self::assertStringContainsString('1/4', $counter->waitFor('guide')->getText());
        self::assertSame('ask-line', $this->chromium->driver->executeScript('return document.activeElement.dataset.testid'));
        self::assertFalse($counter->has('ticket'), 'nobody asked for anything');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $counter->waitFor('example')->click();
        $counter->waitFor('ticket');
        $counter->settled();
        $boxes = $this->chromium->driver->findElements(WebDriverBy::cssSelector('[data-testid^="read-"]'));
        self::assertLessThanOrEqual(3, count($boxes));
        $counter->readAll();
        $this->waits(static fn (): bool => $counter->part('give')->isEnabled());
        $counter->part('give')->click();
        self::assertStringContainsString('is given', $counter->waitFor('given')->getText());
        self::assertStringContainsString('4/4', $counter->text('guide'));
        $counter->part('guide-skip')->click();
        self::assertFalse($counter->has('guide'));
    }

    #[TestWith([1280, 800, 'ysolde', 'coldroom-88'])]
    #[TestWith([820, 1180, 'maret', 'tideline-47'])]
    #[TestWith([390, 844, 'ysolde', 'coldroom-88'])]
    public function test_the_answer_stands_below_the_line_and_every_target_is_large_enough(
        int $width,
        int $height,
        string $name,
        string $password,
    ): void {
        $this->chromium->viewport($width, $height);
        $counter = $this->counter($name, $password)->say('2 rib eye medium rare iron')->settled();
        $top = fn (string $part): int => (int) $this->chromium->driver->executeScript(
            'return Math.round(document.querySelector(`[data-testid="${arguments[0]}"]`).getBoundingClientRect().top)',
            [$part],
        );

        self::assertLessThan($top('heard'), $top('ask-line'));
        self::assertLessThan($top('pull'), $top('heard'));
        self::assertLessThan($height, $top('pull'), 'the answer needs no scrolling');
        if ($width < 1000) {
            self::assertLessThan($top('matches'), $top('pull'), 'and why comes after it');
        }
        self::assertSame([], $this->chromium->driver->executeScript(self::SMALL, [self::TARGET_PX]));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $counter->open('people');
        $this->waits(fn (): bool => $this->chromium->driver->executeScript(self::SMALL, [self::TARGET_PX]) === []); // it grows as it opens
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_no_route_is_wider_than_a_phone(): void
    {
        $this->chromium->viewport(390, 844);
        $this->counter('bero', 'bonesaw-31');
        $paths = [
            '/counter',
            '/case',
            '/case/board',
            '/seasonings',
            '/seasonings/brine-poultry',
            '/customers',
            '/house',
            '/tickets',
            '/atlas',
            '/atlas/shop',
            '/atlas/cut/beef-hanging-tender',
            '/atlas/compare?cuts=beef-shoulder-tender,beef-chuck-tender',
            '/no/such/place',
        ];
        foreach ($paths as $path) {
            $this->open($path);
            $this->waits(fn (): bool => $this->chromium->driver->findElements(WebDriverBy::cssSelector('h1')) !== []);
            self::assertLessThanOrEqual(
                390,
                $this->chromium->driver->executeScript('return document.documentElement.scrollWidth'),
                $path,
            );
        }
    }

    public function test_a_line_leads_to_its_ticket(): void
    {
        $counter = $this->counter('ysolde', 'coldroom-88');
        $lines = [
            '4x 200g burgers pan' => ['Burger, beef mince', '800 g'],
            'stew for 6' => ['Shin', 'fork'],
            '54C rib eye for 2 pan' => ['Rib-eye steak', 'medium rare'],
            'entrecote saignant pour 2' => ['Rib-eye steak', 'rare'],
            'half a pork belly oven' => ['Pork belly', 'kg raw'],
            'fajitas for 4 pan' => ['skirt', 'across'],
            '£15 a head, turbot, 2, pan' => ['Turbot', '€'],
            '4 of us and a baby, salmon, pan' => ['Salmon', 'at risk'],
            'oven 180 pork tenderloin 3' => ['Pork tenderloin', '180 °C'],
            '3 lamb rump done at 1 tomorrow iron+oven' => ['Lamb rump', 'medium'],
        ];
        foreach ($lines as $line => $says) {
            $ticket = $counter->say($line)->settled()->text('ticket');
            foreach ($says as $words) {
                self::assertStringContainsString($words, $ticket, $line);
            }
        }
    }

    public function test_two_dishes_of_one_line_follow_each_other_onto_one_ticket(): void
    {
        $counter = $this->counter()->say('2 pork tenderloin well oven and 4 chicken legs oven')->settled();
        self::assertStringContainsString('chicken legs', $counter->text('heard-other'));
        $counter->readAll()->waitForText('lock', 'other dish');
        self::assertFalse($counter->part('give')->isEnabled());
        $counter->waitFor('aside')->click();
        $counter->waitForText('ticket', 'Chicken leg')->settled();
        $counter->readAll();
        self::assertStringContainsString('2 dishes', $counter->text('give'));
        $this->waits(static fn (): bool => $counter->part('give')->isEnabled());
    }
}
