<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Devices\ScaleDevice;
use App\Models\Mix;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Cups\ScaleFrame;
use Kalopsis\Cups\ScaleState;
use Kalopsis\Cups\ScaleWatch;

/** What the scale says of a mix now, and what a hand does to the simulated one. */
final readonly class ScaleFeed
{
    /** A drop: so long, so fast, s and g/s: some three hundredths of a gram. */
    private const DROP = [0.03, 1.0];

    /** How fast a tin runs, g/s. Common practice: a steady pour, and a thread. */
    private const POUR_G_PER_S = ['pour' => 22.0, 'trickle' => 3.0];

    /** Readings of a real scale that are looked back on. */
    private const KEPT = 20;

    public function __construct(private ScaleDevice $device, private ConnectionInterface $database) {}

    public function frame(Mix $mix): ScaleFrame
    {
        return ScaleFrame::of(MixState::of($mix), $this->grams($mix), $this->state($mix));
    }

    public function state(Mix $mix): ScaleState
    {
        $now = microtime(true);

        return ScaleWatch::judge($this->device->readings($mix, $now), $now, MixState::begun($mix)->scale);
    }

    /** What it showed last, g; what is known to be in the cup while it is silent. */
    public function grams(Mix $mix): float
    {
        $readings = $this->device->readings($mix, microtime(true));
        $last = $readings[count($readings) - 1] ?? null;

        return $last === null ? MixState::of($mix)->sum() : $last[1];
    }

    /** A hand at the simulated scale: "pour" and "trickle" until "stop"; "drop"; or a fault, until "right". */
    public function hand(Mix $mix, string $does): void
    {
        $this->changed($mix, function (array $scale) use ($does): array {
            $now = microtime(true);
            $tilts = is_array($scale['tilts'] ?? null) ? $scale['tilts'] : [];
            foreach ($tilts as $i => $tilt) {
                if (is_array($tilt) && $tilt['to'] === null) {
                    $tilts[$i]['to'] = $now;
                }
            }
            if (isset(self::POUR_G_PER_S[$does])) {
                $tilts[] = ['from' => $now, 'to' => null, 'gPerS' => self::POUR_G_PER_S[$does]];
            } elseif ($does === 'drop') {
                $tilts[] = ['from' => $now, 'to' => $now + self::DROP[0], 'gPerS' => self::DROP[1]];
            }
            $fault = match ($does) {
                'silent', 'jump', 'cup-off' => $does,
                'right' => null,
                default => $scale['fault'] ?? null,
            };

            $same = $fault === ($scale['fault'] ?? null);

            return ['tilts' => $tilts, 'fault' => $fault, 'faultAt' => $same ? $scale['faultAt'] ?? $now : $now];
        });
    }

    /** A real scale sends what it shows. */
    public function sent(Mix $mix, float $grams): void
    {
        $this->changed($mix, function (array $scale) use ($grams): array {
            $real = is_array($scale['real'] ?? null) ? array_values($scale['real']) : [];
            $real[] = [microtime(true), $grams];

            return [...$scale, 'real' => array_slice($real, -self::KEPT)];
        });
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $change */
    private function changed(Mix $mix, callable $change): void
    {
        $this->database->transaction(function () use ($mix, $change): void {
            $query = Mix::query()->whereKey($mix->id);
            $query->lockForUpdate();
            $held = $query->firstOrFail();
            $held->update(['scale' => $change($held->scale ?? [])]);
        });
    }
}
