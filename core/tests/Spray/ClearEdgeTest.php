<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Warning;
use Kalopsis\Film\Volatile;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobPlan;
use Kalopsis\Sequence\ClearFade;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Spray\ClearEdge;
use Kalopsis\Spray\Simulation;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

/** @return array<array-key, mixed> a job with its clear faded inside the panel, its steps changed */
function fadedJob(?callable $change = null, string $panel = 'front-door-left'): array
{
    $job = Bodies::job($panel, 40.0);
    $steps = json_decode((string) json_encode(ClearFade::of(Bodies::sequence($job))), true);
    $job['plan']['sequence'] = $change === null ? $steps : $change($steps);

    return $job;
}

function edgeOf(JobPlan $plan): ?ClearEdge
{
    $job = $plan->job;

    return ClearEdge::of($plan->blend->coats, Volatile::of($job->system->carrier, $job->reducer()), $job->air());
}

/** @return list<string> */
function warned(BlendPlan $plan): array
{
    return array_map(fn (Warning $w): string => $w->code, $plan->warnings);
}

/** @return list<Coat> */
function coatsOfKind(JobPlan $plan, CoatKind $kind): array
{
    return array_values(array_filter($plan->blend->coats, fn (Coat $c): bool => $c->kind() === $kind));
}

it('lays clear in steps outwards, thinner and softer, the tape 50 to 75 mm inside the scuff (common practice)', function (): void {
    $plan = Bodies::planned(fadedJob());
    $clears = coatsOfKind($plan, CoatKind::Clear);
    $limits = array_map(fn (Coat $c): float => $c->limitMm() ?? INF, $clears);
    $sorted = $limits;
    sort($sorted);
    $solvent = coatsOfKind($plan, CoatKind::FadeSolvent)[0];
    $colour = $plan->blend->limitMm() ?? 0.0;
    expect($clears)
        ->toHaveCount(4)
        ->and($limits)
        ->toBe($sorted)
        ->and($clears[0]->reachMm)
        ->toBeGreaterThan($colour)
        // A bed under no clear would stay dull and soft.
        ->and(coatsOfKind($plan, CoatKind::WetBed)[0]->limitMm())
        ->toBeLessThanOrEqual($limits[0])
        ->and($clears[3]->mixture->volumeSolids())
        ->toBeLessThan($clears[2]->mixture->volumeSolids())
        ->and($clears[2]->mixture->volumeSolids())
        ->toBeLessThan($clears[1]->mixture->volumeSolids())
        ->and(($solvent->limitMm() ?? 0.0) - $limits[3])
        ->toBeGreaterThanOrEqual(50.0)
        ->toBeLessThanOrEqual(75.0)
        ->and($solvent->innerMm)
        ->toBeGreaterThan($clears[1]->reachMm ?? 0.0)
        ->and(warned($plan->blend))
        ->toContain('clear-fade')
        ->not->toContain('past-the-scuff')
        ->not->toContain('colour-uncovered')
        ->not->toContain('after-clear');
});

it('keeps solids when clear is thinned: half and half has half the solids of each (mass balance)', function (): void {
    $plan = Bodies::planned(fadedJob());
    $clears = coatsOfKind($plan, CoatKind::Clear);
    $solvent = coatsOfKind($plan, CoatKind::FadeSolvent)[0]->mixture->volumeSolids();
    expect($clears[3]->mixture->volumeSolids())
        ->toEqualWithDelta(($clears[0]->mixture->volumeSolids() + $solvent) / 2.0, 1e-12)
        // Two to one: a third of what is in the gun is solvent.
        ->and($clears[2]->mixture->volumeSolids())
        ->toEqualWithDelta((2.0 * $clears[0]->mixture->volumeSolids() + $solvent) / 3.0, 1e-12);
});

it('is as high as all its films where all are full, and follows a raised cosine at the end (closed form)', function (): void {
    $plan = Bodies::planned(fadedJob());
    $edge = edgeOf($plan);
    $clears = coatsOfKind($plan, CoatKind::Clear);
    $volatile = Volatile::of($plan->job->system->carrier, $plan->job->reducer());
    $films = array_map(fn (Coat $c): float => Simulation::laid($c, $volatile, $plan->job->air())->dryUm, $clears);
    $last = $clears[3];
    $reach = $last->reachMm ?? 0.0;
    expect($edge)
        ->not->toBeNull()
        ->and($edge?->fullUm())
        ->toEqualWithDelta(array_sum($films), 1e-9)
        // Past the other three only the last coat is left: half of it half way down its fade.
        ->and($edge?->at($reach + $last->fadeMm / 2.0))
        ->toEqualWithDelta($films[3] / 2.0, 0.02 * $films[3])
        ->and($edge?->polishesOut())
        ->toBeTrue();
});

it('leaves a step that cannot be polished out where two full clears end at a tape line', function (): void {
    $hard = Bodies::planned(
        fadedJob(
            fn (array $steps): array => array_values(
                array_map(
                    fn (array $s): array => $s['kind'] === 'clear'
                        ? ['extent' => [...$s['extent'], 'beyondMm' => 20, 'fadeMm' => 2]] + $s
                        : $s,
                    array_filter($steps, fn (array $s): bool => ! in_array($s['id'], ['clear-3', 'clear-4'], true)),
                ),
            ),
        ),
    );
    $edge = edgeOf($hard);
    expect($edge?->polishesOut())
        ->toBeFalse()
        ->and($edge?->stepUm())
        ->toBeGreaterThan(40.0)
        ->and(edgeOf(Bodies::planned(Bodies::job())))
        ->toBeNull();
});

it('sprays solvent on a ring only: its area is that of the ring (closed form on an open panel)', function (): void {
    // Where nothing cuts the circles: the middle of a van's side.
    $job = fadedJob(panel: 'bonnet');
    $job['plan']['sequence'] = array_map(
        fn (array $s): array => $s['kind'] === 'fade-solvent'
            ? ['extent' => ['kind' => 'ring', 'fromMm' => 10, 'beyondMm' => 40, 'fadeMm' => 1]] + $s
            : ['extent' => $s['kind'] === 'clear' ? ['beyondMm' => 5, 'fadeMm' => 5, 'reach' => 1, 'fade' => 0, 'kind' => 'past'] : $s['extent']] + $s,
        $job['plan']['sequence'],
    );
    $plan = Bodies::planned($job);
    $solvent = coatsOfKind($plan, CoatKind::FadeSolvent)[0];
    [$inner, $outer] = [40.0 + ($solvent->innerMm ?? 0.0), 40.0 + ($solvent->reachMm ?? 0.0) + 0.5];
    expect($plan->blend->areaOf($solvent)->value())->toEqualWithDelta(M_PI * ($outer ** 2 - $inner ** 2) / 1e6, 0.002);
});

it('says where a break is within reach, and never one that the colour has already passed', function (): void {
    $plan = Bodies::planned(fadedJob());
    $break = array_values(array_filter($plan->blend->warnings, fn (Warning $w): bool => $w->code === 'break-in-reach'))[0];
    $away = $break->says->values['away'];
    expect($away instanceof Kalopsis\Units\Quantity ? $away->value : 0.0)
        ->toBeGreaterThanOrEqual(floor($plan->blend->limitMm() ?? INF))
        ->and($break->says->in(UnitSystem::Metric))
        ->toContain('End the clear there instead');
});

it('stops at solvent past the scuff and at base that no full clear covers', function (): void {
    $far = Bodies::planned(
        fadedJob(
            fn (array $steps): array => array_map(
                fn (array $s): array => $s['kind'] === 'fade-solvent'
                    ? ['extent' => [...$s['extent'], 'beyondMm' => 300]] + $s
                    : $s,
                $steps,
            ),
        ),
    );
    $bare = Bodies::planned(
        fadedJob(
            fn (array $steps): array => array_map(
                fn (array $s): array => $s['kind'] === 'clear' ? ['mixture' => ['fadeSolvent' => 1]] + $s : $s,
                $steps,
            ),
        ),
    );
    expect(warned($far->blend))->toContain('past-the-scuff')->and(warned($bare->blend))->toContain('colour-uncovered');
});

it('goes back to a whole panel as it was, coat for coat', function (): void {
    $before = Bodies::sequence(Bodies::job());
    expect(json_encode(ClearFade::whole(ClearFade::of($before))))->toBe(json_encode($before));
});

it('reads what it writes: extents past the blend and rings', function (): void {
    $job = fadedJob();
    $read = Bodies::sequence($job);
    expect(json_decode((string) json_encode($read), true))->toEqual($job['plan']['sequence']);
});

it('refuses a ring that ends before it begins', function (): void {
    $job = fadedJob(
        fn (array $steps): array => array_map(
            fn (array $s): array => $s['kind'] === 'fade-solvent'
                ? ['extent' => ['kind' => 'ring', 'fromMm' => 90, 'beyondMm' => 40]] + $s
                : $s,
            $steps,
        ),
    );
    expect(fn () => Bodies::planned($job))->toThrow(InvalidInput::class);
});

it('pours solvent from its own cup, and thinned clear from what is left of the clear', function (): void {
    $plan = Bodies::planned(fadedJob());
    $cups = [];
    foreach ($plan->cups as $cup) {
        $cups[$cup->id] = $cup;
    }
    expect($cups)
        ->toHaveKeys(['clear', 'clear-thinned', 'clear-thinned-2', 'fade-solvent'])
        ->and($cups['clear-thinned']->restOf)
        ->toBe('clear-2')
        ->and($cups['fade-solvent']->restOf)
        ->toBeNull()
        ->and($cups['fade-solvent']->pours)
        ->toHaveCount(1);
});

it('counts what falls within a pad\'s rim wholly as a step, and what falls over a hand\'s width hardly', function (): void {
    $fading = fn (float $mm): ?ClearEdge => edgeOf(
        Bodies::planned(
            fadedJob(
                fn (array $steps): array => array_map(
                    fn (array $s): array => $s['kind'] === 'clear'
                        ? ['extent' => [...$s['extent'], 'beyondMm' => 20, 'fadeMm' => $mm]] + $s
                        : $s,
                    $steps,
                ),
            ),
        ),
    );
    [$short, $long] = [$fading(16.0), $fading(100.0)];
    expect($short?->stepUm())
        ->toBeGreaterThan(0.95 * ($short?->fullUm() ?? INF))
        ->and($long?->stepUm())
        ->toBeLessThan(0.2 * ($long?->fullUm() ?? 0.0));
});

it('does not polish out even one thinned clear that ends hard: about ten micrometres', function (): void {
    $edge = edgeOf(
        Bodies::planned(
            fadedJob(
                fn (array $steps): array => array_map(
                    fn (array $s): array => $s['id'] === 'clear-4'
                        ? ['film' => 1, 'extent' => [...$s['extent'], 'fadeMm' => 5]] + $s
                        : $s,
                    $steps,
                ),
            ),
        ),
    );
    expect($edge?->stepUm())->toBeGreaterThan(6.0)->toBeLessThan(20.0)->and($edge?->polishesOut())->toBeFalse();
});
