<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\JobPhoto;
use App\Models\RepairJob;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What was recorded of a job besides its plan, for a file that another shop opens: cards and readings, what the desk decided,
 * what was weighed, the runs, what was seen afterwards, pictures. Nothing in it is an id of this database: samples go by their
 * number, readings by their place, people by their names.
 */
final readonly class JobRecord
{
    /** Pictures beyond this stay behind, bytes: in letters, with the rest, a file still fits through the door it comes in by. */
    private const PICTURE_BYTES = 9_000_000;

    /** Kept as they were written: whatever is an object there stays one. */
    private const JSON = ['details', 'measurement', 'body', 'begun', 'scale', 'climate'];

    public function __construct(private RepairJob $job) {}

    /** @return ?array<string, mixed> null where nothing was recorded */
    public function jsonSerialize(): ?array
    {
        $samples = $this->samples();
        $record = [
            'samples' => array_map(fn (array $s): array => array_diff_key($s, ['key' => 0, 'places' => 0]), $samples),
            'desk' => $this->desk($samples),
            'mixes' => $this->mixes(),
            'runs' => $this->runs(),
            'looks' => $this->own('job_looks', ['key', 'kind', 'body'], ['recorded_at' => 'at']),
            'photos' => $this->photos(),
        ];

        return array_filter($record) === []
            ? null
            : ['version' => $this->job->head, 'openedAt' => self::time($this->job->created_at), ...$record];
    }

    /** @return list<int> versions of the plan that something was recorded for, besides the newest */
    public function versions(): array
    {
        $numbers = [];
        foreach (['colour_events', 'mixes', 'booth_runs'] as $table) {
            $query = DB::table($table)->where('repair_job_id', $this->job->id);
            $numbers = [...$numbers, ...$query->distinct()->pluck('job_version')->all()];
        }
        $numbers = array_unique(array_map(fn (mixed $n): int => is_numeric($n) ? (int) $n : 0, $numbers));
        sort($numbers);

        return array_values(array_filter($numbers, fn (int $n): bool => $n > 0 && $n < $this->job->head));
    }

    /** @return list<array<string, mixed>> with their key and the place of each reading for whoever refers to them */
    private function samples(): array
    {
        $out = [];
        foreach ($this->own('colour_samples', ['id', 'number', 'kind', 'name', 'details'], ['struck_at' => 'struckAt'], 'number') as $s) {
            $readings = self::rows(
                'colour_readings',
                'colour_sample_id',
                $s['id'],
                ['id', 'spot', 'surface', 'source', 'instrument', 'measurement'],
                ['excluded_at' => 'excludedAt', 'created_at' => 'at'],
            );
            $out[] = [
                ...array_diff_key($s, ['id' => 0]),
                'readings' => array_map(fn (array $r): array => array_diff_key($r, ['id' => 0]), $readings),
                'key' => $s['id'],
                'places' => array_flip(array_column($readings, 'id')),
            ];
        }

        return $out;
    }

    /**
     * @param list<array<string, mixed>> $samples
     * @return list<array<string, mixed>>
     */
    private function desk(array $samples): array
    {
        $by = array_column($samples, null, 'key');
        $out = [];
        $columns = ['colour_sample_id', 'kind', 'body', 'job_version', 'plan_print'];
        foreach ($this->own('colour_events', $columns) as $event) {
            $key = $event['colourSampleId'];
            $sample = is_string($key) ? $by[$key] ?? null : null;
            $body = $event['body'];
            if (is_object($body) && isset($body->reading)) {
                $places = is_array($sample['places'] ?? null) ? $sample['places'] : [];
                $body->reading = $places[is_scalar($body->reading) ? (string) $body->reading : ''] ?? null;
            }
            $out[] = [
                'kind' => $event['kind'],
                'sample' => $sample['number'] ?? null,
                'body' => $body,
                'jobVersion' => $event['jobVersion'],
                'planPrint' => $event['planPrint'],
                'at' => $event['at'],
                'by' => $event['by'],
            ];
        }

        return $out;
    }

    /** @return list<array<string, mixed>> */
    private function mixes(): array
    {
        $columns = ['id', 'job_version', 'cup', 'kind', 'name', 'batch', 'begun', 'scale'];
        $times = ['finished_at' => 'finishedAt', 'discarded_at' => 'discardedAt'];

        return array_map(
            fn (array $mix): array => self::withEvents($mix, 'mix_events', 'mix_id', ['key', 'kind', 'body'], ['created_at' => 'at']),
            $this->own('mixes', $columns, [...$times, 'created_at' => 'at'], 'created_at'),
        );
    }

    /** @return list<array<string, mixed>> */
    private function runs(): array
    {
        return array_map(
            fn (array $run): array => self::withEvents(
                $run,
                'booth_run_events',
                'booth_run_id',
                ['key', 'kind', 'device', 'seq', 'occurred_ms', 'device_ms', 'body'],
                ['recorded_at' => 'at'],
            ),
            $this->own(
                'booth_runs',
                ['id', 'job_version', 'begun', 'climate'],
                ['finished_at' => 'finishedAt', 'created_at' => 'at'],
                'created_at',
            ),
        );
    }

    /** @return list<array<string, mixed>> */
    private function photos(): array
    {
        $left = self::PICTURE_BYTES;
        $out = [];
        $photos = $this->job->photos()->with('user');
        $photos->orderBy('created_at')->orderBy('id');
        foreach ($photos->get(JobPhoto::LISTED) as $photo) {
            $left -= $photo->bytes;
            $out[] = [
                'finding' => $photo->finding,
                'name' => $photo->name,
                'mime' => $photo->mime,
                'picture' => $left < 0 ? null : base64_encode(JobPhoto::query()->findOrFail($photo->id)->picture),
                'struckAt' => $photo->struck_at === null ? null : self::time($photo->struck_at),
                'at' => self::time($photo->created_at),
                'by' => $photo->by(),
            ];
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $row with its id
     * @param list<string> $columns
     * @param array<string, string> $times
     * @return array<string, mixed>
     */
    private static function withEvents(array $row, string $table, string $owner, array $columns, array $times): array
    {
        return [...array_diff_key($row, ['id' => 0]), 'events' => self::rows($table, $owner, $row['id'], $columns, $times)];
    }

    /**
     * @param list<string> $columns
     * @param array<string, string> $times
     * @return list<array<string, mixed>>
     */
    private function own(string $table, array $columns, array $times = [], string $order = 'id'): array
    {
        $at = in_array('at', $times, true) ? [] : ['created_at' => 'at'];

        return self::rows($table, 'repair_job_id', $this->job->id, $columns, [...$times, ...$at], $order);
    }

    /**
     * Rows as they are kept, objects and lists apart, with who did it.
     *
     * @param list<string> $columns
     * @param array<string, string> $times column of a time, and its name in the file
     * @return list<array<string, mixed>>
     */
    private static function rows(
        string $table,
        string $owner,
        mixed $id,
        array $columns,
        array $times,
        string $order = 'id',
    ): array {
        $query = DB::table($table)->leftJoin('users', 'users.id', '=', "{$table}.user_id");
        $query->where("{$table}.{$owner}", $id)->orderBy("{$table}.{$order}")->orderBy("{$table}.id");
        $named = array_map(fn (string $c): string => "{$table}.{$c}", [...$columns, ...array_keys($times)]);
        $out = [];
        foreach ($query->get([...$named, 'users.name as user_name', "{$table}.author"])->all() as $row) {
            $row = (array) $row;
            $kept = [];
            foreach ($columns as $column) {
                $value = $row[$column];
                $isJson = in_array($column, self::JSON, true) && is_string($value);
                $kept[Str::camel($column)] = $isJson ? json_decode($value) : $value;
            }
            foreach ($times as $column => $name) {
                $value = $row[$column];
                $kept[$name] = is_string($value) ? self::time(Carbon::parse($value)) : null;
            }
            $out[] = [...$kept, 'by' => $row['user_name'] ?? $row['author']];
        }

        return $out;
    }

    private static function time(Carbon $at): string
    {
        return $at->toIso8601ZuluString('millisecond');
    }
}
