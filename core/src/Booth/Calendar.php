<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * Booth hours as iCalendar (RFC 5545), in floating local times: a shop's plan goes by the clock on its wall, wherever it is read.
 */
final class Calendar
{
    /** RFC 5545, 3.1: no line is longer, octets. */
    private const LINE = 75;

    /**
     * @param list<array{uid: string, start: string, end: string, title: string, place: string, says: string}> $entries times
     *     as 20261128T103000, by the wall clock
     * @param string $stamp when it was written, UTC, 20261128T095700Z
     */
    public static function of(array $entries, string $stamp): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Kalopsis//Booth hours//EN', 'CALSCALE:GREGORIAN'];
        foreach ($entries as $entry) {
            array_push(
                $lines,
                'BEGIN:VEVENT',
                'UID:' . self::text($entry['uid']),
                "DTSTAMP:{$stamp}",
                "DTSTART:{$entry['start']}",
                "DTEND:{$entry['end']}",
                'SUMMARY:' . self::text($entry['title']),
                'LOCATION:' . self::text($entry['place']),
                'DESCRIPTION:' . self::text($entry['says']),
                'END:VEVENT',
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(fn (string $line): string => self::folded($line) . "\r\n", $lines));
    }

    /** RFC 5545, 3.3.11. */
    private static function text(string $text): string
    {
        return strtr($text, ['\\' => '\\\\', ';' => '\;', ',' => '\,', "\r\n" => '\n', "\n" => '\n', "\r" => '\n']);
    }

    /** Never through the middle of a character. */
    private static function folded(string $line): string
    {
        $out = '';
        $length = 0;
        foreach (mb_str_split($line) as $character) {
            if ($length + strlen($character) > self::LINE) {
                $out .= "\r\n ";
                $length = 1;
            }
            $out .= $character;
            $length += strlen($character);
        }

        return $out;
    }
}
