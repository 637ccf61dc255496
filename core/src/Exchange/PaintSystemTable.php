<?php

declare(strict_types=1);

namespace Kalopsis\Exchange;

use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Exchange\Internal\CsvWriter;
use Kalopsis\Exchange\Internal\Lines;
use Kalopsis\Exchange\Internal\Numbers;

/**
 * A paint system as a table for a spreadsheet: one line for each thing that is poured. A product's figures stand on the line
 * of its first component, the system's on the first line of all. What the figures may be PaintSystemReader says.
 */
final readonly class PaintSystemTable
{
    /** Columns of the system by where they stand in the sheet. */
    private const SYSTEM = [
        'system' => 'name',
        'key' => 'key',
        'carrier' => 'carrier',
        'currency' => 'currency',
        'note' => 'note',
        'fast up to C' => 'reducers.fast',
        'standard up to C' => 'reducers.standard',
        'slow up to C' => 'reducers.slow',
    ];

    private const PRODUCT = [
        'role' => 'role',
        'product' => 'name',
        'ratio' => 'ratio',
        'dry film um' => 'dryFilmUm',
        'gun bar' => 'gun.bar',
        'gun mm' => 'gun.distanceMm',
        'overlap %' => 'gun.overlapPercent',
        'reducer from %' => 'sheet.reducerPercent.0',
        'reducer to %' => 'sheet.reducerPercent.1',
        'cup' => 'sheet.viscosity.cup',
        'seconds from' => 'sheet.viscosity.seconds.0',
        'seconds to' => 'sheet.viscosity.seconds.1',
        'cup C' => 'sheet.viscosity.celsius',
        'pot life min' => 'sheet.potLifeMin',
        'coats' => 'sheet.coats',
        'bake min' => 'sheet.bakeMin',
        'polish h' => 'sheet.polishHours',
        'flash min' => 'sheet.flash.minutes',
        'flash C' => 'sheet.flash.celsius',
        'flash humidity %' => 'sheet.flash.humidityPercent',
        'grade' => 'sheet.grade',
        'data sheet' => 'sheet.source.document',
        'sheet date' => 'sheet.source.date',
    ];

    private const COMPONENT = [
        'component' => 'name',
        'kind' => 'kind',
        'density g/ml' => 'densityGPerMl',
        'solids' => 'volumeSolids',
        'water' => 'water',
        'exempt' => 'exempt',
        'price per l' => 'pricePerL',
    ];

    /** Numbers by the end of their path; everything else is text. */
    private const TEXT = ['name', 'key', 'carrier', 'currency', 'note', 'role', 'ratio', 'cup', 'grade', 'document', 'date', 'kind'];

    /** No system has more products with more components. Chosen here. */
    private const MOST_LINES = 200;

    /**
     * @param array<string, mixed> $json the sheet
     * @param array<string, int> $lines the line of each product and component, by its path
     */
    private function __construct(public array $json, private array $lines) {}

    /**
     * Reads a table with commas, semicolons or tabs. Columns that are not known are refused: a misspelt one would be lost.
     *
     * @throws UnreadableFile
     */
    public static function read(string $text): self
    {
        if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw UnreadableFile::because('This is no text in UTF-8. Save the table as CSV (UTF-8) and try again.');
        }
        $head = null;
        $separator = ',';
        $system = [];
        /** @var list<array<string, mixed>> $products */
        $products = [];
        /** @var array<int, list<array<string, mixed>>> $poured by product */
        $poured = [];
        $lines = [];
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
                throw UnreadableFile::because(sprintf('A paint system has at most %d lines.', self::MOST_LINES));
            }
            $cells = str_getcsv($line, $separator, '"', '');
            if (count($cells) > count($head)) {
                throw UnreadableFile::because(
                    sprintf('Line %d has %d columns, the header %d.', $number, count($cells), count($head)),
                );
            }
            $said = [];
            foreach ($cells as $at => $cell) {
                // Written so that no spreadsheet takes it for a formula.
                $cell = trim((string) preg_replace("~^'(?=[=+@-])~", '', trim((string) $cell)));
                if ($cell !== '') {
                    $said[$head[$at]] = $cell;
                }
            }
            if ($count === 1) {
                $lines[''] = $number;
                $system = self::put(self::SYSTEM, $said, $separator !== ',');
            }
            if (array_intersect_key($said, self::PRODUCT) !== []) {
                $lines['products.' . count($products)] = $number;
                $products[] = self::put(self::PRODUCT, $said, $separator !== ',');
            }
            $product = count($products) - 1;
            if ($product < 0) {
                throw UnreadableFile::because("Line {$number} belongs to no product: the first line names one.");
            }
            if (array_intersect_key($said, self::COMPONENT) !== []) {
                $lines["products.{$product}.components." . count($poured[$product] ?? [])] = $number;
                $poured[$product][] = self::put(self::COMPONENT, $said, $separator !== ',');
            }
        }
        if ($products === []) {
            throw UnreadableFile::because('The table has no lines.');
        }
        $system['key'] ??= self::key(is_string($system['name'] ?? null) ? $system['name'] : '');
        foreach ($products as $i => $product) {
            $products[$i] = [...$product, 'components' => $poured[$i] ?? []];
        }

        return new self(['format' => 'kalopsis-paint-system', 'version' => 1, ...$system, 'products' => $products], $lines);
    }

    /** @param array<string, mixed> $json a sheet that PaintSystemReader takes */
    public static function write(array $json): string
    {
        $columns = [...array_keys(self::SYSTEM), ...array_keys(self::PRODUCT), ...array_keys(self::COMPONENT)];
        $out = CsvWriter::line($columns);
        foreach (self::list($json['products'] ?? []) as $i => $product) {
            $components = self::list($product['components'] ?? []);
            foreach ($components as $j => $component) {
                $cells = [
                    ...self::cells($i === 0 && $j === 0 ? $json : [], self::SYSTEM),
                    ...self::cells($j === 0 ? $product : [], self::PRODUCT),
                    ...self::cells($component, self::COMPONENT),
                ];
                $out .= CsvWriter::line($cells);
            }
        }

        return $out;
    }

    /**
     * What a newer sheet says otherwise, figure by figure, in the table's own columns and units.
     *
     * @param array<string, mixed> $old
     * @param array<string, mixed> $new
     * @return list<array{what: string, figure: string, was: string, is: string}> what: the product, or what is poured
     */
    public static function differences(array $old, array $new): array
    {
        [$before, $after] = [self::figures($old), self::figures($new)];
        $out = [];
        foreach ($after + $before as $at => $cell) {
            [$was, $is] = [$before[$at]['says'] ?? '', $after[$at]['says'] ?? ''];
            if ($was !== $is) {
                $out[] = ['what' => $cell['what'], 'figure' => $cell['figure'], 'was' => $was, 'is' => $is];
            }
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $json
     * @return array<string, array{what: string, figure: string, says: string}> by place
     */
    private static function figures(array $json): array
    {
        $out = [];
        self::take($out, '', is_string($json['name'] ?? null) ? $json['name'] : '', $json, self::SYSTEM);
        $seen = [];
        foreach (self::list($json['products'] ?? []) as $product) {
            $role = is_string($product['role'] ?? null) ? $product['role'] : '';
            $seen[$role] = ($seen[$role] ?? 0) + 1;
            $name = is_string($product['name'] ?? null) ? $product['name'] : $role;
            self::take($out, "{$role} {$seen[$role]}", $name, $product, self::PRODUCT);
            foreach (self::list($product['components'] ?? []) as $j => $component) {
                $poured = is_string($component['name'] ?? null) ? $component['name'] : (string) ($j + 1);
                self::take($out, "{$role} {$seen[$role]} {$j}", "{$name}, {$poured}", $component, self::COMPONENT);
            }
        }

        return $out;
    }

    /**
     * @param array<string, array{what: string, figure: string, says: string}> $out
     * @param array<array-key, mixed> $of
     * @param array<string, string> $columns
     */
    private static function take(array &$out, string $place, string $what, array $of, array $columns): void
    {
        foreach (array_combine(array_keys($columns), self::cells($of, $columns)) as $figure => $says) {
            $out["{$place} {$figure}"] = ['what' => $what, 'figure' => $figure, 'says' => $says];
        }
    }

    /** The line that a fault at a field of the sheet was made in, and the column where it is one. */
    public function where(string $field): string
    {
        $parts = explode('.', $field);
        for ($n = count($parts); $n >= 0; $n--) {
            $line = $this->lines[implode('.', array_slice($parts, 0, $n))] ?? null;
            if ($line !== null) {
                $rest = implode('.', array_slice($parts, $n));
                $columns = match (true) {
                    $n === 0 => self::SYSTEM,
                    $n < 4 => self::PRODUCT,
                    default => self::COMPONENT,
                };
                foreach ($columns as $column => $path) {
                    if ($rest !== '' && ($path === $rest || str_starts_with($path, "{$rest}."))) {
                        return "Line {$line}, {$column}";
                    }
                }

                return "Line {$line}";
            }
        }

        return 'The table';
    }

    /** @return list<array<array-key, mixed>> */
    private static function list(mixed $of): array
    {
        return is_array($of) ? array_values(array_filter($of, is_array(...))) : [];
    }

    /**
     * @param array<string, string> $columns
     * @param array<array-key, mixed> $of
     * @return list<string>
     */
    private static function cells(array $of, array $columns): array
    {
        return array_values(array_map(function (string $path) use ($of): string {
            $value = $of;
            foreach (explode('.', $path) as $part) {
                $value = is_array($value) ? $value[$part] ?? '' : '';
            }

            return is_scalar($value) ? (string) $value : '';
        }, $columns));
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, string> $said
     * @return array<string, mixed>
     */
    private static function put(array $columns, array $said, bool $mayHaveCommas): array
    {
        $to = [];
        foreach ($columns as $column => $path) {
            if (! isset($said[$column])) {
                continue;
            }
            $parts = explode('.', $path);
            $commas = false;
            $name = end($parts);
            // What is no number stays as it was written, so that the fault is told at its field.
            $value = in_array($name, self::TEXT, true)
                ? $said[$column]
                : Numbers::read($said[$column], $mayHaveCommas, $commas) ?? $said[$column];
            $value = $name === 'coats' && is_float($value) && $value === floor($value) ? (int) $value : $value;
            foreach (array_reverse($parts) as $part) {
                $value = [$part => $value];
            }
            /** @var array<string, mixed> $to */
            $to = array_replace_recursive($to, $value);
        }

        return $to;
    }

    /**
     * @param list<?string> $cells
     * @return list<string>
     * @throws UnreadableFile
     */
    private static function head(array $cells): array
    {
        $known = [];
        foreach ([...array_keys(self::SYSTEM), ...array_keys(self::PRODUCT), ...array_keys(self::COMPONENT)] as $name) {
            $known[mb_strtolower($name)] = $name;
        }
        $head = [];
        foreach ($cells as $cell) {
            $name = $known[mb_strtolower(trim((string) $cell))] ?? null;
            if ($name === null || in_array($name, $head, true)) {
                throw UnreadableFile::because(
                    $name === null
                        ? sprintf('There is no column "%s". Take our own file as a pattern.', mb_substr(trim((string) $cell), 0, 40))
                        : "The column \"{$name}\" is there twice.",
                );
            }
            $head[] = $name;
        }
        foreach (['product', 'component'] as $needed) {
            if (! in_array($needed, $head, true)) {
                throw UnreadableFile::because("The header names no column \"{$needed}\".");
            }
        }

        return $head;
    }

    private static function key(string $name): string
    {
        $key = trim((string) preg_replace('~[^a-z0-9]+~', '-', mb_strtolower($name)), '-');

        return mb_substr($key, 0, 50);
    }
}
