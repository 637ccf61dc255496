<?php

declare(strict_types=1);

namespace Kalopsis\Why;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;

/**
 * A sentence with its quantities kept apart, so that each reader sees them in their own units:
 * `Phrase::of('Needs {need}, has {room}.', ['need' => Quantity::mm(240), 'room' => Quantity::mm(180)])`.
 */
final readonly class Phrase implements JsonSerializable
{
    /** @param array<string, Quantity|string|int> $values */
    private function __construct(public string $text, public array $values) {}

    /** @param array<string, Quantity|string|int> $values */
    public static function of(string $text, array $values = []): self
    {
        return new self($text, $values);
    }

    public function in(UnitSystem $system): string
    {
        $pairs = [];
        foreach ($this->values as $name => $value) {
            $pairs['{' . $name . '}'] = $value instanceof Quantity ? $value->format($system) : (string) $value;
        }

        return strtr($this->text, $pairs);
    }

    /** @return array{text: string, values: object, plain: string} */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text, 'values' => (object) $this->values, 'plain' => $this->in(UnitSystem::Metric)];
    }
}
