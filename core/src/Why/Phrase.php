<?php

declare(strict_types=1);

namespace Kalopsis\Why;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\UnitSystem;
use MessageFormatter;

/**
 * A sentence with what it speaks of kept apart, so that each reader has it in their own language and units:
 * `Phrase::of('Needs {need}, has {room}.', ['need' => Quantity::mm(240), 'room' => Quantity::mm(180)])`.
 *
 * The English text is the message's id in the catalogue (web/locales) and may use ICU's plural and select. A value is a
 * quantity, a number, a term (a phrase of its own) or a list of terms. A string is a name or a figure: nobody translates it.
 *
 * @phpstan-type Value Quantity|Phrase|string|int|list<Phrase|string>
 */
final readonly class Phrase implements JsonSerializable
{
    /** @param array<string, Value> $values */
    private function __construct(public string $text, public array $values) {}

    /** @param array<string, Quantity|Phrase|string|int|list<Phrase|string>> $values */
    public static function of(string $text, array $values = []): self
    {
        return new self($text, $values);
    }

    public function in(UnitSystem $system): string
    {
        if ($this->values === []) {
            return $this->text;
        }
        $told = array_map(
            fn (Quantity|Phrase|string|int|array $value): string|int => self::told($value, $system),
            $this->values,
        );
        $said = MessageFormatter::formatMessage('en', $this->text, $told);

        return $said === false ? $this->text : $said;
    }

    /** @return array{text: string, values: object, plain: string} */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text, 'values' => (object) $this->values, 'plain' => $this->in(UnitSystem::Metric)];
    }

    /** @param Value $value */
    private static function told(Quantity|Phrase|string|int|array $value, UnitSystem $system): string|int
    {
        return match (true) {
            $value instanceof Quantity => $value->format($system),
            $value instanceof self => $value->in($system),
            is_array($value) => self::listed(array_map(fn (self|string $v): string => (string) self::told($v, $system), $value)),
            default => $value,
        };
    }

    /**
     * As ICU lists in English; the class for it came to PHP's intl with 8.5.
     *
     * @param list<string> $items
     */
    private static function listed(array $items): string
    {
        $last = array_pop($items);

        return $items === [] ? (string) $last : implode(', ', $items) . ' and ' . $last;
    }
}
