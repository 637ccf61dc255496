<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Kalopsis\Colour\Spectrum;
use Kalopsis\Exchange\Row;

final class CsvWriter
{
    /** @param iterable<Row> $rows */
    public static function write(iterable $rows): string
    {
        $rows = [...$rows];
        $angles = [];
        $spectral = $rows !== [];
        foreach ($rows as $row) {
            $angles += array_flip($row->measurement->geometry->angles());
            $spectral = $spectral && $row->measurement->hasSpectra();
        }
        $angles = array_keys($angles);
        sort($angles);
        $head = ['sample', 'kind', 'spot', 'shot', 'viewing'];
        foreach ($angles as $angle) {
            if ($spectral) {
                for ($i = 0; $i < Spectrum::COUNT; $i++) {
                    $head[] = "R{$angle}_" . (Spectrum::FIRST_NM + $i * Spectrum::STEP_NM);
                }
            } else {
                array_push($head, "L{$angle}", "a{$angle}", "b{$angle}");
            }
        }
        $out = self::line($head);
        foreach ($rows as $row) {
            $m = $row->measurement;
            $cells = [$row->sample, $row->kind, $row->spot, $row->shot, $m->viewing->name()];
            foreach ($angles as $angle) {
                if ($spectral) {
                    $cells = [
                        ...$cells,
                        ...isset($m->spectra[$angle])
                            ? array_map(fn (float $v): string => self::number($v, 5), $m->spectra[$angle]->values)
                            : array_fill(0, Spectrum::COUNT, ''),
                    ];
                } else {
                    $lab = $m->labs[$angle] ?? null;
                    $cells = [
                        ...$cells,
                        ...$lab === null
                            ? ['', '', '']
                            : [self::number($lab->l, 3), self::number($lab->a, 3), self::number($lab->b, 3)],
                    ];
                }
            }
            $out .= self::line($cells);
        }

        return $out;
    }

    public static function number(float $value, int $decimals): string
    {
        return number_format($value, $decimals, '.', '');
    }

    /** @param list<string> $cells */
    public static function line(array $cells): string
    {
        return implode(
            ',',
            array_map(function (string $cell): string {
                // A cell that a spreadsheet would take for a formula is kept as text.
                $cell = preg_match('~^[=+@]|^-(?!\d)~', $cell) === 1 ? "'{$cell}" : $cell;

                return preg_match('~[",\r\n]~', $cell) === 1 ? '"' . str_replace('"', '""', $cell) . '"' : $cell;
            }, $cells),
        ) . "\r\n";
    }
}
