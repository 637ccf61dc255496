<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;

/** What of a colour reaches the eye, as a difference from a standard: lightness as a logarithm, chroma and hue as in CIE 94. */
final readonly class Signal
{
    /**
     * White that the surface throws in, % of white: 5 % Fresnel times white surroundings. Chosen here, 2 to 8; a shop
     * calibrates it.
     */
    public const VEIL = 5.0;

    private float $logY;

    /** @var array{float, float, float} white, X Y Z */
    private array $white;

    private float $a;

    private float $b;

    private float $chroma;

    private float $sc;

    private float $sh;

    /** Luminance of the standard under a workshop's light, cd/m2. */
    public float $luminance;

    /** White in a bright workshop, about 1000 lx, cd/m2. Chosen here. */
    private const WHITE_CD = 300.0;

    /** What surrounds a panel, share of white. Chosen here. */
    private const SURROUND = 0.25;

    public function __construct(Xyz $standard, Viewing $viewing)
    {
        $white = $viewing->white();
        $this->white = [$white->x, $white->y, $white->z];
        $this->logY = log(max(0.0, $standard->y) + self::VEIL);
        $this->luminance = (self::WHITE_CD * (max(0.0, $standard->y) + self::VEIL)) / 100.0;
        [$this->a, $this->b] = $this->ab($standard);
        $this->chroma = hypot($this->a, $this->b);
        $this->sc = 1.0 + 0.045 * $this->chroma;
        $this->sh = 1.0 + 0.015 * $this->chroma;
    }

    /** Luminance of the surround over the standard's. */
    public function surround(): float
    {
        return (self::SURROUND * self::WHITE_CD) / $this->luminance;
    }

    /**
     * @return array{float, float, float} ln Y, chroma over its weight, hue over its weight, each less the standard's
     */
    public function of(Xyz $xyz): array
    {
        [$a, $b] = $this->ab($xyz);
        $dc = hypot($a, $b) - $this->chroma;
        $dh = sqrt(max(0.0, ($a - $this->a) ** 2 + ($b - $this->b) ** 2 - $dc * $dc));

        return [
            log(max(0.0, $xyz->y) + self::VEIL) - $this->logY,
            $dc / $this->sc,
            ($this->a * $b - $this->b * $a < 0.0 ? -$dh : $dh) / $this->sh,
        ];
    }

    /**
     * a* and b* under the veil. CIE 15 without the objects: every place of every blend that is tried comes through here. Under
     * the veil nothing is as dark as its straight piece, which ends below a hundredth of white.
     *
     * @return array{float, float}
     */
    private function ab(Xyz $v): array
    {
        $veil = self::VEIL / 100.0;
        $f = [];
        foreach ([$v->x / $this->white[0], $v->y / $this->white[1], $v->z / $this->white[2]] as $share) {
            $f[] = (($share + $veil) / (1.0 + $veil)) ** (1 / 3);
        }

        return [500.0 * ($f[0] - $f[1]), 200.0 * ($f[1] - $f[2])];
    }
}
