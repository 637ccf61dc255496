<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Colour\ColourDesk;
use App\Colour\Means;
use App\Http\Resources\ColourDeskResource;
use App\Http\Resources\LookResource;
use App\Http\Resources\MixResource;
use App\Http\Resources\RunResource;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use App\Policies\Right;
use App\Support\JobDocument;
use App\Support\Planning;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Input\Problems;
use Kalopsis\Why\Phrase;
use stdClass;
use Throwable;

/**
 * Keeps what a job's file recorded with the job that was opened from it, all or nothing: whatever cannot be shown again is not
 * taken in. The people in it stay names.
 */
final readonly class TakeRecord
{
    private const ROWS_AT_ONCE = 200;

    public function __construct(private ColourDesk $desk, private Planning $planning) {}

    /**
     * @param callable(array<string, mixed>): array<string, mixed> $atHome a document that finds its body and paint system here
     * @throws InvalidInput
     */
    public function __invoke(User $user, RepairJob $job, stdClass $raw, callable $atHome): void
    {
        $problems = new Problems();
        $reader = new RecordReader($raw, $problems);
        $version = $reader->version();
        $opened = $reader->openedAt();
        $samples = $reader->samples();
        $numbers = array_map(fn (array $s): int => is_int($s['row']['number']) ? $s['row']['number'] : 0, $samples);
        $desk = $reader->desk($numbers);
        $mixes = $reader->mixes();
        $runs = $reader->runs();
        $looks = $reader->looks();
        $photos = $reader->photos();
        $versions = $reader->versions();
        $problems->stop();

        $this->versions($job, $version, $versions, $atHome);
        $job->created_at = Carbon::parse($opened);
        $job->timestamps = false;
        $job->save();
        $job->timestamps = true;
        $ids = $this->samples($job, $samples);
        // Who may not open the booth does not do it by bringing in a file; what was decided elsewhere stays to be read.
        $mayOpen = Right::OpenBooth->isOf($user);
        $this->insert('colour_events', array_map(function (array $event) use ($job, $ids, $mayOpen): array {
            $row = $event['row'];
            $sample = $ids[$event['sample'] ?? 0] ?? null;
            if ($row['kind'] === 'override' && ! $mayOpen) {
                $row['plan_print'] = '';
            }
            if ($event['reading'] !== null && is_string($row['body'])) {
                $body = (object) json_decode($row['body']);
                $body->reading = $sample['readings'][$event['reading']] ?? null;
                $row['body'] = json_encode($body);
            }

            return [...$row, 'repair_job_id' => $job->id, 'colour_sample_id' => $sample['id'] ?? null];
        }, $desk));
        $this->withEvents($job, 'mixes', 'mix_events', 'mix_id', $mixes);
        $this->withEvents($job, 'booth_runs', 'booth_run_events', 'booth_run_id', $runs);
        $this->insert('job_looks', array_map(fn (array $look): array => [...$look, 'repair_job_id' => $job->id], $looks));
        foreach ($photos as $photo) {
            $this->insert('job_photos', [[...$photo, 'id' => (string) Str::uuid(), 'repair_job_id' => $job->id]]);
        }
        $this->show($job->refresh());
    }

    /**
     * Versions that something was recorded for, under the numbers they had.
     *
     * @param list<array{number: int, document: array<string, mixed>}> $versions
     * @param callable(array<string, mixed>): array<string, mixed> $atHome
     */
    private function versions(RepairJob $job, int $head, array $versions, callable $atHome): void
    {
        $newest = $job->at($job->head);
        $newest->update(['number' => $head]);
        $job->update(['head' => $head]);
        foreach ($versions as $i => $version) {
            if ($version['number'] >= $head) {
                self::refuse("record.versions.{$i}.number", 'This version is not older than the newest one.');
            }

            try {
                $document = JobDocument::kept($atHome($version['document']), $job->workshop_id);
                $this->planning->read($document, $job->workshop_id);
            } catch (InvalidInput $bad) {
                throw new InvalidInput([new Problem("record.versions.{$i}.document", 'unreadable', $bad->problems[0]->detail)]);
            }
            $job->versions()->create([
                'number' => $version['number'],
                'kind' => 'import',
                'change' => 'Brought in from a file',
                'document' => $document,
                'summary' => $newest->summary,
                'user_id' => $newest->user_id,
            ]);
        }
    }

    /**
     * @param list<array{row: array<string, mixed>, readings: list<array<string, mixed>>}> $samples
     * @return array<int, array{id: string, readings: list<int>}> by number
     */
    private function samples(RepairJob $job, array $samples): array
    {
        $out = [];
        foreach ($samples as $sample) {
            $id = (string) Str::uuid();
            $row = $sample['row'];
            $this->insert('colour_samples', [[...$row, 'id' => $id, 'repair_job_id' => $job->id, 'updated_at' => $row['created_at']]]);
            $readings = array_map(fn (array $r): array => [...$r, 'colour_sample_id' => $id], $sample['readings']);
            $this->insert('colour_readings', $readings);
            $kept = DB::table('colour_readings')->where('colour_sample_id', $id)->orderBy('id')->pluck('id')->all();
            Means::refresh(ColourSample::query()->findOrFail($id));
            $out[is_int($row['number']) ? $row['number'] : 0] = [
                'id' => $id,
                'readings' => array_values(array_map(fn (mixed $r): int => is_numeric($r) ? (int) $r : 0, $kept)),
            ];
        }

        return $out;
    }

    /** @param list<array{row: array<string, mixed>, events: list<array<string, mixed>>}> $all */
    private function withEvents(RepairJob $job, string $table, string $events, string $owner, array $all): void
    {
        foreach ($all as $one) {
            $id = (string) Str::uuid();
            $this->insert($table, [[...$one['row'], 'id' => $id, 'repair_job_id' => $job->id]]);
            $this->insert($events, array_map(fn (array $e): array => [...$e, $owner => $id], $one['events']));
        }
    }

    /** @param list<array<string, mixed>> $rows */
    private function insert(string $table, array $rows): void
    {
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $chunk) {
            DB::table($table)->insert($chunk);
        }
    }

    /** Everything that shows the record is asked for once. */
    private function show(RepairJob $job): void
    {
        try {
            foreach ($job->runs()->get() as $run) {
                json_encode([RunResource::of($run), RunResource::row($run), RunResource::record($run)], JSON_THROW_ON_ERROR);
            }
            foreach ($job->mixes()->get() as $mix) {
                json_encode(MixResource::of($mix), JSON_THROW_ON_ERROR);
            }
            LookResource::of($job);
            ColourDeskResource::of($this->desk->of($job));
            $this->desk->remember($job);
        } catch (Throwable $unreadable) {
            report($unreadable);
            self::refuse('record', 'What this file recorded of its job cannot be read.');
        }
    }

    /** @throws InvalidInput */
    private static function refuse(string $field, string $says): never
    {
        throw new InvalidInput([new Problem($field, 'unreadable', Phrase::of($says))]);
    }
}
