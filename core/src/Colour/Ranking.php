<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use Kalopsis\Colour\Exception\CannotCompare;

/** Variants held against the car, nearest first, with the reason for each place in words. */
final class Ranking
{
    /** Further off than this the variant is another colour, root mean square of CIEDE2000. Chosen here. */
    public const CLEARLY_OFF = 5.0;

    /**
     * @param array<string, Measurement> $variants by id
     * @return list<Ranked> nearest first; those that cannot be compared are left out
     */
    public static function against(Measurement $car, array $variants): array
    {
        $out = [];
        foreach ($variants as $id => $variant) {
            try {
                $comparison = Comparison::of($car, $variant);
            } catch (CannotCompare) {
                continue;
            }
            $out[] = new Ranked($id, $comparison, $comparison->overall());
        }
        usort($out, fn (Ranked $a, Ranked $b): int => [$a->overall, $a->id] <=> [$b->overall, $b->id]);

        return $out;
    }
}
