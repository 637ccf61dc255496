<?php

declare(strict_types=1);

use Kalopsis\Colour\Comparison;
use Kalopsis\Colour\EffectFit;
use Kalopsis\Colour\Exception\CannotCompare;
use Kalopsis\Colour\Exception\NotAColour;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\FlakeLobe;
use Kalopsis\Colour\Flakes;
use Kalopsis\Colour\FlopIndex;
use Kalopsis\Colour\Geometry;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\InstrumentFault;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\PainterWords;
use Kalopsis\Colour\Random;
use Kalopsis\Colour\Ranking;
use Kalopsis\Colour\Readings;
use Kalopsis\Colour\Shot;
use Kalopsis\Colour\SimulatedInstrument;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Tint\EffectModel;
use Kalopsis\Tint\SolidModel;
use Kalopsis\Tint\TonerLibrary;
use Kalopsis\Units\UnitSystem;

/** @return list<Shot> */
function shotsOf(Measurement $truth, int $n, InstrumentFault $fault = InstrumentFault::None, int $seed = 1): array
{
    $chance = new Random($seed);
    $out = [];
    for ($i = 0; $i < $n; $i++) {
        $out[] = new Shot("s{$seed}-{$i}", 'spot ' . (1 + ($i % 3)), SimulatedInstrument::read($truth, $fault, $chance));
    }

    return $out;
}

function silverTruth(): Measurement
{
    return Colours::of(new EffectModel(TonerLibrary::northlight()), Colours::SILVER);
}

it('knows the angle sets of instruments, and no others', function (): void {
    foreach (Geometry::cases() as $case) {
        $shuffled = array_reverse($case->angles());
        expect(Geometry::ofAngles($shuffled))->toBe($case);
    }
    expect(Geometry::ofAngles([15, 45]))->toBeNull()->and(Geometry::ofAngles([]))->toBeNull();
});

it('refuses readings with missing angles or mixed lights', function (): void {
    expect(fn () => Colours::measured([15 => 100.0, 45 => 60.0]))
        ->toThrow(NotAColour::class, '15, 45')
        ->and(fn () => Measurement::ofLabs([]))
        ->toThrow(NotAColour::class)
        ->and(
            fn () => Measurement::ofLabs([
                15 => Colours::lab(1),
                45 => Colours::lab(1),
                110 => Lab::of(1, 0, 0, Viewing::of(Illuminant::A, Observer::Two)),
            ]),
        )
        ->toThrow(CannotCompare::class);
});

it('averages light, not lightness', function (): void {
    // Half of the light of L* 100 is L* 76.07 (CIE 15), not 50.
    expect(
        Measurement::mean([Colours::measured([45 => 0.0]), Colours::measured([45 => 100.0])])->at(45)->l,
    )->toEqualWithDelta(76.07, 0.01);
});

it('averages over the angles all have', function (): void {
    $six = Measurement::ofLabs(array_map(fn (int $i): Lab => Colours::lab(50), array_flip(Geometry::Six->angles())));
    expect(Measurement::mean([$six, Colours::silver()])->geometry)
        ->toBe(Geometry::Five)
        ->and(
            fn () => Measurement::mean([
                Colours::silver(),
                Colours::measured([45 => 50.0]),
                Colours::measured([25 => 1.0, 45 => 1.0, 75 => 1.0]),
            ]),
        )
        ->not->toThrow(CannotCompare::class);
});

it('computes Alman\'s flop index as published', function (): void {
    // Alman 1987: 2.69 (L15 - L110)^1.11 / L45^0.86, by hand for 130, 60, 40.
    expect(FlopIndex::of(Colours::measured([15 => 130.0, 45 => 60.0, 110 => 40.0])))
        ->toEqualWithDelta((2.69 * 90 ** 1.11) / 60 ** 0.86, 1e-9)
        ->and(FlopIndex::of(Colours::measured([15 => 50.0, 45 => 50.0, 110 => 50.0])))
        ->toBe(0.0)
        ->and(FlopIndex::of(Colours::measured([45 => 50.0])))
        ->toBeNull();
});

it('leaves out a shot that stands out, and says which', function (): void {
    $shots = [...shotsOf(silverTruth(), 8), ...shotsOf(silverTruth(), 1, InstrumentFault::WrongSpot, 9)];
    $readings = Readings::of($shots);
    expect($readings->outliers)
        ->toBe(['s9-0'])
        ->and($readings->shots)
        ->toBe(8)
        ->and($readings->isScattered())
        ->toBeFalse()
        ->and(Comparison::of(silverTruth(), $readings->mean)->worst()->de2000)
        ->toBeLessThan(0.3);
});

it('does not throw out half of the readings, nor one of two', function (): void {
    $two = Readings::of([new Shot('a', 's', Colours::silver()), new Shot('b', 's', Colours::silver(8))]);
    expect($two->outliers)->toBe([])->and($two->isScattered())->toBeTrue();
    $split = Readings::of(
        array_map(fn (int $i): Shot => new Shot("x{$i}", 's', Colours::silver($i < 3 ? 0 : 6)), range(0, 5)),
    );
    expect($split->outliers)->toBe([])->and($split->isScattered())->toBeTrue();
});

it('reads a solid within a few hundredths, again and again', function (): void {
    $truth = Colours::of(new SolidModel(TonerLibrary::northlight()), Colours::LICHEN);
    $readings = Readings::of(shotsOf($truth, 20));
    expect($readings->spread)
        ->toBeLessThan(0.12)
        ->and($readings->outliers)
        ->toBe([])
        ->and(SimulatedInstrument::read($truth, InstrumentFault::None, new Random(4)))
        ->toEqual(SimulatedInstrument::read($truth, InstrumentFault::None, new Random(4)));
});

it('shows what dirt, dullness and sanding do: darker colours read lighter and greyer', function (
    InstrumentFault $fault,
): void {
    $truth = Colours::of(new SolidModel(TonerLibrary::northlight()), Colours::LICHEN);
    $read = SimulatedInstrument::read($truth, $fault, new Random(2))->at(45);
    expect($read->l)
        ->toBeGreaterThan($truth->at(45)->l + 0.3)
        ->and($read->chroma())
        ->toBeLessThan($truth->at(45)->chroma());
})->with([[InstrumentFault::DirtyLens], [InstrumentFault::Unpolished], [InstrumentFault::Sanded]]);

it('tells face from flop in painter\'s words', function (array $card, string $says): void {
    $car = Colours::measured([
        15 => [120.0, 0.0, 0.0],
        25 => [95.0, 0.0, 0.0],
        45 => [60.0, 0.0, 0.0],
        75 => [42.0, 0.0, 0.0],
        110 => [38.0, 0.0, 0.0],
    ]);
    expect(PainterWords::sentence(Comparison::of($car, Colours::measured($card)))->in(UnitSystem::Metric))->toBe($says);
})->with([
    'the same' => [[15 => 120.0, 25 => 95.0, 45 => 60.0, 75 => 42.0, 110 => 38.0], 'Matches at every angle.'],
    'flop' => [[15 => 120.0, 25 => 95.0, 45 => 60.0, 75 => 44.0, 110 => 40.5], 'The card is clearly lighter on the flop.'],
    'crossed' => [
        [15 => 114.0, 25 => 92.0, 45 => 60.0, 75 => 43.4, 110 => 39.5],
        'The card is clearly darker on the face and lighter on the flop.',
    ],
    'all over' => [[15 => 123.0, 25 => 97.5, 45 => 61.5, 75 => 43.4, 110 => 39.5], 'The card is lighter all over.'],
    'yellow' => [
        [
            15 => [120.0, 0.0, 1.2],
            25 => [95.0, 0.0, 1.2],
            45 => [60.0, 0.0, 1.2],
            75 => [42.0, 0.0, 1.2],
            110 => [38.0, 0.0, 1.2],
        ],
        'The card is yellower.',
    ],
]);

it('calls a vivid solid that lost its chroma dirtier, not bluer', function (): void {
    $yellow = Comparison::of(Colours::measured([45 => [79.0, 8.0, 80.0]]), Colours::measured([45 => [79.0, 7.0, 70.0]]));
    expect(PainterWords::sentence($yellow)->in(UnitSystem::Metric))->toContain('dirtier')->not->toContain('bluer');
});

it('finds metamerism: a match in daylight that parts under a lamp', function (): void {
    $model = new SolidModel(TonerLibrary::northlight());
    $grey = Colours::of($model, ['white' => 60.0, 'black' => 2.0]);
    // A grey of complementary colours leaves dips where their bands are; lamp light falls on them differently.
    $mixed = Colours::of($model, ['white' => 60.0, 'green' => 1.55, 'magenta' => 2.2, 'warm-yellow' => 0.4]);
    $c = Comparison::of($grey, $mixed);
    $lamp = $c->apartUnder(Viewing::of(Illuminant::A, Observer::Ten));
    expect($lamp)
        ->not->toBeNull()
        ->and(abs($lamp - $c->worst()->de2000))
        ->toBeGreaterThan(1.0)
        ->and(Comparison::of(Colours::silver(), Colours::silver())->apartUnder(Viewing::of(Illuminant::A, Observer::Ten)))
        ->toBeNull();
});

it('ranks the nearest variant first and says why', function (): void {
    $ranked = Ranking::against(Colours::silver(), [
        'far' => Colours::silver(12),
        'near' => Colours::silver(0.5),
        'middle' => Colours::silver(-3),
        'other light' => Measurement::ofLabs([45 => Colours::lab(50)]),
    ]);
    expect(array_map(fn ($r) => $r->id, $ranked))
        ->toBe(['near', 'middle', 'far', 'other light'])
        ->and($ranked[1]->why()->in(UnitSystem::Metric))
        ->toContain('darker all over')
        ->and($ranked[0]->isClearlyOff())
        ->toBeFalse()
        ->and($ranked[2]->isClearlyOff())
        ->toBeTrue();
});

it('leaves out of the ranking what cannot be compared', function (): void {
    $other = Measurement::ofLabs([
        15 => Lab::of(1, 0, 0, Viewing::of(Illuminant::A, Observer::Two)),
        45 => Lab::of(1, 0, 0, Viewing::of(Illuminant::A, Observer::Two)),
        110 => Lab::of(1, 0, 0, Viewing::of(Illuminant::A, Observer::Two)),
    ]);
    expect(Ranking::against(Colours::silver(), ['a' => $other]))->toBe([]);
});

it('computes the tilt of flakes after Snell as docs/model.md section 8 lists it', function (): void {
    expect(array_map(fn (int $a): float => round(FlakeLobe::tilt($a), 2), [15, 25, 45, 75, 110]))
        ->toBe([4.33, 7.47, 14.06, 23.8, 32.65])
        // The mirror angle needs a level flake; on its other side the tilt is the other way.
        ->and(FlakeLobe::tilt(0))
        ->toEqualWithDelta(0.0, 1e-12)
        ->and(FlakeLobe::tilt(-15))
        ->toBeLessThan(0.0);
});

it('calls the angles as painters stand (common practice): square on before the panel, a ring is seen from the side', function (): void {
    expect(array_map(Geometry::standing(...), [15, 25, 45, 75, 110]))->toBe([
        'into the gloss',
        'close to the gloss',
        'square on',
        'from the side',
        'from low at the side',
    ]);
});

it('takes a finish apart into body and flake and puts it together again', function (): void {
    $silver = EffectFit::made(Colours::lab(38, -0.3, -1.0), Colours::lab(151.3, -0.5, -1.0));
    $labs = [];
    foreach (Geometry::Five->angles() as $angle) {
        $labs[$angle] = $silver->at($angle, FlakeLobe::level(Flakes::of(FlakeGrade::Medium)))->lab(Viewing::paint());
    }
    $fit = EffectFit::of(Measurement::ofLabs($labs), Flakes::of(FlakeGrade::Medium));
    expect($fit->body->y)
        ->toEqualWithDelta($silver->body->y, 1e-6)
        ->and($fit->flake->y)
        ->toEqualWithDelta($silver->flake->y, 1e-5);
    $dry = new FlakeLobe(6.0, 7.2, 1.0);
    expect($fit->at(15, $dry)->y)
        ->toBeLessThan($fit->at(15, FlakeLobe::level(Flakes::of(FlakeGrade::Medium)))->y)
        ->and($fit->at(110, $dry)->y)
        ->toBeGreaterThan($fit->at(110, FlakeLobe::level(Flakes::of(FlakeGrade::Medium)))->y);
    $real = silverTruth();
    foreach ($real->labs as $angle => $lab) {
        $medium = Flakes::of(FlakeGrade::Medium);
        expect(EffectFit::of($real, $medium)->at($angle, FlakeLobe::level($medium))->y)->toEqualWithDelta($lab->xyz()->y, 1e-6);
    }
});

it('finds no flakes in a solid', function (): void {
    expect(EffectFit::of(Colours::measured([45 => 50.0]), Flakes::of(FlakeGrade::Medium))->flake->y)
        ->toBe(0.0)
        ->and(EffectFit::of(
            Colours::measured([15 => 50.0, 25 => 50.0, 45 => 50.0, 75 => 50.0, 110 => 50.0]),
            Flakes::of(FlakeGrade::Medium),
        )->flake->y)
        ->toEqualWithDelta(0.0, 1e-9);
});

it('says when a spectrum glows', function (): void {
    expect(Spectrum::of([...array_fill(0, 30, 0.5), 1.3])->glows())
        ->toBeTrue()
        ->and(Colours::grey(1.0)->glows())
        ->toBeFalse();
});
