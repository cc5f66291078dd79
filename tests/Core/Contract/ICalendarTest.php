<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use DateTimeImmutable;
use Nessmark\Contract\ICalendar;
use PHPUnit\Framework\TestCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** A meal as a calendar, read back by a library of the field and by a reader of our own. */
final class ICalendarTest extends TestCase
{
    private const SAYS =
        "Sear at 200 °C, 2 min a side; then the edges\nand rest \\ it – für vier,".
        ' s’il vous plaît: 「zo gaar als u wilt」, ¡bueno! und so weiter';

    public function test_it_is_read_back_as_it_was_written(): void
    {
        $text = self::calendar();
        $calendar = @Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], @$calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $events[(string) $event->UID] = [
                (string) $event->SUMMARY,
                $event->DTSTART->getDateTime()->format(DATE_ATOM),
                $event->DTEND->getDateTime()->format(DATE_ATOM),
                (string) $event->VALARM->TRIGGER,
            ];
        }

        self::assertSame(
            [
                'A-0@meal' => [self::SAYS, '2026-03-29T00:55:00+00:00', '2026-03-29T01:10:00+00:00', 'PT0S'],
                'A-serve@meal' => ['Slice', '2026-03-29T01:10:00+00:00', '2026-03-29T01:13:00+00:00', 'PT0S'],
            ],
            $events,
        );
    }

    /** RFC 5545, 3.1: lines end with CRLF, are at most 75 octets, and a fold is undone by taking out the break and one space. */
    public function test_a_reader_of_our_own_finds_the_same(): void
    {
        $text = self::calendar();
        $rows = explode("\r\n", rtrim($text, "\r\n"));
        self::assertStringEndsWith("\r\n", $text);
        foreach ($rows as $row) {
            self::assertLessThanOrEqual(75, strlen($row));
            self::assertTrue(mb_check_encoding($row, 'UTF-8'), 'no sign is parted');
        }
        $properties = [];
        foreach (explode("\r\n", str_replace("\r\n ", '', $text)) as $line) {
            [$name, $value] = [...explode(':', $line, 2), ''];
            $properties[$name][] = strtr($value, ['\\\\' => '\\', '\\;' => ';', '\\,' => ',', '\\n' => "\n"]);
        }
        self::assertSame([self::SAYS, 'Slice'], $properties['SUMMARY']);
        self::assertSame(['20260329T005500Z', '20260329T011000Z'], $properties['DTSTART']);
        self::assertCount(2, $properties['DESCRIPTION'], 'each has its alarm');
        self::assertEquals(array_count_values($properties['BEGIN']), array_count_values($properties['END']));
    }

    private static function calendar(): string
    {
        $at = static fn (string $moment): DateTimeImmutable => new DateTimeImmutable($moment);

        return ICalendar::of(
            'Meal',
            [
                [
                    'uid' => 'A-0@meal',
                    'from' => $at('2026-03-29T01:55:00+01:00'),
                    'to' => $at('2026-03-29T03:10:00+02:00'),
                    'says' => self::SAYS,
                ],
                [
                    'uid' => 'A-serve@meal',
                    'from' => $at('2026-03-29T03:10:00+02:00'),
                    'to' => $at('2026-03-29T03:13:00+02:00'),
                    'says' => 'Slice',
                ],
            ],
            $at('2026-03-28T12:00:00+01:00'),
        );
    }
}
