<?php

declare(strict_types=1);

namespace App\Booth;

use App\Models\BoothRun;
use Illuminate\Database\ConnectionInterface;

/** What a hand does to the simulated sensor of a run, and what a real one sent. */
final readonly class ClimateFeed
{
    /** So many turns of a hand are remembered. */
    private const HANDS = 50;

    public function __construct(private ConnectionInterface $database) {}

    /** @param string $does "door" open, heating off ("cool"), or "right" again */
    public function hand(BoothRun $run, string $does, int $atMs): void
    {
        $this->kept($run, function (array $climate) use ($does, $atMs): array {
            $hands = is_array($climate['hands'] ?? null) ? array_values($climate['hands']) : [];
            $hands[] = ['does' => $does, 'atMs' => $atMs];

            return [...$climate, 'hands' => array_slice($hands, -self::HANDS)];
        });
    }

    /** @param array{temperatureC: float, humidityPercent: float, airMPerS: float, atMs: int} $real */
    public function sent(BoothRun $run, array $real): void
    {
        $this->kept($run, fn (array $climate): array => [...$climate, 'real' => $real]);
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $change */
    private function kept(BoothRun $run, callable $change): void
    {
        $this->database->transaction(function () use ($run, $change): void {
            $query = BoothRun::query()->whereKey($run->id);
            $query->lockForUpdate();
            $held = $query->firstOrFail();
            $held->update(['climate' => $change($held->climate ?? [])]);
        });
    }
}
