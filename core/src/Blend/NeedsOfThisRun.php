<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** Forgotten with the process. */
final class NeedsOfThisRun implements NeedMemory
{
    private const MOST = 500;

    /** @var array<string, array{?float, ?\Kalopsis\Spray\Part}> */
    private array $known = [];

    /** @var array<string, float> */
    private array $indices = [];

    public function remember(string $key, callable $find): array
    {
        if (count($this->known) >= self::MOST) {
            $this->known = [];
        }

        return $this->known[$key] ??= $find();
    }

    public function index(string $key, callable $find): float
    {
        if (count($this->indices) >= self::MOST) {
            $this->indices = [];
        }

        return $this->indices[$key] ??= $find();
    }
}
