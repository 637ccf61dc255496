<?php

declare(strict_types=1);

use Kalopsis\Film\Volatile;
use Kalopsis\Job\Cures;
use Kalopsis\Job\Fingerprint;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\KeepSchool;
use Kalopsis\Job\PassFallen;
use Kalopsis\Job\PlainPlan;
use Kalopsis\Job\PlannedSpraying;
use Kalopsis\Job\SmallestBlend;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Job\WayOutlook;
use Kalopsis\Panel\Point;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\SchoolReader;
use Kalopsis\Spray\Part;
use Kalopsis\Spray\Simulation;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Units\UnitSystem;

/** @param array<string, mixed> $change */
function onBonnet(array $change = []): JobPlan
{
    return Bodies::planned(Bodies::job('bonnet', 60.0, $change));
}

it('pours what it sprays: pigment in the cups is pigment on the car and beside it, within 1 %', function (
    string $school,
    string $system,
    string $finish,
): void {
    $plan = onBonnet([
        'paintSystem' => $system,
        'colour' => ['finish' => $finish],
        'plan' => ['school' => $school, 'remainderMl' => 0],
    ]);
    $volatile = Volatile::of($plan->job->system->carrier, $plan->job->reducer());
    $sprayed = 0.0;
    $hiding = [];
    foreach ($plan->blend->coats as $coat) {
        if ($coat->kind()->hides()) {
            $hiding[$coat->id()] = true;
            $sprayed +=
                ($plan->blend->areaOf($coat)->value() *
                    Simulation::laid($coat, $volatile, $plan->job->air())->pigmentedUm) /
                $coat->gun->transferEfficiency();
        }
    }
    $poured = 0.0;
    foreach ($plan->cups as $cup) {
        $mixture = $cup->mixture;
        // What goes out of a cup: its own coats, by its own mix of base; or of clear, where there is tint in it.
        foreach ($cup->coats as $amount) {
            if (! isset($hiding[$amount->coatId])) {
                continue 2;
            }
            $poured += $amount->volume->value() * $mixture->baseShare() * $mixture->base->volumeSolids();
        }
        // The scale's figures add up to what was asked for.
        expect(array_sum(array_map(fn ($p): float => $p->ml, $cup->pours)) * $cup->count)->toEqualWithDelta(
            $cup->total->value(),
            1e-6,
        );
    }
    expect($poured)->toEqualWithDelta($sprayed, 0.01 * $sprayed);
})->with(
    fn (): array => array_merge(
        ...array_map(
            fn (string $school): array => [
                [$school, 'northlight-s', 'metallic-light'],
                [$school, 'northlight-w', 'solid-light'],
            ],
            Bodies::schoolKeys(),
        ),
    ),
);

it('looks at a plan part by part, the whole being its worst', function (): void {
    $o = SprayedPlan::of(onBonnet())->outlook();
    expect($o->index())
        ->toBe(max($o->worst()->worst, $o->parts['hiding'], $o->parts['mottle'], $o->parts['stripes']))
        ->and($o->isSeen())
        ->toBeFalse()
        ->and($o->low())
        ->toBeLessThan($o->index())
        ->and($o->high())
        ->toBeGreaterThan($o->index());
    $bare = SprayedPlan::of(onBonnet(['plan' => ['wetBed' => 'off']]))->outlook();
    expect($bare->parts[Part::Fringe->value])->toBeGreaterThan($o->parts[Part::Fringe->value]);
});

it('keeps the promise of the sentence: what needs so much to be sure and has it is not seen', function (): void {
    foreach ([0.5, 1.5, 2.5] as $off) {
        $plan = Bodies::planned(Bodies::job('bonnet'), Colours::silver(), Colours::silver($off));
        $o = SprayedPlan::of($plan)->outlook();
        expect($plan->blend->need->isTooLong())
            ->toBeFalse()
            ->and($o->free->worst)
            ->toBeLessThan(1.0)
            ->and($o->free->worst * exp(1.2816 * $o->spread))
            ->toBeLessThan(1.04);
    }
});

it('sees an edge at the gap when the card is off, and nothing when it matches', function (): void {
    $job = Bodies::job('front-door-left', change: ['plan' => ['school' => 'edge-to-edge']]);
    $off = SprayedPlan::of(Bodies::planned($job, Colours::silver(), Colours::silver(4.0)))->outlook();
    $same = SprayedPlan::of(Bodies::planned($job, Colours::silver(), Colours::silver(0.2)))->outlook();
    expect($off->isSeen())
        ->toBeTrue()
        ->and($off->says()->text)
        ->toContain('at the gap to')
        ->and($same->isSeen())
        ->toBeFalse()
        // Another plane hides more of it than a gap in one plane.
        ->and($off->lines['Sill left']->worst)
        ->toBeLessThan($off->lines['Rear door left']->worst);
});

it('cuts through repair, blend and neighbour without a spike where the line leaves the car', function (): void {
    $plan = Bodies::planned(Bodies::job('front-door-left'));
    $centre = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $sprayed = SprayedPlan::of($plan);
    $down = new Point($centre->x, $centre->y + 2500.0);
    $cut = $sprayed->cut(new Point($centre->x, $centre->y), $down, 45, 2.0)->jsonSerialize();
    expect($cut['mm'][0])
        ->toEqualWithDelta(-60.0, 0.5)
        ->and(end($cut['mm']))
        ->toBeNull()
        ->and(end($cut['index']))
        ->toBeNull()
        ->and(end($cut['dE']))
        ->toBeNull()
        ->and($cut['panels'][0])
        ->toBe('front-door-left');
    foreach ($cut['films'] as $film) {
        expect($film[0])->toBeGreaterThan(1.0)->and(end($film))->toBe(0.0);
    }
    expect($sprayed->outlook()->isSeen())->toBeFalse();
    foreach ([15, 45, 110] as $angle) {
        expect($sprayed->cut(new Point($centre->x, $centre->y), $down, $angle, 1.0)->worst())->toBeLessThan(1.0);
    }
});

it('draws in the cut what the verdict says of a gap: the step there, not a spike beside it', function (): void {
    $plan = Bodies::planned(
        Bodies::job('front-door-left', change: ['plan' => ['school' => 'edge-to-edge']]),
        Colours::silver(),
        Colours::silver(4.0),
    );
    $sprayed = SprayedPlan::of($plan);
    $at = $sprayed->outlook()->lines['Rear door left'] ?? null;
    expect($at)->not->toBeNull();
    $centre = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $back = Bodies::shipped('marlo-tern')->panel('rear-door-left')->outline->centroid();
    $cut = $sprayed->cut($centre, new Point($back->x, $centre->y), $at->angle, $at->distanceM)->jsonSerialize();
    $gap = array_values(array_filter($cut['lines'], fn (array $l): bool => $l['kind'] === 'gap'));
    expect($gap)
        ->toHaveCount(1)
        ->and($gap[0]['index'])
        ->toEqualWithDelta($at->table[$at->angle][(string) $at->distanceM], 0.01)
        ->and(max(array_filter($cut['index'], is_float(...))))
        ->toBeLessThanOrEqual($gap[0]['index'] + 0.01);
});

it('draws a fold in the cut with what the verdict takes off there', function (): void {
    $plan = Bodies::planned(
        Bodies::job('front-door-left', change: ['plan' => ['school' => 'edge-to-edge']]),
        Colours::silver(),
        Colours::silver(4.0),
    );
    $sprayed = SprayedPlan::of($plan);
    $sill = $sprayed->outlook()->lines['Sill left'];
    $from = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $to = new Point($from->x, Bodies::shipped('marlo-tern')->panel('sill-left')->outline->centroid()->y);
    $cut = $sprayed->cut($from, $to, $sill->angle, $sill->distanceM)->jsonSerialize();
    expect(array_column($cut['lines'], 'kind'))
        ->toBe(['fold'])
        ->and($cut['lines'][0]['index'])
        ->toEqualWithDelta($sill->table[$sill->angle][(string) $sill->distanceM], 0.01);
});

it('remembers a need only for what needs the same', function (): void {
    $remembering = new JobPlanner();
    $base = Bodies::job('bonnet');
    $each = fn (array $change): callable => fn (array $steps): array => array_map(
        fn (array $s): array => $s['kind'] === 'base' ? [...$s, ...$change] : $s,
        $steps,
    );
    $jobs = [
        $base,
        Bodies::withSteps($base, $each(['landsIn' => 'dry'])),
        Bodies::withSteps($base, $each(['landsIn' => 'wet-bed'])),
        Bodies::withSteps($base, $each(['drying' => 'wet-on-wet'])),
        Bodies::withSteps($base, $each(['film' => 0.5])),
        Bodies::withSteps($base, $each(['mixture' => ['reducer' => 2.0]])),
        Bodies::job('bonnet', change: ['booth' => ['temperatureC' => 32, 'humidityPercent' => 50]]),
        Bodies::job('bonnet', change: ['plan' => ['certainty' => 'likely']]),
    ];
    foreach ($jobs as $job) {
        foreach ([1.0, 2.0] as $off) {
            $spec = (new JobReader(new Bodies()))->read($job);
            $pair = [Colours::silver(), Colours::silver($off)];
            expect($remembering->plan($spec, ...$pair)->blend->need->mm())->toBe(
                (new JobPlanner())->plan($spec, ...$pair)->blend->need->mm(),
            );
        }
    }
});

it('offers only cures that were tried and do hide it', function (): void {
    $job = Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]);
    $short = Bodies::withSteps(
        $job,
        fn (array $s): array => array_map(
            fn (array $step): array => isset($step['extent']['reach'])
                ? [...$step, 'extent' => [...$step['extent'], 'reachMm' => 260 * $step['extent']['reach'], 'fadeMm' => 110]]
                : $step,
            $s,
        ),
    );
    $spec = (new JobReader(new Bodies()))->read($short);
    $planner = new JobPlanner();
    $seen = SprayedPlan::of($planner->plan($spec, Colours::silver(), Colours::silver(0.6)))->outlook();
    expect($seen->fault())->toBe(Part::Fringe);
    $cures = Cures::of($spec, $planner, Colours::silver(), Colours::silver(0.6));
    expect($cures)->not->toBe([]);
    foreach ($cures as $cure) {
        $after = SprayedPlan::of(
            $planner->plan(
                $spec->with($spec->plan->sprayed('x', $cure['sequence'], 1.0, true)),
                Colours::silver(),
                Colours::silver(0.6),
            ),
        )->outlook();
        expect(round($after->index(), 2))->toBe($cure['index'])->and($after->index())->toBeLessThan($seen->index());
        if (str_contains($cure['says']->text, 'not seen')) {
            expect($after->isSeen())->toBeFalse();
        }
    }
    expect($cures[0]['says']->text)
        ->toContain('not seen')
        ->and(Cures::of((new JobReader(new Bodies()))->read(Bodies::job('bonnet')), $planner, null, null))
        ->toBe([]);
});

it('ranks ways once: nothing seen before seen, then panels, paint and time', function (): void {
    $ways = WayOutlook::all(
        (new JobReader(new Bodies()))->read(Bodies::job('bonnet', 30.0)),
        Bodies::schools(),
        new JobPlanner(),
        null,
        null,
    );
    $ranks = array_map(fn (WayOutlook $w): array => $w->rank(), $ways);
    $sorted = $ranks;
    sort($sorted);
    expect($ways)->toHaveCount(count(Bodies::schoolKeys()))->and($ranks)->toBe($sorted);
});

it('would rather paint one panel with more paint than two with less', function (): void {
    $way = function (string $panel, float $across, string $school, string $finish): WayOutlook {
        $box = Bodies::shipped('marlo-tern')->panel($panel)->outline->box();
        $at = ['xMm' => $box->x0 + $across * ($box->x1 - $box->x0), 'yMm' => $box->y0 + 0.3 * ($box->y1 - $box->y0)];
        $change = ['colour' => ['finish' => $finish], 'repairs' => [['shape' => $at]]];

        return WayOutlook::of(
            (new JobReader(new Bodies()))->read(Bodies::job($panel, 20.0, $change)),
            (new Bodies())->school($school) ?? throw new RuntimeException(),
            new JobPlanner(),
            null,
            null,
        );
    };
    $doors = $way('front-door-left', 0.9, 'no-wet-bed', 'solid-dark');
    $bonnet = $way('bonnet', 0.5, 'bed-before-each', 'metallic-light');
    expect($doors->plan->blend->panels)
        ->toHaveCount(2)
        ->and($bonnet->plan->blend->panels)
        ->toHaveCount(1)
        ->and($doors->millilitres())
        ->toBeLessThan($bonnet->millilitres())
        ->and($bonnet->rank() < $doors->rank())
        ->toBeTrue();
});

it('puts fewer panels before less paint, and less paint before less time', function (): void {
    // Near the door's rear edge, so that some ways have to ask the next door in.
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $at = ['xMm' => $box->x0 + 0.78 * ($box->x1 - $box->x0), 'yMm' => $box->y0 + 0.4 * ($box->y1 - $box->y0)];
    $job = Bodies::job('front-door-left', 40.0, ['repairs' => [['shape' => $at]]]);
    $ways = WayOutlook::all((new JobReader(new Bodies()))->read($job), Bodies::schools(), new JobPlanner(), null, null);
    $holding = array_values(array_filter($ways, fn (WayOutlook $w): bool => $w->holds()));
    $panels = array_map(fn (WayOutlook $w): int => count($w->plan->blend->panels), $holding);
    expect(count(array_unique($panels)))->toBeGreaterThan(1);
    $sorted = $panels;
    sort($sorted);
    expect($panels)->toBe($sorted);
    foreach (array_keys(array_count_values($panels)) as $n) {
        $paint = [];
        foreach ($holding as $way) {
            if (count($way->plan->blend->panels) === $n) {
                $paint[] = array_sum(array_map(fn ($cup): float => $cup->total->value(), $way->plan->cups));
            }
        }
        $least = $paint;
        sort($least);
        expect($paint)->toBe($least);
    }
});

it('finds a blend no larger than the school\'s own, drawn in to its need, that nobody sees', function (): void {
    $spec = (new JobReader(new Bodies()))->read(Bodies::job('front-door-left'));
    $found = SmallestBlend::of($spec, Bodies::schools(), new JobPlanner(), null, null);
    assert($found !== null);
    $own = WayOutlook::of(
        $spec,
        (new Bodies())->school('inside-out-wet-bed') ?? throw new RuntimeException(),
        new JobPlanner(),
        null,
        null,
    );
    expect(count($found->best->plan->blend->panels))
        ->toBeLessThanOrEqual(count($own->plan->blend->panels))
        ->and($found->best->millilitres())
        ->toBeLessThanOrEqual($own->millilitres());
    $answer = json_decode((string) json_encode($found), true);
    $plan = array_filter(array_intersect_key($answer, array_flip(['school', 'usual', 'sequence', 'gun', 'sides'])));
    expect($answer['tried'])->toBeGreaterThan(count(Bodies::schools()));
    $adopted = Bodies::planned(Bodies::job('front-door-left', change: ['plan' => $plan]));
    expect(SprayedPlan::of($adopted)->outlook()->isSeen())
        ->toBeFalse()
        ->and($adopted->blend->need->mm())
        ->toEqualWithDelta($answer['need']['value'], 1e-9)
        ->and($adopted->blend->limitMm())
        ->toEqualWithDelta($answer['need']['value'], 0.1)
        ->and(SmallestBlend::of($spec, Bodies::schools(), new JobPlanner(), Colours::silver(), Colours::silver(16.0)))
        ->toBeNull();
});

it('writes on a card what the plan sprays', function (string $school, int $full, int $half, bool $control): void {
    $s = PlannedSpraying::of(onBonnet(['plan' => ['school' => $school]]));
    assert($s !== null);
    expect([$s->fullCoats, $s->halfCoats, $s->controlCoat])->toBe([$full, $half, $control]);
})->with([
    ['inside-out-wet-bed', 3, 0, true],
    ['outside-in', 1, 2, false],
    ['coat-and-a-half', 1, 1, true],
    ['control-after-each', 2, 0, true],
    ['transparent-last', 2, 1, false],
]);

it('keeps a pass for what does not change the colour, and drops it for what does', function (): void {
    $print = fn (array $job): string => Fingerprint::of(Bodies::planned($job));
    $job = Bodies::job('bonnet');
    $same = $print($job);
    $rename = Bodies::withSteps(
        $job,
        fn (array $s): array => array_map(
            fn (array $step): array => [...$step, 'name' => 'X ' . $step['name'], 'purpose' => 'other words'],
            $s,
        ),
    );
    foreach (
        [
            ['plan' => ['remainderMl' => 120]],
            ['plan' => ['remainderMl' => 40]],
            ['plan' => ['gun' => 'standard']],
            ['plan' => ['certainty' => 'likely']],
            ['car' => ['plate' => 'OTHER 1']],
            ['plan' => ['ratios' => ['clear' => '2:1:0.2']]],
            ['booth' => ['temperatureC' => 22.4]],
        ] as $change
    ) {
        expect($print(array_replace_recursive($job, $change)))->toBe($same, (string) json_encode($change));
    }
    expect($print($rename))
        ->toBe($same)
        // Written out as the school does it, it is the same plan.
        ->and($print(Bodies::withSteps($job, fn (array $s): array => $s)))
        ->toBe($same);
    foreach (
        [
            ['plan' => ['ratios' => ['base-effect' => '1:1']]],
            ['plan' => ['school' => 'outside-in']],
            ['plan' => ['gun' => 'small']],
            ['booth' => ['temperatureC' => 30]],
            ['colour' => ['code' => 'SM-08']],
            ['paintSystem' => 'northlight-w'],
            ['plan' => ['coats' => ['base-3' => ['reachMm' => 240]]]],
        ] as $change
    ) {
        expect($print(array_replace_recursive($job, $change)))->not->toBe($same, (string) json_encode($change));
    }
});

it('says in words why a pass fell', function (array $change, string $says): void {
    $steps = fn (array $more): array => Bodies::withSteps(
        Bodies::job('bonnet'),
        fn (array $s): array => array_map(
            fn (array $step): array => $step['id'] === 'base-3' ? array_replace_recursive($step, $more) : $step,
            $s,
        ),
    );
    $before = Bodies::planned($steps([]));
    $after = Bodies::planned(array_replace_recursive($steps($change['base-3'] ?? []), $change['job'] ?? []));
    $kept = json_decode((string) json_encode(Fingerprint::snapshot($before)), true);
    $because = array_map(fn ($p): string => $p->in(UnitSystem::Metric), PassFallen::because($kept, $after));
    expect(Fingerprint::of($after))
        ->not->toBe(Fingerprint::of($before))
        ->and(implode(' ', $because))
        ->toContain($says)
        ->and(PassFallen::because($kept, $before))
        ->toBe([]);
})->with([
    'a reach' => [['base-3' => ['extent' => ['reachMm' => 400]]], 'Base 3 now reaches'],
    'a mixture' => [['base-3' => ['mixture' => ['blendingClear' => 1]]], 'Base 3 is mixed otherwise.'],
    'a gun' => [['base-3' => ['gun' => ['bar' => 2.2]]], 'Base 3 is sprayed with the gun set otherwise.'],
    'the booth' => [['job' => ['booth' => ['temperatureC' => 31]]], 'The booth is 31 °C'],
    'a repair' => [['job' => ['repairs' => [['shape' => ['radiusMm' => 90]]]]], 'A repair was moved'],
    'the reducer' => [['job' => ['plan' => ['reducer' => 'fast']]], 'The reducer is another.'],
    'the colour' => [['job' => ['colour' => ['code' => 'XX']]], 'The colour is another.'],
]);

it('survives any snapshot that was kept', function (): void {
    foreach ([[], ['coats' => 3, 'told' => 'x'], ['coats' => ['base-1' => 7], 'told' => ['names' => [1], 'reach' => null]]] as $kept) {
        expect(PassFallen::because($kept, Bodies::planned(Bodies::job('bonnet'))))->not->toBe([]);
    }
});

it('keeps a plan as a recipe that sprays the same on this car', function (): void {
    $plan = Bodies::planned(
        Bodies::withSteps(
            Bodies::job('bonnet'),
            fn (array $s): array => array_map(
                fn (array $step): array => $step['id'] === 'base-2'
                    ? [
                        ...$step,
                        'film' => 0.8,
                        'extent' => [...$step['extent'], 'reachMm' => 90],
                        'where' => ['panels' => ['bonnet']],
                    ]
                    : $step,
                $s,
            ),
        ),
    );
    $school = KeepSchool::of($plan, 'own', 'Ours');
    $again = SchoolReader::read(json_decode((string) json_encode($school), true));
    $steps = $again->sequence($plan->job->colour->finish)->steps;
    $base = array_values(array_filter($steps, fn (CoatStep $s): bool => $s->id === 'base-2'))[0];
    expect($base->extent->isSetByHand())
        ->toBeFalse()
        ->and($base->where->isEverywhere())
        ->toBeTrue()
        ->and($base->film)
        ->toBe(0.8)
        ->and($base->extent->reach)
        ->toEqualWithDelta(90 / $plan->blend->need->blendMm, 0.006)
        ->and(count($steps))
        ->toBe(count($plan->job->plan->sequence->steps));
});

it('prints the sequence, the need, the room, what is chosen and the parts', function (): void {
    $lines = PlainPlan::lines(Bodies::planned(Bodies::job()), UnitSystem::Metric);
    $text = implode("\n", $lines);
    expect($lines[0])
        ->toStartWith('Needs ')
        ->and($text)
        ->toContain('room ')
        ->toContain('chosen ')
        ->toContain('rule of thumb 300 mm')
        ->toContain('a dry fringe')
        ->toContain(' 7. Clear 2');
});

it('does not care in which order repairs and panels are named', function (): void {
    $job = Bodies::job('front-door-left');
    $c = Bodies::shipped('marlo-tern')->panel('rear-door-left')->outline->centroid();
    $job['repairs'][] = [
        'id' => 'r2',
        'panel' => 'rear-door-left',
        'shape' => ['kind' => 'spot', 'xMm' => $c->x, 'yMm' => $c->y, 'radiusMm' => 50],
        'under' => ['kind' => 'primer', 'greyShade' => 3],
    ];
    $other = $job;
    $other['repairs'] = array_reverse($job['repairs']);
    $said = fn (array $j): array => [
        Bodies::planned($j)->blend->need->mm(),
        Bodies::planned($j)->blend->need->roomMm,
        round(Bodies::planned($j)->blend->colouredM2(), 9),
    ];
    expect($said($other))->toBe($said($job));
});

it('answers for a metallic that is called a solid, and for a card far off', function (string $finish, float $off): void {
    foreach (['outside-in', 'edge-to-edge', 'inside-out-wet-bed'] as $school) {
        $plan = Bodies::planned(
            Bodies::job('bonnet', change: ['colour' => ['finish' => $finish], 'plan' => ['school' => $school]]),
            Colours::silver(),
            Colours::silver($off),
        );
        $o = json_decode(json_encode(SprayedPlan::of($plan), JSON_THROW_ON_ERROR), true);
        expect($o['index'])->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1000.0)->and($o['table'])->not->toBe([]);
    }
})->with([['solid-light', 5.0], ['solid-dark', -5.0], ['solid-light', -12.0], ['pearl', 12.0]]);
