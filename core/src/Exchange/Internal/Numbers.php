<?php

declare(strict_types=1);

namespace Kalopsis\Exchange\Internal;

final class Numbers
{
    /**
     * @param bool $mayHaveCommas whether a comma can be a decimal comma here
     * @param bool $commas set when one was
     */
    public static function read(string $text, bool $mayHaveCommas, bool &$commas): ?float
    {
        $text = trim(str_replace("\u{2212}", '-', $text));
        if ($mayHaveCommas && preg_match('~^-?\d+,\d+$~', $text) === 1) {
            $commas = true;
            $text = str_replace(',', '.', $text);
        }
        if (preg_match('~^[-+]?(\d+\.?\d*|\.\d+)([eE][-+]?\d{1,3})?$~', $text) !== 1) {
            return null;
        }
        $value = (float) $text;

        return is_finite($value) ? $value : null;
    }
}
