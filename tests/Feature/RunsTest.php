<?php

declare(strict_types=1);

use App\Models\BoothRun;
use App\Models\BoothRunEvent;
use App\Models\JobVersion;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

/** A job whose booth a lead opened. */
function boothOpened(): RepairJob
{
    $job = test()->open(test()->lead());
    test()->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => 'Seen outdoors.'])->assertSuccessful();

    return $job->refresh();
}

function begun(RepairJob $job, ?string $id = null): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/runs", ['id' => $id ?? (string) Str::uuid()]);
}

/** @return array<string, mixed> */
function runEvent(string $kind, int $ms, int $seq, array $body = [], ?string $key = null): array
{
    return ['key' => $key ?? (string) Str::uuid(), 'kind' => $kind, 'occurredMs' => $ms, 'seq' => $seq, 'body' => $body];
}

/** @param list<array<string, mixed>> $events */
function sendEvents(RepairJob $job, string $run, array $events, string $device = 'tablet', ?int $clock = null): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/runs/{$run}/events", [
        'device' => $device,
        'clockMs' => $clock ?? (int) round(microtime(true) * 1000),
        'events' => $events,
    ]);
}

it('shows the job before the run as a time axis, in 40 ms of core, and changes nothing', function (): void {
    $job = $this->open($this->painter());
    $answer = $this->postJson("/api/jobs/{$job->id}/booth", ['document' => Bodies::job('bonnet', 60.0)])->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'BoothStation');
    $walked = $this->postJson("/api/jobs/{$job->id}/booth", [
        'document' => Bodies::job('bonnet', 60.0),
        'walk' => ['bonnet'],
        'hardener' => 'slow',
    ])->assertOk();
    expect($walked->json('walk.hardener'))
        ->toBe('slow')
        ->and($walked->json('walk.open.value'))
        ->toBeGreaterThan($answer->json('walk.open.value'))
        ->and(JobVersion::query()->count())
        ->toBe(1);
    $this->postJson("/api/jobs/{$job->id}/booth", ['document' => Bodies::job('bonnet', 60.0), 'hardener' => 'quick'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'hardener');
    $empty = $this->postJson("/api/jobs/{$job->id}/booth", ['document' => [...Bodies::job('bonnet', 60.0), 'repairs' => []]])->assertOk();
    expect($empty->json('tasks'))->toBe([]);
});

it('stays locked until a card passed, then begins once, however often it is pressed', function (): void {
    $job = $this->open($this->painter());
    begun($job)->assertStatus(409)->assertJsonPath('code', 'run-refused');
    $job = boothOpened();
    $id = (string) Str::uuid();
    $first = begun($job, $id)->assertCreated();
    expectFits(json_decode((string) $first->getContent()), 'Run');
    begun($job, $id)->assertCreated();
    begun($job)->assertStatus(409);
    expect(BoothRun::query()->count())
        ->toBe(1)
        ->and($this->getJson("/api/jobs/{$job->id}")->json('plan.stations.4.state.plain'))
        ->toBe('in the booth: Ready to spray');
    expectFits(json_decode((string) $this->getJson("/api/jobs/{$job->id}/runs")->getContent())[0], 'RunRow');
});

it('keeps what tablets saw once, in the order it happened, from two of them and sent again', function (): void {
    $job = boothOpened();
    $run = begun($job)->json('id');
    $now = (int) round(microtime(true) * 1000);
    $a = [runEvent('done', $now - 9000, 1, ['step' => 'ready']), runEvent('begin', $now - 8000, 2, ['step' => 'wet-bed'])];
    $b = [runEvent('done', $now - 7000, 1, ['step' => 'wet-bed']), runEvent('note', $now - 6000, 2, ['text' => 'Gun spat'])];
    // The second tablet is heard first, and everything comes twice.
    sendEvents($job, $run, $b, 'tablet-b')->assertOk();
    sendEvents($job, $run, $a, 'tablet-a')->assertOk();
    sendEvents($job, $run, array_reverse($a), 'tablet-a')->assertOk();
    $answer = sendEvents($job, $run, $b, 'tablet-b')->assertOk();
    expectFits(json_decode((string) $answer->getContent())[0], 'RunEvent');
    expect(BoothRunEvent::query()->count())
        ->toBe(4)
        ->and($this->getJson("/api/jobs/{$job->id}/runs")->json('0.step.text'))
        ->toBe('Base 1')
        ->and($this->getJson("/api/jobs/{$job->id}/runs/{$run}/record")->json('told.0.body.text'))
        ->toBe('Gun spat');
});

it('puts a tablet\'s clock right where it is off, and keeps what it said', function (): void {
    $job = boothOpened();
    $run = begun($job)->json('id');
    $now = (int) round(microtime(true) * 1000);
    // Ten minutes fast: what it calls now is ten minutes ahead.
    sendEvents($job, $run, [runEvent('done', $now + 595_000, 1, ['step' => 'ready'])], 'fast', $now + 600_000)->assertOk();
    $event = BoothRunEvent::query()->firstOrFail();
    expect($event->occurred_ms)
        ->toBeGreaterThan($now - 7000)
        ->toBeLessThan($now - 3000)
        ->and($event->device_ms)
        ->toBe($now + 595_000);
});

it('runs to the end, says so on the job, and gives its record as a page, a table and a file', function (): void {
    $job = boothOpened();
    $begun = begun($job);
    $run = $begun->json('id');
    $ms = (int) round(microtime(true) * 1000) - 3_600_000;
    $events = [];
    foreach ($begun->json('run.steps') as $i => $step) {
        $answer = $step['answers'][0] ?? null;
        $body = ['step' => $step['id'], ...$answer === null ? [] : ['answer' => $answer]];
        $events[] = runEvent('done', $ms + 60_000 * $i, $i + 1, $body);
    }
    $events[] = runEvent('amount', $ms, 99, ['cup' => 'base-effect', 'ml' => 96.0]);
    sendEvents($job, $run, $events)->assertOk();
    $record = $this->getJson("/api/jobs/{$job->id}/runs/{$run}/record")->assertOk();
    expectFits(json_decode((string) $record->getContent()), 'RunRecord');
    expect($record->json('finished'))
        ->toBeTrue()
        ->and($record->json('minutes'))
        ->toEqual(count($begun->json('run.steps')) - 1)
        ->and($this->getJson("/api/jobs/{$job->id}")->json('plan.stations.4.state.plain'))
        ->toBe('sprayed');
    $csv = (string) $this->get("/api/jobs/{$job->id}/runs/{$run}/record?format=csv")->assertOk()->getContent();
    $rows = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", trim($csv)));
    expect(count($rows))
        ->toBe(count($begun->json('run.steps')) + 1)
        ->and(count(array_unique(array_map(count(...), $rows))))
        ->toBe(1)
        ->and($rows[2][0])
        ->toBe('Wet bed')
        // How far each coat goes; a step that is no coat goes nowhere.
        ->and((float) $rows[3][6])
        ->toBe(round($begun->json('run.steps.2.reach.value')))
        ->and($rows[1][6])
        ->toBe('');
    // Over, another may begin.
    begun($job)->assertCreated();
});

it('has an air that a hand changes, and believes a real sensor', function (): void {
    $job = boothOpened();
    $begun = begun($job);
    $at = "/api/jobs/{$job->id}/runs/{$begun->json('id')}/climate";
    $now = (int) round(microtime(true) * 1000);
    $plan = $begun->json('run.climate.temperatureC');
    $calm = $this->getJson("{$at}?at={$now}")->assertOk();
    expectFits(json_decode((string) $calm->getContent()), 'Climate');
    expect($calm->json('temperatureC'))->toEqualWithDelta($plan, 0.6);
    $this->postJson("{$at}/hand", ['does' => 'door', 'at' => $now])->assertOk();
    $open = $this->getJson("{$at}?at=" . ($now + 300_000));
    expect($open->json('temperatureC'))
        ->toBeLessThan($plan - 5.0)
        ->and($open->json('airMPerS'))
        ->toBeGreaterThan(0.6);
    $this->postJson("{$at}/hand", ['does' => 'right', 'at' => $now + 300_000])->assertOk();
    expect($this->getJson("{$at}?at=" . ($now + 1_800_000))->json('temperatureC'))->toEqualWithDelta($plan, 0.6);
    $this->postJson("{$at}/readings", ['temperatureC' => 18.5, 'humidityPercent' => 66])->assertOk();
    expect($this->getJson($at)->json())->toBe([
        'temperatureC' => 18.5,
        'humidityPercent' => 66,
        'airMPerS' => 0.3,
        'simulated' => false,
    ]);
    $this->postJson("{$at}/hand", ['does' => 'storm'])->assertStatus(422);
    $this->postJson("{$at}/readings", ['temperatureC' => 900, 'humidityPercent' => 'wet'])->assertStatus(422);
});

it('refuses what is no event at its field, loses nothing of the rest, and never breaks', function (mixed $body): void {
    $job = boothOpened();
    $run = begun($job)->json('id');
    $this->postJson("/api/jobs/{$job->id}/runs/{$run}/events", $body)->assertStatus(422);
    expect(BoothRunEvent::query()->count())->toBe(0);
})->with([
    'nothing' => [[]],
    'no events' => [['device' => 'x', 'clockMs' => 1_800_000_000_000, 'events' => 'many']],
    'another kind' => [['device' => 'x', 'clockMs' => 1_800_000_000_000, 'events' => [runEvent('fly', 1_800_000_000_000, 1)]]],
    'no key' => [['device' => 'x', 'clockMs' => 1_800_000_000_000, 'events' => [['kind' => 'note', 'occurredMs' => 1_800_000_000_000, 'seq' => 1]]]],
    'long ago' => [['device' => 'x', 'clockMs' => 1_800_000_000_000, 'events' => [runEvent('note', 5, 1)]]],
    'a text of numbers' => [['device' => 'x', 'clockMs' => 1_800_000_000_000, 'events' => [runEvent('note', 1_800_000_000_000, 1, ['text' => 7])]]],
]);

it('keeps a neighbour\'s hands off a run', function (): void {
    $job = boothOpened();
    $run = begun($job)->json('id');
    $this->actingAs(User::factory()->for(Workshop::factory()->stocked())->create());
    $this->getJson("/api/jobs/{$job->id}/runs/{$run}")->assertNotFound();
    sendEvents($job, $run, [])->assertNotFound();
    $this->getJson("/api/jobs/{$job->id}/runs/{$run}/climate")->assertNotFound();
});
