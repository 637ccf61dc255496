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
use Kalopsis\Sequence\CoatStep;

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
        $planned = [];
        foreach ($play->panels as $id => $inPlay) {
            $panel = $inPlay->panel;
            $here = array_flip(array_map(fn (CoatStep $s): string => $s->id, $play->sequenceOn($inPlay)->steps));
            $reach = $limit = [];
            $fields = new Fields($panel, $inPlay, $coats);
            foreach ($coats as $coat) {
                $key = $coat->id();
                $reach[$key] = $limit[$key] = Region::nothing();
                if (! isset($here[$key])) {
                    continue;
                }
                if ($coat->kind() === CoatKind::Sealer) {
                    [$reach[$key], $limit[$key]] = self::sealed($request, $inPlay, $coat);
                } elseif ($coat->reachMm === null) {
                    $reach[$key] = $limit[$key] = Region::whole($panel->outline);
                } else {
                    $reach[$key] = $fields->within($coat, $coat->reachMm);
                    $limit[$key] = $fields->within($coat, $coat->reachMm + $coat->fadeMm);
                    if ($coat->innerMm !== null) {
                        $inner = $fields->within($coat, $coat->innerMm);
                        $reach[$key] = $reach[$key]->without($inner);
                        $limit[$key] = $limit[$key]->without($inner);
                    }
                }
            }
            $role = self::role($coats, $reach, $panel->outline->areaMm2());
            if ($role === PanelRole::EdgeToEdge) {
                // No fringe on this panel, so nothing to bed.
                foreach ($coats as $coat) {
                    if ($coat->kind() === CoatKind::WetBed) {
                        $reach[$coat->id()] = $limit[$coat->id()] = Region::nothing();
                    }
                }
            }
            $planned[$id] = new PlannedPanel(
                $panel,
                $role,
                $inPlay->why,
                $reach,
                $limit,
                $inPlay->footprints,
                $inPlay->stops,
                $play->sequenceOn($inPlay),
            );
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
            $zones[] = new Zone(
                ZoneKind::Repair,
                $repair->panelId,
                Region::whole($repair->shape->outlineOn($request->body->panel($repair->panelId))),
            );
        }
        foreach ($panels as $id => $planned) {
            foreach (self::onPanel($coats, $planned) as [$kind, $region]) {
                $skip = $kind === ZoneKind::ColourBlend && $planned->role === PanelRole::EdgeToEdge;
                if (! $region->isEmpty() && ! $skip) {
                    $zones[] = new Zone($kind, $id, $region);
                }
            }
        }

        return $zones;
    }

    /**
     * @param list<Coat> $coats
     * @return list<array{ZoneKind, Region}> from the damage outwards
     */
    private static function onPanel(array $coats, PlannedPanel $planned): array
    {
        $widest = fn (CoatKind $kind): Region => self::widest(
            array_filter($coats, fn (Coat $c): bool => $c->kind() === $kind),
            $planned,
        );
        $full = Region::nothing();
        foreach ($coats as $coat) {
            if ($coat->kind() === CoatKind::Base && ! $planned->reach[$coat->id()]->isEmpty()) {
                $full = $planned->reach[$coat->id()];
                break;
            }
        }

        return [
            [ZoneKind::Sealer, $widest(CoatKind::Sealer)],
            [ZoneKind::FullColour, $full],
            [ZoneKind::ColourBlend, self::widest(array_filter($coats, fn (Coat $c): bool => $c->isColour()), $planned)],
            [ZoneKind::WetBed, $widest(CoatKind::WetBed)],
            [ZoneKind::Clear, $widest(CoatKind::Clear)],
            [ZoneKind::ClearFade, $widest(CoatKind::FadeSolvent)],
        ];
    }

    /**
     * What the furthest of some coats covers, out to its last dust.
     *
     * @param array<Coat> $coats
     */
    private static function widest(array $coats, PlannedPanel $planned): Region
    {
        $most = Region::nothing();
        foreach ($coats as $coat) {
            $region = $planned->limit[$coat->id()];
            $most = $region->areaMm2 > $most->areaMm2 ? $region : $most;
        }

        return $most;
    }

    /**
     * A sealer lies on what wants one, or on the repairs its step names; one that does not fade isolates the whole panel.
     *
     * @return array{Region, Region}
     */
    private static function sealed(BlendRequest $request, InPlay $inPlay, Coat $coat): array
    {
        $footprints = array_values(
            array_filter(
                $inPlay->footprints,
                fn (Footprint $f): bool => $f->repair->panelId === $inPlay->panel->id &&
                    ($coat->reachMm === null ||
                        $coat->step->where->repairs !== [] ||
                        Planner::wantsSealer($f->repair, $request->undercoatShade)) &&
                    $coat->step->where->takesRepair($f->repair->id),
            ),
        );
        if ($footprints === []) {
            return [Region::nothing(), Region::nothing()];
        }
        if ($coat->reachMm === null) {
            return [Region::whole($inPlay->panel->outline), Region::whole($inPlay->panel->outline)];
        }
        $reach = $coat->reachMm;
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
            if ($coat->kind() === CoatKind::Base && ! $reach[$coat->id()]->isEmpty()) {
                return $reach[$coat->id()]->areaMm2 >= self::EDGE_TO_EDGE * $panelMm2
                    ? PanelRole::EdgeToEdge
                    : PanelRole::Blend;
            }
        }

        return PanelRole::Blend;
    }
}
