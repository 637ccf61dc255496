<?php

declare(strict_types=1);

namespace Kalopsis\Panel\Internal;

/** A line that is stretched piece by piece: rising, and straight between its knots. */
final readonly class Stretch
{
    /** @var non-empty-list<float> rising, on both sides where there are two */
    private array $cuts;

    /**
     * @param non-empty-list<float> $knots rising
     * @param non-empty-list<float> $at where each comes to lie, rising
     * @param bool $bothSides the same on either side of nought, with knots from nought on
     */
    public function __construct(private array $knots, private array $at, private bool $bothSides)
    {
        $other = $bothSides ? array_map(fn (float $k): float => -$k, array_reverse($knots)) : [];
        $this->cuts = [...$other, ...$knots];
    }

    public function of(float $x): float
    {
        if ($this->bothSides && $x < 0.0) {
            return -$this->of(-$x);
        }
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

    /** The way back. */
    public function undone(): self
    {
        return new self($this->at, $this->knots, $this->bothSides);
    }

    /**
     * Places between two others where a straight line needs a corner.
     *
     * @return list<float>
     */
    public function between(float $from, float $to): array
    {
        $least = min($from, $to);
        $most = max($from, $to);
        $inside = [];
        foreach ($this->cuts as $cut) {
            if ($cut > $least && $cut < $most) {
                $inside[] = $cut;
            }
        }

        return $from <= $to ? $inside : array_reverse($inside);
    }
}
