<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

use Kalopsis\Panel\Outline;

/**
 * Signed distance from a closed ring of straight pieces, exact. The sign is taken at the nearest place: from the
 * piece's own side, or at a corner from the sum of the normals of its two pieces (Baerentzen and Aanaes 2005,
 * "Signed distance computation using the angle weighted pseudonormal", here in the plane).
 *
 * Within a block only those pieces can be nearest whose distance from the block's centre is at most the nearest
 * one's plus the block's diagonal (triangle inequality), usually three to six of a hundred.
 *
 * Plain arrays of floats: this is the innermost loop of planning.
 */
final readonly class Ring implements Shape
{
    /** @var list<float> */
    private array $ax;

    /** @var list<float> */
    private array $ay;

    /** @var list<float> */
    private array $dx;

    /** @var list<float> */
    private array $dy;

    /** @var list<float> one over the squared length of a piece */
    private array $inverse;

    /** @var list<float> sum of the inward unit normals at a piece's first corner */
    private array $nx;

    /** @var list<float> */
    private array $ny;

    public function __construct(Outline $outline)
    {
        $xs = $outline->xs;
        $ys = $outline->ys;
        if (Outline::shoelace($xs, $ys) < 0.0) {
            $xs = array_reverse($xs);
            $ys = array_reverse($ys);
        }
        $dx = $dy = $inverse = $ux = $uy = $nx = $ny = [];
        $n = count($xs);
        foreach ($xs as $i => $x) {
            $j = ($i + 1) % $n;
            $dx[] = $xs[$j] - $x;
            $dy[] = $ys[$j] - $ys[$i];
            $l2 = max(1e-12, $dx[$i] ** 2 + $dy[$i] ** 2);
            $inverse[] = 1 / $l2;
            $ux[] = -$dy[$i] / sqrt($l2);
            $uy[] = $dx[$i] / sqrt($l2);
        }
        foreach ($xs as $i => $x) {
            $before = ($i + $n - 1) % $n;
            $nx[] = $ux[$before] + $ux[$i];
            $ny[] = $uy[$before] + $uy[$i];
        }
        [$this->ax, $this->ay, $this->dx, $this->dy] = [$xs, $ys, $dx, $dy];
        [$this->inverse, $this->nx, $this->ny] = [$inverse, $nx, $ny];
    }

    public function signed(float $x, float $y): float
    {
        return $this->survey($x, $y)[0];
    }

    public function survey(float $x, float $y): array
    {
        $squared = [];
        $best = INF;
        $at = 0;
        foreach ($this->ax as $k => $a) {
            $px = $x - $a;
            $py = $y - $this->ay[$k];
            $t = ($px * $this->dx[$k] + $py * $this->dy[$k]) * $this->inverse[$k];
            if ($t > 0.0) {
                if ($t > 1.0) {
                    $t = 1.0;
                }
                $px -= $t * $this->dx[$k];
                $py -= $t * $this->dy[$k];
            }
            $d = $px * $px + $py * $py;
            $squared[] = $d;
            if ($d < $best) {
                $best = $d;
                $at = $k;
            }
        }

        return [$this->sign($at, $x, $y) * sqrt($best), $squared];
    }

    public function block(float $x0, float $y0, float $step, int $n, array $notes): array
    {
        $half = $step * M_SQRT1_2 * ($n - 1);
        $limit = (sqrt(min($notes === [] ? [0.0] : $notes)) + 2 * $half + 1e-9) ** 2;
        $ax = $ay = $dx = $dy = $inverse = [];
        foreach ($notes as $i => $d) {
            if ($d <= $limit) {
                $ax[$i] = $this->ax[$i];
                $ay[$i] = $this->ay[$i];
                $dx[$i] = $this->dx[$i];
                $dy[$i] = $this->dy[$i];
                $inverse[$i] = $this->inverse[$i];
            }
        }
        $out = [];
        for ($j = 0; $j < $n; $j++) {
            $y = $y0 + $j * $step;
            for ($i = 0; $i < $n; $i++) {
                $x = $x0 + $i * $step;
                $best = INF;
                $at = 0;
                foreach ($ax as $k => $a) {
                    $px = $x - $a;
                    $py = $y - $ay[$k];
                    $t = ($px * $dx[$k] + $py * $dy[$k]) * $inverse[$k];
                    if ($t > 0.0) {
                        if ($t > 1.0) {
                            $t = 1.0;
                        }
                        $px -= $t * $dx[$k];
                        $py -= $t * $dy[$k];
                    }
                    $d = $px * $px + $py * $py;
                    if ($d < $best) {
                        $best = $d;
                        $at = $k;
                    }
                }
                $out[] = $this->sign($at, $x, $y) * sqrt($best);
            }
        }

        return $out;
    }

    /** -1 inside, 1 outside, where piece `$k` is the nearest one. */
    private function sign(int $k, float $x, float $y): float
    {
        $px = $x - $this->ax[$k];
        $py = $y - $this->ay[$k];
        $t = ($px * $this->dx[$k] + $py * $this->dy[$k]) * $this->inverse[$k];
        if ($t > 0.0 && $t < 1.0) {
            return $this->dx[$k] * $py - $this->dy[$k] * $px > 0.0 ? -1.0 : 1.0;
        }
        if ($t >= 1.0) {
            $k = $k + 1 === count($this->ax) ? 0 : $k + 1;
            $px = $x - $this->ax[$k];
            $py = $y - $this->ay[$k];
        }

        return $px * $this->nx[$k] + $py * $this->ny[$k] > 0.0 ? -1.0 : 1.0;
    }
}
