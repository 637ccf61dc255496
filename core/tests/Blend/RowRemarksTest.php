<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Internal\PanelsInPlay;
use Kalopsis\Blend\Internal\Regions;
use Kalopsis\Blend\Internal\Verdict;
use Kalopsis\Blend\Internal\Warnings;
use Kalopsis\Blend\Need;
use Kalopsis\Blend\NeedsOfThisRun;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\ZoneKind;
use Kalopsis\Film\MixtureSpec;
use Kalopsis\Gun\ShopGun;
use Kalopsis\Panel\Repair;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\CoatKind;
use Kalopsis\Sequence\CoatSequence;
use Kalopsis\Sequence\CoatStep;
use Kalopsis\Sequence\Extent;
use Kalopsis\Sequence\ShopGuns;
use Kalopsis\Sequence\Where;
use Kalopsis\Spray\Part;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Remarks;
use Kalopsis\Tests\Support\Rows;
use Kalopsis\Units\UnitSystem;

/*
 * What is said of plans on a row of squares, 600 mm wide and 4 mm apart, with a need that is given: a spot of 60 mm in the
 * middle of one has 240 mm to the gaps beside it.
 */

/**
 * @param list<CoatStep> $steps
 * @param array{repairs?: list<Repair>, sides?: array<string, SideChoice>, need?: Need, guns?: ShopGuns} $with
 */
function onTheRow(array $steps, float $blendMm, array $with = []): BlendPlan
{
    $request = Rows::request(
        Rows::of(['one' => [], 'two' => [], 'three' => []]),
        $with['repairs'] ?? [Bodies::spot(300.0, 300.0, 60.0, 'one')],
        $with['sides'] ?? [],
        steps: new CoatSequence($steps),
        guns: $with['guns'] ?? new ShopGuns(),
    );

    $need = $with['need'] ?? Rows::need($blendMm, $blendMm, 240.0);
    // As the planner does it, but that nothing has to be simulated.
    $play = PanelsInPlay::around($request);
    $coats = $request->drawnOut($request->sequence, $need->blendMm);
    $needed = $need->mm() ?? $need->usualMm;
    $play->run($need->blendMm, $needed, fn (): float => $needed);
    $panels = Regions::of($request, $coats, $play);
    $warnings = Warnings::of($request, $coats, $play, $panels, $need);
    [$verdict, $severity] = Verdict::of($play, $panels, $warnings, $need);
    $zones = Regions::zones($request, $coats, $panels);

    return new BlendPlan($coats, $panels, $zones, $play->sides, $warnings, $need, $verdict, $severity, $request);
}

/** @param array<string, mixed> $changed */
function base(string $id, Extent $extent, CoatKind $kind = CoatKind::Base, array $changed = []): CoatStep
{
    return CoatStep::plain($id, ucfirst($id), $kind, $extent, '')->changed(...$changed);
}

it('says of each coat set by hand whether it goes as far past the one before as it should', function (
    float $meant,
    float $byHand,
    array $says,
): void {
    // In a blend of 100 mm the first coat reaches 40; the second would reach so far, and was set to reach so far.
    $steps = [
        base('first', Extent::past(0.4, 0.6)),
        base('second', Extent::past($meant / 100.0, 0.4, $byHand)),
        Rows::clear(),
    ];
    $codes = ['inside-coat-before', 'short-step', 'past-effect-coat'];
    expect(Remarks::of(onTheRow($steps, 100.0), ...$codes))->toBe($says);
})->with([
    'as far as it should' => [90.0, 90.0, []],
    'a step of 50 is enough, whatever was meant' => [99.0, 90.0, []],
    'less' => [99.0, 89.0, ['short-step' => [
        'look-out', 'second', 'Second goes only 49 mm past First; 50 mm or more keeps the edge from piling up.',
    ]]],
    'nothing past it' => [90.0, 40.0, ['short-step' => [
        'look-out', 'second', 'Second goes only 0 mm past First; 50 mm or more keeps the edge from piling up.',
    ]]],
    'a little inside it' => [90.0, 39.2, ['inside-coat-before' => [
        'look-out',
        'second',
        'Second stops 1 mm inside First. In this order each coat goes further than the one before, or its edge shows.',
    ]]],
    'inside it, where both were meant to end together' => [40.0, 30.0, ['inside-coat-before' => [
        'look-out',
        'second',
        'Second stops 10 mm inside First. In this order each coat goes further than the one before, or its edge shows.',
    ]]],
    'inside it, where it was meant half a millimetre further' => [40.5, 30.0, ['inside-coat-before' => [
        'look-out',
        'second',
        'Second stops 10 mm inside First. In this order each coat goes further than the one before, or its edge shows.',
    ]]],
]);

it('lets a way that takes the second coat inside the first do so', function (): void {
    // Meant half a millimetre inside: not the widest first, since a third goes further.
    $steps = [
        base('first', Extent::past(0.4, 0.6)),
        base('second', Extent::past(0.395, 0.4, 30.0)),
        base('third', Extent::past(0.6, 0.4)),
        Rows::clear(),
    ];
    expect(Remarks::of(onTheRow($steps, 100.0), 'inside-coat-before', 'short-step'))->toBe([]);
});

it('says how near colour ends to a gap from less than 30 mm on', function (float $blend, array $says): void {
    $plan = onTheRow([...Rows::fading()->steps], $blend, ['need' => Rows::need(100.0, $blend, 240.0)]);
    expect(Remarks::of($plan, 'near-gap'))->toBe($says);
})->with([
    [210.0, []],
    [210.6, ['near-gap' => ['note', 'one', 'Colour ends 29 mm before the gap to Two: mask the gap, or dust gets over it.']]],
    [239.0, ['near-gap' => ['note', 'one', 'Colour ends 1 mm before the gap to Two: mask the gap, or dust gets over it.']]],
]);

it('says at a side what the painter took upon himself, with its room and need', function (): void {
    $at = fn (?SideChoice $choice, float $blend): array => Remarks::of(
        onTheRow(Rows::fading()->steps, $blend, [
            'sides' => $choice === null ? [] : ['one|two' => $choice],
            'need' => Rows::need($blend, $blend, 240.0),
        ]),
        'butt',
        'stopped',
        'far-into-neighbour',
    );
    expect($at(SideChoice::Butt, 300.0))
        ->toBe(['butt' => [
            'look-out', 'one', 'Butt joint to Two: only with a card that matches edge to edge. No card has passed yet.',
        ]])
        ->and($at(SideChoice::StopAtLine, 300.0))
        ->toBe(['stopped' => [
            'look-out',
            'one',
            'Colour stops before Two with 240 mm of 300 mm: the line hides a little of a step, not a wrong colour.',
        ]])
        // Common practice: colour fades out within 200 to 250 mm of the neighbour.
        ->and($at(null, 490.0))
        ->toBe([])
        ->and($at(null, 500.0))
        ->toBe(['far-into-neighbour' => [
            'note', 'two', 'Colour runs 260 mm into Two; it usually fades out within 250 mm there.',
        ]]);
});

it('says where the clear ends, what it leaves bare, and which break is near', function (): void {
    $with = fn (float $clearMm, MixtureSpec $thinned = new MixtureSpec()): array => Remarks::of(
        onTheRow([
            ...array_slice(Rows::fading()->steps, 0, 2),
            base('clear', Extent::past(0.0, 0.0, $clearMm, 20.0), CoatKind::Clear, ['mixture' => $thinned]),
        ], 150.0),
        'clear-fade',
        'colour-uncovered',
        'break-in-reach',
        'solvent-on-nothing',
    );
    expect($with(150.0)['clear-fade'])
        ->toBe([
            'look-out',
            'blend',
            'The clear ends 170 mm past the primer, inside a panel: it lives shorter there and may show later. Tell the customer '
                . 'before.',
        ])
        ->and($with(150.0))
        ->not->toHaveKey('colour-uncovered')
        ->and($with(149.0)['colour-uncovered'])
        ->toBe([
            'stop', 'blend', 'Colour goes 150 mm out, clear that is not thinned only 149 mm: base without clear does not last.',
        ])
        ->and($with(150.0, new MixtureSpec(fadeSolvent: 1.0))['colour-uncovered'][2])
        ->toContain('only 0 mm')
        // Scuffed goes 60 mm past the clear: 230 mm, ten short of the gap.
        ->and($with(150.0))
        ->not->toHaveKey('break-in-reach')
        ->and($with(160.0)['break-in-reach'])
        ->toBe([
            'look-out', 'one', 'A break is within reach: the gap to Two, 240 mm from the primer. End the clear there instead.',
        ]);
});

it('says nothing of an end of clear where there is none, and rounds a break as it rounds room', function (): void {
    $bare = onTheRow(array_slice(Rows::fading()->steps, 0, 2), 100.0);
    $without = Remarks::of($bare, 'clear-fade', 'no-clear', 'colour-uncovered');
    expect(array_keys($without))->toBe(['no-clear']);
    $steps = [
        ...array_slice(Rows::fading()->steps, 0, 2),
        base('clear', Extent::past(0.0, 0.0, 165.0, 20.0), CoatKind::Clear),
    ];
    $plan = onTheRow($steps, 150.0, ['repairs' => [Bodies::spot(299.3, 300.0, 60.0, 'one')]]);
    // 240.7 mm to the gap, rounded down as everywhere.
    expect(Remarks::of($plan, 'break-in-reach')['break-in-reach'][2])
        ->toContain('240 mm from the primer')
        ->and($plan->sides[0]->room->value())
        ->toBe(240.0);
});

it('lets no remark on a ground stand where no colour goes over it', function (): void {
    $ground = base('ground', Extent::past(0.0, 0.0, 100.0, 20.0), CoatKind::Ground);
    expect(Remarks::of(onTheRow([$ground, Rows::clear()], 120.0), 'inside-ground', 'ground-alone', 'no-colour'))->toBe([
        'no-colour' => ['stop', 'blend', 'No coat of this plan carries colour.'],
        'ground-alone' => [
            'note', 'ground', 'Ground alone may look wrong beside the car: that is expected, the coats over it make the colour.',
        ],
    ]);
});

it('says a stop before anything of lengths', function (): void {
    $plan = onTheRow([Rows::clear(), ...Rows::fading()->steps], 100.0);
    expect($plan->severity)
        ->toBe(Severity::Stop)
        ->and($plan->verdict->in(UnitSystem::Metric))
        ->toBe('First comes after Clear: nothing but clear goes over clear without sanding it first.');
});

it('takes the widest ground for how far the ground goes, in whichever order', function (): void {
    $ground = fn (string $id, float $mm): CoatStep => base($id, Extent::past(0.0, 0.0, $mm, 20.0), CoatKind::Ground);
    $effect = base('effect', Extent::past(0.0, 0.0, 100.0, 20.0), CoatKind::Effect);
    foreach ([[80.0, 150.0], [150.0, 80.0]] as [$first, $second]) {
        $steps = [$ground('g1', $first), $ground('g2', $second), $effect, Rows::clear()];
        $widest = $first > $second ? 'g1' : 'g2';
        expect(Remarks::of(onTheRow($steps, 120.0), 'inside-ground', 'ground-alone'))->toBe(['inside-ground' => [
            'look-out',
            $widest,
            ucfirst($widest)
                . ' goes 50 mm past the effect coats: the ground alone looks wrong. Each effect coat goes further than it.',
        ]]);
    }
});

it('says which coat runs on an upright panel, and how wet it lands', function (): void {
    $heavy = base('clear', Extent::wholePanel(), CoatKind::Clear, ['film' => 4.0]);
    $says = Remarks::of(onTheRow([...array_slice(Rows::fading()->steps, 0, 2), $heavy], 100.0), 'sags')['sags'];
    expect($says[0])
        ->toBe('look-out')
        ->and($says[1])
        ->toBe('clear')
        ->and(preg_match('/^Clear lands (\d+) µm wet; an upright panel holds about (\d+) µm before it runs\. Two thinner/', $says[2], $um))
        ->toBe(1)
        ->and((int) $um[1])
        ->toBeGreaterThan((int) $um[2]);
});

it('names a mixture outside its sheet\'s window once, with the first reason that was kept', function (): void {
    $thin = fn (string $id, float $reducer, string $reason = ''): CoatStep => base($id, Extent::past(0.5, 0.5), CoatKind::Base, [
        'mixture' => new MixtureSpec(reducer: $reducer, reason: $reason),
    ]);
    $says = fn (CoatStep ...$steps): array => array_values(array_map(
        fn ($w): array => [$w->severity, $w->about, $w->says->in(UnitSystem::Metric)],
        array_filter(onTheRow([...$steps, Rows::clear()], 100.0)->warnings, fn ($w): bool => $w->code === 'outside-window'),
    ));
    $found = $says($thin('a', 1.0), $thin('b', 2.0, 'hot day'), $thin('c', 2.0, 'another'), $thin('d', 1.8));
    expect($found)
        ->toHaveCount(2)
        ->and($found[0][0])
        ->toBe(Severity::LookOut)
        ->and($found[0][2])
        ->toEndWith('Say why in Cups, or come back within.')
        ->and($found[1][0])
        ->toBe(Severity::Note)
        ->and($found[1][1])
        ->toBe('product:base-effect')
        ->and($found[1][2])
        ->toEndWith('Kept reason: hot day')
        ->and($says($thin('a', 1.0)))
        ->toBe([]);
});

it('looks at each coat\'s pressure, with the gun that sprays it', function (): void {
    $gun = new ShopGun('Gull', leastBar: 1.9, mostBar: 2.0);
    $says = fn (ShopGun $gun): array => array_values(array_map(
        fn ($w): array => [$w->about, $w->says->in(UnitSystem::Metric)],
        array_filter(
            onTheRow(Rows::fading()->steps, 100.0, ['guns' => new ShopGuns($gun)])->warnings,
            fn ($w): bool => $w->code === 'pressure',
        ),
    ));
    $bars = array_map(fn ($c): float => $c->gun->bar, onTheRow(Rows::fading()->steps, 100.0)->coats);
    // Only the last coat, the clear, is past what this one works at.
    expect($bars[2])->toBeGreaterThan($bars[0]);
    $between = ($bars[0] + $bars[2]) / 2.0;
    expect($says(new ShopGun('Gull', mostBar: $between)))
        ->toHaveCount(1)
        ->and($says(new ShopGun('Gull', mostBar: $between))[0][0])
        ->toBe('clear')
        ->and($says(new ShopGun('Gull', mostBar: $between))[0][1])
        ->toStartWith("Clear is planned at {$bars[2]} bar; Gull is not made for more than ")
        ->and(array_column($says(new ShopGun('', leastBar: $between)), 0))
        ->toBe(['first', 'second'])
        ->and($says(new ShopGun('', leastBar: $between))[0][1])
        ->toStartWith("First is planned at {$bars[0]} bar; the gun does not atomise below ");
});

it('says one sentence, its figures as they stand elsewhere', function (Need $need, array $sides, string $says, Severity $gravity): void {
    $plan = onTheRow(Rows::fading()->steps, $need->blendMm, ['need' => $need, 'sides' => $sides]);
    expect($plan->verdict->in(UnitSystem::Metric))->toBe($says)->and($plan->severity)->toBe($gravity);
})->with([
    'fits' => [
        Rows::need(200.0, 200.0, 240.6), [], 'Needs 200 mm to be sure, has 240 mm: stays on the one.', Severity::Note,
    ],
    'is missing, by the room as it is told' => [
        Rows::need(300.0, 300.0, 240.6), [],
        'Needs 300 mm to be sure, has 240 mm: the two joins, 60 mm are missing.', Severity::LookOut,
    ],
    'too short, where the painter stops it' => [
        Rows::need(300.0, 300.0, 240.0), ['one|two' => SideChoice::Butt],
        'Needs 300 mm to be sure, has 240 mm: too short on the one.', Severity::LookOut,
    ],
    'joins by hand' => [
        Rows::need(200.0, 300.0, 240.0), [],
        'Needs 200 mm to be sure, has 240 mm: the two joins by your hand.', Severity::LookOut,
    ],
    'nothing bounds it' => [
        Rows::need(200.0, 200.0), [], 'Needs 200 mm to be sure, and nothing bounds it: stays on the one.', Severity::Note,
    ],
    'a colour that no blend hides' => [
        Rows::need(null, 200.0, 240.0, Part::Colour), [], 'No blend hides this colour to be sure: tint first.', Severity::LookOut,
    ],
    'what stays is not the colour' => [
        Rows::need(null, 200.0, 240.0, Part::Hiding), [],
        'Seen at any length: the primer below stays, not the colour.', Severity::LookOut,
    ],
]);

it('counts coloured area by the widest colour coat on each panel, and none where there is none', function (): void {
    $whole = fn (string $panel): CoatStep => base($panel, Extent::wholePanel(), changed: ['where' => Where::panels([$panel])]);
    $two = [Bodies::spot(300.0, 300.0, 60.0, 'one'), Bodies::spot(904.0, 300.0, 60.0, 'two', 'r2')];
    $plan = fn (array $steps): BlendPlan => onTheRow([...$steps, Rows::clear()], 50.0, ['repairs' => $two]);
    $one = $plan([$whole('one')]);
    $both = $plan([$whole('one'), $whole('two')]);
    $area = fn (BlendPlan $plan, int $coat): array => [
        $plan->areaOf($plan->coats[$coat])->value(),
        $plan->areaOf($plan->coats[$coat])->reasons[0]->inputs,
    ];
    // 600 mm square: 0.36 m2.
    expect($one->colouredM2())
        ->toBe(0.36)
        ->and($both->colouredM2())
        ->toBe(0.72)
        ->and($area($both, 0)[0])
        ->toBe(0.36)
        ->and($both->limitMm())
        ->toBeNull()
        ->and($one->hasBed())
        ->toBeFalse();
    // 60 + 25 and 60 + 50 mm: half of the rim counts.
    $fading = onTheRow([base('out', Extent::past(0.5, 0.5)), Rows::clear()], 50.0);
    $half = M_PI * (85.0 ** 2 + 110.0 ** 2) / 2e6;
    expect($area($fading, 0)[0])->toEqualWithDelta($half, 0.003 * $half)->and($fading->limitMm())->toEqualWithDelta(50.0, 1e-9);
});

it('asks a sealer of primer two shades off, where both shades are known', function (?int $wants, ?int $has, bool $seals): void {
    $repair = new Repair('r1', 'one', Bodies::spot(0.0, 0.0, 9.0)->shape, Under::Primer, $has);
    expect(Planner::wantsSealer($repair, $wants))->toBe($seals);
})->with([[5, 3, true], [3, 5, true], [4, 3, false], [5, null, false], [null, 5, false], [null, null, false]]);

it('remembers what it was asked, each by its own key', function (): void {
    $memory = new NeedsOfThisRun();
    $asked = [];
    $need = function (string $key, float $mm) use ($memory, &$asked): ?float {
        return $memory->remember($key, function () use ($key, $mm, &$asked): array {
            $asked[] = $key;

            return [$mm, null];
        })[0];
    };
    $index = function (string $key, float $v) use ($memory, &$asked): float {
        return $memory->index($key, function () use ($key, $v, &$asked): float {
            $asked[] = $key;

            return $v;
        });
    };
    expect([$need('a', 1.0), $need('b', 2.0), $need('a', 3.0), $need('b', 4.0)])
        ->toBe([1.0, 2.0, 1.0, 2.0])
        ->and([$index('c', 0.1), $index('d', 0.2), $index('c', 0.3), $index('d', 0.4)])
        ->toBe([0.1, 0.2, 0.1, 0.2])
        ->and($asked)
        ->toBe(['a', 'b', 'c', 'd']);
});

it('tells a clear that fades from one over the whole panel', function (): void {
    expect([ZoneKind::Clear->what(), ZoneKind::Clear->what(true)])
        ->toBe(['Clear over the whole panel', 'Clear, each coat a little further out']);
});
