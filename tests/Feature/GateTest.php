<?php

declare(strict_types=1);

use App\Models\ColourReading;
use App\Models\RepairJob;
use App\Models\Workshop;
use Illuminate\Testing\TestResponse;
use Kalopsis\Tests\Support\Bodies;

/*
 * The commit gate, as it is used. Cards are typed in: a silver 2 L* off everywhere, which blends; or the car's own.
 */

/** A shop that is not the demo, where nothing is painted for practice. */
function realShop(): Workshop
{
    return Workshop::factory()
        ->stocked()
        ->create(['is_demo' => false]);
}

/** @return array{string, string} car and card, both typed in and the card sprayed like the plan */
function typedPair(RepairJob $job, float $lighter = 2.0): array
{
    $ids = [];
    foreach ([['car', 'The car', 0.0], ['card', 'Card 1', $lighter]] as [$kind, $name, $by]) {
        $ids[] = $id = addSample($job, $kind, $name, $kind === 'card' ? ['spraying' => sprayedAsPlanned($job)] : []);
        $labs = [];
        foreach ([15 => 138.0, 25 => 115.0, 45 => 61.0, 75 => 38.0, 110 => 37.5] as $angle => $l) {
            $labs[$angle] = [$l + $by, -0.4, -0.9];
        }
        test()
            ->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
                'readings' => array_fill(0, 3, ['geometry' => '15-25-45-75-110', 'viewing' => 'D65/10', 'labs' => $labs]),
            ])
            ->assertCreated();
    }

    return [$ids[0], $ids[1]];
}

function pass(RepairJob $job, string $card): TestResponse
{
    return test()->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/pass");
}

function lookAllRound(RepairJob $job, string $card, string $verdict, string ...$lights): void
{
    foreach ($lights as $light) {
        foreach (['face', 'near-face', 'flop'] as $from) {
            lookAt($job, $card, $verdict, $light, $from);
        }
    }
}

it('lets a typed card pass that was looked at, and not one that nobody has looked at', function (): void {
    $job = $this->open($this->painter(realShop()));
    [, $card] = typedPair($job);
    pass($job, $card)->assertConflict()->assertJsonPath('detail', fn (string $d): bool => str_contains($d, 'Nobody has looked'));
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertCreated()->assertJsonPath('passed.simulated', false);
});

it('keeps the source of every reading, and lets simulated ones pass only for practice', function (): void {
    $job = $this->open($this->painter(realShop()));
    $car = addSample($job, 'car', 'The car');
    measureSample($job, $car)->assertCreated();
    $card = addSample($job, 'card', 'Card 1', ['spraying' => sprayedAsPlanned($job)]);
    $answer = measureSample($job, $card)->assertCreated();
    lookAt($job, $card, 'blendable');
    expect(ColourReading::query()->where('colour_sample_id', $card)->pluck('source')->unique()->all())
        ->toBe(['simulated'])
        ->and(onDesk($answer, $card)['sources'])
        ->toBe(['simulated, for practice'])
        ->and($answer->json('practice'))
        ->toBeFalse()
        ->and($this->getJson("/api/jobs/{$job->id}")->json('plan.simulated'))
        ->toBeTrue();
    pass($job, $card)->assertConflict();
    $this->save($job, ['practice' => true], $job->refresh()->head)->assertSuccessful();
    pass($job, $card)->assertCreated()->assertJsonPath('passed.simulated', true);
    // Not for practice any more: the pass does not carry over to a car that is painted.
    $this->save($job, ['practice' => false], $job->refresh()->head)->assertSuccessful();
    expect($this->getJson("/api/jobs/{$job->id}/colour")->json('passed'))->toBeNull();
});

it('lets simulated readings pass in the demo workshop', function (): void {
    $job = $this->open($this->painter());
    measureSample($job, addSample($job, 'car', 'The car'));
    $card = addSample($job, 'card', 'Card 1', ['spraying' => sprayedAsPlanned($job)]);
    measureSample($job, $card);
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertCreated()->assertJsonPath('passed.simulated', true);
});

it('counts a typed car against a simulated card as simulated', function (): void {
    $job = $this->open($this->painter(realShop()));
    [$car] = typedPair($job);
    $card = addSample($job, 'card', 'Card 2', ['spraying' => sprayedAsPlanned($job)]);
    measureSample($job, $card);
    lookAt($job, $card, 'blendable');
    expect($car)->not->toBe('');
    pass($job, $card)->assertConflict();
});

it('asks a butt match of a card whose colour ends at a gap', function (array $plan, int $status): void {
    $job = $this->open($this->painter(realShop()), ['plan' => $plan]);
    [, $card] = typedPair($job);
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertStatus($status);
})->with([
    'it fades' => [[], 201],
    'edge to edge' => [['school' => 'edge-to-edge'], 409],
]);

it('asks a butt match where one neighbour is butted', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $job = $this->open($this->painter(realShop()), [
        'repairs' => [['shape' => ['xMm' => $box->x1 - 200.0]]],
        'plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => 'butt']]],
    ]);
    [, $card] = typedPair($job, 2.5);
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertConflict();
    [, $same] = typedPair($job, 0.0);
    lookAt($job, $same);
    pass($job, $same)->assertCreated();
});

it('lets a card pass by eye: two lights, three directions, every answer given', function (): void {
    $job = $this->open($this->painter(realShop()));
    $before = $this->getJson("/api/jobs/{$job->id}")->json('plan.need.figure.value');
    $card = addSample($job, 'card', 'Card 1', ['spraying' => sprayedAsPlanned($job)]);
    pass($job, $card)->assertConflict();
    lookAllRound($job, $card, 'blendable', 'shade');
    pass($job, $card)->assertConflict();
    lookAllRound($job, $card, 'blendable', 'daylight-lamp');
    pass($job, $card)->assertCreated()->assertJsonPath('passed.byEye', true);
    $bench = $this->getJson("/api/jobs/{$job->id}");
    // The plan is drawn out for what an eye lets through.
    expect($bench->json('plan.need.figure.value'))
        ->toBeGreaterThan($before)
        ->and($bench->json('plan.stations.4.state.plain'))
        ->toBe('open: the card passed by eye');
});

it('passes nothing by eye that one look calls off, or that must butt and only blends', function (): void {
    $job = $this->open($this->painter(realShop()));
    $card = addSample($job, 'card', 'Card 1', ['spraying' => sprayedAsPlanned($job)]);
    lookAllRound($job, $card, 'matches', 'shade', 'daylight-lamp');
    lookAt($job, $card, 'off', 'daylight-lamp', 'flop');
    pass($job, $card)->assertConflict();
    lookAt($job, $card, 'matches', 'daylight-lamp', 'flop');
    pass($job, $card)->assertCreated();

    $edge = $this->open($this->painter(realShop()), ['plan' => ['school' => 'edge-to-edge']]);
    $card = addSample($edge, 'card', 'Card 1', ['spraying' => sprayedAsPlanned($edge)]);
    lookAllRound($edge, $card, 'blendable', 'shade', 'daylight-lamp');
    pass($edge, $card)->assertConflict();
});

it('says in words why a pass fell, and takes it up again when the plan is the old one', function (): void {
    $job = $this->open($this->painter(realShop()));
    [, $card] = typedPair($job);
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertCreated()->assertJsonPath('fallen', null);
    $plan = $this->getJson("/api/jobs/{$job->id}")->json('plan');
    $steps = $plan['sequence'];
    $at = (int) collect($steps)->search(fn (array $s): bool => $s['id'] === 'base-3');
    $reach = collect($plan['coats'])->firstWhere('id', 'base-3')['reach']['value'];
    $steps[$at]['extent']['reachMm'] = $reach + 40.0;
    $this->save($job, ['plan' => ['sequence' => $steps]], $job->refresh()->head)->assertSuccessful();
    $desk = $this->getJson("/api/jobs/{$job->id}/colour")->assertOk();
    expect($desk->json('passed'))
        ->toBeNull()
        ->and($desk->json('fallen.because.0.plain'))
        ->toBe('Base 3 now reaches 40 mm further.');
    expectFits(json_decode((string) $desk->getContent()), 'ColourDesk');
    $this->withHeaders(['If-Match' => '"2"'])
        ->postJson("/api/jobs/{$job->id}/undo")
        ->assertSuccessful();
    expect($this->getJson("/api/jobs/{$job->id}/colour")->json('passed.sample'))->toBe($card);
});

it('keeps a pass for what does not change the colour', function (array $change): void {
    $job = $this->open($this->painter(realShop()));
    [, $card] = typedPair($job);
    lookAt($job, $card, 'blendable');
    pass($job, $card)->assertCreated();
    $this->save($job, $change, $job->refresh()->head)->assertSuccessful();
    expect($this->getJson("/api/jobs/{$job->id}/colour")->json('passed.sample'))->toBe($card);
})->with([
    'a plate' => [['car' => ['plate' => 'NEW 1']]],
    'what stays in the gun' => [['plan' => ['remainderMl' => 60]]],
    'a degree in the booth' => [['booth' => ['temperatureC' => 22.5]]],
    'a practice mark' => [['practice' => true]],
]);

it('judges the colour at the number of coats that a let-down set said, once the plan takes it over', function (): void {
    $job = $this->open($this->painter(realShop()), [
        'colour' => ['name' => 'Copper Dusk', 'code' => 'CD-11', 'finish' => 'metallic-dark', 'undercoatShade' => 5],
    ]);
    // Darker with every coat; the car lies between the second and the third card.
    $labs = fn (float $coats): array => array_map(
        fn (float $l): array => [$l * 0.8 ** $coats, 5.0 + 0.8 * $coats, 6.0 + 1.2 * $coats],
        [15 => 110.0, 25 => 85.0, 45 => 50.0, 75 => 30.0, 110 => 26.0],
    );
    $card = '';
    foreach ([['car', 'The car', 2.3], ['card', 'One', 1.0], ['card', 'Two', 2.0], ['card', 'Three', 3.0]] as [$kind, $name, $coats]) {
        $how = $kind === 'card' ? ['letDownCoats' => $coats, 'spraying' => sprayedAsPlanned($job)] : [];
        $id = addSample($job, $kind, $name, $how);
        $card = $name === 'Two' ? $id : $card;
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
            'readings' => array_fill(0, 3, [
                'geometry' => '15-25-45-75-110',
                'viewing' => 'D65/10',
                'labs' => $labs($coats),
            ]),
        ])->assertCreated();
    }
    $before = $this->getJson("/api/jobs/{$job->id}/colour");
    expect($before->json('letDown.coats'))->toEqualWithDelta(2.3, 0.15);
    $change = ['colour' => ['name' => 'Copper Dusk', 'code' => 'CD-11', 'finish' => 'metallic-dark', 'undercoatShade' => 5]];
    $steps = $this->getJson("/api/jobs/{$job->id}")->json('plan.sequence');
    $sprays = function (float $each) use ($job, $steps, $change): TestResponse {
        $layer = array_map(fn (array $s): array => $s['kind'] === 'base' ? [...$s, 'film' => $each] : $s, $steps);
        $change['plan'] = ['letDown' => true, 'sequence' => $layer];
        $this->save($job, $change, $job->refresh()->head)->assertSuccessful();

        return $this->getJson("/api/jobs/{$job->id}/colour");
    };
    $base = count(array_filter($steps, fn (array $s): bool => $s['kind'] === 'base'));
    $after = $sprays($before->json('letDown.coats') / $base);
    expect(onDesk($after, $card)['verdict']['gapIndex'])
        ->toBeLessThan(onDesk($before, $card)['verdict']['gapIndex'])
        ->and(onDesk($after, $card)['verdict']['grade'])
        ->toBe('butt')
        // Another number of coats is another colour, whatever the set said.
        ->and(onDesk($sprays(1.2), $card)['verdict']['gapIndex'])
        ->toBeGreaterThan(onDesk($after, $card)['verdict']['gapIndex']);
});
