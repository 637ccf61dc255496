<?php

declare(strict_types=1);

namespace Kalopsis\Sight\Internal;

use Kalopsis\Sight\Eye;
use Kalopsis\Sight\Filter;
use Kalopsis\Sight\Scene;

/**
 * The eye's answer to a scene from one angle and distance, thresholds of the laboratory. A change along a line is a
 * sum of corners, where its slope changes, and of steps, where a gap, a fold or a body line crosses; the filters answer
 * both exactly.
 */
final readonly class Response
{
    /** @var array{list<float>, list<float>, list<float>} by channel, by place: by how much the slope changes there, a degree */
    private array $bends;

    /** @var list<float> the filters' answers to a corner so many places away */
    private array $lightAt;

    /** @var list<float> */
    private array $colourAt;

    /** @var list<array{float, float, array{float, float, float}}> where in places, what the line hides, the step itself */
    private array $steps;

    private Filter $light;

    private Filter $colour;

    private int $places;

    private float $spacing;

    /** @param float $halfGap degrees */
    public function __construct(Scene $scene, int $angle, float $fieldDeg2, float $distanceM, private float $halfGap)
    {
        $standard = $scene->standards[$angle];
        $channels = $scene->signals[$angle];
        $this->places = $scene->places();
        $this->spacing = Eye::degrees($scene->stepMm, $distanceM);
        $this->light = Filter::lightness($standard->luminance, $fieldDeg2, $standard->surround());
        $this->colour = Filter::colour($fieldDeg2);
        $this->bends = [
            self::corners($channels[0], $this->spacing, $scene->lines),
            self::corners($channels[1], $this->spacing, $scene->lines),
            self::corners($channels[2], $this->spacing, $scene->lines),
        ];
        $tinted = $this->bends[1] !== [] || $this->bends[2] !== [];
        $this->lightAt = $this->bends[0] === [] ? [] : $this->light->corners($this->spacing, $this->places);
        $this->colourAt = $tinted ? $this->colour->corners($this->spacing, $this->places) : [];
        $steps = [];
        foreach ($scene->lines as $after => $hides) {
            $by = [
                self::step($channels[0], $after),
                self::step($channels[1], $after),
                self::step($channels[2], $after),
            ];
            $steps[] = [$scene->lineAt($after), $hides, $by];
        }
        $this->steps = $steps;
    }

    /** At a place, or between two. */
    public function at(float $at): float
    {
        $i = (int) $at;
        $on = $at - $i;
        $between = $on > 0.0 && $i + 1 < $this->places;
        $l = self::sum($this->bends[0], $this->lightAt, $i);
        $c = self::sum($this->bends[1], $this->colourAt, $i);
        $h = self::sum($this->bends[2], $this->colourAt, $i);
        if ($between) {
            $l += $on * (self::sum($this->bends[0], $this->lightAt, $i + 1) - $l);
            $c += $on * (self::sum($this->bends[1], $this->colourAt, $i + 1) - $c);
            $h += $on * (self::sum($this->bends[2], $this->colourAt, $i + 1) - $h);
        }
        foreach ($this->steps as [$line, $hides, [$dl, $dc, $dh]]) {
            // A gap 4 mm wide splits the step; it takes something off its lightness and nothing off its colour
            // (Boynton et al. 1977).
            $u = ($at - $line) * $this->spacing;
            $tint = $this->twice($this->colour, $u);
            $l += ($dl * $this->twice($this->light, $u)) / $hides;
            $c += $dc * $tint;
            $h += $dh * $tint;
        }

        return sqrt($l * $l + $c * $c + $h * $h);
    }

    private function twice(Filter $filter, float $u): float
    {
        return ($filter->step($u + $this->halfGap) + $filter->step($u - $this->halfGap)) / 2.0;
    }

    /**
     * Two plain loops: this is where the time of a plan goes.
     *
     * @param list<float> $bends
     * @param list<float> $table
     */
    private static function sum(array $bends, array $table, int $i): float
    {
        $sum = 0.0;
        $n = count($bends);
        $to = min($i, $n - 1);
        for ($j = 0; $j <= $to; $j++) {
            $sum += $bends[$j] * $table[$i - $j];
        }
        for ($j = $to + 1; $j < $n; $j++) {
            $sum += $bends[$j] * $table[$j - $i];
        }

        return $sum;
    }

    /** @param list<float> $y the old finish follows after its last */
    private static function step(array $y, int $after): float
    {
        return ($y[$after + 1] ?? 0.0) - ($y[$after] ?? 0.0);
    }

    /**
     * Level outside and across lines.
     *
     * @param list<float> $y
     * @param array<int, float> $lines
     * @return list<float> none when it is level all along
     */
    private static function corners(array $y, float $spacing, array $lines): array
    {
        $out = [];
        $n = count($y);
        $before = 0.0;
        $bends = false;
        for ($i = 0; $i < $n; $i++) {
            $after = $i + 1 < $n && ! isset($lines[$i]) ? ($y[$i + 1] - $y[$i]) / $spacing : 0.0;
            $out[] = $after - $before;
            $bends = $bends || $after !== $before;
            $before = $after;
        }

        return $bends ? $out : [];
    }
}
