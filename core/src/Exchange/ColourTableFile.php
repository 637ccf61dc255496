<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Internal\CsvWriter;
use Kalopsis\Exchange\Internal\Lines;
use Kalopsis\Exchange\Internal\Numbers;

/**
 * A shop's colours as a table for a spreadsheet: one line for each toner, the colour's own figures on its first; "hiding" is the
 * dry film that hides, um. What they may be is said by who keeps them.
 */
final class ColourTableFile
{
    private const COLUMNS = ['colour', 'code', 'finish', 'grey', 'hiding', 'note', 'part', 'toner', 'grams'];

    /** "ground" is the formula itself; an effect coat or a variant is named. */
    private const LAYER = 'layer';

    private const MOST_LINES = 20_000;

    /**
     * @return array{list<array<string, mixed>>, list<int>} colours as the API takes them, toners by name, and the line each
     *     begins on
     * @throws UnreadableFile
     */
    public static function read(string $text): array
    {
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw UnreadableFile::because('This is no text in UTF-8. Save the table as CSV (UTF-8) and try again.');
        }
        $head = null;
        $separator = ',';
        $colours = $lines = [];
        $at = -1;
        $count = 0;
        foreach (Lines::records($text) as $number => $line) {
            if ($line === null) {
                throw UnreadableFile::because("Line {$number} is too long to be one.");
            }
            if (trim($line, " \t,;") === '') {
                continue;
            }
            if ($head === null) {
                $separator = Lines::separator($line);
                $head = self::head(str_getcsv($line, $separator, '"', ''));

                continue;
            }
            if (++$count > self::MOST_LINES) {
                throw UnreadableFile::because(sprintf('At most %d lines are taken at once.', self::MOST_LINES));
            }
            $said = [];
            foreach (str_getcsv($line, $separator, '"', '') as $i => $cell) {
                $cell = trim((string) preg_replace("~^'(?=[=+@-])~", '', trim((string) $cell)));
                if ($cell !== '' && isset($head[$i])) {
                    $said[$head[$i]] = $cell;
                }
            }
            if (isset($said['colour'])) {
                $at++;
                $lines[] = $number;
                $colours[] = [
                    'name' => $said['colour'],
                    'code' => $said['code'] ?? '',
                    'finish' => $said['finish'] ?? '',
                    'undercoatShade' => self::number($said['grey'] ?? null, $separator !== ','),
                    'hidingUm' => self::number($said['hiding'] ?? null, $separator !== ','),
                    'note' => $said['note'] ?? '',
                    'toners' => [],
                    'layer' => [],
                    'variants' => [],
                ];
            }
            if ($at < 0) {
                throw UnreadableFile::because("Line {$number} belongs to no colour: the first line names one.");
            }
            if (isset($said['toner'])) {
                $grams = self::number($said['grams'] ?? null, $separator !== ',');
                if (! is_float($grams) && ! is_int($grams)) {
                    throw UnreadableFile::because("Line {$number}: how many grams of {$said['toner']}?");
                }
                $colours[$at] = self::with($colours[$at], $said['part'] ?? '', $said['toner'], (float) $grams);
            }
        }
        if ($colours === []) {
            throw UnreadableFile::because('The table has no lines.');
        }

        return [$colours, $lines];
    }

    /**
     * @param list<array{name: string, code: string, finish: string, undercoatShade: ?int, hidingUm: ?float, note: string,
     *     toners: array<string, float>, layer: array<string, float>, variants: list<array{name: string, toners: array<string,
     *     float>}>}> $colours toners by name
     */
    public static function write(array $colours): string
    {
        $out = CsvWriter::line(self::COLUMNS);
        foreach ($colours as $c) {
            $own = [$c['name'], $c['code'], $c['finish'], (string) $c['undercoatShade'], (string) $c['hidingUm'], $c['note']];
            $rows = [];
            $parts = ['' => $c['toners'], self::LAYER => $c['layer'], ...array_column($c['variants'], 'toners', 'name')];
            foreach ($parts as $part => $grams) {
                foreach ($grams as $toner => $g) {
                    $rows[] = [$part, $toner, (string) $g];
                }
            }
            foreach ($rows === [] ? [['', '', '']] : $rows as $i => $row) {
                $out .= CsvWriter::line([...$i === 0 ? $own : ['', '', '', '', '', ''], ...$row]);
            }
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $colour
     * @return array<string, mixed>
     */
    private static function with(array $colour, string $part, string $toner, float $grams): array
    {
        if ($part === '' || $part === self::LAYER) {
            $key = $part === '' ? 'toners' : 'layer';
            $colour[$key] = [...self::map($colour[$key]), $toner => $grams];

            return $colour;
        }
        $variants = is_array($colour['variants']) ? $colour['variants'] : [];
        foreach ($variants as $i => $variant) {
            if (is_array($variant) && ($variant['name'] ?? null) === $part) {
                $more = [...$variant, 'toners' => [...self::map($variant['toners'] ?? []), $toner => $grams]];
                $colour['variants'] = array_replace($variants, [$i => $more]);

                return $colour;
            }
        }
        $colour['variants'] = [...$variants, ['name' => $part, 'toners' => [$toner => $grams]]];

        return $colour;
    }

    /** @return array<array-key, mixed> */
    private static function map(mixed $of): array
    {
        return is_array($of) ? $of : [];
    }

    private static function number(?string $text, bool $mayHaveCommas): float|int|string|null
    {
        if ($text === null) {
            return null;
        }
        $commas = false;
        $value = Numbers::read($text, $mayHaveCommas, $commas);

        return match (true) {
            $value === null => $text,
            $value === floor($value) && abs($value) < 1e9 => (int) $value,
            default => $value,
        };
    }

    /**
     * @param list<?string> $cells
     * @return list<string>
     */
    private static function head(array $cells): array
    {
        $head = [];
        foreach ($cells as $cell) {
            $name = mb_strtolower(trim((string) $cell));
            if (! in_array($name, self::COLUMNS, true) || in_array($name, $head, true)) {
                throw UnreadableFile::because(
                    sprintf('The header has "%s". The columns are: %s.', mb_substr($name, 0, 40), implode(', ', self::COLUMNS)),
                );
            }
            $head[] = $name;
        }
        if (! in_array('colour', $head, true) || ! in_array('finish', $head, true)) {
            throw UnreadableFile::because('The header names no column "colour" or "finish".');
        }

        return $head;
    }
}
