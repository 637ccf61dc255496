<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\StaleEdit;
use App\Models\JobVersion;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\JobDocument;
use App\Support\Planning;
use App\Support\SameJson;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Kalopsis\Job\JobPlan;

/** Saves an edit as a new version, if nobody saved in between. Saving what is there already changes nothing. */
final readonly class SaveDocument
{
    public function __construct(private ConnectionInterface $database, private Planning $planning) {}

    /** @param array<array-key, mixed> $document */
    public function __invoke(User $user, RepairJob $job, array $document, int $onVersion, string $change): JobPlan
    {
        $kept = JobDocument::pinned(JobDocument::checked($document, $job->workshop_id), $job->workshop_id);
        $plan = $this->planning->plan($kept, $job->workshop_id, $job);
        $this->database->transaction(function () use ($user, $job, $kept, $plan, $onVersion, $change): void {
            $locked = RepairJob::held($job->id) ?? throw (new ModelNotFoundException())->setModel(RepairJob::class);
            $head = $locked->at($locked->head);
            if (SameJson::is(JobDocument::kept($head->document, $job->workshop_id), $kept)) {
                return;
            }
            if ($locked->head !== $onVersion) {
                throw new StaleEdit($locked->head, $head->by() ?? 'Somebody');
            }
            $this->append($locked, $user, 'edit', $change, $kept, $plan, $locked->head, null);
        });

        return $plan;
    }

    /** @param array<string, mixed> $document */
    public function append(
        RepairJob $job,
        ?User $user,
        string $kind,
        string $change,
        array $document,
        JobPlan $plan,
        ?int $undoTo,
        ?int $redoTo,
    ): JobVersion {
        $document = JobDocument::pinned($document, $job->workshop_id);
        $number = $job->versions()->exists() ? $job->head + 1 : 1;
        $version = $job->versions()->create([
            'number' => $number,
            'kind' => $kind,
            'change' => mb_substr($change, 0, 160),
            'document' => $document,
            'summary' => [
                'stations' => $plan->stations,
                'verdict' => $plan->blend->verdict,
                'severity' => $plan->blend->severity->value,
            ],
            'undo_to' => $undoTo,
            'redo_to' => $redoTo,
            'user_id' => $user?->id,
        ]);
        $job->update([
            'head' => $number,
            'label' => $plan->job->car->label,
            'plate' => $plan->job->car->plate,
            'colour' => $plan->job->colour->name,
        ]);

        return $version;
    }
}
