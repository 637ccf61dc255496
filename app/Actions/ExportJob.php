<?php

declare(strict_types=1);

namespace App\Actions;

use App\JobFile\JobRecord;
use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;
use App\Support\JobDocument;
use App\Support\Planning;
use App\Support\SchoolFiles;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Kalopsis\Units\UnitSystem;

/** A job as a file that needs nothing else: body shape, the paint system's sheet, and all that was recorded inside. */
final readonly class ExportJob
{
    public function __construct(private Planning $planning) {}

    /** @return array<string, mixed> */
    public function __invoke(RepairJob $job): array
    {
        $document = $this->document($job, $job->head);
        $things = $this->things($job, $document);
        $plan = $this->planning->plan($document, $job->workshop_id, $job);

        $colour = is_array($document['colour'] ?? null) ? $document['colour'] : [];
        // The formula stays in this shop; what its flakes do goes along.
        $flakes = $plan->job->colour->flakes;

        return [
            ...self::alone($document),
            'colour' => $flakes === null ? $colour : [...$colour, 'flakes' => $flakes->jsonSerialize()],
            'verdict' => $plan->blend->verdict->in(UnitSystem::Metric),
            ...$things,
            ...$this->record($job, $things),
        ];
    }

    /**
     * What was recorded, and the older plans that it was recorded for; their body and paint system too, where they had another.
     *
     * @param array{bodyShapeSvg: string, paintSystemSheet: array<string, mixed>} $things
     * @return array{record?: array<string, mixed>}
     */
    private function record(RepairJob $job, array $things): array
    {
        $recorded = new JobRecord($job);
        $record = $recorded->jsonSerialize();
        if ($record === null) {
            return [];
        }
        $versions = [];
        foreach ($recorded->versions() as $number) {
            $document = $this->document($job, $number);
            $own = array_filter(
                $this->things($job, $document),
                fn (mixed $thing, string $key): bool => $thing !== $things[$key],
                ARRAY_FILTER_USE_BOTH,
            );
            $versions[] = ['number' => $number, 'document' => [...self::alone($document), ...$own]];
        }

        return ['record' => [...$record, 'versions' => $versions]];
    }

    /**
     * @param array<string, mixed> $document
     * @return array{bodyShapeSvg: string, paintSystemSheet: array<string, mixed>}
     */
    private function things(RepairJob $job, array $document): array
    {
        $car = is_array($document['car'] ?? null) ? $document['car'] : [];
        $body = BodyShapeRecord::query()
            ->where('workshop_id', $job->workshop_id)
            ->where('key', $car['bodyShape'] ?? '')
            ->firstOrFail();
        $key = $document['paintSystem'] ?? null;
        $edition = $document['paintEdition'] ?? null;
        $system = PaintSystemRecord::of($job->workshop_id, is_string($key) ? $key : '');
        $sheet = $system?->sheetAt(is_int($edition) ? $edition : null);

        return [
            'bodyShapeSvg' => $body->svg,
            'paintSystemSheet' => $sheet ?? throw (new ModelNotFoundException())->setModel(PaintSystemRecord::class),
        ];
    }

    /**
     * The sheet goes along whole; its number means nothing in another shop.
     *
     * @param array<string, mixed> $document
     * @return array<string, mixed>
     */
    private static function alone(array $document): array
    {
        unset($document['paintEdition']);

        return $document;
    }

    /**
     * With its steps written out where they come from a school another shop does not have.
     *
     * @return array<string, mixed>
     */
    private function document(RepairJob $job, int $version): array
    {
        $document = JobDocument::kept($job->at($version)->document, $job->workshop_id);
        $plan = is_array($document['plan'] ?? null) ? $document['plan'] : [];
        $school = is_string($plan['school'] ?? null) ? $plan['school'] : '';
        if (! isset($plan['sequence']) && ! isset(SchoolFiles::all()[$school])) {
            $spec = $this->planning->read($document, $job->workshop_id)->plan;
            $document['plan'] = [
                ...$plan,
                'usual' => $spec->usual,
                'sequence' => json_decode((string) json_encode($spec->sequence), true),
            ];
        }

        return $document;
    }
}
