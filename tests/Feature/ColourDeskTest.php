<?php

declare(strict_types=1);

use App\Models\ColourEvent;
use App\Models\ColourFormula;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\RepairJob;
use App\Models\Workshop;
use Illuminate\Testing\TestResponse;

/** @return array<string, mixed> */
function sprayedAsPlanned(RepairJob $job): array
{
    return test()
        ->getJson("/api/jobs/{$job->id}/colour")
        ->assertOk()
        ->json('spraying');
}

/** @param array<string, mixed> $more */
function addSample(RepairJob $job, string $kind, string $name, array $more = []): string
{
    $answer = test()
        ->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => $kind, 'name' => $name, ...$more])
        ->assertCreated();

    return collect($answer->json('samples'))->where('kind', $kind)->last()['id'];
}

function measureSample(
    RepairJob $job,
    string $sample,
    string $geometry = '15-25-45-75-110',
    string $fault = 'none',
    int $shots = 4,
): TestResponse {
    return test()->postJson("/api/jobs/{$job->id}/colour/samples/{$sample}/measure", [
        'spot' => 'one',
        'shots' => $shots,
        'geometry' => $geometry,
        'fault' => $fault,
    ]);
}

/** Somebody holds a card to the car. */
function lookAt(
    RepairJob $job,
    string $sample,
    string $verdict = 'matches',
    string $light = 'shade',
    string $from = 'face',
): TestResponse {
    return test()
        ->postJson("/api/jobs/{$job->id}/colour/samples/{$sample}/eye", compact('light', 'from', 'verdict'))
        ->assertCreated();
}

/** @return array<string, mixed> */
function onDesk(TestResponse $answer, string $sample): array
{
    return collect($answer->json('samples'))->firstWhere('id', $sample);
}

const SOLID = ['colour' => ['name' => 'Lichen Green', 'code' => 'LG-02', 'finish' => 'solid-dark', 'undercoatShade' => 5]];

it('is empty for a new job and says so in the spine', function (): void {
    $job = $this->open($this->painter());
    $this->getJson("/api/jobs/{$job->id}/colour")
        ->assertOk()
        ->assertJsonPath('samples', [])
        ->assertJsonPath('carId', null)
        ->assertJsonPath('passed', null)
        ->assertJsonPath('hasVariants', true);
    expect($this->getJson("/api/jobs/{$job->id}")->json('plan.stations.1.state.plain'))->toBe('no card yet');
});

it('leads a solid from the first reading through tint advice to an open gate', function (): void {
    $job = $this->open($this->painter(), SOLID);
    $car = addSample($job, 'car', 'The car');
    measureSample($job, $car, '45/0')->assertCreated();
    $card = addSample($job, 'card', 'Card 1', [
        'spraying' => sprayedAsPlanned($job),
        'sprayedAt' => now()->toIso8601String(),
    ]);
    $answer = measureSample($job, $card, '45/0')->assertCreated();
    $first = onDesk($answer, $card);
    expect($first['comparison']['overall'])
        ->toBeGreaterThan(0.5)
        ->and($first['against']['differences'])
        ->toBe([])
        ->and($first['formula']['number'])
        ->toBe(1);

    $advice = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint", ['cupGrams' => 100])->assertOk();
    expect($advice->json('cupGrams'))
        ->toEqual(100)
        ->and(count($advice->json('corrections')))
        ->toBeGreaterThan(0)
        ->toBeLessThanOrEqual(3)
        ->and($advice->json('corrections.0.after'))
        ->toBeLessThan($advice->json('corrections.0.before'));

    $adopted = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint/0", ['cupGrams' => 100])->assertCreated();
    $next = collect($adopted->json('samples'))->last();
    expect($next['formula']['number'])
        ->toBe(2)
        // The shelf's recipe is the first formula; only what was tinted is written.
        ->and(ColourFormula::query()->where('colour', 'Lichen Green')->count())
        ->toBe(1)
        ->and(onDesk($adopted, $card)['gate']['questions'][0]['plain'])
        ->toContain('formula has changed');

    $answer = measureSample($job, $next['id'], '45/0')->assertCreated();
    $second = onDesk($answer, $next['id']);
    expect($second['comparison']['overall'])
        ->toBeLessThan($first['comparison']['overall'] / 2)
        ->and($second['prediction']['overall'])
        ->toBeLessThan(1.0)
        ->and($second['verdict']['grade'])
        ->not->toBe('not-yet');

    lookAt($job, $next['id']);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$next['id']}/pass")
        ->assertCreated()
        ->assertJsonPath('passed.kind', 'pass');
    $bench = $this->getJson("/api/jobs/{$job->id}")->assertOk();
    expect($bench->json('plan.stations.1.state.plain'))
        ->toBe('card passed')
        ->and($bench->json('plan.stations.4.ready'))
        ->toBeTrue()
        ->and(collect($this->getJson('/api/jobs')->json())->firstWhere('id', $job->id)['stations'][4]['state']['plain'])
        ->toBe('open: the card passed');
});

it('locks the gate again when the plan changes, and opens it when the change is undone', function (): void {
    $job = $this->open($this->lead());
    $this->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => 'Customer waits, checked by hand'])
        ->assertCreated()
        ->assertJsonPath('passed.kind', 'override');
    expect($this->save($job, ['plan' => ['school' => 'outside-in']], 1)->json('plan.stations.4.ready'))->toBeFalse();
    expect(
        $this->withHeaders(['If-Match' => '"2"'])
            ->postJson("/api/jobs/{$job->id}/undo")
            ->assertOk()
            ->json('plan.stations.4.ready'),
    )->toBeTrue();
    // The plate has nothing to do with the colour.
    expect($this->save($job, ['car' => ['plate' => 'NEW 1']], 3)->json('plan.stations.4.ready'))->toBeTrue();
    $this->postJson("/api/jobs/{$job->id}/colour/close")
        ->assertCreated()
        ->assertJsonPath('passed', null);
    expect(ColourEvent::query()->orderBy('id')->pluck('kind')->all())->toBe(['override', 'close']);
});

it('lets only a lead override, and only with a reason', function (): void {
    $painter = $this->painter();
    $job = $this->open($painter);
    $this->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => 'because I can'])
        ->assertStatus(403)
        ->assertJsonPath('code', 'not-allowed');
    $this->actingAs($this->lead($painter->workshop))
        ->postJson("/api/jobs/{$job->id}/colour/override", ['reason' => ''])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'reason');
    expect(ColourEvent::query()->count())->toBe(0);
});

it('wants a reason for a card that was not sprayed like the plan, and keeps it', function (): void {
    $job = $this->open($this->painter(), SOLID);
    measureSample($job, addSample($job, 'car', 'The car'), '45/0');
    $spraying = [...sprayedAsPlanned($job), 'bar' => 2.4, 'fullCoats' => 4];
    $card = addSample($job, 'card', 'Card', ['spraying' => $spraying]);
    $toners = ColourFormula::newest($job->workshop_id, 'Lichen Green', 'LG-02')?->recipe['toners'];
    // A card of the car's own colour: typed in, so that nothing but the spraying is in question.
    $lab = onDesk(
        $this->getJson("/api/jobs/{$job->id}/colour"),
        $this->getJson("/api/jobs/{$job->id}/colour")->json('carId'),
    )['reading']['angles'][0]['lab'];
    $answer = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/readings", [
        'readings' => array_fill(0, 3, ['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => $lab]]),
    ])->assertCreated();
    expect(onDesk($answer, $card)['against']['differences'])
        ->toHaveCount(2)
        ->and(onDesk($answer, $card)['gate']['wantsReason'])
        ->toBeTrue()
        ->and($toners)
        ->toHaveKey('green');
    lookAt($job, $card);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/pass")
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'reason');
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/pass", ['reason' => 'Same gun, gauge reads high'])
        ->assertCreated()
        ->assertJsonPath('passed.reason', 'Same gun, gauge reads high');
});

it('keeps the gate closed for a card that is off, struck, or seen otherwise by the eye', function (): void {
    $job = $this->open($this->painter());
    measureSample($job, addSample($job, 'car', 'The car'));
    $card = addSample($job, 'card', 'Wrong', [
        'spraying' => sprayedAsPlanned($job),
        'toners' => ['alu-fine' => 60, 'black' => 20, 'maroon' => 20],
    ]);
    expect(onDesk(measureSample($job, $card), $card)['verdict']['grade'])->toBe('not-yet');
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/pass", ['reason' => 'please'])
        ->assertStatus(409)
        ->assertJsonPath('code', 'gate-closed');

    $good = addSample($job, 'card', 'Good', ['spraying' => sprayedAsPlanned($job)]);
    $lab = collect(
        onDesk($this->getJson("/api/jobs/{$job->id}/colour"), $this->getJson("/api/jobs/{$job->id}/colour")->json('carId'))[
            'reading'
        ]['angles'],
    )
        ->mapWithKeys(fn (array $a): array => [$a['angle'] => $a['lab']])
        ->all();
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/readings", [
        'readings' => [['geometry' => '15-25-45-75-110', 'viewing' => 'D65/10', 'labs' => $lab]],
    ])->assertCreated();
    $eye = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/eye", [
        'light' => 'shade',
        'from' => 'flop',
        'verdict' => 'off',
    ])->assertCreated();
    expect(onDesk($eye, $good)['gate']['open'])
        ->toBeFalse()
        ->and(onDesk($eye, $good)['gate']['stops'][0]['plain'])
        ->toContain('ask the lead')
        ->and(onDesk($eye, $good)['eyes'])
        ->toHaveCount(1);
    // A second look in the same light takes the place of the first; both are kept.
    $eye = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/eye", [
        'light' => 'shade',
        'from' => 'flop',
        'verdict' => 'matches',
    ])->assertCreated();
    expect(onDesk($eye, $good)['gate']['open'])
        ->toBeTrue()
        ->and(onDesk($eye, $good)['eyes'])
        ->toHaveCount(1)
        ->and(ColourEvent::query()->where('kind', 'eye')->count())
        ->toBe(2);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/pass")->assertCreated();
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/strike")
        ->assertOk()
        ->assertJsonPath('passed', null);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/pass", ['reason' => 'no'])->assertStatus(409);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$good}/restore")
        ->assertOk()
        ->assertJsonPath('passed.kind', 'pass');
});

it('questions readings that nobody should trust', function (string $fault, string $says): void {
    $job = $this->open($this->painter());
    $car = addSample($job, 'car', 'The car');
    $sample = onDesk(measureSample($job, $car, fault: $fault), $car);
    expect(implode(' ', array_column($sample['questions'], 'plain')))->toContain($says);
})->with([['unpolished', 'before polishing'], ['sanded', 'sanded paint'], ['none', 'Only one spot']]);

it('leaves a shot from the wrong spot out, and lets people decide otherwise', function (): void {
    $job = $this->open($this->painter());
    $car = addSample($job, 'car', 'The car');
    measureSample($job, $car, shots: 8);
    $answer = measureSample($job, $car, fault: 'wrong-spot', shots: 1);
    expect(onDesk($answer, $car)['reading'])->toMatchArray(['shots' => 8, 'outliers' => 1]);
    $readings = $this->getJson("/api/jobs/{$job->id}/colour/samples/{$car}/readings")
        ->assertOk()
        ->json();
    expect($readings)
        ->toHaveCount(9)
        ->and(array_filter($readings, fn (array $r): bool => $r['standsOut']))
        ->toHaveCount(1)
        ->and($readings[0]['away'])
        ->toBeGreaterThan($readings[1]['away']);
    $good = $readings[5]['id'];
    $without = onDesk(
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$car}/readings/{$good}/exclude")->assertOk(),
        $car,
    )['reading'];
    // With one shot less to compare with, another may stand out.
    expect($without['shots'] + $without['outliers'])
        ->toBe(8)
        ->and(
            onDesk(
                $this->postJson("/api/jobs/{$job->id}/colour/samples/{$car}/readings/{$good}/include")->assertOk(),
                $car,
            )['reading']['shots'],
        )
        ->toBe(8)
        ->and(ColourEvent::query()->orderBy('id')->pluck('kind')->all())
        ->toBe(['exclude', 'include']);
});

it('lays out the variants of the shelf, ranks them, and strikes one with a way back', function (): void {
    $job = $this->open($this->painter());
    measureSample($job, addSample($job, 'car', 'The car'));
    $answer = $this->postJson("/api/jobs/{$job->id}/colour/variants")->assertCreated();
    $variants = collect($answer->json('samples'))->where('kind', 'variant');
    expect($variants)
        ->toHaveCount(5)
        ->and($variants->pluck('place')->sort()->values()->all())
        ->toBe([1, 2, 3, 4, 5])
        ->and($variants->firstWhere('place', 1)['why']['plain'])
        ->toContain('off over all angles');
    $last = $variants->firstWhere('place', 5)['id'];
    $struck = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$last}/strike")->assertOk();
    expect(onDesk($struck, $last))->toMatchArray(['struck' => true, 'place' => null]);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$last}/strike")->assertOk();
    expect(onDesk($this->postJson("/api/jobs/{$job->id}/colour/samples/{$last}/restore")->assertOk(), $last)['place'])
        ->toBe(5)
        ->and(ColourEvent::query()->orderBy('id')->pluck('kind')->all())
        ->toBe(['strike', 'restore']);
    $this->postJson("/api/jobs/{$job->id}/colour/variants")->assertCreated();
    expect(ColourSample::query()->where('kind', 'variant')->count())->toBe(5);
});

it('finds the number of coats for a let-down colour', function (): void {
    $job = $this->open($this->painter(), [
        'colour' => ['name' => 'Copper Dusk', 'code' => 'CD-18', 'finish' => 'pearl', 'undercoatShade' => 4],
    ]);
    measureSample($job, addSample($job, 'car', 'The car'));
    foreach ([1, 1.5, 2, 2.5, 3] as $coats) {
        $card = addSample($job, 'card', "{$coats} coats", ['letDownCoats' => $coats, 'spraying' => sprayedAsPlanned($job)]);
        $answer = measureSample($job, $card);
    }
    expect($answer->json('isLetDownColour'))
        ->toBeTrue()
        ->and($answer->json('letDown.coats'))
        ->toBeGreaterThan(1.0)
        ->toBeLessThan(3.5)
        ->and($answer->json('letDown.stickerPercent'))
        ->toBeGreaterThan(0)
        ->toBeLessThan(100)
        ->and($answer->json('letDown.path'))
        ->toHaveCount(21);
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint")
        ->assertStatus(409)
        ->assertJsonPath(
            'detail',
            // The desk tells it to a hundredth, the sentence to a tenth: half a tenth apart at the most.
            fn (string $says): bool => preg_match(
                '/^The number of coats mends it, not a toner: spray (\d\.\d) coats of the effect layer\.$/',
                $says,
                $m,
            ) === 1 && abs((float) $m[1] - $answer->json('letDown.coats')) <= 0.0551,
        );
});

it('tells each fault at its field and keeps nothing', function (string $path, array $body, string $field): void {
    $job = $this->open($this->painter());
    $card = addSample($job, 'card', 'Card');
    $this->postJson("/api/jobs/{$job->id}/colour/" . str_replace('CARD', $card, $path), $body)
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', $field);
    expect(ColourReading::query()->count())
        ->toBe(0)
        ->and(ColourSample::query()->count())
        ->toBe(1);
})->with([
    'no kind' => ['samples', ['name' => 'X'], 'kind'],
    'no name' => ['samples', ['kind' => 'card', 'name' => ''], 'name'],
    'a bad ratio' => ['samples', ['kind' => 'card', 'name' => 'X', 'spraying' => ['ratio' => 'much']], 'spraying.ratio'],
    'a strange toner' => ['samples', ['kind' => 'card', 'name' => 'X', 'toners' => ['gold dust' => 3]], 'toners'],
    'no grams at all' => ['samples', ['kind' => 'card', 'name' => 'X', 'toners' => ['white' => 0]], 'toners'],
    'tomorrow\'s card' => ['samples', ['kind' => 'card', 'name' => 'X', 'sprayedAt' => '2099-01-01'], 'sprayedAt'],
    'no readings' => ['samples/CARD/readings', ['readings' => []], 'readings'],
    'a missing angle' => [
        'samples/CARD/readings',
        [
            'readings' => [
                ['geometry' => '15-45-110', 'viewing' => 'D65/10', 'labs' => ['15' => [100, 0, 0], '45' => [60, 0, 0]]],
            ],
        ],
        'readings.0.labs.110',
    ],
    'an unknown light' => [
        'samples/CARD/readings',
        ['readings' => [['geometry' => '45/0', 'viewing' => 'F11/10', 'labs' => ['45' => [50, 0, 0]]]]],
        'readings.0.viewing',
    ],
    'out of gamut' => [
        'samples/CARD/readings',
        ['readings' => [['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => [3, -150, 0]]]]],
        'readings.0.labs.45',
    ],
    'words for numbers' => [
        'samples/CARD/readings',
        ['readings' => [['geometry' => '45/0', 'viewing' => 'D65/10', 'labs' => ['45' => ['a', 'b', 'c']]]]],
        'readings.0.labs.45',
    ],
    'a reading that is none' => ['samples/CARD/readings', ['readings' => ['x']], 'readings.0'],
    'no shots' => ['samples/CARD/measure', ['shots' => 0, 'geometry' => '45/0'], 'shots'],
    'an unknown geometry' => ['samples/CARD/measure', ['shots' => 1, 'geometry' => '0/0'], 'geometry'],
    'an unknown verdict' => ['samples/CARD/eye', ['light' => 'shade', 'from' => 'face', 'verdict' => 'nice'], 'verdict'],
    'a cup of nothing' => ['samples/CARD/tint', ['cupGrams' => 0], 'cupGrams'],
]);

it('says what is missing before it can advise', function (): void {
    $job = $this->open($this->painter(), ['colour' => ['name' => 'Somebody\'s Blue', 'code' => '']]);
    $card = addSample($job, 'card', 'Card');
    measureSample($job, $card)->assertStatus(409)->assertJsonPath('code', 'nothing-to-measure');
    $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint")
        ->assertStatus(409)
        ->assertJsonPath('detail', 'Read the car and this card first.');
});

it('shows a neighbour nothing of the desk', function (): void {
    $job = $this->open($this->painter(), SOLID);
    $card = addSample($job, 'card', 'Card');
    measureSample($job, $card, '45/0');
    $reading = ColourReading::query()->firstOrFail()->id;
    $this->actingAs($this->lead());
    $at = "/api/jobs/{$job->id}/colour";
    $this->getJson($at)->assertStatus(404);
    $this->getJson("{$at}/file")->assertStatus(404);
    foreach (
        [
            'samples',
            'variants',
            'override',
            'close',
            'imports',
            "samples/{$card}/strike",
            "samples/{$card}/measure",
            "samples/{$card}/pass",
            "samples/{$card}/readings/{$reading}/exclude",
        ] as $path
    ) {
        $this->postJson("{$at}/{$path}", ['reason' => 'mine now', 'kind' => 'card', 'name' => 'X'])->assertStatus(404);
    }
    // Nor does a sample answer under another job of its own workshop.
    $mine = $this->open($this->painter(Workshop::query()->findOrFail($job->workshop_id)));
    $this->postJson("/api/jobs/{$mine->id}/colour/samples/{$card}/strike")->assertStatus(404);
    auth()->forgetGuards();
    $this->flushSession();
    $this->getJson("/api/jobs/{$mine->id}/colour")->assertStatus(401);
});

it('puts the same sample on the desk once', function (): void {
    $job = $this->open($this->painter());
    $id = '0b7f1a52-6a55-4a5e-9d53-2f3e6f8c0001';
    foreach ([1, 2] as $_) {
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => 'card', 'name' => 'Card'])
            ->assertCreated()
            ->assertJsonCount(1, 'samples');
    }
    addSample($job, 'car', 'The car');
    addSample($job, 'car', 'Another car');
    expect(ColourSample::query()->where('kind', 'car')->count())->toBe(1);
});

it('keeps what a card was before it was changed', function (): void {
    $job = $this->open($this->painter());
    $card = addSample($job, 'card', 'Card', ['note' => 'first']);
    $this->patchJson("/api/jobs/{$job->id}/colour/samples/{$card}", [
        'name' => 'Card, again',
        'note' => 'second',
    ])->assertOk();
    expect(ColourSample::query()->findOrFail($card)->details['note'])
        ->toBe('second')
        ->and(ColourEvent::query()->where('kind', 'edit')->firstOrFail()->body)
        ->toMatchArray(['name' => 'Card']);
});

it('touches nothing on a job that was put away', function (): void {
    $lead = $this->lead();
    $job = $this->open($lead);
    $this->postJson("/api/jobs/{$job->id}/archive")->assertNoContent();
    $this->postJson("/api/jobs/{$job->id}/colour/samples", ['kind' => 'card', 'name' => 'X'])->assertStatus(403);
    $this->getJson("/api/jobs/{$job->id}/colour")->assertOk();
});

it('answers as described', function (): void {
    $job = $this->open($this->painter(), SOLID);
    measureSample($job, addSample($job, 'car', 'The car'), '45/0');
    $card = addSample($job, 'card', 'Card', ['spraying' => [...sprayedAsPlanned($job), 'bar' => 3.0]]);
    measureSample($job, $card, '45/0');
    expectFits(json_decode((string) $this->getJson("/api/jobs/{$job->id}/colour")->getContent()), 'ColourDesk');
    expectFits(
        json_decode((string) $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint")->getContent()),
        'TintAdvice',
    );
    foreach (
        json_decode((string) $this->getJson("/api/jobs/{$job->id}/colour/samples/{$card}/readings")->getContent()) as $reading
    ) {
        expectFits($reading, 'ColourReading');
    }
});

it('loads a demo whose desks have something to say', function (): void {
    $this->seed(Database\Seeders\DemoSeeder::class);
    $this->postJson('/api/login', ['email' => 'bram@saltmarsh.example', 'password' => 'harbour-light'])->assertOk();
    $desk = fn (int $n): TestResponse => $this->getJson(
        sprintf('/api/jobs/5a17a45b-0000-4000-8000-%012d/colour', $n),
    )->assertOk();
    expect($desk(1)->json('samples'))
        ->toHaveCount(8)
        ->and($desk(6)->json('letDown.verdict'))
        ->toBeIn(['hit', 'blendable'])
        ->and($desk(2)->json('samples'))
        ->toHaveCount(2)
        // The plan with as many coats as the set says, ready to be taken over.
        ->and(array_sum(array_column(
            array_filter($desk(6)->json('letDown.sequence'), fn (array $s): bool => in_array($s['kind'], ['base', 'half'], true)),
            'film',
        )))
        ->toEqualWithDelta($desk(6)->json('letDown.coats'), 0.026);
    $tinted = sprintf('/api/jobs/5a17a45b-0000-4000-8000-%012d', 9);
    $document = $this->getJson($tinted)->assertOk()->json('document');
    $seen = $this->postJson("{$tinted}/simulate", ['document' => $document])->assertOk();
    expectFits(json_decode((string) $seen->getContent()), 'Simulation');
    expect($seen->json('layer.tries.*.off'))
        ->toEqual([-0.3, 0, 0.3])
        ->and($seen->json('layer.tries.2.difference'))
        ->toBeGreaterThan($seen->json('layer.tries.1.difference'))
        ->and($seen->json('fault'))
        ->toBe('coats');
});

it('says when the car reads like another kind of colour than the job says', function (): void {
    $job = $this->open($this->painter(), ['colour' => ['finish' => 'solid-dark']]);
    $at = "/api/jobs/{$job->id}/colour";
    $sample = $this->postJson("{$at}/samples", ['kind' => 'car', 'name' => 'Car'])->assertCreated()->json('samples.0.id');
    expect($this->getJson($at)->assertOk()->json('looksLike'))->toBeNull();
    $silver = ['15' => [138, 0, 0], '25' => [115, 0, 0], '45' => [61, 0, 0], '75' => [38, 0, 0], '110' => [37, 0, 0]];
    $this->postJson("{$at}/samples/{$sample}/readings", [
        'readings' => [['geometry' => '15-25-45-75-110', 'viewing' => 'D65/10', 'labs' => $silver]],
    ])->assertCreated()->assertJsonPath('looksLike.finish', 'metallic-light');
});
