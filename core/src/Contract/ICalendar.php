<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use DateTimeZone;

/** Events with an alarm each, as RFC 5545 has them: moments in UTC, text escaped, lines folded at 75 octets. */
final class ICalendar
{
    private const FOLD_AT = 75;

    private function __construct() {}

    /**
     * @param  list<array{uid: string, from: DateTimeImmutable, to: DateTimeImmutable, says: string}>  $events
     * @param  DateTimeImmutable  $made  when it was made
     */
    public static function of(string $name, array $events, DateTimeImmutable $made): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Nessmark//Meal clock//EN', 'CALSCALE:GREGORIAN', 'METHOD:PUBLISH'];
        $lines[] = 'X-WR-CALNAME:'.self::escaped($name);
        foreach ($events as $event) {
            $says = self::escaped($event['says']);
            array_push(
                $lines,
                'BEGIN:VEVENT',
                "UID:{$event['uid']}",
                'DTSTAMP:'.self::moment($made),
                'DTSTART:'.self::moment($event['from']),
                'DTEND:'.self::moment($event['to']),
                "SUMMARY:{$says}",
                'TRANSP:TRANSPARENT',
                'BEGIN:VALARM',
                'ACTION:DISPLAY',
                'TRIGGER;RELATED=START:PT0S',
                "DESCRIPTION:{$says}",
                'END:VALARM',
                'END:VEVENT',
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(static fn (string $line): string => self::folded($line)."\r\n", $lines));
    }

    private static function moment(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    private static function escaped(string $text): string
    {
        return str_replace(["\r\n", "\n", "\r"], '\n', addcslashes($text, '\\;,'));
    }

    /** A sign of several octets is never parted. */
    private static function folded(string $line): string
    {
        $folded = $row = '';
        foreach (mb_str_split($line) as $sign) {
            if (strlen($row) + strlen($sign) > self::FOLD_AT) {
                $folded .= "{$row}\r\n";
                $row = ' ';
            }
            $row .= $sign;
        }

        return $folded.$row;
    }
}
