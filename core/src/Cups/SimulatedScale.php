<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/**
 * A scale to practise with: what it would show after a hand tilted the tin for so long. The stream is on its way when the
 * hand stops, and drips after; that is how people pour too much.
 */
final class SimulatedScale
{
    /** From the lip to the pan, s. */
    private const FALL_S = 0.25;

    /** What drips after a tilt ends, as seconds of the stream, and how fast that dies away, s. Chosen here. */
    private const DRIP_S = 0.12;

    private const DRIP_DIES_S = 0.35;

    /** Noise of a reading, in intervals, standard deviation. Chosen here. */
    public const NOISE_INTERVALS = 0.4;

    /**
     * Grams in the cup.
     *
     * @param list<array{from: float, to: ?float, gPerS: float}> $tilts s, s and g/s; to is null while it still runs
     * @param float $now s
     */
    public static function grams(array $tilts, float $now): float
    {
        $sum = 0.0;
        foreach ($tilts as $tilt) {
            $end = $tilt['to'] ?? $now;
            $landed = max(0.0, min($end, $now - self::FALL_S) - $tilt['from']);
            $after = $tilt['to'] === null ? 0.0 : max(0.0, $now - self::FALL_S - $end);
            $sum += $tilt['gPerS'] * ($landed + self::DRIP_S * (1.0 - exp(-$after / self::DRIP_DIES_S)));
        }

        return $sum;
    }

    /** What it shows, with a draw from the standard normal distribution. */
    public static function shows(float $grams, Scale $scale, float $chance): float
    {
        return $scale->shown($grams + self::NOISE_INTERVALS * $scale->readabilityG * $chance);
    }
}
