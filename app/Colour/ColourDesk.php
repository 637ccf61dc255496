<?php

declare(strict_types=1);

namespace App\Colour;

use App\Booth\RunStanding;
use App\Logbook\LogLine;
use App\LookBack\LookStanding;
use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Support\KeptNeeds;
use App\Support\Planning;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Kalopsis\Blend\Planner;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\Desk;
use Kalopsis\Card\DeskSample;
use Kalopsis\Card\Spraying;
use Kalopsis\Card\Surface;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\ColourState;
use Kalopsis\Job\Equipment;
use Kalopsis\Job\Fingerprint;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\PassFallen;
use Kalopsis\Job\PlannedSpraying;
use Kalopsis\Job\PlannedWork;
use Kalopsis\Job\PlanNeeds;

/** Lays what was recorded for a job on the core's desk. */
final readonly class ColourDesk
{
    private const GATE = ['pass', 'override', 'close'];

    public function __construct(private Planning $planning) {}

    /** The plan of the newest version. */
    public function plan(RepairJob $job): JobPlan
    {
        return $this->planning->plan($job->at($job->head)->document, $job->workshop_id, $job);
    }

    /** The desk for the job's newest version, or for a plan that is only being tried. */
    public function of(RepairJob $job, ?JobPlan $plan = null): DeskView
    {
        $plan ??= $this->plan($job);
        $samples = $job->samples()->with('user')->get()->sortBy('number')->values();
        $events = $job
            ->colourEvents()
            ->with('user')
            ->get()
            ->whereIn('kind', ['eye', ...self::GATE])
            ->sortByDesc('id')
            ->values();
        $spec = $plan->job;
        $formula = ColourFormula::newest($job->workshop_id, $spec->colour->name, $spec->colour->code);
        $spraying = PlannedSpraying::of($plan);
        $desk = Desk::judge(
            array_values(
                $samples->map(fn (ColourSample $s): DeskSample => self::sample($s, $events, $formula, $spec->equipment))->all(),
            ),
            self::needs($plan),
            $spraying,
            PlannedSpraying::product($plan),
            $spec->system,
            $spec->air(),
            $spec->pigment(),
            self::mayPractise($job, $plan),
            $spec->plan->effectCoats(),
        );

        return new DeskView(
            $job,
            $plan,
            $desk,
            $samples,
            $events,
            $formula,
            $spraying,
            self::passed($events, Fingerprint::of($plan), $samples, self::mayPractise($job, $plan)),
            self::fallen($events, $plan, $samples),
            self::mayPractise($job, $plan),
        );
    }

    /** May what the simulated instrument made up pass here? */
    private static function mayPractise(RepairJob $job, JobPlan $plan): bool
    {
        return $plan->job->practice || $job->workshop->is_demo;
    }

    /**
     * The newest pass, where it was for another plan than this one; null where nobody passed a card or it was taken back.
     *
     * @param Collection<int, ColourEvent> $events newest first
     * @param Collection<int, ColourSample> $samples
     */
    private static function fallen(Collection $events, JobPlan $plan, Collection $samples): ?FallenPass
    {
        $newest = $events->first(fn (ColourEvent $e): bool => in_array($e->kind, self::GATE, true));
        if ($newest === null || $newest->kind === 'close' || $newest->plan_print === Fingerprint::of($plan)) {
            return null;
        }
        $sample = $newest->colour_sample_id === null ? null : $samples->firstWhere('id', $newest->colour_sample_id);
        if ($newest->kind === 'pass' && ($sample === null || $sample->struck_at !== null)) {
            return null;
        }
        $snapshot = $newest->body['snapshot'] ?? null;

        return new FallenPass($newest, is_array($snapshot) ? PassFallen::because($snapshot, $plan) : []);
    }

    private static function needs(JobPlan $plan): PlanNeeds
    {
        return new PlanNeeds($plan, new Planner(new KeptNeeds()));
    }

    /**
     * The plan with its stations as the desk sees them; nothing is judged but the card it is made for, and nothing is
     * written.
     */
    public function benchPlan(RepairJob $job, ?JobPlan $plan = null, ?Pair $pair = null): JobPlan
    {
        // A car that is in the booth, or was, says so, whatever is planned meanwhile.
        return $this->atGate($job, $plan, $pair)->saying(RunStanding::of($job))->saying(LookStanding::of($job));
    }

    /** The same, without what became of it in the booth: is the way there open? */
    public function atGate(RepairJob $job, ?JobPlan $plan = null, ?Pair $pair = null): JobPlan
    {
        $plan ??= $this->plan($job);
        $pair = ($pair ?? Pair::of($job))->at($plan->job->plan->effectCoats());
        $events = $job->colourEvents()->with('user')->get()->whereIn('kind', self::GATE)->sortByDesc('id')->values();
        $passed = self::passed($events, Fingerprint::of($plan), $pair->samples, self::mayPractise($job, $plan));
        $comparison = $pair->comparison();
        $verdict = $comparison === null ? null : CardVerdict::of($comparison, self::needs($plan)->of($comparison));

        return $plan->with(
            ColourState::of(
                $pair->car !== null,
                $pair->cards,
                $verdict,
                $passed?->by(),
                $passed?->kind === 'override',
                ($passed?->body['byEye'] ?? false) === true,
            ),
        );
    }

    /** Keeps what the plan and the desk come to, for the list of cars. Whatever changes either of them calls it. */
    public function remember(RepairJob $job, ?JobPlan $plan = null): JobPlan
    {
        $plan = $this->benchPlan($job, $plan);
        $standing = json_decode(
            (string) json_encode([
                'stations' => $plan->stations,
                'verdict' => $plan->blend->verdict,
                'severity' => $plan->blend->severity->value,
                'paint' => Pair::of($job)->screen(),
                // What the day needs to know of it.
                'work' => $plan->blend->panels === [] ? null : PlannedWork::of($plan)->blocks(),
            ]),
        );
        $job->standing = is_object($standing) ? $standing : null;
        $job->timestamps = false;
        $job->save();
        LogLine::keep($job, $plan);

        return $plan;
    }

    /**
     * @param Collection<int, ColourEvent> $events newest first
     * @param Collection<int, ColourSample> $samples
     */
    private static function passed(
        Collection $events,
        string $print,
        Collection $samples,
        bool $practice,
    ): ?ColourEvent {
        foreach ($events as $event) {
            if ($event->kind === 'eye' || $event->plan_print !== $print) {
                continue;
            }
            if ($event->kind === 'close') {
                return null;
            }
            // A job that is no longer for practice is a car to be painted.
            if (! $practice && ($event->body['simulated'] ?? false) === true) {
                continue;
            }
            $sample = $event->colour_sample_id === null ? null : $samples->firstWhere('id', $event->colour_sample_id);
            if ($event->kind === 'override' || ($sample instanceof ColourSample && $sample->struck_at === null)) {
                return $event;
            }
        }

        return null;
    }

    /** @param Collection<int, ColourEvent> $events */
    private static function sample(ColourSample $s, Collection $events, ?ColourFormula $formula, Equipment $shop): DeskSample
    {
        $details = $s->details;
        $problems = new Problems();
        $spraying = is_array($details['spraying'] ?? null)
            ? Spraying::read(Fields::of($details['spraying'], $problems))
            : null;
        $sprayedAt = $details['sprayedAt'] ?? null;
        $number = is_array($details['formula'] ?? null) ? $details['formula']['number'] ?? null : null;
        $coats = $details['letDownCoats'] ?? null;
        $instruments = $s->mean['instruments'] ?? [];
        $repeats = array_filter(array_map($shop->repeats(...), $instruments), is_float(...));

        return new DeskSample(
            $s->id,
            $s->kind,
            $s->name,
            $s->struck_at !== null,
            $s->mean === null ? null : Pair::measurement($s->mean['measurement']),
            $s->mean['shots'] ?? 0,
            $s->mean['spots'] ?? 0,
            count($s->mean['outliers'] ?? []),
            $s->mean['spread'] ?? 0.0,
            array_values(array_filter(array_map(Surface::tryFrom(...), $s->mean['surfaces'] ?? []))),
            $problems->any() ? null : $spraying,
            is_string($sprayedAt) ? max(0, (int) Carbon::parse($sprayedAt)->diffInDays(now())) : null,
            $formula !== null && is_int($number) && $number < $formula->number,
            LooksOf::sample($events, $s->id),
            is_array($details['predicted'] ?? null) ? Pair::measurement($details['predicted']) : null,
            is_int($coats) || is_float($coats) ? (float) $coats : null,
            Pair::isSimulated($s),
            $instruments,
            $repeats === [] ? null : max($repeats),
        );
    }
}
