<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Exception\BadFormula;
use Kalopsis\Tint\Exception\UnknownToner;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\KubelkaMunk;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\Surface;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

uses(Eris\TestTrait::class);

it('turns reflectance into K/S and back: K/S = (1 - R)^2 / 2R', function (): void {
    $this->limitTo(100)
        ->forAll(Generators::choose(1, 999))
        ->then(function (int $n): void {
            $r = $n / 1000;
            expect(KubelkaMunk::infinite(KubelkaMunk::ratio($r), 1.0))->toEqualWithDelta($r, 1e-12);
        });
    // Kubelka and Munk 1931: R = 0.5 is K/S = 0.25.
    expect(KubelkaMunk::ratio(0.5))
        ->toBe(0.25)
        ->and(KubelkaMunk::infinite(1.0, 0.0))
        ->toBe(0.0)
        ->and(KubelkaMunk::infinite(0.0, 1.0))
        ->toBe(1.0);
});

it('is the ground under no film and the thick film under much', function (): void {
    expect(KubelkaMunk::over(0.3, 1.0, 0.0, 0.7))
        ->toBe(0.7)
        ->and(KubelkaMunk::over(0.3, 1.0, 1e6, 0.0))
        ->toEqualWithDelta(KubelkaMunk::infinite(0.3, 1.0), 1e-12)
        ->and(KubelkaMunk::over(0.3, 1.0, 1e6, 1.0))
        ->toEqualWithDelta(KubelkaMunk::infinite(0.3, 1.0), 1e-12)
        // Nothing absorbs, over black: R = Sh/(Sh + 1), Kubelka 1948.
        ->and(KubelkaMunk::over(0.0, 1.0, 3.0, 0.0))
        ->toEqualWithDelta(0.75, 1e-9)
        // A film over its own thick colour does not change it.
        ->and(KubelkaMunk::over(0.3, 1.0, 0.4, KubelkaMunk::infinite(0.3, 1.0)))
        ->toEqualWithDelta(KubelkaMunk::infinite(0.3, 1.0), 1e-12);
});

it('agrees with light followed layer by layer through the film', function (): void {
    // The oracle: dj = -(S+K) j dx + S i dx, integrated in thin layers added to the ground (Stokes).
    foreach ([[0.2, 1.0, 1.5, 0.1], [2.0, 0.5, 0.8, 0.8], [0.01, 2.0, 0.3, 0.4]] as [$k, $s, $h, $ground]) {
        $r = $ground;
        $n = 20_000;
        $d = $h / $n;
        for ($i = 0; $i < $n; $i++) {
            $r += ($s * (1 + $r * $r) - 2 * ($k + $s) * $r) * $d;
        }
        expect(KubelkaMunk::over($k, $s, $h, $ground))->toEqualWithDelta($r, 1e-4);
    }
});

it('hides better with more film, and never less', function (): void {
    $this->limitTo(150)
        ->forAll(Generators::choose(1, 500), Generators::choose(1, 300), Generators::choose(1, 500))
        ->then(function (int $k, int $s, int $h): void {
            [$k, $s, $h] = [$k / 100, $s / 100, $h / 100];
            $thin = KubelkaMunk::contrastRatio($k, $s, $h);
            $thick = KubelkaMunk::contrastRatio($k, $s, $h * 1.3);
            expect($thick)
                ->toBeGreaterThanOrEqual($thin - 1e-12)
                ->and($thick)
                ->toBeLessThanOrEqual(1.0 + 1e-12)
                ->and($thin)
                ->toBeGreaterThan(0.0)
                ->and(KubelkaMunk::over($k * 1.2, $s, $h, 0.5))
                ->toBeLessThanOrEqual(KubelkaMunk::over($k, $s, $h, 0.5) + 1e-12);
        });
});

it('takes the surface off and puts it on (Saunderson 1942)', function (): void {
    $this->limitTo(100)
        ->forAll(Generators::choose(0, 1000))
        ->then(function (int $n): void {
            expect(Surface::inside(Surface::outside($n / 1000)))
                ->toEqualWithDelta($n / 1000, 1e-12)
                ->and(Surface::outside($n / 1000))
                ->toBeLessThanOrEqual($n / 1000 + 1e-12);
        });
    expect(Surface::outside(1.0))
        ->toEqualWithDelta(1.0 - Surface::K1, 1e-12)
        ->and(Surface::outside(0.0))
        ->toBe(0.0);
});

it('makes solids whose single-wavelength reflectance is two-constant theory with the surface on', function (): void {
    $library = TonerLibrary::northlight();
    $white = $library->toner('white');
    $black = $library->toner('black');
    $ratio = (3 * $white->k[15] + 1 * $black->k[15]) / (3 * $white->s[15] + 1 * $black->s[15]);
    expect((new SolidModel($library))->spectra(['white' => 3.0, 'black' => 1.0])[45][15])->toEqualWithDelta(
        Surface::outside(KubelkaMunk::infinite($ratio, 1.0)),
        1e-12,
    );
});

it('cares for shares, not for the size of the cup', function (): void {
    $library = TonerLibrary::northlight();
    foreach (
        [[new SolidModel($library), Colours::LICHEN], [new EffectModel($library), Colours::SILVER]] as [$model, $grams]
    ) {
        $double = $model->spectra(array_map(fn (float $g): float => 2 * $g, $grams));
        foreach ($model->spectra($grams) as $angle => $values) {
            expect($double[$angle])->toEqualWithDelta($values, 1e-12);
        }
    }
});

it('has smooth and plausible toners: white over all, black under all, each colour where its name says', function (): void {
    $library = TonerLibrary::northlight();
    $model = new SolidModel($library);
    $lab = fn (array $g) => Colours::of($model, $g)->at(45);
    expect(count(array_filter($library->toners, fn ($t) => ! $t->kind->isForEffects())))
        ->toBe(15)
        ->and($lab(['white' => 1.0])->l)
        ->toBeGreaterThan(92.0)
        ->and($lab(['white' => 1.0])->chroma())
        ->toBeLessThan(6.0)
        ->and($lab(['black' => 1.0])->l)
        ->toBeLessThan(5.0)
        ->and($lab(['scarlet' => 1.0])->a)
        ->toBeGreaterThan(35.0)
        ->and($lab(['lemon' => 1.0])->b)
        ->toBeGreaterThan(80.0)
        ->and($lab(['green' => 1.0])->a)
        ->toBeLessThan(-30.0)
        ->and($lab(['blue-red' => 1.0])->b)
        ->toBeLessThan(-40.0)
        ->and($lab(['oxide-red' => 1.0])->hueDegrees())
        ->toBeGreaterThan(15.0)
        ->toBeLessThan(45.0);
    foreach ($library->toners as $toner) {
        for ($i = 1; $i < 31; $i++) {
            expect(abs($toner->k[$i] - $toner->k[$i - 1]))->toBeLessThan(0.8, "{$toner->key} jumps");
        }
        expect(min($toner->k))->toBeGreaterThanOrEqual(0.0)->and(min($toner->s))->toBeGreaterThanOrEqual(0.0);
    }
});

it('lets aluminium grades and the adjuster act as the trade knows them (common practice)', function (): void {
    $model = new EffectModel(TonerLibrary::northlight());
    $at = fn (array $g, int $angle): float => Colours::of($model, $g)->at($angle)->l;
    $base = ['alu-medium' => 60.0, 'black' => 1.5];
    $with = fn (array $more): array => [...$base, ...$more];
    // Coarse: brighter face, darker flop than fine. Adjuster: lighter flop, duller face.
    expect($at(['alu-coarse' => 60.0, 'black' => 1.5], 15))
        ->toBeGreaterThan($at(['alu-fine' => 60.0, 'black' => 1.5], 15))
        ->and($at(['alu-coarse' => 60.0, 'black' => 1.5], 45))
        ->toBeLessThan($at(['alu-fine' => 60.0, 'black' => 1.5], 45))
        ->and($at($with(['flop-adjuster' => 10.0]), 110))
        ->toBeGreaterThan($at($base, 110))
        ->and($at($with(['flop-adjuster' => 10.0]), 15))
        ->toBeLessThan($at($base, 15))
        ->and($at($with(['black' => 6.0]), 45))
        ->toBeLessThan($at($base, 45))
        // White in a metallic veils it: darker face, lighter flop.
        ->and($at($with(['white' => 8.0]), 15))
        ->toBeLessThan($at($base, 15))
        ->and($at($with(['white' => 8.0]), 110))
        ->toBeGreaterThan($at($base, 110));
});

it('keeps mass: additions add up, scaling keeps shares', function (): void {
    $formula = Formula::of(Colours::LICHEN);
    expect($formula->plus(['black' => 4.0, 'violet' => 1.5])->total())
        ->toEqualWithDelta($formula->total() + 5.5, 1e-9)
        ->and($formula->scaledTo(50.0)->total())
        ->toEqualWithDelta(50.0, 1e-9)
        ->and($formula->scaledTo(50.0)->gramsOf('green') / 50.0)
        ->toEqualWithDelta($formula->gramsOf('green') / $formula->total(), 1e-12)
        ->and($formula->plus(['green' => -9999.0])->gramsOf('green'))
        ->toBe(0.0)
        ->and($formula->gramsOf('violet'))
        ->toBe(0.0);
});

it('refuses formulas nobody can pour', function (array $grams): void {
    Formula::of($grams);
})
    ->with([[[]], [['white' => 0.0]], [['white' => -1.0]], [['white' => NAN]], [['white' => INF]], [['white' => 1e9]]])
    ->throws(BadFormula::class);

it('knows its own toners only', function (): void {
    $library = TonerLibrary::northlight();
    expect($library->has('white'))
        ->toBeTrue()
        ->and($library->has('mauve'))
        ->toBeFalse()
        ->and($library->toner('pearl-gold')->kind)
        ->toBe(TonerKind::Pearl)
        ->and(fn () => $library->toner('mauve'))
        ->toThrow(UnknownToner::class, 'mauve');
});

it('makes other batches of the same toners, the same for the same seed', function (): void {
    $one = TonerLibrary::northlight()->batch(5, 0.04);
    expect($one)
        ->toEqual(TonerLibrary::northlight()->batch(5, 0.04))
        ->not->toEqual(TonerLibrary::northlight()->batch(6, 0.04));
    foreach ($one->toners as $key => $toner) {
        expect($toner->k[10] / TonerLibrary::northlight()->toner($key)->k[10])
            ->toBeGreaterThan(0.959)
            ->toBeLessThan(1.041);
    }
});
