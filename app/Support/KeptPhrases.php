<?php

declare(strict_types=1);

namespace App\Support;

/** Phrases that lay in the database: without values they come back with an empty list where an object belongs. */
final class KeptPhrases
{
    public static function objects(mixed $kept): mixed
    {
        if (! is_array($kept)) {
            return $kept;
        }
        $out = array_map(self::objects(...), $kept);
        if (is_string($kept['text'] ?? null) && is_array($kept['values'] ?? null)) {
            $out['values'] = (object) $out['values'];
        }

        return $out;
    }
}
