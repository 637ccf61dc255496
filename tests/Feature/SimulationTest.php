<?php

declare(strict_types=1);

use App\Models\JobVersion;
use Illuminate\Testing\TestResponse;
use Kalopsis\Blend\School;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, mixed> $change */
function simulated(string $job, array $change = []): TestResponse
{
    return test()->postJson("/api/jobs/{$job}/simulate", ['document' => Bodies::job('bonnet', 60.0, $change)]);
}

it('says what will be seen of a document, and saves nothing', function (): void {
    $job = $this->open($this->painter());
    $bed = simulated($job->id)->assertOk();
    expectFits(json_decode((string) $bed->getContent()), 'Simulation');
    expect($bed->json('seen'))->toBeFalse()->and($bed->json('measured'))->toBeFalse()->and($bed->json('need.reasons.0.source'))->toBe('estimate');
    $naive = simulated($job->id, ['plan' => ['wetBed' => 'off']])->assertOk();
    expect($naive->json('seen'))->toBeTrue()->and($naive->json('says.plain'))->toContain('ring')->and($naive->json('need.value'))->toBeGreaterThan($bed->json('need.value'))
        ->and(JobVersion::query()->count())->toBe(1);
    $field = $naive->json('field.0');
    expect($field['panel'])->toBe('bonnet')->and($field['mm'])->toHaveCount($field['nx'] * $field['ny'])->and(min($field['mm']))->toBeLessThan(0);
});

it('takes the card that was read instead of an assumed difference', function (): void {
    $job = $this->open($this->painter());
    $reading = fn (float $dL): array => ['readings' => [['geometry' => '15-45-110', 'viewing' => 'D65/10', 'labs' => ['15' => [130 + $dL, 0, 0], '45' => [60 + $dL, 0, 0], '110' => [38 + $dL, 0, 0]]]]];
    $ids = [];
    foreach (['car' => 0.0, 'card' => 0.4] as $kind => $dL) {
        $ids[$kind] = collect($this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => $kind, 'name' => $kind])->json('samples'))->last()['id'];
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids[$kind]}/readings", $reading($dL))->assertCreated();
    }
    $near = simulated($job->id)->assertOk();
    expect($near->json('measured'))->toBeTrue()->and($near->json('angles'))->toBe([15, 45, 110]);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids['card']}/readings", $reading(9.0));
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids['card']}/readings", $reading(9.0));
    expect(simulated($job->id)->json('index'))->toBeGreaterThan($near->json('index'));
});

it('cuts along a line, through the repair and off the car', function (): void {
    $job = $this->open($this->painter());
    $centre = Bodies::shipped('marlo-tern')->panel('bonnet')->outline->centroid();
    $document = Bodies::job('bonnet');
    $cut = $this->postJson("/api/jobs/{$job->id}/cut", ['document' => $document, 'from' => [$centre->x - 300, $centre->y], 'to' => [$centre->x + 5000, $centre->y]])->assertOk();
    expectFits(json_decode((string) $cut->getContent()), 'CutSection');
    expect(min(array_filter($cut->json('mm'), fn ($mm) => $mm !== null)))->toBeLessThan(-50)->and($cut->json('panels'))->toContain('bonnet')->toContain(null)->and(count($cut->json('mm')))->toBeLessThanOrEqual(901);
    $this->postJson("/api/jobs/{$job->id}/cut", ['document' => $document, 'from' => ['a', 1], 'to' => [1, 2]])->assertStatus(422)->assertJsonPath('errors.0.field', 'from');
    $this->postJson("/api/jobs/{$job->id}/cut", ['document' => $document, 'from' => [0, 0]])->assertStatus(422)->assertJsonPath('errors.0.field', 'to');
});

it('simulates every school on the repair', function (): void {
    $job = $this->open($this->painter());
    $rows = [];
    foreach (School::cases() as $school) {
        $row = $this->postJson("/api/jobs/{$job->id}/schools/{$school->value}", ['document' => Bodies::job('bonnet')])->assertOk();
        expectFits(json_decode((string) $row->getContent()), 'SchoolOutlook');
        $rows[$school->value] = $row->json();
    }
    expect($rows['no-wet-bed']['seen'])->toBeTrue()->and($rows['edge-to-edge']['seen'])->toBeTrue()->and($rows['inside-out-bed-wet']['seen'])->toBeFalse()
        ->and($rows['inside-out-bed-wet']['index'])->toBeLessThan($rows['inside-out-wet-bed']['index'])
        ->and($rows['coat-and-a-half']['minutes']['value'])->toBeLessThan($rows['inside-out-wet-bed']['minutes']['value']);
    $this->postJson("/api/jobs/{$job->id}/schools/magic", ['document' => Bodies::job()])->assertStatus(404);
});

it('keeps a shop\'s own way as a school, offers it, and puts it away', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('front-door-left', 60.0, ['plan' => ['school' => 'transparent-last', 'wetBed' => 'on', 'coats' => ['base-1' => ['reachMm' => 22]], 'sides' => [['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => 'butt']]]]);
    $kept = $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'The Merrowby way', 'document' => $document])->assertCreated();
    expectFits(json_decode((string) $kept->getContent()), 'ShopSchool');
    expect($kept->json('plan.coats.base-1.reachMm'))->toBe(22)->and($kept->json('plan.sides'))->toBeNull();
    $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'The Merrowby way', 'document' => $document])->assertStatus(422)->assertJsonPath('errors.0.field', 'name');
    $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'Broken', 'document' => [...$document, 'plan' => ['school' => 'magic']]])->assertStatus(422)->assertJsonPath('errors.0.field', 'plan.school');
    $this->getJson('/api/shop-schools')->assertOk()->assertJsonCount(1);
    $row = $this->postJson("/api/jobs/{$job->id}/schools/as-sent", ['document' => $document])->assertOk();
    expectFits(json_decode((string) $row->getContent()), 'SchoolOutlook');
    expect($row->json('key'))->toBe('transparent-last');
    $id = $kept->json('id');
    $this->actingAs($this->painter())->getJson('/api/shop-schools')->assertOk()->assertJsonCount(0);
    $this->postJson("/api/shop-schools/{$id}/put-away")->assertStatus(404);
    $this->actingAs($this->painter($job->workshop))->postJson("/api/shop-schools/{$id}/put-away")->assertNoContent();
    $this->getJson('/api/shop-schools')->assertJsonCount(0);
    $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'The Merrowby way', 'document' => $document])->assertCreated();
});

it('finds a smaller blend that still hides, or says that none does', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('front-door-left');
    $found = $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => $document])->assertOk();
    expectFits(json_decode((string) $found->getContent()), 'SmallestBlend');
    $reaches = array_map(fn (int|float $mm): array => ['reachMm' => $mm], $found->json('found.reaches'));
    $smaller = $this->postJson("/api/jobs/{$job->id}/simulate", ['document' => array_replace_recursive($document, ['plan' => ['school' => $found->json('found.school'), 'coats' => $reaches]])])->assertOk();
    expect($smaller->json('seen'))->toBeFalse()->and($found->json('found.panels'))->toBe(1);
    $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => [...$document, 'repairs' => []]])->assertOk()->assertJsonPath('found', null);
});

it('keeps documents and neighbours apart like everywhere', function (): void {
    $job = $this->open($this->painter());
    foreach (['simulate', 'cut', 'smallest', 'schools/outside-in'] as $path) {
        $this->postJson("/api/jobs/{$job->id}/{$path}", ['document' => ['car' => 1]])->assertStatus(422);
    }
    $this->actingAs($this->painter());
    foreach (['simulate', 'cut', 'smallest', 'schools/outside-in'] as $path) {
        $this->postJson("/api/jobs/{$job->id}/{$path}", ['document' => Bodies::job()])->assertStatus(404);
    }
});
