<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Booth\RunState;
use App\Models\BoothRun;
use App\Models\BoothRunEvent;
use App\Support\KeptPhrases;

final class RunResource
{
    /** @return array<string, mixed> everything a tablet needs to lead the run, with and without a network */
    public static function of(BoothRun $run): array
    {
        $run->loadMissing(['user', 'events.user']);

        return [
            'id' => $run->id,
            'job' => $run->repair_job_id,
            'jobVersion' => $run->job_version,
            'by' => $run->by() ?? '',
            'begunAt' => $run->created_at->toIso8601ZuluString('millisecond'),
            'finishedAt' => $run->finished_at?->toIso8601ZuluString('millisecond'),
            ...(array) self::begun($run),
            'events' => self::events($run),
        ];
    }

    /** As it was written, objects and lists apart. */
    private static function begun(BoothRun $run): mixed
    {
        $kept = $run->getAttributes()['begun'] ?? '{}';

        return json_decode(is_string($kept) ? $kept : '{}');
    }

    /** @return list<array<string, mixed>> */
    public static function events(BoothRun $run): array
    {
        return array_values(
            $run->events
                ->map(
                    fn (BoothRunEvent $e): array => [
                        'key' => $e->key,
                        'kind' => $e->kind,
                        'device' => $e->device,
                        'seq' => $e->seq,
                        'occurredMs' => $e->occurred_ms,
                        'by' => $e->by() ?? '',
                        'body' => (object) $e->body,
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, mixed> a line of the list */
    public static function row(BoothRun $run): array
    {
        $state = RunState::of($run);
        $step = $state->step();

        return [
            'id' => $run->id,
            'by' => $run->by() ?? '',
            'begunAt' => $run->created_at->toIso8601ZuluString('millisecond'),
            'finishedAt' => $run->finished_at?->toIso8601ZuluString('millisecond'),
            'jobVersion' => $run->job_version,
            'step' => KeptPhrases::objects($step->shown['name'] ?? null),
            'done' => $state->at,
            'of' => count($state->steps),
        ];
    }

    /** @return array<string, mixed> */
    public static function record(BoothRun $run): array
    {
        $run->loadMissing(['user', 'events.user']);

        return [
            'id' => $run->id,
            'job' => $run->repair_job_id,
            'jobVersion' => $run->job_version,
            'label' => $run->begun['label'],
            'plate' => $run->begun['plate'],
            'colour' => $run->begun['colour'],
            'system' => $run->begun['system'],
            'by' => $run->by() ?? '',
            'defects' => KeptPhrases::objects($run->begun['defects']),
            ...(array) KeptPhrases::objects(RunState::record($run)->jsonSerialize()),
        ];
    }
}
