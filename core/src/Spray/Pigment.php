<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Why\Reason;

/**
 * What a paint brings along, however it is sprayed: the flakes in it and the film that hides; and how well this workshop
 * knows what the model takes of both, and of the eye that looks at them.
 */
final readonly class Pigment
{
    /**
     * Dry films that can be typed as hiding, um. Common practice: the strongest blacks hide below 8, the weakest
     * yellows not before 60.
     */
    public const HIDING_UM = [5.0, 80.0];

    private function __construct(
        public Flakes $flakes,
        public float $hidingUm,
        public Known $hiding,
        public Known $tilt,
        public Known $dryBelow,
        public Known $eye,
    ) {}

    /**
     * @param ?Flakes $flakes as its formula says; null: those of its class
     * @param ?float $hidingUm pigmented dry film that hides, um, as its data sheet or a painter says; null: its class's
     *        as this workshop's tests correct it
     * @param string $colour as Calibration::colour() says
     */
    public static function of(
        FinishClass $class,
        ?Flakes $flakes = null,
        ?float $hidingUm = null,
        Calibration $shop = new Calibration(),
        string $colour = '',
    ): self {
        $grade = $class === FinishClass::Pearl ? FlakeGrade::Pearl : FlakeGrade::Medium;
        $hiding = $hidingUm === null ? $shop->about(Constant::Hiding, $colour) : Known::untested(Constant::Hiding);

        return new self(
            $flakes ?? Flakes::of($grade),
            $hidingUm ?? self::h98($class) * $hiding->factor,
            $hiding,
            $shop->about(Constant::Flakes),
            $shop->about(Constant::DryBelow),
            $shop->about(Constant::Eye),
        );
    }

    /** Has this workshop tested all that decides how long its blend has to be? */
    public function isTested(FinishClass $class): bool
    {
        return $this->hiding->isTested() && $this->eye->isTested() && (! $class->isEffect() || $this->tilt->isTested());
    }

    /**
     * The chain behind what was taken of this paint, of what was tested.
     *
     * @return list<Reason>
     */
    public function reasons(): array
    {
        $out = [];
        foreach ([
            [Constant::Hiding, $this->hiding],
            [Constant::Flakes, $this->tilt],
            [Constant::DryBelow, $this->dryBelow],
            [Constant::Eye, $this->eye],
        ] as [$constant, $known]) {
            if ($known->isTested()) {
                $out[] = $known->reason($constant);
            }
        }

        return $out;
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
