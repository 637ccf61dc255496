<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Exceptions\GateClosed;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Job\Fingerprint;
use Kalopsis\Units\UnitSystem;
use Kalopsis\Why\Phrase;

/** Lets a card pass for the plan as it is now, if the gate allows; what was asked and what was answered is kept. */
final readonly class PassCard
{
    public function __construct(private ConnectionInterface $database, private ColourDesk $desk) {}

    public function __invoke(User $user, RepairJob $job, ColourSample $sample, string $reason): void
    {
        $this->database->transaction(function () use ($user, $job, $sample, $reason): void {
            $held = RepairJob::held($job->id) ?? $job;
            $view = $this->desk->of($held);
            $judged = $view->desk->samples[$sample->id] ?? null;
            $gate = $judged?->gate;
            if ($sample->struck_at !== null || $gate === null) {
                throw new GateClosed('Only a card that is on the desk can pass.');
            }
            if (! $gate->isOpen()) {
                throw new GateClosed($gate->stops[0]->in(UnitSystem::Metric));
            }
            if ($gate->wantsReason() && mb_strlen($reason) < 3) {
                throw new InvalidInput([
                    new Problem(
                        'reason',
                        'missing',
                        Phrase::of(
                            'Say why it passes all the same: ' . lcfirst($gate->questions[0]->in(UnitSystem::Metric)),
                        ),
                    ),
                ]);
            }
            DeskEvents::add(
                $held,
                $user,
                'pass',
                $sample,
                [
                    'reason' => $reason,
                    'verdict' => $gate->byEye ? 'by-eye' : $judged->verdict?->grade->value,
                    'says' => $gate->byEye ? $gate->notes[0] : $judged->verdict?->says,
                    'questions' => $gate->questions,
                    'byEye' => $gate->byEye,
                    'simulated' => $gate->simulated,
                    'snapshot' => Fingerprint::snapshot($view->plan),
                ],
                $view->plan,
            );
        });
    }
}
