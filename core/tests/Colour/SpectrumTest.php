<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Exception\NotAColour;
use Kalopsis\Colour\Illuminant;
use Kalopsis\Colour\Internal\Tables;
use Kalopsis\Colour\Lab;
use Kalopsis\Colour\Observer;
use Kalopsis\Colour\Screen;
use Kalopsis\Colour\Spectrum;
use Kalopsis\Colour\Viewing;
use Kalopsis\Tests\Support\Colours;

uses(Eris\TestTrait::class);

/** Every light and observer we know. */
function viewings(): array
{
    $out = [];
    foreach (Illuminant::cases() as $illuminant) {
        foreach (Observer::cases() as $observer) {
            $out["{$illuminant->value}/{$observer->value}"] = [Viewing::of($illuminant, $observer)];
        }
    }

    return $out;
}

it('gives the perfect reflector the published white and L* 100', function (Viewing $viewing): void {
    $xyz = Colours::grey(1.0)->xyz($viewing);
    expect([$xyz->x, $xyz->y, $xyz->z])->toEqualWithDelta(
        [$viewing->white()->x, $viewing->white()->y, $viewing->white()->z],
        1e-9,
    );
    $lab = $xyz->lab($viewing);
    expect([$lab->l, $lab->a, $lab->b])->toEqualWithDelta([100.0, 0.0, 0.0], 1e-9);
})->with(viewings());

it('has tables whose own sums give the published chromaticities', function (Viewing $viewing, float $x, float $y): void {
    // CIE 15:2004, table T.3: chromaticities of the lights, from the tables' own sums, before they are scaled to the white.
    [$x0, $power] = [
        $viewing->observer === Observer::Two ? 0 : 3,
        6 + (int) array_search($viewing->illuminant, Illuminant::cases(), true),
    ];
    $sums = [0.0, 0.0, 0.0];
    foreach (Tables::ROWS as $row) {
        foreach ([0, 1, 2] as $c) {
            $sums[$c] += $row[$x0 + $c] * $row[$power];
        }
    }
    expect([$sums[0] / array_sum($sums), $sums[1] / array_sum($sums)])->toEqualWithDelta([$x, $y], 0.0003);
    $white = $viewing->white();
    expect([$white->x, $white->z])->toEqualWithDelta([(100 * $x) / $y, (100 * (1 - $x - $y)) / $y], 0.06);
})->with([
    'D65, 2 degrees' => [Viewing::of(Illuminant::D65, Observer::Two), 0.3127, 0.329],
    'D65, 10 degrees' => [Viewing::of(Illuminant::D65, Observer::Ten), 0.3138, 0.331],
    'A, 2 degrees' => [Viewing::of(Illuminant::A, Observer::Two), 0.4476, 0.4074],
    'A, 10 degrees' => [Viewing::of(Illuminant::A, Observer::Ten), 0.4512, 0.4059],
    'D50, 2 degrees' => [Viewing::of(Illuminant::D50, Observer::Two), 0.3457, 0.3585],
]);

it('knows grey scales: L* of 18.42 % is 50 (CIE 15: ((50 + 16)/116)^3)', function (): void {
    expect(Colours::grey(((50 + 16) / 116) ** 3)->lab(Viewing::paint())->l)
        ->toEqualWithDelta(50.0, 1e-9)
        ->and(Colours::grey(0.0)->lab(Viewing::paint())->l)
        ->toEqualWithDelta(0.0, 1e-9)
        // The linear part below (6/29)^3, slope (29/3)^3 a unit of Y: CIE 15.
        ->and(Colours::grey(0.005)->lab(Viewing::paint())->l)
        ->toEqualWithDelta(0.005 * (29 / 3) ** 3, 1e-9);
});

it('goes from XYZ to Lab and back', function (): void {
    $this->limitTo(200)
        ->forAll(Generators::choose(0, 160), Generators::choose(-60, 60), Generators::choose(-60, 60))
        ->then(function (int $l, int $a, int $b): void {
            $lab = Colours::lab($l, $a, $b);
            $back = $lab->xyz()->lab(Viewing::paint());
            expect([$back->l, $back->a, $back->b])->toEqualWithDelta([(float) $l, (float) $a, (float) $b], 1e-8);
        });
});

it('brings 20 nm to 10 nm exactly for parabolas, cubics in the middle (ASTM E2022)', function (): void {
    $f = fn (float $nm): float => 0.2 + 0.4 * (($nm - 400) / 300) - 0.3 * (($nm - 400) / 300) ** 2;
    $coarse = array_map(fn (int $i): float => $f(400 + 20 * $i), range(0, 15));
    $fine = array_map(fn (int $i): float => $f(400 + 10 * $i), range(0, 30));
    expect(Spectrum::of($coarse)->values)->toEqualWithDelta($fine, 1e-12);
});

it('sees a blue as blue and a red as red, and a brighter one as brighter', function (): void {
    $band = fn (int $from, int $to): Lab => Spectrum::of(
        array_map(fn (int $i): float => 400 + 10 * $i >= $from && 400 + 10 * $i <= $to ? 0.8 : 0.05, range(0, 30)),
    )->lab(Viewing::paint());
    expect($band(400, 480)->b)
        ->toBeLessThan(-30.0)
        ->and($band(600, 700)->a)
        ->toBeGreaterThan(30.0)
        ->and($band(500, 570)->a)
        ->toBeLessThan(-30.0)
        ->and($band(520, 700)->b)
        ->toBeGreaterThan(60.0)
        ->and($band(500, 600)->l)
        ->toBeGreaterThan($band(400, 500)->l);
});

it('refuses spectra that cannot be', function (array $values, string $why): void {
    expect(fn () => Spectrum::of($values))->toThrow(NotAColour::class, $why);
})->with([
    'too few' => [array_fill(0, 30, 0.5), '31 values'],
    'too many' => [array_fill(0, 40, 0.5), '31 values'],
    'negative' => [[...array_fill(0, 30, 0.5), -0.2], '700 nm'],
    'percent' => [array_fill(0, 31, 55.0), '400 nm'],
    'not a number' => [[...array_fill(0, 30, 0.5), NAN], '700 nm'],
    'nothing' => [[], '31 values'],
]);

it('refuses colours no surface can have', function (float $l, float $a, float $b): void {
    Lab::measured($l, $a, $b, Viewing::paint());
})
    ->with([
        [-1.0, 0.0, 0.0],
        [NAN, 0.0, 0.0],
        [INF, 0.0, 0.0],
        [300.0, 0.0, 0.0],
        [50.0, 201.0, 0.0],
        [50.0, 0.0, -250.0],
        [3.0, -150.0, 0.0],
        [1.0, 0.0, 120.0],
    ])
    ->throws(NotAColour::class);

it('reads light and observer as people write them', function (string $text, ?string $name): void {
    expect(Viewing::parse($text)?->name())->toBe($name);
})->with([
    ['D65/10', 'D65/10'],
    ['d65 / 10°', 'D65/10'],
    ['A/2', 'A/2'],
    ['D50 2 deg', 'D50/2'],
    ['F11/10', null],
    ['', null],
    ['D65', null],
    ['D65/5', null],
]);

it('shows greys as greys, and dims what is brighter than a screen', function (): void {
    // IEC 61966-2-1: 18.4 % linear is 0x77 or 0x76.
    expect(Screen::hex(Colours::lab(50)))
        ->toBe('#777777')
        ->and(Screen::hex(Colours::lab(100)))
        ->toBe('#ffffff')
        ->and(Screen::hex(Colours::lab(0)))
        ->toBe('#000000')
        ->and(Screen::hex(Colours::lab(140)))
        ->toBe('#ffffff')
        ->and(Screen::exposure([Colours::lab(60)]))
        ->toBe(1.0)
        ->and(Screen::hex(Colours::lab(140), Screen::exposure([Colours::lab(140), Colours::lab(50)])))
        ->toBe('#ffffff')
        ->and(Screen::hex(Colours::lab(50), Screen::exposure([Colours::lab(140)])))
        ->not->toBe('#777777');
});
