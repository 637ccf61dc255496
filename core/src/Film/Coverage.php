<?php

declare(strict_types=1);

namespace Kalopsis\Film;

use DomainException;

/**
 * How much ready-to-spray paint a film takes. One litre of solids covers 1000 m2 at 1 um by the definition of
 * the litre (and one US gallon covers 1604 ft2 at 1 mil, the figure in paint handbooks), so
 * litres = area x dry film / (1000 x volume solids x transfer efficiency).
 */
final class Coverage
{
    /**
     * @param float $areaM2 m2, >= 0
     * @param float $dryFilmUm um, >= 0
     * @param float $volumeSolids as sprayed, (0, 1]
     * @param float $transferEfficiency (0, 1]
     * @return float ml
     * @throws DomainException when solids or transfer are not in range
     */
    public static function millilitres(float $areaM2, float $dryFilmUm, float $volumeSolids, float $transferEfficiency): float
    {
        if (! ($volumeSolids > 0.0 && $volumeSolids <= 1.0)) {
            throw new DomainException('Volume solids must be above 0 and at most 1.');
        }
        if (! ($transferEfficiency > 0.0 && $transferEfficiency <= 1.0)) {
            throw new DomainException('Transfer efficiency must be above 0 and at most 1.');
        }
        if (! ($areaM2 >= 0.0 && $dryFilmUm >= 0.0)) {
            throw new DomainException('Area and film cannot be negative.');
        }

        // m2 x um = ml
        return $areaM2 * $dryFilmUm / ($volumeSolids * $transferEfficiency);
    }
}
