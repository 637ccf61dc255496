<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/** The flakes of a finish taken together: how they lie when all went well, and how large they are. */
final readonly class Flakes
{
    /** @param float $spreadDeg standard deviation of their tilts, degrees. @param float $sizeUm across, um */
    private function __construct(public float $spreadDeg, public float $sizeUm) {}

    public static function of(FlakeGrade $grade): self
    {
        return new self($grade->spreadDeg(), $grade->sizeUm());
    }

    /**
     * Several grades in one finish: variances and sizes weighted by the area each of them shows.
     *
     * @param array<string, float> $areas by grade, any unit; null when there is none
     */
    public static function mixed(array $areas): ?self
    {
        $all = array_sum($areas);
        if ($all <= 0.0) {
            return null;
        }
        $variance = $size = 0.0;
        foreach ($areas as $grade => $area) {
            $grade = FlakeGrade::from($grade);
            $variance += ($area / $all) * $grade->spreadDeg() ** 2;
            $size += ($area / $all) * $grade->sizeUm();
        }

        return new self(sqrt($variance), $size);
    }
}
