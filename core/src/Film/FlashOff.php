<?php

declare(strict_types=1);

namespace Kalopsis\Film;

/**
 * How fast a film gives off its volatile: a flat plate in laminar flow, Sh = 0.664 Re^0.5 Sc^(1/3) (Incropera and DeWitt,
 * Fundamentals of Heat and Mass Transfer, 7.2; Re below 5e5), turned into um of liquid a minute.
 */
final class FlashOff
{
    /** Kinematic viscosity of air at 22 deg C, m2/s. From memory. */
    private const AIR_VISCOSITY = 1.53e-5;

    /** Dull when this share of the volatile has gone. Chosen here. */
    private const DULL_AT = 0.95;

    public static function sherwood(float $speed, float $pathM, float $diffusivity): float
    {
        return 0.664 * sqrt($speed * $pathM / self::AIR_VISCOSITY) * (self::AIR_VISCOSITY / $diffusivity) ** (1 / 3);
    }

    /** um of volatile leaving each minute. */
    public static function rate(Volatile $volatile, Air $air, AirMovement $movement): float
    {
        $dv = $volatile->diffusivity();
        $speed = $movement === AirMovement::Booth ? $air->movesMPerS : $movement->speed();
        $sh = self::sherwood($speed, $movement->pathM(), $dv);

        $metres = $sh * $dv / $movement->pathM() * $volatile->panelDeficit($air) / $volatile->densityKgPerM3();

        return $air->dries * $metres * 1e6 * 60.0;
    }

    /** Minutes until evenly dull; INF in saturated air. */
    public static function minutes(float $volatileUm, float $rate): float
    {
        return $rate > 0.0 ? self::DULL_AT * $volatileUm / $rate : INF;
    }
}
