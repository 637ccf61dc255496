<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

/**
 * The numbers of the simulation that nobody has measured, as factors on their defaults, 1 = as they are; and what is
 * left out to see which part
 * of a plan is at fault.
 */
final readonly class Assumptions
{
    /**
     * Spread of the logarithm of each: what the flakes' tilt, the wetness they need and hiding may be off by. Chosen
     * here; calibration narrows it.
     */
    public const SPREAD = ['flakes' => 0.3, 'dryBelow' => 0.25, 'hiding' => 0.15];

    /** The same for what the eye takes. Chosen here. */
    public const EYE = 0.2;

    /**
     * @param bool $landsWell every flake lies as it should
     * @param bool $sameColour only how the flakes land is looked at: the colour is the car's
     * @param bool $matched the card is the car; coats that let light through still show where they end
     * @param bool $opaque no coat lets light through
     */
    public function __construct(
        public float $flakes = 1.0,
        public float $dryBelow = 1.0,
        public float $hiding = 1.0,
        public bool $landsWell = false,
        public bool $sameColour = false,
        public bool $matched = false,
        public bool $opaque = false,
    ) {}

    /** As it is. */
    public static function usual(): self
    {
        return new self();
    }

    /**
     * One spread further in each in turn.
     *
     * @return list<self>
     */
    public static function further(): array
    {
        return [
            new self(flakes: exp(self::SPREAD['flakes'])),
            new self(dryBelow: exp(self::SPREAD['dryBelow'])),
            new self(hiding: exp(self::SPREAD['hiding'])),
        ];
    }

    /** Only the difference of colour: every flake lies as it should. */
    public static function colourOnly(): self
    {
        return new self(landsWell: true, opaque: true);
    }

    /** Only how the flakes land: the colour is the car's. */
    public static function landingOnly(): self
    {
        return new self(sameColour: true);
    }

    /** Only what coats over a ground do where they end, with a card that matches. */
    public static function coatsOnly(): self
    {
        return new self(landsWell: true, matched: true);
    }
}
