<?php

declare(strict_types=1);

namespace App\Support;

/** Whether two decoded JSON values say the same: order of names and 60 against 60.0 make no difference. */
final class SameJson
{
    public static function is(mixed $a, mixed $b): bool
    {
        return self::plain($a) === self::plain($b);
    }

    private static function plain(mixed $value): mixed
    {
        if (is_array($value)) {
            $plain = array_map(self::plain(...), $value);
            if (! array_is_list($plain)) {
                ksort($plain);
            }

            return $plain;
        }

        return is_int($value) ? (float) $value : $value;
    }
}
