<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Sequence\FinishClass;

/** What a paint brings along, however it is sprayed: the flakes in it and the film that hides. */
final readonly class Pigment
{
    /**
     * Dry films that can be typed as hiding, um. Common practice: the strongest blacks hide below 8, the weakest
     * yellows not before 60.
     */
    public const HIDING_UM = [5.0, 80.0];

    private function __construct(public Flakes $flakes, public float $hidingUm) {}

    /**
     * @param ?Flakes $flakes as its formula says; null: those of its class
     * @param ?float $hidingUm pigmented dry film that hides, um, as its data sheet or a card says; null: its class's
     */
    public static function of(FinishClass $class, ?Flakes $flakes = null, ?float $hidingUm = null): self
    {
        $grade = $class === FinishClass::Pearl ? FlakeGrade::Pearl : FlakeGrade::Medium;

        return new self($flakes ?? Flakes::of($grade), $hidingUm ?? self::h98($class));
    }

    /**
     * Pigmented dry film that hides (contrast ratio 0.98, ASTM D2805), um. Common practice: opaque 12 to 13, medium 20,
     * weak 25 to 30.
     */
    public static function h98(FinishClass $class): float
    {
        return match ($class) {
            FinishClass::SolidDark => 12.0,
            FinishClass::MetallicLight => 13.0,
            FinishClass::MetallicDark => 20.0,
            FinishClass::Pearl => 26.0,
            FinishClass::SolidLight => 28.0,
        };
    }
}
