<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Film\ComponentKind;

/** One thing to be weighed into a cup. */
final readonly class Portion implements JsonSerializable
{
    /**
     * @param float $grams > 0
     * @param float $densityGPerMl g/ml, > 0
     * @param ?ComponentKind $kind null: what is left of another cup, or a toner
     */
    public function __construct(
        public string $name,
        public float $grams,
        public float $densityGPerMl,
        public ?ComponentKind $kind = null,
    ) {}

    public function of(float $grams): self
    {
        return new self($this->name, $grams, $this->densityGPerMl, $this->kind);
    }

    /** @return array<string, string|float|null> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name,
            'grams' => round($this->grams, 4),
            'densityGPerMl' => round($this->densityGPerMl, 5),
            'kind' => $this->kind?->value,
        ];
    }
}
