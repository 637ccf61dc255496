<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

use JsonSerializable;
use Kalopsis\Film\ComponentKind;

/** One component poured into a cup: how much, what the scale then shows, and where the surface then stands. */
final readonly class Pour implements JsonSerializable
{
    /** @param ?ComponentKind $kind null: what is left of another cup */
    public function __construct(
        public string $component,
        public ?ComponentKind $kind,
        public float $parts,
        public float $ml,
        public float $grams,
        public float $cumulativeMl,
        public float $cumulativeGrams,
        public float $lineMm,
    ) {}

    /** @return array<string, string|float|null> */
    public function jsonSerialize(): array
    {
        return [
            'component' => $this->component,
            'kind' => $this->kind?->value,
            'parts' => round($this->parts, 4),
            'ml' => round($this->ml, 1),
            'grams' => round($this->grams, 1),
            'cumulativeMl' => round($this->cumulativeMl, 1),
            'cumulativeGrams' => round($this->cumulativeGrams, 1),
            'lineMm' => round($this->lineMm, 2),
        ];
    }
}
