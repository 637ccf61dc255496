<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Booth\RunState;
use App\LookBack\LookState;
use App\Models\ColourSample;
use App\Models\JobFact;
use App\Models\RepairJob;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Findings\LookEvent;
use Kalopsis\Job\JobPlan;

/** Writes what the logbook looks up of a job. Whatever changes the job calls it. */
final class LogLine
{
    public static function keep(RepairJob $job, JobPlan $plan): void
    {
        $looks = LookState::of($job);
        $run = LookState::run($job);
        $record = $run === null || $run->finished_at === null ? null : RunState::record($run);
        $cost = $ml = $wasted = 0.0;
        $priced = true;
        foreach ($plan->cups as $cup) {
            $own = CupPlanner::cost($cup->mixture, $cup->total->value());
            $priced = $priced && $own !== null;
            $cost += $own ?? 0.0;
            $ml += $cup->total->value();
            $wasted += $cup->wastedMl;
        }
        $passed = false;
        foreach ($plan->stations as $station) {
            $passed = $passed || ($station->id === 'booth' && $station->ready);
        }
        $spec = $plan->job;
        $lesson = $looks->lessons === [] ? '' : $looks->lessons[count($looks->lessons) - 1]->text('text');
        $car = $spec->car;
        JobFact::query()->updateOrCreate(['repair_job_id' => $job->id], [
            'workshop_id' => $job->workshop_id,
            'label' => Str::limit($car->label, 80, ''),
            'plate' => Str::limit($car->plate, 20, ''),
            'colour' => Str::limit($spec->colour->name, 80, ''),
            'code' => Str::limit($spec->colour->code, 40, ''),
            'painter' => Str::limit($car->painter, 80, ''),
            'school' => Str::limit($spec->plan->school, 60, ''),
            'need_mm' => $plan->blend->need->mm(),
            'blend_mm' => $plan->blend->need->blendMm,
            'ml' => $ml,
            'wasted_ml' => round($wasted, 1),
            'formula' => $passed ? self::formula($job) : null,
            'cost' => $priced && $ml > 0.0 ? round($cost, 2) : null,
            'minutes_planned' => $record?->plannedMinutes(),
            'minutes_real' => $record?->totalMinutes(),
            'card_passed' => $passed,
            'looked' => $looks->findings !== [] ? 'seen' : ($looks->clean !== null ? 'clean' : ''),
            'defects' => Str::limit(
                implode(',', array_unique(array_map(fn (LookEvent $e): string => $e->text('defect'), $looks->findings))),
                240,
                '',
            ),
            'lesson' => $lesson,
            'words' => JobFact::words(
                $car->label,
                $car->plate,
                $car->order,
                $car->owner,
                $spec->colour->name,
                $spec->colour->code,
                $car->painter,
                $lesson,
            ),
            'opened_at' => $job->created_at,
            'delivered_at' => $looks->delivered === null ? null : Carbon::parse($looks->delivered->at),
            'asked_at' => $looks->asked === null ? null : Carbon::parse($looks->asked->at),
            'redo' => $looks->isRedo(),
        ]);
    }

    /** The number of the formula whose card was passed last. */
    private static function formula(RepairJob $job): ?int
    {
        $passes = $job->colourEvents();
        $passes->where('kind', 'pass')->orderByDesc('id');
        $card = $job->samples()->find($passes->value('colour_sample_id'));
        $formula = $card instanceof ColourSample ? $card->details['formula'] ?? null : null;
        $number = is_array($formula) ? $formula['number'] ?? null : null;

        return is_int($number) ? $number : null;
    }
}
