<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Flakes;

/**
 * How flat flakes lie after landing in so much liquid. Own model, docs/model.md section 8: dryness = exp(-V/Vc), tilt
 * spread grows with
 * it; far too wet, flakes swim.
 */
final class FlakeOrder
{
    /**
     * Volatile at landing, um, where dryness has fallen to 1/e, at the reference drying rate. Chosen here; a shop
     * calibrates it.
     */
    private const DRY_BELOW_UM = 4.0;

    /** um across that the figure above belongs to; larger flakes want more to lie down in, as the root of their size. Chosen. */
    private const REFERENCE_SIZE_UM = 17.0;

    /** um/min the figure above belongs to. Chosen here. */
    private const REFERENCE_RATE = 5.5;

    /** Share of its own spread of tilts that full dryness adds to a finish. Chosen here; a shop calibrates it. */
    public const SPREAD = 0.125;

    /** Too wet from here, um of volatile, fully at the second. Chosen here. */
    private const TOO_WET_UM = [70.0, 110.0];

    /**
     * Share of dryness, 0 (lands wet) to 1 (lands as dust).
     *
     * @param float $volatileUm volatile in the film at landing, um
     * @param float $rate drying rate of the booth without blowers, um/min
     * @param float $dryBelowUm as dryBelowUm() says
     */
    public static function dryness(float $volatileUm, float $rate, float $dryBelowUm): float
    {
        return exp(-$volatileUm / ($dryBelowUm * sqrt(max(1e-9, $rate) / self::REFERENCE_RATE)));
    }

    /** The wetness these flakes need, um. */
    public static function dryBelowUm(Flakes $flakes): float
    {
        return self::DRY_BELOW_UM * sqrt($flakes->sizeUm / self::REFERENCE_SIZE_UM);
    }

    public static function tooWet(float $volatileUm): float
    {
        return max(0.0, min(1.0, ($volatileUm - self::TOO_WET_UM[0]) / (self::TOO_WET_UM[1] - self::TOO_WET_UM[0])));
    }

    /** @param float $tilt how much further than the model takes dry flakes stand up here, 1: as far */
    public static function lobe(Flakes $flakes, float $dryness, float $tooWet = 0.0, float $tilt = 1.0): FlakeLobe
    {
        $level = $flakes->spreadDeg;

        return new FlakeLobe($level, $level * (1.0 + self::SPREAD * $tilt * $dryness), $dryness, $tooWet);
    }
}
