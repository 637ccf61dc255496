<?php

declare(strict_types=1);

namespace Kalopsis\Units;

/** A unit of measure: symbol, dimension, and the exact way to its dimension's base unit. */
enum Unit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';
    case Micrometre = 'um';
    case Mil = 'mil';
    case SquareMetre = 'm2';
    case SquareFoot = 'ft2';
    case SquareCentimetre = 'cm2';
    case SquareInch = 'in2';
    case Millilitre = 'ml';
    case Litre = 'L';
    case FluidOunceUs = 'fl oz';
    case GallonUs = 'gal';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Bar = 'bar';
    case Kilopascal = 'kPa';
    case Psi = 'psi';
    case Celsius = 'degC';
    case Fahrenheit = 'degF';
    case Minute = 'min';
    case Percent = '%';

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Millimetre, self::Centimetre, self::Metre, self::Inch, self::Foot => Dimension::Length,
            self::Micrometre, self::Mil => Dimension::Film,
            self::SquareMetre, self::SquareFoot, self::SquareCentimetre, self::SquareInch => Dimension::Area,
            self::Millilitre, self::Litre, self::FluidOunceUs, self::GallonUs => Dimension::Volume,
            self::Gram, self::Kilogram => Dimension::Mass,
            self::Bar, self::Kilopascal, self::Psi => Dimension::Pressure,
            self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::Minute => Dimension::Duration,
            self::Percent => Dimension::Share,
        };
    }

    /**
     * How many base units one of this unit is. Source: NIST SP 811 (2008), appendix B.8; the inch,
     * foot, gallon and fluid ounce are exact, the psi is 4.4482216152605 N over 645.16 mm2.
     */
    public function factor(): float
    {
        return match ($this) {
            self::Millimetre,
            self::Micrometre,
            self::SquareMetre,
            self::Millilitre,
            self::Gram,
            self::Bar,
            self::Celsius,
            self::Minute,
            self::Percent
                => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
            self::Mil => 25.4,
            self::SquareFoot => 0.09290304,
            self::SquareCentimetre => 0.0001,
            self::SquareInch => 0.00064516,
            self::Litre => 1000.0,
            self::FluidOunceUs => 29.5735295625,
            self::GallonUs => 3785.411784,
            self::Kilogram => 1000.0,
            self::Kilopascal => 0.01,
            self::Psi => (4.4482216152605 / 645.16) * 10,
            self::Fahrenheit => 5 / 9,
        };
    }

    /** Reading of this unit at the zero of the base unit: 32 for degrees Fahrenheit, else 0. */
    public function offset(): float
    {
        return $this === self::Fahrenheit ? 32.0 : 0.0;
    }

    /** How people write it. */
    public function symbol(): string
    {
        return match ($this) {
            self::Micrometre => 'µm',
            self::SquareMetre => 'm²',
            self::SquareFoot => 'ft²',
            self::SquareCentimetre => 'cm²',
            self::SquareInch => 'in²',
            self::Celsius => '°C',
            self::Fahrenheit => '°F',
            default => $this->value,
        };
    }

    /** Decimals worth reading at the bench. */
    public function decimals(): int
    {
        return match ($this) {
            self::Millimetre,
            self::Micrometre,
            self::Millilitre,
            self::Celsius,
            self::Fahrenheit,
            self::Minute,
            self::Percent,
            self::Psi,
            self::Kilopascal,
            self::SquareCentimetre,
            self::SquareInch
                => 0,
            self::Centimetre, self::Gram, self::FluidOunceUs, self::Bar, self::Mil, self::SquareFoot, self::Inch => 1,
            self::Metre, self::SquareMetre, self::Litre, self::Foot, self::GallonUs => 2,
            self::Kilogram => 3,
        };
    }

    /** Spellings accepted when someone types a quantity, lower case. */
    private const SPELLINGS = [
        '"' => self::Inch,
        '”' => self::Inch,
        'inch' => self::Inch,
        'inches' => self::Inch,
        "'" => self::Foot,
        '°c' => self::Celsius,
        'c' => self::Celsius,
        '°f' => self::Fahrenheit,
        'f' => self::Fahrenheit,
        'µm' => self::Micrometre,
        'μm' => self::Micrometre,
        'micron' => self::Micrometre,
        'microns' => self::Micrometre,
        'mils' => self::Mil,
        'm²' => self::SquareMetre,
        'ft²' => self::SquareFoot,
        'cm²' => self::SquareCentimetre,
        'in²' => self::SquareInch,
        'sq ft' => self::SquareFoot,
        'floz' => self::FluidOunceUs,
        'oz' => self::FluidOunceUs,
        'litre' => self::Litre,
        'liter' => self::Litre,
        'l' => self::Litre,
        'gr' => self::Gram,
        'mins' => self::Minute,
        'minutes' => self::Minute,
        'millimetre' => self::Millimetre,
        'millimeter' => self::Millimetre,
        'kpa' => self::Kilopascal,
    ];

    /** The unit someone meant by typing `$text`; null when there is none. */
    public static function spelled(string $text): ?self
    {
        $key = mb_strtolower(trim($text));

        return self::SPELLINGS[$key] ?? self::tryFrom($key);
    }
}
