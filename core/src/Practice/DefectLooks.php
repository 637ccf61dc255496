<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Xyz;
use Kalopsis\Findings\Defect;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Sprayed;

/**
 * What a defect looks like, as the model sprays it: for each that it can show, a repair gone wrong that way on purpose. Shape and
 * size are the model's; how strongly it shows is not: all are drawn so that a thumbnail shows them.
 */
final readonly class DefectLooks
{
    /** The largest difference is drawn as this share of the car's light. Chosen here, to be seen on a thumbnail. */
    private const SHOWN = 0.7;

    /** So much around the repair is shown, mm. */
    private const ACROSS_MM = 400.0;

    private const PLACES = 24;

    /** Patterns are looked at from the face, degrees. */
    private const FACE = 45;

    public function __construct(private SetUpReader $reader) {}

    /**
     * @param list<Defect> $defects
     * @return array<string, array{form: string, car: string, hex: list<string>, sizeMm: float, acrossMm: float}> by defect, those
     *     that the model knows. Forms: "round", colours from the middle outwards over half of acrossMm; "rows" and "clouds", the
     *     lighter and the darker, of that size
     */
    public function all(array $defects): array
    {
        $out = [];
        foreach ($defects as $defect) {
            if ($defect->wrong === []) {
                continue;
            }
            $bay = new Bay($this->reader->of($defect->wrong, $defect->key));
            $out[$defect->key] = match ($defect->form) {
                'rows' => self::pattern($bay, 'rows', self::strongest(Sprayed::strokes($bay->way))),
                'clouds' => self::pattern($bay, 'clouds', Sprayed::clouds($bay->way)),
                default => self::round($bay, $defect->angle),
            };
        }

        return $out;
    }

    /** @return array{form: string, car: string, hex: list<string>, sizeMm: float, acrossMm: float} */
    private static function round(Bay $bay, int $angle): array
    {
        $from = -$bay->is->spotMm;
        $places = new Places($from, self::ACROSS_MM / 2.0 / (self::PLACES - 1), self::PLACES);
        $old = $bay->finish->oldAt($angle);
        $seen = (new Picture($bay))->seen($angle, $places, $bay->way->colours()->laid($places, $bay->is->blendMm));

        return [
            'form' => 'round',
            ...self::drawn($bay, $old, $seen),
            'sizeMm' => $bay->is->spotMm,
            'acrossMm' => self::ACROSS_MM,
        ];
    }

    /**
     * @param array{float, float} $swing half the swing of ln Y, and the size
     * @return array{form: string, car: string, hex: list<string>, sizeMm: float, acrossMm: float}
     */
    private static function pattern(Bay $bay, string $form, array $swing): array
    {
        $old = $bay->finish->oldAt(self::FACE);
        $seen = array_map(
            fn (float $up): Xyz => new Xyz($old->x * exp($up), $old->y * exp($up), $old->z * exp($up)),
            [$swing[0], -$swing[0]],
        );

        return ['form' => $form, ...self::drawn($bay, $old, $seen), 'sizeMm' => $swing[1], 'acrossMm' => self::ACROSS_MM];
    }

    /**
     * @param list<array{float, float}> $swings
     * @return array{float, float}
     */
    private static function strongest(array $swings): array
    {
        usort($swings, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $swings[0] ?? [0.0, 1.0];
    }

    /**
     * @param list<Xyz> $seen
     * @return array{car: string, hex: list<string>}
     */
    private static function drawn(Bay $bay, Xyz $old, array $seen): array
    {
        $most = 0.0;
        foreach ($seen as $xyz) {
            $most = max($most, abs($xyz->y - $old->y));
        }
        $times = $most > 0.0 ? (self::SHOWN * $old->y) / $most : 0.0;
        $shown = fn (Xyz $x): Xyz => new Xyz(
            max(0.0, $old->x + $times * ($x->x - $old->x)),
            max(0.0, $old->y + $times * ($x->y - $old->y)),
            max(0.0, $old->z + $times * ($x->z - $old->z)),
        );
        $dim = 100.0 / max(100.0, $old->y * (1.0 + self::SHOWN));
        $hex = fn (Xyz $x): string => Screen::ofLight($x, $bay->finish->viewing(), $dim);

        return ['car' => $hex($old), 'hex' => array_map(fn (Xyz $x): string => $hex($shown($x)), $seen)];
    }
}
