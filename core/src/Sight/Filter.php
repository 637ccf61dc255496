<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

use Kalopsis\Sight\Internal\Gaussians;

/**
 * How the eye answers a change along a line: the change's spectrum times the eye's sensitivity (Campbell, Carpenter
 * and Levinson 1969). Steps
 * and corners are exact; nothing is sampled. Distances in degrees of visual angle.
 */
final class Filter
{
    /** Where the fit of the lightness filter is most exact: cd/m2 and square degrees. */
    private const REFERENCE = [100.0, 100.0];

    /**
     * Zhang and Wandell 1996, mean of the red-green and blue-yellow kernels, normalised: weight and standard deviation
     * in degrees. From memory.
     */
    private const NARROW = [[0.593, 0.0328], [0.407, 0.306]];

    /** A surround that ends what slow ramps add; starts where published low-pass curves stop. Chosen here. */
    private const WIDE = [-1.0, 2.0];

    /** Per CIE 94 unit in an endless field. Chosen here. */
    private const COLOUR_GAIN = 12.0;

    private const REMEMBERED = 2000;

    /** Tables each filter keeps: a blend is looked at seven times while what may be off is tried. */
    private const TABLES = 24;

    /** @var array<string, list<float>> */
    private array $tables = [];

    /** z erf(z) + exp(-z^2)/sqrt(pi), a hundred to one; beyond the end it is |z|. */
    private const FINE = 200.0;

    private const END = 4.0;

    /** @param list<array{float, float}> $terms weight and width in degrees */
    private function __construct(private readonly array $terms) {}

    /**
     * @param float $luminance cd/m2
     * @param float $fieldDeg2 square degrees
     * @param float $surround its luminance over the object's
     */
    public static function lightness(float $luminance, float $fieldDeg2, float $surround = 1.0): self
    {
        /** @var ?list<float> $reference */
        static $reference = null;
        /** @var array<string, self> $known the same few are asked for again and again while a blend is drawn out */
        static $known = [];
        $key = "{$luminance} {$fieldDeg2} {$surround}";
        if (isset($known[$key])) {
            return $known[$key];
        }
        if (count($known) > self::REMEMBERED) {
            $known = [];
        }
        $reference ??= array_map(fn (float $u): float => Barten::sensitivity($u, ...self::REFERENCE), Gaussians::nodes());
        $at = array_map(
            fn (float $u): float => Barten::sensitivity($u, $luminance, $fieldDeg2, $surround),
            Gaussians::nodes(),
        );

        return $known[$key] = new self(Gaussians::fit($at, $reference));
    }

    public static function colour(float $fieldDeg2): self
    {
        /** @var array<string, self> $known */
        static $known = [];
        $key = (string) $fieldDeg2;
        if (isset($known[$key])) {
            return $known[$key];
        }
        if (count($known) > self::REMEMBERED) {
            $known = [];
        }
        $gain = self::COLOUR_GAIN / sqrt(1.0 + 144.0 / $fieldDeg2);

        return $known[$key] = new self(
            array_map(fn (array $t): array => [$gain * $t[0], $t[1]], [...self::NARROW, self::WIDE]),
        );
    }

    /** Answer to a step of 1, `$u` degrees past it. */
    public function step(float $u): float
    {
        $sum = 0.0;
        foreach ($this->terms as [$q, $s]) {
            $sum += ($q / 2.0) * self::erf($u / ($s * M_SQRT2));
        }

        return $sum;
    }

    /** Answer to a corner: a slope that begins to be 1 a degree, `$u` degrees past it. The integral of the step's. */
    public function corner(float $u): float
    {
        $table = self::table();
        $sum = 0.0;
        foreach ($this->terms as [$q, $s]) {
            $a = $s * M_SQRT2;
            $z = abs($u) / $a;
            if ($z < self::END) {
                $at = $z * self::FINE;
                $i = (int) $at;
                $z = $table[$i] + ($at - $i) * ($table[$i + 1] - $table[$i]);
            }
            $sum += ($q / 2.0) * $a * $z;
        }

        return $sum;
    }

    /**
     * corner() at 0, 1, 2 ... `$count` spacings.
     *
     * @return list<float>
     */
    public function corners(float $spacing, int $count): array
    {
        $key = "{$spacing} {$count}";
        if (isset($this->tables[$key])) {
            return $this->tables[$key];
        }
        if (count($this->tables) >= self::TABLES) {
            $this->tables = [];
        }
        $table = self::table();
        $out = array_fill(0, $count + 1, 0.0);
        foreach ($this->terms as [$q, $s]) {
            $a = $s * M_SQRT2;
            $gain = ($q / 2.0) * $a;
            $each = $spacing / $a;
            for ($k = 0; $k <= $count; $k++) {
                $z = $k * $each;
                if ($z < self::END) {
                    $at = $z * self::FINE;
                    $i = (int) $at;
                    $z = $table[$i] + ($at - $i) * ($table[$i + 1] - $table[$i]);
                }
                $out[$k] += $gain * $z;
            }
        }

        return $this->tables[$key] = array_values($out);
    }

    /** Answer to a ramp of height 1 and `$width` degrees, `$u` degrees from its middle. */
    public function ramp(float $width, float $u): float
    {
        return ($this->corner($u + $width / 2.0) - $this->corner($u - $width / 2.0)) / $width;
    }

    /** Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26; error below 1.5e-7. */
    public static function erf(float $x): float
    {
        $t = 1.0 / (1.0 + 0.3275911 * abs($x));
        $p = (((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592;
        $y = 1.0 - $p * $t * exp(-$x * $x);

        return $x < 0.0 ? -$y : $y;
    }

    /** @return list<float> */
    private static function table(): array
    {
        /** @var ?list<float> $known */
        static $known = null;
        if ($known === null) {
            $known = [];
            for ($i = 0, $n = (int) (self::END * self::FINE) + 1; $i <= $n; $i++) {
                $z = $i / self::FINE;
                $known[] = $z * self::erf($z) + exp(-$z * $z) / sqrt(M_PI);
            }
        }

        return $known;
    }
}
