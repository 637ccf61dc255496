<?php

declare(strict_types=1);

namespace Kalopsis\Units;

/** What a quantity measures. Inside Kalopsis every dimension has one SI-flavoured base unit. */
enum Dimension: string
{
    case Length = 'length';
    case Film = 'film';
    case Area = 'area';
    case Volume = 'volume';
    case Mass = 'mass';
    case Pressure = 'pressure';
    case Temperature = 'temperature';
    case Duration = 'duration';
    case Share = 'share';

    /** The unit values of this dimension are kept in. */
    public function base(): Unit
    {
        return match ($this) {
            self::Length => Unit::Millimetre,
            self::Film => Unit::Micrometre,
            self::Area => Unit::SquareMetre,
            self::Volume => Unit::Millilitre,
            self::Mass => Unit::Gram,
            self::Pressure => Unit::Bar,
            self::Temperature => Unit::Celsius,
            self::Duration => Unit::Minute,
            self::Share => Unit::Percent,
        };
    }

    /** The unit a painter of that system reads. Scales in mixing rooms read grams everywhere (common practice). */
    public function unitIn(UnitSystem $system): Unit
    {
        return match ($system) {
            UnitSystem::Metric => $this->base(),
            UnitSystem::Us => match ($this) {
                self::Length => Unit::Inch,
                self::Film => Unit::Mil,
                self::Area => Unit::SquareFoot,
                self::Volume => Unit::FluidOunceUs,
                self::Pressure => Unit::Psi,
                self::Temperature => Unit::Fahrenheit,
                self::Mass, self::Duration, self::Share => $this->base(),
            },
        };
    }
}
