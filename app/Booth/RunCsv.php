<?php

declare(strict_types=1);

namespace App\Booth;

use App\Support\Csv;
use Kalopsis\Booth\Record;

/** A run's record as CSV (RFC 4180), a line a step. */
final class RunCsv
{
    private const HEAD = ['step', 'kind', 'planned wait, min', 'waited, min', 'planned, min', 'took, min', 'reach, mm', 'begun',
        'done', 'by', 'answer'];

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
                self::millimetres($line['reach']),
                self::time($line['begunMs']),
                self::time($line['doneMs']),
                $line['by'],
                $line['answer'],
            ];
        }

        return Csv::of($rows);
    }

    private static function number(?float $value): string
    {
        return $value === null ? '' : (string) $value;
    }

    private static function millimetres(mixed $reach): string
    {
        $value = is_array($reach) ? $reach['value'] ?? null : null;

        return is_int($value) || is_float($value) ? (string) round($value) : '';
    }

    private static function time(?int $ms): string
    {
        return $ms === null ? '' : gmdate('Y-m-d\TH:i:s\Z', intdiv($ms, 1000));
    }
}
