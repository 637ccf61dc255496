<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Cups\CupShelf;
use Kalopsis\Cups\CupWish;
use Kalopsis\Cups\Pour;
use Kalopsis\Cups\Pouring;
use Kalopsis\Cups\Vessel;
use Kalopsis\Film\Air;
use Kalopsis\Film\Component;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Sprays;

uses(Eris\TestTrait::class);

function wantedCoat(string $id, ProductRole $role, MixtureSpec $spec = new MixtureSpec(), float $areaM2 = 1.0): CoatNeed
{
    $mixture = Mixture::of(Sprays::system(), $role, $spec, null);

    return new CoatNeed($id, $id, $mixture, $areaM2, 1.0, new GunSetUp(1.4, 180, 50));
}

/**
 * @param list<CoatNeed> $coats
 * @param array<string, CupWish> $wishes
 * @return array<string, Cup>
 */
function cupsFor(array $coats, array $wishes = [], float $celsius = 20.0): array
{
    $cups = [];
    foreach (CupPlanner::plan($coats, 40.0, $wishes, new Air($celsius, 50.0)) as $cup) {
        $cups[$cup->id] = $cup;
    }

    return $cups;
}

$pigment = fn (Mixture $m, float $ml): float => $ml * $m->volumeSolids() * $m->pigmentShare();

it('makes an over-reduced coat from what is left, with reducer alone, and fills the first cup for it', function () use ($pigment): void {
    ['base-effect' => $base, 'base-effect-2' => $over] = cupsFor([
        wantedCoat('b1', ProductRole::BaseEffect),
        wantedCoat('b2', ProductRole::BaseEffect, new MixtureSpec(1.5)),
    ]);
    [$rest, $reducer] = $over->pours;
    expect($over->restOf)
        ->toBe('base-effect')
        ->and($over->name)
        ->toBe('Base coat, over-reduced')
        ->and($reducer->component)
        ->toBe('reducer')
        // 1:0.75 to 1:1.125: three eighths of a part to 1.75 parts of the rest (worked by hand).
        ->and($reducer->ml / $rest->ml)
        ->toEqualWithDelta(0.375 / 1.75, 1e-9)
        ->and([$rest->parts, round($reducer->parts, 4)])
        ->toBe([1.0, 0.2143])
        ->and($base->forRestMl)
        ->toEqualWithDelta($rest->ml, 1e-9)
        ->and($base->total->value())
        ->toBeGreaterThanOrEqual($base->coatsMl() + $rest->ml + 40.0);
    // What was in the rest is in the mix: pigment, and weight.
    expect($pigment($base->mixture, $rest->ml))
        ->toEqualWithDelta($pigment($over->mixture, $over->total->value()), 1e-9)
        ->and($rest->grams)
        ->toEqualWithDelta($rest->ml * $base->mixture->densityGPerMl(), 1e-6);
});

it('takes the newest remains there are: each coat thinner than the one before comes out of its cup', function () use ($pigment): void {
    $cups = cupsFor([
        wantedCoat('b1', ProductRole::BaseEffect),
        wantedCoat('b2', ProductRole::BaseEffect, new MixtureSpec(1.3)),
        wantedCoat('b3', ProductRole::BaseEffect, new MixtureSpec(1.6)),
    ]);
    expect($cups['base-effect-3']->restOf)
        ->toBe('base-effect-2')
        ->and($pigment($cups['base-effect-2']->mixture, $cups['base-effect-3']->pours[0]->ml))
        ->toEqualWithDelta($pigment($cups['base-effect-3']->mixture, $cups['base-effect-3']->total->value()), 1e-9);
});

it('conserves pigment and volume through any chain of remains', function () use ($pigment): void {
    $this->limitTo(60)
        ->forAll(Generators::choose(100, 200), Generators::choose(20, 400), Generators::choose(1, 300))
        ->then(function (int $reducer, int $clear, int $area) use ($pigment): void {
            $cups = cupsFor([
                wantedCoat('b1', ProductRole::BaseEffect, new MixtureSpec(), $area / 100),
                wantedCoat('b2', ProductRole::BaseEffect, new MixtureSpec($reducer / 100), $area / 50),
                wantedCoat('b3', ProductRole::BaseEffect, new MixtureSpec(1.0, $clear / 100), $area / 100),
            ]);
            foreach ($cups as $cup) {
                $poured = array_sum(array_map(fn (Pour $p): float => $p->ml, $cup->pours)) * $cup->count;
                expect($poured)->toEqualWithDelta($cup->total->value(), 1e-6);
                if ($cup->restOf !== null) {
                    $from = $cups[$cup->restOf];
                    expect($pigment($from->mixture, $cup->pours[0]->ml * $cup->count))
                        ->toEqualWithDelta($pigment($cup->mixture, $cup->total->value()), 1e-6);
                }
            }
        });
});

it('scales every line with the cup', function (): void {
    $this->limitTo(60)
        ->forAll(Generators::choose(10, 600), Generators::choose(2, 40), Generators::elements(...ProductRole::cases()))
        ->then(function (int $ml, int $tenths, ProductRole $role): void {
            $mixture = Mixture::of(Sprays::system(), $role, new MixtureSpec(), null);
            $one = Pouring::of($mixture, $ml, Vessel::of(1300.0), null);
            foreach (Pouring::of($mixture, $ml * $tenths / 10, Vessel::of(1300.0), null) as $i => $pour) {
                expect($pour->ml)
                    ->toEqualWithDelta($one[$i]->ml * $tenths / 10, 1e-9)
                    ->and($pour->cumulativeGrams)
                    ->toEqualWithDelta($one[$i]->cumulativeGrams * $tenths / 10, 1e-9)
                    ->and($pour->parts)
                    ->toBe($one[$i]->parts);
            }
        });
});

it('mixes 4:1:2 and 2:1 + 5 % as they are told (common practice, worked by hand)', function (): void {
    $pours = fn (ProductRole $role, string $ratio, float $ml): array => array_map(
        fn (Pour $p): float => round($p->ml, 6),
        Pouring::of(
            Mixture::of(Sprays::system(), $role, new MixtureSpec(), MixRatio::parse($ratio)),
            $ml,
            Vessel::of(750.0),
            null,
        ),
    );
    expect($pours(ProductRole::Sealer, '4:1:2', 350.0))
        ->toBe([200.0, 50.0, 100.0])
        ->and($pours(ProductRole::Clear, '2:1 + 5 %', 315.0))
        ->toBe([200.0, 100.0, 15.0])
        // A primer thinned by 15 % of what is there, as a sealer.
        ->and($pours(ProductRole::Sealer, '4:1 + 15 %', 575.0))
        ->toBe([400.0, 100.0, 75.0]);
});

it('lets the second clear follow what the first really took, and a tenth more (common practice)', function (): void {
    $coats = [wantedCoat('c1', ProductRole::Clear, areaM2: 2.0), wantedCoat('c2', ProductRole::Clear, areaM2: 2.0)];
    $plain = cupsFor($coats);
    expect($plain['clear']->name)
        ->toBe('Clear coat 1')
        ->and($plain['clear-2']->name)
        ->toBe('Clear coat 2')
        ->and($plain['clear-2']->follows)
        ->toBe('clear')
        ->and($plain['clear-2']->total->value())
        ->toBeGreaterThanOrEqual(1.1 * $plain['clear']->coatsMl() - 1e-9)
        ->toBeLessThan(1.1 * $plain['clear']->coatsMl() + 10.0);
    // 300 mixed and 50 left: 250 went out, 275 are wanted, 280 are mixed.
    $total = $plain['clear']->total->value();
    $typed = cupsFor($coats, ['clear' => new CupWish(leftMl: $total - 250.0)]);
    expect($typed['clear-2']->total->value())
        ->toBe(280.0)
        ->and(cupsFor($coats, ['clear' => new CupWish(leftMl: 2 * $total)])['clear-2']->total->value())
        ->toBe(0.0);
});

it('says what to pour off of what is left before it is thinned, or what is missing (common practice)', function (): void {
    $coats = [wantedCoat('b1', ProductRole::BaseEffect), wantedCoat('b2', ProductRole::BaseEffect, new MixtureSpec(1.5))];
    $wanted = cupsFor($coats)['base-effect']->forRestMl;
    $left = fn (float $ml): ?float => cupsFor($coats, ['base-effect' => new CupWish(leftMl: $ml)])['base-effect']->overRestMl;
    expect($left($wanted + 35.0))
        ->toEqualWithDelta(35.0, 1e-9)
        ->and($left($wanted - 20.0))
        ->toEqualWithDelta(-20.0, 1e-9)
        ->and(cupsFor($coats)['base-effect']->overRestMl)
        ->toBeNull();
});

it('says whether what is on hand is enough, in coats', function (): void {
    $coats = [wantedCoat('b1', ProductRole::BaseEffect), wantedCoat('b2', ProductRole::BaseEffect)];
    $one = cupsFor($coats)['base-effect']->coats[0]->volume->value();
    $has = fn (float $ml): array => json_decode(
        (string) json_encode(cupsFor($coats, ['base-effect' => new CupWish(onHandMl: $ml)])['base-effect']),
        true,
    )['onHand'];
    expect($has(1.5 * $one))
        ->toMatchArray(['enough' => false, 'coats' => 1.5])
        ->and($has(2 * $one + 0.1))
        ->toMatchArray(['enough' => true])
        ->and($has(0.0)['coats'])
        ->toBe(0);
});

it('goes into the cups a painter has, and says how many of each size it would take', function (): void {
    $coats = [wantedCoat('b1', ProductRole::BaseEffect, areaM2: 10.0)];
    $cup = cupsFor($coats, ['base-effect' => new CupWish(vessel: '200')])['base-effect'];
    $splits = array_column((new CupShelf())->splits($cup->total->value()), 'count', 'vessel');
    expect($cup->vessel->key())
        ->toBe('200')
        ->and($cup->count)
        ->toBe($splits['200'])
        ->and($cup->count * 200.0)
        ->toBeGreaterThanOrEqual($cup->total->value())
        ->and(($cup->count - 1) * 200.0)
        ->toBeLessThan($cup->total->value())
        ->and($splits['1300'])
        ->toBe(1);
});

it('costs what its parts cost, and nothing is guessed where a price is missing (worked by hand)', function (): void {
    $mixture = cupsFor([wantedCoat('b1', ProductRole::BaseEffect)])['base-effect']->mixture;
    // 1:0.75 of 88 and 14 a litre: (88 + 10.5) / 1.75 = 56.29 a litre.
    expect(CupPlanner::cost($mixture, 500.0))->toEqualWithDelta(28.14, 0.005);
    $without = new Component('base', 1.0, 0.3);
    expect($without->pricePerL)->toBeNull();
});

it('keeps a cup of two-pack shorter in a warm booth', function (): void {
    $clear = [wantedCoat('c1', ProductRole::Clear)];
    $lives = fn (float $celsius): float => cupsFor($clear, [], $celsius)['clear']->potLifeMin ?? 0.0;
    expect($lives(20.0))->toBe(60.0)->and($lives(30.0))->toBeLessThan(35.0)->and($lives(10.0))->toBeGreaterThan(100.0);
    expect(cupsFor([wantedCoat('b1', ProductRole::BaseEffect)])['base-effect']->potLifeMin)->toBeNull();
});

it('agrees with the trade: a whole small car takes some three cups of 0.6 L of base, and as much clear (common practice)', function (): void {
    $area = 0.0;
    $body = Bodies::shipped('quill-3');
    foreach ($body->panels as $panel) {
        $area += $panel->areaM2();
    }
    $base = cupsFor(array_map(fn (int $i): CoatNeed => wantedCoat("b{$i}", ProductRole::BaseEffect, areaM2: $area), [1, 2, 3]));
    $clear = cupsFor(array_map(fn (int $i): CoatNeed => wantedCoat("c{$i}", ProductRole::Clear, areaM2: $area), [1, 2]));
    $sprayed = array_sum(array_map(fn (Cup $cup): float => $cup->coatsMl(), array_values($clear)));
    expect($base['base-effect']->total->value())
        ->toBeGreaterThan(1500.0)
        ->toBeLessThan(2250.0)
        ->and($sprayed / $base['base-effect']->total->value())
        ->toBeGreaterThan(0.8)
        ->toBeLessThan(1.25);
});
