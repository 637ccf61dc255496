<?php

declare(strict_types=1);

namespace Kalopsis\Spray;

use JsonSerializable;
use Kalopsis\Colour\Screen;
use Kalopsis\Sight\Eye;

/**
 * Light by distance from the primer and by aspecular angle, and what of it is seen: all a walk around the car looks up.
 * Towards angles nobody measured body and flakes say what is thrown there.
 */
final readonly class LightTable implements JsonSerializable
{
    /** Dense where a lobe is steep, degrees; nearer to the gloss nobody judges paint. Chosen here. */
    public const ANGLES_DEG = [10, 15, 20, 25, 30, 38, 45, 55, 65, 75, 90, 110, 120];

    /** Places lie so far apart, mm. */
    private const STEP_MM = 5.0;

    /** Into the repair, mm. */
    private const INTO_MM = 80.0;

    /**
     * @param list<list<array{float, float, float}>> $light by angle of ANGLES_DEG, then place: linear red, green, blue
     * @param list<list<list<float>>> $index by measured angle, distance, place
     */
    private function __construct(public Places $places, public array $light, public array $index) {}

    /**
     * @param float $blendMm how far the blend is drawn out
     * @param float $toMm where the last place lies at least, mm past the primer
     */
    public static function of(Simulation $way, float $blendMm, float $toMm): self
    {
        $places = new Places(-self::INTO_MM, self::STEP_MM, (int) ceil(($toMm + self::INTO_MM) / self::STEP_MM) + 1);
        $colours = $way->colours();
        $laid = $colours->laid($places, $blendMm);
        $scene = $colours->scene($places, $blendMm);
        $viewing = $way->finish->viewing();
        $light = $index = [];
        foreach (self::ANGLES_DEG as $angle) {
            $light[] = array_map(fn ($xyz): array => Screen::linear($xyz, $viewing), $colours->along($angle, $laid));
        }
        foreach ($way->finish->angles() as $angle) {
            $index[] = array_map(fn (float $m): array => Eye::along($scene, $angle, $m), Eye::DISTANCES_M);
        }

        return new self($places, $light, $index);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'fromMm' => $this->places->fromMm,
            'stepMm' => $this->places->stepMm,
            'light' => array_map(
                fn (array $row): array => array_merge(...array_map(self::rounded(...), $row)),
                $this->light,
            ),
            'index' => array_map(
                fn (array $from): array => array_map(
                    fn (array $row): array => array_map(fn (float $v): float => round($v, 2), $row),
                    $from,
                ),
                $this->index,
            ),
        ];
    }

    /**
     * @param array{float, float, float} $light
     * @return list<float> a hundredth of what a screen of 8 bits can tell apart in the darks
     */
    public static function rounded(array $light): array
    {
        return array_map(fn (float $v): float => round($v, 6), $light);
    }
}
