<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use JsonSerializable;
use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\PlannedPanel;
use Kalopsis\Blend\Zone;
use Kalopsis\Caution\Caution;
use Kalopsis\Caution\CautionAt;
use Kalopsis\Cups\Cup;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Panel\Region;
use Kalopsis\Panel\Room;
use Kalopsis\Sequence\Coat;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** Everything that was computed for a job, ready to be read by people and programs. */
final readonly class JobPlan implements JsonSerializable
{
    /**
     * @param list<Room> $rooms
     * @param list<Cup> $cups
     * @param list<CautionAt> $cautions
     * @param list<Station> $stations
     */
    public function __construct(
        public JobSpec $job,
        public BlendPlan $blend,
        public array $rooms,
        public array $cups,
        public ReducerGrade $reducer,
        public Reason $reducerWhy,
        public Reason $flash,
        public array $cautions,
        public array $stations,
    ) {}

    /** The same plan, with what the colour desk means for its stations. */
    public function with(ColourState $colour): self
    {
        $stations = array_map(fn (Station $s): Station => match ($s->id) {
            'colour' => $colour->colour,
            'booth' => $colour->booth,
            default => $s,
        }, $this->stations);

        return new self($this->job, $this->blend, $this->rooms, $this->cups, $this->reducer, $this->reducerWhy, $this->flash, $this->cautions, $stations);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'verdict' => $this->blend->verdict,
            'severity' => $this->blend->severity->value,
            'roomNeeded' => $this->blend->roomNeeded,
            'wetBed' => $this->blend->wetBed,
            'panels' => array_map($this->panel(...), array_values($this->blend->panels)),
            'coats' => array_map($this->coat(...), $this->blend->coats),
            'zones' => array_map($this->zone(...), $this->blend->zones),
            'sides' => $this->blend->sides,
            'rooms' => array_map($this->room(...), $this->rooms),
            'warnings' => $this->blend->warnings,
            'cups' => $this->cups,
            'remainder' => Figure::of(Quantity::ml($this->job->plan->remainderMl), Reason::of('Stays in gun, filter and cup walls.', SourceKind::Practice, 'Common practice: 30 to 50 ml; type what your gun keeps.')),
            'reducer' => ['grade' => $this->reducer->value, 'words' => $this->reducer->words(), 'reason' => $this->reducerWhy],
            'flash' => $this->flash,
            'cautions' => $this->cautions,
            'always' => Caution::ALWAYS,
            'stations' => $this->stations,
        ];
    }

    /** @return array<string, mixed> */
    private function panel(PlannedPanel $planned): array
    {
        $area = fn (float $mm2, string $rule): Figure => Figure::of(Quantity::squareMetres($mm2 / 1e6), Reason::of($rule, SourceKind::Geometry, 'Measured on the unrolled body, docs/model.md section 2.'));
        $coloured = 0.0;
        foreach ($this->blend->coats as $coat) {
            if ($coat->kind->isColour()) {
                $coloured = max($coloured, $planned->limit[$coat->id]->areaMm2);
            }
        }

        return [
            'id' => $planned->panel->id,
            'name' => $planned->panel->name,
            'role' => $planned->role->value,
            'roleWords' => $planned->role->words(),
            'why' => $planned->why,
            'area' => $area($planned->panel->outline->areaMm2(), 'The panel within its outline.'),
            'coloured' => $area($coloured, 'What lies within the outermost coat and its fade.'),
        ];
    }

    /** @return array<string, mixed> */
    private function coat(Coat $coat): array
    {
        return [
            'id' => $coat->id,
            'name' => $coat->name,
            'kind' => $coat->kind->value,
            'colour' => $coat->kind->isColour(),
            'purpose' => $coat->purpose,
            'reach' => $coat->reachMm === null ? null : Figure::of(Quantity::mm($coat->reachMm), $coat->isMoved()
                ? Reason::of('You moved this contour.', SourceKind::YourChoice, 'Double-click or Delete takes it back.', ['school says' => Quantity::mm($coat->defaultReachMm ?? 0.0)])
                : $coat->reason),
            'moved' => $coat->isMoved(),
            'movable' => $coat->kind->isColour(),
            'defaultReachMm' => $coat->defaultReachMm,
            'fadeMm' => $coat->fadeMm,
            'limitMm' => $coat->limitMm(),
            'gun' => [
                'pressure' => Quantity::bar($coat->gun->bar),
                'distance' => Quantity::mm($coat->gun->distanceMm),
                'overlap' => Quantity::percent($coat->gun->overlapPercent),
            ],
            'area' => $this->blend->areaOf($coat),
            'contours' => $coat->reachMm === null ? [] : $this->regions($coat->id, false),
            'limits' => $coat->reachMm === null ? [] : $this->regions($coat->id, true),
            'wholePanels' => $coat->reachMm !== null ? [] : array_keys(array_filter(
                $this->blend->panels,
                fn (PlannedPanel $p): bool => ! $p->limit[$coat->id]->isEmpty(),
            )),
        ];
    }

    /** @return list<array{panel: string, rings: Region}> */
    private function regions(string $coat, bool $limit): array
    {
        $out = [];
        foreach ($this->blend->panels as $id => $planned) {
            $region = $limit ? $planned->limit[$coat] : $planned->reach[$coat];
            if (! $region->isEmpty()) {
                $out[] = ['panel' => $id, 'rings' => $region];
            }
        }

        return $out;
    }

    /** @return array<string, mixed> */
    private function zone(Zone $zone): array
    {
        return [
            'kind' => $zone->kind->value,
            'words' => $zone->kind->words(),
            'what' => $zone->kind->what(),
            'preparation' => $zone->kind->preparation($this->blend->wetBed),
            'panel' => $zone->panelId,
            'area' => Figure::of(Quantity::squareMetres($zone->region->areaMm2 / 1e6), Reason::of('Everything on this panel out to the edge of this zone, the zones inside it included.', SourceKind::Geometry, 'Measured on the unrolled body, docs/model.md section 2.')),
        ];
    }

    /** @return array<string, mixed> */
    private function room(Room $room): array
    {
        return [
            'repair' => $room->repairId,
            'panel' => $room->panelId,
            'neighbour' => $room->neighbour,
            'edge' => $room->edge,
            'room' => Quantity::mm($room->mm),
            'short' => $room->neighbour !== null && $room->mm < $this->blend->roomNeeded->value(),
            'from' => $room->from,
            'to' => $room->to,
        ];
    }
}
