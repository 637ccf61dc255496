<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

/** How far coats go by default for one finish; mm past the primer. */
final readonly class Reaches
{
    public function __construct(
        public int $baseCoats,
        public float $marginMm,
        public float $stepMm,
        public float $fadeMm,
        public bool $wetBed,
        public bool $controlCoat,
    ) {}

    public function scaled(float $by): self
    {
        return new self($this->baseCoats, $this->marginMm * $by, $this->stepMm * $by, $this->fadeMm * $by, $this->wetBed, $this->controlCoat);
    }
}
