<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/** A line that is stretched piece by piece: rising, and straight between its knots. */
final readonly class Stretch
{
    /**
     * @param non-empty-list<float> $knots rising
     * @param non-empty-list<float> $at where each comes to lie, rising
     */
    public function __construct(private array $knots, private array $at) {}

    public function of(float $x): float
    {
        $last = count($this->knots) - 1;
        $i = 0;
        while ($i < $last - 1 && $x > $this->knots[$i + 1]) {
            $i++;
        }
        if ($last === 0) {
            return $this->at[0] + $x - $this->knots[0];
        }
        $share = ($x - $this->knots[$i]) / ($this->knots[$i + 1] - $this->knots[$i]);

        return $this->at[$i] + $share * ($this->at[$i + 1] - $this->at[$i]);
    }

    /** The same on either side of nought. */
    public function mirrored(float $y): float
    {
        return $y < 0.0 ? -$this->of(-$y) : $this->of($y);
    }

    /**
     * Places between two others where a straight line needs a corner.
     *
     * @return list<float>
     */
    public function between(float $from, float $to, bool $mirrored): array
    {
        $other = $mirrored ? array_map(fn (float $k): float => -$k, array_reverse($this->knots)) : [];
        $knots = [...$other, ...$this->knots];
        $inside = array_values(array_filter($knots, fn (float $k): bool => $k > min($from, $to) && $k < max($from, $to)));

        return $from <= $to ? $inside : array_reverse($inside);
    }
}
