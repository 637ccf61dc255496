<?php

declare(strict_types=1);

use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tint\Drawdown;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Exception\BadDrawdowns;
use Kalopsis\Tint\Exception\NotMeasured;
use Kalopsis\Tint\FlakeFit;
use Kalopsis\Tint\KubelkaMunk;
use Kalopsis\Tint\SolidFit;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\Surface;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

/** A white that scatters the same everywhere, as the fit takes white to be. */
function plainWhite(): Toner
{
    return new Toner('white', 'White', TonerKind::White, array_fill(0, 31, 0.002), array_fill(0, 31, 1.0));
}

/** What an instrument makes of a spectrum: off by so much of it, a new amount at each wavelength. */
function readWithNoise(array $values, float $share, Random $chance): Spectrum
{
    $off = fn (): float => 1.0 + $share * (2.0 * $chance->uniform() - 1.0);

    return Spectrum::of(array_map(fn (float $v): float => max(1e-4, $v * $off()), $values));
}

/** @return list<Drawdown> masstone and lighter ones of a toner of the shipped bench, with white */
function cardsOf(Toner $toner, array $shares, float $noise = 0.0, int $seed = 1): array
{
    $model = new SolidModel(TonerLibrary::of([plainWhite(), $toner]));
    $chance = new Random($seed);

    return array_map(fn (float $share): Drawdown => Drawdown::hiding($share, readWithNoise(
        $model->spectra([$toner->key => $share, 'white' => 100.0 - $share])[45],
        $noise,
        $chance,
    )), $shares);
}

it('finds absorption and scattering of toners again from masstone and one with white', function (string $key): void {
    $toner = TonerLibrary::northlight()->toner($key);
    $found = SolidFit::of('own', 'Own', $toner->kind, plainWhite(), cardsOf($toner, [100.0, 10.0]))->toner;
    foreach ([0, 10, 20, 30] as $i) {
        // Exact but for rounding: two cards and two unknowns.
        expect($found->k[$i])->toEqualWithDelta($toner->k[$i], 1e-6 + 1e-5 * $toner->k[$i])
            ->and($found->s[$i])->toEqualWithDelta($toner->s[$i], 1e-6 + 1e-5 * $toner->s[$i]);
    }
})->with(['black', 'oxide-yellow', 'oxide-red', 'magenta', 'blue-green']);

it('predicts a mix that was never drawn down from cards read with an instrument\'s noise', function (string $key): void {
    $toner = TonerLibrary::northlight()->toner($key);
    $worst = 0.0;
    for ($seed = 1; $seed <= 20; $seed++) {
        // Half a per cent of what is read is about 0.1 in CIEDE2000 from shot to shot.
        $found = SolidFit::of($key, 'Own', $toner->kind, plainWhite(), cardsOf($toner, [100.0, 20.0, 5.0], 0.005, $seed))->toner;
        $lab = fn (Toner $t): \Kalopsis\Colour\Lab => Spectrum::of(
            (new SolidModel(TonerLibrary::of([plainWhite(), $t])))->spectra([$key => 50.0, 'white' => 50.0])[45],
        )->lab(Viewing::paint());
        $worst = max($worst, Ciede2000::between($lab($found), $lab($toner)));
    }
    // No more than three times the noise of the cards it was made from.
    expect($worst)->toBeLessThan(0.3);
})->with(['black', 'oxide-yellow', 'magenta', 'blue-red']);

it('says how far a card that does not belong is from what the others say', function (): void {
    $toner = TonerLibrary::northlight()->toner('oxide-red');
    $cards = cardsOf($toner, [100.0, 20.0]);
    $good = SolidFit::of('own', 'Own', TonerKind::Shade, plainWhite(), $cards)->residuals;
    // Twelve in a hundred, labelled ten.
    $wrong = Drawdown::hiding(10.0, Spectrum::of(cardsOf($toner, [12.0])[0]->read));
    $bad = SolidFit::of('own', 'Own', TonerKind::Shade, plainWhite(), [...$cards, $wrong])->residuals;
    expect(max(array_column($good, 'dE')))->toBeLessThan(0.01)
        ->and(max(array_column($bad, 'dE')))->toBeGreaterThan(0.5);
});

it('sees through a film that does not hide: Kubelka\'s film over black and white gives the thick one again', function (): void {
    $toner = TonerLibrary::northlight()->toner('warm-yellow');
    [$black, $white] = [0.02, 0.75];
    foreach ([0.6, 2.0, 8.0] as $h) {
        $over = fn (float $ground): Spectrum => Spectrum::of(array_map(
            fn (float $k, float $s): float => Surface::outside(KubelkaMunk::over($k, $s, $h, Surface::inside($ground))),
            $toner->k,
            $toner->s,
        ));
        $bare = fn (float $r): Spectrum => Spectrum::of(array_fill(0, 31, $r));
        $card = Drawdown::over(100.0, $over($black), $over($white), $bare($black), $bare($white));
        foreach ([0, 12, 30] as $i) {
            expect($card->inside[$i])->toEqualWithDelta(KubelkaMunk::infinite($toner->k[$i], $toner->s[$i]), 1e-4);
        }
    }
});

it('takes white for what the others are told by', function (): void {
    $read = Spectrum::of(array_fill(0, 31, 0.85));
    $fit = SolidFit::white('white', 'White', [Drawdown::hiding(100.0, $read)], 'shop-w');
    expect($fit->toner->s)->toBe(array_fill(0, 31, 1.0))
        ->and($fit->residuals[0]['dE'])->toBeLessThan(1e-6)
        ->and($fit->toner->system)->toBe('shop-w')
        ->and(fn () => SolidFit::white('white', 'White', [Drawdown::hiding(50.0, $read)]))->toThrow(BadDrawdowns::class);
});

it('asks for cards that can tell absorption from scattering', function (): void {
    $toner = TonerLibrary::northlight()->toner('scarlet');
    $same = Spectrum::of(array_fill(0, 31, 0.3));
    expect(fn () => SolidFit::of('own', 'Own', TonerKind::Shade, plainWhite(), cardsOf($toner, [100.0])))
        ->toThrow(BadDrawdowns::class, 'two cards')
        ->and(fn () => SolidFit::of('own', 'Own', TonerKind::Shade, plainWhite(), cardsOf($toner, [10.0, 10.0])))
        ->toThrow(BadDrawdowns::class, 'two cards')
        ->and(fn () => SolidFit::of('own', 'Own', TonerKind::Shade, plainWhite(), [
            Drawdown::hiding(100.0, $same),
            Drawdown::hiding(10.0, $same),
        ]))
        ->toThrow(BadDrawdowns::class, 'look the same');
});

/** A panel of flakes as the effect model has it, read with noise. */
function flakePanel(array $grams, float $noise = 0.0, int $seed = 1): Measurement
{
    $chance = new Random($seed);

    return Measurement::ofSpectra(array_map(
        fn (array $v): Spectrum => readWithNoise($v, $noise, $chance),
        (new EffectModel(TonerLibrary::northlight()))->spectra($grams),
    ));
}

it('finds grade, shine and cover of flakes again from a panel alone and one with black', function (string $key, float $dE, float $cover): void {
    $bench = TonerLibrary::northlight();
    $flake = $bench->toner($key);
    for ($seed = 1; $seed <= 5; $seed++) {
        $fit = FlakeFit::of($key, 'Own', $flake->kind, flakePanel([$key => 100.0], 0.005, $seed), [
            'grams' => 100.0,
            'blackGrams' => 4.0,
            'black' => $bench->toner('black'),
            'panel' => flakePanel([$key => 100.0, 'black' => 4.0], 0.005, 50 + $seed),
        ]);
        // Half a per cent of noise: shine within 2 %; cover, a difference of two panels, within 5 or 10 %.
        expect($fit->toner->grade)->toBe($flake->grade)
            ->and($fit->areaKnown)->toBeTrue()
            ->and($fit->toner->strength)->toEqualWithDelta($flake->strength * max($flake->tint), 0.02 * $flake->strength)
            ->and($fit->toner->area)->toEqualWithDelta($flake->area, $cover * $flake->area)
            ->and($fit->residuals[1]['dE'])->toBeLessThan($dE);
    }
})->with([
    ['alu-coarse', 0.4, 0.05],
    ['alu-medium', 0.4, 0.05],
    ['alu-fine', 0.4, 0.05],
    // What a pearl throws into the body no panel tells from its own tint: it is off by more where black lies in it.
    ['pearl-gold', 1.5, 0.1],
]);

it('tells a pearl\'s body from the opposite colour that it throws there', function (): void {
    $tint = array_map(fn (int $i): float => $i < 10 ? 0.4 : 1.0, range(0, 30));
    $body = array_fill(0, 31, 0.05);
    $k = array_fill(0, 31, 0.05 * 0.3);
    $pearl = new Toner('own', 'Own', TonerKind::Pearl, $k, $body, 1.0, FlakeGrade::Pearl, 1.2, $tint);
    $spectra = (new EffectModel(TonerLibrary::of([$pearl])))->spectra(['own' => 1.0]);
    $panel = Measurement::ofSpectra(array_map(Spectrum::of(...), $spectra));
    $found = FlakeFit::of('own', 'Own', TonerKind::Pearl, $panel)->toner;
    // K/S of the body as it was made, where the tint is dim and where it is full.
    foreach ([0, 20] as $i) {
        expect($found->k[$i] / $found->s[$i])->toEqualWithDelta(0.3, 1e-3);
    }
});

it('takes the usual cover where there is no panel with black, and says so', function (): void {
    $fit = FlakeFit::of('own', 'Own', TonerKind::Aluminium, flakePanel(['alu-fine' => 100.0]));
    expect($fit->areaKnown)->toBeFalse()
        ->and($fit->toner->area)->toBe(1.0)
        ->and($fit->toner->grade)->toBe(FlakeGrade::Fine);
});

it('refuses panels that say nothing of flakes', function (callable $of, string $why): void {
    expect($of)->toThrow(BadDrawdowns::class, $why);
})->with([
    'a solid' => [
        fn () => FlakeFit::of('own', 'Own', TonerKind::Shade, flakePanel(['alu-fine' => 1.0])),
        'Only aluminiums',
    ],
    'one angle' => [
        fn () => FlakeFit::of('own', 'Own', TonerKind::Pearl, Measurement::ofSpectra([
            45 => Spectrum::of(array_fill(0, 31, 0.3)),
        ])),
        'three angles',
    ],
    'no shine' => [
        fn () => FlakeFit::of('own', 'Own', TonerKind::Pearl, Measurement::ofSpectra(array_map(
            fn (float $r): Spectrum => Spectrum::of(array_fill(0, 31, $r)),
            [15 => 0.1, 25 => 0.2, 45 => 0.3, 75 => 0.4, 110 => 0.5],
        ))),
        'does not shine',
    ],
]);

it('pours a toner that nobody measured, and says nothing of its colour', function (): void {
    $library = TonerLibrary::of([plainWhite(), Toner::unmeasured('reef', 'Reef blue', TonerKind::Shade, null, 'shop-w')]);
    expect($library->toner('reef')->name)->toBe('Reef blue')
        ->and($library->knows(['white' => 1.0]))->toBeTrue()
        ->and($library->knows(['white' => 1.0, 'reef' => 1.0]))->toBeFalse()
        ->and(fn () => (new SolidModel($library))->spectra(['reef' => 1.0]))->toThrow(NotMeasured::class, 'Reef blue')
        ->and(array_keys($library->within('shop-w')->toners))->toBe(['white']);
});
