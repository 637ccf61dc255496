<?php

declare(strict_types=1);

namespace Kalopsis\Input;

use BackedEnum;
use Kalopsis\Units\Quantity;
use Kalopsis\Units\Unit;
use Kalopsis\Why\Phrase;

/**
 * Reads decoded JSON of unknown shape field by field. A fault is noted and a stand-in value returned, so that
 * reading goes on and finds the rest; nobody uses the stand-ins, because `Problems::stop` throws.
 */
final readonly class Fields
{
    /** @param array<array-key, mixed> $values */
    private function __construct(private array $values, private string $path, public Problems $problems) {}

    public static function of(mixed $values, Problems $problems, string $path = ''): self
    {
        if (! is_array($values) || (array_is_list($values) && $values !== [])) {
            $problems->add($path, 'not-an-object', 'This must be an object with named fields.');

            return new self([], $path, $problems);
        }

        return new self($values, $path, $problems);
    }

    public function path(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    /** What stands there, unread: for what has a reader of its own. */
    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** @return array<array-key, mixed> everything, unread */
    public function all(): array
    {
        return $this->values;
    }

    public function text(string $name, int $least, int $most, string $what): string
    {
        $value = $this->values[$name] ?? null;
        $value = is_string($value) && mb_check_encoding($value, 'UTF-8') ? trim($value) : null;
        if ($value === null || mb_strlen($value) < $least || mb_strlen($value) > $most) {
            $this->problems->add(
                $this->path($name),
                $value === null || $value === '' ? 'missing' : 'length',
                Phrase::of('{what} needs {least} to {most} characters.', [
                    'what' => $what,
                    'least' => $least,
                    'most' => $most,
                ]),
            );

            return '';
        }

        return $value;
    }

    /** A number in the unit of the field's name, within bounds that are told in the reader's unit. */
    public function number(string $name, float $least, float $most, Unit $unit, string $what): float
    {
        $value = $this->values[$name] ?? null;
        $number = is_int($value) || is_float($value) ? (float) $value : NAN;
        if (! ($number >= $least && $number <= $most)) {
            $this->problems->add(
                $this->path($name),
                is_nan($number) ? 'not-a-number' : 'out-of-range',
                Phrase::of('{what} must be between {least} and {most}.', [
                    'what' => $what,
                    'least' => Quantity::of($least, $unit),
                    'most' => Quantity::of($most, $unit),
                ]),
            );

            return $least;
        }

        return $number;
    }

    /** A plain number without a unit, within bounds. */
    public function plain(string $name, float $least, float $most, string $what): float
    {
        $value = $this->values[$name] ?? null;
        $number = is_int($value) || is_float($value) ? (float) $value : NAN;
        if (! ($number >= $least && $number <= $most)) {
            $this->problems->add(
                $this->path($name),
                is_nan($number) ? 'not-a-number' : 'out-of-range',
                "{$what} must be between {$least} and {$most}.",
            );

            return $least;
        }

        return $number;
    }

    /** Yes or no. */
    public function flag(string $name, string $what): bool
    {
        $value = $this->values[$name] ?? null;
        if (! is_bool($value)) {
            $this->problems->add($this->path($name), 'not-yes-or-no', "{$what}: say yes or no.");

            return false;
        }

        return $value;
    }

    public function whole(string $name, int $least, int $most, string $what): int
    {
        $value = $this->values[$name] ?? null;
        if (! is_int($value) || $value < $least || $value > $most) {
            $this->problems->add(
                $this->path($name),
                is_int($value) ? 'out-of-range' : 'not-a-number',
                "{$what} must be a whole number from {$least} to {$most}.",
            );

            return $least;
        }

        return $value;
    }

    /**
     * @template T of BackedEnum
     * @param class-string<T> $enum
     * @return T
     */
    public function choice(string $name, string $enum, string $what): BackedEnum
    {
        $value = $this->values[$name] ?? null;
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $known = implode(', ', array_map(fn (BackedEnum $c): string => (string) $c->value, $enum::cases()));
            $this->problems->add($this->path($name), 'unknown', "{$what} must be one of: {$known}.");

            return $enum::cases()[0];
        }

        return $case;
    }

    /**
     * An object as it was written, for a reader that comes later; nothing where it is left out.
     *
     * @return array<string, mixed>
     */
    public function plainValues(string $name): array
    {
        $value = $this->values[$name] ?? [];
        if (! is_array($value) || (array_is_list($value) && $value !== [])) {
            $this->problems->add($this->path($name), 'not-an-object', 'This must be an object with named fields.');

            return [];
        }

        /** @var array<string, mixed> $value */
        return $value;
    }

    public function object(string $name): self
    {
        return self::of($this->values[$name] ?? null, $this->problems, $this->path($name));
    }

    /** An object that may be left out. */
    public function maybe(string $name): self
    {
        return self::of($this->values[$name] ?? [], $this->problems, $this->path($name));
    }

    /** @return list<self> */
    public function objects(string $name, int $most): array
    {
        $out = [];
        foreach ($this->list($name, $most) as $i => $value) {
            $out[] = self::of($value, $this->problems, $this->path("{$name}.{$i}"));
        }

        return $out;
    }

    /**
     * Exactly so many finite numbers; fewer come back when it was something else.
     *
     * @return list<float>
     */
    public function numbers(string $name, int $count, string $what): array
    {
        $value = $this->values[$name] ?? null;
        $numbers = is_array($value) ? array_values(array_filter($value, self::isNumber(...))) : [];
        if (! is_array($value) || count($value) !== $count || count($numbers) !== $count) {
            $this->problems->add(
                $this->path($name),
                $value === null ? 'missing' : 'not-numbers',
                "{$what}: {$count} numbers are needed.",
            );

            return [];
        }

        return array_map(floatval(...), $numbers);
    }

    /**
     * Short texts, one of each.
     *
     * @return list<string>
     */
    public function texts(string $name, int $most, int $longest, string $what): array
    {
        $out = [];
        foreach ($this->list($name, $most) as $i => $value) {
            if (! is_string($value) || $value === '' || mb_strlen($value) > $longest) {
                $this->problems->add(
                    $this->path("{$name}.{$i}"),
                    'not-a-text',
                    "{$what} needs 1 to {$longest} characters.",
                );

                return [];
            }
            $out[$value] = $value;
        }

        return array_values($out);
    }

    public function isText(string $name, string $text): bool
    {
        return ($this->values[$name] ?? null) === $text;
    }

    /** @return list<array{float, float}> points in mm */
    public function points(string $name, int $most): array
    {
        $points = [];
        foreach ($this->list($name, $most) as $i => $value) {
            if (
                ! is_array($value) ||
                count($value) !== 2 ||
                ! self::isNumber($value[0] ?? null) ||
                ! self::isNumber($value[1] ?? null)
            ) {
                $this->problems->add(
                    $this->path("{$name}.{$i}"),
                    'not-a-point',
                    'A point is a pair of numbers, [x, y] in mm.',
                );

                return [];
            }
            $points[] = [(float) $value[0], (float) $value[1]];
        }

        return $points;
    }

    /** @phpstan-assert-if-true int|float $value */
    private static function isNumber(mixed $value): bool
    {
        return is_int($value) || (is_float($value) && is_finite($value));
    }

    /** @return list<mixed> */
    private function list(string $name, int $most): array
    {
        $value = $this->values[$name] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            $this->problems->add($this->path($name), 'not-a-list', 'This must be a list.');

            return [];
        }
        if (count($value) > $most) {
            $this->problems->add($this->path($name), 'too-many', "At most {$most} entries are taken here.");

            return [];
        }

        return $value;
    }
}
