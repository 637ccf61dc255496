<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use DomainException;

/**
 * A cup on the scale: what is to go in, and what went in. Portions are weighed one upon another in mixing order. Too much of
 * one is mended by more of all the others, while the cup holds it.
 */
final readonly class Weighing
{
    /** A portion may be off by this share without anybody minding. Common practice: one part in a hundred. */
    private const TOLERANCE = 0.01;

    /** Weighing more than so many times the paint that was wanted saves nothing. Chosen here. */
    private const MOST_TIMES = 2.0;

    /**
     * @param non-empty-list<Portion> $portions in mixing order, as they are wanted now
     * @param list<float> $poured grams of each, one for each portion
     * @param float $times of what was asked for at first
     */
    private function __construct(
        public array $portions,
        public array $poured,
        public Scale $scale,
        public Vessel $vessel,
        public float $times,
        private CupShelf $shelf,
    ) {}

    /** @param non-empty-list<Portion> $portions */
    public static function begin(array $portions, Scale $scale, Vessel $vessel, CupShelf $shelf = new CupShelf()): self
    {
        return new self($portions, array_fill(0, count($portions), 0.0), $scale, $vessel, 1.0, $shelf);
    }

    /** What lies in the cup, g. */
    public function sum(): float
    {
        return array_sum($this->poured);
    }

    /** How far a portion may be off, g: what the scale can tell, or a hundredth. */
    public function toleranceG(int $portion): float
    {
        return max($this->scale->readabilityG, self::TOLERANCE * $this->portions[$portion]->grams);
    }

    /** The portion of which too much was poured; null: none. */
    public function over(): ?int
    {
        foreach ($this->portions as $i => $portion) {
            if ($this->poured[$i] - $portion->grams > $this->toleranceG($i) + 1e-9) {
                return $i;
            }
        }

        return null;
    }

    /** Drops to count for a portion that is less than the scale's least load; null where the scale can tell. */
    public function drops(int $portion): ?int
    {
        $grams = $this->portions[$portion]->grams;

        return $grams < $this->scale->leastG() ? (int) max(1.0, round($grams / Scale::DROP_G)) : null;
    }

    /** The portion that comes next, what was cut short first; null: all is in. */
    public function current(): ?int
    {
        foreach ($this->portions as $i => $portion) {
            // What is less than the scale can tell is still asked for: it is given in drops.
            $missing = $portion->grams - $this->poured[$i];
            if ($missing > $this->toleranceG($i) + 1e-9 || ($this->poured[$i] <= 0.0 && $missing > 0.0)) {
                return $i;
            }
        }

        return null;
    }

    public function isDone(): bool
    {
        return $this->current() === null && $this->over() === null;
    }

    /** What the scale shows when the current portion is in, g; what is in where there is none. */
    public function targetG(): float
    {
        $i = $this->current();

        return $i === null ? $this->sum() : $this->sum() + $this->portions[$i]->grams - $this->poured[$i];
    }

    /**
     * What the scale shows counts as the current portion.
     *
     * @param float $reading g in the cup, all together
     * @throws DomainException when nothing is to be poured, or less lies in the cup than before
     */
    public function take(float $reading): self
    {
        $i = $this->current();
        $more = $reading - $this->sum();
        if ($i === null || ! ($more >= -$this->scale->readabilityG && $more < INF)) {
            throw new DomainException('That cannot be what was poured.');
        }
        $poured = $this->poured;
        // Drops that the scale does not show are taken as counted.
        $unseen = $this->portions[$i]->grams < $this->scale->readabilityG && $more < $this->scale->readabilityG;
        $poured[$i] += $unseen ? $this->portions[$i]->grams : max(0.0, $more);

        return new self($this->portions, array_values($poured), $this->scale, $this->vessel, $this->times, $this->shelf);
    }

    /** How much more of everything makes the ratio right again; 1: nothing is over. */
    public function timesNeeded(): float
    {
        $times = 1.0;
        foreach ($this->portions as $i => $portion) {
            $times = max($times, $this->poured[$i] / $portion->grams);
        }

        return $times;
    }

    /** ml in the cup when everything is in, so many times over. */
    public function millilitres(float $times = 1.0): float
    {
        $ml = 0.0;
        foreach ($this->portions as $portion) {
            $ml += $times * $portion->grams / $portion->densityGPerMl;
        }

        return $ml;
    }

    /** The vessel that takes the mended mix: this one while it holds it, else the smallest that does; null: none does. */
    public function vesselFor(float $times): ?Vessel
    {
        $ml = $this->millilitres($times);

        return $ml <= $this->vessel->usefulMl ? $this->vessel : $this->shelf->for($ml);
    }

    /** Can too much be mended by more of the rest? */
    public function canRecover(): bool
    {
        $needed = $this->timesNeeded();

        return $needed * $this->times <= self::MOST_TIMES && $this->vesselFor($needed) !== null;
    }

    /**
     * More of everything, so that what was poured too much of is right.
     *
     * @throws DomainException when it cannot be saved
     */
    public function recovered(): self
    {
        $needed = $this->timesNeeded();
        $vessel = $this->vesselFor($needed);
        if (! $this->canRecover() || $vessel === null) {
            throw new DomainException('This mix cannot be saved.');
        }

        return new self(
            array_map(fn (Portion $p): Portion => $p->of($p->grams * $needed), $this->portions),
            $this->poured,
            $this->scale,
            $vessel,
            $this->times * $needed,
            $this->shelf,
        );
    }

    /** What was poured is taken as it is, though the ratio is off. */
    public function accepted(): self
    {
        $i = $this->over();
        $portions = $this->portions;
        if ($i !== null) {
            $portions[$i] = $portions[$i]->of($this->poured[$i]);
        }

        return new self(array_values($portions), $this->poured, $this->scale, $this->vessel, $this->times, $this->shelf);
    }
}
