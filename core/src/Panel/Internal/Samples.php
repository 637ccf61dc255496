<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/** A field sampled on a lattice, with the least and the most of every block. */
final readonly class Samples
{
    /**
     * @param list<float> $nodes row by row
     * @param list<float> $least by block
     * @param list<float> $most by block
     */
    public function __construct(public array $nodes, public array $least, public array $most) {}

    /** Node by node the larger of two fields: what lies inside both. */
    public function and(self $other): self
    {
        $larger = fn (float $a, float $b): float => max($a, $b);

        return new self(
            array_map($larger, $this->nodes, $other->nodes),
            array_map($larger, $this->least, $other->least),
            array_map($larger, $this->most, $other->most),
        );
    }
}
