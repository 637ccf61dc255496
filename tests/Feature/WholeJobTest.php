<?php

declare(strict_types=1);

use App\Models\ColourEvent;
use App\Models\ColourReading;
use App\Models\RepairJob;
use App\Models\Workshop;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** One pixel. */
const TINY_PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

/** A car that was read and carded, mixed, sprayed and looked at, by more than one person and on two versions of its plan. */
function wholeJob(): RepairJob
{
    $job = test()->sprayed();
    $car = fn (float $l): array => ['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => [$l, 1.0, -2.5]]];
    $sample = function (string $kind, string $name, float ...$l) use ($job, $car): array {
        $id = (string) Str::uuid();
        test()->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => $kind, 'name' => $name])->assertCreated();
        test()
            ->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
                'surface' => 'polished',
                'readings' => array_map($car, $l),
            ])
            ->assertCreated();

        return [$id, ColourReading::query()->where('colour_sample_id', $id)->orderByDesc('id')->firstOrFail()->id];
    };
    [$first, $odd] = $sample('car', 'The car', 61.0, 61.2, 66.0);
    test()->postJson("/api/jobs/{$job->id}/colour/samples/{$first}/readings/{$odd}/exclude")->assertSuccessful();
    [$card] = $sample('card', 'Card 1', 60.9, 61.1);
    test()
        ->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/eye", ['light' => 'shade', 'from' => 'face', 'verdict' => 'matches'])
        ->assertCreated();
    test()->actingAs(test()->painter($job->workshop));
    $mix = (string) Str::uuid();
    $cup = test()->getJson("/api/jobs/{$job->id}")->json('plan.cups.0.id');
    test()->postJson("/api/jobs/{$job->id}/mixes", ['id' => $mix, 'cup' => $cup, 'kind' => 'cup', 'batch' => 'B-17'])->assertSuccessful();
    $look = fn (string $kind, array $body = [], ?string $key = null): mixed => test()
        ->postJson("/api/jobs/{$job->id}/look-back", ['key' => $key ?? (string) Str::uuid(), 'kind' => $kind, ...$body])
        ->assertOk();
    $key = (string) Str::uuid();
    $look('finding', ['defect' => 'halo', 'light' => 'low-sun', 'distanceM' => 3, 'note' => 'Only low sun'], $key);
    $look('delivered');
    $look('lesson', ['text' => 'Bed and base without a pause.']);
    $picture = base64_decode(TINY_PNG, true);
    test()->post("/api/jobs/{$job->id}/photos", [
        'id' => (string) Str::uuid(),
        'finding' => $key,
        'photo' => UploadedFile::fake()->createWithContent('door.png', (string) $picture),
    ])->assertCreated();
    test()->save($job, ['car' => ['label' => 'Marlo Tern', 'plate' => 'MB 24 TRN', 'painter' => 'Bram']], 1)->assertOk();

    return $job->refresh();
}

it('carries cards, weighing, run, look-back and pictures, and comes back identical, here and in another shop', function (): void {
    $job = wholeJob();
    $file = $this->getJson("/api/jobs/{$job->id}/file")->assertOk();
    $whole = $file->json();
    expect($this->fitsSchema($whole))
        ->toBeTrue()
        ->and(array_map('count', array_intersect_key($whole['record'], array_flip(['samples', 'mixes', 'runs', 'looks', 'photos', 'versions']))))
        ->toBe(['samples' => 2, 'mixes' => 1, 'runs' => 1, 'looks' => 3, 'photos' => 1, 'versions' => 1]);
    foreach ([$job->workshop, Workshop::factory()->create()] as $workshop) {
        $this->actingAs($this->lead($workshop));
        $id = $this->call('POST', '/api/jobs/import', content: (string) $file->getContent(), server: ['CONTENT_TYPE' => 'application/json'])
            ->assertCreated()
            ->json('id');
        // Letter by letter: what was an object is one again, and whoever did it still stands there.
        expect($this->getJson("/api/jobs/{$id}/file")->getContent())->toBe($file->getContent());
        $again = RepairJob::query()->findOrFail($id);
        $desk = $this->getJson("/api/jobs/{$id}/colour")->assertOk()->json();
        expect(array_column($desk['samples'], 'name'))
            ->toBe(['The car', 'Card 1'])
            ->and($again->samples()->where('number', 1)->firstOrFail()->mean['shots'] ?? 0)
            ->toBe(2)
            ->and($this->getJson("/api/jobs/{$id}/look-back")->json('findings.0.note'))
            ->toBe('Only low sun')
            ->and($this->getJson("/api/jobs/{$id}/look-back")->json('photos'))
            ->toHaveCount(1)
            ->and($this->getJson("/api/jobs/{$id}/runs")->json('0.finishedAt'))
            ->not->toBeNull()
            ->and($this->getJson('/api/logbook?q=pause')->json('jobs'))
            ->not->toBe([]);
        expect($again->created_at->equalTo($job->created_at))->toBeTrue();
    }
});

it('opens no booth by a file for somebody who may not, and keeps what was decided to be read', function (): void {
    $file = $this->getJson('/api/jobs/' . wholeJob()->id . '/file')->getContent();
    $ready = function (string $id): bool {
        $stations = array_column($this->getJson("/api/jobs/{$id}")->json('plan.stations'), null, 'id');

        return $stations['booth']['ready'];
    };
    // The plan that the booth was opened for is the older one: only the newest decision for this very plan counts.
    $override = fn (string $by, string $print): string => (string) json_encode((function () use ($file, $by, $print): array {
        $whole = json_decode((string) $file, true);
        $whole['record']['runs'] = [];
        foreach ($whole['record']['desk'] as &$event) {
            $event = $event['kind'] === 'override' ? [...$event, 'planPrint' => $print, 'by' => $by] : $event;
        }

        return $whole;
    })());
    $bring = fn (string $content): string => $this->call(
        'POST',
        '/api/jobs/import',
        content: $content,
        server: ['CONTENT_TYPE' => 'application/json'],
    )->assertCreated()->json('id');
    $this->actingAs($this->lead());
    $print = ColourEvent::query()->where('kind', 'override')->firstOrFail()->plan_print;
    $own = $bring($override('Somebody', $print));
    $opened = $ready($own);
    $this->actingAs($this->painter());
    $brought = $bring($override('Somebody', $print));
    expect($opened)
        ->toBeTrue()
        ->and($ready($brought))
        ->toBeFalse()
        ->and(ColourEvent::query()->where('repair_job_id', $brought)->where('kind', 'override')->firstOrFail())
        ->author->toBe('Somebody')
        ->plan_print->toBe('');
});

it('takes in nothing of a file whose record cannot be read', function (callable $break, string $field): void {
    $file = $this->getJson('/api/jobs/' . wholeJob()->id . '/file')->json();
    $jobs = RepairJob::query()->count();
    $readings = ColourReading::query()->count();
    $file['record'] = $break($file['record']);
    $this->postJson('/api/jobs/import', $file)->assertStatus(422)->assertJsonPath('errors.0.field', $field);
    expect(RepairJob::query()->count())->toBe($jobs)->and(ColourReading::query()->count())->toBe($readings);
})->with([
    'no object' => [fn (array $r): array => [1, 2], 'record'],
    'a reading without a colour' => [fn (array $r): array => [
        ...$r,
        'samples' => [[...$r['samples'][0], 'readings' => [[...$r['samples'][0]['readings'][0], 'measurement' => ['geometry' => '45/0']]]]],
        'desk' => [],
    ], 'record.samples.0.readings.0.measurement.viewing'],
    'a time nobody writes' => [fn (array $r): array => [...$r, 'openedAt' => 'yesterday'], 'record.openedAt'],
    'a sample that is not there' => [
        fn (array $r): array => [...$r, 'desk' => [[...$r['desk'][0], 'sample' => 99]]],
        'record.desk.0.sample',
    ],
    'two samples of one number' => [
        fn (array $r): array => [...$r, 'desk' => [], 'samples' => [$r['samples'][0], $r['samples'][0]]],
        'record.samples',
    ],
    'a run without its steps' => [
        fn (array $r): array => [...$r, 'runs' => [[...$r['runs'][0], 'begun' => ['label' => 'x']]]],
        'record',
    ],
    'a mix without its portions' => [
        fn (array $r): array => [...$r, 'mixes' => [[...$r['mixes'][0], 'begun' => ['colour' => 'x']]]],
        'record',
    ],
    'an older plan that is none' => [
        fn (array $r): array => [...$r, 'versions' => [['number' => 1, 'document' => ['car' => 3]]]],
        'record.versions.0.document',
    ],
    'a version that is not older' => [
        fn (array $r): array => [...$r, 'versions' => [[...$r['versions'][0], 'number' => 9]]],
        'record.versions.0.number',
    ],
    'a picture that is none' => [
        fn (array $r): array => [...$r, 'photos' => [[...$r['photos'][0], 'picture' => base64_encode('<svg onload="x">')]]],
        'record.photos.0.picture',
    ],
    'the same look twice' => [
        fn (array $r): array => [...$r, 'looks' => [$r['looks'][0], $r['looks'][0]]],
        'record.looks.1.key',
    ],
]);

it('lets in what it sends out: pictures as large as a phone takes them, and a job that carries them', function (): void {
    $job = $this->open($this->painter());
    $png = base64_decode(TINY_PNG, true) . str_repeat("\0", 5_000_000);
    $this->post("/api/jobs/{$job->id}/photos", [
        'id' => (string) Str::uuid(),
        'photo' => UploadedFile::fake()->createWithContent('large.png', $png),
    ])->assertCreated();
    $file = (string) $this->getJson("/api/jobs/{$job->id}/file")->getContent();
    expect(strlen($file))->toBeGreaterThan(6_000_000);
    $this->call('POST', '/api/jobs/import', content: $file, server: ['CONTENT_TYPE' => 'application/json'])->assertCreated();
});
