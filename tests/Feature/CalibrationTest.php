<?php

declare(strict_types=1);

use App\Models\ModelTest;
use App\Models\Role;
use App\Models\User;
use App\Models\WorkshopCalibration;
use Illuminate\Support\Str;
use Kalopsis\Calibration\Constant;

/** @param array<string, mixed> $change */
function hidingTest(array $change = []): array
{
    return [
        'key' => (string) Str::uuid(),
        'kind' => 'hiding-card',
        'on' => '2026-11-12',
        'colour' => ['name' => 'Saltmist Silver', 'code' => 'SM-07', 'finish' => 'metallic-light'],
        'paintSystem' => 'northlight-s',
        'coatUm' => 6.0,
        'readings' => [
            ['coats' => 1, 'black' => 20.0, 'white' => 27.0],
            ['coats' => 2, 'black' => 25.4, 'white' => 26.8],
            ['coats' => 3, 'black' => 26.3, 'white' => 26.6],
        ],
        ...$change,
    ];
}

it('takes a hiding card in, once, and every plan of that colour is surer', function (): void {
    $user = $this->painter();
    $job = $this->open($user, ['colour' => ['name' => 'Saltmist Silver', 'code' => 'SM-07', 'finish' => 'metallic-light']]);
    $spread = function () use ($job): float {
        $o = $this->postJson("/api/jobs/{$job->id}/simulate", ['document' => $job->at($job->head)->document])->assertOk();

        return log($o->json('high') / $o->json('low'));
    };
    $before = $spread();
    $test = hidingTest();
    $state = $this->postJson('/api/calibration/tests', $test)->assertOk();
    expectFits(json_decode((string) $state->getContent()), 'CalibrationState');
    $this->postJson('/api/calibration/tests', $test)->assertOk()->assertJsonCount(1, 'tests');
    $known = WorkshopCalibration::inUse($user->workshop_id)->about(Constant::Hiding, 'sm-07');
    expect($known->isTested())
        ->toBeTrue()
        ->and($known->spread)
        ->toBeLessThan(0.1)
        ->and($state->json('groups.0.refused'))
        ->toBeNull()
        ->and(WorkshopCalibration::query()->count())
        ->toBe(1)
        ->and($spread())
        ->toBeLessThan($before);
    // Why? says from which test.
    $need = $this->postJson("/api/jobs/{$job->id}/simulate", ['document' => $job->at($job->head)->document])->json('need');
    $shop = array_values(array_filter($need['reasons'] ?? [], fn (array $r): bool => $r['source'] === 'shop-calibration'));
    expect($shop[0]['citation'] ?? '')->toBe('Hiding card, Saltmist Silver, 2026-11-12');
});

it('puts a test away and brings it back, and what it said with it', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    $test = hidingTest();
    $this->postJson('/api/calibration/tests', $test)->assertOk();
    $this->postJson("/api/calibration/tests/{$test['key']}/put-away")
        ->assertOk()
        ->assertJsonPath('tests.0.putAway', true)
        ->assertJsonPath('groups', []);
    expect(WorkshopCalibration::inUse($user->workshop_id)->about(Constant::Hiding, 'sm-07')->isTested())->toBeFalse();
    $this->postJson("/api/calibration/tests/{$test['key']}/restore")->assertOk()->assertJsonPath('tests.0.putAway', false);
    expect(WorkshopCalibration::inUse($user->workshop_id)->about(Constant::Hiding, 'sm-07')->isTested())->toBeTrue();
    // Another workshop has none of it.
    $this->actingAs($this->painter());
    $this->postJson("/api/calibration/tests/{$test['key']}/put-away")->assertNotFound();
    $this->getJson('/api/calibration')->assertOk()->assertJsonCount(0, 'tests');
});

it('refuses tests that contradict each other, in words, and plans stay as they are', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    foreach ([3.0, 24.0] as $minutes) {
        $state = $this->postJson('/api/calibration/tests', [
            'key' => (string) Str::uuid(),
            'kind' => 'flash-time',
            'on' => '2026-11-12',
            'finish' => 'metallic-light',
            'paintSystem' => 'northlight-s',
            'reducer' => 'standard',
            'temperatureC' => 22,
            'humidityPercent' => 50,
            'minutes' => $minutes,
        ])->assertOk();
    }
    expect($state->json('groups.0.refused.id') ?? $state->json('groups.0.refused.text'))
        ->toContain('contradict')
        ->and(WorkshopCalibration::inUse($user->workshop_id)->known)
        ->toBe([]);
});

it('tells faults at their fields', function (array $change, string $field): void {
    $this->actingAs($this->painter());
    $faults = $this->postJson('/api/calibration/tests', hidingTest($change))->assertUnprocessable()->json('errors');
    expect(array_column($faults, 'field'))->toContain($field);
    $this->getJson('/api/calibration')->assertJsonCount(0, 'tests');
})->with([
    'no readings' => [['readings' => []], 'readings'],
    'black lighter than white' => [['readings' => [['coats' => 1, 'black' => 30, 'white' => 20]]], 'readings.0.black'],
    'no such system' => [['paintSystem' => 'nobody'], 'paintSystem'],
    'no day' => [['on' => 'yesterday'], 'on'],
    'an unknown test' => [['kind' => 'taste'], 'kind'],
    'no key' => [['key' => 'x'], 'key'],
    'coats beyond any card' => [['gone' => 90], 'gone'],
]);

it('lets a painter and a lead take tests in, not an apprentice', function (): void {
    $painter = $this->painter();
    $this->actingAs(User::factory()->create(['workshop_id' => $painter->workshop_id, 'role' => Role::Apprentice]));
    $this->postJson('/api/calibration/tests', hidingTest())->assertForbidden();
    $this->getJson('/api/calibration')->assertOk();
});

it('stays open when what a test was made with has gone from the shelf', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    $test = hidingTest();
    $this->postJson('/api/calibration/tests', $test)->assertOk();
    ModelTest::query()->update(['body' => json_encode([...$test, 'paintSystem' => 'gone'])]);
    $this->getJson('/api/calibration')->assertOk()->assertJsonPath('tests.0.name', 'Hiding card');
    $other = hidingTest(['colour' => ['name' => 'Oat Pearl', 'finish' => 'pearl']]);
    $this->postJson('/api/calibration/tests', $other)->assertOk();
    expect(WorkshopCalibration::inUse($user->workshop_id)->about(Constant::Hiding, 'sm-07')->isTested())->toBeFalse();
});
