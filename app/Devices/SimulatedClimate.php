<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\BoothRun;
use Kalopsis\Colour\Random;

/**
 * What a real sensor sent lately, or, while none did, what a simulated one shows: the plan's air, drawn to other air while a door
 * stands open or the heating is off, and back when it is put right.
 */
final class SimulatedClimate implements BoothClimate
{
    /** A real reading counts for so long, ms. Chosen here. */
    private const FRESH_MS = 600_000;

    /** Where the air goes, K, % and m/s beside the plan's, and how fast, s. Chosen here: a winter's day outside the door. */
    private const DRAWN = [
        'door' => [-7.0, 18.0, 0.5, 90.0],
        'cool' => [-6.0, 12.0, 0.0, 240.0],
        'right' => [0.0, 0.0, 0.0, 150.0],
    ];

    public const HANDS = ['door', 'cool', 'right'];

    public function reading(BoothRun $run, int $atMs): array
    {
        $kept = $run->climate ?? [];
        $real = is_array($kept['real'] ?? null) ? $kept['real'] : null;
        if ($real !== null && abs($atMs - (int) $real['atMs']) < self::FRESH_MS) {
            return [
                'temperatureC' => (float) $real['temperatureC'],
                'humidityPercent' => (float) $real['humidityPercent'],
                'airMPerS' => (float) $real['airMPerS'],
                'simulated' => false,
            ];
        }
        $plan = $run->begun['run']['climate'];
        $away = [0.0, 0.0, 0.0];
        $hands = is_array($kept['hands'] ?? null) ? array_values($kept['hands']) : [];
        foreach ($hands as $i => $hand) {
            $until = min($atMs, $hands[$i + 1]['atMs'] ?? PHP_INT_MAX);
            [$c, $h, $v, $tau] = self::DRAWN[$hand['does']] ?? self::DRAWN['right'];
            $share = 1.0 - exp(-max(0, $until - (int) $hand['atMs']) / 1000 / $tau);
            $away = array_map(fn (float $now, float $to): float => $now + ($to - $now) * $share, $away, [$c, $h, $v]);
        }
        // A sensor's last digit is never quite still: 0.1 K and half a per cent, another each ten seconds.
        $chance = new Random(crc32($run->id . intdiv($atMs, 10_000)));

        $humidity = (float) $plan['humidityPercent'] + $away[1] + 0.5 * $chance->normal();

        return [
            'temperatureC' => round((float) $plan['temperatureC'] + $away[0] + 0.1 * $chance->normal(), 1),
            'humidityPercent' => round(min(99.0, max(5.0, $humidity))),
            'airMPerS' => round(max(0.05, (float) $plan['airMPerS'] + $away[2]), 2),
            'simulated' => true,
        ];
    }
}
