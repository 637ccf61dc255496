<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RepairJob;
use App\Models\User;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Database\ConnectionInterface;

/** Opens a job with its first version. The same id sent twice opens it once. */
final readonly class CreateJob
{
    public function __construct(
        private ConnectionInterface $database,
        private Planning $planning,
        private SaveDocument $save,
    ) {}

    /** @param array<array-key, mixed> $document */
    public function __invoke(User $user, array $document, ?string $id, string $kind = 'create'): RepairJob
    {
        $kept = JobDocument::checked($document, $user->workshop_id);
        $plan = $this->planning->plan($kept, $user->workshop_id);

        return $this->database->transaction(function () use ($user, $kept, $plan, $id, $kind): RepairJob {
            $known = $id === null ? null : RepairJob::held($id);
            if ($known !== null && $known->workshop_id === $user->workshop_id) {
                return $known;
            }
            $job = new RepairJob(['workshop_id' => $user->workshop_id, 'head' => 1, 'label' => $plan->job->car->label]);
            if ($id !== null && $known === null) {
                $job->id = $id;
            }
            $job->save();
            $this->save->append(
                $job,
                $user,
                $kind,
                $kind === 'import' ? 'Brought in from a file' : 'Opened the job',
                $kept,
                $plan,
                null,
                null,
            );

            return $job;
        });
    }
}
