<?php

declare(strict_types=1);

namespace App\Devices;

use App\Mixing\MixState;
use App\Models\Mix;
use Kalopsis\Colour\Random;
use Kalopsis\Cups\SimulatedScale;

/**
 * Readings that a real scale sent for this mix, or, while none did, those of the simulated one: what it would show after the
 * tilts so far, with the faults that scales have.
 */
final class BenchScale implements ScaleDevice
{
    /** Readings a second, as mixing-room scales send them. Common practice. */
    private const PER_SECOND = 10;

    /** A shaken table, g and s. Chosen here. */
    private const JUMP_G = 350.0;

    private const JUMP_S = 1.5;

    /** What an empty cup weighs, g: the scale shows it below nothing while the cup is off. Common practice. */
    private const CUP_G = 38.0;

    public function readings(Mix $mix, float $now): array
    {
        $kept = $mix->scale ?? [];
        $real = $kept['real'] ?? [];
        if (is_array($real) && $real !== []) {
            /** @var list<array{float, float}> $real */
            return array_values(array_filter($real, fn (array $r): bool => $now - $r[0] < 5.0));
        }
        $scale = MixState::begun($mix)->scale;
        /** @var list<array{from: float, to: ?float, gPerS: float}> $tilts */
        $tilts = $kept['tilts'] ?? [];
        $fault = is_string($kept['fault'] ?? null) ? $kept['fault'] : null;
        $since = is_numeric($kept['faultAt'] ?? null) ? (float) $kept['faultAt'] : INF;
        $out = [];
        for ($tick = (int) ceil(($now - 1.2) * self::PER_SECOND); $tick <= (int) floor($now * self::PER_SECOND); $tick++) {
            $at = $tick / self::PER_SECOND;
            $grams = SimulatedScale::grams($tilts, $at);
            if ($fault === 'silent' && $at >= $since) {
                continue;
            }
            $grams += $fault === 'jump' && $at >= $since && $at < $since + self::JUMP_S ? self::JUMP_G : 0.0;
            $grams = $fault === 'cup-off' && $at >= $since ? -self::CUP_G : $grams;
            $chance = (new Random(crc32("{$mix->id} {$tick}")))->normal();
            $out[] = [$at, SimulatedScale::shows($grams, $scale, $chance)];
        }

        return $out;
    }
}
