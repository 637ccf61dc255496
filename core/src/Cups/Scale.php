<?php

declare(strict_types=1);

namespace Kalopsis\Cups;

/** What a shop's scale can tell. Classes, least load and errors as OIML R 76-1 sets them for class III (from memory). */
final readonly class Scale
{
    /** Readabilities of mixing-room scales, g. Common practice. */
    public const READABILITIES_G = [0.01, 0.05, 0.1, 0.5, 1.0];

    /** Least load, in intervals. OIML R 76-1, table 3. */
    private const LEAST_INTERVALS = 20.0;

    /** A drop of toner, g: a twentieth of a millilitre or a little less. Common practice. */
    public const DROP_G = 0.03;

    public function __construct(public float $readabilityG = 0.1) {}

    /** Below this its reading is worth little, g. */
    public function leastG(): float
    {
        return self::LEAST_INTERVALS * $this->readabilityG;
    }

    /** Largest error it may have when new, g, with so much on it: half an interval to 500, one to 2000, then one and a half. */
    public function errorG(float $load): float
    {
        $intervals = $load / $this->readabilityG;

        return $this->readabilityG * ($intervals <= 500.0 ? 0.5 : ($intervals <= 2000.0 ? 1.0 : 1.5));
    }

    /** As it shows. */
    public function shown(float $grams): float
    {
        return round($grams / $this->readabilityG) * $this->readabilityG;
    }
}
