<?php

declare(strict_types=1);

use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Voc;
use Kalopsis\Film\VocRules;
use Kalopsis\Tests\Support\Sprays;

function vocOf(ProductRole $role, ?string $ratio = null, string $system = 'northlight-s'): float
{
    return Voc::lessWater(
        Mixture::of(Sprays::system($system), $role, new MixtureSpec(), $ratio === null ? null : MixRatio::parse($ratio)),
    );
}

it('counts a solvent coating as its volatile mass (EPA Method 24, worked by hand in pounds and gallons)', function (): void {
    // 10 lb/gal, half of its mass volatile and none of it water: 5 lb/gal.
    $tenLb = 10.0 * Voc::G_PER_L_IN_LB_PER_GAL;
    expect(Voc::measured($tenLb, 0.5, 0.0) / Voc::G_PER_L_IN_LB_PER_GAL)->toEqualWithDelta(5.0, 1e-9);
});

it('leaves water out of mass and of volume (EPA Method 24, worked by hand)', function (): void {
    // 10 lb/gal, 60 % volatile, 40 % water: 2 lb of solvent; 4 lb of water are 4/8.32 = 0.481 gal; 2/0.519 = 3.85 lb/gal.
    $voc = Voc::measured(10.0 * Voc::G_PER_L_IN_LB_PER_GAL, 0.6, 0.4) / Voc::G_PER_L_IN_LB_PER_GAL;
    expect($voc)->toEqualWithDelta(3.85, 0.005);
    // The same with a tenth of it exempt solvent of 1.3 g/ml (10.85 lb/gal): 1 lb; 0.481 + 1/10.85 = 0.573; 1/0.427 = 2.34.
    $exempt = Voc::measured(10.0 * Voc::G_PER_L_IN_LB_PER_GAL, 0.6, 0.4, 0.1, 1300.0) / Voc::G_PER_L_IN_LB_PER_GAL;
    expect($exempt)->toEqualWithDelta(2.34, 0.01);
});

it('knows a pound in a gallon: 119.826 g/l (NIST SP 811)', function (): void {
    expect(Voc::G_PER_L_IN_LB_PER_GAL)->toEqualWithDelta(119.8264, 1e-4);
});

it('refuses a litre with more water than fits', function (float $density, float $volatiles, float $water): void {
    Voc::measured($density, $volatiles, $water);
})
    ->with([[4000, 0.9, 0.5], [1000, 0.3, 0.4], [NAN, 0.5, 0.1]])
    ->throws(DomainException::class);

it('balances a mix by volume: half base of 28 % solids and half reducer is 86 % solvent (worked by hand)', function (): void {
    // 0.86 l x 0.87 kg/l = 748 g.
    expect(vocOf(ProductRole::BaseEffect, '1:1'))->toEqualWithDelta(748.2, 0.05);
});

it('adds up with reducer, and counts waterborne base without its water', function (): void {
    expect(vocOf(ProductRole::BaseEffect, '1:1.5'))
        ->toBeGreaterThan(vocOf(ProductRole::BaseEffect))
        // Common practice: solvent base does not meet the European limit, waterborne base does.
        ->and(vocOf(ProductRole::BaseEffect))
        ->toBeGreaterThan(VocRules::Eu->limitGPerL(ProductRole::BaseEffect))
        ->and(vocOf(ProductRole::BaseEffect, null, 'northlight-w'))
        ->toBeLessThan(VocRules::Eu->limitGPerL(ProductRole::BaseEffect));
});

it('takes a topcoat of stages together: base and twice the clear by three (40 CFR 59 subpart B, worked by hand)', function (): void {
    expect(Voc::multistage(6.0, [], 3.3))
        ->toEqualWithDelta(4.2, 1e-9)
        // A mid coat makes it four parts.
        ->and(Voc::multistage(6.0, [5.4], 3.3))
        ->toEqualWithDelta(4.5, 1e-9);
});

it('has the limits of both laws', function (): void {
    // 2004/42/EC annex II table B, g/l; 40 CFR 59.102 table 1, given there in lb/gal as well: 4.6, 5.0, 5.2 and 7.0.
    $lb = fn (ProductRole $role, int $stages = 2): float => round(
        VocRules::Us->limitGPerL($role, $stages) / Voc::G_PER_L_IN_LB_PER_GAL,
        1,
    );
    expect(VocRules::Eu->limitGPerL(ProductRole::Sealer))
        ->toBe(540.0)
        ->and(VocRules::Eu->limitGPerL(ProductRole::Clear))
        ->toBe(420.0)
        ->and($lb(ProductRole::Sealer))
        ->toBe(4.6)
        ->and($lb(ProductRole::Clear))
        ->toBe(5.0)
        ->and($lb(ProductRole::Clear, 3))
        // 5.2 in the table; its 630 g/l come to 5.26.
        ->toEqualWithDelta(5.2, 0.11)
        ->and($lb(ProductRole::FadeSolvent))
        ->toBe(7.0);
});
