<?php

declare(strict_types=1);

namespace Kalopsis\Units;

use JsonSerializable;

/** A number with its dimension, kept in the dimension's base unit. */
final readonly class Quantity implements JsonSerializable
{
    /** Tape measures in inches are read to an eighth (common practice). */
    private const INCH_PARTS = 8;

    /** From here on lengths are told in m and ft: nobody counts a room in mm. */
    private const FAR_MM = 2000.0;

    /** Smaller areas, m2, are told in cm2 or in2: 0.01 m2 says nothing of a chip. */
    private const SMALL_AREA_M2 = 0.1;

    private function __construct(public float $value, public Dimension $dimension) {}

    /** @throws NotAQuantity when the value is not a finite number */
    public static function of(float $value, Unit $unit): self
    {
        if (! is_finite($value)) {
            throw NotAQuantity::notFinite($value);
        }

        return new self(($value - $unit->offset()) * $unit->factor(), $unit->dimension());
    }

    public static function mm(float $value): self
    {
        return self::of($value, Unit::Millimetre);
    }

    public static function squareMetres(float $value): self
    {
        return self::of($value, Unit::SquareMetre);
    }

    public static function ml(float $value): self
    {
        return self::of($value, Unit::Millilitre);
    }

    public static function grams(float $value): self
    {
        return self::of($value, Unit::Gram);
    }

    public static function um(float $value): self
    {
        return self::of($value, Unit::Micrometre);
    }

    public static function bar(float $value): self
    {
        return self::of($value, Unit::Bar);
    }

    public static function celsius(float $value): self
    {
        return self::of($value, Unit::Celsius);
    }

    public static function minutes(float $value): self
    {
        return self::of($value, Unit::Minute);
    }

    public static function percent(float $value): self
    {
        return self::of($value, Unit::Percent);
    }

    /**
     * Reads what a person types: "110", "110 mm", "4 1/2 in", "4,5 in", `3/8"`, "18 psi", "72 °F".
     * A bare number is taken in the system's own unit for that dimension.
     *
     * @throws NotAQuantity when the text is not a number with a unit of that dimension
     */
    public static function parse(string $text, Dimension $dimension, UnitSystem $system): self
    {
        $clean = trim(str_replace(["\u{00A0}", "\u{2212}"], [' ', '-'], $text));
        if (preg_match('~^(-)?(?:(\d+)\s+)?(\d+)/(\d+)\s*(.*)$~u', $clean, $m) === 1) {
            $number = (float) $m[2] + ($m[4] === '0' ? NAN : (float) $m[3] / (float) $m[4]);
        } elseif (preg_match('~^(-)?()(\d*[.,]?\d+|\d+[.,])()\s*(.*)$~u', $clean, $m) === 1) {
            $number = (float) str_replace(',', '.', $m[3]);
        } else {
            throw NotAQuantity::unreadable($text);
        }
        $unit = $m[5] === '' ? $dimension->unitIn($system) : Unit::spelled($m[5]);
        if ($unit === null || $unit->dimension() !== $dimension) {
            throw NotAQuantity::wrongUnit($text, $dimension);
        }

        return self::of($m[1] === '-' ? -$number : $number, $unit);
    }

    public function in(Unit $unit): float
    {
        if ($unit->dimension() !== $this->dimension) {
            throw NotAQuantity::wrongUnit($unit->value, $this->dimension);
        }

        return $this->value / $unit->factor() + $unit->offset();
    }

    /** "240 mm", "9 1/2 in", "0.55 L": rounded for the bench, with its symbol. */
    public function format(UnitSystem $system): string
    {
        $unit = $this->dimension->unitIn($system);
        if ($unit === Unit::Millilitre && abs($this->value) >= 1000) {
            $unit = Unit::Litre;
        }
        if ($this->dimension === Dimension::Area && abs($this->value) < self::SMALL_AREA_M2) {
            $unit = $unit === Unit::SquareFoot ? Unit::SquareInch : Unit::SquareCentimetre;
        }
        if ($this->dimension === Dimension::Length && abs($this->value) >= self::FAR_MM) {
            return $system === UnitSystem::Us ? round($this->in(Unit::Foot)) . ' ft' : round($this->in(Unit::Metre), 1) . ' m';
        }
        $value = $this->in($unit);
        if ($unit === Unit::Inch) {
            return self::inches($value) . ' in';
        }
        $text = number_format($value, $unit->decimals(), '.', '');
        if ((float) $text === 0.0) {
            $text = ltrim($text, '-');
        }

        return $text . ($unit === Unit::Percent ? '' : ' ') . $unit->symbol();
    }

    private static function inches(float $value): string
    {
        $parts = (int) round(abs($value) * self::INCH_PARTS);
        $whole = intdiv($parts, self::INCH_PARTS);
        $rest = $parts % self::INCH_PARTS;
        $sign = $value < 0 && $parts > 0 ? '-' : '';
        if ($rest === 0) {
            return $sign . $whole;
        }
        $common = $rest % 4 === 0 ? 4 : ($rest % 2 === 0 ? 2 : 1);
        $fraction = intdiv($rest, $common) . '/' . intdiv(self::INCH_PARTS, $common);

        return $sign . ($whole === 0 ? $fraction : "{$whole} {$fraction}");
    }

    /** @return array{value: float, unit: string} */
    public function jsonSerialize(): array
    {
        return ['value' => round($this->value, 4), 'unit' => $this->dimension->base()->value];
    }
}
