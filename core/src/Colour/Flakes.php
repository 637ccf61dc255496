<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

use JsonSerializable;

/** The flakes of a finish taken together: how they lie when all went well, and how large they are. */
final readonly class Flakes implements JsonSerializable
{
    /** Shares are kept to so many places, so that a file says what was computed with. */
    private const PLACES = 4;

    /**
     * @param float $spreadDeg standard deviation of their tilts, degrees
     * @param float $sizeUm across, um
     * @param array<string, float> $shares of the area, by grade
     */
    private function __construct(public float $spreadDeg, public float $sizeUm, private array $shares) {}

    public static function of(FlakeGrade $grade): self
    {
        return new self($grade->spreadDeg(), $grade->sizeUm(), [$grade->value => 1.0]);
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
        arsort($areas);
        $shares = array_map(fn (float $area): float => round($area / $all, self::PLACES), $areas);
        // The largest takes what rounding leaves, so that reading a file again changes nothing.
        $first = array_key_first($shares);
        $shares[$first] = round(1.0 - (array_sum($shares) - $shares[$first]), self::PLACES);
        $variance = $size = 0.0;
        foreach ($shares as $key => $share) {
            $grade = FlakeGrade::from($key);
            $variance += $share * $grade->spreadDeg() ** 2;
            $size += $share * $grade->sizeUm();
        }

        return new self(sqrt($variance), $size, $shares);
    }

    /** @return array<string, float> as mixed() takes it */
    public function jsonSerialize(): array
    {
        return $this->shares;
    }
}
