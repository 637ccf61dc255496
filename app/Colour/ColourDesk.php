<?php

declare(strict_types=1);

namespace App\Colour;

use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Support\Planning;
use App\Support\SameJson;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Kalopsis\Card\Desk;
use Kalopsis\Card\DeskSample;
use Kalopsis\Card\EyeVerdict;
use Kalopsis\Card\ReachNeeded;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Spraying;
use Kalopsis\Card\Surface;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Ranking;
use Kalopsis\Film\Air;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\PlannedSpraying;
use Kalopsis\Job\SimulatedReach;
use RuntimeException;

/** Lays what was recorded for a job on the core's desk. */
final readonly class ColourDesk
{
    public function __construct(private Planning $planning, private ReachNeeded $rule) {}

    /** The desk for the job's newest version, or for a plan that is only being tried. */
    public function of(RepairJob $job, ?JobPlan $plan = null): DeskView
    {
        $document = $job->at($job->head)->document;
        $plan ??= $this->planning->plan($document, $job->workshop_id);
        $samples = $job->samples()->with('user')->get()->sortBy('number')->values();
        $events = $job->colourEvents()->with('user')->get()->whereIn('kind', ['eye', 'pass', 'override', 'close'])->sortByDesc('id')->values();
        $spec = $plan->job;
        $formula = ColourFormula::newest($job->workshop_id, $spec->colour->name, $spec->colour->code);
        $spraying = PlannedSpraying::of($plan);
        $desk = Desk::judge(
            array_values($samples->map(fn (ColourSample $s): DeskSample => self::sample($s, $events, $formula))->all()),
            SimulatedReach::for($plan, $this->rule),
            $spraying,
            PlannedSpraying::product($plan),
            $spec->system->carrier,
            new Air($spec->booth->temperatureC, $spec->booth->humidityPercent),
            PlannedSpraying::roomMm($plan),
        );

        return new DeskView($job, $plan, $desk, $samples, $events, $formula, $spraying, self::passed($events, PlanPrint::of($document), $samples));
    }

    /**
     * The car and the card that comes nearest to it, as far as both have been read.
     *
     * @return array{?Measurement, ?Measurement}
     */
    public function pair(RepairJob $job): array
    {
        $car = null;
        $cards = [];
        foreach ($job->samples()->get() as $sample) {
            if ($sample->mean === null || $sample->struck_at !== null) {
                continue;
            }
            if ($sample->kind === SampleKind::Car) {
                $car = self::measurement($sample->mean['measurement']);
            } elseif ($sample->kind === SampleKind::Card) {
                $cards[$sample->id] = self::measurement($sample->mean['measurement']);
            }
        }
        $best = $car === null ? [] : Ranking::against($car, $cards);

        return [$car, $best === [] ? null : $cards[$best[0]->id]];
    }

    /** The plan of the newest version with its stations as the desk sees them; what the desk means is kept for the list of cars. */
    public function benchPlan(RepairJob $job, ?JobPlan $plan = null): JobPlan
    {
        $view = $this->of($job, $plan);
        $state = $view->state();
        $kept = (string) json_encode([$state->colour, $state->booth]);
        if (! SameJson::is(json_decode((string) json_encode($job->colour_stations), true), json_decode($kept, true))) {
            $stations = json_decode($kept);
            $job->colour_stations = is_array($stations) ? array_values(array_filter($stations, is_object(...))) : null;
            $job->timestamps = false;
            $job->save();
        }

        return $view->benchPlan();
    }

    /**
     * @param Collection<int, ColourEvent> $events newest first
     * @param Collection<int, ColourSample> $samples
     */
    private static function passed(Collection $events, string $print, Collection $samples): ?ColourEvent
    {
        foreach ($events as $event) {
            if ($event->kind === 'eye' || $event->plan_print !== $print) {
                continue;
            }
            if ($event->kind === 'close') {
                return null;
            }
            $sample = $event->colour_sample_id === null ? null : $samples->firstWhere('id', $event->colour_sample_id);
            if ($event->kind === 'override' || ($sample instanceof ColourSample && $sample->struck_at === null)) {
                return $event;
            }
        }

        return null;
    }

    /** @param Collection<int, ColourEvent> $events */
    private static function sample(ColourSample $s, Collection $events, ?ColourFormula $formula): DeskSample
    {
        $details = $s->details;
        $problems = new Problems();
        $spraying = is_array($details['spraying'] ?? null) ? Spraying::read(Fields::of($details['spraying'], $problems)) : null;
        $eyes = [];
        foreach ($events as $event) {
            if ($event->kind === 'eye' && $event->colour_sample_id === $s->id) {
                $key = json_encode([$event->body['light'] ?? '', $event->body['from'] ?? '']);
                $eyes[$key] ??= EyeVerdict::tryFrom(is_string($event->body['verdict'] ?? null) ? $event->body['verdict'] : '');
            }
        }
        $sprayedAt = $details['sprayedAt'] ?? null;
        $number = is_array($details['formula'] ?? null) ? ($details['formula']['number'] ?? null) : null;
        $coats = $details['letDownCoats'] ?? null;

        return new DeskSample(
            $s->id,
            $s->kind,
            $s->name,
            $s->struck_at !== null,
            $s->mean === null ? null : self::measurement($s->mean['measurement']),
            $s->mean['shots'] ?? 0,
            $s->mean['spots'] ?? 0,
            count($s->mean['outliers'] ?? []),
            $s->mean['spread'] ?? 0.0,
            array_values(array_filter(array_map(Surface::tryFrom(...), $s->mean['surfaces'] ?? []))),
            $problems->any() ? null : $spraying,
            is_string($sprayedAt) ? max(0, (int) Carbon::parse($sprayedAt)->diffInDays(now())) : null,
            $formula !== null && is_int($number) && $number < $formula->number,
            array_values(array_filter($eyes)),
            is_array($details['predicted'] ?? null) ? self::measurement($details['predicted']) : null,
            is_int($coats) || is_float($coats) ? (float) $coats : null,
        );
    }

    /** @param array<string, mixed> $kept */
    public static function measurement(array $kept): Measurement
    {
        $problems = new Problems();

        return ReadingReader::read(Fields::of($kept, $problems)) ?? throw new RuntimeException('A kept reading cannot be read.');
    }
}
