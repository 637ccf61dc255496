<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/** Reads the last second of a scale: can what it shows be taken? */
final class ScaleWatch
{
    /** Scales send several times a second: longer than this is silence, s. Common practice. */
    private const SILENT_S = 2.0;

    /** Nobody pours faster, g/s. Common practice: a tin emptied in one go runs some 200. */
    private const FASTEST_G_PER_S = 400.0;

    /** It has settled when it moved no more than this many intervals for so long. Common practice. */
    private const STILL_INTERVALS = 2.0;

    private const STILL_S = 0.6;

    /**
     * @param list<array{float, float}> $readings seconds and grams, the oldest first
     * @param float $now s
     */
    public static function judge(array $readings, float $now, Scale $scale): ScaleState
    {
        $last = $readings[count($readings) - 1] ?? null;
        if ($last === null || $now - $last[0] > self::SILENT_S) {
            return ScaleState::Silent;
        }
        if ($last[1] < -$scale->readabilityG) {
            return ScaleState::CupOff;
        }
        $still = 0.0;
        for ($i = count($readings) - 1; $i > 0; $i--) {
            [$at, $grams] = $readings[$i];
            [$before, $was] = $readings[$i - 1];
            if (abs($grams - $was) > max(self::FASTEST_G_PER_S * max(0.05, $at - $before), 10.0 * $scale->readabilityG)) {
                return ScaleState::Jumps;
            }
            if (abs($last[1] - $was) > self::STILL_INTERVALS * $scale->readabilityG + 1e-9) {
                break;
            }
            $still = $last[0] - $before;
        }

        return $still >= self::STILL_S ? ScaleState::Steady : ScaleState::Moving;
    }
}
