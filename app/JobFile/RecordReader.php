<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\JobPhoto;
use DateTimeImmutable;
use DateTimeZone;
use finfo;
use Illuminate\Support\Str;
use Kalopsis\Booth\RunEvent;
use Kalopsis\Card\ReadingReader;
use Kalopsis\Card\ReadingSource;
use Kalopsis\Card\SampleKind;
use Kalopsis\Card\Surface;
use Kalopsis\Findings\LookEvent;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use stdClass;

/** Reads the record of a job's file into rows, all its faults at their fields. Ids and people are given by whoever keeps them. */
final class RecordReader
{
    private const MOST_SAMPLES = 500;

    private const MOST_READINGS = 20_000;

    private const MOST_EVENTS = 20_000;

    private const MOST_RUNS = 200;

    private const MOST_PHOTOS = 200;

    private const CLOCK_MS = [1_577_836_800_000, 4_102_444_800_000];

    private const DESK = ['eye', 'pass', 'override', 'close', 'strike', 'restore', 'exclude', 'include', 'edit', 'tint'];

    private const MIX_EVENTS = ['take', 'recover', 'accept', 'finish', 'discard'];

    private readonly Fields $record;

    /** @param stdClass $raw the record with objects as objects, so that they are kept as they were written */
    public function __construct(private readonly stdClass $raw, private readonly Problems $problems)
    {
        $this->record = Fields::of(json_decode((string) json_encode($raw), true), $problems, 'record');
    }

    public function version(): int
    {
        return $this->record->whole('version', 1, 1_000_000, 'The version');
    }

    public function openedAt(): ?string
    {
        return $this->time($this->record, 'openedAt');
    }

    /** @return list<array{row: array<string, mixed>, readings: list<array<string, mixed>>}> */
    public function samples(): array
    {
        $out = [];
        foreach ($this->record->objects('samples', self::MOST_SAMPLES) as $i => $f) {
            $readings = [];
            foreach ($f->objects('readings', self::MOST_READINGS) as $k => $r) {
                ReadingReader::read($r->object('measurement'));
                $readings[] = [
                    'spot' => $r->text('spot', 0, 40, 'The spot'),
                    'surface' => $r->choice('surface', Surface::class, 'The surface')->value,
                    'source' => $r->choice('source', ReadingSource::class, 'The source')->value,
                    'instrument' => $r->has('instrument') ? $r->text('instrument', 0, 60, 'The instrument') : '',
                    'measurement' => $this->json('samples', $i, 'readings', $k, 'measurement'),
                    'excluded_at' => $this->time($r, 'excludedAt', true),
                    ...$this->done($r),
                ];
            }
            $out[] = [
                'row' => [
                    'number' => $f->whole('number', 1, 100_000, 'The number'),
                    'kind' => $f->choice('kind', SampleKind::class, 'The kind')->value,
                    'name' => $f->text('name', 1, 80, 'The name'),
                    'details' => $this->object($f, 'details', 'samples', $i, 'details'),
                    'struck_at' => $this->time($f, 'struckAt', true),
                    ...$this->done($f),
                ],
                'readings' => $readings,
            ];
        }
        $numbers = array_map(fn (array $s): mixed => $s['row']['number'], $out);
        if (count(array_unique($numbers)) < count($numbers)) {
            $this->problems->add('record.samples', 'twice', 'Two samples have the same number.');
        }

        return $out;
    }

    /**
     * @param list<int> $samples numbers there are
     * @return list<array{row: array<string, mixed>, sample: ?int, reading: ?int}>
     */
    public function desk(array $samples): array
    {
        $out = [];
        foreach ($this->record->objects('desk', self::MOST_EVENTS) as $i => $f) {
            $sample = $f->has('sample') ? $f->whole('sample', 1, 100_000, 'The sample') : null;
            if ($sample !== null && ! in_array($sample, $samples, true)) {
                $this->problems->add($f->path('sample'), 'unknown', 'There is no such sample in this file.');
            }
            $body = $f->maybe('body');
            $out[] = [
                'row' => [
                    'kind' => $this->kind($f, self::DESK),
                    'body' => $this->object($f, 'body', 'desk', $i, 'body'),
                    'job_version' => $f->whole('jobVersion', 1, 1_000_000, 'The version'),
                    'plan_print' => $f->text('planPrint', 0, 64, 'The print of the plan'),
                    ...$this->done($f),
                ],
                'sample' => $sample,
                'reading' => $body->has('reading') ? $body->whole('reading', 0, self::MOST_READINGS, 'The reading') : null,
            ];
        }

        return $out;
    }

    /** @return list<array{row: array<string, mixed>, events: list<array<string, mixed>>}> */
    public function mixes(): array
    {
        $out = [];
        foreach ($this->record->objects('mixes', self::MOST_RUNS) as $i => $f) {
            $out[] = [
                'row' => [
                    'job_version' => $f->whole('jobVersion', 1, 1_000_000, 'The version'),
                    'cup' => $f->text('cup', 1, 60, 'The cup'),
                    'kind' => $this->kind($f, ['cup', 'formula']),
                    'name' => $f->text('name', 1, 80, 'The name'),
                    'batch' => $f->text('batch', 0, 60, 'The batch'),
                    'begun' => $this->object($f, 'begun', 'mixes', $i, 'begun'),
                    'scale' => $f->has('scale') ? $this->object($f, 'scale', 'mixes', $i, 'scale') : null,
                    'finished_at' => $this->time($f, 'finishedAt', true),
                    'discarded_at' => $this->time($f, 'discardedAt', true),
                    ...$this->done($f),
                ],
                'events' => $this->events($f, fn (Fields $e, int $k): array => [
                    'kind' => $this->kind($e, self::MIX_EVENTS),
                    'body' => $this->object($e, 'body', 'mixes', $i, 'events', $k, 'body'),
                    ...$this->done($e),
                ]),
            ];
        }

        return $out;
    }

    /** @return list<array{row: array<string, mixed>, events: list<array<string, mixed>>}> */
    public function runs(): array
    {
        $out = [];
        foreach ($this->record->objects('runs', self::MOST_RUNS) as $i => $f) {
            $out[] = [
                'row' => [
                    'job_version' => $f->whole('jobVersion', 1, 1_000_000, 'The version'),
                    'begun' => $this->object($f, 'begun', 'runs', $i, 'begun'),
                    'climate' => $f->has('climate') ? $this->object($f, 'climate', 'runs', $i, 'climate') : null,
                    'finished_at' => $this->time($f, 'finishedAt', true),
                    ...$this->done($f),
                ],
                'events' => $this->events($f, fn (Fields $e, int $k): array => [
                    'kind' => $this->kind($e, RunEvent::KINDS),
                    'device' => $e->text('device', 1, 40, 'The device'),
                    'seq' => $e->whole('seq', 0, 1_000_000, 'The count'),
                    'occurred_ms' => $e->whole('occurredMs', self::CLOCK_MS[0], self::CLOCK_MS[1], 'When it happened'),
                    'device_ms' => $e->whole('deviceMs', self::CLOCK_MS[0], self::CLOCK_MS[1], 'The clock'),
                    'body' => $this->object($e, 'body', 'runs', $i, 'events', $k, 'body'),
                    ...$this->done($e, 'recorded_at'),
                ]),
            ];
        }

        return $out;
    }

    /** @return list<array<string, mixed>> */
    public function looks(): array
    {
        return $this->events($this->record, fn (Fields $e, int $k): array => [
            'kind' => $this->kind($e, LookEvent::KINDS),
            'body' => $this->object($e, 'body', 'looks', $k, 'body'),
            ...$this->done($e, 'recorded_at'),
        ], 'looks');
    }

    /** @return list<array<string, mixed>> those that came along */
    public function photos(): array
    {
        $out = [];
        foreach ($this->record->objects('photos', self::MOST_PHOTOS) as $i => $f) {
            $letters = $this->at('photos', $i, 'picture');
            if ($letters === null) {
                continue;
            }
            $picture = is_string($letters) ? base64_decode($letters, true) : false;
            // By what it is, not by what the file calls it.
            $mime = $picture === false ? '' : (string) (new finfo(FILEINFO_MIME_TYPE))->buffer($picture);
            if ($picture === false || ! in_array($mime, JobPhoto::MIMES, true)) {
                $this->problems->add($f->path('picture'), 'format', 'A picture is a JPEG, PNG or WebP file in base64.');
            }
            $out[] = [
                'finding' => $f->has('finding') ? $this->uuid($f, 'finding') : null,
                'name' => $f->text('name', 0, 120, 'The name'),
                'mime' => $mime,
                'bytes' => strlen((string) $picture),
                'picture' => (string) $picture,
                'struck_at' => $this->time($f, 'struckAt', true),
                ...$this->done($f),
            ];
        }

        return $out;
    }

    /** @return list<array{number: int, document: array<string, mixed>}> older versions of the plan that were recorded for */
    public function versions(): array
    {
        $out = [];
        foreach ($this->record->objects('versions', self::MOST_RUNS) as $f) {
            $out[] = [
                'number' => $f->whole('number', 1, 1_000_000, 'The version'),
                'document' => $f->plainValues('document'),
            ];
        }
        if (count(array_unique(array_column($out, 'number'))) < count($out)) {
            $this->problems->add('record.versions', 'twice', 'Two versions have the same number.');
        }

        return $out;
    }

    /**
     * Each with its own key, once.
     *
     * @param callable(Fields, int): array<string, mixed> $row
     * @return list<array<string, mixed>>
     */
    private function events(Fields $of, callable $row, string $name = 'events'): array
    {
        $out = [];
        foreach ($of->objects($name, self::MOST_EVENTS) as $k => $e) {
            $key = $this->uuid($e, 'key');
            if (isset($out[$key])) {
                $this->problems->add($e->path('key'), 'twice', 'This key is in the list twice.');
            }
            $out[$key] = ['key' => $key, ...$row($e, $k)];
        }

        return array_values($out);
    }

    private function uuid(Fields $f, string $name): string
    {
        $key = $f->text($name, 36, 36, 'The key');
        if ($key !== '' && ! Str::isUuid($key)) {
            $this->problems->add($f->path($name), 'format', 'A key is a UUID.');
        }

        return strtolower($key);
    }

    /** @param list<string> $known */
    private function kind(Fields $f, array $known): string
    {
        $kind = $f->text('kind', 1, 12, 'The kind');
        if ($kind !== '' && ! in_array($kind, $known, true)) {
            $this->problems->add($f->path('kind'), 'choice', 'This is one of: ' . implode(', ', $known) . '.');
        }

        return $kind;
    }

    /** @return array<string, ?string> when, and who by name */
    private function done(Fields $f, string $column = 'created_at'): array
    {
        return [
            $column => $this->time($f, 'at'),
            'author' => $f->has('by') ? $f->text('by', 0, 80, 'Who it was') : null,
        ];
    }

    /** A time as this database writes it. */
    private function time(Fields $f, string $name, bool $maybe = false): ?string
    {
        if ($maybe && ! $f->has($name)) {
            return null;
        }
        $text = $f->text($name, 20, 30, 'The time');
        $time = preg_match('/^20\d\d-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?Z$/', $text) === 1
            ? DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.up', preg_replace('/(?<=:\d\d)Z$/', '.000Z', $text) ?? '')
            : false;
        if ($time === false) {
            $this->problems->add($f->path($name), 'format', 'A time is written like 2026-01-31T08:30:00.000Z.');

            return null;
        }

        return $time->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s.v');
    }

    /** An object with named fields, as it was written. */
    private function object(Fields $f, string $name, string|int ...$path): string
    {
        $f->maybe($name);

        return $this->json(...$path);
    }

    private function json(string|int ...$path): string
    {
        return (string) json_encode($this->at(...$path) ?? new stdClass(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    private function at(string|int ...$path): mixed
    {
        $at = $this->raw;
        foreach ($path as $name) {
            $at = is_object($at) ? get_object_vars($at) : $at;
            $at = is_array($at) ? $at[$name] ?? null : null;
        }

        return $at;
    }
}
