<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\RepairJob;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property-read RepairJob $resource */
final class JobRow extends JsonResource
{
    /**
     * The plan's stations as they were saved, with what the colour desk has meant since.
     *
     * @param list<object> $planned
     * @param list<object> $colour
     * @return list<object>
     */
    private static function stations(array $planned, array $colour): array
    {
        $by = array_column($colour, null, 'id');

        return array_map(fn (object $s): object => isset($s->id) ? ($by[$s->id] ?? $s) : $s, $planned);
    }

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
            'version' => $job->head,
            'stations' => self::stations($head->summary->stations ?? [], $job->colour_stations ?? []),
            'verdict' => $head->summary->verdict ?? ['text' => '', 'values' => (object) [], 'plain' => ''],
            'severity' => $head->summary->severity ?? 'note',
            'changedAt' => ($head->created_at ?? $job->updated_at)->toIso8601String(),
            'archived' => $job->archived_at !== null,
        ];
    }
}
