<?php

declare(strict_types=1);

namespace App\LookBack;

use App\Booth\RunState;
use App\Colour\ColourDesk;
use App\Models\BoothRun;
use App\Models\JobLook;
use App\Models\RepairJob;
use App\Support\CauseFile;
use App\Support\Planning;
use Kalopsis\Findings\Finding;
use Kalopsis\Findings\LookEvent;
use Kalopsis\Findings\Looks;
use Kalopsis\Job\DoneInTheBooth;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\LookBack;

/** Where the looking back on a car stands, and what its run recorded. */
final readonly class LookState
{
    public function __construct(private Planning $planning, private ColourDesk $desk) {}

    public static function of(RepairJob $job): Looks
    {
        return Looks::of(array_values($job->looks()->with('user')->get()->map(fn (JobLook $l): LookEvent => $l->event())->all()));
    }

    /** The newest run; null where the car was never in the booth. */
    public static function run(RepairJob $job): ?BoothRun
    {
        $query = $job->runs()->with('events.user');
        $query->orderByDesc('created_at')->limit(1);

        return $query->get()->first();
    }

    /** The plan that was sprayed: of the version the run was begun with; of the newest where there was none. */
    public function plan(RepairJob $job, ?BoothRun $run): JobPlan
    {
        return $run === null
            ? $this->desk->plan($job)
            : $this->planning->plan($job->at($run->job_version)->document, $job->workshop_id, $job);
    }

    /** What likely caused one finding; null where nothing was to be sprayed. */
    public function judged(RepairJob $job, LookEvent $finding, Looks $looks): ?LookBack
    {
        $run = self::run($job);
        $passed = self::cardPassed($job, $run);
        $done = $run === null
            ? DoneInTheBooth::nothing($passed)
            : DoneInTheBooth::of(
                (array) json_decode((string) json_encode(RunState::record($run)), true),
                $passed,
            );

        return LookBack::of(
            $this->plan($job, $run),
            $done,
            CauseFile::all(),
            self::finding($finding),
            array_map(self::finding(...), $looks->findings),
        );
    }

    public static function finding(LookEvent $event): Finding
    {
        $panel = $event->text('panel');

        return new Finding(
            $event->key,
            $event->text('defect'),
            $panel === '' ? null : $panel,
            $event->number('xMm'),
            $event->number('yMm'),
        );
    }

    /** Had a card passed when the run began? Null where nobody decided anything. */
    private static function cardPassed(RepairJob $job, ?BoothRun $run): ?bool
    {
        $events = $job->colourEvents();
        $events->whereIn('kind', ['pass', 'override', 'close'])->orderByDesc('id')->limit(1);
        if ($run !== null) {
            $events->where('created_at', '<=', $run->created_at);
        }
        $newest = $events->get()->first();

        return $newest === null ? null : $newest->kind === 'pass';
    }
}
