<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

final readonly class Disc implements Shape
{
    public function __construct(private float $cx, private float $cy, private float $radius) {}

    public function signed(float $x, float $y): float
    {
        return hypot($x - $this->cx, $y - $this->cy) - $this->radius;
    }

    public function survey(float $x, float $y): array
    {
        return [$this->signed($x, $y), []];
    }

    public function block(float $x0, float $y0, float $step, int $n, array $notes): array
    {
        $out = [];
        for ($j = 0; $j < $n; $j++) {
            $dy = $y0 + $j * $step - $this->cy;
            $dy2 = $dy * $dy;
            for ($i = 0; $i < $n; $i++) {
                $dx = $x0 + $i * $step - $this->cx;
                $out[] = sqrt($dx * $dx + $dy2) - $this->radius;
            }
        }

        return $out;
    }
}
