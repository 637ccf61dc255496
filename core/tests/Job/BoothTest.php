<?php

declare(strict_types=1);

use Kalopsis\Booth\Bake;
use Kalopsis\Booth\Run;
use Kalopsis\Booth\RunStep;
use Kalopsis\Film\AirMovement;
use Kalopsis\Film\DataSheet;
use Kalopsis\Film\HardenerSpeed;
use Kalopsis\Findings\Defect;
use Kalopsis\Findings\DefectReader;
use Kalopsis\Job\BoothStation;
use Kalopsis\Job\BoothWalk;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\PlannedRun;
use Kalopsis\Job\PlannedWork;
use Kalopsis\Sequence\Coat;
use Kalopsis\Tests\Support\Bodies;

function boothPlan(string $panel = 'front-door-left', array $change = []): JobPlan
{
    return Bodies::planned(Bodies::job($panel, 30.0, $change));
}

/** @return array<string, mixed> */
function boothShown(JobPlan $plan, ?BoothWalk $walk = null): array
{
    return json_decode((string) json_encode(new BoothStation($plan, $walk ?? new BoothWalk($plan))), true);
}

/** @return list<Defect> */
function shippedDefects(): array
{
    return DefectReader::read(json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/data/defects.json'), true));
}

function plannedRun(JobPlan $plan): Run
{
    return (new PlannedRun($plan, shippedDefects(), new JobPlanner(), null, null))->run();
}

function waitOf(JobPlan $plan, string $coat, ?AirMovement $movement = null): float
{
    foreach ($plan->blend->coats as $c) {
        if ($c->id() === $coat) {
            return $movement === null ? $plan->pace()->waiting($c) : $plan->pace()->waitingIn($c, $movement);
        }
    }

    throw new RuntimeException($coat);
}

it('sprays the card first: it dries while the panel is prepared (common practice, from the computation)', function (): void {
    $shown = boothShown(boothPlan());
    $tasks = array_column($shown['tasks'], null, 'id');
    $order = array_column($shown['tasks'], 'start', 'id');
    expect($order['card'])
        ->toBeLessThan($order['sand-repair'])
        ->and($tasks['card-dries']['during'])
        ->not->toBe([])
        // What waits for the card anyway is the whole of its drying, when nobody thought of it.
        ->and($shown['colourFirst']['value'])
        ->toBeGreaterThan(20.0)
        ->and($shown['length']['value'])
        ->toEqualWithDelta($shown['handsOn']['value'] + $shown['waiting']['value'], 1e-3);
});

it('keeps the order of the work: cleaned twice, tacked, looked at before clear, flashed before the heat', function (): void {
    $shown = boothShown(boothPlan());
    $at = array_column($shown['tasks'], 'start', 'id');
    $order = ['wash', 'read', 'strip', 'sand-repair', 'clean-1', 'mask', 'clean-2', 'into-booth', 'tack', 'coat:wet-bed', 'coat:base-1',
        'look', 'coat:clear-1', 'coat:clear-2', 'flash-before-bake', 'bake', 'cool', 'unmask', 'denib', 'refit', 'last-look'];
    $starts = array_map(fn (string $id): float => $at[$id], $order);
    $sorted = $starts;
    sort($sorted);
    expect($starts)
        ->toBe($sorted)
        // Sanding goes on from the damage outwards.
        ->and($at['sand-colour-blend'])
        ->toBeLessThan($at['sand-clear'])
        // The card is held to the car before the booth is taken.
        ->and($at['hold-card'])
        ->toBeLessThan($at['into-booth']);
});

it('lets base flash as the trade does (common practice: 5 to 10 min at 20 to 22 degC, blown waterborne 2 to 5)', function (
    string $system,
    float $c,
    float $from,
    float $to,
): void {
    $plan = boothPlan(change: [
        'paintSystem' => $system,
        'booth' => ['temperatureC' => $c, 'humidityPercent' => 50],
        'plan' => ['reducer' => 'standard'],
    ]);
    expect(waitOf($plan, 'base-1'))->toBeGreaterThanOrEqual($from)->toBeLessThanOrEqual($to);
})->with([
    'solvent at 20' => ['northlight-s', 20.0, 5.0, 10.0],
    'solvent at 22' => ['northlight-s', 22.0, 5.0, 10.0],
    'waterborne under a hand blower' => ['northlight-w', 22.0, 2.0, 5.0],
]);

it('dries a standard mix in about 4 min near 30 degC, and waterborne slower in humid air (common practice)', function (): void {
    $hot = boothPlan(change: [
        'booth' => ['temperatureC' => 30, 'humidityPercent' => 50],
        'plan' => ['reducer' => 'standard'],
    ]);
    $air = fn (int $h): JobPlan => boothPlan(change: [
        'paintSystem' => 'northlight-w',
        'booth' => ['temperatureC' => 22, 'humidityPercent' => $h],
    ]);
    expect(waitOf($hot, 'base-1'))
        ->toEqualWithDelta(4.0, 1.2)
        ->and(waitOf($air(80), 'base-1'))
        ->toBeGreaterThan(1.5 * waitOf($air(50), 'base-1'))
        ->and(waitOf($air(50), 'base-1', AirMovement::Booth))
        ->toBeGreaterThan(4.0 * waitOf($air(50), 'base-1'));
});

it('waits 5 to 15 min between coats of clear (common practice), and takes the data sheet at its word in its own air', function (): void {
    foreach (['northlight-s', 'northlight-w'] as $system) {
        $at = fn (float $c): float => waitOf(
            boothPlan(change: ['paintSystem' => $system, 'booth' => ['temperatureC' => $c, 'humidityPercent' => 50]]),
            'clear-1',
        );
        expect($at(22.0))->toBeGreaterThanOrEqual(5.0)->toBeLessThanOrEqual(15.0);
    }
    // Full coat, standard reducer, 20 degC and 50 %: exactly what the sheet says.
    $plan = boothPlan(change: [
        'booth' => ['temperatureC' => 20, 'humidityPercent' => 50],
        'plan' => ['reducer' => 'standard'],
    ]);
    $clear = array_values(array_filter($plan->blend->coats, fn (Coat $c): bool => $c->id() === 'clear-1'))[0];
    expect($clear->filmShare)
        ->toBe(1.0)
        ->and($plan->pace()->waiting($clear))
        ->toEqualWithDelta(7.0, 1e-6)
        ->and($plan->pace()->wait($clear)->reasons[0]->inputs['data sheet']->value)
        ->toBe(7.0);
});

it('sprays a small two-coat trade job, clear and all, in under 20 min of spraying (common practice)', function (): void {
    expect(PlannedWork::of(boothPlan(change: ['plan' => ['school' => 'coat-and-a-half']]))->spraying)->toBeLessThan(20.0);
});

it('leads from ready to unmasked with the questions before clear, and waits longer before clear than between coats', function (): void {
    $run = plannedRun(boothPlan());
    $ids = array_map(fn (RunStep $s): string => $s->id, $run->steps);
    $at = array_flip($ids);
    expect($ids[0])
        ->toBe('ready')
        ->and(array_slice($ids, -2))
        ->toBe(['bake', 'unmask'])
        ->and([$at['tack'], $at['cover'], $at['card'], $at['clear-1']])
        ->toBe([$at['control'] + 1, $at['control'] + 2, $at['control'] + 3, $at['control'] + 4])
        ->and($run->steps[$at['clear-1']]->waitMin)
        ->toEqualWithDelta(2.0 * (float) $run->steps[$at['tack']]->waitMin, 1e-6);
});

it('is one pace with the plan: spraying, waits and paint are the plan\'s own', function (): void {
    $plan = boothPlan();
    $steps = [];
    foreach (plannedRun($plan)->steps as $step) {
        $steps[$step->id] = $step;
    }
    $ml = 0.0;
    foreach ($plan->cups as $cup) {
        foreach ($cup->coats as $amount) {
            $ml += $amount->volume->value();
            expect($steps[$amount->coatId]->shown['cup']['ml']->value)->toBe($amount->volume->value());
        }
    }
    expect($ml)
        ->toBeGreaterThan(50.0)
        ->and($steps['base-2']->waitMin)
        ->toBe(waitOf($plan, 'base-1'))
        ->and($steps['clear-2']->waitMin)
        ->toBe(waitOf($plan, 'clear-1'));
});

it('has earliest times that add up, and a latest one before the pot life is over and the base has dried out', function (): void {
    $plan = boothPlan();
    $at = 0.0;
    foreach (plannedRun($plan)->steps as $step) {
        expect($step->shown['earliest'])->toBeGreaterThanOrEqual($at - 0.01);
        $at = $step->shown['earliest'] + $step->minutes;
        if ($step->id === 'control') {
            expect($step->shown['latest'])->toBe($step->shown['earliest'] + 10.0);
        }
        if ($step->id === 'clear-1') {
            // 60 min at 20 degC is 60 x 2^(-2/11) at 22.
            $within = $step->shown['latest'] - $step->shown['earliest'];
            expect($within)->toEqualWithDelta(60.0 * 2 ** (-2 / 11) - $step->minutes, 0.02);
        }
    }
});

it('has a coat with paint and minutes for every remedy that sprays, and puts the rescue coat further out', function (): void {
    $plan = boothPlan();
    $run = plannedRun($plan);
    $rescue = array_values(array_filter($run->remedies['halo']['rescue'], fn (RunStep $s): bool => $s->id === 'rescue'))[0];
    $furthest = max(array_map(fn (Coat $c): float => $c->isColour() ? (float) $c->reachMm : 0.0, $plan->blend->coats));
    expect($rescue->shown['reach']->value)
        ->toBeGreaterThan($furthest + 20.0)
        ->and($rescue->shown['cup']['ml']->value)
        ->toBeGreaterThan(5.0)
        ->and($rescue->shown['cup']['mixture'])
        ->toContain('1:1 blending clear')
        ->and($run->remedies['streaks']['restart'][0]->waitMin)
        ->toBe(25.0);
    foreach ($run->remedies as $own) {
        foreach ($own as $steps) {
            foreach ($steps as $step) {
                $empty = $step->kind->value === 'coat' && ! isset($step->shown['repeats']) && ! isset($step->shown['cup']);
                expect($empty)->toBeFalse();
            }
        }
    }
});

it('bakes no hotter than the car may get', function (): void {
    $bake = PlannedWork::bake(boothPlan(change: ['car' => ['electric' => true, 'bakeLimitC' => 45]]));
    $free = PlannedWork::bake(boothPlan());
    expect($free->minutes)
        ->toBe(20.0)
        ->and($bake->celsius)
        ->toBe(45.0)
        ->and($bake->minutes)
        ->toEqualWithDelta(20.0 * 2 ** ((Bake::SHEET_C - 45.0) / 11.0), 1e-6);
    $unknown = plannedRun(boothPlan(change: ['car' => ['electric' => true]]));
    $step = array_values(array_filter($unknown->steps, fn (RunStep $s): bool => $s->id === 'bake'))[0];
    expect($step->shown['says'][0]->text)->toContain('look it up');
});

it('keeps a whole small car open with a slower hardener only (common practice: a round takes 8 to 10 min)', function (): void {
    $repairs = [];
    foreach (['front-door-left', 'rear-door-left', 'front-wing-left', 'quarter-left', 'bonnet', 'roof'] as $i => $panel) {
        $repairs[] = ['id' => "r{$i}", 'panel' => $panel, 'shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part', 'greyShade' => 4]];
    }
    $json = Bodies::job('front-door-left', 30.0);
    $body = Bodies::shipped($json['car']['bodyShape']);
    $json['repairs'] = array_values(array_filter($repairs, fn (array $r): bool => $body->has($r['panel'])));
    $plan = Bodies::planned($json);
    $fast = boothShown($plan, new BoothWalk($plan, [], HardenerSpeed::Fast))['walk'];
    expect(count($fast['walk']))
        ->toBeGreaterThan(3)
        ->and(array_sum(array_column($fast['walk'], 'seconds')) / 60.0)
        ->toEqualWithDelta($fast['round']['value'], 0.2);
    foreach ($fast['seams'] as $seam) {
        expect($seam['open'])->toBe($seam['age']['value'] <= $fast['open']['value'] + 1e-9);
    }
    // The worst order is older than the best, and the same panels.
    $worst = boothShown($plan, new BoothWalk($plan, array_reverse(array_column($fast['walk'], 'panel'))))['walk'];
    expect($worst['oldest']['value'])->toBeGreaterThanOrEqual($fast['oldest']['value'] - 1e-9);
});

it('says where car and parts stand: the most visible panel cleanest, a hollow part turned to the extraction', function (): void {
    $says = fn (JobPlan $plan): string => implode(' ', array_column(boothShown($plan)['stands'], 'text'));
    expect($says(boothPlan('bonnet')))
        ->toContain('Hose over the shoulder')
        ->and($says(boothPlan('front-bumper', ['repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'bare-plastic']]]])))
        ->toContain('hollow side')
        ->and($says(boothPlan()))
        ->not->toContain('hollow side');
});

it('stops where a panel would draw water', function (): void {
    $shown = boothShown(boothPlan(change: ['booth' => ['temperatureC' => 18, 'humidityPercent' => 90]]))['air'];
    expect($shown['dry'])->toBeFalse()->and($shown['says']['text'])->toContain('Stop');
});

it('reads every defect that ships, each with a picture, and tells what is wrong with a file', function (): void {
    $defects = shippedDefects();
    $keys = array_map(fn (Defect $d): string => $d->key, $defects);
    expect(count($defects))->toBeGreaterThanOrEqual(10)->and(array_unique($keys))->toBe($keys);
    expect(fn () => DefectReader::read(['defects' => [['key' => 'x', 'name' => 'X', 'looks' => 'y', 'picture' => 'x', 'when' => 'any', 'remedies' => [
        ['key' => 'a', 'name' => 'A', 'says' => 'b', 'steps' => [['do' => 'fly']]],
    ]]]]))->toThrow(Kalopsis\Input\InvalidInput::class);
});

it('reads a flash time of a data sheet, and sets twice as slow 11 K colder', function (): void {
    expect((new DataSheet(potLifeMin: 60.0))->potLifeAt(9.0))->toEqualWithDelta(120.0, 1e-9);
});

it('lets a clear flash sooner in warmer air than its data sheet\'s, and later in colder', function (): void {
    $at = fn (float $c): float => waitOf(
        boothPlan(change: ['booth' => ['temperatureC' => $c, 'humidityPercent' => 50], 'plan' => ['reducer' => 'standard']]),
        'clear-1',
    );
    expect($at(30.0))->toBeLessThan(0.75 * 7.0)->and($at(12.0))->toBeGreaterThan(1.3 * 7.0);
});

it('gives the cleanest place to the flat panel, which is seen most (common practice)', function (): void {
    $json = Bodies::job('front-door-left', 30.0);
    $json['repairs'] = array_map(
        fn (string $panel): array => [
            'id' => $panel,
            'panel' => $panel,
            'shape' => ['kind' => 'new-part'],
            'under' => ['kind' => 'new-primed-part', 'greyShade' => 4],
        ],
        ['front-door-left', 'bonnet'],
    );
    $first = boothShown(Bodies::planned($json))['stands'][0];
    expect($first['values']['panel']['text'])->toBe('Bonnet');
});
