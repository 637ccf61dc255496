<?php

declare(strict_types=1);

namespace App\Support;

/** Rows as CSV (RFC 4180). */
final class Csv
{
    /** @param iterable<list<string>> $rows */
    public static function of(iterable $rows): string
    {
        $out = '';
        foreach ($rows as $row) {
            $out .= implode(',', array_map(self::cell(...), $row)) . "\r\n";
        }

        return $out;
    }

    /** What a table would read as a formula is text here. */
    private static function cell(string $text): string
    {
        $safe = preg_match('/^[=+@\t\r-](?!\d*\.?\d*$)/', $text) === 1 ? "'{$text}" : $text;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"' . str_replace('"', '""', $safe) . '"' : $safe;
    }
}
