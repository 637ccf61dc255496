<?php

declare(strict_types=1);

use Kalopsis\Findings\Finding;
use Kalopsis\Job\FollowUp;
use Kalopsis\Sequence\School;
use Kalopsis\Tests\Support\Bodies;

/** Two spots on the front door, the second 400 mm behind the first. */
function twoSpots(array $plan = ['school' => 'no-wet-bed']): array
{
    $job = Bodies::job('front-door-left', 30.0, ['plan' => $plan]);
    $second = $job['repairs'][0];
    $second['id'] = 'r2';
    $second['shape']['xMm'] += 400.0;
    $job['repairs'][] = $second;

    return $job;
}

/** @return list<School> one without a bed, then one with it */
function beddedSchools(): array
{
    $shelf = new Bodies();

    return array_values(array_filter([$shelf->school('no-wet-bed'), $shelf->school('inside-out-wet-bed')]));
}

it('sands out past the mark, leaves what nobody saw, and solves everything again', function (): void {
    $job = twoSpots(['school' => 'no-wet-bed', 'reducer' => 'fast', 'certainty' => 'doubtful']);
    [$x, $y] = [$job['repairs'][0]['shape']['xMm'], $job['repairs'][0]['shape']['yMm']];
    $follow = FollowUp::wider(
        $job,
        Bodies::planned($job),
        new Finding('1', 'halo', 'front-door-left', $x, $y - 30.0 - 110.0),
        beddedSchools(),
    );
    expect($follow->document['repairs'])
        ->toHaveCount(1)
        // 30 of the repair, 110 to the mark, 20 past it.
        ->and($follow->document['repairs'][0]['shape']['radiusMm'])
        ->toBe(160.0)
        ->and($follow->document['repairs'][0]['under'])
        ->toBe(['kind' => 'old-two-pack'])
        // It had no bed: now it has, and nothing of what was set by hand is left.
        ->and($follow->document['plan'])
        ->toBe(['school' => 'inside-out-wet-bed'])
        ->and(Bodies::planned($follow->document)->blend->hasBed())
        ->toBeTrue();
});

it('takes both repairs where nobody marked a place, and the whole panel where the spot would be larger', function (): void {
    $bed = twoSpots(['school' => 'inside-out-wet-bed']);
    $both = FollowUp::wider($bed, Bodies::planned($bed), new Finding('1', 'halo'), beddedSchools());
    expect($both->document['repairs'])->toHaveCount(2);
    $job = twoSpots();
    $plan = Bodies::planned($job);
    [$x, $y] = [$job['repairs'][0]['shape']['xMm'], $job['repairs'][0]['shape']['yMm']];
    $far = FollowUp::wider($job, $plan, new Finding('1', 'halo', 'front-door-left', $x - 390.0, $y), []);
    expect($far->document['repairs'][0]['shape'])->toBe(['kind' => 'new-part']);
});

it('leads colour into the panels beside it when asked to', function (): void {
    $job = Bodies::job('front-door-left', 30.0);
    $finding = new Finding('1', 'colour-off');
    $panels = fn (array $document): array => array_keys(Bodies::planned($document)->blend->panels);
    $plan = Bodies::planned($job);
    $wider = $panels(FollowUp::wider($job, $plan, $finding, [])->document);
    $next = $panels(FollowUp::nextPanel($job, $plan, $finding, [])->document);
    expect(count($next))
        ->toBeGreaterThanOrEqual(count($wider))
        ->and($next)
        ->toContain('front-wing-left')
        ->toContain('rear-door-left');
});
