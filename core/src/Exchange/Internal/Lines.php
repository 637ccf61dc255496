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
}
