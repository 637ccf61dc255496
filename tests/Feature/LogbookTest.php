<?php

declare(strict_types=1);

use App\Models\JobFact;
use App\Models\RepairJob;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;

/** Says something of a finished car. */
function said(RepairJob $job, string $kind, array $body = []): void
{
    test()->postJson("/api/jobs/{$job->id}/look-back", ['key' => (string) Str::uuid(), 'kind' => $kind, ...$body])->assertOk();
}

it('has a line of every job, the newest first, found by words and by what became of it', function (): void {
    $user = $this->painter();
    $first = $this->open($user, ['car' => ['plate' => 'LOG 1', 'painter' => 'Bram']]);
    $this->travel(1)->minutes();
    $second = $this->open($user, ['car' => ['plate' => 'LOG 2'], 'colour' => ['name' => 'Harbour Slate', 'code' => 'HS-12', 'finish' => 'metallic-dark']]);
    said($second, 'finding', ['defect' => 'halo', 'light' => 'shade', 'distanceM' => 2]);
    said($second, 'lesson', ['text' => 'More 100% care']);
    $page = $this->getJson('/api/logbook')->assertOk();
    expectFits(json_decode((string) $page->getContent()), 'LogPage');
    $plates = function (string $query): array {
        return array_column($this->getJson("/api/logbook?{$query}")->assertOk()->json('jobs'), 'plate');
    };
    expect($plates(''))
        ->toBe(['LOG 2', 'LOG 1'])
        ->and($plates('q=slate'))
        ->toBe(['LOG 2'])
        ->and($plates('q=log+bram'))
        ->toBe(['LOG 1'])
        // What is a wildcard to a database is a letter to a reader.
        ->and($plates('q=100%25'))
        ->toBe(['LOG 2'])
        ->and($plates('q=%25%25nothing'))
        ->toBe([])
        ->and($plates('which=seen'))
        ->toBe(['LOG 2'])
        ->and($plates('page=2'))
        ->toBe([])
        ->and($plates('page=-1&which=x&q='))
        ->toHaveCount(2)
        ->and($page->json('jobs.0.defects.0.plain'))
        ->toBe('Light ring')
        ->and($page->json('jobs.1.need.unit'))
        ->toBe('mm');
    $csv = (string) $this->get('/api/logbook.csv?q=slate')->assertOk()->getContent();
    expect(explode("\r\n", trim($csv)))->toHaveCount(2)->and($csv)->toContain('LOG 2')->not->toContain('LOG 1');
    $this->actingAs($this->painter());
    expect($plates(''))->toBe([]);
});

it('asks for cars that left a fortnight ago, and counts what was done again by who may see it', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $bram = User::factory()->for($shop)->create(['name' => 'Bram Oxley']);
    $lead = $this->lead($shop);
    foreach (['Bram Oxley', 'bram', 'Petra Lunn'] as $i => $painter) {
        $job = $this->open($bram, ['car' => ['plate' => "RTE {$i}", 'painter' => $painter]]);
        said($job, 'delivered');
    }
    $this->travel(15)->days();
    $this->actingAs($bram);
    expect($this->getJson('/api/logbook?which=ask')->json('jobs'))->toHaveCount(3);
    said(RepairJob::query()->where('plate', 'RTE 0')->firstOrFail(), 'asked', ['again' => true, 'customer' => 'noticed']);
    expect($this->getJson('/api/logbook?which=ask')->json('jobs'))->toHaveCount(2);
    $own = $this->getJson('/api/logbook/sums')->assertOk();
    expectFits(json_decode((string) $own->getContent()), 'LogSums');
    expect($own->json('redo.of'))
        ->toBe(3)
        ->and($own->json('redo.hits'))
        ->toBe(1)
        // A painter sees their own.
        ->and($own->json('painters'))
        ->toHaveCount(2)
        ->and(array_column($own->json('painters'), 'name'))
        ->toBe(['Bram Oxley', 'bram'])
        ->and([$own->json('painters.0.rate.of'), $own->json('painters.0.rate.hits')])
        ->toBe([1, 1]);
    $this->actingAs($lead);
    expect(array_column($this->getJson('/api/logbook/sums')->json('painters'), 'name'))->toBe(['Bram Oxley', 'Petra Lunn', 'bram']);
});

it('says when this colour was here last, and how it went', function (): void {
    $user = $this->painter();
    $before = $this->open($user, ['car' => ['plate' => 'LST 1']]);
    said($before, 'lesson', ['text' => 'Bed twice in summer.']);
    $other = $this->open($user, ['car' => ['plate' => 'LST 2'], 'colour' => ['code' => 'SM-08']]);
    $this->travel(1)->minutes();
    $now = $this->open($user, ['car' => ['plate' => 'LST 3']]);
    $this->travel(1)->minutes();
    // Newer, but nobody has looked at it yet.
    $this->open($user, ['car' => ['plate' => 'LST 4']]);
    $last = $this->getJson("/api/jobs/{$now->id}/last-times")->assertOk();
    expectFits(json_decode((string) $last->getContent())[0], 'LogRow');
    expect(array_column($last->json(), 'plate'))
        ->toBe(['LST 1', 'LST 4'])
        ->and($last->json('0.lesson'))
        ->toBe('Bed twice in summer.')
        ->and($this->getJson("/api/jobs/{$other->id}/last-times")->json())
        ->toBe([]);
});

it('is written anew from the jobs, and filled with years of work for a try', function (): void {
    $job = $this->open($this->painter());
    $before = JobFact::query()->firstOrFail()->getAttributes();
    JobFact::query()->delete();
    $this->artisan('logbook:rebuild', ['--missing' => true])->assertSuccessful();
    expect(JobFact::query()->firstOrFail()->getAttributes())->toEqual($before);
    $this->artisan('logbook:fill', ['jobs' => '120'])->assertSuccessful();
    $this->artisan('logbook:fill', ['jobs' => 'many'])->assertFailed();
    $this->actingAs(User::query()->where('workshop_id', $job->workshop_id)->firstOrFail());
    expect($this->getJson('/api/logbook')->json('more'))
        ->toBeTrue()
        ->and($this->getJson('/api/logbook?page=3')->json('jobs'))
        ->toHaveCount(21);
});

it('fills a shop with cards, readings and runs as well, and an old car opens like any other', function (): void {
    $user = $this->painter(Workshop::factory()->stocked()->create(['is_demo' => true]));
    $job = $this->open($user);
    $car = $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => 'car', 'name' => 'Car'])->assertCreated()->json('samples.0.id');
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$car}/readings", [
        'readings' => [['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => [45.0, 40.0, 12.0]]]],
    ])->assertCreated();
    $this->artisan('logbook:fill', ['jobs' => '5', '--readings' => '15', '--events' => '20'])->assertSuccessful();
    $old = RepairJob::query()->where('plate', 'OLD 00003')->firstOrFail();
    expect($old->samples()->firstOrFail()->readings()->count())->toBe(3);
    $run = $this->getJson("/api/jobs/{$old->id}/runs")->assertOk()->json('0.id');
    expect($this->getJson("/api/jobs/{$old->id}/runs/{$run}")->assertOk()->json('events'))->toHaveCount(4);
    $this->getJson("/api/jobs/{$old->id}")->assertOk()->assertJsonPath('archived', true);
    $this->getJson('/api/jobs?archived=1')->assertOk()->assertJsonCount(5);
});

it('tells all that was tried of a colour: cards against their cars, which passed, tint steps, the formula', function (): void {
    $user = $this->painter();
    $read = function (RepairJob $job, string $kind, string $name, float $l): string {
        $id = (string) Str::uuid();
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => $kind, 'name' => $name])->assertCreated();
        $labs = array_fill_keys(['15', '25', '45', '75', '110'], [$l, 0.0, 0.0]);
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
            'readings' => array_fill(0, 3, ['geometry' => '15-25-45-75-110', 'viewing' => 'D65/10', 'labs' => $labs]),
        ])->assertCreated();

        return $id;
    };
    $first = $this->open($user, ['car' => ['plate' => 'HIS 1']]);
    $read($first, 'car', 'The car', 50.0);
    $read($first, 'card', 'Too light', 53.0);
    $this->travel(1)->minutes();
    $second = $this->open($user, ['car' => ['plate' => 'HIS 2']]);
    $read($second, 'car', 'The car', 50.0);
    $same = $read($second, 'card', 'As the car', 50.0);
    $look = ['light' => 'shade', 'from' => 'face', 'verdict' => 'matches'];
    $this->postJson("/api/jobs/{$second->id}/colour/samples/{$same}/eye", $look)->assertCreated();
    $this->postJson("/api/jobs/{$second->id}/colour/samples/{$same}/pass", ['reason' => 'Sprayed as planned.'])->assertSuccessful();
    $this->open($user, ['car' => ['plate' => 'OTHER'], 'colour' => ['code' => 'SM-08']]);
    $answer = $this->getJson('/api/logbook/colour?name=Saltmist+Silver&code=SM-07')->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'ColourHistory');
    $by = array_column($answer->json('samples'), null, 'name');
    [$tooLight, $asTheCar] = [$by['Too light'], $by['As the car']];
    expect(array_column($answer->json('jobs'), 'plate'))
        ->toBe(['HIS 2', 'HIS 1'])
        ->and($answer->json('jobs.0.formula'))
        ->toBe(1)
        // CIEDE2000 of a plain step in lightness is that step over 1 + 0.015 (L-50)^2 / sqrt(20 + (L-50)^2) at the mean L
        // (CIE 142:2001): 3 / (1 + 0.015 * 2.25 / sqrt(22.25)) = 2.98.
        ->and($tooLight['dE'])
        ->toBe(2.98)
        ->and([$tooLight['passed'], $asTheCar['passed'], $asTheCar['dE']])
        ->toEqual([false, true, 0.0])
        ->and(array_column($answer->json('formulas'), 'number'))
        ->toBe([1])
        ->and($answer->json('paint'))
        ->toMatch('/^#[0-9a-f]{6}$/');
    // A neighbour's cars are not there, and neither is a colour that nobody had.
    expect($this->getJson('/api/logbook/colour?name=nobody')->assertOk()->json('jobs'))->toBe([]);
    $this->actingAs($this->painter());
    expect($this->getJson('/api/logbook/colour?name=Saltmist+Silver&code=SM-07')->json('jobs'))->toBe([]);
});

it('adds up paint, what is left of it and booth time by the month', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $before = now()->subMonths(2)->startOfMonth()->addDays(3);
    JobFact::query()->whereKey($job->id)->update(['opened_at' => $before, 'ml' => 900, 'wasted_ml' => 60]);
    $old = $this->open($user);
    JobFact::query()->whereKey($old->id)->update(['opened_at' => now()->subMonths(13), 'ml' => 5000]);
    $now = $this->open($user);
    JobFact::query()->whereKey($now->id)->update(['ml' => 300, 'wasted_ml' => null, 'minutes_planned' => 60, 'minutes_real' => 75]);
    $sums = $this->getJson('/api/logbook/sums')->assertOk();
    expectFits(json_decode((string) $sums->getContent()), 'LogSums');
    $told = fn (array $m): array => [$m['jobs'], $m['ml']['value'], $m['wasted']['value'], $m['real']['value']];
    expect(array_map($told, $sums->json('months')))
        ->toEqual([[1, 900, 60, 0], [1, 300, 0, 75]])
        ->and($sums->json('months.1.month'))
        ->toBe(now()->format('Y-m'));
});
