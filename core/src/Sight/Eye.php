<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Xyz;

/**
 * What the eye is left with of a colour that changes along a line: visibility index, 1 = just noticed. Own model, docs/model.md section 10.
 */
final readonly class Eye
{
    /** Standing distances, m. */
    public const DISTANCES_M = [0.5, 1.0, 2.0, 3.0, 5.0];

    /** Index for a unit of filtered lightness and of filtered chroma or hue. Chosen here; a shop calibrates the first. */
    public const LIGHTNESS_GAIN = 4.5;

    public const COLOUR_GAIN = 2.8;

    /** White thrown in by the surface. Chosen here. */
    private const VEIL = 0.02;

    /** Steep and grazing views are rarer. Chosen here. */
    private const RARER = [-15 => 1.5, 15 => 1.5, 25 => 1.2, 45 => 1.0, 75 => 1.2, 110 => 1.5];

    /** A channel that changes by less than this all along the line is left out: it could add 0.03 at the most. */
    private const NOTHING = 0.03;

    public function __construct(private float $gain = 1.0) {}

    public static function rarer(int $angle): float
    {
        return self::RARER[$angle] ?? 1.0;
    }

    /**
     * Seen differences from a standard along a line: lightness, chroma and hue, the last two weighted as in CIE 94 by the standard.
     *
     * @param list<Xyz> $along
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function seen(array $along, Lab $standard): array
    {
        $viewing = $standard->viewing;
        $white = $viewing->white();
        $veiled = fn (Xyz $v): Lab => $v->plus($white, self::VEIL)->times(1.0 / (1.0 + self::VEIL))->lab($viewing);
        $s = $veiled($standard->xyz());
        $chroma = $s->chroma();
        $sc = 1.0 + 0.045 * $chroma;
        $sh = 1.0 + 0.015 * $chroma;
        $l = $c = $h = [];
        foreach ($along as $xyz) {
            $lab = $veiled($xyz);
            $dc = $lab->chroma() - $chroma;
            $dh = sqrt(max(0.0, ($lab->a - $s->a) ** 2 + ($lab->b - $s->b) ** 2 - $dc * $dc));
            $l[] = $lab->l - $s->l;
            $c[] = $dc / $sc;
            $h[] = ($s->a * $lab->b - $s->b * $lab->a < 0.0 ? -$dh : $dh) / $sh;
        }

        return [$l, $c, $h];
    }

    /**
     * The index at each node, seen from one distance. The line goes on level past both ends.
     *
     * @param array{list<float>, list<float>, list<float>} $seen
     * @return list<float>
     */
    public function along(array $seen, float $stepMm, float $distanceM): array
    {
        $n = count($seen[0]);
        $l = self::filtered($seen[0], $stepMm, $distanceM, Kernel::Lightness);
        $c = self::filtered($seen[1], $stepMm, $distanceM, Kernel::Colour);
        $h = self::filtered($seen[2], $stepMm, $distanceM, Kernel::Colour);
        $out = [];
        for ($i = 0; $i < $n; $i++) {
            $out[] = $this->gain * sqrt((self::LIGHTNESS_GAIN * ($l[$i] ?? 0.0)) ** 2 + self::COLOUR_GAIN ** 2 * (($c[$i] ?? 0.0) ** 2 + ($h[$i] ?? 0.0) ** 2));
        }

        return $out;
    }

    /** Index of a grating (overlap ripple) of so much half amplitude in L*, from the worst distance. */
    public function grating(float $halfAmplitude, float $periodMm): float
    {
        $worst = 0.0;
        foreach (self::DISTANCES_M as $m) {
            $worst = max($worst, Kernel::Lightness->sensitivity(1.0 / self::degrees($periodMm, $m)));
        }

        return $this->gain * self::LIGHTNESS_GAIN * $halfAmplitude * $worst;
    }

    public static function degrees(float $mm, float $distanceM): float
    {
        return rad2deg(atan($mm / (1000.0 * $distanceM)));
    }

    /**
     * The kernel's answer: each change between two nodes is a step halfway. One table of the kernel serves all nodes, since the grid is even.
     *
     * @param list<float> $signal
     * @return list<float> empty when there is nothing to answer
     */
    private static function filtered(array $signal, float $stepMm, float $distanceM, Kernel $kernel): array
    {
        $n = count($signal);
        if ($n < 2 || max($signal) - min($signal) < self::NOTHING) {
            return [];
        }
        $steps = [];
        for ($j = 1; $j < $n; $j++) {
            $change = $signal[$j] - $signal[$j - 1];
            if ($change !== 0.0) {
                $steps[$j] = $change;
            }
        }
        $table = self::table($kernel, $n, $stepMm, $distanceM);
        $out = [];
        for ($i = 0; $i < $n; $i++) {
            $sum = 0.0;
            foreach ($steps as $at => $step) {
                $sum += $step * $table[$n + $i - $at];
            }
            $out[] = $sum;
        }

        return $out;
    }

    /** @return list<float> the kernel at -n + 1/2 steps to n - 1/2 steps, so that node minus step is an index from n on */
    private static function table(Kernel $kernel, int $n, float $stepMm, float $distanceM): array
    {
        /** @var array<string, list<float>> $known the same numbers always give the same table */
        static $known = [];
        $key = "{$kernel->name} {$n} {$stepMm} {$distanceM}";
        if (! isset($known[$key])) {
            $values = [];
            for ($k = -$n; $k < $n; $k++) {
                $values[] = $kernel->step(self::degrees(($k + 0.5) * $stepMm, $distanceM));
            }
            $known[$key] = $values;
        }

        return $known[$key];
    }
}
