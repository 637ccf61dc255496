<?php

declare(strict_types=1);

use Kalopsis\Film\Air;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Pace;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Sprays;
use Kalopsis\Units\UnitSystem;

/** @return list<Coat> */
function coatsOf(CoatSequence $sequence, string $system = 'northlight-s'): array
{
    return $sequence->drawnOut(300.0, Sprays::system($system), FinishClass::MetallicLight, GunChoice::Standard, []);
}

function paceIn(float $celsius, float $humidity, string $system = 'northlight-s', ?Reducer $reducer = null): Pace
{
    return new Pace(
        Sprays::system($system),
        $reducer ?? Reducer::advised($celsius, 1.0, false),
        new Air($celsius, $humidity),
    );
}

it('waits as long as painters expect (common practice)', function (
    string $system,
    float $celsius,
    float $humidity,
    float $least,
    float $most,
): void {
    $coats = coatsOf(Sprays::stepped(null), $system);
    $wait = paceIn($celsius, $humidity, $system)->waiting($coats[0]);
    expect($wait)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([
    'solvent, 5 to 10 min at 20 °C' => ['northlight-s', 20.0, 50.0, 5.0, 10.0],
    'solvent, 5 to 10 min at 22 °C' => ['northlight-s', 22.0, 50.0, 5.0, 10.0],
    'waterborne, 2 to 5 min under a hand blower' => ['northlight-w', 22.0, 50.0, 2.0, 5.0],
    'waterborne in damp air, longer' => ['northlight-w', 22.0, 80.0, 5.0, 20.0],
]);

it('never jumps by more than a minute for a tenth of a degree, where a grade used to jump by twenty', function (): void {
    $coat = coatsOf(Sprays::stepped(null))[0];
    $before = null;
    for ($c = 12.0; $c <= 36.0; $c += 0.1) {
        $wait = paceIn($c, 50.0)->waiting($coat);
        expect(abs($wait - ($before ?? $wait)))->toBeLessThan(1.0);
        $before = $wait;
    }
});

it('says the minutes it computes, and says when nothing dries', function (): void {
    $coats = coatsOf(Sprays::stepped(null));
    $pace = paceIn(22.0, 50.0);
    $waits = array_map(fn (Coat $c): int => (int) round($pace->waiting($c)), $coats);
    $says = $pace->betweenCoats($coats)->rule->in(UnitSystem::Metric);
    expect($says)->toContain(min($waits) . ' min')->toContain(max($waits) . ' min');
    expect(
        paceIn(22.0, 100.0, 'northlight-w')
            ->betweenCoats(coatsOf(Sprays::stepped(null), 'northlight-w'))
            ->rule->in(UnitSystem::Metric),
    )->toContain('does not dry');
});

it('takes different minutes for a bed kept wet, flashed, and fresh before each coat', function (): void {
    $pace = paceIn(22.0, 50.0, 'northlight-s', Reducer::of(ReducerGrade::Standard));
    $minutes = [];
    foreach (['inside-out-bed-wet', 'inside-out-wet-bed', 'bed-before-each'] as $school) {
        $steps = (new Bodies())->school($school)?->sequence(FinishClass::MetallicLight) ?? new CoatSequence([]);
        $minutes[$school] = array_sum(array_map(fn (Coat $c): float => $pace->waiting($c), coatsOf($steps)));
    }
    expect(count(array_unique(array_map(fn (float $m): int => (int) round($m), $minutes))))->toBe(3);
});
