<?php

declare(strict_types=1);

use App\Models\BodyShapeRecord;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Kalopsis\Tests\Support\Bodies;

it('fits a car to a tape, puts it on the shelf once, and plans on it', function (): void {
    $user = $this->painter();
    $this->actingAs($user);
    $all = $this->getJson('/api/silhouettes')->assertOk();
    expectFits(json_decode((string) $all->getContent())[0], 'Silhouette');
    $wish = ['name' => 'Fern 2', 'lengths' => ['front-door-width' => 1210, 'door-height' => 770, 'bonnet-width' => 1390.5]];
    $fit = $this->postJson('/api/silhouettes/saloon/fit', ['lengths' => $wish['lengths']])->assertOk();
    expectFits(json_decode((string) $fit->getContent()), 'TapedCar');
    $reads = array_column($fit->json('tapes'), 'reads', 'key');
    expect($reads['front-door-width']['value'])
        ->toEqual(1210)
        ->and($reads['door-height']['value'])
        ->toEqual(770)
        ->and(BodyShapeRecord::query()->where('workshop_id', $user->workshop_id)->whereNotNull('tape')->count())
        ->toBe(0);
    foreach ([1, 2] as $_) {
        $kept = $this->postJson('/api/silhouettes/saloon', $wish)->assertCreated();
        expectFits(json_decode((string) $kept->getContent()), 'TapedBody');
    }
    expect(BodyShapeRecord::query()->whereNotNull('tape')->count())->toBe(1)->and($kept->json('key'))->toBe('fern-2');
    $this->postJson('/api/silhouettes/van', ['name' => 'Fern 2', 'lengths' => []])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'name');
    $job = Bodies::job();
    $job['car']['bodyShape'] = 'fern-2';
    $plan = $this->postJson('/api/jobs', ['document' => $job])->assertCreated();
    expect($plan->json('plan.need'))->not->toBeNull();
    // A car is planned on it: it keeps its shape.
    $this->putJson('/api/bodies/fern-2/tape', ['name' => 'Fern 2', 'lengths' => ['door-height' => 700]])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', fn (string $d): bool => str_contains($d, $plan->json('document.car.plate')));
});

it('puts a taped car right as long as nothing is planned on it', function (): void {
    $this->actingAs($this->lead());
    $this->postJson('/api/silhouettes/part-door', ['name' => 'Loose door', 'lengths' => ['width' => 1000, 'height' => 700]])->assertCreated();
    $this->putJson('/api/bodies/loose-door/tape', ['name' => 'Loose door', 'lengths' => ['width' => 1050]])->assertOk();
    $box = $this->getJson('/api/bodies/loose-door')->json('panels.0.box');
    expect($box[2] - $box[0])
        ->toEqualWithDelta(1050.0, 0.3)
        ->and($this->getJson('/api/bodies/loose-door/tape')->json('lengths'))
        ->toBe(['width' => 1050]);
    $this->getJson('/api/bodies/marlo-tern/tape')->assertNotFound();
    $this->actingAs($this->lead(Workshop::factory()->create()))->getJson('/api/bodies/loose-door/tape')->assertNotFound();
});

it('says which lengths are wrong, at their fields', function (array $lengths, string $field): void {
    $this->actingAs($this->painter());
    $this->postJson('/api/silhouettes/estate/fit', ['lengths' => $lengths])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', $field);
})->with([
    [['wing-length' => 500, 'bonnet-length' => 1600, 'door-height' => 750], 'lengths.wing-length'],
    [['wing-length' => 'long'], 'lengths.wing-length'],
    [['wing-length' => -3], 'lengths.wing-length'],
    [['antenna' => 300], 'lengths.antenna'],
]);

it('lets no apprentice put cars on the shelf, and knows no other silhouettes', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $wren = User::factory()->for($shop)->create(['role' => Role::Apprentice]);
    $this->actingAs($wren)->postJson('/api/silhouettes/van', ['name' => 'X', 'lengths' => []])->assertForbidden();
    $this->postJson('/api/silhouettes/rocket/fit', ['lengths' => []])->assertNotFound();
    $this->actingAs($this->painter($shop))->postJson('/api/silhouettes/van', ['lengths' => []])->assertUnprocessable();
});
