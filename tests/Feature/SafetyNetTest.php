<?php

declare(strict_types=1);

use App\Exceptions\ProblemRenderer;
use App\Models\BodyShapeRecord;
use App\Models\Colour;
use App\Models\JobVersion;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use App\Support\JobDocument;
use App\Support\SameJson;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Kalopsis\Tests\Support\Bodies;

it('lets the database refuse what no form would send', function (Closure $write): void {
    $user = $this->painter();
    $job = $this->open($user);
    expect(fn () => $write($user, $job))->toThrow(QueryException::class);
})->with([
    'an unknown role' => [
        fn (User $u) => DB::table('users')
            ->where('id', $u->id)
            ->update(['role' => 'boss']),
    ],
    'unknown units' => [
        fn (User $u) => DB::table('users')
            ->where('id', $u->id)
            ->update(['units' => 'cubit']),
    ],
    'an unknown theme' => [
        fn (User $u) => DB::table('users')
            ->where('id', $u->id)
            ->update(['theme' => 'pink']),
    ],
    'a scale that reads to a third of a gram' => [
        fn (User $u) => DB::table('workshops')
            ->where('id', $u->workshop_id)
            ->update(['scale_readability_g' => 0.3]),
    ],
    'a mix of soup' => [
        fn (User $u, RepairJob $j) => DB::table('mixes')->insert([
            'id' => (string) Str::uuid(),
            'repair_job_id' => $j->id,
            'job_version' => 1,
            'cup' => 'clear',
            'kind' => 'soup',
            'name' => 'Soup',
            'begun' => '{}',
        ]),
    ],
    'a grey shade of 9' => [
        fn (User $u) => Colour::query()->create([
            'workshop_id' => $u->workshop_id,
            'name' => 'X',
            'finish' => 'pearl',
            'undercoat_shade' => 9,
        ]),
    ],
    'a version twice' => [
        fn (User $u, RepairJob $j) => $j
            ->versions()
            ->create(['number' => 1, 'kind' => 'edit', 'document' => [], 'summary' => (object) []]),
    ],
    'an unknown kind of version' => [
        fn (User $u, RepairJob $j) => $j
            ->versions()
            ->create(['number' => 9, 'kind' => 'magic', 'document' => [], 'summary' => (object) []]),
    ],
    'a body shape twice' => [
        fn (User $u) => BodyShapeRecord::query()->create([
            'workshop_id' => $u->workshop_id,
            'key' => 'quill-3',
            'name' => 'Q',
            'svg' => '',
        ]),
    ],
    'a job whose workshop is gone' => [fn (User $u) => DB::table('workshops')->where('id', $u->workshop_id)->delete()],
    'a job that loses its past' => [fn (User $u, RepairJob $j) => DB::table('repair_jobs')->where('id', $j->id)->delete()],
]);

it('saves nothing at all when a later step fails', function (): void {
    $job = $this->open($this->painter());
    RepairJob::updating(fn () => throw new RuntimeException('the plug was pulled'));

    try {
        $this->save($job, ['booth' => ['temperatureC' => 25]], 1)
            ->assertStatus(500)
            ->assertJsonPath('code', 'broken')
            ->assertJsonMissing(['trace']);
    } finally {
        RepairJob::flushEventListeners();
    }
    expect(JobVersion::query()->count())
        ->toBe(1)
        ->and($job->refresh()->head)
        ->toBe(1);
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1)
        ->assertOk()
        ->assertJsonPath('version', 2);
});

it('says nothing of its insides when it breaks', function (): void {
    $job = $this->open($this->painter());
    RepairJob::updating(fn () => throw new RuntimeException('secret path /etc'));

    try {
        $body = (string) $this->save($job, ['booth' => ['temperatureC' => 25]], 1)->getContent();
    } finally {
        RepairJob::flushEventListeners();
    }
    expect($body)->not->toContain('secret')->not->toContain('Exception')->not->toContain('.php');
});

it('knows the same document in other clothes', function (mixed $a, mixed $b, bool $same): void {
    expect(SameJson::is($a, $b))->toBe($same);
})->with([
    [['a' => 1, 'b' => 2], ['b' => 2.0, 'a' => 1], true],
    [['a' => [1, 2]], ['a' => [2, 1]], false],
    [['a' => '1'], ['a' => 1], false],
    [['a' => null], [], false],
    [['a' => ['x' => 60]], ['a' => ['x' => 60.0]], true],
    [['a' => ['x' => 60]], ['a' => ['x' => 60.1]], false],
    [[], [], true],
]);

it('keeps only the parts of a document it knows', function (): void {
    $kept = JobDocument::kept(
        [
            ...Bodies::job(),
            'extra' => str_repeat('x', 1000),
            'plan' => ['school' => 'outside-in', 'coats' => [], 'ratios' => []],
        ],
        $this->painter()->workshop_id,
    );
    expect(array_keys($kept))
        ->toBe(['format', 'version', 'car', 'colour', 'paintSystem', 'booth', 'repairs', 'plan'])
        ->and($kept['plan'])
        ->toBe(['school' => 'outside-in']);
});

it('keeps what was typed to the letter: no trimming, no emptying', function (): void {
    $job = $this->open($this->painter());
    $this->save($job, ['car' => ['plate' => ' MB 1 '], 'colour' => ['code' => '']], 1)
        ->assertOk()
        ->assertJsonPath('document.car.plate', ' MB 1 ')
        ->assertJsonPath('document.colour.code', '');
});

it('shows each workshop its own shelf', function (): void {
    $mine = $this->lead();
    $theirs = $this->lead(Workshop::factory()->create());
    $this->actingAs($mine)
        ->getJson('/api/shelf')
        ->assertOk()
        ->assertJsonCount(4, 'bodyShapes')
        ->assertJsonCount(2, 'paintSystems')
        ->assertJsonCount(6, 'colours')
        ->assertJsonCount(13, 'schools');
    $this->actingAs($theirs)
        ->getJson('/api/shelf')
        ->assertOk()
        ->assertJsonCount(0, 'bodyShapes')
        ->assertJsonCount(0, 'paintSystems');
    $this->actingAs($theirs)->getJson('/api/bodies/quill-3')->assertStatus(404);
    $this->actingAs($theirs)
        ->postJson('/api/jobs', ['document' => Bodies::job()])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'car.bodyShape');
});

it('orders the cars as they came and tells what each waits for', function (): void {
    $user = $this->painter();
    foreach (['A', 'B', 'C'] as $plate) {
        $this->open($user, ['car' => ['plate' => $plate]]);
        $this->travel(1)->minutes();
    }
    $rows = $this->getJson('/api/jobs')->assertOk()->json();
    expect(array_column($rows, 'plate'))
        ->toBe(['A', 'B', 'C'])
        ->and($rows[0]['stations'][1]['ready'])
        ->toBeFalse()
        ->and($rows[0]['verdict']['plain'])
        ->not->toBe('');
});

it('answers a device with a token, and refuses a wrong one', function (): void {
    $user = $this->painter();
    $token = $user->createToken('scale by the mixing bench')->plainTextToken;
    $this->withToken($token)->getJson('/api/shelf')->assertOk();
    auth()->forgetGuards();
    $this->withToken($token . 'x')
        ->getJson('/api/shelf')
        ->assertStatus(401);
});

it('tells a history whose every step can be named', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $this->save($job, ['booth' => ['temperatureC' => 25]], 1, 'Booth conditions')->assertOk();
    $this->withHeaders(['If-Match' => '"2"'])
        ->postJson("/api/jobs/{$job->id}/undo")
        ->assertOk();
    $this->withHeaders(['If-Match' => '"3"'])
        ->postJson("/api/jobs/{$job->id}/redo")
        ->assertOk();
    $history = $this->getJson("/api/jobs/{$job->id}/history")->json();
    expect(array_column($history, 'kind'))
        ->toBe(['redo', 'undo', 'edit', 'create'])
        ->and(array_column($history, 'change'))
        ->toBe(['Did again: Booth conditions', 'Undid: Booth conditions', 'Booth conditions', 'Opened the job'])
        ->and(array_unique(array_column($history, 'by')))
        ->toBe([$user->name]);
    $this->withHeaders(['If-Match' => '"1"'])
        ->postJson("/api/jobs/{$job->id}/undo")
        ->assertStatus(412);
});

it('says in words that there is no room left, and nothing is kept of what did not fit', function (): void {
    // A table in memory fills up as a disk does: MariaDB's error 1114 for both.
    DB::statement('SET SESSION max_heap_table_size = 16384');
    DB::statement('CREATE TEMPORARY TABLE small (text CHAR(250)) ENGINE = MEMORY');
    $full = null;

    try {
        for ($i = 0; $i < 10_000; $i++) {
            DB::table('small')->insert(['text' => str_repeat('x', 200)]);
        }
    } catch (QueryException $error) {
        $full = $error;
    }
    expect($full)->not->toBeNull();
    $answer = (new ProblemRenderer())->render($full, Request::create('/'));
    expect($answer->getStatusCode())->toBe(503)
        ->and($answer->getData()->code)->toBe('full')
        ->and($answer->headers->get('Retry-After'))->toBe('60');
});

it('says the same where a file of ours does not fit, and not of another fault with files', function (): void {
    $said = function (string $path): string {
        try {
            file_put_contents($path, 'x');
        } catch (ErrorException $error) {
            return (new ProblemRenderer())->render($error, Request::create('/'))->getData()->code;
        }

        return 'written';
    };
    // The kernel's own disk that is always full.
    expect($said('/dev/full'))->toBe('full')->and($said('/nowhere/at/all'))->toBe('broken');
});
