<?php

declare(strict_types=1);

namespace Kalopsis\Blend;

use Kalopsis\Panel\BlendRoom;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Room;

/** Gaps, edges and body lines around a repair: where a clear can end unseen. */
final class Breaks
{
    /**
     * @param list<Repair> $repairs
     * @param float $colourMm where colour ends, mm past the primer: a line inside it is painted over and ends nothing
     * @return ?Room the nearest of all beyond the colour, null where there is none
     */
    public static function nearest(array $repairs, BodyShape $body, float $colourMm): ?Room
    {
        $best = null;
        foreach ($repairs as $repair) {
            if ($repair->isWholePanel()) {
                continue;
            }
            $panel = $body->panel($repair->panelId);
            $rooms = BlendRoom::of($repair, $body);
            foreach ($panel->bodyLines as $line) {
                $rooms[] = BlendRoom::to($repair, $panel, $line->line, null, $line->name);
            }
            foreach ($rooms as $room) {
                $takes = $room->mm >= $colourMm && ($best === null || $room->mm < $best->mm);
                $best = $takes ? $room : $best;
            }
        }

        return $best;
    }
}
