<?php

declare(strict_types=1);

namespace App\Actions;

use App\LookBack\LookState;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\SchoolFiles;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Kalopsis\Findings\LookEvent;
use Kalopsis\Job\FollowUp;
use Kalopsis\Why\Phrase;

/**
 * Opens the job that makes good what was seen: planned again, with the car's and the cards' readings. The same id opens it
 * once.
 */
final readonly class OpenFollowUp
{
    public function __construct(
        private ConnectionInterface $database,
        private CreateJob $create,
        private RecordLook $look,
        private LookState $state,
    ) {}

    /** @param 'wider'|'next-panel' $how */
    public function __invoke(User $user, RepairJob $job, LookEvent $finding, string $how, string $id): RepairJob
    {
        $known = RepairJob::query()->where('workshop_id', $user->workshop_id)->find($id);
        if ($known !== null) {
            return $known;
        }
        $plan = $this->state->plan($job, LookState::run($job));
        $document = $job->at($job->head)->document;
        $seen = LookState::finding($finding);
        $follow = $how === 'wider'
            ? FollowUp::wider($document, $plan, $seen, array_values(SchoolFiles::all()))
            : FollowUp::nextPanel($document, $plan, $seen, array_values(SchoolFiles::all()));

        return $this->database->transaction(function () use ($user, $job, $finding, $how, $id, $follow): RepairJob {
            $new = ($this->create)($user, $follow->document, $id, 'create');
            $this->copyReadings($job, $new);
            $says = array_map(fn (Phrase $p): mixed => json_decode((string) json_encode($p), true), $follow->says);
            ($this->look)($user, $new, new LookEvent((string) Str::uuid(), 'follows', [
                'job' => $job->id,
                'finding' => $finding->key,
                'how' => $how,
                'says' => $says,
            ]));
            ($this->look)($user, $job, new LookEvent((string) Str::uuid(), 'follow-up', [
                'job' => $new->id,
                'finding' => $finding->key,
                'how' => $how,
            ]));

            return $new;
        });
    }

    /** What was measured stays true of the car; whether a card passes is asked again. */
    private function copyReadings(RepairJob $from, RepairJob $to): void
    {
        $samples = $from->samples();
        $samples->whereNull('struck_at');
        foreach ($samples->get() as $sample) {
            $copy = $sample->replicate();
            $copy->id = (string) Str::uuid();
            $copy->repair_job_id = $to->id;
            $copy->save();
            foreach ($sample->readings()->get() as $reading) {
                $own = $reading->replicate();
                $own->colour_sample_id = $copy->id;
                $own->save();
            }
        }
    }
}
