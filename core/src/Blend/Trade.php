<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Panel\Panel;
use Kalopsis\Panel\Repair;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;

/**
 * How long painters make a blend without computing anything: each coat 50 to 100 mm past the one before, easy dark
 * colours the least, light
 * silvers and golds the most. A second opinion beside the computed need, and the least that is planned without a
 * painter's own hand.
 */
final class Trade
{
    /** Whatever a model says, the last coat goes so far past the primer, mm. Common practice: 100 to 150 on an easy colour. */
    private const LEAST_MM = 100.0;

    /** A small gun at low pressure halves it on a tiny repair. Common practice. */
    private const SMALL_GUN = 0.5;

    /**
     * A stone chip takes half of what a filler takes, anything from a hand's width on all of it; radius mm. Chosen
     * within common practice.
     */
    private const CHIP_MM = 15.0;

    private const FILLER_MM = 60.0;

    private const CHIP = 0.5;

    /** Primer to last dust, mm; the coats of docs/model.md section 3 added up. Common practice. */
    public static function usualMm(FinishClass $finish): float
    {
        return match ($finish) {
            FinishClass::SolidDark => 125.0,
            FinishClass::SolidLight => 190.0,
            FinishClass::MetallicDark => 240.0,
            FinishClass::MetallicLight => 300.0,
            FinishClass::Pearl => 290.0,
        };
    }

    /**
     * What the largest of the repairs and the gun make of it.
     *
     * @param list<array{Repair, Panel}> $repairs
     */
    public static function share(array $repairs, GunChoice $gun): float
    {
        $most = self::CHIP;
        foreach ($repairs as [$repair, $panel]) {
            $most = max($most, $repair->isWholePanel() ? 1.0 : self::ofSize($repair->radiusMm($panel)));
        }

        return $most * ($gun === GunChoice::Small ? self::SMALL_GUN : 1.0);
    }

    public static function leastMm(float $share): float
    {
        return self::LEAST_MM * $share;
    }

    /** What a repair of this size takes, as a share of a filler's. */
    public static function ofSize(float $radiusMm): float
    {
        $into = ($radiusMm - self::CHIP_MM) / (self::FILLER_MM - self::CHIP_MM);

        return self::CHIP + (1.0 - self::CHIP) * max(0.0, min(1.0, $into));
    }
}
