<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\Random;
use Kalopsis\Film\FlakeOrder;

/**
 * The numbers of the simulation that nobody has measured, as factors on their defaults, 1 = as they are. Each has a range; a shop's own
 * calibration will narrow it.
 */
final readonly class Assumptions
{
    /** Standard deviation of the logarithm of each factor. Chosen here: half to double for the flakes, a quarter for hiding and the eye. */
    private const SPREAD = ['flakes' => 0.30, 'dryBelow' => 0.25, 'hiding' => 0.15, 'eye' => 0.20];

    public function __construct(
        public float $flakes = 1.0,
        public float $dryBelow = 1.0,
        public float $hiding = 1.0,
        public float $eye = 1.0,
    ) {}

    public function spreadDeg(): float
    {
        return FlakeOrder::SPREAD_DEG * $this->flakes;
    }

    public function dryBelowUm(): float
    {
        return FlakeOrder::DRY_BELOW_UM * $this->dryBelow;
    }

    /** @return list<self> the defaults first, then as many as wanted drawn from the ranges */
    public static function spread(int $runs, int $seed): array
    {
        $chance = new Random($seed);
        $out = [new self()];
        for ($i = 1; $i < $runs; $i++) {
            $draw = fn (string $name): float => exp(self::SPREAD[$name] * max(-2.0, min(2.0, $chance->normal())));
            $out[] = new self($draw('flakes'), $draw('dryBelow'), $draw('hiding'), $draw('eye'));
        }

        return $out;
    }
}
