<?php

declare(strict_types=1);

namespace Kalopsis\Blend\Internal;

use Kalopsis\Blend\BlendRequest;
use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Zone;
use Kalopsis\Blend\ZoneKind;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Footprint;
use Kalopsis\Panel\Region;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;

/** Cuts the panels into what each coat covers, and into zones. */
final class Regions
{
    /** A panel covered to this share by the first full coat counts as painted edge to edge. */
    private const EDGE_TO_EDGE = 0.995;

    /**
     * @param list<Coat> $coats
     * @return array<string, PlannedPanel>
     */
    public static function of(BlendRequest $request, array $coats, PanelsInPlay $play): array
    {
        $levels = [];
        foreach ($coats as $coat) {
            if ($coat->reachMm !== null && $coat->kind !== CoatKind::Sealer) {
                array_push($levels, $coat->reachMm, $coat->reachMm + $coat->fadeMm);
            }
        }
        $planned = [];
        foreach ($play->panels as $id => $inPlay) {
            $field = new DistanceField($inPlay->panel, $inPlay->footprints, array_values(array_unique($levels)), $inPlay->stops);
            $reach = $limit = [];
            $known = [];
            $within = function (float $mm) use ($field, &$known): Region {
                return $known[(string) $mm] ??= $field->within($mm);
            };
            foreach ($coats as $coat) {
                if ($coat->kind === CoatKind::Sealer) {
                    [$reach[$coat->id], $limit[$coat->id]] = self::sealed($request, $inPlay, $coat);

                    continue;
                }
                if ($coat->reachMm === null) {
                    $reach[$coat->id] = $limit[$coat->id] = Region::whole($inPlay->panel->outline);

                    continue;
                }
                $reach[$coat->id] = $within($coat->reachMm);
                $limit[$coat->id] = $within($coat->reachMm + $coat->fadeMm);
            }
            $role = self::role($coats, $reach, $inPlay->panel->outline->areaMm2());
            if ($role === PanelRole::EdgeToEdge) {
                // No fringe on this panel, so nothing to bed.
                foreach ($coats as $coat) {
                    if ($coat->kind === CoatKind::WetBed) {
                        $reach[$coat->id] = $limit[$coat->id] = Region::nothing();
                    }
                }
            }
            $planned[$id] = new PlannedPanel($inPlay->panel, $role, $inPlay->why, $reach, $limit, $inPlay->footprints, $inPlay->stops);
        }

        return $planned;
    }

    /**
     * @param list<Coat> $coats
     * @param array<string, PlannedPanel> $panels
     * @return list<Zone>
     */
    public static function zones(BlendRequest $request, array $coats, array $panels): array
    {
        $zones = [];
        foreach ($request->repairs as $repair) {
            $zones[] = new Zone(ZoneKind::Repair, $repair->panelId, Region::whole($repair->shape->outlineOn($request->body->panel($repair->panelId))));
        }
        $first = $last = null;
        foreach ($coats as $coat) {
            if ($coat->kind === CoatKind::Base) {
                $first ??= $coat->id;
            }
            if ($coat->kind->isColour() && ($last === null || $coat->limitMm() > $last->limitMm())) {
                $last = $coat;
            }
        }
        foreach ($panels as $id => $planned) {
            foreach ([
                [ZoneKind::Sealer, $planned->limit['sealer'] ?? null],
                [ZoneKind::FullColour, $first === null ? null : $planned->reach[$first]],
                [ZoneKind::ColourBlend, $last === null ? null : $planned->limit[$last->id]],
                [ZoneKind::WetBed, $planned->limit['wet-bed'] ?? null],
                [ZoneKind::Clear, $planned->limit['clear-1']],
            ] as [$kind, $region]) {
                $skip = $kind === ZoneKind::ColourBlend && $planned->role === PanelRole::EdgeToEdge;
                if ($region !== null && ! $region->isEmpty() && ! $skip) {
                    $zones[] = new Zone($kind, $id, $region);
                }
            }
        }

        return $zones;
    }

    /** @return array{Region, Region} */
    private static function sealed(BlendRequest $request, InPlay $inPlay, Coat $coat): array
    {
        $footprints = array_values(array_filter($inPlay->footprints, fn (Footprint $f): bool => $f->repair->panelId === $inPlay->panel->id
            && Planner::wantsSealer($f->repair, $request->undercoatShade)));
        $reach = $coat->reachMm ?? 0.0;
        if ($footprints === []) {
            return [Region::nothing(), Region::nothing()];
        }
        $field = new DistanceField($inPlay->panel, $footprints, [$reach, $reach + $coat->fadeMm]);

        return [$field->within($reach), $field->within($reach + $coat->fadeMm)];
    }

    /**
     * @param list<Coat> $coats
     * @param array<string, Region> $reach
     */
    private static function role(array $coats, array $reach, float $panelMm2): PanelRole
    {
        foreach ($coats as $coat) {
            if ($coat->kind === CoatKind::Base) {
                return $reach[$coat->id]->areaMm2 >= self::EDGE_TO_EDGE * $panelMm2 ? PanelRole::EdgeToEdge : PanelRole::Blend;
            }
        }

        return PanelRole::Blend;
    }
}
