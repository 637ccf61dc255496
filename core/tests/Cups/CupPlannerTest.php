<?php

declare(strict_types=1);

use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Cups\Vessel;
use Kalopsis\Film\Component;
use Kalopsis\Film\ComponentKind;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\Product;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Sprays;

function needOf(
    ProductRole $role,
    float $areaM2,
    float $film = 1.0,
    ?MixRatio $ratio = null,
    float $clear = 0.0,
    string $id = 'base-1',
    string $system = 'northlight-s',
): CoatNeed {
    $paint = Sprays::system($system);
    $mixture = Mixture::of($paint, $role, new MixtureSpec(1.0, $clear), $ratio);

    return new CoatNeed(
        $id,
        $id,
        $mixture,
        $areaM2,
        $film,
        $role === ProductRole::Clear ? $paint->product($role)->gun : new GunSetUp(1.4, 180, 50),
    );
}

function baseCup(float $areaM2, ?MixRatio $ratio = null, float $left = 40.0): Cup
{
    return CupPlanner::plan([needOf(ProductRole::BaseEffect, $areaM2, 1.0, $ratio)], $left)[0];
}

it('mixes area x film / (solids x transfer) plus what the gun keeps (worked by hand)', function (): void {
    // 1 m2 x 7 um / (0.28/1.75 x 0.65) = 67.31 ml, + 40 = 107.31, rounded up to 110.
    $cup = baseCup(1.0);
    expect($cup->coats[0]->volume->value())
        ->toEqualWithDelta(7 / (0.16 * 0.65), 1e-9)
        ->and($cup->total->value())
        ->toBe(110.0)
        ->and($cup->vessel->key())
        ->toBe('200');
    // 110 ml at 1:0.75 is 62.86 ml of base (0.98 g/ml) and 47.14 ml of reducer (0.87 g/ml).
    expect($cup->pours[0]->ml)
        ->toEqualWithDelta(62.857, 1e-3)
        ->and($cup->pours[0]->cumulativeGrams)
        ->toEqualWithDelta(61.6, 1e-6)
        ->and($cup->pours[1]->cumulativeGrams)
        ->toEqualWithDelta(61.6 + 41.014, 1e-3)
        ->and($cup->pours[1]->cumulativeMl)
        ->toEqualWithDelta(110.0, 1e-9);
});

it(
    'thins with a chosen ratio: as much paint to spray, less pigment in it (job practice: under-reduced covers in a coat and a half)',
    function (): void {
        $over = baseCup(1.0, MixRatio::parse('1:1.5'));
        $dry = fn ($cup): float => $cup->coats[0]->volume->value() * 0.65 * $cup->mixture->volumeSolids();
        expect($over->coats[0]->volume->value())
            ->toEqualWithDelta(7 / ((0.28 / 1.75) * 0.65), 1e-9)
            ->and($dry($over))
            ->toEqualWithDelta((7 * 1.75) / 2.5, 1e-9)
            ->and($dry(baseCup(1.0)))
            ->toEqualWithDelta(7.0, 1e-9)
            ->and($over->mixture->ratio->text())
            ->toBe('1:1.5');
    },
);

it('takes several cups when one does not hold it, and keeps the sum', function (): void {
    $cup = baseCup(40.0);
    expect($cup->count)->toBe(3)->and($cup->vessel->key())->toBe('1300');
    $poured = array_sum(array_map(fn ($p): float => $p->ml, $cup->pours)) * $cup->count;
    expect($poured)->toEqualWithDelta($cup->total->value(), 1e-9);
});

it('mixes nothing for coats without area', function (): void {
    expect(CupPlanner::plan([needOf(ProductRole::Sealer, 0.0)], 40.0))->toBe([]);
});

it('draws fill lines where the volume below them is right (frustum)', function (Vessel $vessel): void {
    foreach ([1.0, 20.0, 90.0, 0.5 * $vessel->usefulMl, $vessel->usefulMl] as $ml) {
        expect($vessel->volumeTo($vessel->lineFor($ml)))->toEqualWithDelta($ml, 1e-6);
    }
    $r = $vessel->bottomMm / 2;
    $R = $vessel->topMm / 2;
    expect($vessel->brimfulMl())
        ->toEqualWithDelta((((M_PI * $vessel->heightMm) / 3) * ($R * $R + $R * $r + $r * $r)) / 1000, 1e-9)
        ->and($vessel->lineFor($vessel->usefulMl))
        ->toBeLessThan($vessel->heightMm);
})->with([...Vessel::usual(), Vessel::of(20.0), Vessel::of(600.0), Vessel::of(9000.0), new Vessel(500.0, 90.0, 90.0, 100.0)]);

it('agrees with the trade: a bonnet and a quarter take about 0.55 L of ready clear (common practice)', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $area = $body->panel('bonnet')->areaM2() + $body->panel('quarter-left')->areaM2();
    [$first, $second] = CupPlanner::plan(
        [needOf(ProductRole::Clear, $area), needOf(ProductRole::Clear, $area, 1.1, id: 'clear-2')],
        40.0,
    );
    expect($first->total->value() + $second->total->value())->toBeGreaterThan(470)->toBeLessThan(640);
});

it('pours a let-down mixture from what is left of the base, which is filled for it too', function (): void {
    [$base, $melt] = CupPlanner::plan(
        [needOf(ProductRole::BaseEffect, 1.0), needOf(ProductRole::BaseEffect, 1.0, 1.0, null, 1.5, 'melt')],
        40.0,
    );
    expect($melt->restOf)
        ->toBe($base->id)
        ->and($melt->pours[0]->component)
        ->toContain('what is left')
        // One part of the rest, one and a half of ready blending clear (1:0.1): worked by hand.
        ->and($melt->pours[0]->ml)
        ->toEqualWithDelta($melt->total->value() / 2.5, 1e-6)
        ->and($melt->pours[1]->ml)
        ->toEqualWithDelta(($melt->total->value() * 0.6) / 1.1, 1e-6)
        ->and($base->total->value())
        ->toBeGreaterThanOrEqual($base->coats[0]->volume->value() + $melt->pours[0]->ml + 40.0 - 1e-6);
});

it('mixes apart what is reduced apart', function (): void {
    $under = Mixture::of(Sprays::system(), ProductRole::BaseEffect, new MixtureSpec(0.67), null);
    $cups = CupPlanner::plan(
        [needOf(ProductRole::BaseEffect, 1.0), new CoatNeed('wet', 'Wet', $under, 1.0, 1.0, new GunSetUp(1.4, 180, 50))],
        40.0,
    );
    expect(array_map(fn (Cup $c): string => $c->id, $cups))
        ->toBe(['base-effect', 'base-effect-2'])
        ->and($cups[1]->mixture->ratio->text())
        ->toBe('1:0.503');
});

it('thins by the reducer and never by the hardener, whatever they are called or wherever they stand', function (): void {
    $product = new Product(
        ProductRole::Clear,
        'Odd clear',
        MixRatio::parse('2:0.2:1'),
        [
            new Component('part A', 1.0, 0.5),
            new Component('let-down', 0.9, 0.0, ComponentKind::Reducer),
            new Component('part B', 1.0, 0.4, ComponentKind::Hardener),
        ],
        28.0,
        new GunSetUp(1.8, 200, 70),
    );
    $two = new Product(
        ProductRole::Clear,
        'Two-part clear',
        MixRatio::parse('2:1'),
        [new Component('A', 1.0, 0.5), new Component('B', 1.0, 0.4, ComponentKind::Hardener)],
        28.0,
        new GunSetUp(1.8, 200, 70),
    );
    expect($product->reduced($product->ratio, 0.5)->text())
        ->toBe('2:0.1:1')
        ->and($two->reduced($two->ratio, 0.5)->text())
        ->toBe('2:1');
});

it('stirs tint last into a cup of clear that was mixed for it, and takes nothing for it from the plain clear (common practice)', function (): void {
    $step = fn (string $id, string $kind, array $more = []): array => [
        'id' => $id,
        'name' => $id,
        'kind' => $kind,
        'extent' => ['kind' => 'whole-panel'],
        ...$more,
    ];
    $tinted = Bodies::planned(
        Bodies::job('bonnet', 30.0, [
            'plan' => [
                'sequence' => [$step('t', 'tinted-clear', ['mixture' => ['tint' => 0.05]]), $step('c', 'clear'), $step('d', 'clear')],
            ],
        ]),
    );
    $plain = Bodies::planned(
        Bodies::job('bonnet', 30.0, ['plan' => ['sequence' => [$step('c', 'clear'), $step('d', 'clear')]]]),
    );
    [$first, $second] = $tinted->cups;
    $last = $first->pours[count($first->pours) - 1];
    expect($first->name)
        ->toBe('Clear coat, tinted')
        ->and($first->restOf)
        ->toBeNull()
        ->and($last->component)
        ->toBe('tint for clear')
        // Five parts of tint to a hundred of ready clear.
        ->and($last->ml / (array_sum(array_map(fn ($p): float => $p->ml, $first->pours)) - $last->ml))
        ->toEqualWithDelta(0.05, 1e-9)
        ->and($second->total->value())
        ->toBe($plain->cups[0]->total->value());
});
