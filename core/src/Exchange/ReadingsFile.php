<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

use Generator;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Internal\CgatsReader;
use Kalopsis\Exchange\Internal\CgatsWriter;
use Kalopsis\Exchange\Internal\CsvReader;
use Kalopsis\Exchange\Internal\CsvWriter;
use Kalopsis\Exchange\Internal\CxfReader;
use Kalopsis\Exchange\Internal\CxfWriter;

/** Reads and writes files of colour readings, row by row, so that a large file needs no more memory than its own text. */
final class ReadingsFile
{
    /** A single line longer than this is no line of readings: five angles of 31 numbers take about 2000 characters. */
    public const LONGEST_LINE = 65_536;

    public const MOST_ROWS = 50_000;

    /**
     * @return Generator<int, Row|Fault>
     * @throws UnreadableFile when it is no text, or a kind of text that cannot hold readings
     */
    public static function read(string $text): Generator
    {
        if (trim($text) === '') {
            throw UnreadableFile::because('The file is empty.');
        }
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            throw UnreadableFile::because('The file is written as UTF-16. Save it as UTF-8 and try again.');
        }
        if (str_contains(substr($text, 0, 65_536), "\0")) {
            throw UnreadableFile::because('This is no text file. Export the readings as CSV, CGATS text or CxF.');
        }

        return self::guarded(
            match (FileFormat::of($text)) {
                FileFormat::Csv => CsvReader::read($text),
                FileFormat::Cgats => CgatsReader::read($text),
                FileFormat::Cxf => CxfReader::read($text),
            },
        );
    }

    /** @param iterable<Row> $rows */
    public static function write(FileFormat $format, iterable $rows): string
    {
        return match ($format) {
            FileFormat::Csv => CsvWriter::write($rows),
            FileFormat::Cgats => CgatsWriter::write($rows),
            FileFormat::Cxf => CxfWriter::write($rows),
        };
    }

    /**
     * What no single row can know: the same shot twice, one sample read in two lights.
     *
     * @param Generator<int, Row|Fault> $rows
     * @return Generator<int, Row|Fault>
     */
    private static function guarded(Generator $rows): Generator
    {
        $seen = $viewings = [];
        $count = 0;
        foreach ($rows as $row) {
            if ($row instanceof Fault) {
                yield $row;

                continue;
            }
            $key = "{$row->sample}\t{$row->spot}\t{$row->shot}";
            $viewing = $viewings[$row->sample] ??= $row->measurement->viewing;
            if (isset($seen[$key])) {
                yield Fault::leftOut(
                    $row->line,
                    "\"{$row->sample}\", {$row->spot}, shot {$row->shot} is there twice; the first is in line {$seen[$key]}.",
                );
            } elseif (! $viewing->is($row->measurement->viewing)) {
                yield Fault::leftOut(
                    $row->line,
                    "\"{$row->sample}\" was read for {$viewing->name()} above and for "
                        . "{$row->measurement->viewing->name()} here; they cannot be averaged.",
                );
            } elseif (++$count > self::MOST_ROWS) {
                yield Fault::leftOut(
                    $row->line,
                    sprintf('Only the first %d readings of a file are taken.', self::MOST_ROWS),
                );

                return;
            } else {
                $seen[$key] = $row->line;
                yield $row;
            }
        }
    }
}
