<?php

declare(strict_types=1);

use Kalopsis\Calibration\Constant;
use Kalopsis\Calibration\Known;
use Kalopsis\Cups\Batch;
use Kalopsis\Cups\CoatNeed;
use Kalopsis\Cups\Cup;
use Kalopsis\Cups\CupPlanner;
use Kalopsis\Cups\CupShelf;
use Kalopsis\Cups\CupWish;
use Kalopsis\Cups\Pouring;
use Kalopsis\Cups\Vessel;
use Kalopsis\Film\Air;
use Kalopsis\Film\Mixture;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Film\ProductRole;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Tests\Support\Sprays;

/*
 * One mix worked by hand from the sheets of Northlight S. A square metre of effect base: 7 um dry, solids 0.28 / 1.75 = 16 %,
 * 65 % of it lands at 1.4 bar and 180 mm: 7 / (0.16 x 0.65) = 67.31 ml leave the gun. Let down with one and a half parts of
 * blending clear another 67.31 ml, + 40 ml for the gun = 110 ml, of which one part in 2.5 is the rest of the base: 44 ml.
 * So the first cup takes 67.31 + 40 + 44 = 151.31, rounded up to 160 ml.
 */
function aCoat(
    string $id,
    ProductRole $role,
    MixtureSpec $spec = new MixtureSpec(),
    float $areaM2 = 1.0,
    float $film = 1.0,
): CoatNeed {
    $mixture = Mixture::of(Sprays::system(), $role, $spec, null);

    return new CoatNeed($id, ucfirst($id), $mixture, $areaM2, $film, new GunSetUp(1.4, 180, 50));
}

/**
 * @param list<CoatNeed> $needs
 * @param array<string, CupWish> $wishes
 * @return array<string, array<string, mixed>> as the interface gets them
 */
function toldCups(array $needs, array $wishes = [], float $celsius = 20.0): array
{
    $cups = CupPlanner::plan($needs, 40.0, $wishes, new Air($celsius, 50.0));

    return array_column(json_decode((string) json_encode($cups), true), null, 'id');
}

/**
 * @param array<string, mixed> $figure
 * @return array<string, float|string> what it was reckoned from, by its name
 */
function reckonedFrom(array $figure, int $reason = 0): array
{
    $inputs = array_column($figure['reasons'][$reason]['inputs'], 'value', 'name');

    return array_map(fn (array|string $v): float|string => is_array($v) ? $v['value'] : $v, $inputs);
}

$ml = fn (float $value): array => ['value' => $value, 'unit' => 'ml'];
$melted = fn (): array => [
    aCoat('b1', ProductRole::BaseEffect),
    aCoat('melt', ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5)),
];

it('tells a mix whole, every figure worked by hand', function () use ($ml, $melted): void {
    $wish = new CupWish('450', 100.0, 50.0);
    ['base-effect' => $cup] = toldCups($melted(), ['base-effect' => $wish]);
    unset($cup['total'], $cup['coats']);
    expect($cup)->toEqual([
        'id' => 'base-effect',
        'name' => 'Base coat',
        'product' => 'Northlight S base coat, effect',
        'role' => 'base-effect',
        'ratio' => '1:0.75',
        'standardRatio' => '1:0.75',
        'mixture' => '1:0.75',
        'restOf' => null,
        'follows' => null,
        'count' => 1,
        'vessel' => ['key' => '450', 'ml' => 450.0, 'bottomMm' => 72.0, 'topMm' => 86.0, 'heightMm' => 104.0],
        'chosenVessel' => '450',
        'splits' => array_map(fn (string $v): array => ['vessel' => $v, 'count' => 1], ['200', '450', '750', '1300']),
        // 160 / 1.75 = 91.43 ml of base at 0.98 g/ml; the rest is reducer at 0.87. Heights of the frustum 72/86/104 by its
        // volume: 36^3 + 3 V g / pi with g = 7/104, its third root less 36, over g.
        'pours' => [
            [
                'component' => 'base', 'kind' => 'binder', 'parts' => 1.0, 'ml' => 91.4, 'grams' => 89.6,
                'cumulativeMl' => 91.4, 'cumulativeGrams' => 89.6, 'lineMm' => 21.57,
            ],
            [
                'component' => 'reducer', 'kind' => 'reducer', 'parts' => 0.75, 'ml' => 68.6, 'grams' => 59.7,
                'cumulativeMl' => 160.0, 'cumulativeGrams' => 149.3, 'lineMm' => 36.72,
            ],
        ],
        'volumeSolids' => 0.16,
        // (0.98 + 0.75 x 0.87) / 1.75 = 0.93286.
        'densityGPerMl' => 0.9329,
        'reducerPercent' => 75.0,
        // 160 less what is sprayed and what goes into the let-down mix.
        'wasted' => $ml(48.6923),
        'forRest' => $ml(44.0),
        'left' => $ml(50.0),
        'pourOff' => $ml(6.0),
        'missing' => $ml(0.0),
        // One coat and no more, and 60 ml short of the 160.
        'onHand' => ['ml' => $ml(100.0), 'enough' => false, 'coats' => 1.0, 'short' => $ml(60.0)],
        // (88 + 0.75 x 14) / 1.75 = 56.29 a litre, 0.16 l of it.
        'cost' => 9.01,
        'potLife' => null,
        // DIN 53211: v = 4.57 t - 452 / t. Between 17 s (51.10) and 20 s (68.80) the middle is their geometric mean.
        'viscosity' => [
            'mm2PerS' => 59.3, 'key' => 'din-4', 'cup' => 'DIN 4 mm', 'seconds' => 18.4, 'from' => 17.0, 'to' => 20.0,
            'atC' => 20.0, 'fits' => 0,
        ],
        // 0.72 of the base and all of the reducer evaporates: 870 x 1.47 / 1.75 = 730.8 g/l.
        'voc' => 731.0,
    ]);
});

it('says from what its amount was reckoned', function () use ($melted): void {
    ['base-effect' => $cup, 'base-effect-clear' => $melt] = toldCups($melted());
    expect($cup['total']['value'])
        ->toEqual(160.0)
        ->and($cup['total']['reasons'][0]['rule']['plain'])
        ->toBe('111 ml of coats, 40 ml for gun and filter, rounded up.')
        ->and(reckonedFrom($cup['total']))
        ->toEqual(['coats together' => 67.3077, 'gun and filter' => 40.0, 'for mixing into its rest' => 44.0])
        ->and($melt['total']['reasons'][0]['rule']['plain'])
        ->toBe('67 ml of coats, 40 ml for gun and filter, rounded up.')
        ->and(reckonedFrom($melt['total']))
        ->toEqual(['coats together' => 67.3077, 'gun and filter' => 40.0]);
    [$coat] = $cup['coats'];
    expect([$coat['coat'], $coat['name'], $coat['volume']['value']])
        ->toEqual(['b1', 'B1', 67.3077])
        ->and(reckonedFrom($coat['volume']))
        ->toEqual(['area, rim by half' => 1.0, 'dry film' => 7.0, 'solids as sprayed' => 16.0, 'transfer efficiency' => 65.0])
        ->and(reckonedFrom($coat['volume'], 1))
        ->toEqual(['pressure' => 1.4, 'distance' => 180.0])
        ->and($coat['volume']['reasons'][2]['citation'])
        ->toBe('Sheet 103, edition 2, 2026-02-01');
});

it('says what is missing where less is left than goes into the next mix, and nothing where nobody said what is left', function () use (
    $ml,
    $melted,
): void {
    ['base-effect' => $short] = toldCups($melted(), ['base-effect' => new CupWish(null, null, 30.0)]);
    ['base-effect' => $silent] = toldCups($melted());
    expect([$short['pourOff'], $short['missing'], $short['left']])
        ->toEqual([$ml(0.0), $ml(14.0), $ml(30.0)])
        ->and([$silent['pourOff'], $silent['missing'], $silent['left'], $silent['onHand'], $silent['chosenVessel']])
        ->toBe([null, null, null, null, null]);
    // What nothing is made of has nothing to be poured off.
    $left = ['base-effect' => new CupWish(null, null, 30.0)];
    ['base-effect' => $alone] = toldCups([aCoat('b1', ProductRole::BaseEffect)], $left);
    expect([$alone['pourOff'], $alone['missing'], $alone['left']])->toEqual([null, null, $ml(30.0)]);
});

it('counts the coats that are at hand, the last as far as it goes', function () use ($ml): void {
    $coats = [aCoat('b1', ProductRole::BaseEffect), aCoat('b2', ProductRole::BaseEffect), aCoat('b3', ProductRole::BaseEffect)];
    $has = fn (float $has): array => toldCups($coats, ['base-effect' => new CupWish(null, $has)])['base-effect']['onHand'];
    // 201.92 ml of coats, 250 ml mixed; 100 ml are one coat and 32.69 of 67.31.
    expect($has(100.0))
        ->toEqual(['ml' => $ml(100.0), 'enough' => false, 'coats' => 1.5, 'short' => $ml(150.0)])
        ->and($has(0.0))
        ->toEqual(['ml' => $ml(0.0), 'enough' => false, 'coats' => 0.0, 'short' => $ml(250.0)])
        ->and($has(202.0))
        ->toEqual(['ml' => $ml(202.0), 'enough' => true, 'coats' => 3.0, 'short' => $ml(48.0)])
        ->and($has(400.0)['short'])
        ->toEqual($ml(0.0));
});

it('needs what goes into the next mix too before it has enough, and no more', function (): void {
    $coats = [aCoat('b1', ProductRole::BaseEffect), aCoat('melt', ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5))];
    $takes = CupPlanner::plan($coats, 40.0)[0]->coatsMl();
    $onHand = fn (float $has): array => toldCups($coats, ['base-effect' => new CupWish(null, $has)])['base-effect']['onHand'];
    $enough = fn (float $has): bool => $onHand($has)['enough'];
    expect([$enough($takes), $enough($takes + 44.0 - 1e-6), $enough($takes + 44.0 + 1e-6)])->toBe([false, false, true]);
});

it('counts a coat of nearly nothing by what it takes', function (): void {
    // Half a millilitre, of which a quarter is there.
    $coat = aCoat('b1', ProductRole::BaseEffect, areaM2: 0.5 / 67.3077);
    $cups = toldCups([$coat], ['base-effect' => new CupWish(null, 0.25)]);
    expect($cups['base-effect']['onHand']['coats'])->toEqual(0.5);
});

it('says nothing of a viscosity for which no sheet speaks, and no price where one is missing', function (): void {
    $paint = Sprays::system();
    $solvent = $paint->product(ProductRole::FadeSolvent);
    $mixture = Mixture::of($paint, ProductRole::FadeSolvent, new MixtureSpec(), null);
    [$cup] = CupPlanner::plan([new CoatNeed('f', 'F', $mixture, 1.0, 1.0, $solvent->gun)], 40.0);
    $told = json_decode((string) json_encode($cup), true);
    expect($told['viscosity'])
        ->toBeNull()
        ->and($told['reducerPercent'])
        ->toBeNull()
        // 26 a litre.
        ->and($told['cost'])
        ->toEqual(round(26.0 * $cup->total->value() / 1000, 2));
    $priced = Mixture::of($paint, ProductRole::BaseEffect, new MixtureSpec(), null);
    expect(CupPlanner::cost($priced, 1000.0))->toEqualWithDelta((88 + 0.75 * 14) / 1.75, 1e-9);
});

it('is thinner in a warm booth than at the temperature of its sheet, and still what the sheet means', function (): void {
    $base = [aCoat('b1', ProductRole::BaseEffect)];
    $told = fn (float $celsius): array => toldCups($base, [], $celsius)['base-effect']['viscosity'];
    // Andrade, 3000 K: exp(3000 (1/303.15 - 1/293.15)) = 0.7135 of 59.3 mm2/s, which runs out of the DIN cup in 15.6 s.
    expect([$told(30.0)['mm2PerS'], $told(30.0)['seconds'], $told(30.0)['fits']])->toEqual([42.3, 15.6, 0]);
});

it('fills for everything that is made of it, one after the other', function (): void {
    // Thinner and thinner: each comes out of the one before, which is filled for it.
    $cups = CupPlanner::plan(
        [
            aCoat('b1', ProductRole::BaseEffect),
            aCoat('b2', ProductRole::BaseEffect, new MixtureSpec(1.3)),
            aCoat('b3', ProductRole::BaseEffect, new MixtureSpec(1.6)),
        ],
        40.0,
    );
    // 1:1.2 is 2.2 parts, 1:0.975 is 1.975: 110 ml of the last hold 98.75 of the middle, which holds 1.75 / 1.975 of the first.
    expect(array_map(fn (Cup $c): float => $c->total->value(), $cups))
        ->toBe([300.0, 210.0, 110.0])
        ->and($cups[1]->forRestMl)
        ->toEqualWithDelta(110.0 * 1.975 / 2.2, 1e-9)
        ->and($cups[0]->forRestMl)
        ->toEqualWithDelta(210.0 * 1.75 / 1.975, 1e-9)
        ->and($cups[0]->wastedMl)
        ->toEqualWithDelta(300.0 - 67.3077 - 210.0 * 1.75 / 1.975, 1e-4);
});

it('fills one cup for two mixes that are made of it', function (): void {
    $cups = CupPlanner::plan(
        [
            aCoat('b1', ProductRole::BaseEffect),
            aCoat('m1', ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5)),
            aCoat('m2', ProductRole::BaseEffect, new MixtureSpec(1.0, 3.0)),
        ],
        40.0,
    );
    // 110 ml each: 44 ml for the one, a quarter, 27.5 ml, for the other; 67.31 + 40 + 71.5 = 178.81.
    expect($cups[0]->forRestMl)->toEqualWithDelta(71.5, 1e-9)->and($cups[0]->total->value())->toBe(180.0);
});

it('asks for a second coat of clear what the first took and a tenth more, by what was left of it', function (): void {
    $clear = fn (string $id, float $area = 1.0, float $film = 1.0): CoatNeed => aCoat(
        $id,
        ProductRole::Clear,
        areaM2: $area,
        film: $film,
    );
    // 28 um dry, solids (0.92 + 0.4) / 3.15 = 41.90 %: 66.82 um wet / 0.65 = 102.80 ml, + 40, rounded up: 150.
    $second = fn (array $coats, ?float $left): array => toldCups(
        $coats,
        $left === null ? [] : ['clear' => new CupWish(null, null, $left)],
    )['clear-2'];
    $planned = $second([$clear('c1'), $clear('c2')], null);
    $took = $second([$clear('c1'), $clear('c2')], 10.0);
    expect([$planned['total']['value'], $planned['follows'], $planned['name']])
        // 102.80 x 1.1 = 113.08.
        ->toEqual([120.0, 'clear', 'Clear coat 2'])
        ->and($planned['total']['reasons'][0]['rule']['plain'])
        ->toBe('What the coat before takes, and a tenth more; what is in the gun stays in it.')
        ->and(reckonedFrom($planned['total']))
        ->toEqual(['the coat before' => 102.7972])
        // 150 less 10 are 140 ml, and a tenth.
        ->and($took['total']['value'])
        ->toEqual(160.0)
        ->and($took['total']['reasons'][0]['rule']['plain'])
        ->toBe('What the coat before took, and a tenth more; what is in the gun stays in it.')
        ->and(reckonedFrom($took['total']))
        ->toEqual(['the coat before' => 140.0])
        // More left than was mixed: nothing was sprayed of it.
        ->and($second([$clear('c1'), $clear('c2')], 500.0)['total']['value'])
        ->toEqual(0.0)
        // Over half the area half of it, and a tenth; a coat laid a fifth thicker counts for the tenth.
        ->and($second([$clear('c1'), $clear('c2', 0.5)], null)['total']['value'])
        ->toEqual(60.0)
        ->and($second([$clear('c1'), $clear('c2', 1.0, 1.2)], null)['total']['value'])
        ->toEqual(130.0)
        // Laid thinner over twice the area: 0.8 x 2 x 1.1 x 102.80 = 180.9.
        ->and($second([$clear('c1'), $clear('c2', 2.0, 0.8)], null)['total']['value'])
        ->toEqual(190.0);
    $three = toldCups([$clear('c1'), $clear('c2'), $clear('c3')]);
    expect(array_column($three, 'follows'))
        ->toBe([null, 'clear', 'clear-2'])
        ->and(array_column($three, 'name'))
        ->toBe(['Clear coat 1', 'Clear coat 2', 'Clear coat 3'])
        ->and($three['clear']['potLife'])
        ->toEqual(['value' => 60.0, 'unit' => 'min']);
    $four = toldCups([$clear('c1'), $clear('c2'), $clear('c3'), $clear('c4')]);
    expect($four['clear-4']['follows'])->toBe('clear-3');
});

it('says what the rest is a rest of, and how much of it goes with how much', function (): void {
    $mixture = Mixture::of(Sprays::system(), ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5), null);
    [$rest, $clear, $reducer] = Pouring::of($mixture, 110.0, Vessel::of(200.0), 0.4);
    // One part of the rest to 1.5 of ready blending clear, which is 1:0.1 itself.
    expect([$rest->component, $rest->kind, $rest->parts])
        ->toBe(['what is left of the base coat', null, 1.0])
        ->and($clear->parts)
        ->toEqualWithDelta(1.5 / 1.1, 1e-9)
        ->and($reducer->parts)
        ->toEqualWithDelta(0.15 / 1.1, 1e-9)
        ->and($rest->jsonSerialize()['kind'])
        ->toBeNull();
});

it('takes of its shelf the smallest cup that holds it, and says how many of each size would', function (): void {
    $shelf = new CupShelf();
    expect($shelf->for(200.0)?->key())
        ->toBe('200')
        ->and($shelf->for(200.1)?->key())
        ->toBe('450')
        ->and($shelf->for(1300.1))
        ->toBeNull()
        ->and($shelf->largest()->key())
        ->toBe('1300')
        ->and(array_column($shelf->splits(400.0), 'count', 'vessel'))
        ->toEqual([200 => 2, 450 => 1, 750 => 1, 1300 => 1])
        ->and(array_column($shelf->splits(0.0), 'count'))
        ->toBe([1, 1, 1, 1])
        ->and(array_column($shelf->splits(1301.0), 'count', 'vessel'))
        ->toEqual([200 => 7, 450 => 3, 750 => 2, 1300 => 2])
        ->and(json_decode((string) json_encode($shelf), true))
        ->toHaveCount(4);
});

it('puts several like cups into the smallest that holds its share', function (): void {
    // 21 m2: 1413.5 + 40 = 1460 ml in two cups of the largest; 730 each go into the one of 750.
    [$cup] = CupPlanner::plan([aCoat('b1', ProductRole::BaseEffect, areaM2: 21.0)], 40.0);
    expect([$cup->count, $cup->vessel->key()])
        ->toBe([2, '750'])
        ->and($cup->pours[1]->cumulativeMl)
        ->toEqualWithDelta(730.0, 1e-9);
    // The one that was chosen, as many as it takes.
    $wish = ['base-effect' => new CupWish('450')];
    [$small] = CupPlanner::plan([aCoat('b1', ProductRole::BaseEffect, areaM2: 21.0)], 40.0, $wish);
    expect([$small->count, $small->vessel->key()])->toBe([4, '450']);
});

it('shapes a cup that nobody measured like the usual one nearest in size', function (): void {
    // Between 450 and 750 the geometric mean, 580.9 ml, divides: a cup of 580 is the small one, 1.0883 times; 582 the large.
    $small = Vessel::of(580.0)->jsonSerialize();
    $large = Vessel::of(582.0)->jsonSerialize();
    expect($small)
        ->toEqual(['ml' => 580.0, 'bottomMm' => 78.4, 'topMm' => 93.6, 'heightMm' => 113.2])
        ->and($large)
        ->toEqual(['ml' => 582.0, 'bottomMm' => 79.0, 'topMm' => 93.7, 'heightMm' => 113.9])
        ->and(Vessel::of(300.4)->key())
        ->toBe('300')
        ->and(Vessel::of(300.6)->key())
        ->toBe('301');
});

it('takes what a shop has measured of its paint that lands', function (): void {
    $need = aCoat('b1', ProductRole::BaseEffect, film: 1.5);
    $untested = Known::untested(Constant::Transfer);
    $known = new CoatNeed($need->coatId, $need->coatName, $need->mixture, 1.0, 1.5, $need->gun, $untested);
    $half = new CoatNeed($need->coatId, $need->coatName, $need->mixture, 1.0, 1.5, $need->gun, new Known(0.5, 0.1, ['a cup']));
    // 43.75 um wet is a full coat: half as much more is 65.625.
    expect($need->wetUm())
        ->toEqualWithDelta(65.625, 1e-9)
        ->and($known->millilitres())
        ->toBe($need->millilitres())
        // Half as much lands: twice as much leaves the gun.
        ->and($half->millilitres())
        ->toEqualWithDelta(2.0 * $need->millilitres(), 1e-9);
});

it('mixes for an area that is there, and by role and what is added', function (): void {
    $batches = Batch::all([
        aCoat('none', ProductRole::BaseEffect, areaM2: 0.0),
        aCoat('b1', ProductRole::BaseEffect),
        aCoat('melt', ProductRole::BaseEffect, new MixtureSpec(1.0, 1.5)),
        aCoat('b2', ProductRole::BaseEffect),
    ]);
    expect(array_keys($batches))
        ->toBe(['base-effect', 'base-effect-clear'])
        ->and(array_map(fn (CoatNeed $n): string => $n->coatId, $batches['base-effect']->needs))
        ->toBe(['b1', 'b2'])
        ->and([$batches['base-effect']->restOf, $batches['base-effect']->restShare])
        ->toBe([null, 0.0])
        ->and($batches['base-effect-clear']->restShare)
        ->toEqualWithDelta(0.4, 1e-12);
});

it('leaves 30 to 50 ml in gun, filter and walls where nobody says otherwise: 40 (common practice)', function (): void {
    expect(CupPlanner::REMAINDER_ML)->toBe((30.0 + 50.0) / 2.0);
});
