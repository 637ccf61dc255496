<?php

declare(strict_types=1);

use Kalopsis\Booth\Bake;
use Kalopsis\Booth\Condensation;
use Kalopsis\Booth\DryingTable;
use Kalopsis\Film\Air;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\FlashOff;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;

it('knows the vapour pressure of water (CRC Handbook of Chemistry and Physics, vapor pressure of water, kPa)', function (float $c, float $kPa): void {
    // From memory. The Magnus form is within 0.3 % over the whole range of booths.
    expect(Air::saturationPa($c) / 1000.0)->toEqualWithDelta($kPa, 0.003 * $kPa);
})->with([[0.0, 0.6113], [20.0, 2.3388], [25.0, 3.1690], [30.0, 4.2455]]);

it('knows where air condenses (psychrometric tables: 25 degC at 60 % 16.7, 20 at 50 % 9.3, 30 at 80 % 26.2)', function (
    float $c,
    float $h,
    float $dew,
): void {
    expect((new Air($c, $h))->dewPointC())->toEqualWithDelta($dew, 0.06);
})->with([[25.0, 60.0, 16.7], [20.0, 50.0, 9.3], [30.0, 80.0, 26.2]]);

it('wants a panel 3 K above the dew point (ISO 8502-4)', function (): void {
    $air = new Air(25.0, 60.0);
    expect(Condensation::in($air)->isDry())
        ->toBeTrue()
        // The dew point is 16.7: a van that comes in at 19 is wet before it is painted, at 20 it is not.
        ->and(Condensation::in($air, 19.0)->isDry())
        ->toBeFalse()
        ->and(Condensation::in($air, 20.0)->isDry())
        ->toBeTrue()
        ->and(Condensation::in(new Air(20.0, 90.0))->isDry())
        ->toBeFalse();
});

it('bakes longer where the car may not get so hot: twice as long every 11 K (common practice), and not for ever', function (): void {
    expect(Bake::of(20.0, null)->minutes)
        ->toBe(20.0)
        ->and(Bake::of(20.0, 80.0)->minutes)
        ->toBe(20.0)
        ->and(Bake::of(20.0, 49.0)->minutes)
        ->toEqualWithDelta(40.0, 1e-9)
        ->and(Bake::of(20.0, 49.0)->celsius)
        ->toBe(49.0)
        ->and(Bake::of(40.0, 30.0)->minutes)
        ->toBeNull()
        ->and(Bake::of(null, null)->minutes)
        ->toBeNull();
});

it('looks drying up in a table as the model computes it', function (Carrier $carrier): void {
    $plan = new Air(22.0, 50.0);
    $volatile = Volatile::of($carrier, Reducer::of(ReducerGrade::Standard));
    $table = DryingTable::kept(json_decode((string) json_encode(DryingTable::of($volatile, $plan)), true));
    $there = FlashOff::rate($volatile, $plan, AirMovement::HandBlower);
    expect($table->rate('hand-blower', 22.0, 50.0, 0.3))->toEqualWithDelta(1.0, 0.003);
    foreach ([[12.0, 35.0], [18.3, 64.0], [27.9, 45.0], [31.0, 82.0]] as [$c, $h]) {
        $exact = FlashOff::rate($volatile, new Air($c, $h), AirMovement::HandBlower) / $there;
        expect($table->rate('hand-blower', $c, $h, 0.3))->toEqualWithDelta($exact, 0.02 * max($exact, 0.3), "{$c} {$h}");
    }
})->with([Carrier::Solvent, Carrier::Waterborne]);

it('dries with the root of the booth\'s air (laminar flat plate), and a blower does not care', function (): void {
    $table = DryingTable::of(Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard)), new Air(20.0, 50.0));
    expect($table->rate('booth', 20.0, 50.0, 1.2))
        ->toEqualWithDelta(2.0, 1e-6)
        ->and($table->rate('hand-blower', 20.0, 50.0, 1.2))
        ->toEqualWithDelta(1.0, 1e-6)
        // Beyond its edges it stands still, and what it does not know it leaves alone.
        ->and($table->rate('booth', 60.0, 50.0, 0.3))
        ->toEqualWithDelta($table->rate('booth', 45.0, 50.0, 0.3), 1e-9)
        ->and($table->rate('wind', 20.0, 50.0, 9.0))
        ->toBe(1.0);
});
