<?php

declare(strict_types=1);

namespace Kalopsis\Sight;

/**
 * A colour that changes along a line, as the eye is shown it: for each angle what is left of three signals at evenly
 * spaced places, straight between them, level before the first and after the last. Where a gap, a body line or a fold
 * crosses it is a step instead.
 */
final readonly class Scene
{
    /** A change this many times smaller than the whole is none. */
    private const LEVEL = 200.0;

    /**
     * @param float $fromMm where the first place lies
     * @param float $stepMm between places, > 0
     * @param array<int, array{list<float>, list<float>, list<float>}> $signals by angle: lightness, chroma, hue
     * @param array<int, Signal> $standards by angle
     * @param array<int, float> $lines by the place before it: what a gap takes off the lightness of a step, 1 is nothing;
     *     after the last place comes the old finish
     * @param float $gain how much more than the model's eye the one that looks here catches, 1: as much
     */
    public function __construct(
        public float $fromMm,
        public float $stepMm,
        public array $signals,
        public array $standards,
        public array $lines = [],
        public float $gain = 1.0,
    ) {}

    /** The same with a line at its last place, beyond which the old finish lies. */
    public function endingAt(float $hides): self
    {
        $last = $this->places() - 1;

        $lines = $this->lines + [$last => $hides];

        return new self($this->fromMm, $this->stepMm, $this->signals, $this->standards, $lines, $this->gain);
    }

    /** Where a line lies, in places: between two, or at the last one. */
    public function lineAt(int $after): float
    {
        $last = $this->places() - 1;

        return $after < $last ? $after + 0.5 : (float) $last;
    }

    /** Places along the line. */
    public function places(): int
    {
        foreach ($this->signals as $channels) {
            return count($channels[0]);
        }

        return 0;
    }

    /** The last place up to which nothing changes, by less than a part in LEVEL of the whole change, mm. */
    public function levelUpToMm(): float
    {
        $last = $this->places() - 1;
        $until = $last;
        foreach ($this->signals as $channels) {
            foreach ($channels as $y) {
                $span = $y === [] ? 0.0 : max($y) - min($y);
                for ($i = 0; $i < $until; $i++) {
                    if (abs($y[$i + 1] - $y[0]) > $span / self::LEVEL) {
                        $until = $i;
                        break;
                    }
                }
            }
        }

        return $this->fromMm + $until * $this->stepMm;
    }

    /**
     * How wide the change is, mm: a straight ramp w wide gives w, a step 0. All angles and signals together.
     */
    public function widthMm(): float
    {
        if ($this->lines !== []) {
            return 0.0;
        }
        $sum = $squares = 0.0;
        $n = $this->places();
        for ($i = 1; $i < $n; $i++) {
            $slope = 0.0;
            foreach ($this->signals as $angle => [$l, $c, $h]) {
                $w = Eye::weight($angle);
                $slope +=
                    $w *
                    $w *
                    ((30.0 * ($l[$i] - $l[$i - 1])) ** 2 + ($c[$i] - $c[$i - 1]) ** 2 + ($h[$i] - $h[$i - 1]) ** 2);
            }
            $sum += sqrt($slope);
            $squares += $slope;
        }

        return $squares > 0.0 ? (($sum * $sum) / $squares) * $this->stepMm : 0.0;
    }
}
