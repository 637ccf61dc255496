<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Mixing\MixState;
use App\Models\Mix;
use App\Models\MixEvent;
use Kalopsis\Cups\Portion;
use Kalopsis\Cups\ScaleFrame;
use Kalopsis\Cups\Weighing;
use Kalopsis\Units\Quantity;

final class MixResource
{
    /** @return array<string, mixed> */
    public static function of(Mix $mix, ?ScaleFrame $frame = null): array
    {
        $state = MixState::of($mix);
        $begun = $mix->begun;
        $potLife = $begun['potLifeMin'] ?? null;

        return [
            'id' => $mix->id,
            'cup' => $mix->cup,
            'kind' => $mix->kind,
            'name' => $mix->name,
            'batch' => $mix->batch,
            'colour' => $begun['colour'],
            'code' => $begun['code'],
            'formula' => $begun['formula'],
            'system' => $begun['system'],
            'product' => $begun['product'],
            'mixture' => $begun['mixture'],
            'of' => $begun['of'],
            'vessel' => $state->vessel->key(),
            'readabilityG' => $state->scale->readabilityG,
            'portions' => self::portions($state),
            'current' => $state->current(),
            'targetG' => round($state->targetG(), 2),
            'sum' => round($state->sum(), 2),
            'times' => round($state->times, 4),
            'over' => self::over($state),
            'done' => $state->isDone(),
            'by' => $mix->by() ?? '',
            'at' => $mix->created_at->toIso8601String(),
            'finishedAt' => $mix->finished_at?->toIso8601String(),
            'discardedAt' => $mix->discarded_at?->toIso8601String(),
            // The clock runs from when everything, hardener too, is in.
            'potLifeUntil' => $mix->finished_at !== null && is_numeric($potLife)
                ? $mix->finished_at->copy()->addSeconds((int) round(60.0 * (float) $potLife))->toIso8601String()
                : null,
            'roomC' => Quantity::celsius(self::number($begun['roomC'])),
            'humidity' => Quantity::percent(self::number($begun['humidityPercent'])),
            'jobVersion' => $mix->job_version,
            'events' => $mix->events
                ->map(
                    fn (MixEvent $e): array => [
                        'kind' => $e->kind,
                        'grams' => is_numeric($e->body['grams'] ?? null) ? round((float) $e->body['grams'], 2) : null,
                        'typed' => ($e->body['typed'] ?? false) === true,
                        'by' => $e->by() ?? '',
                        'at' => $e->created_at->toIso8601String(),
                    ],
                )
                ->all(),
            'frame' => $frame,
            'simulated' => ($mix->scale['real'] ?? []) === [],
        ];
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @return list<array<string, mixed>> */
    private static function portions(Weighing $state): array
    {
        $sum = 0.0;
        $current = $state->current();
        $over = $state->over();

        return array_map(
            function (Portion $portion, float $poured, int $i) use ($state, &$sum, $current, $over): array {
                $sum += $portion->grams;

                return [
                    'name' => $portion->name,
                    'kind' => $portion->kind?->value,
                    'grams' => round($portion->grams, 2),
                    'poured' => round($poured, 2),
                    'cumulative' => round($sum, 2),
                    'drops' => $state->drops($i),
                    'tolerance' => round($state->toleranceG($i), 2),
                    'state' => match (true) {
                        $i === $over => 'over',
                        $i === $current && $over === null => 'now',
                        $poured > 0.0 && $portion->grams - $poured <= $state->toleranceG($i) => 'done',
                        default => 'waits',
                    },
                ];
            },
            $state->portions,
            $state->poured,
            array_keys($state->portions),
        );
    }

    /** @return ?array<string, mixed> */
    private static function over(Weighing $state): ?array
    {
        $i = $state->over();
        if ($i === null) {
            return null;
        }
        $times = $state->timesNeeded();
        $total = array_sum(array_map(fn (Portion $p): float => $p->grams, $state->portions));

        return [
            'name' => $state->portions[$i]->name,
            'by' => round($state->poured[$i] - $state->portions[$i]->grams, 2),
            'times' => round($times, 4),
            'canRecover' => $state->canRecover(),
            'addsG' => round($total * ($times - 1.0), 1),
            'vessel' => $state->vesselFor($times)?->key(),
        ];
    }
}
