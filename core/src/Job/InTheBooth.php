<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Panel\Orientation;
use Kalopsis\Panel\PanelKind;
use Kalopsis\Why\Phrase;

/** Where the car and its loose parts stand in the booth, and how one stands to them. Common practice. */
final readonly class InTheBooth implements JsonSerializable
{
    /** Hollow from behind: what bounces back comes out of them. */
    private const HOLLOW = [PanelKind::Bumper, PanelKind::Wing, PanelKind::Bonnet, PanelKind::Door, PanelKind::Tailgate];

    public function __construct(private JobPlan $plan) {}

    /** @return list<Phrase> */
    public function jsonSerialize(): array
    {
        $panels = array_values($this->plan->blend->panels);
        if ($panels === []) {
            return [];
        }
        usort($panels, fn (PlannedPanel $a, PlannedPanel $b): int => self::visible($b) <=> self::visible($a));
        $says = [
            Phrase::of('The cleanest place of the booth, where air comes in, goes to {panel}: it is seen most.', [
                'panel' => Phrase::of($panels[0]->panel->name),
            ]),
        ];
        $loose = array_filter($panels, fn (PlannedPanel $p): bool => $this->isLoose($p));
        if ($loose !== []) {
            $says[] = Phrase::of('Loose parts behind the car, off their stands at the edges: {parts}.', [
                'parts' => array_values(array_map(fn (PlannedPanel $p): Phrase => Phrase::of($p->panel->name), $loose)),
            ]);
        }
        $hollow = array_filter($loose, fn (PlannedPanel $p): bool => in_array($p->panel->kind, self::HOLLOW, true));
        if ($hollow !== []) {
            $says[] = Phrase::of('Turn the hollow side of {parts} to the extraction, so that what bounces back goes straight out.', [
                'parts' => array_values(array_map(fn (PlannedPanel $p): Phrase => Phrase::of($p->panel->name), $hollow)),
            ]);
        }
        $flat = array_filter($panels, fn (PlannedPanel $p): bool => $p->panel->orientation === Orientation::Flat);
        if ($flat !== []) {
            $says[] = Phrase::of('Hose over the shoulder on {parts}: nothing drags across or drips.', [
                'parts' => array_values(array_map(fn (PlannedPanel $p): Phrase => Phrase::of($p->panel->name), $flat)),
            ]);
        }
        $says[] = Phrase::of('Room to walk all around; earth the car and the cans.');

        return $says;
    }

    /** A flat panel in the light is seen most, and the larger the more. */
    private static function visible(PlannedPanel $p): float
    {
        return $p->panel->areaM2() * ($p->panel->orientation === Orientation::Flat ? 2.0 : 1.0);
    }

    private function isLoose(PlannedPanel $p): bool
    {
        foreach ($this->plan->job->repairs as $repair) {
            if ($repair->panelId === $p->panel->id && $repair->isWholePanel()) {
                return true;
            }
        }

        return false;
    }
}
