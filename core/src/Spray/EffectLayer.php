<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Xyz;

/** The layer of a coat-dependent colour, as a let-down set showed it. Docs/model.md section 15. */
final readonly class EffectLayer
{
    /** Less light than this is none: nothing is scaled by it. */
    private const DARK = 0.01;

    /** A sticker is read square on, aspecular degrees. */
    private const FACE = 45;

    /** @param float $coats of the layer at full strength */
    public function __construct(public CoatPath $path, public float $coats) {}

    /**
     * Ground, end and absorption towards an angle, scaled so that the coats of the plan over their ground come out as the
     * colour that was judged: what a fit leaves would otherwise be sprayed as a difference.
     *
     * @param int $angle aspecular, degrees
     * @param Xyz $judged at the number of coats of the plan
     * @return array{Xyz, Xyz, Xyz}
     */
    public function towards(int $angle, Xyz $judged): array
    {
        $towards = $this->path->towards($angle);
        [$ground, $end, $absorbs] = $towards;
        $there = CoatPath::over($towards, $ground, $this->coats);
        $kx = $judged->x / max(self::DARK, $there->x);
        $ky = $judged->y / max(self::DARK, $there->y);
        $kz = $judged->z / max(self::DARK, $there->z);
        $scaled = fn (Xyz $v): Xyz => new Xyz($kx * $v->x, $ky * $v->y, $kz * $v->z);

        return [$scaled($ground), $scaled($end), $absorbs];
    }

    /** What so many coats leave of the contrast of a black and grey sticker below them, 0 to 1: light crosses them twice. */
    public function stickerShare(float $coats): float
    {
        return exp(-2.0 * $this->path->towards(self::FACE)[2]->y * $coats);
    }

    /**
     * Peak to peak of ln Y at 45 degrees where strokes lap and the layer is thicker and thinner in turns.
     *
     * @param float $coats of one coat, at full strength
     * @param float $ripple of its film, peak to peak over the mean
     */
    public function lapSwing(float $coats, float $ripple, Xyz $judged): float
    {
        [$ground, $end, $absorbs] = $this->towards(self::FACE, $judged);
        $through = ($ground->y - $end->y) * exp(-2.0 * $absorbs->y * $this->coats);

        return (2.0 * $absorbs->y * $coats * $ripple * abs($through)) / max(self::DARK, $judged->y);
    }
}
