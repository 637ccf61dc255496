<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** Chance that is passed in: the same seed gives the same numbers on every machine. */
final class Random
{
    private int $state;

    public function __construct(int $seed)
    {
        // A first scramble, so that neighbouring seeds do not begin alike.
        $this->state = ($seed * 2_654_435_761 + 12_345) & 0xFFFFFFFF;
        $this->next();
        $this->next();
    }

    /** 0 to below 1 */
    public function uniform(): float
    {
        return $this->next() / 4_294_967_296;
    }

    /** Mean 0, standard deviation 1. Box and Muller 1958. */
    public function normal(): float
    {
        return sqrt(-2.0 * log(max(1e-12, $this->uniform()))) * cos(2.0 * M_PI * $this->uniform());
    }

    public function below(int $n): int
    {
        return (int) ($this->uniform() * $n);
    }

    /** Marsaglia, Xorshift RNGs, Journal of Statistical Software 8 (2003): 32 bit, shifts 13, 17, 5. */
    private function next(): int
    {
        $x = $this->state === 0 ? 0x9E3779B9 : $this->state;
        $x ^= ($x << 13) & 0xFFFFFFFF;
        $x ^= $x >> 17;
        $x ^= ($x << 5) & 0xFFFFFFFF;

        return $this->state = $x;
    }
}
