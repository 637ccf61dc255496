<?php

declare(strict_types=1);

use App\Models\ColourSample;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;

it('plans with the booth, the guns and the cups that the shop has', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
    $job = $this->actingAs($lead)->open($lead, ['paintSystem' => 'northlight-s']);
    $plan = function (array $booth = []) use ($job): array {
        $document = $this->getJson("/api/jobs/{$job->id}")->json('document');
        $document['booth'] = [...$document['booth'], ...$booth];

        return $this->postJson("/api/jobs/{$job->id}/preview", ['document' => $document])->assertOk()->json('plan');
    };
    $wait = fn (array $plan): float => max(array_map(fn (array $c): float => $c['wait']['value'] ?? 0.0, $plan['coats']));
    $before = $plan();
    $wish = [
        'booths' => [['name' => 'North', 'movesMPerS' => 0.075, 'heatsToC' => 40], ['name' => 'South', 'movesMPerS' => 0.3]],
        'guns' => ['standard' => ['name' => 'Number 3, 1.3 mm', 'fanMm' => 140]],
        'cups' => [['ml' => 450], ['ml' => 600, 'bottomMm' => 80, 'topMm' => 90, 'heightMm' => 120]],
        'lamps' => [],
        'instruments' => [],
    ];
    $kept = $this->putJson('/api/shelf/equipment', $wish)->assertOk();
    expectFits(json_decode((string) $kept->getContent()), 'Equipment');
    $north = $plan();
    $south = $plan(['name' => 'South']);
    // A quarter of the air: twice the wait (root), within what the plan's minutes are rounded to.
    expect($wait($north))->toEqualWithDelta(2.0 * $wait($south), 0.02 * $wait($north))
        ->and(array_unique(array_map(fn (array $c): string => $c['vessel']['key'], $north['cups'])))->not->toContain('200')
        ->and(array_map(fn (array $c): string => $c['vessel']['key'], $before['cups']))->toContain('200');
    $booth = fn (array $p): array => $this->postJson("/api/jobs/{$job->id}/booth", ['document' => [
        ...$this->getJson("/api/jobs/{$job->id}")->json('document'),
        'booth' => ['temperatureC' => 22, 'humidityPercent' => 50, ...$p],
    ]])->assertOk()->json();
    // The sheet's pressure is outside what this gun works at; a slower gun takes longer over the same paint.
    $this->putJson('/api/shelf/equipment', [...$wish, 'guns' => ['standard' => ['leastBar' => 3, 'flowMlPerMin' => 80]]])->assertOk();
    $slow = $plan();
    expect(array_column($slow['warnings'], 'code'))->toContain('pressure')
        ->and(array_column($north['warnings'], 'code'))->not->toContain('pressure');
    $flow = fn (array $p): float => collect($p['coats'])->firstWhere('kind', 'base')['gun']['flowMlPerMin'];
    expect($flow($slow))->toEqualWithDelta($flow($north) / 2.0, 1e-9);
    $this->putJson('/api/shelf/equipment', $wish)->assertOk();
    // Day and hours know the same booths.
    expect($this->getJson('/api/shelf')->json('equipment.booths.0.name'))->toBe('North')
        ->and(json_encode($booth(['name' => 'North'])))->toContain('"value":40');
});

it('reads with the shop\'s instruments and looks under its lamps', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
    $job = $this->actingAs($lead)->open($lead, ['paintSystem' => 'northlight-s']);
    $kept = $this->putJson('/api/shelf/equipment', [
        'booths' => [['name' => 'North']],
        'lamps' => [['name' => 'Lamp by the door', 'light' => 'daylight-lamp']],
        'instruments' => [
            ['name' => 'Three angles', 'geometry' => '15-45-110', 'viewing' => 'D65/10', 'repeats' => 0.05],
            ['name' => 'The other', 'geometry' => '15-45-110', 'viewing' => 'D65/10'],
        ],
    ])->assertOk();
    expectFits(json_decode((string) $kept->getContent()), 'Equipment');
    $labs = ['15' => [120.0, 0.0, 0.0], '45' => [60.0, 0.0, 0.0], '110' => [38.0, 0.0, 0.0]];
    $read = function (string $kind, string $with) use ($job, $labs): array {
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => $kind, 'name' => $kind])->assertCreated();
        $sample = ColourSample::query()->where(['repair_job_id' => $job->id, 'kind' => $kind])->firstOrFail();
        $reading = ['geometry' => '15-45-110', 'viewing' => 'D65/10', 'labs' => $labs];

        return $this->postJson("/api/jobs/{$job->id}/colour/samples/{$sample->id}/readings", [
            'spot' => 'door',
            'instrument' => $with,
            'readings' => [$reading],
        ])->assertCreated()->json();
    };
    $read('car', 'Three angles');
    $desk = $read('card', 'The other');
    $sample = fn (array $desk, string $kind): array => collect($desk['samples'])->firstWhere('kind', $kind);
    $asks = fn (array $desk): string => (string) json_encode($sample($desk, 'card')['questions']);
    expect($desk['instruments'][0]['name'])->toBe('Three angles')
        ->and($desk['choices']['lights'][0])->toMatchArray(['key' => 'daylight-lamp', 'lamp' => 'Lamp by the door'])
        ->and($sample($desk, 'car')['reading']['instruments'])->toBe(['Three angles'])
        ->and($asks($desk))->toContain('two instruments never agree quite');
    // Read once more with the car's, there is something to go by.
    expect($asks($read('card', 'Three angles')))->not->toContain('two instruments');
    $this->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => 'Seen outdoors.'])->assertSuccessful();
    $run = $this->postJson("/api/jobs/{$job->id}/runs", ['id' => (string) Str::uuid()])->assertSuccessful();
    expect(json_encode($run->json()))->toContain('Lamp by the door');
});

it('is a lead\'s to say, and tells faults at their field', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $this->actingAs($this->painter($shop))->putJson('/api/shelf/equipment', [])->assertForbidden();
    $this->actingAs(User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]));
    $this->putJson('/api/shelf/equipment', ['booths' => [['name' => 'A', 'movesMPerS' => 12]]])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'booths.0.movesMPerS');
    $this->putJson('/api/shelf/equipment', ['booths' => 'A'])->assertUnprocessable();
});
