<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** How much a finish darkens from face to flop: 0 for a solid, about 10 to 17 for metallics. */
final class FlopIndex
{
    /**
     * Alman, D. H.: Directional color measurement of metallic flake finishes, ISCC Williamsburg conference (1987). Null
     * without 15, 45 and 110 degrees.
     */
    public static function of(Measurement $m): ?float
    {
        $face = $m->labs[15] ?? null;
        $between = $m->labs[45] ?? null;
        $flop = $m->labs[110] ?? null;
        if ($face === null || $between === null || $flop === null || $between->l <= 0.0) {
            return null;
        }

        return (2.69 * max(0.0, $face->l - $flop->l) ** 1.11) / $between->l ** 0.86;
    }
}
