<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** A block where it lies in the day. */
final readonly class Placed
{
    public function __construct(
        public Block $block,
        public float $start,
        public float $end,
        public float $handsEnd,
        public ?string $booth,
        public ?string $person,
    ) {}
}
