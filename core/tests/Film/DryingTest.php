<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Flight;
use Kalopsis\Film\Laid;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Jet;
use Kalopsis\Gun\Stroke;

uses(Eris\TestTrait::class);

function laid(
    GunSetUp $gun,
    Stroke $stroke,
    Air $air,
    ReducerGrade $grade = ReducerGrade::Standard,
    Carrier $carrier = Carrier::Solvent,
    float $solids = 0.16,
): Laid {
    return Laid::of($stroke->wetUm($gun), $solids, 1.0, $gun, Volatile::of($carrier, Reducer::of($grade)), $air);
}

it('knows the saturation pressure of water (CRC Handbook: 0 C 611 Pa, 20 C 2339 Pa, 30 C 4247 Pa)', function (
    float $c,
    float $pa,
): void {
    expect(Air::saturationPa($c))->toEqualWithDelta($pa, 0.004 * $pa);
})->with([[0.0, 611.3], [20.0, 2338.8], [30.0, 4246.9]]);

it('knows wet bulb and dew point (psychrometric tables: 22 C, 50 %: 15.4 and 11.1 C)', function (): void {
    $air = new Air(22.0, 50.0);
    expect($air->wetBulbC())
        ->toEqualWithDelta(15.45, 0.02)
        ->and($air->dewPointC())
        ->toEqualWithDelta(11.1, 0.05)
        ->and((new Air(22.0, 100.0))->wetBulbC())
        ->toEqualWithDelta(22.0, 0.01)
        ->and((new Air(22.0, 100.0))->dewPointC())
        ->toEqualWithDelta(22.0, 0.01);
});

it(
    'knows the vapour pressure of n-butyl acetate (ICSC 0399: 1.2 kPa at 20 C; Clausius and Clapeyron: doubled by 32 C)',
    function (): void {
        expect(Volatile::solventPa(20.0))
            ->toBe(1200.0)
            ->and(Volatile::solventPa(32.1) / Volatile::solventPa(20.0))
            ->toEqualWithDelta(2.0, 0.05);
    },
);

it('uses the flat-plate correlation (Incropera and DeWitt: Sh = 0.664 Re^0.5 Sc^(1/3))', function (): void {
    // Re = 10000 and Sc = 1 by choice of the numbers.
    expect(FlashOff::sherwood(0.306, 0.5, 1.53e-5))
        ->toEqualWithDelta(66.4, 0.01)
        ->and(FlashOff::sherwood(0.612, 0.5, 1.53e-5) / FlashOff::sherwood(0.306, 0.5, 1.53e-5))
        ->toEqualWithDelta(sqrt(2.0), 1e-9);
});

it('lays, loses and flashes a standard coat and a control coat as docs/model.md section 8 works out', function (
    GunSetUp $gun,
    Stroke $stroke,
    array $wants,
): void {
    $air = new Air(22.0, 50.0);
    $coat = laid($gun, $stroke, $air);
    $minutes = FlashOff::minutes(
        $coat->volatileUm(),
        FlashOff::rate(Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard)), $air, AirMovement::Booth),
    );
    expect(round($coat->wetUm, 1))
        ->toBe($wants[0])
        ->and(round($coat->dryUm, 2))
        ->toBe($wants[1])
        ->and(round(100 * $coat->lossShareOfVolatile()))
        ->toBe($wants[2])
        ->and(round($coat->volatileUm(), 1))
        ->toBe($wants[3])
        ->and(round($minutes, 1))
        ->toBe($wants[4]);
})->with([
    'standard' => [new GunSetUp(1.4, 170.0, 70.0), new Stroke(160.0, 500.0), [44.2, 7.08, 12.0, 32.9, 6.0]],
    'control' => [new GunSetUp(0.9, 330.0, 85.0), new Stroke(120.0, 700.0), [22.4, 3.59, 30.0, 13.1, 2.4]],
]);

it('gives the flash times of docs/model.md section 8', function (
    Carrier $carrier,
    float $c,
    float $humidity,
    ReducerGrade $grade,
    AirMovement $movement,
    float $minutes,
): void {
    $air = new Air($c, $humidity);
    $coat = laid(
        new GunSetUp(1.4, 170.0, 70.0),
        Stroke::full(),
        $air,
        $grade,
        $carrier,
        $carrier === Carrier::Solvent ? 0.16 : 0.19 / 1.15,
    );
    expect(
        FlashOff::minutes($coat->volatileUm(), FlashOff::rate(Volatile::of($carrier, Reducer::of($grade)), $air, $movement)),
    )->toEqualWithDelta($minutes, max(0.06, 0.02 * $minutes));
})->with([
    [Carrier::Solvent, 15.0, 50.0, ReducerGrade::Fast, AirMovement::Booth, 4.3],
    [Carrier::Solvent, 15.0, 50.0, ReducerGrade::ExtraSlow, AirMovement::Booth, 24.7],
    [Carrier::Solvent, 22.0, 50.0, ReducerGrade::Standard, AirMovement::Booth, 6.0],
    [Carrier::Solvent, 22.0, 50.0, ReducerGrade::Slow, AirMovement::Booth, 9.6],
    [Carrier::Solvent, 30.0, 50.0, ReducerGrade::Fast, AirMovement::Booth, 1.4],
    [Carrier::Solvent, 30.0, 50.0, ReducerGrade::Standard, AirMovement::Booth, 3.6],
    [Carrier::Waterborne, 22.0, 50.0, ReducerGrade::Standard, AirMovement::Booth, 27.0],
    [Carrier::Waterborne, 22.0, 50.0, ReducerGrade::Standard, AirMovement::Stand, 8.6],
    [Carrier::Waterborne, 22.0, 50.0, ReducerGrade::Standard, AirMovement::HandBlower, 3.8],
    [Carrier::Waterborne, 22.0, 80.0, ReducerGrade::Standard, AirMovement::Booth, 68.0],
    [Carrier::Waterborne, 22.0, 80.0, ReducerGrade::Standard, AirMovement::Stand, 21.0],
    [Carrier::Waterborne, 22.0, 80.0, ReducerGrade::Standard, AirMovement::HandBlower, 9.6],
]);

it('loses nothing of the paint: wet is dry, landed and lost', function (): void {
    $this->limitTo(150)
        ->forAll(
            Generators::choose(5, 40),
            Generators::choose(100, 400),
            Generators::choose(20, 90),
            Generators::choose(5, 40),
        )
        ->then(function (int $bar, int $mm, int $overlap, int $c): void {
            $coat = laid(new GunSetUp($bar / 10, (float) $mm, (float) $overlap), Stroke::full(), new Air((float) $c, 50.0));
            expect($coat->dryUm + $coat->volatileUm() + $coat->lostUm)
                ->toEqualWithDelta($coat->wetUm, 1e-9)
                ->and($coat->volatileUm())
                ->toBeGreaterThan(0.0)
                ->and($coat->pigmentedUm)
                ->toBeLessThanOrEqual($coat->dryUm);
        });
});

it('loses more from further away, at higher pressure, in hotter air, with faster reducer', function (): void {
    $loss = fn (
        float $bar = 1.4,
        float $mm = 170.0,
        float $c = 22.0,
        ReducerGrade $g = ReducerGrade::Standard,
    ): float => Flight::loss(
        new GunSetUp($bar, $mm, 50.0),
        Volatile::of(Carrier::Solvent, Reducer::of($g)),
        new Air($c, 50.0),
        0.16,
    );
    expect($loss(mm: 250.0))
        ->toBeGreaterThan($loss())
        ->and($loss(bar: 2.0))
        ->toBeGreaterThan($loss())
        ->and($loss(c: 32.0))
        ->toBeGreaterThan($loss())
        ->and($loss(g: ReducerGrade::Fast))
        ->toBeGreaterThan($loss())
        ->and($loss(g: ReducerGrade::ExtraSlow))
        ->toBeLessThan($loss())
        // However far: never more than 95 % of the volatile.
        ->and($loss(4.0, 500.0, 45.0, ReducerGrade::Fast))
        ->toEqualWithDelta(0.95 * 0.84, 1e-9)
        ->and(Jet::diameterM(new GunSetUp(2.8, 170.0, 50.0)))
        ->toBeLessThan(35e-6);
});

it('flashes in proportion to the film, faster when warm or blown, and water slower when humid', function (): void {
    $water = Volatile::of(Carrier::Waterborne, Reducer::of(ReducerGrade::Standard));
    $rate = fn (float $c, float $h, AirMovement $m): float => FlashOff::rate($water, new Air($c, $h), $m);
    expect(FlashOff::minutes(40.0, 5.0))
        ->toBe(2 * FlashOff::minutes(20.0, 5.0))
        ->and(FlashOff::minutes(20.0, 0.0))
        ->toBe(INF)
        ->and($rate(28.0, 50.0, AirMovement::Booth))
        ->toBeGreaterThan($rate(20.0, 50.0, AirMovement::Booth))
        ->and($rate(22.0, 80.0, AirMovement::Booth))
        ->toBeLessThan($rate(22.0, 40.0, AirMovement::Booth))
        ->and($rate(22.0, 50.0, AirMovement::HandBlower))
        ->toBeGreaterThan($rate(22.0, 50.0, AirMovement::Stand))
        ->and($rate(22.0, 100.0, AirMovement::HandBlower))
        ->toEqualWithDelta(0.0, 1e-6);
});

it('lays twice as much at 75 % overlap as at 50 %', function (): void {
    expect(Stroke::full()->wetUm(new GunSetUp(1.4, 170.0, 75.0)) / Stroke::full()->wetUm(new GunSetUp(1.4, 170.0, 50.0)))
        ->toEqualWithDelta(2.0, 1e-12)
        ->and(Stroke::change(new GunSetUp(1.4, 150.0, 50.0), new GunSetUp(1.4, 150.0, 50.0)))
        ->toBe(1.0);
});

it('lays flakes flat where they land wet and lets them swim where far too wet', function (): void {
    $medium = FlakeOrder::dryBelowUm(Flakes::of(FlakeGrade::Medium));
    expect(FlakeOrder::dryness(0.0, 5.5, $medium))
        ->toBe(1.0)
        ->and(FlakeOrder::dryness(4.0, 5.5, $medium))
        ->toEqualWithDelta(exp(-1), 1e-12)
        ->and(FlakeOrder::dryness(30.0, 5.5, $medium))
        ->toBeLessThan(0.001)
        // Fast air needs more liquid for the same order.
        ->and(FlakeOrder::dryness(4.0, 11.0, $medium))
        ->toBeGreaterThan(FlakeOrder::dryness(4.0, 5.5, $medium))
        ->and(FlakeOrder::tooWet(60.0))
        ->toBe(0.0)
        ->and(FlakeOrder::tooWet(90.0))
        ->toBe(0.5)
        ->and(FlakeOrder::tooWet(200.0))
        ->toBe(1.0)
        ->and(FlakeOrder::lobe(Flakes::of(FlakeGrade::Medium), 1.0)->spreadDeg)
        ->toEqualWithDelta(6.75, 1e-9);
});
