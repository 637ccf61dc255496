<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BodyShapeRecord;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;

/** A job as a file that needs nothing else: with its body shape and the paint system's sheet inside. */
final readonly class ExportJob
{
    /** @return array<string, mixed> */
    public function __invoke(RepairJob $job): array
    {
        $document = $job->at($job->head)->document;
        $car = is_array($document['car'] ?? null) ? $document['car'] : [];
        $body = BodyShapeRecord::query()->where('workshop_id', $job->workshop_id)->where('key', $car['bodyShape'] ?? '')->firstOrFail();
        $system = PaintSystemRecord::query()->where('workshop_id', $job->workshop_id)->where('key', $document['paintSystem'] ?? '')->firstOrFail();

        return [...$document, 'bodyShapeSvg' => $body->svg, 'paintSystemSheet' => $system->sheet];
    }
}
