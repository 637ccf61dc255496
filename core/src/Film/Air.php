<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** The air of the booth. */
final readonly class Air
{
    /** J/(mol K), CODATA. */
    public const GAS_CONSTANT = 8.314462618;

    public const KELVIN = 273.15;

    /** Along the panel in a downdraught booth, m/s. Chosen here, docs/model.md section 8; a shop says what its booth has. */
    public const MOVES_M_PER_S = 0.3;

    /** Psychrometer constant of a ventilated wet bulb at sea level, Pa/K. From memory. */
    private const PSYCHROMETER = 66.2;

    /**
     * @param float $temperatureC deg C
     * @param float $humidityPercent relative humidity, 0 to 100
     * @param float $movesMPerS what moves along a panel with no blower, m/s
     * @param float $dries how many times as fast as the model takes it coats dry in this booth, > 0
     */
    public function __construct(
        public float $temperatureC,
        public float $humidityPercent,
        public float $dries = 1.0,
        public float $movesMPerS = self::MOVES_M_PER_S,
    ) {}

    /** The air of the same booth at another hour. */
    public function at(float $temperatureC, float $humidityPercent): self
    {
        return new self($temperatureC, $humidityPercent, $this->dries, $this->movesMPerS);
    }

    /** Saturation vapour pressure over water, Pa, -45 to 60 deg C. WMO-No. 8, annex 4.B (Magnus form). */
    public static function saturationPa(float $temperatureC): float
    {
        return 611.2 * exp(17.62 * $temperatureC / (243.12 + $temperatureC));
    }

    public function vapourPa(): float
    {
        return $this->humidityPercent / 100.0 * self::saturationPa($this->temperatureC);
    }

    /** deg C, WMO-No. 8, annex 4.B, inverted. */
    public function dewPointC(): float
    {
        $ln = log(max(1e-6, $this->vapourPa()) / 611.2);

        return 243.12 * $ln / (17.62 - $ln);
    }

    /**
     * deg C. Solves e = e_sat(Tw) - 66.2 (T - Tw) by halving between the dew point and the air's temperature, where it changes
     * sign once; 50 halvings leave less than 1e-12 K.
     */
    public function wetBulbC(): float
    {
        $low = min($this->dewPointC(), $this->temperatureC) - 1.0;
        $high = $this->temperatureC;
        $vapour = $this->vapourPa();
        for ($i = 0; $i < 50; $i++) {
            $middle = ($low + $high) / 2.0;
            if (self::saturationPa($middle) - self::PSYCHROMETER * ($this->temperatureC - $middle) > $vapour) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2.0;
    }
}
