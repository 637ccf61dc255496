<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Geometry;

/**
 * A part painted off the car, held otherwise than it sits there: the wet film creeps downhill and leans its flakes, and back on
 * the car they lean the wrong way. Own model, docs/model.md section 15; how far they lean is invented.
 */
final readonly class Hung
{
    /** Degrees the flakes lean for each degree a part is held otherwise. Chosen here. */
    private const LEAN = 0.012;

    /** @param array<int, float> $differences CIEDE2000 by angle, degrees aspecular */
    private function __construct(public array $differences) {}

    /** @param float $degrees held otherwise than on the car, -180 to 180 */
    public static function of(Finish $finish, float $degrees): self
    {
        $spread = $finish->pigment->flakes->spreadDeg;
        $viewing = $finish->viewing();
        $out = [];
        foreach ($finish->class->isEffect() ? Geometry::Five->angles() : [] as $angle) {
            $well = $finish->newAt($angle);
            $tilt = FlakeLobe::tilt($angle);
            $change =
                FlakeLobe::weight($tilt - self::LEAN * $degrees, $spread, $spread, 0.0, 0.0) -
                FlakeLobe::weight($tilt, $spread, $spread, 0.0, 0.0);
            $leaning = $well->plus($finish->fit->flake, $change);
            $out[$angle] = Ciede2000::between($well->lab($viewing), $leaning->lab($viewing));
        }

        return new self($out);
    }

    /**
     * The angle where it is seen most, degrees aspecular, and by how much; null on a solid.
     *
     * @return ?array{int, float}
     */
    public function worst(): ?array
    {
        $worst = null;
        foreach ($this->differences as $angle => $difference) {
            $worst = $worst === null || $difference > $worst[1] ? [$angle, $difference] : $worst;
        }

        return $worst;
    }
}
