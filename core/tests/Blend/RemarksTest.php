<?php

declare(strict_types=1);

use Kalopsis\Blend\Trade;
use Kalopsis\Blend\Warning;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Remarks;
use Kalopsis\Units\UnitSystem;

/*
 * What a plan is remarked on for, in its words: its ground, its steps, its sides.
 */

it('remarks on what lies under the colour, and on nothing else', function (array $under, array $says): void {
    $plan = Bodies::remarked(Bodies::job(change: ['repairs' => [['under' => $under]]]));
    $codes = [
        'lacquer', 'isolated', 'rag-test', 'sand-through', 'material', 'bare-metal', 'bare-plastic', 'grey-shade',
    ];
    expect(Remarks::of($plan, ...$codes))->toBe(array_map(fn (array $s): array => [$s[0], 'r1', $s[1]], $says));
})->with([
    'primer of the right shade' => [['kind' => 'primer', 'greyShade' => 3], []],
    'one shade off' => [['kind' => 'primer', 'greyShade' => 4], []],
    'two shades off' => [
        ['kind' => 'primer', 'greyShade' => 5],
        ['grey-shade' => [
            'note',
            'Primer shade 5 under a colour that wants shade 3: seal Front door left with shade 3, or it takes more coats to hide.',
        ]],
    ],
    'two shades lighter' => [
        ['kind' => 'new-primed-part', 'greyShade' => 1],
        ['grey-shade' => [
            'note',
            'Primer shade 1 under a colour that wants shade 3: seal Front door left with shade 3, or it takes more coats to hide.',
        ]],
    ],
    // Old paint has no grey that shows through.
    'old two-pack' => [['kind' => 'old-two-pack', 'greyShade' => 7], []],
    'lacquer' => [
        ['kind' => 'thermoplastic-lacquer'],
        ['lacquer' => [
            'stop',
            'Old thermoplastic lacquer on Front door left: new solvent can wrinkle it. Isolate the whole area with primer, then '
                . 'base in dry dusting coats with long flashes.',
        ]],
    ],
    'not tested yet' => [
        ['kind' => 'old-untested'],
        ['rag-test' => [
            'look-out',
            'Old finish on Front door left: hold a rag with solvent to it before anything else. What softens is lacquer and '
                . 'wants isolating; a cured two-pack stays hard.',
        ]],
    ],
    'rubbed through' => [
        ['kind' => 'sand-through'],
        ['sand-through' => [
            'note',
            'Rubbed through on Front door left: it is one more repair, and colour has to cover it. Prime the spot thin, not '
                . 'the panel.',
        ]],
    ],
    'bare metal' => [
        ['kind' => 'bare-metal'],
        ['bare-metal' => ['look-out', 'Bare metal on Front door left wants a suitable primer before anything else.']],
    ],
    'bare plastic on a steel door' => [
        ['kind' => 'bare-plastic'],
        [
            'material' => ['look-out', 'Front door left is steel, but the repair says bare plastic. Check which is right.'],
            'bare-plastic' => ['look-out', 'Bare plastic on Front door left wants adhesion promoter first.'],
        ],
    ],
]);

it('knows a plastic bumper from a steel door', function (string $kind, array $codes): void {
    $plan = Bodies::remarked(Bodies::job('front-bumper', 40.0, ['repairs' => [['under' => ['kind' => $kind]]]]));
    expect(array_keys(Remarks::of($plan, 'material', 'bare-metal', 'bare-plastic')))->toBe($codes);
})->with([['bare-metal', ['material', 'bare-metal']], ['bare-plastic', ['bare-plastic']], ['primer', []]]);

it('remarks on steps that a hand set too short, and only on those', function (array $extents, array $says): void {
    $plan = Bodies::remarked(Remarks::door($extents));
    expect(Remarks::of($plan, 'short-step', 'inside-coat-before', 'past-effect-coat', 'short-blend'))->toBe($says);
})->with([
    // The school's own reaches are 36, 96, 150 and 174 mm; its control coat goes 24 further and is meant to.
    'as the school does it' => [[], []],
    'as the school does it, by hand' => [['base-2' => ['reachMm' => 96.0, 'fadeMm' => 108.0]], []],
    'fifty further' => [['base-2' => ['reachMm' => 86.0, 'fadeMm' => 108.0]], []],
    'a little less' => [
        ['base-2' => ['reachMm' => 85.5, 'fadeMm' => 108.0]],
        ['short-step' => [
            'look-out', 'base-2', 'Base 2 goes only 50 mm past Base 1; 50 mm or more keeps the edge from piling up.',
        ]],
    ],
    'four further' => [
        ['base-2' => ['reachMm' => 40.0, 'fadeMm' => 60.0]],
        ['short-step' => [
            'look-out', 'base-2', 'Base 2 goes only 4 mm past Base 1; 50 mm or more keeps the edge from piling up.',
        ]],
    ],
    'inside the one before' => [
        ['base-2' => ['reachMm' => 10.0, 'fadeMm' => 60.0]],
        ['inside-coat-before' => [
            'look-out', 'base-2',
            'Base 2 stops 26 mm inside Base 1. In this order each coat goes further than the one before, or its edge shows.',
        ]],
    ],
    'the one before past it' => [
        ['base-2' => ['reachMm' => 160.0, 'fadeMm' => 60.0]],
        ['inside-coat-before' => [
            'look-out', 'base-3',
            'Base 3 stops 10 mm inside Base 2. In this order each coat goes further than the one before, or its edge shows.',
        ]],
    ],
    // A control coat is no coat of base: it may stay where the last one ended, but not inside of it.
    'a short control coat' => [['control' => ['reachMm' => 151.0, 'fadeMm' => 100.0]], []],
    'all of it too short' => [
        array_fill_keys(['base-1', 'base-2', 'base-3', 'control'], ['reachMm' => 20.0, 'fadeMm' => 40.0]),
        [
            'short-step' => [
                'look-out', 'base-3', 'Base 3 goes only 0 mm past Base 2; 50 mm or more keeps the edge from piling up.',
            ],
            'short-blend' => ['look-out', 'blend', 'Colour fades out in 60 mm, by your hand; it needs 230 mm to be sure.'],
        ],
    ],
]);

it('lets no coat past the widest where the widest comes first', function (): void {
    $school = ['plan' => ['school' => 'outside-in']];
    $widest = Bodies::remarked(Remarks::door([], $school))->coats[1]->reachMm;
    $says = fn (float $mm): array => Remarks::of(
        Bodies::remarked(Remarks::door(['base-1' => ['reachMm' => $mm, 'fadeMm' => 60.0]], $school)),
        'past-effect-coat',
        'short-step',
        'inside-coat-before',
    );
    expect($says($widest))
        ->toBe([])
        ->and($says($widest + 40.0))
        ->toBe(['past-effect-coat' => [
            'stop', 'base-1',
            'Base 1 goes 40 mm beyond the widest coat. In this order no coat may: its edge would land on dry old paint.',
        ]]);
});

it('remarks on an order nobody sprays, step by step', function (): void {
    $job = Remarks::door([]);
    $steps = $job['plan']['sequence'];
    $of = function (array $order) use ($job, $steps): array {
        $by = array_column($steps, null, 'id');
        $job['plan']['sequence'] = array_map(fn (string $id): array => $by[$id], $order);

        return Remarks::of(Bodies::remarked($job), 'after-clear', 'no-colour', 'no-clear');
    };
    expect($of(['wet-bed', 'base-1', 'base-2', 'clear-1', 'clear-2']))
        ->toBe([])
        ->and($of(['base-1', 'clear-1', 'base-2', 'clear-2']))
        ->toBe(['after-clear' => [
            'stop', 'base-2', 'Base 2 comes after Clear 1: nothing but clear goes over clear without sanding it first.',
        ]])
        ->and($of(['base-1', 'base-2']))
        ->toBe(['no-clear' => ['look-out', 'blend', 'Nothing protects the base: the plan has no clear.']])
        ->and($of(['clear-1', 'clear-2']))
        ->toBe(['no-colour' => ['stop', 'blend', 'No coat of this plan carries colour.']]);
});

it('puts the gravest first, and says it as the verdict', function (): void {
    $change = ['repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]], 'plan' => ['school' => 'no-wet-bed']];
    $plan = Bodies::remarked(Bodies::job(change: $change));
    $order = array_map(fn (Warning $w): string => $w->severity->value, $plan->warnings);
    $ranks = array_map(fn (string $s): int => (int) array_search($s, ['stop', 'look-out', 'note'], true), $order);
    $sorted = $ranks;
    sort($sorted);
    expect($ranks)
        ->toBe($sorted)
        ->and($order[0])
        ->toBe('stop')
        ->and($plan->verdict->in(UnitSystem::Metric))
        ->toStartWith('Old thermoplastic lacquer on Front door left')
        ->and(array_keys($plan->warnings[0]->jsonSerialize()))
        ->toBe(['code', 'severity', 'says', 'about', 'source']);
});

it('says what does not dry, and in which air', function (): void {
    $job = fn (float $humidity): array => Bodies::job(change: [
        'paintSystem' => 'northlight-w',
        'booth' => ['humidityPercent' => $humidity],
    ]);
    expect(Remarks::of(Bodies::remarked($job(100.0)), 'never-dries'))
        ->toBe(['never-dries' => [
            'stop', 'wet-bed',
            'Wet bed will not dry in this booth, 22 °C and 100%: warm it or dry its air first.',
        ]])
        ->and(Remarks::of(Bodies::remarked($job(60.0)), 'never-dries'))
        ->toBe([]);
});

it('remarks on colour that ends just before a gap, with what is left', function (): void {
    $plan = Bodies::remarked(Bodies::job(change: Bodies::towardsRear(300.0)));
    $left = $plan->sides[0]->room->value();
    foreach ($plan->sides as $side) {
        $left = $side->neighbourId === 'rear-door-left' ? $side->room->value() - $plan->limitMm() : $left;
    }
    expect(Remarks::of($plan, 'near-gap')['near-gap'] ?? null)
        ->toBe([
            'note', 'front-door-left',
            sprintf('Colour ends %d mm before the gap to Rear door left: mask the gap, or dust gets over it.', round($left)),
        ])
        ->and($left)
        ->toBeGreaterThan(0.0)
        ->toBeLessThan(30.0);
    // In the middle of the door only the sill is near.
    expect(Remarks::of(Bodies::remarked(Bodies::job()), 'near-gap')['near-gap'][2] ?? '')->toContain('the gap to Sill left');
});

it('says what a painter takes upon himself at a side', function (string $choice, string $code, string $says): void {
    $plan = Bodies::remarked(Bodies::job(change: Bodies::towardsRear(150.0, 30.0, $choice)));
    expect(Remarks::of($plan, 'butt', 'stopped', 'far-into-neighbour'))->toBe([$code => ['look-out', 'front-door-left', $says]]);
})->with([
    [
        'butt', 'butt', 'Butt joint to Rear door left: only with a card that matches edge to edge. No card has passed yet.',
    ],
    [
        'stop-at-line', 'stopped',
        'Colour stops before Rear door left with 119 mm of 230 mm: the line hides a little of a step, not a wrong colour.',
    ],
]);

it('says how far colour runs into the neighbour only past what is usual there', function (): void {
    $into = fn (float $from): array => Remarks::of(
        Bodies::remarked(Bodies::job(change: array_replace_recursive(
            Bodies::towardsRear($from, 30.0),
            ['plan' => ['school' => 'no-wet-bed']],
        ))),
        'far-into-neighbour',
    );
    expect($into(600.0))
        ->toBe([])
        ->and($into(100.0)['far-into-neighbour'][0] ?? '')
        ->toBe('note')
        ->and($into(100.0)['far-into-neighbour'][1] ?? '')
        ->toBe('rear-door-left')
        ->and($into(100.0)['far-into-neighbour'][2] ?? '')
        ->toMatch('/^Colour runs \d{3} mm into Rear door left; it usually fades out within 250 mm there\.$/');
});

it('offers the ways out at a side with the figures that decide', function (): void {
    $says = fn (array $change): array => array_map(
        fn ($o): array => [$o->choice->value, $o->open, $o->says->in(UnitSystem::Metric)],
        Remarks::toRear($change)->options,
    );
    expect($says(Bodies::towardsRear(150.0, 60.0)))
        ->toBe([
            [
                'join', true,
                'Let the colour run into Rear door left and blend there. Surest; one panel more to prepare and clear.',
            ],
            ['small-gun', false, 'Keep it tiny with a small gun: even that needs 225 mm, there is 89 mm.'],
            ['stop-at-line', false, 'Stop at a body line: there is none between the repair and Rear door left.'],
            [
                'butt', true,
                'Stop at the gap and butt: only with a card that matches edge to edge at every angle.',
            ],
        ])
        ->and($says(Bodies::towardsRear(150.0, 120.0))[1][2])
        ->toContain('small gun')
        ->and(Remarks::toRear(Bodies::towardsRear(516.0))->options)
        ->toBe([]);
    $told = json_decode((string) json_encode(Remarks::toRear(Bodies::towardsRear(150.0))), true);
    expect(array_keys($told))
        ->toContain('neighbour', 'neighbourName', 'room', 'needed', 'short', 'reached', 'choice', 'options')
        ->and([$told['neighbourName'], $told['short'], $told['reached'], $told['choice'], $told['needed']['value']])
        ->toEqual(['Rear door left', true, true, 'join', 230.0])
        ->and(array_keys($told['options'][0]))
        ->toBe(['choice', 'open', 'says']);
});

it('says what joins and what is missing, one panel or two', function (): void {
    $verdict = fn (array $change): string => Bodies::remarked(Bodies::job(change: $change))->verdict->in(UnitSystem::Metric);
    expect($verdict([]))
        ->toMatch('/^Needs 230 mm to be sure, has 51[67] mm: stays on the front door left\.$/')
        ->and($verdict(Bodies::towardsRear(200.0)))
        ->toMatch('/^Needs 230 mm to be sure, has 139 mm: the rear door left joins, 9[01] mm are missing\.$/')
        ->and($verdict(['plan' => ['school' => 'no-wet-bed']]))
        ->toMatch('/^Needs \d+ mm to be sure, has 51[67] mm: the front wing left and rear door left join, \d+ mm are missing\.$/')
        // Where colour must end at a gap it has the room that is left elsewhere.
        ->and($verdict(Bodies::towardsRear(150.0, 30.0, 'butt')))
        ->toMatch('/^Needs 230 mm to be sure, has 97[56] mm: stays on the front door left\.$/');
});

it('misses a bed under an effect, and the middle of a big flat panel', function (): void {
    $no = fn (string $panel, string $finish, string $school): array => Remarks::of(
        Bodies::remarked(Bodies::job($panel, 60.0, ['colour' => ['finish' => $finish], 'plan' => ['school' => $school]])),
        'no-bed',
        'open-middle',
    );
    expect($no('front-door-left', 'metallic-light', 'no-wet-bed'))
        ->toBe(['no-bed' => [
            'look-out', 'wet-bed', 'No wet bed under a light metallic: stray flakes land dry and a light ring shows.',
        ]])
        ->and($no('front-door-left', 'metallic-light', 'inside-out-wet-bed'))
        ->toBe([])
        ->and($no('front-door-left', 'solid-dark', 'no-wet-bed'))
        ->toBe([])
        ->and($no('bonnet', 'metallic-light', 'inside-out-wet-bed'))
        ->toBe(['open-middle' => [
            'look-out', 'bonnet',
            'Bonnet: a big flat panel hides nothing of a light metallic. Many would colour all of it.',
        ]])
        ->and($no('bonnet', 'solid-dark', 'inside-out-wet-bed'))
        ->toBe([]);
});

it('blends two repairs towards each other while their colour meets', function (float $apart, ?string $says): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $half = $apart / 2.0 + 30.0;
    $second = [
        'id' => 'r2',
        'panel' => 'front-door-left',
        'shape' => ['kind' => 'spot', 'xMm' => $c->x - $half, 'yMm' => $c->y, 'radiusMm' => 30],
        'under' => ['kind' => 'primer', 'greyShade' => 3],
    ];
    $plan = Bodies::remarked(Bodies::job(
        radius: 30.0,
        change: [
            'colour' => ['finish' => 'solid-dark'],
            'repairs' => [['shape' => ['xMm' => $c->x + $half]], $second],
        ],
    ));
    // What is less than twice as far apart as colour goes meets in the middle.
    expect($apart < 2.0 * $plan->limitMm())
        ->toBe($says !== null)
        ->and(Remarks::of($plan, 'blend-together')['blend-together'] ?? null)
        ->toBe($says === null ? null : ['note', 'r1', $says]);
})->with([
    [
        300.0,
        'Two repairs on Front door left are 300 mm apart: blend them towards each other, colour between them is one area.',
    ],
    [600.0, null],
]);

it('has the last coat of an easy dark colour 100 to 150 mm past the primer, and none beyond three hands (common practice)', function (): void {
    // The middle of what painters do with an easy dark colour.
    expect(Trade::usualMm(FinishClass::SolidDark))->toBe((100.0 + 150.0) / 2.0);
    foreach (FinishClass::cases() as $class) {
        expect(Trade::usualMm($class))->toBeGreaterThanOrEqual(125.0)->toBeLessThanOrEqual(300.0);
    }
    expect([Trade::leastMm(1.0), Trade::leastMm(0.5)])->toBe([100.0, 50.0]);
});

it('takes half for a chip, all for a filler, and what lies between by its size', function (): void {
    $share = fn (float $radius): float => Trade::share(
        [[Bodies::spot(0, 0, $radius), Bodies::rectangle(900, 900)]],
        GunChoice::Standard,
    );
    $by = array_map($share, [5.0, 20.0, 40.0, 60.0, 200.0]);
    $sorted = $by;
    sort($sorted);
    expect($by)
        ->toBe($sorted)
        ->and([$by[0], $by[4]])
        ->toBe([0.5, 1.0])
        // A straight line from a chip of 15 mm to a filler of 60: 37.5 mm is half way, three quarters.
        ->and(Trade::ofSize(37.5))
        ->toEqualWithDelta(0.75, 1e-12)
        ->and([Trade::ofSize(15.0), Trade::ofSize(60.0)])
        ->toBe([0.5, 1.0]);
});

it('counts areas by the circles they are, a fading rim by half', function (): void {
    // A spot of 60 mm in the middle of the door: base 1 reaches 36 mm and fades over 99, nothing of it past an edge. On a lattice
    // of 10 mm a circle is good to 0.6 %.
    $plan = Bodies::remarked(Bodies::job());
    [$bed, $base] = [$plan->coats[0], $plan->coats[1]];
    $told = json_decode((string) json_encode($plan->areaOf($base)), true);
    [$full, $all] = array_map(fn (array $i): float => $i['value']['value'], $told['reasons'][0]['inputs']);
    expect(array_column($told['reasons'][0]['inputs'], 'name'))
        ->toBe(['full strength', 'out to the last dust'])
        ->and([$full, $all])
        ->toEqualWithDelta([M_PI * 0.096 ** 2, M_PI * 0.195 ** 2], 0.006 * M_PI * 0.195 ** 2)
        ->and($told['value'])
        ->toEqualWithDelta(($full + $all) / 2.0, 1e-4)
        ->and($plan->areaOf($bed)->value())
        ->toEqualWithDelta($plan->panels['front-door-left']->panel->areaM2(), 1e-9)
        // The control coat goes furthest: 174 and 126.
        ->and($plan->limitMm())
        ->toEqualWithDelta(300.0, 1e-9)
        ->and($plan->colouredM2())
        ->toEqualWithDelta(M_PI * 0.36 ** 2, 0.006 * M_PI * 0.36 ** 2)
        ->and($plan->hasBed())
        ->toBeTrue()
        ->and(Bodies::remarked(Bodies::job(change: ['plan' => ['school' => 'no-wet-bed']]))->hasBed())
        ->toBeFalse()
        ->and(Bodies::remarked(Bodies::job(change: ['plan' => ['school' => 'edge-to-edge']]))->limitMm())
        ->toBeNull();
});
