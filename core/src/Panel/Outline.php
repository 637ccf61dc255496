<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use JsonSerializable;
use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Internal\SelfCrossing;

/** A closed ring of straight pieces that does not cross itself, mm. Curves are flattened before. */
final readonly class Outline implements JsonSerializable
{
    /** Below about 8 x 8 mm nobody masks or blends; such an outline is a slip of the finger. Common practice. */
    public const MIN_AREA_MM2 = 64.0;

    public const MAX_POINTS = 2000;

    /** Points nearer than this are the same point: drawings are written to a tenth of a millimetre. */
    private const SAME_POINT_MM = 0.16;

    /**
     * @param non-empty-list<float> $xs
     * @param non-empty-list<float> $ys
     */
    private function __construct(public array $xs, public array $ys) {}

    /**
     * @param list<array{float, float}> $points mm; a repeated last point is dropped
     * @throws BadOutline when it has too few points, is too small or crosses itself
     */
    public static function through(array $points, float $minAreaMm2 = self::MIN_AREA_MM2): self
    {
        if (count($points) > self::MAX_POINTS) {
            throw BadOutline::tooManyPoints(count($points), self::MAX_POINTS);
        }
        $xs = $ys = [];
        foreach ($points as [$x, $y]) {
            if (! is_finite($x) || ! is_finite($y)) {
                throw BadOutline::notFinite();
            }
            $n = count($xs);
            if ($n > 0 && hypot($xs[$n - 1] - $x, $ys[$n - 1] - $y) < self::SAME_POINT_MM) {
                continue;
            }
            $xs[] = $x;
            $ys[] = $y;
        }
        while (count($xs) > 1 && hypot($xs[0] - $xs[count($xs) - 1], $ys[0] - $ys[count($ys) - 1]) < self::SAME_POINT_MM) {
            array_pop($xs);
            array_pop($ys);
        }
        if (count($xs) < 3 || count($ys) < 3) {
            throw BadOutline::tooFewPoints(count($xs));
        }
        if (SelfCrossing::exists($xs, $ys)) {
            throw BadOutline::crossesItself();
        }
        $outline = new self($xs, $ys);
        if (! ($outline->areaMm2() >= $minAreaMm2)) {
            throw BadOutline::tooSmall($outline->areaMm2(), $minAreaMm2);
        }

        return $outline;
    }

    /**
     * The convex hull of several outlines. Andrew, Information Processing Letters 9 (1979): monotone chain.
     *
     * @param non-empty-list<self> $outlines
     */
    public static function around(array $outlines): self
    {
        $points = [];
        foreach ($outlines as $outline) {
            foreach ($outline->xs as $i => $x) {
                $points[] = [$x, $outline->ys[$i]];
            }
        }
        sort($points);

        return self::through([...self::halfHull($points), ...self::halfHull(array_reverse($points))], 0.0);
    }

    /**
     * One side of the hull, without its last point.
     *
     * @param list<array{float, float}> $points in order
     * @return list<array{float, float}>
     */
    private static function halfHull(array $points): array
    {
        $chain = [];
        foreach ($points as [$x, $y]) {
            while (($n = count($chain)) > 1) {
                [[$ax, $ay], [$bx, $by]] = [$chain[$n - 2], $chain[$n - 1]];
                if (($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax) > 0.0) {
                    break;
                }
                array_pop($chain);
            }
            $chain[] = [$x, $y];
        }
        array_pop($chain);

        return $chain;
    }

    /** Area inside, mm2, by the shoelace formula (Gauss). */
    public function areaMm2(): float
    {
        return abs(self::shoelace($this->xs, $this->ys));
    }

    /**
     * Signed area of a closed ring, mm2; positive when it runs clockwise on a sheet whose y points down.
     *
     * @param list<float> $xs
     * @param list<float> $ys
     */
    public static function shoelace(array $xs, array $ys): float
    {
        $sum = 0.0;
        $j = count($xs) - 1;
        foreach ($xs as $i => $x) {
            $sum += $xs[$j] * $ys[$i] - $x * $ys[$j];
            $j = $i;
        }

        return $sum / 2;
    }

    public function lengthMm(): float
    {
        $sum = 0.0;
        $j = count($this->xs) - 1;
        foreach ($this->xs as $i => $x) {
            $sum += hypot($x - $this->xs[$j], $this->ys[$i] - $this->ys[$j]);
            $j = $i;
        }

        return $sum;
    }

    /** Even-odd rule; points exactly on the edge may fall either way. */
    public function contains(float $x, float $y): bool
    {
        $inside = false;
        $j = count($this->xs) - 1;
        foreach ($this->ys as $i => $yi) {
            $yj = $this->ys[$j];
            if (($yi > $y) !== ($yj > $y) && $x < ($this->xs[$j] - $this->xs[$i]) * ($y - $yi) / ($yj - $yi) + $this->xs[$i]) {
                $inside = ! $inside;
            }
            $j = $i;
        }

        return $inside;
    }

    public function box(): Box
    {
        return Box::around($this->xs, $this->ys);
    }

    /** Centre of gravity of the area. */
    public function centroid(): Point
    {
        $area = self::shoelace($this->xs, $this->ys);
        $cx = $cy = 0.0;
        $j = count($this->xs) - 1;
        foreach ($this->xs as $i => $x) {
            $cross = $this->xs[$j] * $this->ys[$i] - $x * $this->ys[$j];
            $cx += ($this->xs[$j] + $x) * $cross;
            $cy += ($this->ys[$j] + $this->ys[$i]) * $cross;
            $j = $i;
        }

        return new Point($cx / (6 * $area), $cy / (6 * $area));
    }

    public function moved(Motion $motion): self
    {
        $xs = $ys = [];
        foreach ($this->xs as $i => $x) {
            $p = $motion->apply($x, $this->ys[$i]);
            $xs[] = $p->x;
            $ys[] = $p->y;
        }

        return new self($xs, $ys);
    }

    /** The ring as an open line that ends where it began. */
    public function asLine(): Polyline
    {
        $points = array_map(fn (float $x, float $y): array => [$x, $y], $this->xs, $this->ys);
        $points[] = $points[0];

        return Polyline::through($points);
    }

    /** @return list<array{float, float}> */
    public function jsonSerialize(): array
    {
        return array_map(fn (float $x, float $y): array => [round($x, 1), round($y, 1)], $this->xs, $this->ys);
    }
}
