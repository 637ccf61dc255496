<?php

declare(strict_types=1);

use App\Models\Happening;
use App\Models\PaintSystemRecord;
use App\Models\User;
use App\Models\Workshop;
use App\People\Devices;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, mixed> $change */
function firstRun(array $change = []): TestResponse
{
    return test()->postJson('/api/first-run', [
        'workshop' => 'Gull Street Paint',
        'town' => 'Merrowby',
        'name' => 'Odd Marsh',
        'email' => 'Odd@gull.example',
        'password' => 'three wet coats',
        'units' => 'us',
        'paper' => 'letter',
        'booth' => 'Booth',
        ...$change,
    ]);
}

/** @return array<string, mixed> */
function newPerson(array $change = []): array
{
    return ['name' => 'Tam Reed', 'email' => 'tam@gull.example', 'role' => 'painter', 'password' => 'first of all', ...$change];
}

it('opens an empty installation once, and its lead is signed in', function (): void {
    $this->getJson('/api/session')->assertExactJson(['me' => null, 'fresh' => true]);
    $me = firstRun()->assertCreated();
    expectFits(json_decode((string) $me->getContent()), 'Me');
    expect($me->json())
        ->toMatchArray(['name' => 'Odd Marsh', 'role' => 'lead', 'units' => 'us', 'paper' => 'letter', 'mustChange' => false])
        ->and(Workshop::query()->firstOrFail()->booths)
        ->toBe(['Booth']);
    // Usable at once: paint systems of usual values, nothing of the demo, and nobody else.
    $systems = PaintSystemRecord::query()->get();
    expect($systems->pluck('name')->all())
        ->toBe(['Usual solvent system', 'Usual waterborne system'])
        ->and((string) json_encode($systems->pluck('sheet')))
        ->not->toContain('Northlight')
        ->not->toContain('pricePerL')
        ->and($this->getJson('/api/jobs')->assertOk()->json())
        ->toBe([])
        ->and(User::query()->count())
        ->toBe(1);
    firstRun(['email' => 'b@gull.example'])->assertConflict();
    auth()->forgetGuards();
    $this->flushSession();
    $this->getJson('/api/session')->assertExactJson(['me' => null, 'fresh' => false]);
    $this->postJson('/api/login', ['email' => 'odd@gull.example', 'password' => 'three wet coats'])->assertOk();
});

it('plans with the usual values in a shop that has nothing else', function (): void {
    firstRun()->assertCreated();
    $this->postJson('/api/bodies', ['svg' => Bodies::svg('marlo-tern')])->assertCreated();
    $document = [...Bodies::job(), 'paintSystem' => 'usual-s'];
    $job = $this->postJson('/api/jobs', ['document' => $document])->assertCreated();
    expect($job->json('plan.need'))->not->toBeNull();
    foreach (['/api/practice', '/api/practice/scenarios/hand-silver', '/api/defects', '/api/shelf', '/api/logbook', '/api/calibration', '/api/day'] as $page) {
        $this->getJson($page)->assertOk();
    }
});

it('says at the field what a first run cannot take', function (array $change, string $field): void {
    firstRun($change)->assertUnprocessable()->assertJsonPath('errors.0.field', $field);
    expect(Workshop::query()->exists())->toBeFalse();
})->with([
    [['workshop' => ''], 'workshop'],
    [['workshop' => ['x']], 'workshop'],
    [['email' => 'nobody'], 'email'],
    [['password' => 'short'], 'password'],
    [['password' => 'Password123'], 'password'],
    // The demo's own is known to everybody.
    [['password' => 'harbour-light'], 'password'],
    [['password' => 'odd@gull.example'], 'password'],
    [['units' => 'ells'], 'units'],
    [['paper' => 'A0'], 'paper'],
    [['booth' => ''], 'booth'],
]);

it('adds somebody whose first password must be changed before anything else', function (): void {
    firstRun()->assertCreated();
    $people = $this->postJson('/api/people', newPerson())->assertCreated();
    expectFits(json_decode((string) $people->getContent())[0], 'Person');
    $this->postJson('/api/people', newPerson(['name' => 'Another']))->assertUnprocessable()->assertJsonPath('errors.0.field', 'email');
    $this->postJson('/api/people', newPerson(['email' => 'x@gull.example', 'password' => 'short']))->assertUnprocessable();
    $tam = User::query()->where('email', 'tam@gull.example')->firstOrFail();
    $this->actingAs($tam);
    $this->getJson('/api/jobs')->assertForbidden()->assertJsonPath('code', 'change-password');
    $this->getJson('/api/me')->assertOk()->assertJsonPath('mustChange', true);
    $change = fn (string $current, string $password): TestResponse => $this->postJson('/api/me/password', [
        'current' => $current,
        'password' => $password,
    ]);
    $change('wrong', 'my own words')->assertUnprocessable()->assertJsonPath('errors.0.field', 'current');
    $change('first of all', 'first of all')->assertUnprocessable()->assertJsonPath('errors.0.field', 'password');
    $change('first of all', 'my own words')->assertOk()->assertJsonPath('mustChange', false);
    $this->getJson('/api/jobs')->assertOk();
    expect(Happening::query()->pluck('about', 'kind')->all())->toBe(['person-added' => 'Tam Reed, painter']);
});

it('puts people away, who are out at once, and keeps the name on what they did', function (): void {
    firstRun()->assertCreated();
    $lead = User::query()->firstOrFail();
    $tam = User::factory()->for($lead->workshop)->create(['name' => 'Tam Reed']);
    DB::table('sessions')->insert(['id' => 'abc', 'user_id' => $tam->id, 'user_agent' => 'x iPad y', 'payload' => '', 'last_activity' => time()]);
    $token = $tam->remember_token;
    $people = $this->getJson('/api/people')->assertOk();
    $devices = array_column($people->json(), 'devices', 'name')['Tam Reed'];
    expect($devices[0]['device'])->toBe('iPad')->and((string) $people->getContent())->not->toContain('abc');
    $this->patchJson("/api/people/{$tam->id}", ['putAway' => true])->assertOk();
    expect(DB::table('sessions')->where('user_id', $tam->id)->exists())
        ->toBeFalse()
        ->and($tam->refresh()->remember_token)
        ->not->toBe($token);
    $this->actingAs($tam)->getJson('/api/jobs')->assertUnauthorized();
    $this->flushSession();
    auth()->forgetGuards();
    $this->postJson('/api/login', ['email' => $tam->email, 'password' => 'harbour-light'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'This account was put away. Ask your lead.');
    $this->actingAs($lead)->patchJson("/api/people/{$tam->id}", ['putAway' => false, 'role' => 'lead'])->assertOk();
    expect($tam->refresh()->role->value)->toBe('lead')->and($tam->put_away_at)->toBeNull();
    expect(Happening::query()->orderBy('id')->pluck('kind')->all())->toBe(['person-put-away', 'person-role', 'person-back']);
});

it('never loses its last lead', function (array $change, string $field): void {
    firstRun()->assertCreated();
    $lead = User::query()->firstOrFail();
    $this->patchJson("/api/people/{$lead->id}", $change)->assertUnprocessable()->assertJsonPath('errors.0.field', $field);
    expect($lead->refresh()->role->value)->toBe('lead')->and($lead->put_away_at)->toBeNull();
    User::factory()->lead()->for($lead->workshop)->create();
    $this->patchJson("/api/people/{$lead->id}", $change)->assertOk();
})->with([[['role' => 'painter'], 'role'], [['putAway' => true], 'putAway']]);

it('lets only the lead of this workshop look after people', function (string $method, string $path, array $body): void {
    $lead = $this->lead();
    $tam = User::factory()->for($lead->workshop)->create();
    $url = str_replace('{person}', (string) $tam->id, $path);
    $this->actingAs($this->painter($lead->workshop))->json($method, $url, $body)->assertForbidden();
    $stranger = $this->actingAs($this->lead())->json($method, $url, $body);
    if (str_contains($path, '{person}')) {
        $stranger->assertNotFound();
    }
    expect((string) $stranger->getContent())->not->toContain($tam->name);
    expect($tam->refresh()->put_away_at)->toBeNull();
    $this->actingAs($lead)->json($method, str_replace((string) $tam->id, '99999999999999999999', $url), $body);
})->with([
    ['GET', '/api/people', []],
    ['GET', '/api/happenings', []],
    ['POST', '/api/people', newPerson()],
    ['PATCH', '/api/people/{person}', ['putAway' => true]],
    ['POST', '/api/people/{person}/password', ['password' => 'second of all']],
    ['POST', '/api/people/{person}/sign-out', []],
]);

it('signs out everywhere, or everywhere but here, and nobody else', function (): void {
    $tam = $this->painter();
    $bram = User::factory()->for($tam->workshop)->create();
    $rows = fn (User $user, string ...$ids): bool => DB::table('sessions')->insert(array_map(
        fn (string $id): array => ['id' => $id, 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()],
        $ids,
    ));
    $rows($tam, 'here', 'there');
    $rows($bram, 'other');
    Devices::end($tam, 'here');
    expect(DB::table('sessions')->orderBy('id')->pluck('id')->all())->toBe(['here', 'other']);
    Devices::end($tam);
    expect(DB::table('sessions')->pluck('id')->all())->toBe(['other']);
});
