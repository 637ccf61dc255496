<?php

declare(strict_types=1);

use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Cups\Vessel;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Tests\Support\Bodies;

/** @param array<string, MixRatio> $ratios */
function baseCup(float $areaM2, array $ratios = [], float $left = 40.0): Kalopsis\Cups\Cup
{
    $system = (new Bodies())->paintSystem('northlight-s');
    assert($system !== null);

    return CupPlanner::plan([new CoatNeed('base-1', 'Base 1', ProductRole::BaseEffect, $areaM2, 1.0, new GunSetUp(1.4, 180, 50))], $system, $ratios, $left)[0];
}

it('mixes area x film / (solids x transfer) plus what the gun keeps (worked by hand)', function (): void {
    // 1 m2 x 7 um / (0.28/1.75 x 0.65) = 67.31 ml, + 40 = 107.31, rounded up to 110.
    $cup = baseCup(1.0);
    expect($cup->coats[0]->volume->value())->toEqualWithDelta(7 / (0.16 * 0.65), 1e-9)
        ->and($cup->total->value())->toBe(110.0)
        ->and($cup->vessel)->toBe(Vessel::Small);
    // 110 ml at 1:0.75 is 62.86 ml of base (0.98 g/ml) and 47.14 ml of reducer (0.87 g/ml).
    expect($cup->pours[0]->ml)->toEqualWithDelta(62.857, 1e-3)
        ->and($cup->pours[0]->cumulativeGrams)->toEqualWithDelta(61.6, 1e-6)
        ->and($cup->pours[1]->cumulativeGrams)->toEqualWithDelta(61.6 + 41.014, 1e-3)
        ->and($cup->pours[1]->cumulativeMl)->toEqualWithDelta(110.0, 1e-9);
});

it('thins with a chosen ratio: as much paint to spray, less pigment in it (job practice: under-reduced covers in a coat and a half)', function (): void {
    $over = baseCup(1.0, ['base-effect' => MixRatio::parse('1:1.5')]);
    $dry = fn ($cup): float => $cup->coats[0]->volume->value() * 0.65 * $cup->mix->volumeSolids();
    expect($over->coats[0]->volume->value())->toEqualWithDelta(7 / (0.28 / 1.75 * 0.65), 1e-9)
        ->and($dry($over))->toEqualWithDelta(7 * 1.75 / 2.5, 1e-9)->and($dry(baseCup(1.0, [])))->toEqualWithDelta(7.0, 1e-9)
        ->and($over->mix->ratio->text())->toBe('1:1.5');
});

it('takes several cups when one does not hold it, and keeps the sum', function (): void {
    $cup = baseCup(40.0);
    expect($cup->count)->toBe(3)->and($cup->vessel)->toBe(Vessel::Tall);
    $poured = array_sum(array_map(fn ($p): float => $p->ml, $cup->pours)) * $cup->count;
    expect($poured)->toEqualWithDelta($cup->total->value(), 1e-9);
});

it('mixes nothing for coats without area', function (): void {
    $system = (new Bodies())->paintSystem('northlight-s');
    assert($system !== null);
    expect(CupPlanner::plan([new CoatNeed('sealer', 'Sealer', ProductRole::Sealer, 0.0, 1.0, new GunSetUp(1.4, 180, 50))], $system, [], 40.0))->toBe([]);
});

it('draws fill lines where the volume below them is right (frustum)', function (Vessel $vessel): void {
    foreach ([1.0, 20.0, 90.0, 0.5 * $vessel->usefulMl(), $vessel->usefulMl()] as $ml) {
        expect($vessel->volumeTo($vessel->lineFor($ml)))->toEqualWithDelta($ml, 1e-6);
    }
    $size = $vessel->size();
    $r = $size['bottomMm'] / 2;
    $R = $size['topMm'] / 2;
    expect($vessel->brimfulMl())->toEqualWithDelta(M_PI * $size['heightMm'] / 3 * ($R * $R + $R * $r + $r * $r) / 1000, 1e-9)
        ->and($vessel->lineFor($vessel->usefulMl()))->toBeLessThan($size['heightMm']);
})->with(Vessel::cases());

it('agrees with the trade: a bonnet and a quarter take about 0.55 L of ready clear (common practice)', function (): void {
    $system = (new Bodies())->paintSystem('northlight-s');
    assert($system !== null);
    $body = Bodies::shipped('marlo-tern');
    $area = $body->panel('bonnet')->areaM2() + $body->panel('quarter-left')->areaM2();
    $gun = $system->product(ProductRole::Clear)->gun;
    $cup = CupPlanner::plan([
        new CoatNeed('clear-1', 'Clear 1', ProductRole::Clear, $area, 1.0, $gun),
        new CoatNeed('clear-2', 'Clear 2', ProductRole::Clear, $area, 1.1, $gun),
    ], $system, [], 40.0)[0];
    expect($cup->total->value())->toBeGreaterThan(470)->toBeLessThan(640);
    expect($cup->coats[1]->volume->value() / $cup->coats[0]->volume->value())->toEqualWithDelta(1.1, 1e-9);
});
