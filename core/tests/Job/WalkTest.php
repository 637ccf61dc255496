<?php

declare(strict_types=1);

use Kalopsis\Colour\EffectFit;
use Kalopsis\Colour\FlakeGrade;
use Kalopsis\Colour\Flakes;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;

/** @return array<string, mixed> */
function walked(array $change = [], float $dL = 2.0): array
{
    $plan = Bodies::planned(Bodies::job('bonnet', change: $change), Colours::silver(), Colours::silver($dL));

    return json_decode(json_encode(SprayedPlan::of($plan)->walk(), JSON_THROW_ON_ERROR), true);
}

it('shows the old finish at the end of a blend and the new one at the primer', function (): void {
    $walk = walked(dL: 4.0);
    $at = array_search(45, $walk['angles'], true);
    $row = array_chunk($walk['tables'][0]['light'][$at], 3);
    $old = $walk['old'][$at];
    expect(end($row))->toEqualWithDelta($old, 1e-4)->and($row[0][1])->toBeGreaterThan($old[1] * 1.05);
});

it('gets darker from face to flop, without a kink between the angles that were measured', function (): void {
    $walk = walked();
    $green = array_column($walk['old'], 1);
    for ($i = 1; $i < count($green) - 1; $i++) {
        // Metallics only fall towards the flop, common practice; a broken interpolation would rise somewhere.
        expect($green[$i])->toBeLessThanOrEqual($green[$i - 1] * 1.001);
    }
    // IEC 61966-2-1: linear light of a grey is Y / 100; silver's own reading at 45 degrees.
    $at = array_search(45, $walk['angles'], true);
    expect($green[$at])->toEqualWithDelta(Colours::silver()->at(45)->xyz()->y / 100.0, 0.02);
});

it('is seen as the verdict says, at the judged angles', function (): void {
    $plan = Bodies::planned(
        Bodies::job('bonnet', change: ['plan' => ['wetBed' => 'off']]),
        Colours::silver(),
        Colours::silver(1.0),
    );
    $spray = SprayedPlan::of($plan);
    $walk = json_decode(json_encode($spray->walk(), JSON_THROW_ON_ERROR), true);
    $most = max(array_map(fn (array $from): float => max(array_map('max', $from)), $walk['tables'][0]['index']));
    // Places are 5 mm apart here and closer in the verdict.
    expect($most / $spray->outlook()->free->worst)->toEqualWithDelta(1.0, 0.05);
});

it('has a distance everywhere on a panel that colour covers without a line to stop at', function (): void {
    $plain = walked(['plan' => ['school' => 'edge-to-edge']]);
    expect(array_filter($plain['field'][0]['mm'], is_null(...)))->toBe([]);
});

it('interpolates what a fit leaves, and holds it beyond the ends', function (): void {
    $flakes = Flakes::of(FlakeGrade::Medium);
    $fit = EffectFit::of(Colours::silver(), $flakes);
    $half = ($fit->restAt(25)->y + $fit->restAt(45)->y) / 2.0;
    expect($fit->restAt(35)->y)->toEqualWithDelta($half, 1e-9)
        ->and($fit->restAt(120)->y)->toBe($fit->restAt(110)->y)
        ->and($fit->restAt(10)->y)->toBe($fit->restAt(15)->y);
});
