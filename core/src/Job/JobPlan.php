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
use Kalopsis\Film\ProductRole;
use Kalopsis\Panel\Region;
use Kalopsis\Panel\Room;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Spray\Pace;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Figure;
use Kalopsis\Why\Phrase;
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
        public array $cautions,
        public array $stations,
        public bool $simulated = false,
    ) {}

    /** The same plan, with what the colour desk means for its stations. */
    public function with(ColourState $colour): self
    {
        $stations = array_map(
            fn (Station $s): Station => match ($s->id) {
                'colour' => $colour->colour,
                'booth' => $colour->booth,
                default => $s,
            },
            $this->stations,
        );

        return new self(
            $this->job,
            $this->blend,
            $this->rooms,
            $this->cups,
            $this->cautions,
            $stations,
            $this->simulated,
        );
    }

    /** The same plan, with another word for one of its stations. */
    public function saying(?Station $station): self
    {
        if ($station === null) {
            return $this;
        }

        return new self(
            $this->job,
            $this->blend,
            $this->rooms,
            $this->cups,
            $this->cautions,
            array_map(fn (Station $s): Station => $s->id === $station->id ? $station : $s, $this->stations),
            $this->simulated,
        );
    }

    /** The same plan, made for readings of the simulated instrument. */
    public function fromSimulated(bool $simulated): self
    {
        return new self(
            $this->job,
            $this->blend,
            $this->rooms,
            $this->cups,
            $this->cautions,
            $this->stations,
            $simulated,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $job = $this->job;
        $reducer = $job->reducer();
        $pace = $this->pace();

        return [
            'verdict' => $this->blend->verdict,
            'severity' => $this->blend->severity->value,
            'need' => $this->need(),
            'wetBed' => $this->blend->hasBed(),
            'school' => $job->plan->school,
            'edited' => $job->plan->edited,
            'sequence' => $job->plan->sequence,
            'panels' => array_map($this->panel(...), array_values($this->blend->panels)),
            'coats' => array_map(fn (Coat $c): array => $this->coat($c, $pace), $this->blend->coats),
            'zones' => array_map($this->zone(...), $this->blend->zones),
            'sides' => $this->blend->sides,
            'rooms' => array_map($this->room(...), $this->rooms),
            'warnings' => $this->blend->warnings,
            'effectCoats' => $job->plan->effectCoats() === null ? null : round($job->plan->effectCoats(), 2),
            'simulated' => $this->simulated,
            'practice' => $job->practice,
            'cups' => $this->cups,
            'currency' => $job->system->currency,
            'clearGrade' => $job->system->product(ProductRole::Clear)->sheet->grade?->value,
            'remainder' => Figure::of(
                Quantity::ml($job->plan->remainderMl),
                Reason::of(
                    Phrase::of('Stays in gun, filter and cup walls: {least} to {most}. Type what your gun keeps.', [
                        'least' => Quantity::ml(30.0),
                        'most' => Quantity::ml(50.0),
                    ]),
                    SourceKind::Practice,
                    'Common practice.',
                ),
            ),
            'reducer' => [
                'key' => $reducer->key(),
                'words' => $reducer->words(),
                'advised' => $job->advisedReducer()->key(),
                'advisedWords' => $job->advisedReducer()->words(),
                'choice' => $job->reducerChoice(),
            ],
            'flash' => $pace->betweenCoats($this->blend->coats),
            'boothMinutes' => Quantity::minutes($this->boothMinutes()),
            'cautions' => $this->cautions,
            'always' => Caution::ALWAYS,
            'stations' => $this->stations,
            'clear' => FadedClear::of($this)->jsonSerialize(),
            'care' => Care::of($this)->jsonSerialize(),
        ];
    }

    /** The one pace of everything that says minutes of this plan. */
    public function pace(): Pace
    {
        return new Pace($this->job->system, $this->job->reducer(), $this->job->air());
    }

    /** What all cups of it hold together, ml. */
    public function millilitres(): float
    {
        $ml = 0.0;
        foreach ($this->cups as $cup) {
            $ml += $cup->total->value();
        }

        return $ml;
    }

    /** Minutes in the booth from the first bed to the last colour coat: spraying, and waiting for each coat. */
    public function boothMinutes(): float
    {
        $pace = $this->pace();
        $sum = 0.0;
        foreach ($this->blend->coats as $coat) {
            if ($coat->kind()->hides() || $coat->kind() === CoatKind::WetBed) {
                $sum += $pace->spraying($coat, $this->blend->areaOf($coat)->value()) + $pace->waiting($coat);
            }
        }

        return $sum;
    }

    /** @return array<string, mixed> */
    private function need(): array
    {
        $need = $this->blend->need;

        return [
            'figure' => $need->figure(),
            'certainty' => $need->certainty->value,
            'fades' => $need->fades,
            // Rounded down, as at each side.
            'room' => $need->roomMm === null ? null : Quantity::mm(floor($need->roomMm)),
            'blend' => Quantity::mm($need->blendMm),
            'limit' => $this->blend->limitMm() === null ? null : Quantity::mm($this->blend->limitMm()),
            'usual' => Quantity::mm($need->usualMm),
            'tooLong' => $need->isTooLong(),
            'stays' => $need->stays?->value,
            'measured' => $need->measured,
        ];
    }

    /** @return array<string, mixed> */
    private function panel(PlannedPanel $planned): array
    {
        $area = fn (float $mm2, string $rule): Figure => Figure::of(
            Quantity::squareMetres($mm2 / 1e6),
            Reason::of($rule, SourceKind::Geometry, 'Measured on the unrolled body, model notes, section 2.'),
        );
        $coloured = 0.0;
        foreach ($this->blend->coats as $coat) {
            if ($coat->isColour()) {
                $coloured = max($coloured, $planned->limit[$coat->id()]->areaMm2);
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
    private function coat(Coat $coat, Pace $pace): array
    {
        $step = $coat->step;
        $area = $this->blend->areaOf($coat);
        $fades = $coat->reachMm !== null;

        return [
            'id' => $coat->id(),
            'name' => $coat->name(),
            'kind' => $coat->kind()->value,
            'colour' => $coat->isColour(),
            'purpose' => $step->purpose,
            'reach' => $coat->reachMm === null ? null : Figure::of(Quantity::mm($coat->reachMm), $this->reachWhy($coat)),
            'moved' => $coat->isSetByHand() && $coat->kind() !== CoatKind::Sealer,
            'movable' => $fades && $coat->innerMm === null && $coat->kind() !== CoatKind::Sealer,
            'innerMm' => $coat->innerMm === null ? null : round($coat->innerMm, 1),
            'solvedMm' => $coat->solvedMm === null ? null : round($coat->solvedMm, 1),
            'fadeMm' => round($coat->fadeMm, 1),
            'limitMm' => $coat->limitMm() === null ? null : round($coat->limitMm(), 1),
            'mixture' => $coat->mixture->text(),
            'added' => $coat->mixture->addedText(),
            'landsIn' => $step->landsIn->words(),
            'drying' => $step->drying->words(),
            'wait' => Quantity::minutes($pace->waiting($coat)),
            'gun' => [
                'pressure' => Quantity::bar($coat->gun->bar),
                'distance' => Quantity::mm($coat->gun->distanceMm),
                'overlap' => Quantity::percent($coat->gun->overlapPercent),
                'flowMlPerMin' => $coat->stroke->flowMlPerMin,
                'speedMmPerS' => $coat->stroke->speedMmPerS,
            ],
            'area' => $area,
            'contours' => $fades ? $this->regions($coat->id(), false) : [],
            'limits' => $fades ? $this->regions($coat->id(), true) : [],
            'wholePanels' => $fades
                ? []
                : array_keys(
                    array_filter($this->blend->panels, fn (PlannedPanel $p): bool => ! $p->limit[$coat->id()]->isEmpty()),
                ),
        ];
    }

    private function reachWhy(Coat $coat): Reason
    {
        $extent = $coat->step->extent;
        if ($extent->isSetByHand()) {
            return Reason::of('You set this reach.', SourceKind::YourChoice, 'Delete or "computed" gives it back.', [
                'computed' => Quantity::mm($coat->solvedMm ?? 0.0),
            ]);
        }

        return Reason::of(
            Phrase::of('{share} of a blend {blend} long.', [
                'share' => Quantity::percent(100.0 * $extent->reach),
                'blend' => Quantity::mm($this->blend->need->blendMm),
            ]),
            SourceKind::Practice,
            'The shape of the way it is sprayed is common practice; its length is what this blend needs, '
                . 'model notes, section 3.',
            ['fades over' => Quantity::mm($coat->fadeMm)],
        );
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
            'what' => $zone->kind->what($this->job->plan->sequence->clearFades()),
            'preparation' => $zone->kind->preparation($this->blend->hasBed()),
            'panel' => $zone->panelId,
            'area' => Figure::of(
                Quantity::squareMetres($zone->region->areaMm2 / 1e6),
                Reason::of(
                    'Everything on this panel out to the edge of this zone, the zones inside it included.',
                    SourceKind::Geometry,
                    'Measured on the unrolled body, model notes, section 2.',
                ),
            ),
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
            'short' =>
                $room->neighbour !== null &&
                $this->blend->need->fades &&
                $room->mm < ($this->blend->need->mm() ?? $this->blend->need->usualMm),
            'from' => $room->from,
            'to' => $room->to,
        ];
    }
}
