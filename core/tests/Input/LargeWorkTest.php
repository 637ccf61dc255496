<?php

declare(strict_types=1);

use Kalopsis\Card\Spraying;
use Kalopsis\Film\MixRatio;
use Kalopsis\Film\PaintSystemReader;
use Kalopsis\Input\Fields;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Equipment;
use Kalopsis\Job\InstrumentKind;
use Kalopsis\Job\Internal\CupWishReader;
use Kalopsis\Job\Internal\GunReader;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Panel\BodyShapeSvg;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Panel\Freehand;
use Kalopsis\Panel\PanelSizes;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tint\Formula;

/*
 * What is refused as absurd must leave room for what really comes into a shop: the largest and the smallest work that anybody
 * does, and beside it a slip of the finger. All of it common practice.
 */

/** @return list<string> the fields that are refused */
function refused(callable $read): array
{
    try {
        $read();
    } catch (InvalidInput $bad) {
        return array_map(fn ($p): string => $p->field, $bad->problems);
    }

    return [];
}

/** @return list<string> */
function refusedAs(callable $read, mixed $json): array
{
    return refused(function () use ($read, $json): void {
        $problems = new Problems();
        $read(Fields::of($json, $problems, ''));
        $problems->stop();
    });
}

/** @return list<string> */
function refusedInSystem(callable $change): array
{
    $file = dirname(__DIR__, 3) . '/data/paint-systems/northlight-s.json';
    $system = json_decode((string) file_get_contents($file), true);

    return refused(fn () => PaintSystemReader::read($change($system)));
}

/** @return list<string> */
function refusedInStep(array $mixture): array
{
    return refused(fn () => Bodies::sequence(Bodies::withSteps(Bodies::job(), fn (array $steps): array => array_map(
        fn (array $s): array => $s['id'] === 'base-2' ? [...$s, 'mixture' => $mixture] : $s,
        $steps,
    ))));
}

it('takes every gun from an airbrush to a texture gun', function (): void {
    $gun = fn (array $has): array => refusedAs(GunReader::read(...), $has);
    expect($gun(['fanMm' => 65, 'nozzleMm' => 0.35, 'flowMlPerMin' => 25, 'leastBar' => 0.25, 'mostBar' => 1.0]))
        ->toBe([])
        ->and($gun(['fanMm' => 400, 'nozzleMm' => 2.8, 'flowMlPerMin' => 360, 'leastBar' => 2.0, 'mostBar' => 3.5]))
        ->toBe([])
        ->and($gun(['fanMm' => 2800, 'nozzleMm' => 14, 'flowMlPerMin' => 1500, 'leastBar' => 20.0]))
        ->toBe(['leastBar', 'fanMm', 'nozzleMm', 'flowMlPerMin']);
});

it('takes a coat thinned for a last fade, and none of water', function (): void {
    $step = fn (array $mixture): array => array_map(
        fn (string $field): string => preg_replace('/^.*\./', '', $field) ?? '',
        refusedInStep($mixture),
    );
    // Let down to a third with blending clear, and three parts of fade-out solvent to one for the very last pass.
    expect($step(['reducer' => 1.8, 'blendingClear' => 3.5, 'fadeSolvent' => 3.5, 'tint' => 0.4]))
        ->toBe([])
        ->and($step(['reducer' => 0.35]))
        ->toBe([])
        ->and($step(['reducer' => 18, 'blendingClear' => 35, 'fadeSolvent' => 35, 'tint' => 4]))
        ->toBe(['reducer', 'blendingClear', 'fadeSolvent', 'tint']);
});

it('takes a zinc primer, a filler of a quarter of a millimetre, and a thin ground', function (): void {
    $with = fn (array $component, array $product): Closure => function (array $system) use ($component, $product): array {
        $system['products'][0] = [...$system['products'][0], ...$product];
        $system['products'][0]['components'][0] = [...$system['products'][0]['components'][0], ...$component];

        return $system;
    };
    $first = fn (array $component, array $product): array => refusedInSystem($with($component, $product));
    // Zinc-rich primers weigh two and a half to three times what water does, reducers three quarters.
    expect($first(['densityGPerMl' => 3.0, 'pricePerL' => 900], ['dryFilmUm' => 250]))
        ->toBe([])
        ->and($first(['densityGPerMl' => 0.7], ['dryFilmUm' => 4]))
        ->toBe([])
        ->and($first(['densityGPerMl' => 30.0, 'pricePerL' => -1], ['dryFilmUm' => 2500]))
        ->toBe(['products.0.components.0.densityGPerMl', 'products.0.components.0.pricePerL', 'products.0.dryFilmUm']);
});

it('takes a colour that hides in a coat, and a yellow that never seems to', function (): void {
    $hides = fn (float $um): array => refused(fn () => Bodies::sequence(Bodies::job(change: ['colour' => ['hidingUm' => $um]])));
    expect($hides(6.0))->toBe([])->and($hides(70.0))->toBe([])->and($hides(700.0))->toBe(['colour.hidingUm']);
});

it('takes a card as it was sprayed, seven coats from near and far', function (): void {
    $card = fn (array $change): array => refusedAs(Spraying::read(...), [
        'fullCoats' => 2, 'halfCoats' => 0, 'controlCoat' => false, 'ratio' => '1:1', 'reducer' => 'standard', 'bar' => 1.8,
        'distanceMm' => 180, 'overlapPercent' => 70, 'clear' => 'clear', 'undercoatShade' => 4, ...$change,
    ]);
    expect($card(['fullCoats' => 7, 'halfCoats' => 7, 'bar' => 3.5, 'distanceMm' => 400]))
        ->toBe([])
        ->and($card(['bar' => 0.25, 'distanceMm' => 60]))
        ->toBe([])
        ->and($card(['fullCoats' => 70, 'bar' => 35, 'distanceMm' => 4000]))
        ->toBe(['fullCoats', 'bar', 'distanceMm'])
        ->and($card(['ratio' => '800:1']))
        ->toBe([])
        ->and($card(['ratio' => '8000:1']))
        ->toBe(['ratio'])
        ->and(MixRatio::parse('800:1')->total())
        ->toBe(801.0);
});

it('takes the mix for a lorry, sixteen kilograms of it', function (): void {
    $cup = fn (float $ml): array => refusedAs(CupWishReader::read(...), ['base' => ['onHandMl' => $ml, 'leftMl' => 1]]);
    expect($cup(16_000.0))
        ->toBe([])
        ->and($cup(160_000.0))
        ->toBe(['base.onHandMl'])
        ->and(Formula::of(['silver' => 16_000.0])->grams)
        ->toBe(['silver' => 16_000.0])
        ->and(fn () => Formula::of(['silver' => 160_000.0]))
        ->toThrow(Kalopsis\Tint\Exception\BadFormula::class);
});

it('takes the side of a long van, and a flap', function (): void {
    $sizes = fn (float $mm): array => refusedAs(
        fn (Fields $f): PanelSizes => PanelSizes::read($f, Bodies::shipped('vesper-forty')),
        ['quarter-left' => ['alongMm' => $mm]],
    );
    expect($sizes(5200.0))->toBe([])->and($sizes(60.0))->toBe([])->and(count($sizes(52_000.0)))->toBe(1);
});

it('takes an old instrument that repeats badly, and a very good one', function (): void {
    $repeats = fn (float $dE): array => refusedAs(InstrumentKind::read(...), [
        'name' => 'Lent', 'geometry' => '45/0', 'viewing' => 'D65/10', 'repeats' => $dE,
    ]);
    expect($repeats(0.9))
        ->toBe([])
        ->and($repeats(0.012))
        ->toBe([])
        ->and($repeats(9.0))
        ->toBe(['repeats']);
});

it('takes a line drawn slowly by hand', function (): void {
    $drawn = fn (int $points): array => array_map(
        fn (int $i): array => [1500.0 + 200.0 * cos(2.0 * M_PI * $i / $points), 1800.0 + 150.0 * sin(2.0 * M_PI * $i / $points)],
        range(0, $points - 1),
    );
    // Smoothed by no more than two millimetres along an edge of about 1100.
    expect(Freehand::through($drawn(1900))->outline->areaMm2())
        ->toEqualWithDelta(M_PI * 200.0 * 150.0, 2200.0)
        ->and(fn () => Freehand::through($drawn(20_000)))
        ->toThrow(Kalopsis\Panel\Exception\BadOutline::class);
});

/** A lorry's drawing: sheets side by side, trim beside them, and a remark as long as it takes. */
function lorry(int $panels, int $trims = 0, int $bytes = 0, float $side = 400.0): string
{
    $out = '<svg xmlns="http://www.w3.org/2000/svg" data-kalopsis="body-shape 1" data-key="lorry" data-name="Lorry" data-style="box">';
    foreach (range(1, $panels) as $i) {
        $x = $i * ($side + 100.0);
        $out .= "<g id=\"sheet-{$i}\" data-panel=\"door\" data-name=\"Sheet {$i}\" data-material=\"steel\" data-orientation=\"upright\">"
            . "<path data-role=\"outline\" d=\"M{$x} 0 h{$side} v{$side} h-{$side} Z\"/></g>";
    }
    $out .= $trims === 0 ? '' : '<g data-trim="lamp">' . str_repeat('<path d="M0 500 h50 v50 Z"/>', $trims) . '</g>';

    return $out . '<!--' . str_repeat(' lorry', max(0, intdiv($bytes - strlen($out), 6))) . ' --></svg>';
}

it('takes the drawing of a lorry, fifty sheets, eighty lamps and nearly a megabyte, and a flap for the fuel', function (): void {
    $read = fn (string $svg): BodyShape => BodyShapeSvg::read($svg);
    expect($read(lorry(50, 80))->panels)
        ->toHaveCount(50)
        ->and($read(lorry(50, 80))->trim)
        ->toHaveCount(80)
        ->and(fn () => $read(lorry(500)))
        ->toThrow(BadBodyShape::class, 'between 1 and')
        ->and(fn () => $read(lorry(1, 800)))
        ->toThrow(BadBodyShape::class, 'parts of trim')
        ->and($read(lorry(1, 0, 900_000))->panels)
        ->toHaveCount(1)
        ->and(fn () => $read(lorry(1, 0, 9_000_000)))
        ->toThrow(BadBodyShape::class, 'larger than')
        // A flap of 75 mm; the side of a box van, two and a half metres by two and a half; one drawn in inches; one in tenths.
        ->and($read(lorry(1, side: 75.0))->panel('sheet-1')->areaM2())
        ->toEqualWithDelta(0.005625, 1e-9)
        ->and($read(lorry(1, side: 2500.0))->panel('sheet-1')->areaM2())
        ->toEqualWithDelta(6.25, 1e-9)
        ->and(fn () => $read(lorry(1, side: 40.0)))
        ->toThrow(BadBodyShape::class, 'is the drawing in mm')
        ->and(fn () => $read(lorry(1, side: 25_000.0)))
        ->toThrow(BadBodyShape::class, 'is the drawing in mm');
});

it('takes every cup from a dosing beaker to a pail', function (): void {
    $cup = fn (float $ml, float $mm, float $high): array => refusedAs(Equipment::read(...), [
        'booths' => [['name' => 'A']],
        'cups' => [['ml' => $ml, 'bottomMm' => $mm, 'topMm' => $mm, 'heightMm' => $high]],
    ]);
    expect($cup(22, 19, 90))
        ->toBe([])
        ->and($cup(9_000, 150, 550))
        ->toBe([])
        ->and($cup(90_000, 1500, 5500))
        ->toContain('cups.0.ml', 'cups.0.heightMm');
});
