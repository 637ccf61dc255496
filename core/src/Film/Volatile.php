<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/** What evaporates from a mix, as one liquid with an effective rate. Own model, docs/model.md section 8. */
final readonly class Volatile
{
    /** n-Butyl acetate at 20 deg C, Pa. From memory, ICSC 0399: 1.2 kPa. */
    private const BUTYL_ACETATE_PA = 1200.0;

    /** Heat of vaporisation of n-butyl acetate, J/mol. From memory. */
    private const BUTYL_ACETATE_J = 43_900.0;

    /** kg/mol */
    private const BUTYL_ACETATE_KG = 0.116;

    private const WATER_KG = 0.018015;

    /** Binary diffusivity in air, m2/s. From memory. */
    private const SOLVENT_DIFFUSIVITY = 0.7e-5;

    private const WATER_DIFFUSIVITY = 2.5e-5;

    /** kg/m3. From memory. */
    private const SOLVENT_DENSITY = 880.0;

    private const WATER_DENSITY = 1000.0;

    /** A film on a panel cools only this share of the way to the wet bulb: the panel warms it. Chosen here. */
    private const PANEL_COOLING = 0.3;

    private function __construct(public Carrier $carrier, public Reducer $reducer) {}

    public static function of(Carrier $carrier, Reducer $reducer): self
    {
        return new self($carrier, $reducer);
    }

    public function diffusivity(): float
    {
        return $this->carrier === Carrier::Solvent ? self::SOLVENT_DIFFUSIVITY : self::WATER_DIFFUSIVITY;
    }

    public function densityKgPerM3(): float
    {
        return $this->carrier === Carrier::Solvent ? self::SOLVENT_DENSITY : self::WATER_DENSITY;
    }

    /** Vapour deficit over a flying droplet, kg/m3; water has cooled to the wet bulb. */
    public function dropletDeficit(Air $air): float
    {
        return $this->deficit($air, 1.0);
    }

    /** Vapour deficit over a film on a panel, kg/m3. */
    public function panelDeficit(Air $air): float
    {
        return $this->deficit($air, self::PANEL_COOLING);
    }

    /** Effective vapour pressure of the solvent, Pa: Clausius and Clapeyron from 20 deg C. */
    public static function solventPa(float $temperatureC, float $relativeRate = 1.0): float
    {
        return $relativeRate *
            self::BUTYL_ACETATE_PA *
            exp(
                (self::BUTYL_ACETATE_J / Air::GAS_CONSTANT) *
                    (1.0 / (20.0 + Air::KELVIN) - 1.0 / ($temperatureC + Air::KELVIN)),
            );
    }

    private function deficit(Air $air, float $cooling): float
    {
        $kelvin = $air->temperatureC + Air::KELVIN;
        if ($this->carrier === Carrier::Solvent) {
            return (self::solventPa($air->temperatureC, $this->reducer->relativeRate()) * self::BUTYL_ACETATE_KG) /
                (Air::GAS_CONSTANT * $kelvin);
        }
        $surface = $air->temperatureC - $cooling * ($air->temperatureC - $air->wetBulbC());
        $over = Air::saturationPa($surface) / ($surface + Air::KELVIN);
        $away = $air->vapourPa() / $kelvin;

        return (max(0.0, $over - $away) * self::WATER_KG) / Air::GAS_CONSTANT;
    }
}
