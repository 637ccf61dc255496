<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\ShopToner;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Str;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;

/** A shop without the demo's bench. */
function shopOfItsOwn(): Workshop
{
    $shop = Workshop::factory()->stocked()->create();
    $shop->update(['shipped_toners' => false]);

    return $shop;
}

/** What an instrument reads of a mix of shipped toners, which stand for the shop's real ones here. */
function readOf(array $grams, bool $flakes = false): array
{
    $bench = TonerLibrary::northlight();

    return ($flakes ? new EffectModel($bench) : new SolidModel($bench))->spectra($grams);
}

/** @return array<string, mixed> */
function whiteToner(): array
{
    return ['name' => 'Dune white', 'kind' => 'white', 'cards' => [['share' => 100, 'spectra' => readOf(['white' => 1.0])]]];
}

/** @return array<string, mixed> */
function redToner(array $change = []): array
{
    return [
        'name' => 'Rust red',
        'kind' => 'shade',
        'cards' => [
            ['name' => 'masstone', 'share' => 100, 'spectra' => readOf(['oxide-red' => 1.0])],
            ['name' => 'reduced', 'share' => 10, 'spectra' => readOf(['oxide-red' => 10.0, 'white' => 90.0])],
        ],
        ...$change,
    ];
}

it('begins without the invented toners, and pours one by name alone', function (): void {
    $user = $this->painter(shopOfItsOwn());
    $this->actingAs($user);
    expect($this->getJson('/api/colours')->json('toners'))->toBe([]);
    foreach ([1, 2] as $_) {
        $made = $this->postJson('/api/toners', ['name' => 'Rust red', 'kind' => 'shade'])->assertCreated();
        expectFits(json_decode((string) $made->getContent()), 'OwnToner');
    }
    expect(ShopToner::query()->count())->toBe(1)->and($made->json('fit'))->toBeNull();
    $this->postJson('/api/colours', [
        'name' => 'Brick', 'code' => 'B-1', 'finish' => 'solid-dark', 'toners' => [$made->json('key') => 250.0],
    ])->assertCreated();
    $job = $this->open($user, ['colour' => ['name' => 'Brick', 'code' => 'B-1', 'finish' => 'solid-dark']]);
    $plan = $this->getJson("/api/jobs/{$job->id}")->json('plan');
    $cup = array_values(array_filter($plan['cups'], fn (array $c): bool => $c['role'] === 'base-solid'))[0];
    $formula = $this->postJson("/api/jobs/{$job->id}/formula", [
        'cup' => $cup['id'],
    ])->assertOk();
    expect($formula->json('rows.0.name'))->toBe('Rust red')->and($formula->json('scaleError'))->toBeNull();
});

it('builds a toner from its cards, and the advice takes it from there', function (): void {
    $user = $this->painter(shopOfItsOwn());
    $this->actingAs($user);
    $this->postJson('/api/toners/fit', redToner())->assertUnprocessable()->assertJsonPath('errors.0.detail', 'The white of this paint comes first: the others are told by it.');
    $white = $this->postJson('/api/toners', whiteToner())->assertCreated()->json('key');
    $fit = $this->postJson('/api/toners/fit', redToner())->assertOk();
    expectFits(json_decode((string) $fit->getContent()), 'TonerFit');
    expect($fit->json('worst'))->toBeLessThan(0.1);
    $red = $this->postJson('/api/toners', redToner())->assertCreated()->json('key');
    $black = $this->postJson('/api/toners', [
        'name' => 'Pitch', 'kind' => 'black', 'cards' => [
            ['share' => 100, 'spectra' => readOf(['black' => 1.0])],
            ['share' => 4, 'spectra' => readOf(['black' => 4.0, 'white' => 96.0])],
        ],
    ])->assertCreated()->json('key');

    // A car with a little more black in it than the card: the advice finds the shop's own black.
    $this->postJson('/api/colours', [
        'name' => 'Brick', 'code' => 'B-1', 'finish' => 'solid-light', 'toners' => [$white => 60.0, $red => 40.0, $black => 0.5],
    ])->assertCreated();
    $job = $this->open($user, ['colour' => ['name' => 'Brick', 'code' => 'B-1', 'finish' => 'solid-light']]);
    $sample = function (string $kind, array $grams, array $more = []) use ($job): string {
        $id = (string) Str::uuid();
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => $kind, 'name' => $kind, ...$more])->assertCreated();
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
            'readings' => array_fill(0, 3, ['geometry' => '45/0', 'viewing' => 'D65/10', 'spectra' => readOf($grams)]),
        ])->assertCreated();

        return $id;
    };
    $sample('car', ['white' => 60.0, 'oxide-red' => 40.0, 'black' => 1.5]);
    $card = $sample('card', ['white' => 60.0, 'oxide-red' => 40.0, 'black' => 0.5], [
        'toners' => [$white => 60.0, $red => 40.0, $black => 0.5],
    ]);
    $advice = $this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint", [])->assertOk();
    expect($advice->json('corrections.0.pours.0.name'))->toBe('Pitch')
        // A gram more, for a hundred of the cup.
        ->and($advice->json('corrections.0.pours.0.grams'))->toEqualWithDelta(1.0, 0.15)
        ->and($advice->json('corrections.0.after'))->toBeLessThan(0.3 * $advice->json('corrections.0.before'));
});

it('says that a toner without cards comes first, and offers only toners of the job\'s paint', function (): void {
    $user = $this->painter(shopOfItsOwn());
    $this->actingAs($user);
    $white = $this->postJson('/api/toners', [...whiteToner(), 'system' => 'northlight-s'])->assertCreated()->json('key');
    $plain = $this->postJson('/api/toners', ['name' => 'Rust red', 'kind' => 'shade', 'system' => 'northlight-s'])->json('key');
    $job = $this->open($user, ['paintSystem' => 'northlight-s', 'colour' => ['name' => 'Brick', 'code' => '', 'finish' => 'solid-light']]);
    $read = function (string $kind, array $more) use ($job): string {
        $id = (string) Str::uuid();
        $spectra = readOf(['white' => 1.0, 'black' => $kind === 'car' ? 0.1 : 0.05]);
        $this->postJson("/api/jobs/{$job->id}/colour/samples", ['id' => $id, 'kind' => $kind, 'name' => $kind, ...$more])->assertCreated();
        $this->postJson("/api/jobs/{$job->id}/colour/samples/{$id}/readings", [
            'readings' => array_fill(0, 3, ['geometry' => '45/0', 'viewing' => 'D65/10', 'spectra' => $spectra]),
        ])->assertCreated();

        return $id;
    };
    $read('car', []);
    $card = $read('card', ['toners' => [$white => 90.0, $plain => 10.0]]);
    expect($this->postJson("/api/jobs/{$job->id}/colour/samples/{$card}/tint", [])->assertUnprocessable()->json('detail'))
        ->toContain('Rust red');
});

it('builds flakes from panels at five angles', function (): void {
    $this->actingAs($this->painter(shopOfItsOwn()));
    $this->postJson('/api/toners', whiteToner())->assertCreated();
    $this->postJson('/api/toners', ['name' => 'Pitch', 'kind' => 'black', 'cards' => [
        ['share' => 100, 'spectra' => readOf(['black' => 1.0])],
        ['share' => 4, 'spectra' => readOf(['black' => 4.0, 'white' => 96.0])],
    ]])->assertCreated();
    $made = $this->postJson('/api/toners', ['name' => 'Surf silver', 'kind' => 'aluminium', 'cards' => [
        ['share' => 100, 'spectra' => readOf(['alu-fine' => 100.0], true)],
        ['share' => 96, 'spectra' => readOf(['alu-fine' => 96.0, 'black' => 4.0], true)],
    ]])->assertCreated();
    expect($made->json('fit.grade'))->toBe('fine')
        ->and($made->json('fit.areaKnown'))->toBeTrue()
        // The invented fine aluminium covers 1.45 times the medium one.
        ->and($made->json('fit.area'))->toEqualWithDelta(1.45, 0.1);
});

it('refuses cards that say nothing, at their field', function (array $wish, string $field): void {
    $this->actingAs($this->painter(shopOfItsOwn()));
    $this->postJson('/api/toners', whiteToner());
    $this->postJson('/api/toners', $wish)->assertUnprocessable()->assertJsonPath('errors.0.field', $field);
    expect(ShopToner::query()->count())->toBe(1);
})->with(fn (): array => [
    'no name' => [redToner(['name' => ' ']), 'name'],
    'a kind nobody knows' => [redToner(['kind' => 'glitter']), 'kind'],
    'a share of nothing' => [redToner(['cards' => [['share' => 0, 'spectra' => readOf(['white' => 1.0])]]]), 'cards.0.share'],
    'thirty readings' => [redToner(['cards' => [['share' => 100, 'spectra' => ['45' => array_fill(0, 30, 0.2)]]]]), 'cards.0.spectra.45'],
    'darker than dark' => [redToner(['cards' => [['share' => 100, 'spectra' => ['45' => array_fill(0, 31, -0.2)]]]]), 'cards.0.spectra.45'],
    'the wrong angle' => [redToner(['cards' => [['share' => 100, 'spectra' => ['15' => array_fill(0, 31, 0.2)]]]]), 'cards.0.spectra'],
    'one card' => [redToner(['cards' => [redToner()['cards'][0]]]), 'toners'],
    'over black alone' => [redToner(['cards' => [['over' => 'black'] + redToner()['cards'][0]]]), 'toners'],
    'a paint that is not here' => [redToner(['system' => 'nowhere']), 'system'],
    'no spectra' => [redToner(['cards' => [['share' => 100]]]), 'cards.0.spectra'],
]);

it('reads cards from a file of readings, shots averaged', function (): void {
    $this->actingAs($this->painter(shopOfItsOwn()));
    $head = 'sample,shot,' . implode(',', array_map(fn (int $nm): string => "R45_{$nm}", range(400, 700, 10)));
    $line = fn (string $name, int $shot, float $r): string => "{$name},{$shot}," . implode(',', array_fill(0, 31, $r));
    $read = $this->postJson('/api/toners/readings', [
        'text' => implode("\n", [$head, $line('Rust masstone', 1, 0.10), $line('Rust masstone', 2, 0.12), $line('Rust 10', 1, 0.4)]),
    ])->assertOk();
    expectFits(json_decode((string) $read->getContent()), 'TonerReadings');
    expect(array_column($read->json('samples'), 'name'))->toBe(['Rust masstone', 'Rust 10'])
        ->and($read->json('samples.0.spectra.45.0'))->toBe(0.11);
    $this->postJson('/api/toners/readings', ['text' => "sample,L,a,b\nx,50,0,0"])->assertUnprocessable();
    $this->postJson('/api/toners/readings', ['text' => ''])->assertUnprocessable();
});

it('is a painter\'s to do, and stays in the shop', function (): void {
    $shop = shopOfItsOwn();
    $this->actingAs($this->painter($shop));
    $key = $this->postJson('/api/toners', whiteToner())->json('key');
    $this->postJson("/api/toners/{$key}/put-away")->assertOk()->assertJsonPath('putAway', true);
    $this->postJson("/api/toners/{$key}/restore")->assertOk()->assertJsonPath('putAway', false);
    $this->actingAs(User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Apprentice]));
    $this->postJson('/api/toners', whiteToner())->assertForbidden();
    $this->putJson("/api/toners/{$key}", whiteToner())->assertForbidden();
    $this->actingAs($this->painter(Workshop::factory()->create()));
    $this->putJson("/api/toners/{$key}", whiteToner())->assertNotFound();
    expect($this->getJson('/api/toners')->json('toners'))->toBe([]);
});
