<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Spray\Part;

/** Keeps needs that were found: finding one sprays a blend some forty times, and most changes of a plan leave it as it is. */
interface NeedMemory
{
    /**
     * @param string $key all that a need depends on, Simulation::key()
     * @param callable(): array{?float, ?Part} $find length in mm, or what stays visible at any length
     * @return array{?float, ?Part}
     */
    public function remember(string $key, callable $find): array;

    /**
     * The same of an index of visibility, which no place of a repair changes either.
     *
     * @param callable(): float $find
     */
    public function index(string $key, callable $find): float;
}
