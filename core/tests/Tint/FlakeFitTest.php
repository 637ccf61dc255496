<?php

declare(strict_types=1);

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\Drawdown;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Exception\BadDrawdowns;
use Kalopsis\Tint\FlakeFit;
use Kalopsis\Tint\KubelkaMunk;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\Surface;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerCards;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;

/*
 * Panels are made from flakes that the fit does not know and read without noise, so that it has to find what they were made
 * from: an inverse solved forwards.
 */

/** An aluminium that nobody sells. @param float $rims scattering of its rims, for each unit of area */
function flakeOf(
    float $area = 1.0,
    float $rims = 0.055,
    float $strength = 3.0,
    FlakeGrade $grade = FlakeGrade::Medium,
    TonerKind $kind = TonerKind::Aluminium,
    ?array $tint = null,
): Toner {
    return new Toner(
        'own',
        'Own',
        $kind,
        array_fill(0, 31, 3.4 * $rims * $area),
        array_fill(0, 31, $rims * $area),
        $area,
        $grade,
        $strength,
        $tint ?? array_fill(0, 31, 1.0),
    );
}

/** @param array<string, float> $grams */
function panelOf(Toner $flake, array $grams, Geometry $geometry = Geometry::Five): Measurement
{
    $library = TonerLibrary::of([$flake, TonerLibrary::northlight()->toner('black')]);

    return Measurement::ofSpectra(array_map(Spectrum::of(...), (new EffectModel($library, $geometry))->spectra($grams)));
}

/** What is found of a flake from a panel alone and one with so much black in a hundred. */
function foundFlake(Toner $flake, float $black = 4.0): FlakeFit
{
    return FlakeFit::of('own', 'Own', $flake->kind, panelOf($flake, ['own' => 100.0]), [
        'grams' => 100.0 - $black,
        'blackGrams' => $black,
        'black' => TonerLibrary::northlight()->toner('black'),
        'panel' => panelOf($flake, ['own' => 100.0 - $black, 'black' => $black]),
    ], 'shop-s');
}

it('finds how much a gram covers, from a twentieth of the medium aluminium to eight times', function (float $area): void {
    $found = foundFlake(flakeOf($area))->toner;
    expect($found->area)
        ->toEqualWithDelta($area, 0.01 * $area)
        ->and($found->s[15])
        ->toEqualWithDelta(0.055 * $area, 0.02 * $area);
})->with([0.055, 0.3, 1.0, 2.6, 7.6]);

it('finds how much the rims scatter, four times up or down from the usual', function (float $times): void {
    $found = foundFlake(flakeOf(1.4, 0.055 * $times))->toner;
    expect($found->s[15] / $found->area)
        ->toEqualWithDelta(0.055 * $times, 0.01 * 0.055 * $times)
        ->and($found->k[3] / $found->s[3])
        ->toEqualWithDelta(3.4, 0.01)
        ->and($found->area)
        ->toEqualWithDelta(1.4, 0.014);
})->with([0.26, 0.5, 2.0, 3.9]);

it('finds the shine of the dullest and of the strongest flakes', function (float $strength): void {
    // The coarse ones' lobe is the narrowest: at 15 degrees the least of it is seen.
    $fit = foundFlake(flakeOf(1.2, strength: $strength, grade: FlakeGrade::Coarse));
    expect($fit->toner->strength)
        ->toEqualWithDelta($strength, 1e-6 * $strength)
        ->and($fit->toner->tint)
        ->toEqualWithDelta(array_fill(0, 31, 1.0), 1e-9)
        ->and($fit->residuals)
        ->toHaveCount(2)
        ->and(array_column($fit->residuals, 'panel'))
        ->toBe(['alone', 'with black'])
        ->and(max(array_column($fit->residuals, 'dE')))
        ->toBeLessThan(0.01)
        ->and([$fit->toner->key, $fit->toner->name, $fit->toner->system, $fit->toner->measured])
        ->toBe(['own', 'Own', 'shop-s', true]);
})->with([0.4, 3.0, 16.0]);

it('tells the grades apart by the width of their lobe, a pearl by what the painter says', function (FlakeGrade $grade): void {
    $kind = $grade === FlakeGrade::Pearl ? TonerKind::Pearl : TonerKind::Aluminium;
    expect(foundFlake(flakeOf(0.8, grade: $grade, kind: $kind))->toner->grade)->toBe($grade);
})->with(FlakeGrade::cases());

it('finds the tint of what flakes throw back, its strongest wavelength at full', function (): void {
    $tint = array_map(fn (int $i): float => 0.4 + 0.6 * $i / 30.0, range(0, 30));
    $found = foundFlake(flakeOf(tint: $tint, strength: 2.0))->toner;
    expect($found->strength)->toEqualWithDelta(2.0, 1e-6)->and($found->tint)->toEqualWithDelta($tint, 1e-6);
});

it('knows the medium aluminium again from a panel of it alone', function (): void {
    // With no panel with black a flake is taken to cover as that one does, so that one comes out as it is.
    $medium = TonerLibrary::northlight()->toner('alu-medium');
    $alone = Measurement::ofSpectra(
        array_map(Spectrum::of(...), (new EffectModel(TonerLibrary::northlight()))->spectra(['alu-medium' => 100.0])),
    );
    $fit = FlakeFit::of('own', 'Own', TonerKind::Aluminium, $alone);
    expect($fit->areaKnown)
        ->toBeFalse()
        ->and($fit->toner->area)
        ->toEqualWithDelta($medium->area, 1e-9)
        ->and($fit->toner->s)
        ->toEqualWithDelta($medium->s, 1e-3 * $medium->s[0])
        ->and($fit->toner->k)
        ->toEqualWithDelta($medium->k, 1e-3 * $medium->k[0])
        ->and($fit->residuals)
        ->toHaveCount(1);
});

it('throws no light back where no flakes are, not even out of what scatters nothing', function (): void {
    $dye = new Toner('dye', 'Dye', TonerKind::Shade, array_fill(0, 31, 0.5), array_fill(0, 31, 0.0));
    $adjuster = new Toner('laid', 'Laid', TonerKind::FlopAdjuster, array_fill(0, 31, 0.1), array_fill(0, 31, 0.2));
    $model = new EffectModel(TonerLibrary::of([$dye, $adjuster]));
    // Absorption without scattering is black.
    expect($model->spectra(['dye' => 3.0])[15])
        ->toEqualWithDelta(array_fill(0, 31, 0.0), 1e-5)
        // K/S of 0.5 alone: R = 1.5 - root 1.25, out of the paint 0.384 R / (1 - 0.6 R), the same at every angle.
        ->and($model->spectra(['laid' => 3.0])[15][7])
        ->toEqualWithDelta(0.384 * 0.381966 / (1.0 - 0.6 * 0.381966), 1e-5)
        ->and($model->spectra(['laid' => 3.0])[110][7])
        ->toEqualWithDelta($model->spectra(['laid' => 3.0])[15][7], 1e-12);
});

it('needs three angles, and the same of both panels', function (): void {
    $flake = flakeOf();
    $alone = panelOf($flake, ['own' => 100.0]);
    $some = fn (int ...$angles): Measurement => Measurement::ofSpectra(
        array_intersect_key($alone->spectra, array_flip($angles)),
    );
    expect(FlakeFit::of('own', 'Own', TonerKind::Aluminium, $some(15, 45, 110))->toner->strength)
        ->toEqualWithDelta(3.0, 1e-6)
        ->and(fn () => FlakeFit::of('own', 'Own', TonerKind::Aluminium, $some(45)))
        ->toThrow(BadDrawdowns::class, 'three angles')
        ->and(fn () => FlakeFit::of('own', 'Own', TonerKind::Aluminium, $alone, [
            'grams' => 96.0,
            'blackGrams' => 4.0,
            'black' => TonerLibrary::northlight()->toner('black'),
            'panel' => $some(15, 45, 110),
        ]))
        ->toThrow(BadDrawdowns::class, 'same angles');
});

it('takes a card\'s black and white as ASTM D2805 asks for them: 1 % at most, and 80 % (from memory)', function (): void {
    [$k, $s, $h] = [0.4, 0.7, 1.1];
    $film = fn (float $ground): Spectrum => Spectrum::of(array_fill(
        0,
        31,
        Surface::outside(KubelkaMunk::over($k, $s, $h, Surface::inside($ground))),
    ));
    $thick = KubelkaMunk::infinite($k, $s);
    expect(Drawdown::over(100.0, $film(0.01), $film(0.80))->inside[7])->toEqualWithDelta($thick, 1e-6);
});

/** @return array{share: float, over: string, read: Measurement} */
function card(float $share, string $over, Spectrum $read): array
{
    return ['share' => $share, 'over' => $over, 'read' => Measurement::ofSpectra([45 => $read])];
}

it('puts the cards of a solid together: masstone, with white, and pairs over black and white', function (): void {
    $white = new Toner('white', 'White', TonerKind::White, array_fill(0, 31, 0.002), array_fill(0, 31, 1.0));
    $red = new Toner('red', 'Red', TonerKind::Shade, array_fill(0, 31, 0.9), array_fill(0, 31, 0.3));
    $model = new SolidModel(TonerLibrary::of([$white, $red]));
    $mix = fn (float $share): Spectrum => Spectrum::of($model->spectra(['red' => $share, 'white' => 100.0 - $share])[45]);
    $film = fn (float $ground, float $share): Spectrum => Spectrum::of(array_fill(0, 31, Surface::outside(KubelkaMunk::over(
        ($share * 0.9 + (100.0 - $share) * 0.002) / 100.0,
        ($share * 0.3 + (100.0 - $share) * 1.0) / 100.0,
        2.0,
        Surface::inside($ground),
    ))));
    $cards = [
        card(100.0, 'hiding', $mix(100.0)),
        card(10.0, 'black', $film(0.01, 10.0)),
        card(30.0, 'hiding', $mix(30.0)),
        card(10.0, 'white', $film(0.80, 10.0)),
    ];
    $found = (new TonerCards($cards))->solid('red', 'Red', TonerKind::Shade, $white, 'shop-s');
    expect($found['toner']->k[4])
        ->toEqualWithDelta(0.9, 1e-4)
        ->and($found['toner']->s[4])
        ->toEqualWithDelta(0.3, 1e-4)
        ->and($found['areaKnown'])
        ->toBeTrue()
        ->and(array_column($found['residuals'], 'card'))
        ->toBe(['masstone', '30 in a hundred', '10 in a hundred'])
        ->and(max(array_column($found['residuals'], 'dE')))
        ->toBeLessThan(0.01);
    $solid = fn (array $cards, ?Toner $white = null) => fn () => (new TonerCards($cards))->solid(
        'red',
        'Red',
        TonerKind::Shade,
        $white,
        null,
    );
    expect($solid([]))
        ->toThrow(BadDrawdowns::class, 'no card yet')
        ->and($solid($cards))
        ->toThrow(BadDrawdowns::class, 'white of this paint comes first')
        ->and($solid([$cards[0], $cards[1]], $white))
        ->toThrow(BadDrawdowns::class, 'over the black and over the white')
        ->and($solid([['share' => 100.0, 'over' => 'hiding', 'read' => panelOf(flakeOf(), ['own' => 1.0])]], $white))
        ->toThrow(BadDrawdowns::class, 'two cards')
        ->and($solid([['share' => 100.0, 'over' => 'hiding', 'read' => Colours::measured([45 => 50.0])]], $white))
        ->toThrow(BadDrawdowns::class, 'read with spectra')
        ->and((new TonerCards([card(100.0, 'hiding', Spectrum::of(array_fill(0, 31, 0.85)))]))->solid(
            'white',
            'White',
            TonerKind::White,
            null,
            'shop-s',
        )['toner']->s[0])
        ->toBe(1.0);
});

it('puts the panels of flakes together: the first alone, the first with black', function (): void {
    $flake = flakeOf(1.3);
    $black = TonerLibrary::northlight()->toner('black');
    $panel = fn (float $share): array => [
        'share' => $share,
        'over' => 'hiding',
        'read' => panelOf($flake, ['own' => $share, 'black' => 100.0 - $share]),
    ];
    $flakes = fn (array $cards, ?Toner $black) => (new TonerCards($cards))->flakes(
        'own',
        'Own',
        TonerKind::Aluminium,
        $black,
        'shop-s',
    );
    $both = $flakes([$panel(96.0), $panel(100.0), $panel(90.0)], $black);
    expect($both['toner']->area)
        ->toEqualWithDelta(1.3, 0.013)
        ->and($both['areaKnown'])
        ->toBeTrue()
        ->and(array_column($both['residuals'], 'card'))
        ->toBe(['alone', 'with black'])
        ->and($flakes([$panel(100.0)], null)['areaKnown'])
        ->toBeFalse()
        ->and(fn () => $flakes([$panel(96.0)], $black))
        ->toThrow(BadDrawdowns::class, 'alone')
        ->and(fn () => $flakes([$panel(96.0), $panel(100.0)], null))
        ->toThrow(BadDrawdowns::class, 'build it first');
});
