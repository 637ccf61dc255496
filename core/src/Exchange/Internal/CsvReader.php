<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

use Generator;
use Kalopsis\Colour\Viewing;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Fault;
use Kalopsis\Exchange\Row;

/**
 * CSV (RFC 4180) with a header, a row for each shot: sample, kind, spot, shot, viewing, then L15, a15, b15, ... or L,
 * a, b for 45/0, or
 * R45_400 ... R45_700. Commas, semicolons or tabs; docs/formats/readings.md.
 */
final class CsvReader
{
    private const NAMES = [
        'sample' => ['sample', 'sample_name', 'name'],
        'kind' => ['kind', 'type'],
        'spot' => ['spot', 'place'],
        'shot' => ['shot', 'reading'],
        'viewing' => ['viewing', 'light'],
        'illuminant' => ['illuminant'],
        'observer' => ['observer'],
    ];

    /** @return Generator<int, Row|Fault> */
    public static function read(string $text): Generator
    {
        $head = null;
        $separator = ',';
        $told = false;
        foreach (Lines::records($text) as $number => $line) {
            if ($line === null) {
                yield Fault::leftOut($number, 'The line is longer than any row of readings.');

                continue;
            }
            if (trim($line) === '') {
                continue;
            }
            if ($head === null) {
                $separator = Lines::separator($line);
                $head = self::head(str_getcsv($line, $separator, '"', ''));

                continue;
            }
            if (! mb_check_encoding($line, 'UTF-8')) {
                yield Fault::leftOut($number, 'The line is not UTF-8 text.');

                continue;
            }
            $cells = str_getcsv($line, $separator, '"', '');
            if (count($cells) !== $head['width']) {
                yield Fault::leftOut(
                    $number,
                    sprintf('The line has %d columns, the header %d.', count($cells), $head['width']),
                );

                continue;
            }
            $commas = false;
            $row = self::row($number, $head, array_map(strval(...), $cells), $separator !== ',', $commas);
            if ($commas && ! $told) {
                $told = true;
                yield Fault::mended($number, 'Decimal commas were read as points, here and below.');
            }
            yield $row;
        }
        if ($head === null) {
            throw UnreadableFile::because('The file has no header line.');
        }
    }

    /**
     * @param list<?string> $cells
     * @return array{width: int, named: array<string, int>, labs: array<int, list<?int>>, spectra: array<int, array<int, int>>}
     * @throws UnreadableFile
     */
    private static function head(array $cells): array
    {
        $named = $labs = $spectra = [];
        foreach ($cells as $at => $cell) {
            $name = strtolower(trim((string) $cell));
            foreach (self::NAMES as $meaning => $spellings) {
                if (in_array($name, $spellings, true)) {
                    $named[$meaning] ??= $at;
                }
            }
            if (preg_match('~^([lab])\*?[ _@]?(-?\d+)?(?:°)?$~', $name, $m) === 1) {
                $angle = isset($m[2]) ? (int) $m[2] : 45;
                $labs[$angle] ??= [null, null, null];
                $labs[$angle][(int) strpos('lab', $m[1])] = $at;
            } elseif (preg_match('~^r(-?\d+)_(\d{3})$~', $name, $m) === 1) {
                $spectra[(int) $m[1]][(int) $m[2]] = $at;
            }
        }
        if (! isset($named['sample'])) {
            throw UnreadableFile::because('The header names no column "sample".');
        }
        if ($labs === [] && $spectra === []) {
            throw UnreadableFile::because(
                'The header names no readings: L, a, b; or L15, a15, b15, ...; or R45_400, R45_410, ...',
            );
        }

        return [
            'width' => count($cells),
            'named' => $named,
            'labs' => array_map(array_values(...), $labs),
            'spectra' => $spectra,
        ];
    }

    /**
     * @param array{width: int, named: array<string, int>, labs: array<int, list<?int>>, spectra: array<int,
     *        array<int, int>>} $head
     * @param list<string> $cells
     */
    private static function row(int $number, array $head, array $cells, bool $mayHaveCommas, bool &$commas): Row|Fault
    {
        $value = function (?int $at) use ($cells, $mayHaveCommas, &$commas): ?float {
            return $at === null ? null : Numbers::read($cells[$at], $mayHaveCommas, $commas);
        };
        $said = fn (string $name): string => isset($head['named'][$name]) ? $cells[$head['named'][$name]] : '';
        $labs = [];
        foreach ($head['labs'] as $angle => $columns) {
            // An angle that a shot was not read at is left empty; half an angle is a fault.
            $texts = array_map(fn (?int $at): string => $at === null ? '' : trim($cells[$at]), $columns);
            if (implode('', $texts) !== '' || count($head['labs']) === 1) {
                $labs[$angle] = array_map($value, $columns);
            }
        }
        $spectra = [];
        foreach ($head['spectra'] as $angle => $columns) {
            if (trim(implode('', array_map(fn (int $at): string => $cells[$at], $columns))) !== '') {
                $spectra[$angle] = array_map($value, $columns);
            }
        }
        $viewing = match (true) {
            trim($said('viewing')) !== '' => Viewing::parse($said('viewing')),
            trim($said('illuminant')) !== '' => Viewing::parse($said('illuminant') . '/' . $said('observer')),
            default => $spectra !== [] ? Viewing::paint() : null,
        };

        return RowBuilder::build(
            $number,
            $said('sample'),
            $said('kind'),
            $said('spot'),
            $said('shot'),
            $viewing,
            $labs,
            $spectra,
        );
    }
}
