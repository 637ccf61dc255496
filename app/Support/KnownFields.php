<?php

declare(strict_types=1);

namespace App\Support;

use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Why\Phrase;

/**
 * Refuses what a document has beside what its published schema names: it would be kept, read by nobody, and come back. What
 * the fields hold is checked by the core.
 */
final class KnownFields
{
    /** Further down than any document goes. */
    private const DEEPEST = 16;

    private const MOST_PROBLEMS = 20;

    /** @var list<Problem> */
    private array $found = [];

    /** @param array<mixed> $parts what the schemas refer to, by name */
    private function __construct(private readonly array $parts) {}

    /**
     * @param array<array-key, mixed> $document
     * @throws InvalidInput at each field that nobody knows
     */
    public static function ofJob(array $document): void
    {
        $job = self::schema('job');
        // A step of a plan is a step of a school.
        $self = new self([...self::part(self::schema('school'), '$defs'), ...self::part($job, '$defs')]);
        $self->walk($document, [$job], '', 0);
        if ($self->found !== []) {
            throw new InvalidInput($self->found);
        }
    }

    /**
     * @param array<array-key, mixed> $body
     * @param list<string> $known its fields; what they hold is not looked at
     * @throws InvalidInput at each field that nobody knows
     */
    public static function among(array $body, array $known): void
    {
        $self = new self([]);
        foreach (array_keys(array_diff_key($body, array_flip($known))) as $name) {
            $self->stranger((string) $name);
        }
        if ($self->found !== []) {
            throw new InvalidInput($self->found);
        }
    }

    /**
     * @param array<array-key, mixed> $value
     * @param list<array<mixed>> $schemas any of which may be meant
     */
    private function walk(array $value, array $schemas, string $path, int $depth): void
    {
        $schemas = $this->spreadOut($schemas, $depth);
        $names = $others = $items = [];
        $isOpen = false;
        foreach ($schemas as $schema) {
            foreach (self::part($schema, 'properties') as $name => $inner) {
                $names[$name][] = is_array($inner) ? $inner : [];
            }
            $more = $schema['additionalProperties'] ?? null;
            is_array($more) ? ($others[] = $more) : ($isOpen = $isOpen || $more === true);
            if (isset($schema['items'])) {
                $items[] = self::part($schema, 'items');
            }
        }
        // Nothing is said of its inside: the core reads it whole.
        if ($depth > self::DEEPEST || ($names === [] && $others === [] && $items === []) || $isOpen) {
            return;
        }
        foreach ($value as $name => $inner) {
            $at = $path === '' ? (string) $name : "{$path}.{$name}";
            $known = is_int($name) && $items !== [] ? $items : $names[$name] ?? $others;
            if ($known === []) {
                $this->stranger($at);
            } elseif (is_array($inner)) {
                $this->walk($inner, $known, $at, $depth + 1);
            }
        }
    }

    /**
     * References followed, alternatives side by side.
     *
     * @param list<array<mixed>> $schemas
     * @return list<array<mixed>>
     */
    private function spreadOut(array $schemas, int $depth): array
    {
        $out = [];
        foreach ($schemas as $schema) {
            $inner = [];
            if (is_string($schema['$ref'] ?? null)) {
                $inner[] = self::part($this->parts, basename($schema['$ref']));
            }
            foreach (['oneOf', 'anyOf', 'allOf'] as $way) {
                foreach (self::part($schema, $way) as $other) {
                    $inner[] = is_array($other) ? $other : [];
                }
            }
            $out = [...$out, $schema, ...($inner === [] || $depth > self::DEEPEST ? [] : $this->spreadOut($inner, $depth + 1))];
        }

        return $out;
    }

    /** @return array<mixed> */
    private static function schema(string $of): array
    {
        /** @var array<string, array<mixed>> $read */
        static $read = [];

        return $read[$of] ??= (array) json_decode((string) file_get_contents(base_path("docs/formats/{$of}.schema.json")), true);
    }

    private function stranger(string $at): void
    {
        if (count($this->found) < self::MOST_PROBLEMS) {
            $this->found[] = new Problem($at, 'unknown', Phrase::of('Nobody knows this field. Take it out.'));
        }
    }

    /**
     * @param array<mixed> $of
     * @return array<mixed>
     */
    private static function part(array $of, string $name): array
    {
        return is_array($of[$name] ?? null) ? $of[$name] : [];
    }
}
