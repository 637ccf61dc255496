<?php

declare(strict_types=1);

use App\Models\JobVersion;
use App\Models\Mix;
use App\Models\RepairJob;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, mixed> $change */
function reduction(RepairJob $job, string $coat = 'base-1', array $change = []): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/reduction", [
        'document' => Bodies::job('bonnet', 60.0, $change),
        'coat' => $coat,
    ]);
}

/** @param array<string, mixed> $more */
function onTheScale(RepairJob $job, string $cup = 'base-effect', array $more = []): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/mixes", [
        'id' => (string) Str::uuid(),
        'cup' => $cup,
        'kind' => 'cup',
        ...$more,
    ]);
}

function mixDoes(RepairJob $job, string $mix, string $kind, ?float $grams = null, ?string $key = null): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/mixes/{$mix}/{$kind}", [
        'key' => $key ?? (string) Str::uuid(),
        ...$grams === null ? [] : ['grams' => $grams],
    ]);
}

it('tells how a mixture is thinned, what each way does, and saves nothing', function (): void {
    $job = $this->open($this->painter());
    $answer = reduction($job)->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'Reduction');
    $ways = collect($answer->json('strategies'))->keyBy('key');
    expect($answer->json('window'))
        ->toBe([60, 90])
        ->and($ways['standard']['chosen'])
        ->toBeTrue()
        // Common practice: under-reduced covers sooner and is thicker, over-reduced is transparent.
        ->and($ways['under']['coats'])
        ->toBeLessThan($ways['standard']['coats'])
        ->and($ways['over']['coats'] ?? INF)
        ->toBeGreaterThan($ways['standard']['coats'])
        ->and($ways['under']['viscosity']['seconds'])
        ->toBeGreaterThan($ways['over']['viscosity']['seconds'])
        ->and($ways['under']['pop'])
        ->not->toBe('low')
        ->and(JobVersion::query()->count())
        ->toBe(1);
    reduction($job, 'no-such-coat')->assertStatus(409);
});

it('allows a mixture outside its data sheet\'s window, says so plainly, and keeps the reason', function (): void {
    $job = $this->open($this->painter());
    $steps = $this->getJson("/api/jobs/{$job->id}")->json('plan.sequence');
    $thin = fn (string $reason): array => array_map(
        fn (array $s): array => $s['kind'] === 'control'
            ? ['mixture' => ['reducer' => 2.0, 'reason' => $reason]] + $s
            : $s,
        $steps,
    );
    $said = fn (array $plan): ?array => collect($plan['warnings'])->firstWhere('code', 'outside-window');
    $document = fn (string $reason): array => Bodies::job('bonnet', 60.0, ['plan' => ['sequence' => $thin($reason)]]);
    $preview = fn (string $reason): array => $this->postJson("/api/jobs/{$job->id}/preview", [
        'document' => $document($reason),
    ])
        ->assertOk()
        ->json('plan');
    $bare = $said($preview(''));
    $kept = $said($preview('cold booth, tried on a card'));
    expect($bare['severity'])
        ->toBe('look-out')
        ->and($bare['says']['plain'])
        ->toContain('150%')
        ->toContain('60%')
        ->and($kept['severity'])
        ->toBe('note')
        ->and($kept['says']['plain'])
        ->toContain('cold booth, tried on a card');
    // From what is left of the first mix, with reducer alone.
    $cups = collect($preview('')['cups'])->keyBy('id');
    expect($cups['base-effect-2']['restOf'])->toBe('base-effect')->and($cups['base-effect-2']['pours'])->toHaveCount(2);
});

it('names hardener, binder, clear and guns', function (): void {
    $job = $this->open($this->painter());
    $answer = $this->postJson("/api/jobs/{$job->id}/mix-choices", ['document' => Bodies::job('bonnet', 60.0)])->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'MixChoices');
    $clears = collect($answer->json('clears'))->keyBy('grade');
    expect(array_column($answer->json('binders'), 'system'))
        ->toEqualCanonicalizing(['northlight-s', 'northlight-w'])
        ->and($clears['premium']['build']['value'])
        ->toBeGreaterThan($clears['production']['build']['value'])
        ->and($clears['premium']['cost'])
        ->toBeGreaterThan($clears['production']['cost'])
        ->and($clears['production']['own'])
        ->toBeTrue();
    $this->postJson("/api/jobs/{$job->id}/preview", [
        'document' => Bodies::job('bonnet', 60.0, ['plan' => ['clear' => 'premium']]),
    ])
        ->assertOk()
        ->assertJsonPath('plan.clearGrade', 'premium');
});

it('follows what the first clear really took', function (): void {
    $job = $this->open($this->painter());
    $cups = fn (array $wish): array => collect(
        $this->postJson("/api/jobs/{$job->id}/preview", [
            'document' => Bodies::job('bonnet', 60.0, ['plan' => ['cups' => $wish]]),
        ])
            ->assertOk()
            ->json('plan.cups'),
    )
        ->keyBy('id')
        ->all();
    $first = $cups([])['clear']['total']['value'];
    $after = $cups(['clear' => ['leftMl' => 20]])['clear-2'];
    // Ten per cent more than went out of the first cup, rounded up to ten: common practice.
    expect($after['total']['value'])
        ->toBe((int) (ceil(1.1 * ($first - 20) / 10 - 1e-9) * 10))
        ->and($after['follows'])
        ->toBe('clear');
});

it('puts nothing on the scale where nothing is to be mixed', function (): void {
    $job = $this->open($this->painter(), ['plan' => ['cups' => ['clear' => ['leftMl' => 5000]]]]);
    onTheScale($job, 'clear-2')->assertStatus(409);
});

it('scales the formula to a cup, toner by toner, with the scale\'s error as a colour error', function (): void {
    $workshop = $this->painter()->workshop;
    $user = $this->lead($workshop);
    $job = $this->open($user, ['colour' => ['name' => 'Saltmist Silver', 'code' => 'SM-07']]);
    $ask = fn (array $more = []) => $this->postJson("/api/jobs/{$job->id}/formula", ['cup' => 'base-effect', ...$more]);
    $fine = $ask()->assertOk();
    expectFits(json_decode((string) $fine->getContent()), 'FormulaForCup');
    $this->putJson('/api/shelf/scale', ['readabilityG' => 1])->assertOk();
    $coarse = $ask()->assertOk();
    expect(array_sum(array_column($fine->json('rows'), 'grams')))
        ->toEqualWithDelta($fine->json('grams'), 0.1)
        ->and($coarse->json('scaleError'))
        ->toBeGreaterThan(3 * $fine->json('scaleError'))
        ->and($coarse->json('leastG'))
        ->toBe(20)
        ->and($ask(['cardsMl' => 50])->json('grams'))
        ->toBeGreaterThan($fine->json('grams'));
    $ask(['cup' => 'clear'])->assertStatus(409);
    $ask(['cardsMl' => -1])->assertStatus(422);
    $this->putJson('/api/shelf/scale', ['readabilityG' => 0.3])->assertStatus(422);
    $this->actingAs($this->painter($workshop))->putJson('/api/shelf/scale', ['readabilityG' => 0.1])->assertForbidden();
});

it('weighs a cup, mends what was poured over, and keeps all of it', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $mix = onTheScale($job, 'base-effect', ['batch' => 'tin 12'])->assertCreated();
    expectFits(json_decode((string) $mix->getContent()), 'Mix');
    $id = $mix->json('id');
    $first = $mix->json('portions.0.grams');
    $second = $mix->json('portions.1.grams');
    // A fifth too much of the first: refused to go on, then a fifth more of everything.
    $over = mixDoes($job, $id, 'take', 1.2 * $first)->assertOk();
    expect($over->json('over.canRecover'))->toBeTrue()->and($over->json('over.times'))->toEqualWithDelta(1.2, 0.001);
    mixDoes($job, $id, 'take', 1.3 * $first)->assertStatus(409);
    mixDoes($job, $id, 'finish')->assertStatus(409);
    $mended = mixDoes($job, $id, 'recover')->assertOk();
    expect($mended->json('portions.1.grams'))
        ->toEqualWithDelta(1.2 * $second, 0.05)
        ->and($mended->json('targetG'))
        ->toEqualWithDelta(1.2 * ($first + $second), 0.05);
    $key = (string) Str::uuid();
    mixDoes($job, $id, 'take', 1.2 * ($first + $second), $key)->assertOk();
    // Sent again, it happens once.
    $done = mixDoes($job, $id, 'take', 1.2 * ($first + $second), $key)->assertOk();
    expect($done->json('done'))->toBeTrue();
    $finished = mixDoes($job, $id, 'finish')->assertOk();
    expect(array_column($finished->json('events'), 'kind'))
        ->toBe(['take', 'recover', 'take', 'finish'])
        ->and($finished->json('by'))
        ->toBe($user->name)
        ->and($finished->json('batch'))
        ->toBe('tin 12')
        ->and($finished->json('roomC.value'))
        ->toBe(22);
    mixDoes($job, $id, 'take', 500.0)->assertStatus(409);
    expectFits(json_decode((string) $this->getJson("/api/jobs/{$job->id}/mixes")->getContent())[0], 'Mix');
});

it('runs a pot life from when the hardener is in', function (): void {
    $job = $this->open($this->painter());
    $mix = onTheScale($job, 'clear')->assertCreated();
    $sum = 0.0;
    foreach ($mix->json('portions') as $portion) {
        $sum += $portion['grams'];
        mixDoes($job, $mix->json('id'), 'take', $sum)->assertOk();
    }
    expect($mix->json('potLifeUntil'))->toBeNull();
    $finished = mixDoes($job, $mix->json('id'), 'finish')->assertOk();
    $minutes = (strtotime($finished->json('potLifeUntil')) - strtotime($finished->json('finishedAt'))) / 60;
    // 60 min at 20 deg C by its sheet; two kelvin warmer it is a little less (common practice: half at 10 to 12 K).
    expect($minutes)->toBeGreaterThan(60 / 2 ** 0.2)->toBeLessThan(60 / 2 ** (2 / 12));
});

it('streams the simulated scale, which pours on after the hand stops, and trusts it only when it has settled', function (): void {
    $job = $this->open($this->painter());
    $id = onTheScale($job)->json('id');
    $hand = fn (string $does) => $this->postJson("/api/jobs/{$job->id}/mixes/{$id}/scale/hand", ['does' => $does])->assertOk();
    $frame = fn (): array => json_decode(
        trim($this->get("/api/jobs/{$job->id}/mixes/{$id}/scale?seconds=0")->streamedContent()),
        true,
    );
    expectFits(json_decode((string) json_encode($frame())), 'ScaleFrame');
    $mix = Mix::query()->findOrFail($id);
    $now = microtime(true);
    // A pour of two seconds that ended three seconds ago.
    $mix->update(['scale' => ['tilts' => [['from' => $now - 5, 'to' => $now - 3, 'gPerS' => 10.0]]]]);
    $still = $frame();
    expect($still['state'])->toBe('steady')->and($still['grams'])->toBeGreaterThan(20.5)->toBeLessThan(22.0);
    $hand('silent');
    $mix->refresh()->update(['scale' => ['faultAt' => $now - 4] + (array) $mix->scale]);
    expect($frame()['state'])->toBe('silent');
    // What it cannot show is not taken; what somebody types is.
    mixDoes($job, $id, 'take')->assertStatus(409);
    mixDoes($job, $id, 'take', 20.0)->assertOk();
    $hand('cup-off');
    expect($hand('right')->json('state'))->not->toBe('silent');
    $this->postJson("/api/jobs/{$job->id}/mixes/{$id}/scale/hand", ['does' => 'throw'])->assertStatus(422);
});

it('takes the readings of a real scale', function (): void {
    $job = $this->open($this->painter());
    $id = onTheScale($job)->json('id');
    $send = fn (mixed $grams) => $this->postJson("/api/jobs/{$job->id}/mixes/{$id}/scale/readings", ['grams' => $grams]);
    $send(12.3)->assertOk()->assertJsonPath('grams', 12.3);
    foreach (['heavy', null, 1e9] as $nonsense) {
        $send($nonsense)->assertStatus(422);
    }
    expect($this->getJson("/api/jobs/{$job->id}/mixes/{$id}")->json('simulated'))->toBeFalse();
});

it('reads a flow cup and a stick, and refuses nonsense', function (): void {
    $this->actingAs($this->painter());
    $read = fn (array $body): TestResponse => $this->postJson('/api/viscosity', $body);
    $answer = $read([
        'cup' => 'din-4',
        'seconds' => 30,
        'celsius' => 20,
        'window' => ['cup' => 'din-4', 'seconds' => [17, 20]],
    ])->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'ViscosityRead');
    expect($answer->json('fits'))->toBe(1);
    $read(['stick' => 'thread', 'celsius' => 20])->assertOk()->assertJsonPath('rough', true);
    foreach (
        [
            ['cup' => 'din-4', 'seconds' => 0, 'celsius' => 20],
            ['cup' => 'tea', 'seconds' => 30, 'celsius' => 20],
            ['cup' => 'din-4', 'seconds' => 30, 'celsius' => 200],
            ['stick' => 'broom', 'celsius' => 20],
            [],
        ] as $nonsense
    ) {
        $read($nonsense)->assertStatus(422);
    }
});

it('keeps mixes from the neighbours and from nonsense', function (): void {
    $job = $this->open($this->painter());
    $id = onTheScale($job)->json('id');
    onTheScale($job, 'no-cup')->assertStatus(409);
    onTheScale($job, 'base-effect', ['kind' => 'soup'])->assertStatus(422);
    onTheScale($job, 'base-effect', ['id' => 'one'])->assertStatus(422);
    onTheScale($job, 'base-effect', ['id' => $id])->assertCreated()->assertJsonPath('id', $id);
    foreach ([-1, 'NAN', 1e12] as $grams) {
        $this->postJson("/api/jobs/{$job->id}/mixes/{$id}/take", ['key' => (string) Str::uuid(), 'grams' => $grams])->assertStatus(422);
    }
    $this->postJson("/api/jobs/{$job->id}/mixes/{$id}/take", [])->assertStatus(422);
    $this->actingAs($this->painter());
    $this->getJson("/api/jobs/{$job->id}/mixes/{$id}")->assertNotFound();
    $this->getJson("/api/jobs/{$job->id}/mixes")->assertNotFound();
    auth()->forgetGuards();
    $this->flushSession();
    $this->getJson("/api/jobs/{$job->id}/mixes")->assertUnauthorized();
});
