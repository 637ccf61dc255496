<?php

declare(strict_types=1);

use App\Models\JobVersion;
use App\Models\RepairJob;
use App\Models\Workshop;
use Kalopsis\Tests\Support\Bodies;

it('opens a job and puts it on the bench with its plan', function (): void {
    $user = $this->painter();
    $response = $this->actingAs($user)
        ->postJson('/api/jobs', ['document' => Bodies::job()])
        ->assertCreated()
        ->assertHeader('ETag', '"1"');
    expect($response->json('plan.coats.0.id'))->toBe('wet-bed')->and($response->json('plan.cups'))->toHaveCount(4);
    $this->getJson('/api/jobs')
        ->assertOk()
        ->assertJsonCount(1)
        ->assertJsonPath('0.stations.0.state.plain', '1 repair')
        ->assertJsonPath('0.plate', 'MB 24 TRN');
    $this->getJson('/api/jobs/' . $response->json('id'))
        ->assertOk()
        ->assertJsonPath('version', 1)
        ->assertJsonPath('canUndo', false);
});

it('opens a job once, however often the same id is sent', function (): void {
    $user = $this->painter();
    $id = '0b5e4c1e-1111-4222-8333-444455556666';
    $this->actingAs($user)
        ->postJson('/api/jobs', ['id' => $id, 'document' => Bodies::job()])
        ->assertCreated();
    $this->actingAs($user)
        ->postJson('/api/jobs', ['id' => $id, 'document' => Bodies::job()])
        ->assertCreated()
        ->assertJsonPath('id', $id);
    expect(RepairJob::query()->count())->toBe(1);
});

it('saves each change as a new version and keeps the old ones', function (): void {
    $job = $this->open($this->painter());
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1, 'Booth to 25')
        ->assertOk()
        ->assertHeader('ETag', '"2"')
        ->assertJsonPath('canUndo', true);
    $this->save($job, ['booth' => ['temperatureC' => 28]], 2)
        ->assertOk()
        ->assertJsonPath('version', 3);
    expect(JobVersion::query()->where('number', 1)->firstOrFail()->document['booth']['temperatureC'])->toBe(22);
    $this->getJson("/api/jobs/{$job->id}/history")
        ->assertOk()
        ->assertJsonCount(3)
        ->assertJsonPath('1.change', 'Booth to 25');
});

it('saves nothing when nothing changed, even on an old version', function (): void {
    $job = $this->open($this->painter());
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)->assertOk();
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)
        ->assertOk()
        ->assertJsonPath('version', 2);
});

it('refuses a stale edit and says who was first', function (): void {
    $job = $this->open($this->painter());
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)->assertOk();
    $this->save($job, ['booth' => ['temperatureC' => 30]], 1)
        ->assertStatus(412)
        ->assertJsonPath('code', 'stale')
        ->assertJsonPath('current', 2);
    $this->withHeaders(['If-Match' => '*'])
        ->putJson("/api/jobs/{$job->id}", ['document' => Bodies::job()])
        ->assertStatus(428);
});

it('steps back and on again through any number of edits, adding versions only', function (): void {
    $job = $this->open($this->painter());
    foreach ([23, 24, 25] as $i => $c) {
        $this->save($job, ['booth' => ['temperatureC' => $c]], $i + 1, "To {$c}")->assertOk();
    }
    $at = 4;
    $step = function (string $way) use (&$at, $job) {
        $response = $this->withHeaders(['If-Match' => "\"{$at}\""])->postJson("/api/jobs/{$job->id}/{$way}");
        $at = $response->json('version') ?? $at;

        return $response;
    };
    expect($step('undo')->json('document.booth.temperatureC'))
        ->toBe(24)
        ->and($step('undo')->json('document.booth.temperatureC'))
        ->toBe(23)
        ->and($step('redo')->json('document.booth.temperatureC'))
        ->toBe(24)
        ->and($step('undo')->json('document.booth.temperatureC'))
        ->toBe(23)
        ->and($step('undo')->json('document.booth.temperatureC'))
        ->toBe(22);
    $step('undo')->assertStatus(409)->assertJsonPath('code', 'nothing-to-step');
    expect($step('redo')->json('document.booth.temperatureC'))
        ->toBe(23)
        ->and($step('redo')->json('document.booth.temperatureC'))
        ->toBe(24)
        ->and($step('redo')->json('document.booth.temperatureC'))
        ->toBe(25);
    $step('redo')->assertStatus(409);
    expect($step('undo')->json('change'))->toBe('Undid: To 25');
    // A new edit after an undo forgets what could be done again.
    $this->save($job, ['booth' => ['temperatureC' => 31]], $at)
        ->assertOk()
        ->assertJsonPath('canRedo', false);
    expect(JobVersion::query()->count())->toBe($at + 1);
});

it('shows what would be, and saves nothing', function (): void {
    $job = $this->open($this->painter());
    $this->postJson("/api/jobs/{$job->id}/preview", [
        'document' => Bodies::job(change: ['plan' => ['coats' => ['control' => ['reachMm' => 90]]]]),
    ])
        ->assertOk()
        ->assertJsonPath('plan.coats.4.reach.value', 90);
    expect(JobVersion::query()->count())->toBe(1);
});

it('answers faults at their fields, with both unit systems kept apart', function (): void {
    $job = $this->open($this->painter());
    $this->save($job, ['repairs' => [['shape' => ['radiusMm' => 0]]]], 1)
        ->assertStatus(422)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('errors.0.field', 'repairs.0.shape.radiusMm')
        ->assertJsonPath('errors.0.phrase.values.least', ['value' => 5, 'unit' => 'mm']);
    expect($job->refresh()->head)->toBe(1);
});

it('is not there for the neighbour workshop', function (string $method, string $path): void {
    $job = $this->open($this->painter());
    $stranger = $this->lead(Workshop::factory()->stocked()->create());
    $this->actingAs($stranger)
        ->withHeaders(['If-Match' => '"1"'])
        ->json($method, str_replace('{job}', $job->id, $path), ['document' => Bodies::job()])
        ->assertStatus(404);
    expect($job->refresh()->head)->toBe(1)->and($job->archived_at)->toBeNull();
})->with([
    ['GET', '/api/jobs/{job}'],
    ['PUT', '/api/jobs/{job}'],
    ['POST', '/api/jobs/{job}/preview'],
    ['POST', '/api/jobs/{job}/archive'],
    ['POST', '/api/jobs/{job}/restore'],
    ['GET', '/api/jobs/{job}/file'],
    ['GET', '/api/jobs/{job}/history'],
    ['POST', '/api/jobs/{job}/undo'],
    ['POST', '/api/jobs/{job}/redo'],
]);

it('does not take over a neighbour\'s id', function (): void {
    $job = $this->open($this->painter());
    $stranger = $this->lead();
    $this->actingAs($stranger)
        ->postJson('/api/jobs', ['id' => $job->id, 'document' => Bodies::job()])
        ->assertCreated();
    expect(RepairJob::query()->where('workshop_id', $stranger->workshop_id)->firstOrFail()->id)->not->toBe($job->id);
});

it('lets only a lead put a job away, and nobody change it then', function (): void {
    $painter = $this->painter();
    $job = $this->open($painter);
    $this->actingAs($painter)
        ->postJson("/api/jobs/{$job->id}/archive")
        ->assertStatus(403);
    $lead = $this->lead($painter->workshop);
    $this->actingAs($lead)
        ->postJson("/api/jobs/{$job->id}/archive")
        ->assertNoContent();
    $this->actingAs($lead)->getJson('/api/jobs')->assertJsonCount(0);
    $this->actingAs($lead)->getJson('/api/jobs?archived=1')->assertJsonCount(1);
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)
        ->assertStatus(403)
        ->assertJsonPath('title', 'This job is put away. A lead can bring it back.');
    $this->actingAs($lead)
        ->postJson("/api/jobs/{$job->id}/restore")
        ->assertNoContent();
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)->assertOk();
});

it('never answers 500, whatever is sent', function (string $method, string $path, mixed $body): void {
    $job = $this->open($this->lead());
    $raw = is_string($body) ? $body : (string) json_encode($body);
    $response = $this->call(
        $method,
        str_replace('{job}', $job->id, $path),
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => '"1"'],
        $raw,
    );
    expect($response->getStatusCode())->toBeGreaterThanOrEqual(400)->toBeLessThan(500);
    expect($response->headers->get('Content-Type'))->toBe('application/problem+json');
})->with([
    ['POST', '/api/jobs', '{"document":'],
    ['POST', '/api/jobs', '7'],
    ['POST', '/api/jobs', '"job"'],
    ['POST', '/api/jobs', ''],
    ['POST', '/api/jobs', ['document' => []]],
    ['POST', '/api/jobs', ['document' => 'x']],
    ['POST', '/api/jobs', ['document' => [1, 2]]],
    ['POST', '/api/jobs', ['document' => ['car' => ['bodyShape' => ['$ne' => null]]]]],
    ['POST', '/api/jobs', ['id' => 'not-a-uuid', 'document' => ['car' => 1]]],
    ['POST', '/api/jobs', ['id' => ['a'], 'document' => ['car' => 1]]],
    ['POST', '/api/jobs', ['change' => str_repeat('x', 500), 'document' => ['car' => 1]]],
    ['POST', '/api/jobs', str_repeat('[', 600) . str_repeat(']', 600)],
    ['POST', '/api/jobs', '{"document":{"repairs":[{"id":1e400}]}}'],
    ['POST', '/api/jobs', "{\"document\":{\"car\":{\"label\":\"\xff\"}}}"],
    ['POST', '/api/jobs', '{"document":"' . str_repeat('a', 3_100_000) . '"}'],
    ['PUT', '/api/jobs/{job}', ['document' => ['plan' => ['coats' => 'all']]]],
    ['PUT', '/api/jobs/nonsense', ['document' => []]],
    ['GET', '/api/jobs/1%27%20OR%201', ''],
    ['POST', '/api/jobs/import', ['format' => 'other']],
    ['POST', '/api/jobs/import', ['format' => 'kalopsis-job', 'version' => 2]],
    ['POST', '/api/jobs/import', []],
    ['POST', '/api/jobs/import', ['format' => 'kalopsis-job', 'version' => 1, 'bodyShapeSvg' => '<svg/>']],
    ['POST', '/api/jobs/import', ['format' => 'kalopsis-job', 'version' => 1, 'bodyShapeSvg' => 12]],
    ['POST', '/api/jobs/import', ['format' => 'kalopsis-job', 'version' => 1, 'paintSystemSheet' => 'x']],
    ['POST', '/api/bodies', ['svg' => []]],
    ['POST', '/api/bodies', ['svg' => '<svg']],
    ['DELETE', '/api/jobs/{job}', ''],
    ['GET', '/api/nothing', ''],
    ['GET', '/api/bodies/zeppelin', ''],
    ['PATCH', '/api/me', ['theme' => ['x']]],
]);

it('refuses ten megabytes in its own words', function (): void {
    $this->actingAs($this->painter())
        ->call(
            'POST',
            '/api/jobs',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            str_repeat(' ', 10_000_000),
        )
        ->assertStatus(413)
        ->assertJsonPath('code', 'too-large');
});

it('lists what is due first, and refuses a time there cannot be', function (): void {
    $this->actingAs($this->painter());
    $dues = ['2026-12-01T16:00', null, '2026-11-30T09:00'];
    foreach ($dues as $i => $due) {
        $job = Bodies::job('bonnet');
        $job['car'] = [...$job['car'], 'plate' => "D {$i}", ...($due === null ? [] : ['due' => $due, 'painter' => 'Bram'])];
        $this->postJson('/api/jobs', ['document' => $job])->assertCreated();
    }
    $rows = $this->getJson('/api/jobs')->assertOk();
    expect(array_column($rows->json(), 'plate'))->toBe(['D 2', 'D 0', 'D 1'])
        ->and($rows->json('0.painter'))->toBe('Bram')
        ->and($rows->json('2.due'))->toBeNull();
    foreach (['soon', '2026-02-31T10:00', '2026-11-30 09:00', '2026-11-30T25:00'] as $due) {
        $job = Bodies::job('bonnet');
        $job['car']['due'] = $due;
        $this->postJson('/api/jobs', ['document' => $job])->assertStatus(422)->assertJsonPath('errors.0.field', 'car.due');
    }
});

it('keeps the head of a job, and finds it by order and owner', function (): void {
    $user = $this->painter();
    $job = $this->actingAs($user)->open($user, ['car' => ['order' => 'A-2041', 'owner' => 'QZ', 'paintPrice' => 180.5]]);
    $bench = $this->getJson("/api/jobs/{$job->id}")->assertOk();
    expect($bench->json('document.car.order'))->toBe('A-2041')
        ->and($bench->json('document.car.paintPrice'))->toBe(180.5)
        ->and($this->getJson('/api/jobs')->json('0.order'))->toBe('A-2041');
    foreach (['a-2041', 'qz'] as $word) {
        expect($this->getJson("/api/logbook?q={$word}")->json('jobs.0.job'))->toBe($job->id);
    }
    $document = $bench->json('document');
    foreach ([['owner', 'far too long'], ['paintPrice', -1], ['order', str_repeat('9', 41)]] as [$field, $value]) {
        $bad = $document;
        $bad['car'][$field] = $value;
        $this->putJson("/api/jobs/{$job->id}", ['document' => $bad], ['If-Match' => '"1"'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.field', "car.{$field}");
    }
});

it('corrects a panel of the car of an open job, and the plan follows', function (): void {
    $job = $this->open($this->painter());
    $document = $this->getJson("/api/jobs/{$job->id}")->json('document');
    $car = $document['car']['bodyShape'];
    $sizes = ['front-door-left' => ['alongMm' => 1310]];
    $measured = $this->postJson("/api/jobs/{$job->id}/panel-sizes", ['document' => $document, 'sizes' => $sizes])
        ->assertOk()
        ->assertJsonPath('car.sizes.front-door-left.alongMm', 1310)
        ->assertJsonPath('repairs.0.shape.radiusMm', $document['repairs'][0]['shape']['radiusMm'])
        ->json();
    expect($measured['repairs'][0]['shape']['xMm'])->not->toEqual($document['repairs'][0]['shape']['xMm']);
    // Asking keeps nothing; saving does, and can be undone.
    $this->getJson("/api/jobs/{$job->id}")->assertJsonPath('version', 1);
    $this->putJson("/api/jobs/{$job->id}", ['document' => $measured, 'change' => 'Door measured'], ['If-Match' => '"1"'])->assertOk();
    $this->postJson("/api/jobs/{$job->id}/undo", [], ['If-Match' => '"2"'])
        ->assertOk()
        ->assertJsonMissingPath('document.car.sizes');

    $area = fn (string $query): float => collect($this->getJson("/api/bodies/{$car}{$query}")->assertOk()->json('panels'))
        ->firstWhere('id', 'front-door-left')['area']['value'];
    expect($area('?sizes=' . urlencode((string) json_encode($sizes))))->toBeGreaterThan(1.02 * $area(''));
});

it('refuses sizes that no such car has, at their field', function (mixed $sizes, string $field): void {
    $job = $this->open($this->painter());
    $document = $this->getJson("/api/jobs/{$job->id}")->json('document');
    $this->postJson("/api/jobs/{$job->id}/panel-sizes", ['document' => $document, 'sizes' => $sizes])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', $field);
    $document['car']['sizes'] = $sizes;
    $this->putJson("/api/jobs/{$job->id}", ['document' => $document], ['If-Match' => '"1"'])->assertUnprocessable();
    $this->getJson("/api/bodies/{$document['car']['bodyShape']}?sizes=" . urlencode((string) json_encode($sizes)))
        ->assertUnprocessable();
})->with([
    'four times as long' => [['bonnet' => ['alongMm' => 4000]], 'car.sizes.bonnet.alongMm'],
    'no such panel' => [['spoiler' => ['alongMm' => 400]], 'car.sizes.spoiler'],
    'words' => [['bonnet' => ['alongMm' => 'long']], 'car.sizes.bonnet.alongMm'],
    'not an object' => ['large', 'car.sizes'],
    'a list' => [[['alongMm' => 400]], 'car.sizes'],
]);

it('refuses outlines whose corners together would take seconds to plan', function (): void {
    $this->actingAs($this->painter());
    $jagged = function (int $corners, string $id): array {
        $points = [];
        for ($k = 0; $k < $corners; $k++) {
            $r = 60 + 20 * ($k % 2);
            $points[] = [1500 + $r * cos(2 * M_PI * $k / $corners), 1850 + $r * sin(2 * M_PI * $k / $corners)];
        }

        return [
            'id' => $id,
            'panel' => 'front-door-left',
            'shape' => ['kind' => 'outline', 'points' => $points],
            'under' => ['kind' => 'primer', 'greyShade' => 4],
        ];
    };
    $repairs = array_map(fn (int $i): array => $jagged(150, "r{$i}"), range(1, 14));
    $this->postJson('/api/jobs', ['document' => [...Bodies::job(), 'repairs' => $repairs]])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.code', 'too-many-corners');
});
