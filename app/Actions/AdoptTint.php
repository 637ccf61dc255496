<?php

declare(strict_types=1);

namespace App\Actions;

use App\Colour\AdviseTint;
use App\Colour\Bench;
use App\Colour\ColourDesk;
use App\Colour\DeskEvents;
use App\Exceptions\GateClosed;
use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\WorkshopCalibration;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Card\SampleKind;
use Kalopsis\Colour\Measurement;

/**
 * Takes one of the corrections: the formula gets a new version, and a card to shoot with it is laid out with what it
 * should measure.
 */
final readonly class AdoptTint
{
    public function __construct(
        private ConnectionInterface $database,
        private ColourDesk $desk,
        private AdviseTint $advise,
        private AddSample $add,
    ) {}

    public function __invoke(User $user, RepairJob $job, ColourSample $card, ?float $cupGrams, int $place): ColourSample
    {
        return $this->database->transaction(function () use ($user, $job, $card, $cupGrams, $place): ColourSample {
            RepairJob::held($job->id);
            $view = $this->desk->of($job);
            $library = Bench::of($job->workshop_id)->known(WorkshopCalibration::inUse($job->workshop_id));
            $chosen =
                $this->advise->advice($view, $card, $cupGrams, $library)[1]->corrections[$place] ??
                throw new GateClosed('This correction is no longer proposed. Ask again.');
            $colour = $view->plan->job->colour;
            $newest = ColourFormula::newest($job->workshop_id, $colour->name, $colour->code);
            $pours = implode(
                ', ',
                array_map(
                    fn (string $t, float $g): string => sprintf('%+.1f g %s', $g, lcfirst($library->toner($t)->name)),
                    array_keys($chosen->additions),
                    array_values($chosen->additions),
                ),
            );
            $formula = ColourFormula::query()->create([
                'workshop_id' => $job->workshop_id,
                'colour' => $colour->name,
                'code' => $colour->code,
                'number' => ($newest->number ?? 0) + 1,
                'recipe' => ['toners' => $chosen->formula->grams],
                'note' => mb_substr($pours, 0, 160),
                'user_id' => $user->id,
            ]);
            DeskEvents::add($job, $user, 'tint', $card, [
                'formula' => $formula->number,
                'pours' => $chosen->additions,
                'after' => $chosen->after,
            ]);
            $predicted = Measurement::ofLabs($chosen->predicted);

            return $this->add->__invoke($user, $job, null, SampleKind::Card, "Card, formula {$formula->number}", [
                'formula' => ['number' => $formula->number, 'toners' => $chosen->formula->grams],
                'spraying' => $view->spraying?->jsonSerialize(),
                'sprayedAt' => now()->toIso8601String(),
                'note' => $pours,
                'predicted' => json_decode((string) json_encode($predicted), true),
            ]);
        });
    }
}
