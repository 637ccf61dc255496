<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/** A piece of a car's day that is still to be done, or is being done. */
final readonly class Block
{
    /**
     * @param float $minutes in all
     * @param float $handsMin of them with somebody's hands, from the beginning on
     * @param ?float $pinnedAt somebody put it there, or it has begun: minutes from midnight; null: the computation does
     * @param ?string $booth pinned to this one
     * @param ?string $person pinned to this one
     */
    public function __construct(
        public string $car,
        public BlockKind $kind,
        public float $minutes,
        public float $handsMin,
        public ?float $pinnedAt = null,
        public ?string $booth = null,
        public ?string $person = null,
    ) {}

    public function key(): string
    {
        return "{$this->car} {$this->kind->value}";
    }
}
