<?php

declare(strict_types=1);

namespace Kalopsis\Colour\Internal;

final class Middle
{
    /** @param list<float> $values at least one */
    public static function of(array $values): float
    {
        sort($values);
        $n = count($values);

        return $n % 2 === 1 ? $values[intdiv($n, 2)] : ($values[$n / 2 - 1] + $values[$n / 2]) / 2;
    }
}
