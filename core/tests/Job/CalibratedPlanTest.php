<?php

declare(strict_types=1);

use Kalopsis\Booth\DryingTable;
use Kalopsis\Calibration\Calibration;
use Kalopsis\Calibration\Known;
use Kalopsis\Film\Air;
use Kalopsis\Film\Carrier;
use Kalopsis\Film\Reducer;
use Kalopsis\Film\ReducerGrade;
use Kalopsis\Film\Volatile;
use Kalopsis\Job\Conditions;
use Kalopsis\Job\DoneInTheBooth;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Why\Reason;
use Kalopsis\Why\SourceKind;

/** @param array<string, array{float, float}> $known factor and spread by key */
function testedPlan(array $known, array $change = []): JobPlan
{
    $shop = new Calibration(array_map(fn (array $k): Known => new Known($k[0], $k[1], ['a test']), $known));
    $spec = (new JobReader(new Bodies($shop)))->read(Bodies::job('bonnet', change: $change));

    return (new JobPlanner())->plan($spec, Colours::silver(), Colours::silver(1.5));
}

/** What bounds the verdict: high over low of nine in ten. */
function widthOf(JobPlan $plan): float
{
    $o = SprayedPlan::of($plan)->outlook();

    return $o->high() / $o->low();
}

it('is surer of a colour and an eye that were tested', function (): void {
    $colour = testedPlan([])->job->colour->subject();
    $untested = widthOf(testedPlan([]));
    $hiding = widthOf(testedPlan(["hiding {$colour}" => [1.0, 0.03]]));
    $both = widthOf(testedPlan(["hiding {$colour}" => [1.0, 0.03], 'eye' => [1.0, 0.05]]));
    $all = widthOf(testedPlan([
        "hiding {$colour}" => [1.0, 0.03],
        'eye' => [1.0, 0.05],
        'flakes' => [1.0, 0.05],
        'dry-below' => [1.0, 0.05],
    ]));
    expect($hiding)->toBeLessThan($untested)->and($both)->toBeLessThan($hiding)->and($all)->toBeLessThan($both);
    // Another colour's card says nothing of this one.
    expect(widthOf(testedPlan(['hiding other' => [1.0, 0.03]])))->toBe($untested);
});

it('needs a longer blend for a sharper eye, and films that hide worse', function (): void {
    $need = fn (array $known): float => testedPlan($known)->blend->need->simulatedMm ?? INF;
    $colour = testedPlan([])->job->colour->subject();
    expect($need(['eye' => [1.3, 0.2]]))
        ->toBeGreaterThan($need([]))
        ->and($need(['eye' => [0.75, 0.2]]))
        ->toBeLessThan($need([]));
    $coats = fn (array $known): ?float => SprayedPlan::of(testedPlan($known))->outlook()->hiding->coats();
    expect($coats(["hiding {$colour}" => [1.4, 0.05]]) / $coats([]))->toEqualWithDelta(1.4, 0.02);
    // What the painter typed of this colour wins over the card.
    $typed = fn (array $known): float => testedPlan($known, ['colour' => ['hidingUm' => 20.0]])->job->pigment()->hidingUm;
    expect($typed(["hiding {$colour}" => [1.4, 0.05]]))->toBe(20.0)->and($typed([]))->toBe(20.0);
});

it('shows each look of a sharper eye by as much more', function (): void {
    $seen = fn (array $known): array => (function (JobPlan $plan): array {
        $o = SprayedPlan::of($plan)->outlook();

        return [...$o->parts, 'butt' => SprayedPlan::of($plan)->buttIndex()];
    })(testedPlan($known));
    [$plain, $sharp] = [$seen([]), $seen(['eye' => [1.25, 0.2]])];
    // Not the fade: the longer blend that such an eye asks for is planned already.
    foreach (['hiding', 'butt', 'stripes'] as $part) {
        expect($plain[$part])->toBeGreaterThan(1e-6)->and($sharp[$part] / $plain[$part])->toEqualWithDelta(1.25, 0.01);
    }
});

it('waits less in a booth that dries faster, by so much', function (): void {
    $waits = fn (array $known): array => array_map(
        fn ($coat): float => testedPlan($known)->pace()->waiting($coat),
        array_values(array_filter(testedPlan($known)->blend->coats, fn ($c): bool => $c->isColour())),
    );
    [$usual, $fast] = [$waits([]), $waits(['flash' => [1.5, 0.1]])];
    foreach ($usual as $i => $minutes) {
        expect($minutes / $fast[$i])->toEqualWithDelta(1.5, 0.01);
    }
});

it('mixes more where less lands', function (): void {
    $ml = function (array $known): float {
        $sum = 0.0;
        foreach (testedPlan($known)->cups as $cup) {
            foreach ($cup->coats as $amount) {
                $sum += $amount->volume->value();
            }
        }

        return $sum;
    };
    expect($ml(['transfer' => [0.8, 0.05]]) / $ml([]))->toEqualWithDelta(1.0 / 0.8, 0.02);
});

it('says why, and from which tests', function (): void {
    $colour = testedPlan([])->job->colour->subject();
    $shop = fn (array $reasons): array => array_values(
        array_filter($reasons, fn (Reason $r): bool => $r->source === SourceKind::ShopCalibration),
    );
    $figure = testedPlan(["hiding {$colour}" => [1.1, 0.05], 'eye' => [0.9, 0.05]])->blend->need->figure();
    expect($shop($figure->reasons ?? []))
        ->toHaveCount(2)
        ->and($shop($figure->reasons ?? [])[0]->citation)
        ->toBe('a test')
        ->and($shop(testedPlan([])->blend->need->figure()->reasons ?? []))
        ->toBe([]);
    $coat = array_values(array_filter(testedPlan([])->blend->coats, fn ($c): bool => $c->isColour()))[0];
    expect($shop(testedPlan(['flash' => [1.5, 0.1]])->pace()->wait($coat)->reasons))->toHaveCount(1);
});

it('goes below the trade\'s least only where everything was tested', function (): void {
    $known = [
        'hiding ' . testedPlan([])->job->colour->subject() => [0.9, 0.03],
        'eye' => [0.35, 0.05],
        'flakes' => [0.5, 0.05],
    ];
    $all = testedPlan($known)->blend->need;
    unset($known['flakes']);
    $some = testedPlan($known)->blend->need;
    expect($some->mm())->toBe($some->leastMm)->and($all->mm())->toBeLessThan($some->leastMm);
});

it('is surer of a fringe where a fade panel told of the flakes, of either number by itself', function (): void {
    $bare = ['plan' => ['school' => 'no-wet-bed']];
    $width = fn (array $known): float => widthOf(testedPlan($known, $bare));
    expect($width(['flakes' => [1.0, 0.05]]))
        ->toBeLessThan($width([]))
        ->and($width(['dry-below' => [1.0, 0.05]]))
        ->toBeLessThan($width([]));
});

it('finds a need for each film that hides, not the one it found before', function (): void {
    $planner = new JobPlanner();
    $need = function (JobPlanner $planner, float $hiding): ?float {
        $spec = (new JobReader(new Bodies()))->read(Bodies::job('bonnet', change: ['colour' => ['hidingUm' => $hiding]]));

        return $planner->plan($spec, Colours::silver(), Colours::silver(1.5))->blend->need->simulatedMm;
    };
    $first = $need($planner, 8.0);
    expect($need($planner, 40.0))->toBe($need(new JobPlanner(), 40.0))->not->toBe($first);
});

it('dries at its own rate in other air and in the air that was read, too', function (): void {
    $volatile = Volatile::of(Carrier::Solvent, Reducer::of(ReducerGrade::Standard));
    $table = DryingTable::of($volatile, new Air(20.0, 50.0, 1.5));
    $at = $table->rates['booth'][array_search(20.0, $table->celsius, true)][array_search(50.0, $table->humidity, true)];
    expect($at)->toEqualWithDelta(1.0, 1e-3);
    $done = DoneInTheBooth::of(['lines' => [['step' => 'base-1', 'kind' => 'coat']], 'climate' => [
        'temperatureC' => [24.0, 26.0],
        'humidityPercent' => [40.0, 40.0],
    ]]);
    $air = $done->conditions(new Conditions(Reducer::of(ReducerGrade::Standard), new Air(20.0, 50.0, 1.5)), [])->air;
    expect([$air->temperatureC, $air->humidityPercent, $air->dries])->toBe([25.0, 40.0, 1.5]);
});
