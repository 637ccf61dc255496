<?php

declare(strict_types=1);

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\Exception\NotMeasured;
use Kalopsis\Tint\Exception\UnknownToner;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\Internal\Misfit;
use Kalopsis\Tint\Internal\TintWords;
use Kalopsis\Tint\LayeredModel;
use Kalopsis\Tint\PaintModel;
use Kalopsis\Tint\ReadingNoise;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TintAdvice;
use Kalopsis\Tint\TintAdvisor;
use Kalopsis\Tint\Toner;
use Kalopsis\Tint\TonerKind;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Units\UnitSystem;

/**
 * A paint that does exactly what it is told: a grey of 0.2, and for each gram of a toner so much more light at each of the
 * angles, in the blue, the green and the red third.
 *
 * @param array<string, array<int, array{float, float, float}>> $does by toner and angle
 */
function obedientPaint(array $does): PaintModel
{
    return new class ($does) implements PaintModel {
        /** @param array<string, array<int, array{float, float, float}>> $does */
        public function __construct(private array $does) {}

        public function spectra(array $grams): array
        {
            $out = [];
            foreach ($this->angles() as $angle) {
                for ($i = 0; $i < 31; $i++) {
                    $third = $i < 9 ? 0 : ($i < 18 ? 1 : 2);
                    $out[$angle][$i] = 0.2;
                    foreach ($grams as $toner => $g) {
                        $out[$angle][$i] += $g * $this->does[$toner][$angle][$third];
                    }
                }
            }

            return $out;
        }

        public function landing(float $dryness): PaintModel
        {
            return $this;
        }

        public function angles(): array
        {
            return array_keys(reset($this->does) ?: []);
        }
    };
}

/**
 * What is said of pouring so many grams of toners that do so, by angle.
 *
 * @param array<string, array<int, array{float, float, float}>> $does
 * @param array<string, float> $pours
 * @return list<string>
 */
function wordsFor(array $does, array $pours): array
{
    $model = obedientPaint($does);
    $cup = Formula::of(array_map(fn (): float => 10.0, $does));
    $car = Measurement::ofSpectra(array_map(Spectrum::of(...), $model->spectra($cup->grams)));
    $misfit = Misfit::of($model, $car, $car, $cup->grams, ReadingNoise::usual());

    return array_map(
        fn ($p): string => $p->in(UnitSystem::Metric),
        TintWords::of(TonerLibrary::northlight(), $misfit, $cup, $pours),
    );
}

it('says what a pour does, as far as it is worth a word', function (array $does, float $grams, string $says): void {
    expect(wordsFor(['green' => $does], ['green' => $grams]))->toBe([$says]);
})->with([
    // All thirds alike change lightness alone; the third from 580 nm on is red, the one below 490 blue.
    'lighter' => [[45 => [0.01, 0.01, 0.01]], 1.0, 'Green: lighter'],
    'darker' => [[45 => [-0.005, -0.005, -0.005]], 1.0, 'Green: darker'],
    'less of it' => [[45 => [0.005, 0.005, 0.005]], -1.0, 'less Green: darker'],
    'nothing to speak of' => [[45 => [0.0001, 0.0001, 0.0001]], 1.0, 'Green: a touch'],
    'lighter from everywhere' => [
        [15 => [0.01, 0.01, 0.01], 45 => [0, 0, 0], 110 => [0.002, 0.002, 0.002]], 1.0, 'Green: lighter',
    ],
    'one way at the face, the other at the flop' => [
        [15 => [0.01, 0.01, 0.01], 45 => [0, 0, 0], 110 => [-0.004, -0.004, -0.004]], 1.0,
        'Green: lighter on the face and darker on the flop',
    ],
    'the other way round' => [
        [15 => [-0.004, -0.004, -0.004], 45 => [0, 0, 0], 110 => [0.01, 0.01, 0.01]], 1.0,
        'Green: darker on the face and lighter on the flop',
    ],
    'only the flop' => [
        [15 => [0.00001, 0.00001, 0.00001], 45 => [0, 0, 0], 110 => [-0.004, -0.004, -0.004]], 1.0, 'Green: darker on the flop',
    ],
]);

it('names the hues that change, the stronger alone where the other is slight', function (): void {
    $says = fn (array $thirds): string => wordsFor(['green' => [45 => $thirds]], ['green' => 1.0])[0];
    // More red light, more blue, more green, less blue, and red with blue: magenta.
    expect([$says([0.0, 0.0, 0.004]), $says([0.004, 0.0, 0.0]), $says([-0.004, 0.0, 0.0])])
        ->toBe(['Green: redder and yellower', 'Green: bluer', 'Green: yellower'])
        ->and([$says([0.0, 0.004, 0.0]), $says([0.004, 0.0, 0.004])])
        ->toBe(['Green: lighter, greener and yellower', 'Green: lighter, redder and bluer']);
    // The angle where hue changes most speaks.
    $two = wordsFor(['green' => [15 => [0.0, 0.0, 0.0002], 45 => [0, 0, 0], 110 => [0.006, 0.0, 0.0]]], ['green' => 1.0]);
    expect($two[0])->toContain('bluer')->not->toContain('redder');
});

it('says of black and white together that they grey it, and of the rest what they do', function (): void {
    $does = [
        'white' => [45 => [0.002, 0.002, 0.002]],
        'black' => [45 => [-0.002, -0.002, -0.002]],
        'green' => [45 => [0.01, 0.01, 0.01]],
    ];
    expect(wordsFor($does, ['white' => 1.0, 'black' => 1.0]))
        ->toBe(['greys it: black and white together'])
        ->and(wordsFor($does, ['white' => 1.0, 'black' => 1.0, 'green' => 1.0]))
        ->toBe(['greys it: black and white together', 'Green: lighter'])
        // Where one of them comes out they grey nothing.
        ->and(wordsFor($does, ['white' => 1.0, 'black' => -1.0]))
        ->toBe(['White: lighter', 'less Black: lighter'])
        ->and(wordsFor($does, ['white' => 1.0]))
        ->toBe(['White: lighter']);
});

it('leaves out of a long list what is less than half a hundredth of the cup', function (): void {
    $does = array_fill_keys(['green', 'violet', 'orange', 'maroon'], [45 => [0.01, 0.01, 0.01]]);
    // The cup holds 40 g: 0.2 g are the limit.
    $pours = ['green' => 1.0, 'violet' => 1.0, 'orange' => 0.2, 'maroon' => 0.19];
    expect(array_map(fn (string $s): string => explode(':', $s)[0], wordsFor($does, $pours)))
        ->toBe(['Green', 'Violet', 'Orange'])
        ->and(wordsFor(array_slice($does, 0, 3), ['green' => 1.0, 'violet' => 1.0, 'orange' => 0.01]))
        ->toHaveCount(3);
});

/** @param array<string, mixed> $with */
function levelToner(string $key, TonerKind $kind, float $k, float $s, array $with = []): Toner
{
    return new Toner(
        $key,
        $key,
        $kind,
        array_fill(0, 31, $k),
        array_fill(0, 31, $s),
        $with['area'] ?? 0.0,
        $with['grade'] ?? null,
        $with['strength'] ?? 0.0,
        isset($with['tint']) ? array_fill(0, 31, $with['tint']) : [],
    );
}

it('makes an effect of body and flakes as docs/model.md section 7 works it out', function (): void {
    $library = TonerLibrary::of([
        levelToner('shade', TonerKind::Shade, 1.0, 1.0),
        levelToner('flake', TonerKind::Aluminium, 0.0, 0.0, [
            'area' => 1.0, 'grade' => FlakeGrade::Medium, 'strength' => 3.0, 'tint' => 1.0,
        ]),
        levelToner('adjuster', TonerKind::FlopAdjuster, 0.0, 0.0),
    ]);
    $model = new EffectModel($library);
    // K/S = 1 is R = 2 - sqrt 3 = 0.26795 inside; taken through the surface 0.384 R / (1 - 0.6 R) = 0.12262.
    $body = 0.384 * (2.0 - sqrt(3.0)) / (1.0 - 0.6 * (2.0 - sqrt(3.0)));
    expect($model->spectra(['shade' => 2.0])[45][7])
        ->toEqualWithDelta($body, 1e-12)
        ->and($body)
        ->toEqualWithDelta(0.12262, 1e-4);
    // As much flake as shade: 1 / (1 + 1.6) of the flakes' light is left by the veil, and what the way in and out takes: depth
    // 0.42 / 2 over both ways, 1 / cos of 28.13 deg (Snell, 1.5) and of where 45 deg aspecular comes out, straight up.
    $in = asin(sin(deg2rad(45.0)) / 1.5);
    $path = 1.0 / cos($in) + 1.0;
    $lobe = 3.0 * exp(-(FlakeLobe::tilt(45) ** 2) / (2.0 * FlakeGrade::Medium->spreadDeg() ** 2));
    expect($model->spectra(['shade' => 1.0, 'flake' => 1.0])[45][7])
        ->toEqualWithDelta($body + 1.0 / 2.6 * exp(-0.21 * $path) * $lobe, 1e-9);
    // Half as much adjuster as flakes: 3 degrees more, and a fortieth of stray light.
    $level = FlakeGrade::Medium->spreadDeg();
    $loose = 3.0 * (($level / ($level + 3.0)) ** 2 * exp(-(FlakeLobe::tilt(75) ** 2) / (2.0 * ($level + 3.0) ** 2)) + 0.025);
    expect($model->spectra(['flake' => 2.0, 'adjuster' => 1.0])[75][7])
        // What absorbs and scatters nothing has a body of a millionth.
        ->toEqualWithDelta($loose, 1e-6)
        // Flakes that landed dry spread by an eighth and stray by six thousandths.
        ->and($model->landing(1.0)->spectra(['flake' => 1.0])[15][7])
        ->toEqualWithDelta(
            3.0 * (1.125 ** -2 * exp(-(FlakeLobe::tilt(15) ** 2) / (2.0 * (1.125 * $level) ** 2)) + 0.006),
            1e-6,
        )
        ->and([FlakeOrder::SPREAD, FlakeLobe::STRAY])
        ->toBe([0.125, 0.006])
        ->and(array_keys($model->spectra(['flake' => 1.0])))
        ->toBe($model->angles());
});

it('throws a pearl\'s opposite into the body, as much as the flakes have of the whole', function (): void {
    $library = TonerLibrary::of([
        levelToner('shade', TonerKind::Shade, 1.0, 1.0),
        levelToner('pearl', TonerKind::Pearl, 0.0, 0.0, [
            'area' => 0.5, 'grade' => FlakeGrade::Pearl, 'strength' => 0.0, 'tint' => 0.4,
        ]),
    ]);
    $body = 0.384 * (2.0 - sqrt(3.0)) / (1.0 - 0.6 * (2.0 - sqrt(3.0)));
    // A tenth of 1 - 0.4, by 0.5 / (0.5 + 1.6) of shine.
    expect((new EffectModel($library))->spectra(['shade' => 1.0, 'pearl' => 1.0])[45][7])
        ->toEqualWithDelta($body + 0.1 * 0.6 * (0.5 / 2.1), 1e-9);
});

it('crosses a see-through layer twice, and throws back what the layer has itself', function (): void {
    $library = TonerLibrary::of([
        levelToner('ground', TonerKind::White, 1.0, 1.0),
        levelToner('tint', TonerKind::Shade, 1.0, 0.5),
    ]);
    $model = new LayeredModel($library, new SolidModel($library));
    $under = (new SolidModel($library))->spectra(['ground' => 1.0]);
    $angle = array_key_first($under);
    // Four grams in a hundred, two coats: density 0.02 x (4 + 0.3 x 2) a coat, both ways; K/S = 2: R = 3 - sqrt 8.
    $through = exp(-2.0 * 0.02 * 4.6 * 2.0);
    $r = 3.0 - sqrt(8.0);
    expect($model->spectra(['ground' => 1.0], ['tint' => 4.0], 2.0)[$angle][3])
        ->toEqualWithDelta($under[$angle][3] * $through + 0.384 * $r / (1.0 - 0.6 * $r) * (1.0 - $through), 1e-9)
        ->and($model->spectra(['ground' => 1.0], ['tint' => 4.0], 0.0)[$angle][3])
        ->toEqualWithDelta($under[$angle][3], 1e-12);
});

it('knows a toner by name, by what was measured of it, and by the paint it belongs to', function (): void {
    $own = new Toner('own', 'Own', TonerKind::Shade, [], [], system: 'northlight-w');
    $library = TonerLibrary::of([
        levelToner('any', TonerKind::Shade, 1.0, 1.0),
        Toner::unmeasured('name', 'Only a name', TonerKind::Aluminium, FlakeGrade::Fine),
        $own,
    ]);
    expect(array_keys($library->within('northlight-w')->toners))
        ->toBe(['any', 'own'])
        ->and(array_keys($library->within('northlight-s')->toners))
        ->toBe(['any'])
        ->and([$library->knows(['any' => 1.0]), $library->knows(['any' => 1.0, 'name' => 1.0]), $library->knows(['else' => 1.0])])
        ->toBe([true, false, false])
        ->and([$library->has('any'), $library->has('else')])
        ->toBe([true, false])
        ->and(fn () => $library->optics('name'))
        ->toThrow(NotMeasured::class)
        ->and(fn () => $library->toner('else'))
        ->toThrow(UnknownToner::class)
        ->and([$library->toner('any')->spreadDeg(), $library->toner('any')->area, $library->toner('name')->strength])
        ->toBe([0.0, 0.0, 0.0])
        ->and($library->toner('name')->spreadDeg())
        ->toBe(FlakeGrade::Fine->spreadDeg());
    $flake = ['area' => 0.5, 'grade' => FlakeGrade::Fine, 'strength' => 2.0, 'tint' => 1.0];
    $strong = levelToner('x', TonerKind::Aluminium, 1.0, 2.0, $flake)->stronger(1.1);
    expect([$strong->k[0], $strong->s[30], $strong->area, $strong->strength])->toEqualWithDelta([1.1, 2.2, 0.55, 2.0], 1e-12);
});

/** Three toners that do three different things to a solid. */
function threeToners(): PaintModel
{
    return obedientPaint([
        'green' => [45 => [-0.001, 0.002, -0.001]],
        'scarlet' => [45 => [-0.001, -0.002, 0.003]],
        'white' => [45 => [0.002, 0.002, 0.002]],
    ]);
}

/** @param array<string, float> $cup @param array<string, float> $car grams that the car is made of */
function advised(array $cup, array $car, int $most = 3, float $noise = 0.05): TintAdvice
{
    $model = threeToners();
    $reading = fn (array $grams): Measurement => Measurement::ofSpectra(array_map(Spectrum::of(...), $model->spectra($grams)));

    return (new TintAdvisor(TonerLibrary::northlight(), $model))->advise(
        Formula::of($cup),
        $reading($car),
        $reading($cup),
        ['green', 'scarlet', 'white'],
        ReadingNoise::of($noise),
        $most,
    );
}

it('finds what is missing in a paint that does what it is told, to a hundredth', function (array $missing): void {
    $cup = ['green' => 20.0, 'scarlet' => 10.0, 'white' => 20.0];
    $car = $cup;
    foreach ($missing as $toner => $g) {
        $car[$toner] += $g;
    }
    $advice = advised($cup, $car);
    $best = $advice->corrections[0];
    ksort($missing);
    expect(array_keys($best->additions))->toEqualCanonicalizing(array_keys($missing));
    foreach ($missing as $toner => $g) {
        expect($best->additions[$toner])->toEqualWithDelta($g, 0.02 * $g)
            ->and($best->formula->gramsOf($toner))->toEqualWithDelta($cup[$toner] + $g, 0.02 * $g);
    }
    expect($best->isRemix)
        ->toBeFalse()
        ->and($best->before)
        ->toEqualWithDelta($advice->before, 1e-12)
        // Nothing of the difference is left but what readings repeat to.
        ->and($best->after)
        ->toBeLessThan(0.1)
        ->and($advice->sprayedOtherwise)
        ->toBeFalse()
        ->and($advice->says())
        ->toBe('');
})->with([
    'one' => [['green' => 4.0]],
    'two' => [['green' => 4.0, 'white' => 6.0]],
    'three' => [['green' => 4.0, 'scarlet' => 3.0, 'white' => 6.0]],
]);

it('says no more ways than were asked for, and none where nothing is off', function (): void {
    $cup = ['green' => 20.0, 'scarlet' => 10.0, 'white' => 20.0];
    expect(count(advised($cup, ['green' => 24.0] + $cup, 1)->corrections))
        ->toBe(1)
        ->and(advised($cup, $cup)->corrections)
        ->toBe([])
        ->and(advised($cup, $cup)->before)
        ->toEqualWithDelta(0.0, 1e-9)
        ->and(advised($cup, $cup)->says())
        ->toStartWith('The difference is within')
        // A twentieth of a gram in fifty is not worth a pour.
        ->and(advised($cup, ['green' => 20.02] + $cup)->corrections)
        ->toBe([]);
});

it('weighs the colour again where something would have to come out, the total kept', function (): void {
    $cup = ['green' => 20.0, 'scarlet' => 10.0, 'white' => 20.0];
    $remixes = array_values(array_filter(advised($cup, ['green' => 8.0] + $cup)->corrections, fn ($c): bool => $c->isRemix));
    expect($remixes)->toHaveCount(1);
    [$remix] = $remixes;
    expect(array_sum($remix->additions))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($remix->formula->total())
        ->toEqualWithDelta(50.0, 1e-9)
        // 8 to 10 to 20 in 50 g.
        ->and($remix->formula->gramsOf('green') / $remix->formula->gramsOf('scarlet'))
        ->toEqualWithDelta(0.8, 0.02)
        ->and($remix->after)
        ->toBeLessThan(0.6 * $remix->before);
    // More than six tenths of the cup is another formula: 30 of the 40 g that are missing.
    $most = 0.0;
    foreach (advised($cup, ['white' => 60.0] + $cup)->corrections as $correction) {
        $most = max($most, ...array_values($correction->isRemix ? [0.0] : $correction->additions));
    }
    expect($most)->toEqualWithDelta(30.0, 1e-6);
});

it('carries along what the model gets wrong, so that the card itself is no misfit', function (): void {
    $model = threeToners();
    $cup = ['green' => 20.0, 'scarlet' => 10.0, 'white' => 20.0];
    $truth = array_map(fn (array $v): array => array_map(fn (float $r): float => 0.9 * $r, $v), $model->spectra($cup));
    $card = Measurement::ofSpectra(array_map(Spectrum::of(...), $truth));
    $misfit = Misfit::of($model, $card, $card, $cup, ReadingNoise::of(0.1));
    expect($misfit->colourDifference($cup))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and(array_sum(array_map(abs(...), $misfit->residuals($cup))))
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($misfit->labs($cup)[45]->l)
        ->toEqualWithDelta($card->at(45)->l, 1e-9)
        // Twice the noise is a quarter of the chi squared, nearly: the model itself is not known better than a hundredth.
        ->and(count($misfit->residuals($cup)))
        ->toBe(34);
    $chi = fn (float $noise): float => array_sum(array_map(
        fn (float $r): float => $r * $r,
        Misfit::of($model, $card, $card, $cup, ReadingNoise::of($noise))->residuals(['green' => 22.0] + $cup),
    ));
    expect($chi(0.4) / $chi(0.2))->toEqualWithDelta(0.25, 0.02);
});
