<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Generator;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\Row;

/**
 * CGATS.17 / ISO 28178 text: keywords, a data format, data sets. A row for each angle; rows of one shot stand
 * together. The angle is our
 * own declared field ASPECULAR_ANGLE, without it 45/0 is meant; docs/formats/readings.md.
 */
final class CgatsReader
{
    /** @return Generator<int, Row|Fault> */
    public static function read(string $text): Generator
    {
        $state = 'head';
        $fields = [];
        $illuminant = $observer = '';
        $expected = $found = 0;
        /** @var ?CgatsShot $shot */
        $shot = null;
        $ended = $unused = false;
        $last = 1;
        foreach (Lines::of($text) as $number => $line) {
            $last = $number;
            if ($line === null) {
                yield Fault::leftOut($number, 'The line is longer than any row of readings.');

                continue;
            }
            $tokens = self::tokens($line);
            if ($tokens === []) {
                continue;
            }
            $word = strtoupper($tokens[0]);
            if ($state === 'head') {
                if ($word === 'BEGIN_DATA_FORMAT') {
                    $state = 'format';
                } elseif ($word === 'BEGIN_DATA') {
                    if ($fields === []) {
                        throw UnreadableFile::because("Line {$number}: the data begins before its format was said.");
                    }
                    $state = 'data';
                } elseif ($word === 'NUMBER_OF_SETS') {
                    $expected = (int) ($tokens[1] ?? 0);
                } elseif (preg_match('~ILLUMINANT\W+(A|D\d\d)\b~i', $line, $m) === 1) {
                    $illuminant = strtoupper($m[1]);
                } elseif (preg_match('~OBSERVER\W+(\d+)~i', $line, $m) === 1) {
                    $observer = $m[1];
                }
            } elseif ($state === 'format') {
                if ($word === 'END_DATA_FORMAT') {
                    $state = 'head';
                } else {
                    $fields = [...$fields, ...array_map(strtoupper(...), $tokens)];
                }
            } elseif ($word === 'END_DATA') {
                $state = 'head';
                $ended = true;
            } else {
                $found++;
                if (count($tokens) !== count($fields)) {
                    yield Fault::leftOut(
                        $number,
                        sprintf('The line has %d values, the data format %d.', count($tokens), count($fields)),
                    );
                    // An angle is missing now, so the whole shot cannot be used.
                    $shot?->spoil();

                    continue;
                }
                $cells = array_combine($fields, $tokens);
                $name = $cells['SAMPLE_NAME'] ?? ($cells['SAMPLE_ID'] ?? '');
                $key = implode("\t", [
                    $name,
                    $cells['SPOT'] ?? '',
                    $cells['SHOT'] ?? '',
                    isset($cells['SHOT']) ? '' : $cells['SAMPLE_ID'] ?? '',
                ]);
                $angle = (int) round(Numbers::read($cells['ASPECULAR_ANGLE'] ?? '45', false, $unused) ?? 45.0);
                if ($shot !== null && ($shot->key !== $key || $shot->has($angle))) {
                    yield $shot->finished($illuminant, $observer);
                    $shot = null;
                }
                $shot ??= new CgatsShot(
                    $key,
                    $number,
                    $name,
                    $cells['KIND'] ?? '',
                    $cells['SPOT'] ?? '',
                    $cells['SHOT'] ?? ($cells['SAMPLE_ID'] ?? ''),
                );
                [$lab, $spectrum] = self::values($cells);
                $shot->add($angle, $lab, $spectrum);
            }
        }
        if ($shot !== null) {
            yield $shot->finished($illuminant, $observer);
        }
        if ($fields === []) {
            throw UnreadableFile::because('The file has no data format (BEGIN_DATA_FORMAT).');
        }
        if (! $ended) {
            yield Fault::leftOut($last, 'The file stops before END_DATA: something at its end may be missing.');
        } elseif ($expected > 0 && $expected !== $found) {
            yield Fault::mended(1, "The file promises {$expected} sets and holds {$found}.");
        }
    }

    /** @return list<string> */
    private static function tokens(string $line): array
    {
        $line = preg_replace('~(^|\s)#.*$~', '', $line) ?? '';
        preg_match_all('~"([^"]*)"|(\S+)~', $line, $m, PREG_SET_ORDER);

        return array_map(fn (array $t): string => $t[2] ?? ($t[1] ?? ''), $m);
    }

    /**
     * @param array<string, string> $cells
     * @return array{list<?float>, array<int, ?float>}
     */
    private static function values(array $cells): array
    {
        $lab = $spectrum = [];
        $unused = false;
        foreach (['LAB_L', 'LAB_A', 'LAB_B'] as $name) {
            $lab[] = Numbers::read($cells[$name] ?? '', true, $unused);
        }
        foreach ($cells as $name => $cell) {
            if (preg_match('~^(?:SPECTRAL_NM_?|SPECTRAL_|NM_?|R_)(\d{3})$~', $name, $m) === 1) {
                $spectrum[(int) $m[1]] = Numbers::read($cell, true, $unused);
            }
        }

        return [$lab, $spectrum];
    }
}
