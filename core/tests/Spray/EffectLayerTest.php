<?php

declare(strict_types=1);

use Kalopsis\Colour\CoatPath;
use Kalopsis\Colour\Difference\Ciede2000;
use Kalopsis\Colour\Measurement;
use Kalopsis\Colour\Viewing;
use Kalopsis\Colour\Xyz;
use Kalopsis\Film\Air;
use Kalopsis\Film\Reducer;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Certainty;
use Kalopsis\Spray\EffectLayer;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Places;
use Kalopsis\Spray\Simulation;
use Kalopsis\Spray\Sprayed;
use Kalopsis\Tests\Support\Sprays;

/** Light grey ground, a red that swallows a third of X, half of Y and two thirds of Z in a coat. */
function redLayer(): CoatPath
{
    $at = [new Xyz(57.0, 60.0, 65.0), new Xyz(4.0, 2.0, 1.0), new Xyz(0.20, 0.35, 0.55)];

    return new CoatPath([15 => $at, 45 => $at, 110 => $at]);
}

function redOver(Xyz $below, float $coats): Xyz
{
    return CoatPath::over(redLayer()->towards(45), $below, $coats);
}

/** @param list<array<string, mixed>> $steps */
function layered(array $steps, float $carCoats = 2.0, float $planCoats = 2.0): Simulation
{
    $lab = fn (float $coats): array => array_fill_keys(
        [15, 45, 110],
        redOver(redLayer()->towards(45)[0], $coats)->lab(Viewing::paint()),
    );
    $finish = Finish::measured(
        FinishClass::Pearl,
        4,
        Measurement::ofLabs($lab($carCoats)),
        Measurement::ofLabs($lab($planCoats)),
    )->layered(redLayer(), $planCoats);
    $sequence = Sprays::read($steps);

    return Simulation::of(
        $sequence->drawnOut(400.0, Sprays::system(), FinishClass::Pearl, GunChoice::Standard, []),
        Sprays::system(),
        $finish,
        Reducer::advised(22.0, 0.3, true),
        new Air(22.0, 50.0),
    );
}

/** @return array<string, mixed> */
function coatStep(string $id, string $kind, float $reach, float $fade, array $more = []): array
{
    $extent = $fade > 0.0 ? ['kind' => 'past', 'reach' => $reach, 'fade' => $fade] : ['kind' => 'whole-panel'];

    return ['id' => $id, 'name' => $id, 'kind' => $kind, 'extent' => $extent, ...$more];
}

it('lets light cross a layer twice: two layers are one twice as thick (Bouguer, Lambert, Beer)', function (): void {
    $ground = new Xyz(57.0, 60.0, 65.0);
    $twice = redOver(redOver($ground, 0.7), 1.1);
    $once = redOver($ground, 1.8);
    foreach (['x', 'y', 'z'] as $c) {
        expect($twice->{$c})->toEqualWithDelta($once->{$c}, 1e-9);
    }
    // Half the light of Y above the end is gone after ln 2 / (2 a).
    $half = redOver($ground, M_LN2 / 0.7);
    expect($half->y - 2.0)->toEqualWithDelta((60.0 - 2.0) / 2.0, 1e-9);
});

it('comes out as the colour that was judged, at the coats it was judged at', function (): void {
    $judged = new Xyz(20.0, 15.0, 8.0);
    $layer = new EffectLayer(redLayer(), 2.0);
    $towards = $layer->towards(45, $judged);
    $there = CoatPath::over($towards, $towards[0], 2.0);
    expect([$there->x, $there->y, $there->z])->toEqualWithDelta([20.0, 15.0, 8.0], 1e-9)
        ->and($layer->stickerShare(2.0))
        ->toEqualWithDelta(exp(-1.4), 1e-12)
        ->and($layer->stickerShare(0.0))
        ->toBe(1.0);
});

it('reads a sticker square on, at 45 degrees, whatever the layer takes towards the face or the flop', function (): void {
    $at = fn (float $a): array => [new Xyz(57.0, 60.0, 65.0), new Xyz(0.0, 0.0, 0.0), new Xyz(9.0, $a, 9.0)];
    $layer = new EffectLayer(new CoatPath([15 => $at(0.1), 45 => $at(0.4), 110 => $at(0.9)]), 1.0);
    expect($layer->stickerShare(1.5))
        ->toEqualWithDelta(exp(-1.2), 1e-12)
        // One coat of 1.0 that swings by a tenth: Y goes by exp(-0.8), so that ln Y swings by 0.8 x 0.1.
        ->and($layer->lapSwing(1.0, 0.1, new Xyz(30.0, 30.0, 30.0)))
        ->toEqualWithDelta(0.08, 1e-9);
});

it('goes between fitted angles, and stays as it was beyond the last', function (): void {
    $a = [new Xyz(10.0, 10.0, 10.0), new Xyz(0.0, 0.0, 0.0), new Xyz(0.1, 0.1, 0.1)];
    $b = [new Xyz(20.0, 30.0, 40.0), new Xyz(2.0, 2.0, 2.0), new Xyz(0.3, 0.3, 0.3)];
    $path = new CoatPath([45 => $b, 15 => $a]);
    expect($path->angles())
        ->toBe([15, 45])
        ->and($path->towards(30)[0]->y)
        ->toEqualWithDelta(20.0, 1e-9)
        ->and($path->towards(30)[2]->y)
        ->toEqualWithDelta(0.2, 1e-9)
        ->and($path->towards(110)[0]->z)
        ->toBe(40.0)
        ->and($path->towards(5)[0]->z)
        ->toBe(10.0);
});

it('shows the ground where effect coats stop short of it, and darker old paint where they go past (common practice)', function (): void {
    $y = function (array $steps, float $x): float {
        $colours = layered($steps)->colours(Assumptions::coatsOnly());
        $laid = $colours->laid(new Places($x, 1.0, 1), 400.0);

        return $colours->along(45, $laid)[0]->y;
    };
    $car = redOver(redLayer()->towards(45)[0], 2.0)->y;
    $short = [
        coatStep('g', 'ground', 0.6, 0.2, ['film' => 2]),
        coatStep('e1', 'base', 0.1, 0.1),
        coatStep('e2', 'base', 0.2, 0.1),
    ];
    $past = [
        coatStep('g', 'ground', 0.1, 0.1, ['film' => 2]),
        coatStep('e1', 'base', 0.6, 0.1),
        coatStep('e2', 'base', 0.7, 0.1),
    ];
    // 200 mm out: the ground still covers in the one, no ground any more in the other.
    expect($y($short, 200.0))
        ->toBeGreaterThan(2.0 * $car)
        ->and($y($past, 200.0))
        ->toEqualWithDelta(redOver(new Xyz($car, $car, $car), 2.0)->y, 0.02)
        // A ground that hides to a contrast ratio of 0.98 leaves a fiftieth of what is below.
        ->and($y($past, 0.0))
        ->toEqualWithDelta($car, 0.025 * $car)
        ->and($y($past, 399.0))
        ->toEqualWithDelta($car, 0.02);
});

it('blames the coats, not the colour, of a card that matches', function (): void {
    $past = [
        coatStep('g', 'ground', 0.1, 0.1, ['film' => 2]),
        coatStep('e1', 'base', 0.6, 0.1),
        coatStep('e2', 'base', 0.7, 0.1),
    ];
    $outlook = Sprayed::outlook(layered($past), 400.0, []);
    expect($outlook->parts[Part::Coats->value])
        ->toBeGreaterThan(1.0)
        ->and($outlook->parts[Part::Colour->value])
        ->toBeLessThan(0.1)
        ->and($outlook->stays())
        ->toBe(Part::Coats);
    $edge = [coatStep('g', 'ground', 0, 0, ['film' => 2]), coatStep('e1', 'base', 0, 0), coatStep('e2', 'base', 0, 0)];
    expect(Sprayed::outlook(layered($edge), 400.0, [])->parts[Part::Coats->value])->toBe(0.0);
});

it('is darker and deeper with 0.3 coat too many, lighter with 0.3 too few (common practice)', function (): void {
    $finish = layered([coatStep('g', 'ground', 0, 0), coatStep('e1', 'base', 0, 0)])->finish;
    $many = $finish->withCoats(2.3)->new[45];
    $few = $finish->withCoats(1.7)->new[45];
    expect($many->l)
        ->toBeLessThan($finish->new[45]->l)
        ->and($many->chroma())
        ->toBeGreaterThan($finish->new[45]->chroma())
        ->and($few->l)
        ->toBeGreaterThan($finish->new[45]->l)
        ->and(Ciede2000::between($finish->withCoats(2.0)->new[45], $finish->new[45]))
        ->toBeLessThan(1e-6);
    // Past by the closed form itself.
    $wanted = redOver(redLayer()->towards(45)[0], 2.3)->lab(Viewing::paint());
    expect(Ciede2000::between($many, $wanted))->toBeLessThan(0.02);
});

it('shows laps of strokes: the less they overlap, the more (common practice)', function (): void {
    $stripes = fn (int $overlap): float => Sprayed::outlook(
        layered([
            coatStep('g', 'ground', 0, 0),
            coatStep('e1', 'tinted-clear', 0, 0, ['gun' => ['overlapPercent' => $overlap], 'mixture' => ['tint' => 0.05]]),
        ]),
        400.0,
        [],
    )->parts[Part::Stripes->value];
    expect($stripes(50))
        ->toBeGreaterThan($stripes(75))
        ->and($stripes(75))
        ->toBeGreaterThan($stripes(90));
});

it('swings by what the closed form says a little more and a little less film makes', function (): void {
    $layer = new EffectLayer(redLayer(), 2.0);
    $ground = redLayer()->towards(45)[0];
    $judged = redOver($ground, 2.0);
    // One of the two coats, 4 % peak to peak: an independent route, by difference.
    $wanted = log(redOver($ground, 2.0 - 0.02)->y / redOver($ground, 2.0 + 0.02)->y);
    expect($layer->lapSwing(1.0, 0.04, $judged))->toEqualWithDelta($wanted, 0.001 * $wanted);
});

it('counts how flakes lie by how much of them is there: the last dust of a layer changes nothing', function (): void {
    $finish = Finish::assumed(FinishClass::Pearl, 4, 0.0)->layered(redLayer(), 2.0);
    $sequence = Sprays::read([coatStep('g', 'ground', 0.2, 0.6, ['film' => 2]), coatStep('e1', 'base', 0.2, 0.8)]);
    $colours = Sprays::simulation($sequence, $finish)->colours(Assumptions::landingOnly());
    $y = fn (float $x): float => $colours->along(15, $colours->laid(new Places($x, 1.0, 1), 400.0))[0]->y;
    $old = $finish->newAt(15)->y;
    // Far out the flakes land dry and stand up; the dust at the very end does so too, and covers nothing.
    expect(abs($y(340.0) / $old - 1.0))
        ->toBeGreaterThan(0.005)
        ->and(abs($y(396.0) / $old - 1.0))
        ->toBeLessThan(0.001);
});

it('needs another blend over another ground', function (): void {
    $steps = [
        coatStep('g', 'ground', 0, 0.5, ['film' => 2]),
        coatStep('e1', 'base', 0.05, 0.6),
        coatStep('e2', 'base', 0.3, 0.4),
    ];
    $key = fn (float $fade): string => layered([coatStep('g', 'ground', 0, $fade), ...array_slice($steps, 1)])->key(
        Certainty::Sure,
    );
    expect($key(0.5))->not->toBe($key(0.4));
});
