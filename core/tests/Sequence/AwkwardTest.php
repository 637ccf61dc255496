<?php

declare(strict_types=1);

use Kalopsis\Sequence\Awkward;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Sequence\Strokes;
use Kalopsis\Tests\Support\Sprays;

/** @return list<CoatStep> */
function kindsOf(CoatSequence $s, CoatKind ...$kinds): array
{
    return array_values(array_filter($s->steps, fn (CoatStep $c): bool => in_array($c->kind, $kinds, true)));
}

it('isolates all of a soft paint and puts base on in dry dusting coats, the film kept (common practice)', function (): void {
    $plain = Sprays::stepped('flashed-bed', 3);
    $isolated = Awkward::isolated($plain);
    $bases = kindsOf($isolated, CoatKind::Base);
    expect($isolated->steps[0]->kind)
        ->toBe(CoatKind::Sealer)
        ->and($isolated->steps[0]->extent->fades())
        ->toBeFalse()
        ->and($isolated->hasBed())
        ->toBeFalse()
        ->and(count($bases))
        ->toBe(2 * count(kindsOf($plain, CoatKind::Base)))
        ->and($isolated->layerCoats())
        ->toEqualWithDelta($plain->layerCoats(), 1e-9)
        ->and(Awkward::isIsolated($isolated))
        ->toBeTrue()
        ->and(Awkward::isIsolated($plain))
        ->toBeFalse();
    foreach ($bases as $base) {
        expect($base->landsIn)->toBe(LandsIn::Dry)->and($base->film)->toBeLessThanOrEqual(0.5);
    }
    expect(count(array_unique(array_map(fn (CoatStep $c): string => $c->id, $isolated->steps))))->toBe(
        count($isolated->steps),
    );
});

it('dusts over wax before the first wet coat, and only once (common practice)', function (): void {
    $steps = Awkward::dustedFirst(Sprays::stepped('flashed-bed', 3))->steps;
    $colour = array_values(array_filter($steps, fn (CoatStep $c): bool => $c->kind->isColour()));
    expect($colour[0]->id)
        ->toBe('dust-first')
        ->and($colour[0]->film)
        ->toBeLessThan(0.5)
        ->and($colour[0]->landsIn)
        ->toBe(LandsIn::Dry)
        ->and(count($colour))
        ->toBe(1 + count(Sprays::stepped('flashed-bed', 3)->colour()));
});

it('melts a flat panel\'s fade over-reduced and sprays the control coat twice (common practice)', function (): void {
    $open = Awkward::openMiddle(Sprays::stepped('flashed-bed', 3));
    $effect = kindsOf($open, CoatKind::Effect);
    $control = kindsOf($open, CoatKind::Control);
    expect($effect[0]->mixture->blendingClear)
        ->toBe(1.5)
        ->and(count($control))
        ->toBe(1)
        ->and($control[0]->strokes)
        ->toBe(Strokes::Cross);
    $colour = $open->colour();
    expect(end($colour))->toBe($control[0]);
});

it('primes a rubbed-through spot alone, thinned by 15 per cent (common practice)', function (): void {
    $primed = Awkward::spotPrimed(Sprays::stepped(null, 2), ['r2']);
    expect($primed->steps[0]->mixture->reducer)
        ->toEqualWithDelta(1.15, 1e-9)
        ->and($primed->steps[0]->where->takesRepair('r1'))
        ->toBeFalse()
        ->and($primed->steps[0]->where->takesRepair('r2'))
        ->toBeTrue();
});

it('fades nothing where all goes to the edge', function (): void {
    expect(Awkward::toTheEdge(Sprays::stepped('flashed-bed', 3))->fades())->toBeFalse();
});
