<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;

/**
 * How a film of a finish hides what lies below it. Solids: a film over a ground after Kubelka, J. Opt. Soc. Am. 38
 * (1948), for each of X, Y and
 * Z. Effect finishes: flakes that cover by chance, with the body's film between them. Scattering follows from the
 * film that hides to contrast
 * ratio 0.98 (ASTM D2805). Own model of published parts, docs/model.md section 11.
 */
final readonly class Film
{
    /** Reflectance of the white over which hiding is defined, ASTM D2805; the contrast ratio that counts as hidden. */
    private const WHITE = 0.8;

    private const RATIO = 0.98;

    /** A film neither swallows all light nor none. */
    private const HELD = [0.002, 0.97];

    /** The body between flakes hides so many times worse than the whole. Chosen here. */
    private const BODY = 5.0;

    /**
     * @param array{float, float, float} $body X, Y and Z of an endless film as shares of white
     * @param array{float, float, float} $a Kubelka's a for X, Y, Z
     * @param array{float, float, float} $b
     * @param ?float $coverUm film whose flakes leave 1/e uncovered, um; null for solids
     */
    private function __construct(
        private array $body,
        private array $a,
        private array $b,
        private float $scatter,
        private ?float $coverUm,
        private Xyz $white,
    ) {}

    /**
     * @param Xyz $body the finish without its flakes; for a solid the finish itself
     * @param float $faceY Y of the whole at 45 degrees, % of white
     * @param float $h98Um pigmented dry film that hides, um
     */
    public static function of(Xyz $body, bool $effect, float $faceY, float $h98Um, Viewing $viewing): self
    {
        $white = $viewing->white();
        $shares = self::shares($body, $white);
        [$a, $b] = self::constants($shares);
        [$ay, $by] = [$a[1], $b[1]];
        $s = self::scattering($ay, $by, $effect ? self::BODY * $h98Um : $h98Um);
        if (! $effect) {
            return new self($shares, $a, $b, $s, null, $white);
        }
        // At the film that hides, the share of ground left must give the contrast ratio it is named after.
        $face = max(0.0, $faceY) / 100.0;
        $left = ((1.0 - self::RATIO) * $face) / (self::RATIO * self::WHITE + (1.0 - self::RATIO) * $face);
        $between = self::between($ay, $by, $s, $h98Um);

        return new self($shares, $a, $b, $s, $h98Um / log(max(1.0 + 1e-6, $between / $left)), $white);
    }

    /** The same paint where an angle shows it in another colour. */
    public function coloured(Xyz $body): self
    {
        $shares = self::shares($body, $this->white);

        return new self($shares, ...[...self::constants($shares), $this->scatter, $this->coverUm, $this->white]);
    }

    public function scatterPerUm(): float
    {
        return $this->scatter;
    }

    /** um; null for solids. */
    public function coverUm(): ?float
    {
        return $this->coverUm;
    }

    /**
     * Share of the ground that is still seen through a film of an effect finish, for X, Y and Z.
     *
     * @return array{float, float, float}
     */
    public function through(float $um): array
    {
        if ($um <= 0.0) {
            return [1.0, 1.0, 1.0];
        }
        $uncovered = exp(-$um / ($this->coverUm ?? 1.0));
        $between = $this->lets($um);

        return [$uncovered * $between[0], $uncovered * $between[1], $uncovered * $between[2]];
    }

    /**
     * A film of a solid over a ground. What shines like no solid does (a metallic called a solid) is mixed by what the
     * film lets through: Kubelka's film knows no reflectance above 1.
     */
    public function over(Xyz $ground, float $um): Xyz
    {
        $w = $this->white;
        $out = [];
        foreach (self::shares($ground, $w) as $c => $g) {
            if (max($g, $this->body[$c]) > self::HELD[1]) {
                $through = self::between($this->a[$c], $this->b[$c], $this->scatter, $um);
                $out[] = $this->body[$c] + $through * ($g - $this->body[$c]);

                continue;
            }
            $out[] = self::reflectance($this->a[$c], $this->b[$c], $this->scatter * $um, $g);
        }

        return new Xyz($out[0] * $w->x, $out[1] * $w->y, $out[2] * $w->z);
    }

    /**
     * What difference of the ground a film of a solid lets through, for X, Y and Z.
     *
     * @return array{float, float, float}
     */
    public function lets(float $um): array
    {
        return [
            self::between($this->a[0], $this->b[0], $this->scatter, $um),
            self::between($this->a[1], $this->b[1], $this->scatter, $um),
            self::between($this->a[2], $this->b[2], $this->scatter, $um),
        ];
    }

    /**
     * Kubelka's a and b of an endless film of this colour.
     *
     * @param array{float, float, float} $shares
     * @return array{array{float, float, float}, array{float, float, float}}
     */
    private static function constants(array $shares): array
    {
        $a = $b = [];
        foreach ($shares as $share) {
            $endless = max(self::HELD[0], min(self::HELD[1], $share));
            $a[] = (1.0 / $endless + $endless) / 2.0;
            $b[] = (1.0 / $endless - $endless) / 2.0;
        }

        return [$a, $b];
    }

    /** @return array{float, float, float} */
    private static function shares(Xyz $of, Xyz $white): array
    {
        return [$of->x / $white->x, $of->y / $white->y, $of->z / $white->z];
    }

    /** Kubelka 1948: R = (1 - Rg (a - b coth bSh)) / (a - Rg + b coth bSh). */
    private static function reflectance(float $a, float $b, float $sh, float $ground): float
    {
        $arg = $b * $sh;
        if ($arg < 1e-9) {
            return $ground;
        }
        $coth = $b / tanh($arg);

        return (1.0 - $ground * ($a - $coth)) / ($a - $ground + $coth);
    }

    /** What difference of the ground, white to black, is left above a film. */
    private static function between(float $a, float $b, float $s, float $um): float
    {
        $arg = $b * $s * $um;
        if ($arg < 1e-9) {
            return 1.0;
        }
        // reflectance() over white less over black, their hyperbola computed once.
        $coth = $b / tanh($arg);

        return ((1.0 - self::WHITE * ($a - $coth)) / ($a - self::WHITE + $coth) - 1.0 / ($a + $coth)) / self::WHITE;
    }

    /** Scattering per um at which a film of `$um` hides; halving, the ratio rises with the scattering. */
    private static function scattering(float $a, float $b, float $um): float
    {
        $low = 1e-7;
        $high = 100.0;
        for ($i = 0; $i < 60; $i++) {
            $s = sqrt($low * $high);
            $black = self::reflectance($a, $b, $s * $um, 0.0);
            $white = self::reflectance($a, $b, $s * $um, self::WHITE);
            if ($black / $white < self::RATIO) {
                $low = $s;
            } else {
                $high = $s;
            }
        }

        return sqrt($low * $high);
    }
}
