<?php

declare(strict_types=1);

use App\Models\JobVersion;
use App\Models\PaintSystemRecord;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
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
    expect($bed->json('seen'))
        ->toBeFalse()
        ->and($bed->json('measured'))
        ->toBeFalse()
        ->and($bed->json('need.reasons.0.source'))
        ->toBe('estimate');
    $naive = simulated($job->id, ['plan' => ['wetBed' => 'off']])->assertOk();
    $part = fn ($answer, string $part): float => array_column($answer->json('parts'), 'index', 'part')[$part];
    expect($part($naive, 'fringe'))
        ->toBeGreaterThan($part($bed, 'fringe'))
        ->and($part($naive, 'hiding'))
        ->toBe($part($bed, 'hiding'))
        ->and($naive->json('need.value'))
        ->toBeGreaterThan($bed->json('need.value'))
        ->and(JobVersion::query()->count())
        ->toBe(1);
    $walk = $this->postJson("/api/jobs/{$job->id}/walk", ['document' => Bodies::job('bonnet', 60.0)])->assertOk();
    expectFits(json_decode((string) $walk->getContent()), 'Walk');
    $field = $walk->json('field.0');
    expect($field['panel'])
        ->toBe('bonnet')
        ->and($field['mm'])
        ->toHaveCount($field['nx'] * $field['ny'])
        ->and(min($field['mm']))
        ->toBeLessThan(0);
});

it('takes the card that was read instead of an assumed difference', function (): void {
    $job = $this->open($this->painter());
    $reading = fn (float $dL): array => [
        'readings' => [
            [
                'geometry' => '15-45-110',
                'viewing' => 'D65/10',
                'labs' => ['15' => [130 + $dL, 0, 0], '45' => [60 + $dL, 0, 0], '110' => [38 + $dL, 0, 0]],
            ],
        ],
    ];
    $ids = [];
    foreach (['car' => 0.0, 'card' => 0.4] as $kind => $dL) {
        $ids[$kind] = collect(
            $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => $kind, 'name' => $kind])->json('samples'),
        )->last()['id'];
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids[$kind]}/readings", $reading($dL))->assertCreated();
    }
    $near = simulated($job->id)->assertOk();
    expect($near->json('measured'))
        ->toBeTrue()
        ->and($near->json('angles'))
        ->toBe([15, 45, 110]);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids['card']}/readings", $reading(9.0));
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$ids['card']}/readings", $reading(9.0));
    expect(simulated($job->id)->json('index'))->toBeGreaterThan($near->json('index'));
});

it('cuts along a line, through the repair and off the car', function (): void {
    $job = $this->open($this->painter());
    $centre = Bodies::shipped('marlo-tern')->panel('bonnet')->outline->centroid();
    $document = Bodies::job('bonnet');
    $cut = $this->postJson("/api/jobs/{$job->id}/cut", [
        'document' => $document,
        'from' => [$centre->x - 300, $centre->y],
        'to' => [$centre->x + 5000, $centre->y],
    ])->assertOk();
    expectFits(json_decode((string) $cut->getContent()), 'CutSection');
    expect(min(array_filter($cut->json('mm'), fn ($mm) => $mm !== null)))
        ->toBeLessThan(-50)
        ->and($cut->json('panels'))
        ->toContain('bonnet')
        ->toContain(null)
        ->and(count($cut->json('mm')))
        ->toBeLessThanOrEqual(901);
    $ends = ['document' => $document, 'from' => [0, 0], 'to' => [100, 0]];
    foreach ([['angle' => 'steep'], ['distanceM' => -1], ['distanceM' => [2]]] as $look) {
        $this->postJson("/api/jobs/{$job->id}/cut", [...$ends, ...$look])->assertStatus(422);
    }
    $this->postJson("/api/jobs/{$job->id}/cut", ['document' => $document, 'from' => ['a', 1], 'to' => [1, 2]])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'from');
    $this->postJson("/api/jobs/{$job->id}/cut", ['document' => $document, 'from' => [0, 0]])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'to');
});

it('looks at every way on the repair in one answer, the best first', function (): void {
    $job = $this->open($this->painter());
    $answer = $this->postJson("/api/jobs/{$job->id}/ways", ['document' => Bodies::job('bonnet')])->assertOk();
    foreach (json_decode((string) $answer->getContent()) as $row) {
        expectFits($row, 'WayOutlook');
    }
    $rows = array_column($answer->json(), null, 'key');
    expect($rows)
        ->toHaveCount(count(Bodies::schoolKeys()))
        ->and(array_column($answer->json(), 'seen'))
        ->toBe(array_values(collect($answer->json())->pluck('seen')->sort()->all()))
        ->and($rows['coat-and-a-half']['minutes']['value'])
        ->toBeLessThan($rows['inside-out-wet-bed']['minutes']['value']);
});

it('puts both guns on the repair side by side', function (): void {
    $job = $this->open($this->painter());
    $answer = $this->postJson("/api/jobs/{$job->id}/guns", ['document' => Bodies::job('bonnet', 10.0)])->assertOk();
    foreach (json_decode((string) $answer->getContent()) as $row) {
        expectFits($row, 'GunOutlook');
    }
    expect(array_column($answer->json(), 'gun'))->toBe(['standard', 'small']);
    $this->postJson("/api/jobs/{$job->id}/guns", ['document' => ['repairs' => 3]])->assertStatus(422);
});

it('sets other ways beside the plan, whatever it is sent', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('bonnet', 30.0, ['car' => ['waxed' => true]]);
    $answer = $this->postJson("/api/jobs/{$job->id}/offers", ['document' => $document])->assertOk();
    expectFits(json_decode((string) $answer->getContent()), 'Offers');
    expect($answer->json('offers.*.key'))
        ->toContain('dust-first', 'open-middle', 'to-the-edge', 'quick', 'binder-northlight-w')
        ->and($answer->json('offers.0.sequence.1.id'))
        ->toBe('dust-first');
    $this->postJson("/api/jobs/{$job->id}/offers", ['document' => ['repairs' => 3]])->assertStatus(422);
    $none = $this->postJson("/api/jobs/{$job->id}/offers", ['document' => [...$document, 'repairs' => []]])->assertOk();
    expect($none->json('offers'))->toBe([]);
});

it('offers the clear ended the other way, takes it, and refuses it where the paint system has no solvent', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('bonnet');
    $plan = $this->postJson("/api/jobs/{$job->id}/preview", ['document' => $document])->assertOk();
    $document['plan']['sequence'] = $plan->json('plan.clear.other');
    $faded = $this->postJson("/api/jobs/{$job->id}/preview", ['document' => $document])->assertOk();
    expect($faded->json('plan.clear.fades'))->toBeTrue();
    $system = json_decode((string) file_get_contents(base_path('data/paint-systems/northlight-s.json')), true);
    $system['products'] = array_values(array_filter($system['products'], fn (array $p): bool => $p['role'] !== 'fade-solvent'));
    PaintSystemRecord::query()->where('key', 'northlight-s')->update(['sheet' => json_encode($system)]);
    $this->postJson("/api/jobs/{$job->id}/preview", ['document' => $document])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'plan.sequence')
        ->assertJsonFragment(['detail' => 'Northlight S has no fade-out solvent: bring in its data sheet, or do without it.']);
});

it('offers what would cure a plan that is seen, ready to be taken over', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::withSteps(
        Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]),
        fn (array $s): array => array_map(
            fn (array $step): array => isset($step['extent']['reach'])
                ? [...$step, 'extent' => [...$step['extent'], 'reachMm' => 200 * $step['extent']['reach'], 'fadeMm' => 80]]
                : $step,
            $s,
        ),
    );
    $cures = $this->postJson("/api/jobs/{$job->id}/cures", ['document' => $document])->assertOk();
    expect($cures->json())->not->toBe([]);
    foreach (json_decode((string) $cures->getContent()) as $cure) {
        expectFits($cure, 'Cure');
    }
    $document['plan']['sequence'] = $cures->json('0.sequence');
    $after = $this->postJson("/api/jobs/{$job->id}/simulate", ['document' => $document])->assertOk();
    expect($after->json('index'))->toEqualWithDelta($cures->json('0.index'), 0.011);
});

it('keeps a plan as the shop\'s own school, edits it as a recipe, sends it on and puts it away', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('front-door-left', 60.0, [
        'plan' => ['school' => 'transparent-last', 'coats' => ['base-1' => ['reachMm' => 22]]],
    ]);
    $kept = $this->postJson("/api/jobs/{$job->id}/shop-schools", [
        'name' => 'The Merrowby way',
        'document' => $document,
    ])->assertCreated();
    expectFits(json_decode((string) $kept->getContent()), 'ShopSchool');
    expect($kept->json('school.steps.1.extent'))->not->toHaveKey('reachMm');
    $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'The Merrowby way', 'document' => $document])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'name');
    $this->postJson("/api/jobs/{$job->id}/shop-schools", [
        'name' => 'Broken',
        'document' => [...$document, 'plan' => ['school' => 'magic']],
    ])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'plan.school');
    $id = $kept->json('id');
    $key = $kept->json('key');
    // It plans like any other school, and stands in the table of ways.
    $own = ['document' => Bodies::job('front-door-left', 60.0, ['plan' => ['school' => $key]])];
    expect(
        $this->postJson("/api/jobs/{$job->id}/preview", $own)
            ->assertOk()
            ->json('plan.school'),
    )
        ->toBe($key)
        ->and(array_column($this->postJson("/api/jobs/{$job->id}/ways", $own)->json(), 'key'))
        ->toContain($key);
    $recipe = $kept->json('school');
    $recipe['steps'][1]['film'] = 0.7;
    $recipe['name'] = 'The Merrowby way, thin';
    $this->putJson("/api/shop-schools/{$id}", $recipe)
        ->assertOk()
        ->assertJsonPath('school.steps.1.film', 0.7)
        ->assertJsonPath('name', 'The Merrowby way, thin');
    $this->putJson("/api/shop-schools/{$id}", [...$recipe, 'steps' => [['id' => 'a']]])->assertStatus(422);
    $file = $this->getJson("/api/shop-schools/{$id}/file")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="the-merrowby-way-thin.school.json"')
        ->json();
    $schema = json_decode((string) file_get_contents(base_path('docs/formats/school.schema.json')));
    expect(
        (new Opis\JsonSchema\Validator())->validate(json_decode((string) json_encode($file)), $schema)->isValid(),
    )->toBeTrue();
    $this->actingAs($elsewhere = $this->painter(App\Models\Workshop::factory()->create()));
    $this->postJson('/api/shop-schools', $file)->assertCreated()->assertJsonPath('name', 'The Merrowby way, thin');
    $this->postJson('/api/shop-schools', $file)->assertCreated()->assertJsonPath('name', 'The Merrowby way, thin 2');
    $this->postJson('/api/shop-schools', ['format' => 'cake'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'format');
    foreach (['put' => $recipe, 'get' => null] as $verb => $body) {
        $this->json($verb, "/api/shop-schools/{$id}" . ($verb === 'get' ? '/file' : ''), $body ?? [])->assertStatus(404);
    }
    $this->postJson("/api/shop-schools/{$id}/put-away")->assertStatus(404);
    $this->actingAs($this->painter($job->workshop))
        ->postJson("/api/shop-schools/{$id}/put-away")
        ->assertNoContent();
    $this->getJson('/api/shop-schools')->assertJsonCount(0);
    // Plans made with it stay what they are.
    $this->postJson("/api/jobs/{$job->id}/preview", $own)->assertOk();
    expect($elsewhere->workshop_id)->not->toBe($job->workshop_id);
});

it('sends a job on with the steps of a school only this shop has', function (): void {
    $job = $this->open($this->painter());
    $key = $this->postJson("/api/jobs/{$job->id}/shop-schools", ['name' => 'Ours', 'document' => Bodies::job()])->json(
        'key',
    );
    $this->putJson(
        "/api/jobs/{$job->id}",
        ['document' => Bodies::job(change: ['plan' => ['school' => $key]]), 'change' => 'ours'],
        ['If-Match' => '"1"'],
    )->assertOk();
    $file = $this->getJson("/api/jobs/{$job->id}/file")
        ->assertOk()
        ->json();
    expect($file['plan']['sequence'])->toHaveCount(7);
    $this->actingAs($this->painter(App\Models\Workshop::factory()->create()))
        ->postJson('/api/jobs/import', $file)
        ->assertCreated();
});

it('finds a smaller blend that still hides, or says that none does', function (): void {
    $job = $this->open($this->painter());
    $document = Bodies::job('front-door-left');
    $answer = $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => $document])->assertOk()->streamedContent();
    expectFits(json_decode($answer), 'SmallestBlend');
    $found = json_decode($answer, true)['found'];
    // A space before each plan but the first: that is how the search notices that nobody waits any more.
    expect(strlen($answer) - strlen(ltrim($answer)))->toBe($found['tried'] - 1);
    $plan = array_filter(
        array_intersect_key($found, array_flip(['school', 'usual', 'sequence', 'gun', 'sides'])),
    );
    $smaller = $this->postJson("/api/jobs/{$job->id}/simulate", [
        'document' => array_replace_recursive($document, ['plan' => $plan]),
    ])->assertOk();
    expect($smaller->json('seen'))->toBeFalse()->and($found['panels'])->toBe(1);
    $none = $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => [...$document, 'repairs' => []]])->assertOk();
    expect(json_decode($none->streamedContent(), true))->toBe(['found' => null]);
});

it('searches within the limits of the shop, which only a lead sets', function (): void {
    $lead = $this->lead();
    $job = $this->open($lead);
    $limits = ['leastCoats' => 3, 'smallGun' => false, 'blendingClear' => false, 'stopAtLines' => false, 'wetBed' => true];
    $this->actingAs($lead)->putJson('/api/shelf/blend-limits', $limits)->assertOk()->assertExactJson($limits);
    expect($this->getJson('/api/shelf')->json('blendLimits'))->toBe($limits);
    $this->putJson('/api/shelf/blend-limits', [...$limits, 'leastCoats' => 9])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'leastCoats');
    $this->putJson('/api/shelf/blend-limits', ['leastCoats' => []])->assertUnprocessable();
    $found = $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => Bodies::job('bonnet')])->assertOk();
    expect(json_decode($found->streamedContent(), true)['found']['gun'])->toBe('standard');
    $this->actingAs($this->painter($lead->workshop))->putJson('/api/shelf/blend-limits', $limits)->assertForbidden();
});

it(
    'says the same sentence with the same figures on the bench, in the list of cars, in the preview and in the simulation',
    function (): void {
        $job = $this->open($this->painter());
        $bench = $this->getJson("/api/jobs/{$job->id}")->json('plan');
        $row = collect($this->getJson('/api/jobs')->json())->firstWhere('id', $job->id);
        $preview = $this->postJson("/api/jobs/{$job->id}/preview", ['document' => Bodies::job()])->json('plan');
        expect($row['verdict'])
            ->toBe($bench['verdict'])
            ->and($preview['verdict'])
            ->toBe($bench['verdict'])
            ->and($bench['verdict']['values']['need']['value'])
            ->toBe($bench['need']['figure']['value'])
            ->and($this->postJson("/api/jobs/{$job->id}/simulate", ['document' => Bodies::job()])->json('need.value'))
            ->toBe($bench['need']['figure']['value']);
        // Reading a card changes the plan, and the list of cars with it.
        foreach (['car' => 0.0, 'card' => 3.5] as $kind => $dL) {
            $id = collect(
                $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => $kind, 'name' => $kind])->json('samples'),
            )->last()['id'];
            $this->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
                'readings' => [
                    [
                        'geometry' => '15-45-110',
                        'viewing' => 'D65/10',
                        'labs' => ['15' => [130 + $dL, 0, 0], '45' => [60 + $dL, 0, 0], '110' => [38 + $dL, 0, 0]],
                    ],
                ],
            ])->assertCreated();
        }
        $after = $this->getJson("/api/jobs/{$job->id}")->json('plan');
        $again = collect($this->getJson('/api/jobs')->json())->firstWhere('id', $job->id);
        $desk = collect($this->getJson("/api/jobs/{$job->id}/colour")->json('samples'))->firstWhere('kind', 'card');
        expect($after['need']['figure']['value'])
            ->toBeGreaterThan($bench['need']['figure']['value'])
            ->and($again['verdict'])
            ->toBe($after['verdict'])
            ->and($desk['verdict']['need']['value'])
            ->toEqual($after['need']['figure']['value']);
    },
);

it('reads a stored job of version 1 as it was meant, and writes the newest', function (): void {
    $job = $this->open($this->painter());
    $old = json_decode((string) file_get_contents(base_path('core/tests/fixtures/jobs-version-1.json')), true)[
        'moved contours'
    ];
    JobVersion::query()
        ->where('repair_job_id', $job->id)
        ->update(['document' => json_encode($old)]);
    $bench = $this->getJson("/api/jobs/{$job->id}")->assertOk();
    expect($bench->json('document.version'))
        ->toBe(2)
        ->and(collect($bench->json('plan.coats'))->firstWhere('id', 'base-2')['reach']['value'])
        ->toEqual(95);
    // Opening and saving it unchanged makes no new version.
    $this->putJson(
        "/api/jobs/{$job->id}",
        ['document' => $bench->json('document'), 'change' => 'nothing'],
        ['If-Match' => '"1"'],
    )
        ->assertOk()
        ->assertJsonPath('version', 1);
});

it('writes nothing when somebody only looks', function (): void {
    $job = $this->open($this->painter());
    $before = (string) json_encode(DB::table('repair_jobs')->where('id', $job->id)->first());
    foreach (['', '/colour', '/history', '/file'] as $path) {
        $this->getJson("/api/jobs/{$job->id}{$path}")->assertOk();
    }
    expect((string) json_encode(DB::table('repair_jobs')->where('id', $job->id)->first()))->toBe($before);
});

it('keeps documents and neighbours apart like everywhere', function (): void {
    $job = $this->open($this->painter());
    foreach (['simulate', 'cut', 'smallest', 'ways', 'cures'] as $path) {
        $this->postJson("/api/jobs/{$job->id}/{$path}", ['document' => ['car' => 1]])->assertStatus(422);
    }
    $this->actingAs($this->painter());
    foreach (['simulate', 'cut', 'smallest', 'ways', 'cures'] as $path) {
        $this->postJson("/api/jobs/{$job->id}/{$path}", ['document' => Bodies::job()])->assertStatus(404);
    }
});
