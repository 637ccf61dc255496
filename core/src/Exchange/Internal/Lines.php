<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Generator;
use Kalopsis\Exchange\ReadingsFile;

/** A text's lines, numbered from 1, without copying the text. */
final class Lines
{
    /** @return Generator<int, ?string> null where a line is too long to be one */
    public static function of(string $text): Generator
    {
        $at = str_starts_with($text, "\xEF\xBB\xBF") ? 3 : 0;
        $end = strlen($text);
        $number = 0;
        while ($at < $end) {
            $length = strcspn($text, "\r\n", $at);
            $number++;
            yield $number => $length > ReadingsFile::LONGEST_LINE ? null : substr($text, $at, $length);
            $at += $length;
            $at += substr($text, $at, 2) === "\r\n" ? 2 : 1;
        }
    }

    /** What stands between the cells of a header: of comma, semicolon and tab whichever is there most. */
    public static function separator(string $line): string
    {
        $best = ',';
        foreach ([',', ';', "\t"] as $candidate) {
            if (substr_count($line, $candidate) > substr_count($line, $best)) {
                $best = $candidate;
            }
        }

        return $best;
    }

    /** No name of a sample has more. Chosen here. */
    private const MOST_LINES = 20;

    /** A quoted cell is open at the end of what was read so far (RFC 4180, section 2). */
    private const OPEN = '~^(?:(?:"(?:[^"]++|"")*+"[^,;\t]*+|(?!")[^,;\t]*+)[,;\t])*+"(?:[^"]++|"")*+$~D';

    /**
     * A text's records: lines, but a line break inside a quoted cell does not end one. A quote that is never closed
     * takes nothing else with it.
     *
     * @return Generator<int, ?string> by the number of the first line; null where a line is too long to be one
     */
    public static function records(string $text): Generator
    {
        /** @var array<int, string> $held lines of a record that is not at its end yet */
        $held = [];
        $length = 0;
        foreach (self::of($text) as $number => $line) {
            if ($held === [] && ($line === null || preg_match(self::OPEN, $line) !== 1)) {
                yield $number => $line;

                continue;
            }
            $length += strlen($line ?? '');
            if ($line === null || $length > ReadingsFile::LONGEST_LINE || count($held) >= self::MOST_LINES) {
                yield from $held;
                yield $number => $line;
                [$held, $length] = [[], 0];

                continue;
            }
            $held[$number] = $line;
            $record = implode("\n", $held);
            if (preg_match(self::OPEN, $record) !== 1) {
                yield array_key_first($held) => $record;
                [$held, $length] = [[], 0];
            }
        }
        yield from $held;
    }
}
