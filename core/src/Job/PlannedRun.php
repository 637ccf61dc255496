<?php

declare(strict_types=1);

namespace Kalopsis\Job;

use Kalopsis\Booth\DryingTable;
use Kalopsis\Booth\Run;
use Kalopsis\Booth\RunStep;
use Kalopsis\Booth\StepKind;
use Kalopsis\Card\Light;
use Kalopsis\Caution\Caution;
use Kalopsis\Caution\CautionAt;
use Kalopsis\Colour\Measurement;
use Kalopsis\Cups\Cup;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\ProductRole;
use Kalopsis\Findings\Defect;
use Kalopsis\Findings\Remedy;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\GunChange;
use Kalopsis\Sequence\Hold;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** The run of a plan: every step from the tack rag to the bake, as the sequence of coats and the one pace have it. */
final readonly class PlannedRun
{
    /** Common practice, min. */
    private const READY_MIN = 5.0;

    private const TACK_MIN = 2.0;

    private const LOOK_MIN = 3.0;

    private const UNMASK_MIN = 10.0;

    /** A control coat goes on base that has just dulled, never on base that has dried out: so long after. Chosen here. */
    private const CONTROL_WITHIN_MIN = 10.0;

    /** A rescue coat reaches a few centimetres past the coat before it. Common practice. */
    private const RESCUE_PAST_MM = 40.0;

    /** Before clear solvent base waits twice what dull takes, 10 to 20 min; waterborne until dull. Common practice. */
    private const BEFORE_CLEAR = 2.0;

    /** @param list<Defect> $defects */
    public function __construct(
        private JobPlan $plan,
        private array $defects,
        private JobPlanner $planner,
        private ?Measurement $car,
        private ?Measurement $card,
    ) {}

    public function run(): Run
    {
        $extras = [];
        $remedies = [];
        foreach ($this->defects as $defect) {
            foreach ($defect->remedies as $remedy) {
                $remedies[$defect->key][$remedy->key] = $this->steps($remedy, $extras);
            }
        }
        $booth = $this->plan->job->booth;

        return new Run(
            $this->planned(),
            $remedies,
            $this->drying(),
            [
                'temperatureC' => $booth->temperatureC,
                'humidityPercent' => $booth->humidityPercent,
                'airMPerS' => $this->plan->job->air()->movesMPerS,
            ],
        );
    }

    /** @return list<RunStep> with earliest and latest minutes from the first step on */
    private function planned(): array
    {
        $plan = $this->plan;
        $steps = [$this->ready()];
        $before = null;
        $cleared = false;
        foreach ($plan->blend->coats as $coat) {
            if ($coat->role() === ProductRole::Clear && ! $cleared) {
                $cleared = true;
                array_push($steps, ...$this->beforeClear($before));
                $before = $before === null ? null : [$before[0], self::BEFORE_CLEAR];
            }
            $steps[] = $this->coat($plan, $coat, $before);
            $before = [$coat, 1.0];
        }
        array_push($steps, ...$this->afterClear());

        return $this->timed($steps);
    }

    private function ready(): RunStep
    {
        $says = [
            Phrase::of('Wiped twice, again after masking. Blown gently near the car, never at floor or walls.'),
            Phrase::of('Tacked from the top down, lightly, the rag unfolded. Masking too.'),
        ];
        foreach (GunsReady::of($this->plan)->jsonSerialize() as $guns) {
            $says[] = $guns['when'];
        }
        $at = array_values(array_filter($this->plan->cautions, fn (CautionAt $c): bool => $c->where === 'booth'));

        return new RunStep('ready', StepKind::Ready, self::READY_MIN, null, null, [
            'name' => Phrase::of('Ready to spray'),
            'says' => $says,
            'cautions' => [new CautionAt(Caution::Vapours, 'booth'), ...$at],
        ]);
    }

    /**
     * @param ?array{Coat, float} $before the coat that it waits for, and how patiently
     */
    private function coat(JobPlan $plan, Coat $coat, ?array $before): RunStep
    {
        $pace = $plan->pace();
        $wait = $this->waitAfter($before, $coat);
        $gun = $coat->gun;
        [$cup, $ml] = self::cupOf($plan, $coat->id());

        return new RunStep(
            $coat->id(),
            StepKind::Coat,
            $pace->spraying($coat, $plan->blend->areaOf($coat)->value()),
            $wait['minutes'],
            $wait['movement'],
            [
                'name' => Phrase::of($coat->name()),
                'coat' => $coat->id(),
                'coatKind' => $coat->kind()->value,
                'dries' => $wait['dries'],
                'after' => $before === null ? null : Phrase::of($before[0]->name()),
                'look' => $wait['look'],
                'gun' => [
                    'pressure' => Quantity::bar($gun->bar),
                    'distance' => Quantity::mm($gun->distanceMm),
                    'overlap' => Quantity::percent($gun->overlapPercent),
                ],
                'cup' => $cup === null
                    ? null
                    : ['id' => $cup->id, 'name' => $cup->name, 'mixture' => $coat->mixture->text(), 'ml' => Quantity::ml($ml)],
                'cupId' => $cup->id ?? '',
                'reach' => $coat->reachMm === null ? null : Quantity::mm($coat->reachMm),
                'panels' => $this->panels($plan, $coat),
                'says' => $this->says($plan, $coat),
                'cautions' => array_values(
                    array_filter($plan->cautions, fn (CautionAt $c): bool => $c->where === "coat:{$coat->id()}"),
                ),
            ],
        );
    }

    /**
     * @param ?array{Coat, float} $before
     * @return array{minutes: ?float, movement: ?string, dries: string, look: ?Phrase}
     */
    private function waitAfter(?array $before, ?Coat $next): array
    {
        if ($before === null) {
            return ['minutes' => null, 'movement' => null, 'dries' => 'base', 'look' => null];
        }
        [$coat, $patience] = $before;
        $pace = $this->plan->pace();
        $solvent = $pace->volatile($coat)->carrier === Carrier::Solvent;
        $minutes = $pace->waiting($coat) * ($solvent ? $patience : 1.0);
        $clear = $coat->role() === ProductRole::Clear;

        return [
            'minutes' => $minutes > 0.0 ? $minutes : null,
            'movement' => $pace->movement($coat)->value,
            'dries' => $clear ? 'clear' : 'base',
            'look' => match (true) {
                $clear => Phrase::of('Touch the masking: tacky, not stringy.'),
                $solvent => Phrase::of('Evenly dull, no wet shine along the edge. Tack first where overspray lies.'),
                default => Phrase::of('All gloss gone, from the side too. Blow at a slant, from far to near.'),
            },
        ];
    }

    /** @return list<string> names of the panels it goes on */
    private function panels(JobPlan $plan, Coat $coat): array
    {
        $out = [];
        foreach ($plan->blend->panels as $planned) {
            if ((($planned->limit[$coat->id()] ?? null)->areaMm2 ?? 0.0) > 0.0) {
                $out[] = $planned->panel->name;
            }
        }

        return $out;
    }

    /** @return list<Phrase> */
    private function says(JobPlan $plan, Coat $coat): array
    {
        $says = [];
        if ($coat->step->purpose !== '') {
            $says[] = Phrase::of($coat->step->purpose);
        }
        if ($coat->reachMm === null || $coat->kind() === CoatKind::Clear) {
            $says[] = Phrase::of('Edges and jambs first, then the face. Paint through the gap and off it.');
        } else {
            $says[] = Phrase::of('Flick off at the edge, never stop dead; vary where the strokes end.');
        }
        if ($coat->kind() === CoatKind::Control) {
            $says[] = Phrase::of('Only on base that has just dulled, never on base that has dried out.');
        }
        if ($coat->mixture->added?->role === ProductRole::WetBed) {
            $says[] = Phrase::of('Pour off spare base first.');
        }

        return $says;
    }

    private function underTheLamp(): Phrase
    {
        $own = $this->plan->job->equipment->lamp(Light::DaylightLamp);

        return $own === null
            ? Phrase::of('Room lights off, the daylight lamp moved along the panel: is it covered and even?')
            : Phrase::of('Room lights off, {lamp} moved along the panel: is it covered and even?', ['lamp' => $own]);
    }

    /** @return array{?Cup, float} */
    private static function cupOf(JobPlan $plan, string $coatId): array
    {
        foreach ($plan->cups as $cup) {
            foreach ($cup->coats as $amount) {
                if ($amount->coatId === $coatId) {
                    return [$cup, $amount->volume->value()];
                }
            }
        }

        return [null, 0.0];
    }

    /**
     * @param ?array{Coat, float} $before
     * @return list<RunStep>
     */
    private function beforeClear(?array $before): array
    {
        $wait = $this->waitAfter($before, null);

        return [
            new RunStep('tack', StepKind::Tack, self::TACK_MIN, $wait['minutes'], $wait['movement'], [
                'name' => Phrase::of('Tack-rag test'),
                'dries' => $wait['dries'],
                'after' => $before === null ? null : Phrase::of($before[0]->name()),
                'look' => $wait['look'],
                'asks' => Phrase::of('One light wipe beside the repair, rag unfolded: is there overspray on it?'),
                'says' => [Phrase::of('Dust on the rag is dust under the clear: tack all of it, top down, and test again.')],
                'cautions' => [new CautionAt(Caution::Wipes, 'booth')],
            ]),
            new RunStep('cover', StepKind::Cover, self::LOOK_MIN, null, null, [
                'name' => Phrase::of('Cover and evenness'),
                'asks' => $this->underTheLamp(),
                'says' => [Phrase::of('Booth light hides a transparent spot that the sun shows as a stain.')],
                'cautions' => [new CautionAt(Caution::LampsAndUv, 'booth')],
            ]),
            new RunStep('card', StepKind::Card, self::LOOK_MIN, null, null, [
                'name' => Phrase::of('The card against the car'),
                'asks' => Phrase::of('Card, panel and car, face and flop: does it match as the card passed?'),
                'says' => [Phrase::of('Clear makes every fault worse and none better. This is the last place to stop.')],
                'cautions' => [],
            ]),
        ];
    }

    /** @return list<RunStep> */
    private function afterClear(): array
    {
        $bake = PlannedWork::bake($this->plan);
        $car = $this->plan->job->car;
        $says = [Phrase::of('Bake limits of plastics, hybrid and electric cars: follow the car maker.')];
        if ($car->electric && $car->bakeLimitC === null) {
            array_unshift($says, Phrase::of('A battery drives this car, and nobody has typed its limit: look it up before the heat goes on.'));
        }

        return [
            new RunStep(
                'bake',
                StepKind::Bake,
                $bake->minutes ?? PlannedWork::AIR_DRY,
                PlannedWork::FLASH_BEFORE_BAKE,
                null,
                [
                    'name' => $bake->minutes === null
                        ? Phrase::of('Dries in the air')
                        : Phrase::of('Bake at {at}', ['at' => Quantity::celsius($bake->celsius)]),
                    'look' => Phrase::of('Let the solvent leave before the heat: a hurried bake pops.'),
                    'says' => $says,
                    'cautions' => [
                        new CautionAt(Caution::BakeLimits, 'booth'),
                        new CautionAt(Caution::Isocyanates, 'booth'),
                    ],
                ],
            ),
            new RunStep('unmask', StepKind::Unmask, self::UNMASK_MIN, PlannedWork::COOL, null, [
                'name' => Phrase::of('Unmask'),
                'look' => Phrase::of('Cool enough to lay a hand on.'),
                'says' => [Phrase::of('Tape off while it is still a little warm, away from the new edge. Then look at it in daylight.')],
                'cautions' => [new CautionAt(Caution::Wipes, 'booth')],
            ]),
        ];
    }

    /**
     * When each can begin at the earliest, and must at the latest: before the pot life of its cup is over, and a control coat
     * before the base has dried out.
     *
     * @param list<RunStep> $steps
     * @return list<RunStep>
     */
    private function timed(array $steps): array
    {
        $at = 0.0;
        $lastCoat = null;
        $mixed = $out = [];
        foreach ($steps as $step) {
            $since = $step->movement !== null ? $lastCoat ?? $at : $at;
            $begins = max($at, $since + ($step->waitMin ?? 0.0));
            $latest = null;
            $cup = $step->text('cupId');
            if ($cup !== '') {
                $mixed[$cup] ??= $begins;
                $life = $this->potLife($cup);
                $latest = $life === null ? null : $mixed[$cup] + $life - $step->minutes;
            }
            if ($step->text('coatKind') === CoatKind::Control->value) {
                $latest = min($latest ?? INF, $begins + self::CONTROL_WITHIN_MIN);
            }
            $out[] = new RunStep($step->id, $step->kind, $step->minutes, $step->waitMin, $step->movement, [
                ...$step->shown,
                'earliest' => round($begins, 2),
                'latest' => $latest === null ? null : round(max($begins, $latest), 2),
            ]);
            $at = $begins + $step->minutes;
            $lastCoat = $step->kind === StepKind::Coat ? $at : $lastCoat;
        }

        return $out;
    }

    private function potLife(string $cupId): ?float
    {
        foreach ($this->plan->cups as $cup) {
            if ($cup->id === $cupId) {
                return $cup->potLifeMin;
            }
        }

        return null;
    }

    /** @return array<string, DryingTable> */
    private function drying(): array
    {
        $pace = $this->plan->pace();
        $air = $this->plan->job->air();
        $out = [];
        foreach ($this->plan->blend->coats as $coat) {
            $out[$coat->role() === ProductRole::Clear ? 'clear' : 'base'] ??= DryingTable::of($pace->volatile($coat), $air);
        }

        return $out;
    }

    /**
     * @param array<string, ?RunStep> $extras made once
     * @return list<RunStep>
     */
    private function steps(Remedy $remedy, array &$extras): array
    {
        $out = [];
        foreach ($remedy->steps as $step) {
            $extra = $step->shown['extra'] ?? null;
            if (! is_string($extra)) {
                $out[] = $step;

                continue;
            }
            if (! array_key_exists($extra, $extras)) {
                $extras[$extra] = $extra === 'control' ? $this->controlCoat() : $this->rescueCoat();
            }
            if ($extras[$extra] !== null) {
                $out[] = $extras[$extra];
            }
        }

        return $out;
    }

    /** The plan's own control coat once more, or one where it has none. */
    private function controlCoat(): ?RunStep
    {
        foreach ($this->plan->blend->coats as $coat) {
            if ($coat->kind() === CoatKind::Control) {
                return $this->coat($this->plan, $coat, null);
            }
        }

        return $this->extra(
            CoatStep::plain('extra-control', 'Control coat', CoatKind::Control, Extent::past(1.0, 0.4), 'Lays flakes evenly')->changed(
                gun: new GunChange(hold: Hold::Thin),
                film: 0.5,
            ),
        );
    }

    /** What is left of the base one to one with blending clear, past the furthest colour. */
    private function rescueCoat(): ?RunStep
    {
        $furthest = null;
        $reach = 0.0;
        foreach ($this->plan->blend->coats as $coat) {
            if (! $coat->isColour() || $coat->reachMm === null) {
                continue;
            }
            $reach = max($reach, $coat->reachMm);
            $furthest = $coat->kind() === CoatKind::Control ? $furthest : $coat;
        }
        if ($furthest === null) {
            return null;
        }
        $reach = min(Extent::LONGEST_MM - $furthest->fadeMm, $reach + self::RESCUE_PAST_MM);

        return $this->extra(
            $furthest->step->changed(
                id: 'rescue',
                name: 'Rescue coat',
                kind: CoatKind::Effect,
                mixture: new MixtureSpec(1.0, 1.0),
                extent: Extent::past(1.0, 0.4, $reach, $furthest->fadeMm),
                film: 1.0,
                purpose: 'Melts the fade in, further out',
            ),
        );
    }

    /** A coat that the plan has not got, planned into it: its paint, its minutes, where it goes. */
    private function extra(CoatStep $step): ?RunStep
    {
        $job = $this->plan->job;
        $steps = [];
        foreach ($job->plan->sequence->steps as $own) {
            if ($own->kind === CoatKind::Clear && ! in_array($step, $steps, true)) {
                $steps[] = $step;
            }
            $steps[] = $own;
        }
        $sequence = new CoatSequence($steps);
        if (count($steps) === count($job->plan->sequence->steps) || count($steps) > CoatSequence::MOST_STEPS) {
            return null;
        }
        foreach ($sequence->roles($job->colour->finish) as $role) {
            if (! $job->system->has($role)) {
                return null;
            }
        }
        $plan = $this->planner->plan(
            $job->with($job->plan->sprayed($job->plan->school, $sequence, $job->plan->usual, true)),
            $this->car,
            $this->card,
        );
        foreach ($plan->blend->coats as $coat) {
            if ($coat->id() === $step->id) {
                return $this->coat($plan, $coat, null);
            }
        }

        return null;
    }
}
