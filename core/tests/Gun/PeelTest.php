<?php

declare(strict_types=1);

use Kalopsis\Gun\GunSetUp;
use Kalopsis\Gun\Peel;

it('lands finer and wetter droplets for a finer peel, and the other way for a coarser (common practice)', function (): void {
    $sheet = new GunSetUp(1.8, 200.0, 70.0);
    expect(Peel::Usual->gun($sheet))->toEqual($sheet)->and(abs(Peel::Usual->turns()))->toBe(0.0);
    foreach (range(1, 4) as $level) {
        $fine = Peel::from($level);
        $coarse = Peel::from($level + 1);
        expect($fine->gun($sheet)->bar)
            ->toBeGreaterThan($coarse->gun($sheet)->bar)
            ->and($fine->gun($sheet)->distanceMm)
            ->toBeLessThan($coarse->gun($sheet)->distanceMm)
            ->and($fine->turns())
            ->toBeGreaterThan($coarse->turns());
    }
});

it('never asks a gun for more than guns can do', function (): void {
    $least = new GunSetUp(GunSetUp::PRESSURE_BAR[0], GunSetUp::DISTANCE_MM[1], 50.0);
    $gun = Peel::VeryCoarse->gun($least);
    expect($gun->bar)->toBe(GunSetUp::PRESSURE_BAR[0])->and($gun->distanceMm)->toBe(GunSetUp::DISTANCE_MM[1]);
});
