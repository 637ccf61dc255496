<?php

declare(strict_types=1);

use Kalopsis\Sequence\FinishClass;
use Kalopsis\Spray\Finish;
use Kalopsis\Spray\Hung;

it('looks the same hung as it sits, and further off the further it is turned (common practice: 30 degrees are seen)', function (): void {
    $silver = Finish::assumed(FinishClass::MetallicLight, 3);
    $off = fn (float $degrees): float => Hung::of($silver, $degrees)->worst()[1] ?? -1.0;
    expect($off(0.0))
        ->toBe(0.0)
        ->and($off(30.0))
        ->toBeGreaterThan(1.0)
        ->and($off(10.0))
        ->toBeGreaterThan(0.0)
        ->and($off(10.0))
        ->toBeLessThan($off(30.0));
});

it('cannot turn the flakes of a solid', function (): void {
    expect(Hung::of(Finish::assumed(FinishClass::SolidLight, 3), 30.0)->worst())->toBeNull();
});
