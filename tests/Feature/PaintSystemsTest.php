<?php

declare(strict_types=1);

use App\Models\Happening;
use App\Models\PaintSystemRecord;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;

/** @return array<string, mixed> */
function sheetOnShelf(string $key = 'northlight-w'): array
{
    return PaintSystemRecord::query()->where('key', $key)->firstOrFail()->sheet;
}

/** The sheet with the effect base coat laid half as thick again. */
function thickerSheet(): array
{
    $sheet = sheetOnShelf();
    $sheet['products'][2]['dryFilmUm'] *= 1.5;
    $sheet['products'][2]['sheet']['source'] = ['document' => 'Sheet 203, edition 9', 'date' => '2026-11-01'];

    return $sheet;
}

it('keeps a newer sheet as the next edition: the plan keeps its own, says so, and takes the newer when asked', function (): void {
    $user = $this->painter(Workshop::factory()->stocked()->create());
    $job = $this->actingAs($user)->open($user, ['paintSystem' => 'northlight-w']);
    $cups = fn (array $bench): float => array_sum(array_column(array_column($bench['plan']['cups'], 'total'), 'value'));
    $before = $this->getJson("/api/jobs/{$job->id}")->assertOk();
    expect($before->json('document.paintEdition'))->toBe(1)
        ->and($before->json('sheets.newest'))->toBe(1);

    $kept = $this->putJson('/api/paint-systems/northlight-w', thickerSheet(), ['If-Match' => '"1"'])->assertOk();
    expectFits(json_decode((string) $kept->getContent()), 'PaintSystemSheet');
    expect($kept->json('edition'))->toBe(2)->and(count($kept->json('editions')))->toBe(2);

    $same = $this->getJson("/api/jobs/{$job->id}")->assertOk();
    expect($same->json('plan'))->toEqual($before->json('plan'))
        ->and($same->json('sheets.edition'))->toBe(1)
        ->and($same->json('sheets.newest'))->toBe(2)
        ->and(array_column($same->json('sheets.changes'), 'figure'))->toContain('dry film um');

    $document = [...$same->json('document'), 'paintEdition' => 2];
    $next = $this->putJson("/api/jobs/{$job->id}", ['document' => $document, 'change' => 'Newer sheet'], ['If-Match' => '"1"'])->assertOk();
    expect($cups($next->json()))->toBeGreaterThan($cups($before->json()))
        ->and((string) $next->getContent())->toContain('Sheet 203, edition 9')
        ->and((string) $before->getContent())->not->toContain('Sheet 203, edition 9');

    // Undone, it is what it was.
    $undone = $this->postJson("/api/jobs/{$job->id}/undo", [], ['If-Match' => '"2"'])->assertOk();
    expect($undone->json('plan'))->toEqual($before->json('plan'));
});

it('plans a new job, and one that changes its system, with the newest sheet', function (): void {
    $user = $this->painter(Workshop::factory()->stocked()->create());
    $job = $this->actingAs($user)->open($user, ['paintSystem' => 'northlight-s']);
    $this->putJson('/api/paint-systems/northlight-w', thickerSheet(), ['If-Match' => '"1"'])->assertOk();
    $document = $this->getJson("/api/jobs/{$job->id}")->json('document');
    unset($document['paintEdition']);
    $document['paintSystem'] = 'northlight-w';
    $this->putJson("/api/jobs/{$job->id}", ['document' => $document], ['If-Match' => '"1"'])->assertOk();
    expect($this->getJson("/api/jobs/{$job->id}")->json('document.paintEdition'))->toBe(2);
    $document['paintEdition'] = 7;
    $this->putJson("/api/jobs/{$job->id}", ['document' => $document], ['If-Match' => '"2"'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'paintSystem');
});

it('carries the edition a plan was made with in its file, and finds it again', function (): void {
    $user = $this->painter(Workshop::factory()->stocked()->create());
    $job = $this->actingAs($user)->open($user, ['paintSystem' => 'northlight-w']);
    $this->putJson('/api/paint-systems/northlight-w', thickerSheet(), ['If-Match' => '"1"'])->assertOk();
    $file = $this->getJson("/api/jobs/{$job->id}/file")->assertOk();
    expect($file->json('paintSystemSheet'))->toEqual($this->getJson('/api/paint-systems/northlight-w?edition=1')->json('sheet'))
        ->and($file->json())->not->toHaveKey('paintEdition');
    $id = $this->call('POST', '/api/jobs/import', content: (string) $file->getContent(), server: ['CONTENT_TYPE' => 'application/json'])
        ->assertCreated()
        ->json('id');
    $back = $this->getJson("/api/jobs/{$id}")->assertOk();
    expect($back->json('document.paintEdition'))->toBe(1)
        ->and($back->json('document.paintSystem'))->toBe('northlight-w')
        ->and(PaintSystemRecord::query()->count())->toBe(2);
});

it('does not lose what somebody typed in between, and changes nothing twice', function (): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $this->putJson('/api/paint-systems/northlight-w', thickerSheet())->assertStatus(428);
    $this->putJson('/api/paint-systems/northlight-w', thickerSheet(), ['If-Match' => '"1"'])->assertOk();
    $this->putJson('/api/paint-systems/northlight-w', sheetOnShelf(), ['If-Match' => '"1"'])->assertOk()->assertJsonPath('edition', 2);
    $other = sheetOnShelf();
    $other['note'] = 'Another note';
    $this->putJson('/api/paint-systems/northlight-w', $other, ['If-Match' => '"1"'])
        ->assertStatus(412)
        ->assertJsonPath('current', 2);
});

it('says what follows from a sheet before it is kept', function (): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $sheet = sheetOnShelf();
    $sheet['products'][4]['ratio'] = '2:1:5 %';
    $told = $this->postJson('/api/paint-systems/check', $sheet)->assertOk();
    $clear = array_values(array_filter($told->json(), fn (array $p): bool => $p['name'] === $sheet['products'][4]['name']))[0];
    // Two, one and a twentieth of three: worked by hand.
    expect($clear['shares'])->toBe([63.5, 31.7, 4.8])->and($clear['ratio'])->toBe('2:1 + 5 %');
    $this->postJson('/api/paint-systems/check', ['name' => 1])->assertUnprocessable();
    expect(PaintSystemRecord::query()->where('key', 'northlight-w')->firstOrFail()->edition)->toBe(1);
});

it('refuses impossible sheets at their field', function (callable $spoil, string $field): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $sheet = $spoil(sheetOnShelf());
    $this->putJson('/api/paint-systems/northlight-w', $sheet, ['If-Match' => '"1"'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', $field);
    expect(PaintSystemRecord::query()->where('key', 'northlight-w')->firstOrFail()->edition)->toBe(1);
})->with([
    'solids above one' => [
        fn (array $s): array => array_replace_recursive($s, ['products' => [['components' => [['volumeSolids' => 1.2]]]]]),
        'products.0.components.0.volumeSolids',
    ],
    'a negative density' => [
        fn (array $s): array => array_replace_recursive($s, ['products' => [['components' => [['densityGPerMl' => -1.0]]]]]),
        'products.0.components.0.densityGPerMl',
    ],
    'a ratio of unknown parts' => [
        fn (array $s): array => array_replace_recursive($s, ['products' => [['ratio' => '4:1:1:1']]]),
        'products.0.ratio',
    ],
    'a pot life of no time' => [
        fn (array $s): array => array_replace_recursive($s, ['products' => [['sheet' => ['potLifeMin' => 0]]]]),
        'products.0.sheet.potLifeMin',
    ],
    'grades the wrong way round' => [
        fn (array $s): array => [...$s, 'reducers' => ['fast' => 28, 'standard' => 20]],
        'reducers.standard',
    ],
    'another system\'s name' => [fn (array $s): array => [...$s, 'name' => 'Northlight S'], 'name'],
    'no products' => [fn (array $s): array => [...$s, 'products' => []], 'products'],
]);

it('writes a system to a file and takes it in again, as a table too, and tells a fault at its line', function (string $as): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $text = (string) $this->get("/api/paint-systems/northlight-s/file?as={$as}")->assertOk()->getContent();
    $read = $this->postJson('/api/paint-systems/read', ['text' => $text])->assertOk();
    expectFits(json_decode((string) $read->getContent()), 'PaintFileRead');
    expect($read->json('known.key'))->toBe('northlight-s')->and($read->json('changes'))->toBe([]);
    // Under another name and key it is another system, and plans a car.
    $sheet = [...$read->json('sheet'), 'key' => 'harbour-line', 'name' => 'Harbour Line'];
    foreach ([1, 2] as $_) {
        $this->postJson('/api/paint-systems', $sheet)->assertCreated()->assertJsonPath('edition', 1);
    }
    $this->open(User::query()->firstOrFail(), ['paintSystem' => 'harbour-line']);
    $this->postJson('/api/paint-systems/read', ['text' => $as === 'csv' ? str_replace('4:1', '4:x', $text) : '{"key": 1'])
        ->assertUnprocessable();
})->with(['json', 'csv']);

it('tells a fault of a table at its line and column', function (): void {
    $this->actingAs($this->painter(Workshop::factory()->stocked()->create()));
    $text = (string) $this->get('/api/paint-systems/northlight-w/file?as=csv')->getContent();
    $this->postJson('/api/paint-systems/read', ['text' => str_replace(',0.52,', ',5.2,', $text)])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.field', 'Line 2, solids');
    $this->postJson('/api/paint-systems/read', ['text' => "a,b\n1,2\n"])->assertUnprocessable();
    $this->postJson('/api/paint-systems/read', ['text' => ['x']])->assertUnprocessable();
});

it('keeps a system that cars on the bench are mixed from, and names them', function (): void {
    $user = $this->painter(Workshop::factory()->stocked()->create());
    $job = $this->actingAs($user)->open($user, ['paintSystem' => 'northlight-w', 'car' => ['plate' => 'MB 71 TRN']]);
    expect($this->postJson('/api/paint-systems/northlight-w/put-away')->assertUnprocessable()->json('errors.0.detail'))->toContain('MB 71 TRN');
    RepairJob::query()->where('id', $job->id)->update(['archived_at' => now()]);
    $this->postJson('/api/paint-systems/northlight-w/put-away')->assertOk()->assertJsonPath('putAway', true);
    expect(array_column($this->getJson('/api/shelf')->json('paintSystems'), 'key'))->toBe(['northlight-s'])
        ->and($this->getJson('/api/shelf')->json('paintAway.0.key'))->toBe('northlight-w');
    // What was planned with it can still be looked at.
    $this->getJson("/api/jobs/{$job->id}")->assertOk();
    $this->postJson('/api/paint-systems/northlight-w/restore')->assertOk()->assertJsonPath('putAway', false);
    expect(Happening::query()->pluck('kind')->all())->toBe(['paint-put-away', 'paint-back']);
});

it('is not an apprentice\'s to do, nor a neighbour\'s to see', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $this->actingAs($this->painter($shop))->putJson('/api/paint-systems/northlight-w', thickerSheet(), ['If-Match' => '"1"'])->assertOk();
    $this->actingAs(User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Apprentice]));
    $this->getJson('/api/paint-systems/northlight-w')->assertOk();
    $this->putJson('/api/paint-systems/northlight-w', [], ['If-Match' => '"2"'])->assertForbidden();
    $this->postJson('/api/paint-systems', [])->assertForbidden();
    $this->postJson('/api/paint-systems/read', [])->assertForbidden();
    $this->postJson('/api/paint-systems/northlight-w/put-away')->assertForbidden();
    $this->actingAs($this->painter(Workshop::factory()->create()));
    $this->getJson('/api/paint-systems/northlight-w')->assertNotFound();
    $this->get('/api/paint-systems/northlight-w/file')->assertNotFound();
    $this->getJson('/api/paint-systems/northlight-w?edition=1e9')->assertNotFound();
});

it('takes the cup of ASTM D1200 along where a sheet was entered under its former word', function (): void {
    Workshop::factory()->stocked()->create();
    $sheet = sheetOnShelf();
    $others = array_column(array_column(array_slice($sheet['products'], 3), 'sheet'), 'viscosity');
    $sheet['products'][2]['sheet']['viscosity']['cup'] = 'former-4';
    PaintSystemRecord::query()->where('key', 'northlight-w')->update(['sheet' => json_encode($sheet)]);
    (require database_path('migrations/2026_11_30_000029_cup_of_astm.php'))->up();
    $now = sheetOnShelf();
    expect($now['products'][2]['sheet']['viscosity']['cup'])->toBe('astm-4')
        ->and(array_column(array_column(array_slice($now['products'], 3), 'sheet'), 'viscosity'))->toBe($others)
        ->and(array_column($others, 'cup'))->toContain('din-4');
});
