<?php

declare(strict_types=1);

use Kalopsis\Calibration\Known;
use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Jet;
use Kalopsis\Gun\Peel;
use Kalopsis\Gun\ShopGun;
use Kalopsis\Gun\Stroke;

it('lays the wet film that a conservation of volume gives, worked by hand in mm and s', function (): void {
    // 120 ml/min are 2000 mm3/s; three fifths land: 1200 mm3/s. A fan of 300 mm at 180 mm, moved at 400 mm/s, half overlapped,
    // sweeps 400 x 300 x 0.5 = 60,000 mm2/s anew: 0.02 mm.
    $gun = new GunSetUp(1.4 + 0.05 / 0.15, 180.0, 50.0, 300.0);
    expect($gun->transferEfficiency())->toEqualWithDelta(0.6, 1e-12)
        ->and((new Stroke(120.0, 400.0))->wetUm($gun))->toEqualWithDelta(20.0, 1e-9)
        // The fan opens in proportion to the distance.
        ->and(Stroke::fanMm(new GunSetUp(1.4, 90.0, 50.0, 300.0)))->toEqualWithDelta(150.0, 1e-9)
        ->and(Stroke::fanMm(new GunSetUp(1.4, 360.0, 50.0, 300.0)))->toEqualWithDelta(600.0, 1e-9);
});

it('lays the films of the model\'s two reference coats, worked by hand', function (): void {
    // Full: 160 ml/min and 500 mm/s at the reference: 2666.67 mm3/s x 0.65 / (500 x 280 x 0.25) = 49.52 um.
    expect(Stroke::full()->wetUm(new GunSetUp(1.4, 180.0, 75.0)))->toEqualWithDelta(49.524, 1e-3)
        // Control: 120 ml/min, 700 mm/s, 85 %, 330 mm, 0.9 bar. 0.605 of 2000 mm3/s lands in a fan of 513.3 mm:
        // 1210 / (700 x 513.3 x 0.15) = 22.45 um.
        ->and(Stroke::control()->wetUm(new GunSetUp(0.9, 330.0, 85.0)))->toEqualWithDelta(22.449, 1e-3);
});

it('lays films and keeps times as the trade does (common practice)', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    // A full base coat goes on at 30 to 60 um wet; a control coat is thinner and its hand faster.
    expect(Stroke::full()->wetUm($sheet))->toBeGreaterThan(30.0)->toBeLessThan(60.0);
    $control = Stroke::control()->wetUm($sheet) / Stroke::full()->wetUm($sheet);
    expect($control)->toBeGreaterThan(0.4)->toBeLessThan(0.75)
        ->and(Stroke::control()->speedMmPerS)->toBeGreaterThan(Stroke::full()->speedMmPerS)
        // A 1.0 mm nozzle gives 40 to 45 ml/min, and the hand is slower with it.
        ->and(Stroke::small()->flowMlPerMin)->toBeGreaterThanOrEqual(40.0)->toBeLessThanOrEqual(45.0)
        ->and(Stroke::smallControl()->flowMlPerMin)->toBeGreaterThanOrEqual(40.0)->toBeLessThanOrEqual(45.0)
        ->and(Stroke::small()->speedMmPerS)->toBeLessThan(Stroke::full()->speedMmPerS)
        ->and(Stroke::smallControl()->speedMmPerS)->toBeGreaterThan(Stroke::small()->speedMmPerS)
        // The small gun is held close and low.
        // The middle of what such a nozzle gives for a full coat, its least for a control coat.
        ->and(Stroke::small()->flowMlPerMin)->toBe((40.0 + 45.0) / 2.0)
        ->and(Stroke::smallControl()->flowMlPerMin)->toBe(40.0)
        // Some tenths of a bar, and not none.
        ->and(GunSetUp::small()->bar)->toBeGreaterThanOrEqual(0.3)->toBeLessThan(1.0)
        ->and(GunSetUp::small()->distanceMm)->toBeGreaterThanOrEqual(80.0)->toBeLessThanOrEqual(120.0)
        ->and(GunSetUp::small()->overlapPercent)->toBeGreaterThanOrEqual(50.0)->toBeLessThanOrEqual(75.0);
});

it('says how a set-up changes the film: closer and slower air is wetter, as much as the fan closes and the share grows', function (): void {
    $sheet = new GunSetUp(1.4, 180.0, 75.0);
    $close = new GunSetUp(1.4, 120.0, 75.0);
    $share = $close->transferEfficiency() / $sheet->transferEfficiency();
    expect(Stroke::change($sheet, $sheet))->toBe(1.0)
        ->and(Stroke::change($sheet, $close))->toEqualWithDelta(1.5 * $share, 1e-12)
        ->and(Stroke::change($close, $sheet))->toEqualWithDelta(1.0 / (1.5 * $share), 1e-12)
        // From 75 to 50 % overlap each place is passed twice instead of four times.
        ->and(Stroke::change($sheet, new GunSetUp(1.4, 180.0, 50.0)))->toEqualWithDelta(0.5, 1e-12);
});

it('loses paint with distance and pressure, within what sprays by hand at all (common practice: 0.2 to 0.85)', function (): void {
    $share = fn (float $bar, float $mm, float $shop = 1.0): float => (new GunSetUp($bar, $mm, 75.0))->transferEfficiency($shop);
    foreach ([[1.4, 180.0], [0.6, 120.0], [2.2, 240.0]] as [$bar, $mm]) {
        expect($share($bar + 0.2, $mm))->toBeLessThan($share($bar, $mm))
            ->and($share($bar, $mm + 20.0))->toBeLessThan($share($bar, $mm))
            // A shop that lands a tenth less everywhere does so here.
            ->and($share($bar, $mm, 0.9))->toEqualWithDelta(0.9 * $share($bar, $mm), 1e-12);
    }
    // A straight line in both: half of the way, half of the loss.
    expect($share(1.4, 180.0) - $share(1.4, 280.0))->toEqualWithDelta(2.0 * ($share(1.4, 180.0) - $share(1.4, 230.0)), 1e-12)
        ->and($share(1.4, 180.0) - $share(2.4, 180.0))->toEqualWithDelta(2.0 * ($share(1.4, 180.0) - $share(1.9, 180.0)), 1e-12)
        ->and($share(4.0, 500.0))->toBe(0.2)
        ->and($share(0.2, 50.0))->toBe(0.85)
        ->and($share(1.4, 180.0, 0.01))->toBe(0.2)
        ->and($share(1.4, 180.0, 9.0))->toBe(0.85);
});

it('tells why so much lands, and what the shop tested of it', function (): void {
    $gun = new GunSetUp(1.8, 200.0, 75.0);
    $plain = $gun->transferFigure();
    expect($plain->value())->toEqualWithDelta(100.0 * $gun->transferEfficiency(), 1e-9)
        ->and($plain->reasons)->toHaveCount(1)
        ->and(json_encode($plain->reasons[0]))->toContain('1.8')->toContain('200');
    $tested = $gun->transferFigure(new Known(0.9, 0.05, ['cup of May']));
    expect($tested->value())->toEqualWithDelta(90.0 * $gun->transferEfficiency(), 1e-9)
        ->and($tested->reasons)->toHaveCount(2)
        ->and(json_encode($tested->reasons[1]))->toContain('cup of May')
        ->and($gun->transferFigure(new Known(0.9, 0.05))->reasons)->toHaveCount(1);
});

it('flies as long as a jet that keeps its core and then slows with one over the distance (integrated step by step)', function (): void {
    foreach ([[1.4, 180.0], [0.5, 80.0], [2.5, 300.0]] as [$bar, $mm]) {
        // Speed at the cap from the whole flight of a longer and a shorter way: t grows with z^2, so v0 z0 is known from two.
        $at = fn (float $z): float => Jet::flightSeconds(new GunSetUp($bar, 1000.0 * $z, 75.0));
        $v0z0 = (0.2 ** 2 - 0.1 ** 2) / (2.0 * ($at(0.2) - $at(0.1)));
        $t = 0.0;
        $n = 20_000;
        $z1 = $mm / 1000.0;
        // Within the core the speed is v0, beyond it v0 z0 / z; z0 from memory of round jets: a few nozzle widths, 25 mm.
        for ($i = 0; $i < $n; $i++) {
            $z = ($i + 0.5) * $z1 / $n;
            $t += $z1 / $n / ($z < 0.025 ? $v0z0 / 0.025 : $v0z0 / $z);
        }
        expect(Jet::flightSeconds(new GunSetUp($bar, $mm, 75.0)))->toEqualWithDelta($t, 2e-4 * $t);
    }
    // Four times the pressure: twice as fast, so half as long; droplets by 4^-0.6 (from memory).
    $soft = new GunSetUp(0.6, 180.0, 75.0);
    $hard = new GunSetUp(2.4, 180.0, 75.0);
    expect(Jet::flightSeconds($hard) / Jet::flightSeconds($soft))->toEqualWithDelta(0.5, 1e-9)
        ->and(Jet::diameterM($hard) / Jet::diameterM($soft))->toEqualWithDelta(4.0 ** -0.6, 1e-9)
        // Fine finishing guns: 25 to 45 um at 1.4 bar; a few hundredths of a second to the panel (from memory).
        ->and(Jet::diameterM(new GunSetUp(1.4, 180.0, 75.0)))->toBeGreaterThan(25e-6)->toBeLessThan(45e-6)
        ->and(Jet::flightSeconds(new GunSetUp(1.4, 180.0, 75.0)))->toBeGreaterThan(3e-3)->toBeLessThan(5e-2)
        // Nobody sprays from within the core: there it is as long as through it.
        ->and(Jet::flightSeconds(new GunSetUp(1.4, 10.0, 75.0)))->toBe(Jet::flightSeconds(new GunSetUp(1.4, 25.0, 75.0)));
});

it('keeps what a shop says of a gun, leaves out what it does not say, and moves the hand with the flow', function (): void {
    $said = new ShopGun('Number 3', 260.0, 1.3, 80.0, 1.5, 2.5);
    $plain = new ShopGun();
    expect(json_decode((string) json_encode($said), true))->toEqual([
        'name' => 'Number 3', 'fanMm' => 260, 'nozzleMm' => 1.3, 'flowMlPerMin' => 80, 'leastBar' => 1.5, 'mostBar' => 2.5,
    ])
        ->and(array_keys($plain->jsonSerialize()))->toBe(['name', 'fanMm'])
        ->and($plain->stroke(Stroke::control(), Stroke::full()))->toEqual(Stroke::control())
        ->and($plain->name)->toBe('')
        ->and($plain->worksAt(0.0))->toBeTrue()
        // No gun draws air in.
        ->and($plain->worksAt(-0.1))->toBeFalse()
        ->and($plain->worksAt(9.0))->toBeTrue()
        ->and(array_map($said->worksAt(...), [1.5, 2.5, 1.49, 2.51]))->toBe([true, true, false, false]);
    // Half of the usual flow of a full coat: half the flow and half the speed of every coat.
    $half = new ShopGun(flowMlPerMin: Stroke::full()->flowMlPerMin / 2.0);
    $control = $half->stroke(Stroke::control(), Stroke::full());
    expect($control->flowMlPerMin / Stroke::control()->flowMlPerMin)->toEqualWithDelta(0.5, 1e-12)
        ->and($control->speedMmPerS / Stroke::control()->speedMmPerS)->toEqualWithDelta(0.5, 1e-12)
        ->and($said->nozzleMm)->toBe(1.3);
    // Twice as much: twice as fast.
    $twice = new ShopGun(flowMlPerMin: 2.0 * Stroke::full()->flowMlPerMin);
    expect($twice->stroke(Stroke::full(), Stroke::full()))
        ->toEqual(new Stroke(2.0 * Stroke::full()->flowMlPerMin, 2.0 * Stroke::full()->speedMmPerS));
});

it('goes in like steps from one peel to the next, and leaves overlap and fan alone', function (): void {
    $sheet = new GunSetUp(2.0, 200.0, 70.0, 250.0);
    $guns = array_map(fn (Peel $p): GunSetUp => $p->gun($sheet), Peel::cases());
    $turns = array_map(fn (Peel $p): float => $p->turns(), Peel::cases());
    for ($i = 1; $i < count($guns); $i++) {
        expect($guns[$i - 1]->bar - $guns[$i]->bar)->toEqualWithDelta($guns[0]->bar - $guns[1]->bar, 1e-9)
            ->and($guns[$i]->distanceMm - $guns[$i - 1]->distanceMm)
            ->toEqualWithDelta($guns[1]->distanceMm - $guns[0]->distanceMm, 1e-9)
            ->and($turns[$i - 1] - $turns[$i])->toEqualWithDelta($turns[0] - $turns[1], 1e-9)
            ->and([$guns[$i]->overlapPercent, $guns[$i]->fanMm])->toBe([70.0, 250.0]);
    }
    // A step is a nudge: a tenth or two of a bar, an inch at the most, a quarter turn or so (common practice).
    expect($guns[0]->bar - $guns[1]->bar)->toBeGreaterThanOrEqual(0.1)->toBeLessThanOrEqual(0.25)
        ->and($guns[1]->distanceMm - $guns[0]->distanceMm)->toBeGreaterThanOrEqual(10.0)->toBeLessThanOrEqual(25.4)
        ->and($turns[0] - $turns[1])->toBeGreaterThanOrEqual(0.125)->toBeLessThanOrEqual(0.5)
        ->and(count(array_unique(array_map(fn (Peel $p): string => $p->words(), Peel::cases()))))->toBe(5);
    $most = Peel::Glass->gun(new GunSetUp(GunSetUp::PRESSURE_BAR[1], GunSetUp::DISTANCE_MM[0], 70.0));
    expect([$most->bar, $most->distanceMm])->toBe([GunSetUp::PRESSURE_BAR[1], GunSetUp::DISTANCE_MM[0]]);
});
