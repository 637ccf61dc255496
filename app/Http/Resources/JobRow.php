<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\RepairJob;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property-read RepairJob $resource */
final class JobRow extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $job = $this->resource;
        $head = $job->headVersion;

        return [
            'id' => $job->id,
            'label' => $job->label,
            'plate' => $job->plate,
            'colour' => $job->colour,
            'paint' => $job->standing->paint ?? null,
            'due' => $head->document['car']['due'] ?? null,
            'painter' => $head->document['car']['painter'] ?? '',
            'order' => $head->document['car']['order'] ?? '',
            'owner' => $head->document['car']['owner'] ?? '',
            'version' => $job->head,
            'stations' => $job->standing->stations ?? ($head->summary->stations ?? []),
            'verdict' =>
                $job->standing->verdict ??
                ($head->summary->verdict ?? ['text' => '', 'values' => (object) [], 'plain' => '']),
            'severity' => $job->standing->severity ?? ($head->summary->severity ?? 'note'),
            'changedAt' => ($head->created_at ?? $job->updated_at)->toIso8601String(),
            'archived' => $job->archived_at !== null,
        ];
    }
}
