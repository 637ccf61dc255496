<?php

declare(strict_types=1);

use App\Models\JobLook;
use App\Models\JobPhoto;
use App\Models\RepairJob;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** @param array<string, mixed> $body */
function looked(RepairJob $job, string $kind, array $body = [], ?string $key = null): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/look-back", ['key' => $key ?? (string) Str::uuid(), 'kind' => $kind, ...$body]);
}

/** @return array<string, mixed> */
function haloBody(array $change = []): array
{
    return ['defect' => 'halo', 'light' => 'low-sun', 'distanceM' => 3, ...$change];
}

it('keeps what was seen, once, and takes it back and again', function (): void {
    $job = $this->open($this->painter());
    $empty = $this->getJson("/api/jobs/{$job->id}/look-back")->assertOk();
    expectFits(json_decode((string) $empty->getContent()), 'LookBack');
    expect($empty->json('findings'))->toBe([]);
    $key = (string) Str::uuid();
    looked($job, 'finding', haloBody(['panel' => 'front-door-left', 'xMm' => 1500, 'yMm' => 1800]), $key)->assertOk();
    $twice = looked($job, 'finding', haloBody(['panel' => 'front-door-left', 'xMm' => 1500, 'yMm' => 1800]), $key)->assertOk();
    expectFits(json_decode((string) $twice->getContent()), 'LookBack');
    expect($twice->json('findings'))
        ->toHaveCount(1)
        ->and($twice->json('says.plain'))
        ->toBe('1 thing seen')
        ->and($this->getJson("/api/jobs/{$job->id}")->json('plan.stations.5.state.plain'))
        ->toBe('1 thing seen');
    expect(looked($job, 'strike', ['finding' => $key])->json('findings'))->toBe([]);
    expect(looked($job, 'restore', ['finding' => $key])->json('findings.0.key'))->toBe($key);
    looked($job, 'clean', ['light' => 'shade', 'distanceM' => 2])->assertOk();
    expect(JobLook::query()->count())->toBe(4);
});

it('refuses what is no finding at its field', function (array $body, string $field): void {
    $job = $this->open($this->painter());
    looked($job, 'finding', haloBody($body))->assertStatus(422)->assertJsonPath('errors.0.field', $field);
    expect(JobLook::query()->count())->toBe(0);
})->with([
    'no such defect' => [['defect' => 'ghost'], 'defect'],
    'no such light' => [['light' => 'moon'], 'light'],
    'too far away' => [['distanceM' => 2000], 'distanceM'],
    'no number' => [['distanceM' => 'near'], 'distanceM'],
    'not a place' => [['xMm' => 'left'], 'xMm'],
]);

it('judges a ring by what the run recorded: the bed had dried', function (): void {
    $job = $this->sprayed();
    $key = (string) Str::uuid();
    looked($job, 'finding', haloBody(), $key)->assertOk();
    $causes = $this->getJson("/api/jobs/{$job->id}/look-back/causes?finding={$key}")->assertOk();
    expectFits(json_decode((string) $causes->getContent()), 'LookCauses');
    expect($causes->json('causes.0.key'))
        ->toBe('bed-dried')
        ->and($causes->json('causes.0.recorded'))
        ->toBeTrue()
        ->and($causes->json('causes.0.evidence.plain'))
        ->toContain('The bed waited 30 min');
    $this->getJson("/api/jobs/{$job->id}/look-back/causes?finding=" . Str::uuid())->assertNotFound();
    $this->getJson("/api/jobs/{$job->id}/look-back/causes?finding=x")->assertNotFound();
    $this->getJson("/api/jobs/{$job->id}/look-back/causes")->assertNotFound();
});

it('opens a follow-up once, planned wider, with the readings, and says so on both jobs', function (): void {
    $job = $this->sprayed();
    $key = (string) Str::uuid();
    looked($job, 'finding', haloBody(), $key)->assertOk();
    $id = (string) Str::uuid();
    $body = ['id' => $id, 'finding' => $key, 'how' => 'wider'];
    $this->postJson("/api/jobs/{$job->id}/look-back/follow-up", $body)->assertCreated()->assertJson(['id' => $id]);
    $this->postJson("/api/jobs/{$job->id}/look-back/follow-up", $body)->assertCreated();
    expect(RepairJob::query()->count())->toBe(2);
    $before = $job->at($job->head)->document['repairs'][0];
    $after = RepairJob::query()->findOrFail($id)->at(1)->document['repairs'][0];
    expect($after['shape']['radiusMm'])
        ->toBeGreaterThan($before['shape']['radiusMm'] + 100)
        ->and($after['under'])
        ->toBe(['kind' => 'old-two-pack']);
    $new = $this->getJson("/api/jobs/{$id}/look-back")->assertOk();
    expect($new->json('follows.job'))
        ->toBe($job->id)
        ->and($new->json('follows.says.0.plain'))
        ->toContain('Sanded out to')
        ->and($this->getJson("/api/jobs/{$job->id}/look-back")->json('followUps.0.job'))
        ->toBe($id)
        ->and($this->getJson("/api/jobs/{$id}")->json('plan.panels'))
        ->not->toBe([]);
    $next = (string) Str::uuid();
    $this->postJson("/api/jobs/{$job->id}/look-back/follow-up", ['id' => $next, 'finding' => $key, 'how' => 'next-panel'])->assertCreated();
    $panels = fn (string $of): int => count($this->getJson("/api/jobs/{$of}")->json('plan.panels'));
    expect($panels($next))->toBeGreaterThan($panels($job->id));
    $this->postJson("/api/jobs/{$job->id}/look-back/follow-up", ['id' => 'x', 'finding' => $key, 'how' => 'magic'])->assertStatus(422);
});

it('asks back a fortnight after the car was delivered, and counts what came back', function (): void {
    $job = $this->open($this->painter());
    looked($job, 'delivered')->assertOk()->assertJsonPath('askNow', false);
    $this->travel(15)->days();
    $this->getJson("/api/jobs/{$job->id}/look-back")->assertJsonPath('askNow', true);
    $asked = looked($job, 'asked', ['again' => true, 'customer' => 'noticed', 'note' => 'In low sun.'])->assertOk();
    expect($asked->json('askNow'))
        ->toBeFalse()
        ->and($asked->json('says.plain'))
        ->toBe('came back');
    looked($job, 'asked', ['again' => false, 'customer' => 'somebody'])->assertStatus(422);
});

it('keeps pictures with the job, shows them to nobody else, and nothing that is none', function (): void {
    $job = $this->open($this->painter());
    $png = (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
    $id = (string) Str::uuid();
    $send = fn (string $name, string $bytes, string $as): TestResponse => $this->post("/api/jobs/{$job->id}/photos", [
        'id' => $as,
        'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
    ]);
    $kept = $send('ring.png', $png, $id)->assertCreated();
    expectFits(json_decode((string) $kept->getContent()), 'LookPhoto');
    $send('ring.png', $png, $id)->assertCreated();
    expect(JobPhoto::query()->count())
        ->toBe(1)
        ->and($this->get("/api/jobs/{$job->id}/photos/{$id}")->assertOk()->assertHeader('Content-Type', 'image/png')->getContent())
        ->toBe($png)
        ->and($this->getJson("/api/jobs/{$job->id}/look-back")->json('photos.0.name'))
        ->toBe('ring.png');
    $send('ring.png', '<script>alert(1)</script>', (string) Str::uuid())->assertStatus(422)->assertJsonPath('errors.0.field', 'photo');
    $this->postJson("/api/jobs/{$job->id}/photos/{$id}/strike")->assertNoContent();
    expect($this->getJson("/api/jobs/{$job->id}/look-back")->json('photos'))->toBe([]);
    $this->postJson("/api/jobs/{$job->id}/photos/{$id}/restore")->assertNoContent();
    $this->actingAs($this->painter());
    $this->get("/api/jobs/{$job->id}/photos/{$id}")->assertNotFound();
    $this->getJson("/api/jobs/{$job->id}/look-back")->assertNotFound();
});
