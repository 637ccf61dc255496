<?php

declare(strict_types=1);

use Kalopsis\Film\Air;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\ClearGrade;
use Kalopsis\Film\DataSheet;
use Kalopsis\Film\HardenerSpeed;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\PopRisk;
use Kalopsis\Film\ProductRole;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerChoice;
use Kalopsis\Film\ReductionStrategy;
use Kalopsis\Film\Viscosity;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\UnitSystem;

function reducedBase(MixtureSpec $spec, ?string $ratio = null): Mixture
{
    return Mixture::of(
        Sprays::system(),
        ProductRole::BaseEffect,
        $spec,
        $ratio === null ? null : MixRatio::parse($ratio),
    );
}

it('under-reduces 1:1 to 7:3.5, some 10 to 11 parts where 14 are usual (common practice)', function (): void {
    $spec = ReductionStrategy::Under->spec(Sprays::system()->product(ProductRole::BaseEffect));
    $ratio = reducedBase($spec ?? new MixtureSpec(), '7:7')->ratio;
    expect($ratio->text())->toBe('7:3.5')->and($ratio->total())->toBe(10.5);
});

it('puts strategies in their order: pigment falls and it gets thinner', function (): void {
    $product = Sprays::system()->product(ProductRole::BaseEffect);
    $before = null;
    foreach (['under', 'standard', 'upper-end', 'over'] as $key) {
        $spec = ReductionStrategy::from($key)->spec($product);
        assert($spec !== null);
        $mixture = reducedBase($spec);
        if ($before !== null) {
            expect($mixture->volumeSolids())
                ->toBeLessThan($before->volumeSolids())
                ->and(Viscosity::atSheet($mixture))
                ->toBeLessThan(Viscosity::atSheet($before));
        }
        $before = $mixture;
    }
    // Half and half, and two parts in five of what the base was: common practice for the last coat.
    $solids = fn (ReductionStrategy $s): float => reducedBase($s->spec($product) ?? new MixtureSpec())->pigmentShare();
    expect($solids(ReductionStrategy::ClearOneToOne))->toBeGreaterThan($solids(ReductionStrategy::ClearHalfMore));
});

it('offers no reduction of what nobody thins, and no blending clear for clear', function (): void {
    $system = Sprays::system();
    foreach (ReductionStrategy::cases() as $strategy) {
        $solvent = $strategy->spec($system->product(ProductRole::FadeSolvent));
        expect($solvent === null)->toBe($strategy !== ReductionStrategy::Standard);
    }
    expect(ReductionStrategy::ClearOneToOne->spec($system->product(ProductRole::Clear)))->toBeNull();
});

it('knows the data sheet\'s window from both sides', function (float $reducer, int $against): void {
    expect(reducedBase(new MixtureSpec($reducer))->againstWindow())->toBe($against);
})->with([
    // 75 % standard; 60 to 90 % on the invented sheet.
    [0.79, -1],
    [0.8, 0],
    [1.0, 0],
    [1.2, 0],
    [1.22, 1],
]);

it('is as thick as the sheet says when mixed as the sheet says, and thicker when cold', function (): void {
    $standard = reducedBase(new MixtureSpec());
    $sheet = $standard->product->sheet->viscosity;
    $v = Viscosity::atSheet($standard) ?? 0.0;
    expect($sheet?->compare($v))
        ->toBe(0)
        ->and(Viscosity::of($standard, 10.0))
        ->toBeGreaterThan($v)
        // Common practice: 1:1 runs like water beside 1:0.5, twice the viscosity and more.
        ->and((Viscosity::atSheet(reducedBase(new MixtureSpec(), '1:0.5')) ?? 0) /
            (Viscosity::atSheet(reducedBase(new MixtureSpec(), '1:1')) ?? 1))
        ->toBeGreaterThan(2.0);
});

it('names the second best and what would turn the choice', function (): void {
    $choice = ReducerChoice::of(Carrier::Solvent, new Air(22.0, 50.0), 1.0, false);
    $turns = array_map(fn ($p): string => $p->in(UnitSystem::Metric), $choice->turns());
    expect($choice->advised->key())
        ->toBe('standard')
        ->and($choice->second()->key())
        ->toBe('fast')
        ->and(implode('; ', $turns))
        ->toContain('above 25 °C: slow')
        ->toContain('below 18 °C: fast');
    // The turn is where it says: a kelvin short of it the choice still stands.
    foreach ([[24.0, 'standard'], [26.5, 'slow']] as [$celsius, $grade]) {
        expect(Reducer::at(round(Reducer::advised($celsius, 1.0, false)->level()))->key())->toBe($grade);
    }
    expect(ReducerChoice::of(Carrier::Solvent, new Air(24.6, 50.0), 1.0, false)->second()->key())->toBe('slow');
});

it('picks waterborne reducer by the humidity and the heat of the air, not by a mild day\'s thermometer (common practice)', function (): void {
    $key = fn (float $c, float $rh, float $m2 = 1.0): string => Reducer::advisedIn(
        Carrier::Waterborne,
        new Air($c, $rh),
        $m2,
        false,
    )->key();
    expect($key(22, 50))
        ->toBe('standard')
        ->and($key(18, 50))
        ->toBe('standard')
        ->and($key(22, 85))
        ->toBe('fast')
        ->and($key(22, 25))
        ->toBe('slow')
        ->and($key(35, 25))
        ->toBe('extra-slow')
        ->and($key(22, 50, 4.0))
        ->toBe('slow');
    $choice = ReducerChoice::of(Carrier::Waterborne, new Air(22.0, 50.0), 1.0, false);
    $turns = implode('; ', array_map(fn ($p): string => $p->in(UnitSystem::Metric), $choice->turns()));
    expect($turns)->toContain('above 72% humidity: fast')->toContain('humidity: slow');
});

it('takes the fastest hardener that keeps the edge: two panels fast, a whole side not (common practice)', function (): void {
    expect(HardenerSpeed::for(4.0, 20.0))
        ->toBe(HardenerSpeed::Fast)
        ->and(HardenerSpeed::for(8.0, 20.0))
        ->toBe(HardenerSpeed::Standard)
        ->and(HardenerSpeed::for(4.0, 30.0))
        ->not->toBe(HardenerSpeed::Fast)
        ->and(HardenerSpeed::for(60.0, 20.0))
        ->toBe(HardenerSpeed::Slow);
});

it('halves a pot life for every ten to twelve kelvin (common practice)', function (): void {
    $sheet = new DataSheet(potLifeMin: 60.0);
    $ratio = ($sheet->potLifeAt(31.0) ?? 0.0) / ($sheet->potLifeAt(20.0) ?? 1.0);
    expect($ratio)
        ->toEqualWithDelta(0.5, 1e-9)
        ->and($sheet->potLifeAt(20.0))
        ->toBe(60.0)
        ->and((new DataSheet())->potLifeAt(20.0))
        ->toBeNull();
});

it('fears for thick coats, and more where nobody waits (common practice)', function (): void {
    expect(PopRisk::of(1.0, true))
        ->toBe(PopRisk::Low)
        ->and(PopRisk::of(1.3, true))
        ->toBe(PopRisk::Raised)
        ->and(PopRisk::of(1.3, false))
        ->toBe(PopRisk::High)
        ->and(PopRisk::of(1.8, true))
        ->toBe(PopRisk::High);
});

it('swaps the clear for another of the shop\'s and nothing else', function (): void {
    $system = Sprays::system();
    $premium = $system->withClear(ClearGrade::Premium);
    expect($premium?->product(ProductRole::Clear)->sheet->grade)
        ->toBe(ClearGrade::Premium)
        ->and($premium?->product(ProductRole::BaseEffect))
        ->toBe($system->product(ProductRole::BaseEffect))
        ->and($system->product(ProductRole::Clear)->sheet->grade)
        ->toBe(ClearGrade::Production);
});

it('makes an over-reduced mix from the remains of a stronger one, never the other way (pigment is conserved)', function (): void {
    $strong = reducedBase(new MixtureSpec());
    $weak = reducedBase(new MixtureSpec(1.5));
    $share = $weak->shareOf($strong);
    assert($share !== null);
    expect($share * $strong->volumeSolids())
        ->toEqualWithDelta($weak->volumeSolids(), 1e-12)
        ->and($strong->shareOf($weak))
        ->toBeNull()
        ->and($strong->shareOf($strong))
        ->toBeNull();
    $sealer = Mixture::of(Sprays::system(), ProductRole::Sealer, new MixtureSpec(2.0), null);
    expect($sealer->shareOf($strong))->toBeNull();
    // Hardener and binder have to stand in the same proportion: 3:1:2 cannot come from 4:1:1.
    $other = Mixture::of(Sprays::system(), ProductRole::Sealer, new MixtureSpec(), MixRatio::parse('3:1:2'));
    expect($other->shareOf(Mixture::of(Sprays::system(), ProductRole::Sealer, new MixtureSpec(), null)))->toBeNull();
});
