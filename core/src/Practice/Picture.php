<?php

declare(strict_types=1);

namespace Kalopsis\Practice;

use JsonSerializable;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Xyz;
use Kalopsis\Spray\LaidAt;
use Kalopsis\Spray\Places;

/** How a sprayed spot looks from outside in, from each angle: what a panel on the screen is drawn from. */
final readonly class Picture implements JsonSerializable
{
    /** Aspecular angles of a walk around, face to flop. */
    private const ANGLES = [15, 20, 25, 35, 45, 60, 75, 90, 110];

    private const PLACES = 36;

    /** So much of the old finish around is shown, mm. */
    private const AROUND_MM = 80.0;

    public function __construct(private Bay $bay) {}

    /**
     * @return array{spotMm: float, roomMm: ?float, reachMm: ?float, mm: list<float>, coats: list<array{name: string,
     *     um: list<float>}>, views: list<array{angle: int, standing: string, car: string, hex: list<string>}>} films and colours
     *     at places, mm past the primer's edge, below 0 on it
     */
    public function jsonSerialize(): array
    {
        $bay = $this->bay;
        $reach = $bay->reachMm();
        $from = -$bay->is->spotMm;
        $to = ($reach ?? 400.0) + self::AROUND_MM;
        $places = new Places($from, ($to - $from) / (self::PLACES - 1), self::PLACES);
        $laid = $bay->way->colours()->laid($places, $bay->is->blendMm);
        $views = [];
        foreach (self::ANGLES as $angle) {
            $old = $bay->finish->oldAt($angle);
            $along = $this->seen($angle, $places, $laid);
            $most = max(100.0, $old->y, ...array_map(fn (Xyz $x): float => $x->y, $along));
            $hex = fn (Xyz $x): string => Screen::ofLight($x, $bay->finish->viewing(), 100.0 / $most);
            $views[] = [
                'angle' => $angle,
                'standing' => Geometry::standing($angle),
                'car' => $hex($old),
                'hex' => array_map($hex, $along),
            ];
        }

        return [
            'spotMm' => $bay->is->spotMm,
            'roomMm' => $bay->is->roomMm,
            'reachMm' => $reach === null ? null : round($reach),
            'mm' => array_map(fn (float $mm): float => round($mm, 1), $places->mm),
            'coats' => self::coats($laid->films, $bay),
            'views' => $views,
        ];
    }

    /**
     * The light of each place from one angle, degrees aspecular.
     *
     * @param LaidAt $laid what lies at these places
     * @return list<Xyz>
     */
    public function seen(int $angle, Places $places, LaidAt $laid): array
    {
        $bay = $this->bay;
        $colours = $bay->way->colours();
        $uncovered = $colours->uncovered($laid);
        $primer = $bay->finish->primer($bay->is->shade);
        $old = $bay->finish->oldAt($angle);
        $along = [];
        foreach ($colours->along($angle, $laid) as $i => $xyz) {
            $on = $places->mm[$i] < 0.0;
            // On the primer it shines through instead of the old finish.
            $along[] = $on ? self::swapped($xyz, $uncovered[$i], $old, $primer) : $xyz;
        }

        return $along;
    }

    /**
     * @param array<int, array<int, float>> $films by place, then by coat
     * @return list<array{name: string, um: list<float>}> pigmented dry film of each colour coat, the first at the bottom
     */
    private static function coats(array $films, Bay $bay): array
    {
        $out = [];
        foreach ($bay->way->layers as $i => $layer) {
            $out[] = [
                'name' => $layer->coat->name(),
                'um' => array_map(fn (array $at): float => round($at[$i] ?? 0.0, 2), array_values($films)),
            ];
        }

        return $out;
    }

    private static function swapped(Xyz $seen, float $through, Xyz $old, Xyz $primer): Xyz
    {
        return new Xyz(
            max(0.0, $seen->x + $through * ($primer->x - $old->x)),
            max(0.0, $seen->y + $through * ($primer->y - $old->y)),
            max(0.0, $seen->z + $through * ($primer->z - $old->z)),
        );
    }
}
