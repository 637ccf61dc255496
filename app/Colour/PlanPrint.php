<?php

declare(strict_types=1);

namespace App\Colour;

/** Two plans with the same print spray the same colour in the same way on the same places: a card that passed for one passed for the other. */
final class PlanPrint
{
    private const PARTS = ['colour', 'paintSystem', 'booth', 'repairs', 'plan'];

    /** @param array<string, mixed> $document */
    public static function of(array $document): string
    {
        return hash('sha256', (string) json_encode(self::sorted(array_intersect_key($document, array_flip(self::PARTS)))));
    }

    private static function sorted(mixed $value): mixed
    {
        if (is_array($value)) {
            $value = array_map(self::sorted(...), $value);
            if (! array_is_list($value)) {
                ksort($value);
            }

            return $value;
        }

        return is_int($value) ? (float) $value : $value;
    }
}
