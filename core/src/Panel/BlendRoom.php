<?php

declare(strict_types=1);

namespace Kalopsis\Panel;

/** Measures blend room: from the edge of what must be fully hidden to each edge of the panel. */
final class BlendRoom
{
    /**
     * @return list<Room> to each seam and to each named free edge, shortest first; a whole-panel repair has
     *                    no room anywhere
     */
    public static function of(Repair $repair, BodyShape $body): array
    {
        $panel = $body->panel($repair->panelId);
        $rooms = [];
        foreach ($body->seamsOf($panel->id) as $seam) {
            $rooms[] = self::to(
                $repair,
                $panel,
                $seam->lineOn($panel->id),
                $seam->other($panel->id),
                $body->panel($seam->other($panel->id))->name,
            );
        }
        $free = [];
        foreach ($panel->freeEdges as $edge) {
            $room = self::to($repair, $panel, $edge->line, null, $edge->name);
            if (! isset($free[$edge->name]) || $room->mm < $free[$edge->name]->mm) {
                $free[$edge->name] = $room;
            }
        }
        $rooms = [...$rooms, ...array_values($free)];
        usort($rooms, fn (Room $a, Room $b): int => $a->mm <=> $b->mm);

        return $rooms;
    }

    /** Distance from a repair to a line on its panel, 0 where they touch. */
    public static function to(Repair $repair, Panel $panel, Polyline $line, ?string $neighbour, string $edge): Room
    {
        if ($repair->shape instanceof WholePanel) {
            $at = new Point($line->xs[0], $line->ys[0]);

            return new Room($repair->id, $panel->id, $neighbour, $edge, 0.0, $at, $at);
        }
        if ($repair->shape instanceof Spot) {
            $centre = $repair->shape->centre;
            $to = $line->nearestTo($centre->x, $centre->y);
            $away = $centre->distanceTo($to);
            $share = $away > 0.0 ? min(1.0, $repair->shape->radiusMm / $away) : 0.0;
            $from = new Point($centre->x + ($to->x - $centre->x) * $share, $centre->y + ($to->y - $centre->y) * $share);

            return new Room(
                $repair->id,
                $panel->id,
                $neighbour,
                $edge,
                max(0.0, $away - $repair->shape->radiusMm),
                $from,
                $to,
            );
        }

        return self::fromOutline($repair, $panel, $line, $neighbour, $edge);
    }

    /** The shortest way between a ring and a line starts or ends at a corner of one of them, or is 0. */
    private static function fromOutline(
        Repair $repair,
        Panel $panel,
        Polyline $line,
        ?string $neighbour,
        string $edge,
    ): Room {
        $outline = $repair->shape->outlineOn($panel);
        $ring = $outline->asLine();
        $best = INF;
        $from = $to = new Point($outline->xs[0], $outline->ys[0]);
        foreach ($outline->xs as $i => $x) {
            $near = $line->nearestTo($x, $outline->ys[$i]);
            $d = hypot($near->x - $x, $near->y - $outline->ys[$i]);
            if ($d < $best) {
                [$best, $from, $to] = [$d, new Point($x, $outline->ys[$i]), $near];
            }
        }
        foreach ($line->xs as $i => $x) {
            $y = $line->ys[$i];
            if ($outline->contains($x, $y)) {
                return new Room($repair->id, $panel->id, $neighbour, $edge, 0.0, new Point($x, $y), new Point($x, $y));
            }
            $near = $ring->nearestTo($x, $y);
            $d = hypot($near->x - $x, $near->y - $y);
            if ($d < $best) {
                [$best, $from, $to] = [$d, $near, new Point($x, $y)];
            }
        }

        return new Room($repair->id, $panel->id, $neighbour, $edge, $best, $from, $to);
    }
}
