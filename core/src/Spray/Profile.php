<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use Kalopsis\Sight\Eye;

/** What the eye is left with along the distance from the primer, at every angle and from every distance. */
final readonly class Profile
{
    /** A step across a gap of 4 mm counts this much less; at a sharp body line less of that; where the surface turns away, much more. Chosen here. */
    public const GAP = 1.7;

    public const BODY_LINE = 1.3;

    public const FOLD = 3.0;

    /** Nearer to a gap than this it takes part of the step, mm. */
    private const AT_GAP_MM = 15.0;

    /**
     * @param array<int, list<float>> $table worst index by angle, then by distance in the eye's order
     */
    private function __construct(public array $table, public float $worst, public int $angle, public float $distanceM, public float $atMm) {}

    /**
     * @param ?float $cutMm where a gap ends the colour; null where it fades out freely
     * @param list<float> $distances m
     * @param float $hides what the place of the cut takes off a step
     */
    public static function of(LayerStack $stack, Finish $finish, Eye $eye, ?float $cutMm = null, array $distances = Eye::DISTANCES_M, float $hides = self::GAP): self
    {
        $table = [];
        $best = [-1.0, 45, 5.0, 0.0];
        foreach ($finish->angles() as $angle) {
            $seen = Eye::seen($stack->colours($angle, $finish->fit, $finish->old[$angle]->xyz(), $finish->primer), $finish->old[$angle]);
            if ($cutMm !== null) {
                $ends = fn (float $v, float $x): float => $x >= $cutMm ? 0.0 : $v;
                $seen = [array_map($ends, $seen[0], $stack->xs), array_map($ends, $seen[1], $stack->xs), array_map($ends, $seen[2], $stack->xs)];
            }
            foreach ($distances as $m) {
                $worst = 0.0;
                foreach ($eye->along($seen, $stack->stepMm, $m) as $i => $index) {
                    $index /= Eye::rarer($angle);
                    if ($cutMm !== null && abs($stack->xs[$i] - $cutMm) < self::AT_GAP_MM) {
                        $index /= $hides;
                    }
                    if ($index > $worst) {
                        $worst = $index;
                        if ($index > $best[0]) {
                            $best = [$index, $angle, $m, $stack->xs[$i]];
                        }
                    }
                }
                $table[$angle][] = $worst;
            }
        }

        return new self($table, max(0.0, $best[0]), $best[1], $best[2], $best[3]);
    }

    /** Nothing to see: colour that fades nowhere. */
    public static function nothing(Finish $finish): self
    {
        $none = array_map(fn (float $m): float => 0.0, Eye::DISTANCES_M);

        return new self(array_fill_keys($finish->angles(), $none), 0.0, $finish->angles()[0] ?? 45, Eye::DISTANCES_M[0], 0.0);
    }

    /** The index of stripes along the strokes, a verdict of its own beside the fade's. */
    public static function banding(LayerStack $stack, Finish $finish, Eye $eye): float
    {
        [$half, $pitch] = $stack->banding($finish->fit);

        return $eye->grating($half, $pitch);
    }

    /** The index of mottle: a film that swims is cloudy, whatever the fade does. 4 L* peak to peak over some 60 mm. Chosen here. */
    public static function mottle(LayerStack $stack, Eye $eye): float
    {
        return $eye->grating(LayerStack::MOTTLE_L / 2.0 * $stack->swimming(), 60.0);
    }
}
