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
     * One spread further in each in turn, as well as a workshop knows them.
     *
     * @return list<self>
     */
    public static function further(Pigment $pigment): array
    {
        return [
            new self(flakes: exp($pigment->tilt->spread)),
            new self(dryBelow: exp($pigment->dryBelow->spread)),
            new self(hiding: exp($pigment->hiding->spread)),
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
