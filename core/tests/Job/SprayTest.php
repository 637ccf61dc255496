<?php

declare(strict_types=1);

use Kalopsis\Blend\School;
use Kalopsis\Card\CardVerdict;
use Kalopsis\Card\MatchGrade;
use Kalopsis\Card\RampTable;
use Kalopsis\Colour\Comparison;
use Kalopsis\Film\MixRatio;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\PlannedSpraying;
use Kalopsis\Job\SchoolOutlook;
use Kalopsis\Job\SimulatedReach;
use Kalopsis\Job\SmallestBlend;
use Kalopsis\Job\Spray;
use Kalopsis\Panel\DistanceField;
use Kalopsis\Panel\Point;
use Kalopsis\Spray\Bed;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;

/** @param array<string, mixed> $change */
function jobPlan(string $panel = 'bonnet', array $change = []): JobPlan
{
    return (new JobPlanner())->plan((new JobReader(new Bodies()))->read(Bodies::job($panel, 60.0, $change)));
}

it('loses no paint between cup and car: cup ml x transfer = film on the car, within 1 %', function (array $change): void {
    $plan = jobPlan('bonnet', $change);
    $builder = Spray::builder($plan);
    $checked = 0;
    foreach ($plan->cups as $cup) {
        foreach ($cup->coats as $amount) {
            foreach ($plan->blend->coats as $coat) {
                if ($coat->id !== $amount->coatId || ! $coat->kind->isColour()) {
                    continue;
                }
                $laid = $builder->laid($coat);
                // m2 x um = ml; what is lost in flight left the gun, and landed with the transfer.
                $onCar = $plan->blend->areaOf($coat)->value() * $laid->wetUm;
                expect($amount->volume->value() * $coat->gun->transferEfficiency())->toEqualWithDelta($onCar, 0.01 * $onCar);
                expect($laid->dryUm + $laid->volatileUm() + $laid->lostUm)->toEqualWithDelta($laid->wetUm, 1e-9);
                $checked++;
            }
        }
    }
    expect($checked)->toBeGreaterThan(1);
})->with([
    'as the sheet says' => [[]],
    'reduced more' => [['plan' => ['ratios' => ['base-effect' => '1:1']]]],
    'outside-in' => [['plan' => ['school' => 'outside-in']]],
    'under-reduced' => [['plan' => ['school' => 'coat-and-a-half']]],
    'a solid in waterborne' => [['paintSystem' => 'northlight-w', 'colour' => ['finish' => 'solid-dark']]],
]);

it('lays less pigment when more reducer goes in, and more when less does', function (): void {
    $dry = fn (array $plan): float => (function (JobPlan $p): float {
        foreach ($p->blend->coats as $coat) {
            if ($coat->id === 'base-1') {
                return Spray::builder($p)->laid($coat)->pigmentedUm;
            }
        }

        return 0.0;
    })(jobPlan('bonnet', ['plan' => $plan]));
    expect($dry(['ratios' => ['base-effect' => '1:1.5']]))->toBeLessThan($dry([]))->and($dry(['school' => 'coat-and-a-half']))->toBeGreaterThan($dry([]))
        ->and(MixRatio::parse('1:0.75')->reduced(2.0)->text())->toBe('1:1.5')->and(MixRatio::parse('4:1:2')->reduced(0.5)->text())->toBe('4:1:1');
});

it('puts the under-reduced mix into the cup it is sprayed from', function (): void {
    foreach (jobPlan('bonnet', ['plan' => ['school' => 'coat-and-a-half']])->cups as $cup) {
        if ($cup->product->role->value === 'base-effect') {
            expect($cup->mix->ratio->percentAdded())->toEqualWithDelta(50.0, 1.0);
        }
    }
});

it('shows a naive plan\'s ring and that a bed takes it away', function (): void {
    $naive = Spray::of(jobPlan('bonnet', ['plan' => ['wetBed' => 'off']]))->outlook;
    $bedded = Spray::of(jobPlan('bonnet', ['plan' => ['wetBed' => 'on']]))->outlook;
    expect($naive->isSeen())->toBeTrue()->and($naive->says()->text)->toContain('ring')
        ->and($bedded->isSeen())->toBeFalse()->and($bedded->says()->text)->toContain('Not seen from anywhere')
        ->and($bedded->need?->value())->toBeLessThan($naive->need?->value() ?? INF)
        ->and($bedded->boothMinutes)->toBeGreaterThan($naive->boothMinutes)
        ->and($bedded->spreadLow)->toBeLessThanOrEqual($bedded->index())->and($bedded->spreadHigh)->toBeGreaterThanOrEqual($bedded->index());
});

it('gives the same picture for the same plan, spread and all', function (): void {
    expect(json_encode(Spray::of(jobPlan())))->toBe(json_encode(Spray::of(jobPlan())));
});

it('sees a butt joint at the gap when the card is off, and nothing when it matches', function (): void {
    $plan = jobPlan('front-door-left', ['plan' => ['school' => 'edge-to-edge']]);
    expect(array_keys($plan->blend->panels))->toBe(['front-door-left']);
    $off = Spray::of($plan, Colours::silver(), Colours::silver(3.0));
    $same = Spray::of($plan, Colours::silver(), Colours::silver(0.2));
    expect($off->outlook->isSeen())->toBeTrue()->and($off->outlook->says()->text)->toContain('at the gap to')->and($same->outlook->isSeen())->toBeFalse();
});

it('hides more of a step where the surface turns away than at a gap in one plane', function (): void {
    $outlook = Spray::of(jobPlan('front-door-left', ['plan' => ['school' => 'edge-to-edge']]), Colours::silver(), Colours::silver(3.0))->outlook;
    expect($outlook->sides['Sill left']->worst)->toBeLessThan($outlook->sides['Rear door left']->worst);
});

it('cuts through repair, blend and neighbour, and knows where no colour is', function (): void {
    $plan = jobPlan('front-door-left');
    $centre = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $cut = Spray::of($plan)->cut(new Point($centre->x, $centre->y), new Point($centre->x + 2500.0, $centre->y));
    expect($cut['mm'][0])->toEqualWithDelta(-60.0, 0.5)->and(end($cut['mm']))->toBeNull()->and($cut['panels'][0])->toBe('front-door-left');
    // Inside the repair every coat has its full film; far away there is none.
    $full = array_map(fn (array $film): float => $film[0], $cut['films']);
    expect(min($full))->toBeGreaterThan(1.0);
    foreach ($cut['films'] as $film) {
        expect(end($film))->toBe(0.0);
    }
    expect($cut['byAngle'][0]['dE'][count($cut['mm']) - 1])->toBe(0.0)->and(max($cut['uncovered']))->toBe(1.0)->and($cut['stepMm'])->toBeGreaterThanOrEqual(5.0);
});

it('paints the map with exact distances', function (): void {
    $plan = jobPlan('bonnet');
    $planned = $plan->blend->panels['bonnet'];
    $raster = (new DistanceField($planned->panel, $planned->footprints, array_map(floatval(...), range(-100, 400, 25))))->raster(400.0);
    expect($raster['mm'])->toHaveCount($raster['nx'] * $raster['ny']);
    foreach ([0, 777, 1234, 2500] as $k) {
        $x = $raster['x0'] + ($k % $raster['nx']) * $raster['step'];
        $y = $raster['y0'] + intdiv($k, $raster['nx']) * $raster['step'];
        $exact = min(400.0, $planned->footprints[0]->distanceFrom($x, $y));
        // Far past the last level a block takes its middle's distance.
        expect($raster['mm'][$k])->toEqualWithDelta($exact, $exact >= 390.0 ? 60.0 : 0.51);
    }
});

it('finds a blend with fewer panels or less paint than the school\'s own, that nobody sees', function (): void {
    $spec = (new JobReader(new Bodies()))->read(Bodies::job('front-door-left'));
    $found = SmallestBlend::of($spec, new JobPlanner(), null, null);
    assert($found !== null);
    $own = (new JobPlanner())->plan($spec);
    $ml = array_sum(array_map(fn ($cup): float => $cup->total->value(), $own->cups));
    expect($found['panels'])->toBeLessThanOrEqual(count($own->blend->panels))->and($found['paint']->value)->toBeLessThan($ml);
    $smaller = (new JobPlanner())->plan(SchoolOutlook::with($spec, School::from($found['school']), $found['reaches']));
    expect(Spray::of($smaller)->outlook->isSeen())->toBeFalse();
});

it('finds none for a card that no blend hides', function (): void {
    $spec = (new JobReader(new Bodies()))->read(Bodies::job('front-door-left'));
    expect(SmallestBlend::of($spec, new JobPlanner(), Colours::silver(), Colours::silver(12.0)))->toBeNull();
});

it('judges a card by simulating this very plan, in the neighbourhood of the table', function (): void {
    $plan = jobPlan('bonnet');
    $rule = SimulatedReach::for($plan, new RampTable());
    expect($rule)->toBeInstanceOf(SimulatedReach::class);
    $last = 0.0;
    foreach ([1.5, 2.0, 3.0] as $dL) {
        $c = Comparison::of(Colours::silver(), Colours::silver($dL));
        $need = $rule->forDifference($c)?->value() ?? INF;
        expect($need)->toBeGreaterThan($last)->toBeGreaterThan(0.5 * (new RampTable())->forDifference($c)?->value());
        $last = $need;
    }
    expect(CardVerdict::of(Comparison::of(Colours::silver(), Colours::silver(2.0)), $rule, 1000.0)->grade)->toBe(MatchGrade::Blendable)
        ->and(CardVerdict::of(Comparison::of(Colours::silver(), Colours::silver(2.0)), $rule, 40.0)->grade)->toBe(MatchGrade::NotYet)
        ->and(SimulatedReach::for(jobPlan('bonnet', ['plan' => ['school' => 'edge-to-edge']]), new RampTable()))->toBeInstanceOf(RampTable::class);
});

it('writes on a card what the plan sprays', function (string $school, int $full, int $half, bool $control): void {
    $s = PlannedSpraying::of(jobPlan('bonnet', ['plan' => ['school' => $school]]));
    assert($s !== null);
    expect([$s->fullCoats, $s->halfCoats, $s->controlCoat])->toBe([$full, $half, $control]);
})->with([['inside-out-wet-bed', 3, 0, true], ['outside-in', 1, 2, false], ['coat-and-a-half', 1, 1, true], ['control-after-each', 2, 0, true], ['transparent-last', 2, 1, false]]);

it('lays each school\'s bed, unless the painter decides', function (): void {
    $bed = fn (string $school, string $choice = 'auto'): Bed => Spray::bed(jobPlan('bonnet', ['plan' => ['school' => $school, 'wetBed' => $choice]]));
    expect($bed('inside-out-wet-bed'))->toBe(Bed::Flashed)->and($bed('inside-out-bed-wet'))->toBe(Bed::Wet)->and($bed('bed-before-each'))->toBe(Bed::BeforeEach)->and($bed('no-wet-bed'))->toBe(Bed::None)
        ->and($bed('no-wet-bed', 'on'))->toBe(Bed::Flashed)->and($bed('inside-out-bed-wet', 'off'))->toBe(Bed::None);
});
