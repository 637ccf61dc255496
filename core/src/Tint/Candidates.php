<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

/** Which toners are worth trying for a formula: its own, and those a painter would reach for. */
final class Candidates
{
    /** More than this is no longer searched in an eye-blink. */
    private const MOST = 15;

    /** For effect colours, in the order painters reach for them. Common practice. */
    private const EFFECT = [
        'alu-coarse',
        'alu-medium',
        'alu-fine',
        'flop-adjuster',
        'black',
        'blue-black',
        'white',
        'blue-green',
        'blue-red',
        'violet',
        'maroon',
        'oxide-yellow',
        'green',
        'scarlet',
        'magenta',
    ];

    /** @return list<string> */
    public static function of(Formula $formula, TonerLibrary $library): array
    {
        $effect = $formula->isEffect($library);
        $keys = array_keys($formula->grams);
        foreach ($effect ? self::EFFECT : array_keys($library->toners) as $key) {
            if (
                ! in_array($key, $keys, true) &&
                count($keys) < self::MOST &&
                ($effect || ! $library->toner($key)->kind->isForEffects())
            ) {
                $keys[] = $key;
            }
        }

        return $keys;
    }
}
