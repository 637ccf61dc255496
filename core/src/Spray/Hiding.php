<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\Xyz;
use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Scene;
use Kalopsis\Sight\Signal;

/**
 * Does the colour hide the primer? A verdict of its own, beside the fade's: the thinnest places of the film over the
 * real ground, against a
 * film that hides, as an edge feathered out in sanding. Docs/model.md section 11.
 */
final readonly class Hiding
{
    /** A hand leaves its thinnest places at this share of the mean film. Chosen here. */
    private const THINNEST = 0.8;

    /** Primer is feathered out over so much, mm. Chosen here. */
    private const FEATHER_MM = 20.0;

    private const ANGLES = [15, 45, 110];

    private const DISTANCES_M = [1.0, 2.0, 3.0];

    /** More coats than this nobody sprays of a colour that does not hide. Common practice. */
    private const MOST_COATS = 8.0;

    private function __construct(
        private Finish $finish,
        private Film $film,
        public float $pigmentedUm,
        private float $fullCoatUm,
        private float $groundUm,
    ) {}

    /**
     * @param float $pigmentedUm mean pigmented dry film inside the repair
     * @param float $fullCoatUm the same of one full coat
     * @param float $groundUm the same of the ground coats below an effect
     */
    public static function of(Finish $finish, float $pigmentedUm, float $fullCoatUm, float $groundUm = 0.0): self
    {
        return new self($finish, $finish->film(), $pigmentedUm, $fullCoatUm, $groundUm);
    }

    /** Visibility index of what shows through. @param ?int $shade of the primer, 1 to 7; null: as it is */
    public function index(?int $shade = null): float
    {
        return $this->through($this->pigmentedUm, $shade);
    }

    /** Full coats after which nothing of the primer is seen; null when eight are not enough. */
    public function coats(?int $shade = null): ?float
    {
        $at = fn (float $coats): float => $this->through($coats * $this->fullCoatUm, $shade);
        if ($this->fullCoatUm <= 0.0 || $at(self::MOST_COATS) > 1.0) {
            return null;
        }
        [$low, $high] = [0.0, self::MOST_COATS];
        for ($i = 0; $i < 12; $i++) {
            $middle = ($low + $high) / 2.0;
            if ($at($middle) > 1.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** The primer that wants the fewest coats, 1 to 7. */
    public function bestShade(): int
    {
        $best = [INF, 4];
        foreach (range(1, 7) as $shade) {
            $index = $this->index($shade);
            $best = $index < $best[0] ? [$index, $shade] : $best;
        }

        return $best[1];
    }

    private function through(float $um, ?int $shade): float
    {
        $signals = $standards = [];
        $effect = $this->finish->class->isEffect();
        $primer = $this->finish->primer($shade);
        $grounded = $this->groundUm > 0.0 ? $this->finish->groundFilm()->lets(self::THINNEST * $this->groundUm) : null;
        $left = $effect ? $this->film->through(self::THINNEST * $um) : null;
        foreach ($this->finish->angles() as $angle) {
            if (! in_array($angle, self::ANGLES, true)) {
                continue;
            }
            $full = $this->finish->new[$angle]->xyz();
            // What the ground coats lay is a right ground for this colour: a ground that is the full colour changes nothing.
            $ground =
                $grounded === null
                    ? $primer
                    : new Xyz(
                        $full->x + $grounded[0] * ($primer->x - $full->x),
                        $full->y + $grounded[1] * ($primer->y - $full->y),
                        $full->z + $grounded[2] * ($primer->z - $full->z),
                    );
            $there =
                $left === null
                    ? $this->film->coloured($full)->over($ground, self::THINNEST * $um)
                    : new Xyz(
                        $full->x + $left[0] * ($ground->x - $full->x),
                        $full->y + $left[1] * ($ground->y - $full->y),
                        $full->z + $left[2] * ($ground->z - $full->z),
                    );
            $standards[$angle] = new Signal($full, $this->finish->viewing());
            [$l, $c, $h] = $standards[$angle]->of($there);
            $signals[$angle] = [[$l, 0.0], [$c, 0.0], [$h, 0.0]];
        }

        if ($signals === []) {
            return 0.0;
        }
        $scene = new Scene(0.0, self::FEATHER_MM, $signals, $standards, [], $this->finish->pigment->eye->factor);

        return Eye::look($scene, self::DISTANCES_M)->worst;
    }
}
