<?php

declare(strict_types=1);

namespace Kalopsis\Colour;

/**
 * What flakes lying at a spread of tilts throw towards each angle. Own model, docs/model.md section 8: geometry after
 * Snell, a normal
 * spread of tilts, light at 45 degrees under a clear of refractive index 1.5.
 */
final readonly class FlakeLobe
{
    private const INDEX = 1.5;

    /** Stray light of flakes that stand on end, as a share of the lobe's height. Chosen here. */
    public const STRAY = 0.006;

    /** A film that swims dims the lobe by this share. Chosen here. */
    private const SWIM = 0.15;

    /**
     * @param float $levelDeg spread of the tilts where everything went well, degrees
     * @param float $spreadDeg as they came to lie, standard deviation of the tilts, degrees
     * @param float $dryness 0 to 1
     * @param float $tooWet 0 to 1
     */
    public function __construct(
        public float $levelDeg,
        public float $spreadDeg,
        public float $dryness = 0.0,
        public float $tooWet = 0.0,
    ) {}

    public static function level(Flakes $flakes): self
    {
        return new self($flakes->spreadDeg, $flakes->spreadDeg);
    }

    /** Tilt of the flakes that shine towards an aspecular angle, degrees. */
    public static function tilt(int $angle): float
    {
        /** @var array<int, float> $known four trigonometric functions, asked for thousands of times */
        static $known = [];

        return $known[$angle] ??=
            rad2deg(asin(sin(deg2rad(45.0)) / self::INDEX) - asin(sin(deg2rad(45.0 - $angle)) / self::INDEX)) / 2.0;
    }

    /** Weight of the flake's colour at an aspecular angle: 1 at the top of a level lobe. */
    public function at(int $angle): float
    {
        return self::weight(self::tilt($angle), $this->levelDeg, $this->spreadDeg, $this->dryness, $this->tooWet);
    }

    /** The same without an object: every coat at every place of every blend that is tried comes through here. */
    public static function weight(
        float $tiltDeg,
        float $levelDeg,
        float $spreadDeg,
        float $dryness,
        float $tooWet,
    ): float {
        $variance = $spreadDeg * $spreadDeg;

        return (1.0 - self::SWIM * $tooWet) *
            ($levelDeg * $levelDeg / $variance) *
            exp(-($tiltDeg * $tiltDeg) / (2.0 * $variance)) +
            self::STRAY * $dryness;
    }
}
