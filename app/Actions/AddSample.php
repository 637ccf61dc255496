<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\ColourFormula;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Card\SampleKind;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Why\Phrase;

/** Puts the car, a card or a variant on the desk. The same id sent twice puts it there once; there is one car. */
final readonly class AddSample
{
    public function __construct(private ConnectionInterface $database) {}

    /** @param array<string, mixed> $details */
    public function __invoke(
        User $user,
        RepairJob $job,
        ?string $id,
        SampleKind $kind,
        string $name,
        array $details,
    ): ColourSample {
        return $this->database->transaction(function () use ($user, $job, $id, $kind, $name, $details): ColourSample {
            RepairJob::held($job->id);
            $known = $id === null ? null : $job->samples()->find($id);
            if ($known !== null) {
                return $known;
            }
            $known = $kind === SampleKind::Car ? $job->samples()->where('kind', 'car')->first() : null;
            if ($known !== null) {
                return $known;
            }
            if ($id !== null && ColourSample::query()->whereKey($id)->exists()) {
                throw new InvalidInput([new Problem('id', 'taken', Phrase::of('This id belongs to something else.'))]);
            }
            if ($kind === SampleKind::Card && ! isset($details['formula'])) {
                $document = $job->at($job->head)->document;
                $colour = is_array($document['colour'] ?? null) ? $document['colour'] : [];
                $formula = ColourFormula::newest(
                    $job->workshop_id,
                    is_string($colour['name'] ?? null) ? $colour['name'] : '',
                    is_string($colour['code'] ?? null) ? $colour['code'] : '',
                );
                if ($formula !== null) {
                    $details['formula'] = ['number' => $formula->number, ...$formula->recipe];
                }
            }
            $sample = new ColourSample([
                'repair_job_id' => $job->id,
                'number' => 1 + (int) $job->samples()->max('number'),
                'kind' => $kind,
                'name' => $name,
                'details' => $details,
                'user_id' => $user->id,
            ]);
            if ($id !== null) {
                $sample->id = $id;
            }
            $sample->save();

            return $sample;
        });
    }
}
