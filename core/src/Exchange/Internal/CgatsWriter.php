<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Row;

/** One table for the whole file, so all rows in it are for one light and observer: those of the first. */
final class CgatsWriter
{
    /** @param iterable<Row> $rows */
    public static function write(iterable $rows): string
    {
        $rows = [...$rows];
        $viewing = $rows === [] ? Viewing::paint() : $rows[0]->measurement->viewing;
        $rows = array_values(array_filter($rows, fn (Row $r): bool => $r->measurement->viewing->is($viewing)));
        $spectral = $rows !== [];
        foreach ($rows as $row) {
            $spectral = $spectral && $row->measurement->hasSpectra();
        }
        $fields = ['SAMPLE_ID', 'SAMPLE_NAME', 'KIND', 'SPOT', 'SHOT', 'ASPECULAR_ANGLE', 'LAB_L', 'LAB_A', 'LAB_B'];
        if ($spectral) {
            for ($i = 0; $i < Spectrum::COUNT; $i++) {
                $fields[] = 'SPECTRAL_NM' . (Spectrum::FIRST_NM + $i * Spectrum::STEP_NM);
            }
        }
        $lines = [];
        foreach ($rows as $n => $row) {
            foreach ($row->measurement->labs as $angle => $lab) {
                $cells = [
                    (string) ($n + 1),
                    self::quoted($row->sample),
                    self::quoted($row->kind === '' ? '-' : $row->kind),
                    self::quoted($row->spot),
                    self::quoted($row->shot),
                    (string) $angle,
                    CsvWriter::number($lab->l, 4),
                    CsvWriter::number($lab->a, 4),
                    CsvWriter::number($lab->b, 4),
                ];
                if ($spectral) {
                    $cells = [
                        ...$cells,
                        ...array_map(
                            fn (float $v): string => CsvWriter::number($v, 5),
                            $row->measurement->spectra[$angle]->values,
                        ),
                    ];
                }
                $lines[] = implode("\t", $cells);
            }
        }
        $head = [
            'CGATS.17',
            'ORIGINATOR "Kalopsis"',
            'KEYWORD "KIND"',
            'KEYWORD "SPOT"',
            'KEYWORD "SHOT"',
            'KEYWORD "ASPECULAR_ANGLE"',
            "WEIGHTING_FUNCTION \"ILLUMINANT, {$viewing->illuminant->value}\"",
            "WEIGHTING_FUNCTION \"OBSERVER, {$viewing->observer->value} degree\"",
            'NUMBER_OF_FIELDS ' . count($fields),
            'BEGIN_DATA_FORMAT',
            implode("\t", $fields),
            'END_DATA_FORMAT',
            'NUMBER_OF_SETS ' . count($lines),
            'BEGIN_DATA',
        ];

        return implode("\n", [...$head, ...$lines, 'END_DATA', '']);
    }

    private static function quoted(string $text): string
    {
        return '"' . str_replace(['"', "\r", "\n", '#'], ["'", ' ', ' ', 'no. '], $text) . '"';
    }
}
