<?php

declare(strict_types=1);

use App\Http\Middleware\AllOrNothing;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Kalopsis\Tests\Support\Bodies;

const ONE_KEY = '8d1f2a34-0000-4000-8000-00000000000a';

it('makes one thing of a request however often it is sent, and answers the same', function (): void {
    $user = $this->painter();
    $ask = fn (string $key): mixed => $this->actingAs($user)
        ->withHeader('Idempotency-Key', $key)
        ->postJson('/api/jobs', ['document' => Bodies::job()]);
    $first = $ask(ONE_KEY)->assertCreated()->assertHeaderMissing('Idempotency-Replayed');
    $second = $ask(ONE_KEY)->assertCreated()->assertHeader('Idempotency-Replayed', 'true')->assertHeader('ETag', '"1"');
    expect($second->getContent())->toBe($first->getContent())->and(RepairJob::query()->count())->toBe(1);
    $ask('8d1f2a34-0000-4000-8000-00000000000b')->assertCreated();
    expect(RepairJob::query()->count())->toBe(2);
});

it('gives a key to one question of one person', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $ask = fn (array $body): mixed => $this->withHeader('Idempotency-Key', ONE_KEY)->postJson('/api/jobs', $body);
    $this->actingAs($this->painter($shop));
    $ask(['document' => Bodies::job()])->assertCreated();
    $ask(['document' => Bodies::job('front-door-left', 44.0)])->assertUnprocessable()->assertJsonPath('code', 'key-reused');
    $this->actingAs($this->painter($shop));
    $ask(['document' => Bodies::job()])->assertCreated()->assertHeaderMissing('Idempotency-Replayed');
    $this->withHeader('Idempotency-Key', 'again')->postJson('/api/jobs', [])->assertStatus(400)->assertJsonPath('code', 'bad-key');
});

it('forgets a key whose request was refused, so that it can be mended and sent again', function (): void {
    $this->actingAs($this->painter());
    $ask = fn (array $body): mixed => $this->withHeader('Idempotency-Key', ONE_KEY)->postJson('/api/jobs', $body);
    $ask(['document' => []])->assertUnprocessable();
    expect(DB::table('answers')->count())->toBe(0);
    $ask(['document' => Bodies::job()])->assertCreated();
});

it('keeps nothing of a change that fails half way', function (): void {
    $job = $this->open($this->painter());
    $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => 'car', 'name' => 'Car'])->assertCreated();
    $sample = ColourSample::query()->firstOrFail();
    ColourReading::query()->insert([
        'colour_sample_id' => $sample->id,
        'spot' => 'door',
        'surface' => 'polished',
        'source' => 'typed',
        'measurement' => '{"broken": true}',
        'user_id' => User::query()->firstOrFail()->id,
    ]);
    $reading = ColourReading::query()->firstOrFail();
    $reading->update(['excluded_at' => now()]);
    // Counting it again has to read it, and cannot: its mark and its line in the history go with the mean.
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$sample->id}/readings/{$reading->id}/include")->assertServerError();
    expect($reading->refresh()->excluded_at)->not->toBeNull()
        ->and(DB::table('colour_events')->where('kind', 'include')->count())->toBe(0);
});

it('refuses what nobody knows at its field, and keeps nothing of it', function (array $change, string $field): void {
    $job = $this->open($this->painter());
    $document = array_replace_recursive($this->getJson("/api/jobs/{$job->id}")->json('document'), $change);
    $this->putJson("/api/jobs/{$job->id}", ['document' => $document], ['If-Match' => '"1"'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', $field)
        ->assertJsonPath('errors.0.code', 'unknown');
    $this->postJson('/api/jobs', ['document' => $document])->assertUnprocessable();
    expect(RepairJob::query()->count())->toBe(1)->and($job->refresh()->head)->toBe(1);
})->with([
    'at the top' => [['extra' => ['a' => 1]], 'extra'],
    'in the car' => [['car' => ['ballast' => 'x']], 'car.ballast'],
    'in a repair' => [['repairs' => [['shape' => ['notes' => [1, 2]]]]], 'repairs.0.shape.notes'],
    'in a coat' => [['plan' => ['sequence' => [['id' => 'a', 'gun' => ['colour' => 'red']]]]], 'plan.sequence.0.gun.colour'],
    'in a measured panel' => [['car' => ['sizes' => ['bonnet' => ['heavy' => 1]]]], 'car.sizes.bonnet.heavy'],
]);

it('answers a tower, a number without end and a broken address as what they are', function (): void {
    $job = $this->open($this->painter());
    $send = fn (string $body): mixed => $this->call('PUT', "/api/jobs/{$job->id}", server: [
        'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => 'http://shop.test',
    ], content: $body);
    $tower = str_repeat('[', 40) . str_repeat(']', 40);
    $send("{\"document\":{$tower}}")->assertStatus(400)->assertJsonPath('code', 'too-deep');
    $send('{"document":{"booth":{"temperatureC":1e309}}}')->assertStatus(400)->assertJsonPath('code', 'too-large-number');
    $send('{"document":{"car":{"label":"1e309"}}}')->assertStatus(428);
    $this->getJson("/api/jobs/{$job->id}/colour/file?format[]=csv")->assertStatus(400)->assertJsonPath('code', 'broken-query');
    $this->getJson('/api/logbook?q=%ff')->assertStatus(400);
    // Nothing after the sign is nothing asked.
    $this->getJson('/api/logbook?q=')->assertOk();
});

it('runs every change inside it: outside are questions, and what belongs to somebody\'s own session', function (): void {
    // What computes and keeps nothing. Whoever adds a route that keeps something puts it inside.
    $asks = [
        'preview', 'panel-sizes', 'simulate', 'walk', 'cut', 'guns', 'offers', 'ways', 'cures', 'smallest', 'tint', 'reduction', 'mix-choices',
        'formula', 'viscosity', 'booth', 'best', 'gather', 'sandbox', 'stroke', 'check', 'read', 'fit', 'toners/readings',
    ];
    $own = ['api/login', 'api/first-run', 'api/logout', 'api/me', 'api/me/password', 'api/me/sign-out-elsewhere', 'api/me/devices/{key}/sign-out'];
    // It takes thousands of lines step by step, in a transaction of its own.
    $streams = ['api/jobs/{job}/colour/imports/{import}/take'];
    $outside = [];
    foreach (Route::getRoutes() as $route) {
        $changes = array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS']) !== [];
        $isOurs = $changes && str_starts_with($route->uri(), 'api/');
        if ($isOurs && ! in_array(AllOrNothing::class, $route->gatherMiddleware(), true)) {
            $outside[] = $route->uri();
        }
    }
    $unknown = array_filter(
        $outside,
        fn (string $uri): bool => ! in_array($uri, [...$own, ...$streams], true)
            && array_filter($asks, fn (string $end): bool => str_ends_with($uri, "/{$end}")) === [],
    );
    expect(array_values($unknown))->toBe([])->and(count($outside))->toBeGreaterThan(20);
});

it('writes down what a change is about where several servers take changes, and only there', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $held = fn (): array => [
        (int) DB::table('repair_jobs')->where('id', $job->id)->value('holds'),
        (int) DB::table('workshops')->where('id', $user->workshop_id)->value('holds'),
    ];
    $change = function () use ($job): void {
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => 'card', 'name' => 'Card'])->assertCreated();
        $this->postJson('/api/jobs', ['document' => Bodies::job()])->assertCreated();
    };
    $change();
    expect($held())->toBe([0, 0]);
    config(['database.several_writers' => true]);
    $change();
    expect($held())->toBe([1, 1]);
    // Nothing is written where nothing is changed.
    $this->getJson("/api/jobs/{$job->id}")->assertOk();
    $this->postJson('/api/jobs', ['document' => []])->assertUnprocessable();
    expect($held())->toBe([1, 1]);
});
