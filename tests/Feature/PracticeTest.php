<?php

declare(strict_types=1);

use App\Models\PracticeTry;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Str;

/**
 * @param array<string, string> $choices
 * @param array<string, mixed> $more
 * @return array<string, mixed>
 */
function practiceTry(array $choices, array $more = []): array
{
    return ['key' => (string) Str::uuid(), 'choices' => $choices, ...$more];
}

const EVEN_HAND = ['mmPerS' => 500, 'overlapPercent' => 75, 'distanceMm' => 170];

it('shows the ladder and one rung, and nothing of what is true', function (): void {
    $this->actingAs($this->painter());
    $ladder = $this->getJson('/api/practice')->assertOk();
    expectFits(json_decode((string) $ladder->getContent()), 'PracticeLadder');
    $file = json_decode((string) file_get_contents(base_path('data/practice.json')), true);
    foreach ($file['scenarios'] as $scenario) {
        $told = $this->getJson("/api/practice/scenarios/{$scenario['key']}")->assertOk();
        $text = (string) $told->getContent();
        expectFits(json_decode($text), 'PracticeTold');
        expect($text)
            ->not->toContain('"truth"')
            ->not->toContain('"does"')
            ->not->toContain('"off"')
            ->not->toContain('"formula"');
    }
    // The one thing that a thermometer at the wrong place hides.
    expect((string) $this->getJson('/api/practice/scenarios/reducer-sun')->getContent())
        ->toContain('"value":21')
        ->not->toContain('"value":31');
    $this->getJson('/api/practice/scenarios/nowhere')->assertNotFound();
    $this->getJson('/api/practice/scenarios/' . Str::uuid())->assertNotFound();
});

it('sprays and marks a try, keeps it once, and counts a streak', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    $try = practiceTry(['way' => 'no-wet-bed']);
    $marked = $this->postJson('/api/practice/scenarios/bed-silver/tries', $try)->assertOk();
    expectFits(json_decode((string) $marked->getContent()), 'PracticeMarked');
    expect($marked->json('seen'))
        ->toBeTrue()
        ->and($marked->json('score'))
        ->toBeLessThan(80)
        ->and($marked->json('best.choices.0.option'))
        ->toBe('inside-out-wet-bed')
        ->and($marked->json('single.0.index'))
        ->toBeLessThan(1.0);
    $this->postJson('/api/practice/scenarios/bed-silver/tries', $try)->assertOk();
    expect(PracticeTry::query()->count())->toBe(1);
    $this->postJson('/api/practice/scenarios/bed-silver/tries', practiceTry(['way' => 'inside-out-wet-bed']))->assertOk();
    $this->postJson('/api/practice/scenarios/bed-black/tries', practiceTry(['way' => 'bare']))->assertOk();
    $ladder = $this->getJson('/api/practice');
    $bed = array_column($ladder->json('skills'), null, 'skill')['bed'];
    $rungs = array_column($ladder->json('scenarios'), null, 'key');
    expect($bed['streak'])
        ->toBe(2)
        ->and($bed['tries'])
        ->toBe(3)
        ->and($rungs['bed-silver']['best'])
        ->toBe(100)
        ->and($rungs['bed-silver']['tries'])
        ->toBe(2);
});

it('takes the gun by its path or by numbers, and asks for it where it is sprayed', function (): void {
    $this->actingAs($this->painter());
    $path = [];
    for ($i = 0; $i < 200; $i++) {
        $path[] = [$i * 20, ($i % 100) * 12, 250, 180];
    }
    $stroke = $this->postJson('/api/practice/scenarios/hand-solid/stroke', ['path' => $path])->assertOk();
    expectFits(json_decode((string) $stroke->getContent()), 'PracticeHand');
    $this->postJson('/api/practice/scenarios/hand-solid/stroke', [])->assertUnprocessable();
    $this->postJson('/api/practice/scenarios/hand-solid/tries', practiceTry([]))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'path');
    // As the data sheet has it, and five times as fast.
    $gun = $this->getJson('/api/practice/scenarios/hand-solid')->json('spray');
    $sheet = ['mmPerS' => 500, 'overlapPercent' => $gun['overlapPercent'], 'distanceMm' => $gun['distanceMm']];
    $score = fn (array $hand): int => $this->postJson(
        '/api/practice/scenarios/hand-solid/tries',
        practiceTry([], ['hand' => $hand]),
    )
        ->assertOk()
        ->json('score');
    expect($score($sheet))->toBeGreaterThan(95)->and($score([...$sheet, 'mmPerS' => 2500]))->toBeLessThan(60);
});

it('tells faults of any shape, and never falls over', function (array $body): void {
    $this->actingAs($this->painter());
    $this->postJson('/api/practice/scenarios/hand-silver/tries', $body)->assertUnprocessable();
})->with([
    'nothing' => [[]],
    'no choice' => [['key' => '8c1fb1f0-0000-4000-8000-000000000001', 'choices' => []]],
    'a choice there is not' => [['key' => '8c1fb1f0-0000-4000-8000-000000000001', 'choices' => ['length' => '7'], 'hand' => EVEN_HAND]],
    'a path of words' => [['key' => '8c1fb1f0-0000-4000-8000-000000000001', 'choices' => ['length' => '200'], 'path' => [['a', 1, 2, 3]]]],
    'a path of one number' => [['key' => '8c1fb1f0-0000-4000-8000-000000000001', 'choices' => ['length' => '200'], 'path' => 7]],
    'a hand at light speed' => [[
        'key' => '8c1fb1f0-0000-4000-8000-000000000001',
        'choices' => ['length' => '200'],
        'hand' => ['mmPerS' => 1e9, 'overlapPercent' => 50, 'distanceMm' => 180],
    ]],
]);

it('sprays whatever the sandbox sets, and says what it cannot', function (): void {
    $this->actingAs($this->painter());
    $set = [
        'finish' => 'metallic-light',
        'system' => 'northlight-s',
        'school' => 'inside-out-wet-bed',
        'reducer' => 'standard',
        'temperatureC' => 22,
        'humidityPercent' => 50,
        'shade' => 3,
        'spotMm' => 50,
        'blendMm' => 250,
    ];
    $usual = $this->postJson('/api/practice/sandbox', $set)->assertOk();
    expectFits(json_decode((string) $usual->getContent()), 'PracticeSprayed');
    $off = $this->postJson('/api/practice/sandbox', [...$set, 'off' => [4, 0, 0]])->assertOk();
    expect($off->json('index'))->toBeGreaterThan($usual->json('index'));
    $bad = $this->postJson('/api/practice/sandbox', [...$set, 'blendMm' => 1e9, 'ratio' => 'much', 'school' => 'none'])
        ->assertUnprocessable();
    expect(array_column($bad->json('errors'), 'field'))->toEqualCanonicalizing(['blendMm', 'ratio', 'school']);
});

it('lets a lead make a scenario of a job, see everybody, and put it away', function (): void {
    $lead = $this->lead();
    $job = $this->open($lead);
    $key = $this->postJson("/api/jobs/{$job->id}/practice", ['title' => 'The Tern of last week'])->assertCreated()->json('key');
    $told = $this->getJson("/api/practice/scenarios/{$key}")->assertOk();
    expect($told->json('title.text'))->toBe('The Tern of last week')->and($told->json('asks.0.options'))->not->toBe([]);
    $choices = ['way' => $told->json('asks.0.options.0.key'), 'length' => '300'];
    $this->postJson("/api/practice/scenarios/{$key}/tries", practiceTry($choices))->assertOk();
    $people = $this->getJson('/api/practice/people')->assertOk();
    expectFits(json_decode((string) $people->getContent())[0], 'PracticePerson');
    expect($people->json('0.tries'))->toBe(1);

    // An apprentice practises, but sees nobody else's and makes none.
    $this->actingAs(User::factory()->create(['workshop_id' => $lead->workshop_id, 'role' => Role::Apprentice]));
    $this->getJson("/api/practice/scenarios/{$key}")->assertOk();
    $this->getJson('/api/practice/people')->assertForbidden();
    $this->postJson("/api/jobs/{$job->id}/practice", ['title' => 'Mine'])->assertForbidden();
    $this->postJson("/api/practice/scenarios/{$key}/put-away")->assertForbidden();

    // Another workshop has not got it.
    $this->actingAs($this->lead());
    $this->getJson("/api/practice/scenarios/{$key}")->assertNotFound();
    $this->postJson("/api/practice/scenarios/{$key}/put-away")->assertNotFound();

    $this->actingAs($lead);
    $this->postJson("/api/practice/scenarios/{$key}/put-away")->assertNoContent();
    $this->getJson("/api/practice/scenarios/{$key}")->assertNotFound();
});
