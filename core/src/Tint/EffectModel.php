<?php

declare(strict_types=1);

namespace Kalopsis\Tint;

use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Geometry;
use Kalopsis\Film\FlakeOrder;

/**
 * Effect colours: a diffuse body (two-constant theory, flakes' rims included) and the light that flakes throw back,
 * filtered on its way in and out by
 * the toners around them. Own model, docs/model.md section 7.
 */
final readonly class EffectModel implements PaintModel
{
    /** Optical depth above a flake for absorption equal to the flakes' area. Chosen here. */
    private const DEPTH = 0.42;

    /** Scattering toners take the flakes' shine away; equal scattering and area halve it. Chosen here. */
    private const VEIL = 1.6;

    /** Degrees of tilt spread for as much adjuster as flakes, and the stray light that goes with it. Chosen here. */
    private const ADJUSTER_DEG = 6.0;

    private const ADJUSTER_STRAY = 0.05;

    /** Pearls throw the opposite colour into the body. Chosen here. */
    private const OPPOSITE = 0.1;

    /** Refractive index of clear and base. Common practice. */
    private const INDEX = 1.5;

    /** @var array<int, array{float, float}> tilt and path in and out through the film, by angle */
    private array $geometry;

    /** @param float $dryness how much drier the flakes landed than meant, -1 to 1 */
    public function __construct(
        private TonerLibrary $library,
        private Geometry $shape = Geometry::Five,
        private float $dryness = 0.0,
    ) {
        $by = [];
        $in = cos(asin(sin(deg2rad(45.0)) / self::INDEX));
        foreach ($shape->angles() as $angle) {
            $by[$angle] = [FlakeLobe::tilt($angle), 1.0 / $in + 1.0 / cos(asin(sin(deg2rad(45.0 - $angle)) / self::INDEX))];
        }
        $this->geometry = $by;
    }

    public function landing(float $dryness): PaintModel
    {
        return new self($this->library, $this->shape, $dryness);
    }

    public function angles(): array
    {
        return array_keys($this->geometry);
    }

    public function spectra(array $grams): array
    {
        $k = $s = $absorbing = $scattering = $opposite = array_fill(0, 31, 0.0);
        $area = $pearl = $adjuster = 0.0;
        $flakes = [];
        foreach ($grams as $key => $g) {
            $toner = $this->library->optics($key);
            $tk = $toner->k;
            $ts = $toner->s;
            for ($i = 0; $i < 31; $i++) {
                $k[$i] += $g * $tk[$i];
                $s[$i] += $g * $ts[$i];
            }
            if ($toner->kind->isFlake()) {
                $mine = $g * $toner->area;
                $area += $mine;
                $flakes[] = [$toner, $mine];
                if ($toner->kind === TonerKind::Pearl) {
                    $pearl += $mine;
                    foreach ($toner->tint as $i => $v) {
                        $opposite[$i] += $mine * (1.0 - $v);
                    }
                }
            } elseif ($toner->kind === TonerKind::FlopAdjuster) {
                $adjuster += $g;
            } else {
                for ($i = 0; $i < 31; $i++) {
                    $absorbing[$i] += $g * $tk[$i];
                    $scattering[$i] += $g * $ts[$i];
                }
            }
        }
        $loose = $area > 0.0 ? $adjuster / $area : 0.0;
        $body = $depth = $shine = [];
        for ($i = 0; $i < 31; $i++) {
            $ratio = $s[$i] > 0.0 ? $k[$i] / $s[$i] : 1e6;
            $r = 1.0 + $ratio - sqrt($ratio * $ratio + 2.0 * $ratio);
            $body[$i] = (0.384 * $r) / (1.0 - 0.6 * $r);
            $depth[$i] = $area > 0.0 ? (self::DEPTH * $absorbing[$i]) / ($area + $scattering[$i]) : 0.0;
            $shine[$i] = $area > 0.0 ? $area / ($area + self::VEIL * $scattering[$i]) : 0.0;
            if ($pearl > 0.0) {
                $body[$i] = max(0.0, $body[$i] + ((self::OPPOSITE * $opposite[$i]) / $area) * $shine[$i]);
            }
        }
        $out = [];
        foreach ($this->geometry as $angle => [$tilt, $path]) {
            $thrown = array_fill(0, 31, 0.0);
            foreach ($flakes as [$toner, $mine]) {
                $level = $toner->spreadDeg();
                $spread = ($level + self::ADJUSTER_DEG * $loose) * (1.0 + FlakeOrder::SPREAD * $this->dryness);
                $g =
                    ($mine / $area) *
                    $toner->strength *
                    (($level / $spread) ** 2 * exp((-$tilt * $tilt) / (2.0 * $spread * $spread)) +
                        self::ADJUSTER_STRAY * $loose +
                        FlakeLobe::STRAY * $this->dryness);
                foreach ($toner->tint as $i => $v) {
                    $thrown[$i] += $g * $v;
                }
            }
            $values = [];
            for ($i = 0; $i < 31; $i++) {
                $values[] = $body[$i] + $shine[$i] * exp(-$depth[$i] * $path) * $thrown[$i];
            }
            $out[$angle] = $values;
        }

        return $out;
    }
}
