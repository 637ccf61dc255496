<?php

declare(strict_types=1);

use App\Models\BodyShapeRecord;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Kalopsis\Tests\Support\Bodies;

it('downloads a file that fits the published schema and comes back as the same job', function (): void {
    $user = $this->painter();
    $job = $this->open($user, [
        'plan' => [
            'coats' => ['base-2' => ['reachMm' => 95]],
            'ratios' => ['base-effect' => '+60 %'],
            'sides' => [['panel' => 'front-door-left', 'neighbour' => 'sill-left', 'choice' => 'butt']],
        ],
    ]);
    $file = $this->getJson("/api/jobs/{$job->id}/file")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="marlo-tern-mb-24-trn.kalopsis.json"')
        ->json();
    expect($this->fitsSchema($file))->toBeTrue();

    $elsewhere = $this->painter(Workshop::factory()->create());
    $again = $this->actingAs($elsewhere)->postJson('/api/jobs/import', $file)->assertCreated();
    $first = $this->actingAs($user)
        ->getJson("/api/jobs/{$job->id}")
        ->json();
    // The sentence goes with the file to be read, and is nothing the job keeps.
    expect($file['verdict'])->toBe($first['plan']['verdict']['plain'])->and($again->json('document'))->not->toHaveKey('verdict');
    // The formula stays at home; the shares of its flakes go along, so that the plan stays the same.
    $document = $again->json('document');
    expect($document['colour']['flakes'])->not->toBe([]);
    unset($document['colour']['flakes']);
    expect($again->json('plan'))->toEqual($first['plan'])->and($document)->toEqual($first['document']);
    expect(RepairJob::query()->where('workshop_id', $elsewhere->workshop_id)->count())->toBe(1);
});

it('puts another body of the same key beside the one on the shelf', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $file = $this->getJson("/api/jobs/{$job->id}/file")->json();
    $file['bodyShapeSvg'] = str_replace('data-name="Marlo Tern"', 'data-name="Marlo Tern long"', $file['bodyShapeSvg']);
    $this->postJson('/api/jobs/import', $file)->assertCreated()->assertJsonPath('document.car.bodyShape', 'marlo-tern-2');
    $this->postJson('/api/jobs/import', $file)->assertCreated()->assertJsonPath('document.car.bodyShape', 'marlo-tern-2');
    expect(BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->count())->toBe(5);
});

it('keeps a shape and a sheet that came with a job off the shelf of who may not change it', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
    $apprentice = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Apprentice]);
    $job = $this->open($this->painter($shop));
    $file = $this->getJson("/api/jobs/{$job->id}/file")->json();
    $svg = str_replace(['data-key="marlo-tern"', 'data-name="Marlo Tern"'], ['data-key="long-tern"', 'data-name="Long Tern"'], $file['bodyShapeSvg']);
    $file = [...$file, 'bodyShapeSvg' => $svg, 'paintSystemSheet' => [...$file['paintSystemSheet'], 'key' => 'odd-line', 'name' => 'Odd Line']];
    $shelf = function (User $who): array {
        $json = $this->actingAs($who)->getJson('/api/shelf')->assertOk()->json();

        return [in_array('long-tern', array_column($json['bodyShapes'], 'key'), true),
            in_array('odd-line', array_column($json['paintSystems'], 'key'), true)];
    };
    $taken = $this->actingAs($apprentice)->postJson('/api/jobs/import', $file)->assertCreated();
    // The job has both; nobody else is offered them.
    expect($taken->json('document.car.bodyShape'))->toBe('long-tern')
        ->and($taken->json('plan.verdict'))->not->toBeNull()
        ->and($shelf($apprentice))->toBe([false, false]);
    $this->postJson("/api/jobs/{$taken->json('id')}/preview", ['document' => $taken->json('document')])->assertOk();
    // A lead who adds the same drawing puts it on the shelf.
    $this->actingAs($lead)->postJson('/api/bodies', ['svg' => $svg])->assertCreated();
    expect($shelf($lead))->toBe([true, false]);
});

it('takes in all or nothing', function (): void {
    $user = $this->painter(Workshop::factory()->create());
    $file = [
        ...Bodies::job(change: ['repairs' => [['shape' => ['radiusMm' => -1]]]]),
        'bodyShapeSvg' => Bodies::svg('marlo-tern'),
        'paintSystemSheet' => json_decode(
            (string) file_get_contents(base_path('data/paint-systems/northlight-s.json')),
            true,
        ),
    ];
    $this->actingAs($user)
        ->postJson('/api/jobs/import', $file)
        ->assertStatus(422)
        ->assertJsonPath('errors.0.field', 'repairs.0.shape.radiusMm');
    expect(BodyShapeRecord::query()->count())
        ->toBe(0)
        ->and(RepairJob::query()->count())
        ->toBe(0);
});

it('agrees with the schema about what is wrong', function (array $change): void {
    expect($this->fitsSchema(Bodies::job()))->toBeTrue()->and($this->fitsSchema(Bodies::job(change: $change)))->toBeFalse();
    $this->actingAs($this->painter())
        ->postJson('/api/jobs', ['document' => Bodies::job(change: $change)])
        ->assertStatus(422);
})->with([
    [['booth' => ['temperatureC' => 95]]],
    [['colour' => ['finish' => 'matt']]],
    [['repairs' => [['shape' => ['radiusMm' => 0]]]]],
    [['plan' => ['school' => '']]],
    [
        [
            'plan' => [
                'sequence' => [
                    [
                        'id' => 'a',
                        'name' => 'A',
                        'kind' => 'base',
                        'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.4, 'reachMm' => 5000],
                    ],
                ],
            ],
        ],
    ],
    [['repairs' => [['under' => ['greyShade' => 9]]]]],
    [['car' => ['label' => '']]],
    [['plan' => ['sides' => [['panel' => 'a', 'neighbour' => 'b', 'choice' => 'hope']]]]],
]);

it('plans the same on the command line', function (): void {
    $user = $this->painter();
    $job = $this->open($user);
    $file = $this->getJson("/api/jobs/{$job->id}/file")->getContent();
    $run = function (string $in): array {
        $process = proc_open(
            [PHP_BINARY, base_path('bin/kalopsis'), 'plan'],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        assert(is_resource($process));
        fwrite($pipes[0], $in);
        fclose($pipes[0]);
        $out = json_decode((string) stream_get_contents($pipes[1]), true);

        return [$out, proc_close($process)];
    };
    [$plan, $status] = $run((string) $file);
    expect($status)
        ->toBe(0)
        ->and($plan)
        ->toEqual($this->getJson("/api/jobs/{$job->id}")->json('plan'));
    [$faults, $status] = $run('{"car":{}}');
    expect($status)->toBe(1)->and(array_column($faults['errors'], 'field'))->toContain('car.label', 'plan.school');
    expect($run('no json')[1])->toBe(1);
});
