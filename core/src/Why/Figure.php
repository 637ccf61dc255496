<?php

declare(strict_types=1);

namespace Kalopsis\Why;

use JsonSerializable;
use Kalopsis\Units\Quantity;

/** A computed quantity that can be asked "why?". */
final readonly class Figure implements JsonSerializable
{
    /** @param non-empty-list<Reason> $reasons */
    private function __construct(public Quantity $quantity, public array $reasons) {}

    public static function of(Quantity $quantity, Reason $reason, Reason ...$more): self
    {
        return new self($quantity, [$reason, ...array_values($more)]);
    }

    public function value(): float
    {
        return $this->quantity->value;
    }

    /** @return array{value: float, unit: string, reasons: list<Reason>} */
    public function jsonSerialize(): array
    {
        return [...$this->quantity->jsonSerialize(), 'reasons' => $this->reasons];
    }
}
