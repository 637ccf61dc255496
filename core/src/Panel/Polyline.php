<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

use JsonSerializable;
use Kalopsis\Panel\Exception\BadOutline;
use Kalopsis\Panel\Internal\BeyondLine;

/** An open line of straight pieces, mm: a body line, a free edge, one side of a seam. */
final readonly class Polyline implements JsonSerializable
{
    /**
     * @param non-empty-list<float> $xs
     * @param non-empty-list<float> $ys
     */
    private function __construct(public array $xs, public array $ys) {}

    /** @param list<array{float, float}> $points at least two, mm */
    public static function through(array $points): self
    {
        if (count($points) < 2) {
            throw BadOutline::tooFewPoints(count($points));
        }
        $xs = $ys = [];
        foreach ($points as [$x, $y]) {
            if (! is_finite($x) || ! is_finite($y)) {
                throw BadOutline::notFinite();
            }
            $xs[] = $x;
            $ys[] = $y;
        }

        return new self($xs, $ys);
    }

    public function lengthMm(): float
    {
        $sum = 0.0;
        for ($i = 1, $n = count($this->xs); $i < $n; $i++) {
            $sum += hypot($this->xs[$i] - $this->xs[$i - 1], $this->ys[$i] - $this->ys[$i - 1]);
        }

        return $sum;
    }

    /**
     * The same line as `$count` points at equal distances along it.
     *
     * @return non-empty-list<Point>
     */
    public function evenly(int $count): array
    {
        $total = $this->lengthMm();
        $points = [new Point($this->xs[0], $this->ys[0])];
        $walked = 0.0;
        $next = 1;
        for ($i = 1, $n = count($this->xs); $i < $n && $next < $count - 1; $i++) {
            $piece = hypot($this->xs[$i] - $this->xs[$i - 1], $this->ys[$i] - $this->ys[$i - 1]);
            while ($next < $count - 1 && $piece > 0.0 && $walked + $piece >= $total * $next / ($count - 1)) {
                $t = ($total * $next / ($count - 1) - $walked) / $piece;
                $points[] = new Point(
                    $this->xs[$i - 1] + $t * ($this->xs[$i] - $this->xs[$i - 1]),
                    $this->ys[$i - 1] + $t * ($this->ys[$i] - $this->ys[$i - 1]),
                );
                $next++;
            }
            $walked += $piece;
        }
        $last = count($this->xs) - 1;
        while (count($points) < $count) {
            $points[] = new Point($this->xs[$last], $this->ys[$last]);
        }

        return $points;
    }

    /** The place on this line nearest to a point. */
    public function nearestTo(float $x, float $y): Point
    {
        $best = INF;
        $bx = $this->xs[0];
        $by = $this->ys[0];
        for ($i = 1, $n = count($this->xs); $i < $n; $i++) {
            $ax = $this->xs[$i - 1];
            $ay = $this->ys[$i - 1];
            $dx = $this->xs[$i] - $ax;
            $dy = $this->ys[$i] - $ay;
            $l2 = $dx * $dx + $dy * $dy;
            $t = $l2 > 0.0 ? max(0.0, min(1.0, (($x - $ax) * $dx + ($y - $ay) * $dy) / $l2)) : 0.0;
            $px = $ax + $t * $dx;
            $py = $ay + $t * $dy;
            $d = ($x - $px) ** 2 + ($y - $py) ** 2;
            if ($d < $best) {
                [$best, $bx, $by] = [$d, $px, $py];
            }
        }

        return new Point($bx, $by);
    }

    /** Does a place lie past the line, both its ends carried on straight, seen from a point on the near side? */
    public function isPassedBy(float $x, float $y, Point $near): bool
    {
        return (new BeyondLine($this, $near))->signed($x, $y) > 0.0;
    }

    public function moved(Motion $motion): self
    {
        $points = [];
        foreach ($this->xs as $i => $x) {
            $p = $motion->apply($x, $this->ys[$i]);
            $points[] = [$p->x, $p->y];
        }

        return self::through($points);
    }

    /** @return list<array{float, float}> */
    public function jsonSerialize(): array
    {
        return array_map(fn (float $x, float $y): array => [round($x, 1), round($y, 1)], $this->xs, $this->ys);
    }
}
