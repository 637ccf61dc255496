<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\NothingToStep;
use App\Exceptions\StaleEdit;
use App\Models\RepairJob;
use App\Models\User;
use App\Support\Planning;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * Undo and redo as new versions. Each version knows the version undo goes back to and the one redo goes on to;
 * undoing writes that older document again at the top, so that nothing is ever taken away and a reload, another
 * device or another person finds the same history.
 */
final readonly class StepHistory
{
    public function __construct(private ConnectionInterface $database, private Planning $planning, private SaveDocument $save) {}

    public function __invoke(User $user, RepairJob $job, bool $back, int $onVersion): void
    {
        $this->database->transaction(function () use ($user, $job, $back, $onVersion): void {
            $locked = RepairJob::held($job->id) ?? throw (new ModelNotFoundException())->setModel(RepairJob::class);
            $head = $locked->at($locked->head);
            if ($locked->head !== $onVersion) {
                throw new StaleEdit($locked->head, $head->by() ?? 'Somebody');
            }
            $to = $back ? $head->undo_to : $head->redo_to;
            if ($to === null) {
                throw new NothingToStep($back ? 'There is nothing to undo.' : 'There is nothing to redo.');
            }
            $target = $locked->at($to);
            $plan = $this->planning->plan($target->document, $locked->workshop_id, $locked);
            $this->save->append(
                $locked,
                $user,
                $back ? 'undo' : 'redo',
                ($back ? 'Undid: ' : 'Did again: ') . ($back ? $this->undone($locked, $head->number) : $target->change),
                $target->document,
                $plan,
                $back ? $target->undo_to : $head->number,
                $back ? $head->number : $target->redo_to,
            );
        });
    }

    private function undone(RepairJob $job, int $number): string
    {
        return preg_replace('/^(Undid: |Did again: )+/', '', $job->at($number)->change) ?? '';
    }
}
