<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Cache;
use Kalopsis\Blend\NeedMemory;
use Kalopsis\Spray\Part;

/** Needs found for an earlier request; a start of the application forgets them, so that a change of the model counts. */
final readonly class KeptNeeds implements NeedMemory
{
    private const SECONDS = 86400;

    public function remember(string $key, callable $find): array
    {
        [$mm, $stays] = Cache::remember("need {$key}", self::SECONDS, function () use ($find): array {
            [$mm, $stays] = $find();

            return [$mm, $stays?->value];
        });

        return [$mm, $stays === null ? null : Part::from($stays)];
    }

    public function index(string $key, callable $find): float
    {
        // In a list: a bare number comes back from Redis as text.
        return Cache::remember("index {$key}", self::SECONDS, fn (): array => [$find()])[0];
    }
}
