<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

use Kalopsis\Panel\Point;
use Kalopsis\Panel\Polyline;

/**
 * Distance past a line that runs across a panel, seen from a point on the near side: negative on that
 * point's side. Both ends of the line are carried on straight, so that the panel is split in two.
 */
final readonly class BeyondLine implements Shape
{
    private const CARRY_ON_MM = 3000.0;

    /** @var list<float> */
    private array $xs;

    /** @var list<float> */
    private array $ys;

    private float $near;

    public function __construct(Polyline $line, Point $near)
    {
        $xs = $line->xs;
        $ys = $line->ys;
        $n = count($xs);
        [$fx, $fy] = self::beyond($xs[1], $ys[1], $xs[0], $ys[0]);
        [$lx, $ly] = self::beyond($xs[$n - 2], $ys[$n - 2], $xs[$n - 1], $ys[$n - 1]);
        $this->xs = [$fx, ...$xs, $lx];
        $this->ys = [$fy, ...$ys, $ly];
        $this->near = $this->side($near->x, $near->y) > 0.0 ? -1.0 : 1.0;
    }

    public function signed(float $x, float $y): float
    {
        return $this->near * $this->side($x, $y);
    }

    public function survey(float $x, float $y): array
    {
        return [$this->signed($x, $y), []];
    }

    public function block(float $x0, float $y0, float $step, int $n, array $notes): array
    {
        $out = [];
        for ($j = 0; $j < $n; $j++) {
            for ($i = 0; $i < $n; $i++) {
                $out[] = $this->signed($x0 + $i * $step, $y0 + $j * $step);
            }
        }

        return $out;
    }

    private function side(float $x, float $y): float
    {
        $best = INF;
        $side = 1.0;
        for ($i = 1, $n = count($this->xs); $i < $n; $i++) {
            $dx = $this->xs[$i] - $this->xs[$i - 1];
            $dy = $this->ys[$i] - $this->ys[$i - 1];
            $px = $x - $this->xs[$i - 1];
            $py = $y - $this->ys[$i - 1];
            $t = max(0.0, min(1.0, ($px * $dx + $py * $dy) / max(1e-12, $dx * $dx + $dy * $dy)));
            $d = ($px - $t * $dx) ** 2 + ($py - $t * $dy) ** 2;
            if ($d < $best) {
                $best = $d;
                $side = $dx * $py - $dy * $px >= 0.0 ? 1.0 : -1.0;
            }
        }

        return $side * sqrt($best);
    }

    /** @return array{float, float} */
    private static function beyond(float $fromX, float $fromY, float $x, float $y): array
    {
        $length = max(1e-9, hypot($x - $fromX, $y - $fromY));

        return [$x + ($x - $fromX) / $length * self::CARRY_ON_MM, $y + ($y - $fromY) / $length * self::CARRY_ON_MM];
    }
}
