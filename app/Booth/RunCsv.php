<?php

declare(strict_types=1);

namespace App\Booth;

use Kalopsis\Booth\Record;

/** A run's record as CSV (RFC 4180), a line a step. */
final class RunCsv
{
    private const HEAD = ['step', 'kind', 'planned wait, min', 'waited, min', 'planned, min', 'took, min', 'begun', 'done', 'by', 'answer'];

    public static function of(Record $record): string
    {
        $rows = [self::HEAD];
        foreach ($record->lines() as $line) {
            $name = $line['name'];
            $plain = is_array($name) && is_string($name['plain'] ?? null) ? $name['plain'] : $line['step'];
            $rows[] = [
                $plain,
                $line['kind'],
                self::number($line['waitPlanned']),
                self::number($line['waited']),
                self::number($line['minutesPlanned']),
                self::number($line['minutes']),
                self::time($line['begunMs']),
                self::time($line['doneMs']),
                $line['by'],
                $line['answer'],
            ];
        }

        return implode('', array_map(fn (array $row): string => implode(',', array_map(self::cell(...), $row)) . "\r\n", $rows));
    }

    private static function number(?float $value): string
    {
        return $value === null ? '' : (string) $value;
    }

    private static function time(?int $ms): string
    {
        return $ms === null ? '' : gmdate('Y-m-d\TH:i:s\Z', intdiv($ms, 1000));
    }

    /** What a table would read as a formula is text here. */
    private static function cell(string $text): string
    {
        $safe = preg_match('/^[=+@\t\r-](?!\d*\.?\d*$)/', $text) === 1 ? "'{$text}" : $text;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"' . str_replace('"', '""', $safe) . '"' : $safe;
    }
}
