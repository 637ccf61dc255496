<?php

declare(strict_types=1);

use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Film\FlakeOrder;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Assumptions;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Hiding;
use Kalopsis\Spray\Pigment;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Tint\Formula;
use Kalopsis\Tint\TonerLibrary;

it('lays coarse flakes flatter than fine ones, and they want more to lie down in (common practice)', function (): void {
    $spread = fn (FlakeGrade $g): float => Flakes::of($g)->spreadDeg;
    $wants = fn (FlakeGrade $g): float => FlakeOrder::dryBelowUm(Flakes::of($g));
    expect($spread(FlakeGrade::Coarse))
        ->toBeLessThan($spread(FlakeGrade::Medium))
        ->and($spread(FlakeGrade::Medium))
        ->toBeLessThan($spread(FlakeGrade::Fine))
        ->and($wants(FlakeGrade::Coarse))
        ->toBeGreaterThan($wants(FlakeGrade::Medium))
        ->and($wants(FlakeGrade::Medium))
        ->toBeGreaterThan($wants(FlakeGrade::Fine));
});

it('takes the flakes from the formula, by the area each grade shows', function (): void {
    $library = TonerLibrary::northlight();
    $flakes = fn (array $grams): ?Flakes => Formula::of($grams)->flakes($library);
    expect($flakes(['alu-coarse' => 40.0, 'black' => 3.0]))
        ->toEqual(Flakes::of(FlakeGrade::Coarse))
        ->and($flakes(['white' => 100.0, 'black' => 3.0]))
        ->toBeNull();
    // A gram of fine flakes shows more area than a gram of coarse ones: the mixture lies nearer to the fine.
    $mixed = $flakes(['alu-coarse' => 40.0, 'alu-fine' => 40.0]);
    expect(Flakes::mixed(json_decode((string) json_encode($mixed), true)))->toEqual($mixed);
    $middle = (FlakeGrade::Coarse->sizeUm() + FlakeGrade::Fine->sizeUm()) / 2.0;
    expect($mixed?->sizeUm)->toBeLessThan($middle)->toBeGreaterThan(FlakeGrade::Fine->sizeUm());
});

it('shows a fringe sooner with coarse flakes than with fine ones where no bed is laid', function (): void {
    $fringe = fn (FlakeGrade $grade): float => Sprays::simulation(
        Sprays::stepped(null),
        Finish::assumed(
            FinishClass::MetallicLight,
            3,
            0.0,
            Pigment::of(FinishClass::MetallicLight, Flakes::of($grade)),
        ),
    )->look(300.0, Assumptions::landingOnly())->worst;
    expect($fringe(FlakeGrade::Coarse))->toBeGreaterThan(1.1 * $fringe(FlakeGrade::Fine));
});

it('hides as a painter says it does', function (): void {
    $coats = fn (?float $um): float => Hiding::of(
        Finish::assumed(FinishClass::SolidLight, 7, 0.0, Pigment::of(FinishClass::SolidLight, null, $um)),
        20.0,
        10.0,
    )->coats() ?? INF;
    // Scattering is set by the film that hides, so coats go in proportion to it (Kubelka 1948).
    expect($coats(14.0))->toEqualWithDelta($coats(28.0) / 2.0, 0.01)->and($coats(null))->toBe($coats(28.0));
});
