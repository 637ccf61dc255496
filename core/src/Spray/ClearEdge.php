<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Film\Air;
use Kalopsis\Film\Volatile;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;

/**
 * The edge of a clear that ends inside a panel: dry film of the clears one above the other, by distance from the primer.
 * As laid: what fade-out solvent melts levels more, so this is the worse case. docs/model.md section 14.
 */
final readonly class ClearEdge
{
    /** A film thinner than this is dust, um. Chosen here. */
    private const DUST_UM = 0.5;

    /** An edge is felt and polished over about the width of a pad's rim, mm. Chosen here. */
    public const PAD_MM = 20.0;

    /** What polishing may take off the old clear beside an edge, um. Common practice, from memory: 2 to 5 in one go. */
    public const POLISHED_UM = 5.0;

    /** Between two points of the profile, mm. */
    private const STEP_MM = 2.0;

    /**
     * @param list<float> $mm past the primer
     * @param list<float> $um dry clear there
     * @param float $limitMm where the last of it lands, mm past the primer
     * @param float $unthinnedMm up to here clear that nothing was added to is at full strength, mm past the primer
     * @param float $endMm from where on it is no more than dust, mm past the primer
     */
    private function __construct(
        public array $mm,
        public array $um,
        public float $limitMm,
        public float $unthinnedMm,
        public float $endMm,
    ) {}

    /** @param list<Coat> $coats all of a plan; null where no clear ends */
    public static function of(array $coats, Volatile $volatile, Air $air): ?self
    {
        $films = [];
        $furthest = $unthinned = 0.0;
        foreach ($coats as $coat) {
            if ($coat->kind() !== CoatKind::Clear) {
                continue;
            }
            if ($coat->reachMm === null) {
                return null;
            }
            $films[] = [Simulation::laid($coat, $volatile, $air)->dryUm, $coat->reachMm, $coat->fadeMm];
            $furthest = max($furthest, $coat->reachMm + $coat->fadeMm);
            $unthinned = $coat->mixture->added === null ? max($unthinned, $coat->reachMm) : $unthinned;
        }
        if ($films === []) {
            return null;
        }
        $mm = $um = [];
        $end = 0.0;
        for ($x = 0.0; $x <= $furthest + self::STEP_MM; $x += self::STEP_MM) {
            $mm[] = $x;
            $um[] = $here = self::film($films, $x);
            $end = $here >= self::DUST_UM ? $x : $end;
        }

        return new self($mm, $um, $furthest, $unthinned, $end);
    }

    /** Dry clear at full strength, um. */
    public function fullUm(): float
    {
        return $this->um[0];
    }

    /** What rises within a pad's rim of the end, um: the step that is left to polish. */
    public function stepUm(): float
    {
        return $this->at($this->endMm - self::PAD_MM);
    }

    /** Steepest fall of the film, um per mm. */
    public function steepest(): float
    {
        $most = 0.0;
        foreach ($this->um as $i => $here) {
            $most = max($most, ($this->um[$i - 1] ?? $here) - $here);
        }

        return $most / self::STEP_MM;
    }

    public function polishesOut(): bool
    {
        return $this->stepUm() <= self::POLISHED_UM;
    }

    /** Dry clear at a distance past the primer, um. Over a hard tape line there it would all stand as a step. */
    public function at(float $mm): float
    {
        $i = (int) floor(max(0.0, $mm) / self::STEP_MM);
        $from = $this->um[$i] ?? 0.0;
        $to = $this->um[$i + 1] ?? 0.0;

        return $from + ($to - $from) * (max(0.0, $mm) / self::STEP_MM - $i);
    }

    /** @param list<array{float, float, float}> $films um, reach and fade in mm */
    private static function film(array $films, float $x): float
    {
        $sum = 0.0;
        foreach ($films as [$um, $reach, $fade]) {
            $sum += $um * Layer::strength($x, $reach, $fade);
        }

        return $sum;
    }
}
