<?php

declare(strict_types=1);

namespace App\Actions;

use App\Booth\RunRefused;
use App\Colour\ColourDesk;
use App\Colour\Pair;
use App\Models\BoothRun;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\DefectFile;
use App\Support\Planning;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Caution\Caution;
use Kalopsis\Findings\Defect;
use Kalopsis\Findings\Remedy;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\PlannedRun;
use Kalopsis\Job\RunDrawing;

/** Takes a car into the booth, if its card passed. Begun twice with the same id, it is the same run. */
final readonly class BeginRun
{
    public function __construct(
        private ConnectionInterface $database,
        private Planning $planning,
        private ColourDesk $desk,
    ) {}

    /** @throws RunRefused */
    public function __invoke(User $user, RepairJob $job, string $id): BoothRun
    {
        $there = BoothRun::query()->find($id);
        if ($there !== null) {
            return $there->repair_job_id === $job->id ? $there : throw new RunRefused('This id is taken.');
        }
        $plan = $this->desk->atGate($job);
        foreach ($plan->stations as $station) {
            if ($station->id === 'booth' && ! $station->ready) {
                throw new RunRefused('The booth is locked: no card sprayed like this plan has passed.');
            }
        }
        if ($plan->blend->coats === [] || $plan->blend->panels === []) {
            throw new RunRefused('There is nothing to spray yet.');
        }
        $begun = $this->begun($job, $plan);

        return $this->database->transaction(function () use ($user, $job, $id, $begun): BoothRun {
            // Two tablets that begin at once: the second finds the first's run.
            RepairJob::held($job->id);
            $open = $job->runs()->whereNull('finished_at')->first();
            if ($open !== null && $open->id !== $id) {
                throw new RunRefused('A run of this car is on already. Open that one.');
            }

            return BoothRun::query()->createOrFirst(['id' => $id], [
                'repair_job_id' => $job->id,
                'user_id' => $user->id,
                'job_version' => $job->head,
                'begun' => $begun,
            ]);
        });
    }

    /** @return array<string, mixed> what a run keeps of the plan it was begun with */
    public function begun(RepairJob $job, JobPlan $plan): array
    {
        $pair = Pair::of($job)->at($plan->job->plan->effectCoats());
        $defects = DefectFile::all();
        $car = $plan->job->car;

        return [
            'run' => (new PlannedRun($plan, $defects, $this->planning->planner(), $pair->car, $pair->card))->run(),
            'label' => $car->label,
            'plate' => $car->plate,
            'colour' => $plan->job->colour->name,
            'system' => $plan->job->system->name,
            'painter' => $car->painter,
            'practice' => $plan->job->practice || $job->workshop->is_demo,
            'drawing' => new RunDrawing($plan),
            'always' => Caution::ALWAYS,
            'defects' => array_map(self::told(...), $defects),
        ];
    }

    /** @return array<string, mixed> a defect as a tablet shows it */
    private static function told(Defect $defect): array
    {
        return [
            'key' => $defect->key,
            'name' => $defect->name,
            'looks' => $defect->looks,
            'picture' => $defect->picture,
            'when' => $defect->when,
            'remedies' => array_map(
                fn (Remedy $r): array => ['key' => $r->key, 'name' => $r->name, 'says' => $r->says],
                $defect->remedies,
            ),
        ];
    }
}
