<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use Kalopsis\Input\Fields;
use Kalopsis\Units\Unit;

/** Around which temperature a system's grades of reducer hand over to the next slower one. */
final readonly class ReducerWindows
{
    /** Shops spray between these, deg C. Common practice. */
    private const CELSIUS = [5.0, 45.0];

    /** @param array<string, float> $upToC deg C by grade, as its sheet says; the rest is common practice */
    public function __construct(private array $upToC = []) {}

    /** Null for the slowest: nothing takes over from it. deg C. */
    public function upToC(ReducerGrade $grade): ?float
    {
        return $grade->upToC() === null ? null : $this->upToC[$grade->value] ?? $grade->upToC();
    }

    /** Did a sheet say any of it? */
    public function said(): bool
    {
        return $this->upToC !== [];
    }

    /** Reads {"fast": 16, "standard": 24, "slow": 32}; what is left out stays common practice. */
    public static function read(Fields $fields): self
    {
        $said = [];
        $last = null;
        foreach (ReducerGrade::cases() as $grade) {
            if ($grade->upToC() === null) {
                continue;
            }
            if ($fields->has($grade->value)) {
                $what = ucfirst($grade->words()) . ' reducer';
                $said[$grade->value] = $fields->number($grade->value, ...[...self::CELSIUS, Unit::Celsius, $what]);
            }
            $here = $said[$grade->value] ?? $grade->upToC();
            if ($last !== null && $here <= $last) {
                $fields->problems->add(
                    $fields->path($grade->value),
                    'order',
                    'A slower grade hands over at a higher temperature than the one before it.',
                );
            }
            $last = $here;
        }

        return new self($said);
    }
}
