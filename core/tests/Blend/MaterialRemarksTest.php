<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\NeedsOfThisRun;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Warning;
use Kalopsis\Input\Fields;
use Kalopsis\Input\Problems;
use Kalopsis\Job\Equipment;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Sequence\ClearFade;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Remarks;
use Kalopsis\Units\UnitSystem;

/*
 * What a plan is remarked on for, in its words: mixtures, clear, ground and tint, guns, several repairs.
 */

it('remarks once on each mixture outside its sheet\'s window, kinder where somebody said why', function (): void {
    $with = fn (array $mixtures): array => Remarks::of(Bodies::remarked((function () use ($mixtures): array {
        $job = Remarks::door([]);
        foreach ($job['plan']['sequence'] as &$step) {
            $step['mixture'] = [...$step['mixture'] ?? [], ...$mixtures[$step['id']] ?? []];
        }

        return $job;
    })()), Warning::OUTSIDE_WINDOW);
    // Sheet 103 says 60 to 90 % of reducer; 1:0.75 is 75 %, 1.3 times of it 97.5, 0.7 times 52.5.
    expect($with([]))
        ->toBe([])
        ->and($with(['base-2' => ['reducer' => 1.3]])[Warning::OUTSIDE_WINDOW])
        ->toBe([
            'look-out', 'product:base-effect',
            'Base coat with 98% reducer: its data sheet says 60% to 90%. Say why in Cups, or come back within.',
        ])
        ->and($with(['base-2' => ['reducer' => 0.7, 'reason' => 'the card came out so']])[Warning::OUTSIDE_WINDOW])
        ->toBe([
            'note', 'product:base-effect',
            'Base coat with 53% reducer: its data sheet says 60% to 90%. Kept reason: the card came out so',
        ]);
    $both = Bodies::remarked((function (): array {
        $job = Remarks::door([]);
        foreach ($job['plan']['sequence'] as &$step) {
            $step['mixture'] = in_array($step['id'], ['base-2', 'base-3'], true) ? ['reducer' => 1.3] : $step['mixture'] ?? [];
        }

        return $job;
    })());
    expect(array_filter($both->warnings, fn (Warning $w): bool => $w->code === Warning::OUTSIDE_WINDOW))->toHaveCount(1);
});

it('asks no sealer of a repair, and no shade of a colour, that has none', function (): void {
    $codes = fn (array $change): array => array_keys(Remarks::of(Bodies::remarked(Bodies::job(change: $change)), 'grey-shade'));
    expect([
        $codes(['colour' => ['undercoatShade' => null], 'repairs' => [['under' => ['greyShade' => 7]]]]),
        $codes(['repairs' => [['under' => ['greyShade' => null]]]]),
        $codes(['repairs' => [['under' => ['greyShade' => 7]]]]),
    ])->toBe([[], [], ['grey-shade']]);
});

it('says at once that nothing is placed yet, and that a card cannot be hidden', function (): void {
    $empty = Bodies::job();
    $empty['repairs'] = [];
    expect(Bodies::remarked($empty)->verdict->in(UnitSystem::Metric))
        ->toBe('Place a repair on the car first.')
        ->and(Bodies::remarked(Bodies::job(change: ['plan' => ['school' => 'edge-to-edge']]))->verdict->in(UnitSystem::Metric))
        ->toBe('The front door left: edge to edge.');
});

/**
 * A door with its clear faded out inside it, steps changed.
 *
 * @param array<string, array<string, mixed>> $changes by step's id or kind
 */
function fadedOut(array $changes = [], string $panel = 'front-door-left'): BlendPlan
{
    $job = Bodies::job($panel, 40.0, ['colour' => ['finish' => 'solid-dark']]);
    $steps = json_decode((string) json_encode(ClearFade::of(Bodies::sequence($job))), true);
    $job['plan']['sequence'] = array_map(
        fn (array $step): array => array_replace_recursive($step, $changes[$step['id']] ?? $changes[$step['kind']] ?? []),
        $steps,
    );

    return Bodies::remarked($job);
}

it('says where a faded clear ends, what it does not cover, and where solvent does not hold', function (): void {
    $plan = fadedOut();
    $ends = max(array_map(fn ($c): float => $c->kind()->value === 'clear' ? $c->limitMm() ?? 0.0 : 0.0, $plan->coats));
    $codes = ['clear-fade', 'colour-uncovered', 'past-the-scuff', 'solvent-on-nothing'];
    expect(Remarks::of($plan, ...$codes))->toBe(['clear-fade' => [
        'look-out', 'blend',
        sprintf(
            'The clear ends %d mm past the primer, inside a panel: it lives shorter there and may show later. Tell the customer before.',
            round($ends),
        ),
    ]]);
    // Scuffed goes 60 mm past the clear; solvent may end just there.
    $solvent = array_values(array_filter($plan->coats, fn ($c): bool => $c->kind()->value === 'fade-solvent'))[0];
    $beyond = $solvent->step->extent->jsonSerialize()['beyondMm'] + $ends + 60.0 - $solvent->limitMm();
    $with = fn (float $mm): array => Remarks::of(
        fadedOut(['fade-solvent' => ['extent' => ['beyondMm' => $beyond + $mm]]]),
        'past-the-scuff',
    );
    expect($with(0.0))
        ->toBe([])
        ->and($with(0.9))
        ->toBe([])
        ->and($with(40.0)['past-the-scuff'][0] ?? '')
        ->toBe('stop')
        ->and($with(40.0)['past-the-scuff'][2] ?? '')
        ->toEndWith('goes 40 mm past what is scuffed: it does not hold on shiny paint and cannot be polished away.');
    $bare = fadedOut(['clear' => ['mixture' => ['fadeSolvent' => 1]]]);
    expect(Remarks::of($bare, 'colour-uncovered')['colour-uncovered'][2] ?? '')
        ->toBe(sprintf(
            'Colour goes %d mm out, clear that is not thinned only 0 mm: base without clear does not last.',
            round($bare->limitMm() ?? NAN),
        ));
    // Solvent where the clear covers all of the panel melts nothing.
    $job = Remarks::door([], ['colour' => ['finish' => 'solid-dark']]);
    $job['plan']['sequence'][] = ['id' => 's', 'name' => 'Solvent', 'kind' => 'fade-solvent', 'extent' => ['kind' => 'ring', 'fromMm' => 10, 'beyondMm' => 60, 'fadeMm' => 10]];
    expect(Remarks::of(Bodies::remarked($job), 'solvent-on-nothing', 'clear-fade'))->toBe(['solvent-on-nothing' => [
        'look-out', 's', 'Solvent has no edge of clear to melt: the clear covers the whole panel.',
    ]]);
});

it('says of ground and tint what light does with them', function (): void {
    $coat = fn (string $id, string $kind, float $fade): array => [
        'id' => $id, 'name' => ucfirst($id), 'kind' => $kind, 'extent' => ['kind' => 'past', 'reach' => 0, 'fade' => $fade],
    ];
    $plan = fn (float $ground): BlendPlan => Bodies::remarked(Bodies::job(change: [
        'plan' => ['sequence' => [$coat('ground', 'ground', $ground), $coat('effect', 'base', 0.8)]],
    ]));
    $further = $plan(1.0);
    [$ground, $effect] = array_map(fn ($c): float => $c->limitMm() ?? NAN, $further->coats);
    expect(Remarks::of($further, 'inside-ground', 'ground-alone', 'no-ground'))
        ->toBe(['inside-ground' => [
            'look-out', 'ground',
            sprintf(
                'Ground goes %d mm past the effect coats: the ground alone looks wrong. Each effect coat goes further than it.',
                round($ground - $effect),
            ),
        ]])
        ->and(Remarks::of($plan(0.8), 'inside-ground', 'ground-alone'))
        ->toBe(['ground-alone' => [
            'note', 'ground',
            'Ground alone may look wrong beside the car: that is expected, the coats over it make the colour.',
        ]]);
    $steps = fn (int $overlap, float $clear): array => [
        [
            'id' => 't', 'name' => 'Tinted', 'kind' => 'tinted-clear', 'gun' => ['overlapPercent' => $overlap],
            'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.8], 'mixture' => ['tint' => 0.05],
        ],
        ['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel'], 'film' => $clear],
    ];
    $tinted = fn (int $overlap, float $clear): array => Remarks::of(
        Bodies::remarked(Bodies::job(change: ['plan' => ['sequence' => $steps($overlap, $clear)]])),
        'dark-laps',
        'thin-clear',
    );
    expect($tinted(75, 2.0))
        ->toBe(['thin-clear' => [
            'note', 'blend', 'Half a coat more of plain clear over tinted: polishing must not reach the tint.',
        ]])
        ->and($tinted(74, 2.0)['dark-laps'])
        ->toBe([
            'look-out', 't',
            'Tinted laps over by 74%: where strokes lap it gets too dark, and that cannot be polished away. Lap 75% or more, '
                . 'at one distance.',
        ]);
});

it('says what to do if isolated lacquer wrinkles all the same', function (): void {
    $job = Bodies::withSteps(
        Bodies::job(change: ['repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]]]),
        fn (array $steps): array => [
            ['id' => 'isolate', 'name' => 'Isolate', 'kind' => 'sealer', 'extent' => ['kind' => 'whole-panel']], ...$steps,
        ],
    );
    expect(Remarks::of(Bodies::remarked($job), 'isolated', 'lacquer'))->toBe(['isolated' => [
        'look-out', 'r1',
        'Old lacquer on Front door left, isolated in this plan. If it wrinkles all the same: stop, wait 10 min to 15 min or longer '
            . 'until it settles, sand flat with 500, dust on again.',
    ]]);
});

it('takes two panels, and a whole one, for no pair to be blended together', function (): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $pair = fn (array $second): array => array_keys(Remarks::of(Bodies::remarked(Bodies::job(radius: 30.0, change: [
        'colour' => ['finish' => 'solid-dark'],
        'repairs' => [['shape' => ['xMm' => $c->x + 100]], ['id' => 'r2', 'under' => ['kind' => 'primer', 'greyShade' => 3], ...$second]],
    ])), 'blend-together'));
    $spot = fn (float $x, float $y): array => ['kind' => 'spot', 'xMm' => $x, 'yMm' => $y, 'radiusMm' => 30];
    $rear = Bodies::shipped('marlo-tern')->panel('rear-door-left')->outline->centroid();
    expect($pair(['panel' => 'front-door-left', 'shape' => $spot($c->x - 100, $c->y)]))
        ->toBe(['blend-together'])
        ->and($pair(['panel' => 'rear-door-left', 'shape' => $spot($rear->x, $rear->y)]))
        ->toBe([])
        ->and($pair(['panel' => 'front-door-left', 'shape' => ['kind' => 'new-part']]))
        ->toBe([]);
});

it('calls it near a gap within thirty millimetres, and not before', function (): void {
    // Colour of 300 mm towards a gap 325, 335 mm away: 25 mm are left, and 35.
    $left = fn (float $from): bool => array_filter(
        Bodies::remarked(Bodies::job(change: Bodies::towardsRear($from)))->warnings,
        fn (Warning $w): bool => $w->code === 'near-gap' && str_contains($w->says->in(UnitSystem::Metric), 'Rear door'),
    ) !== [];
    $room = fn (float $from): float => Remarks::toRear(Bodies::towardsRear($from))->room->value();
    $shift = 390.0 - $room(390.0);
    expect([$left(325.5 + $shift), $left(335.5 + $shift)])->toBe([true, false]);
});

it('says which coats are planned past what the shop\'s gun works at, and which way', function (): void {
    $gun = ['name' => 'Number 3', 'leastBar' => 1.2, 'mostBar' => 1.6];
    $problems = new Problems();
    $shop = Equipment::read(Fields::of(['booths' => [['name' => 'A']], 'guns' => ['standard' => $gun]], $problems));
    $problems->stop();
    $reader = new JobReader(new Bodies(shop: $shop));
    $with = function (array $bars) use ($reader): array {
        $at = fn (array $s): array => isset($bars[$s['id']]) ? ['gun' => [...$s['gun'] ?? [], 'bar' => $bars[$s['id']]]] : [];
        $job = Bodies::withSteps(Bodies::job(), fn (array $steps): array => array_map(
            fn (array $s): array => [...$s, ...$at($s)],
            $steps,
        ));
        $blend = (new JobPlanner(new Planner(new NeedsOfThisRun())))->plan($reader->read($job), null, null)->blend;
        $pressures = array_filter($blend->warnings, fn (Warning $w): bool => $w->code === 'pressure');

        return array_column(array_map(fn (Warning $w): array => [$w->about, $w->says->in(UnitSystem::Metric)], $pressures), 1, 0);
    };
    // The sheets say 1.4 bar for colour and 1.8 for clear; a control coat is held further off, at more.
    $clear = $with([]);
    expect(array_keys($clear))
        ->toBe(['control', 'clear-1', 'clear-2'])
        ->and($clear['clear-1'] ?? '')
        ->toContain('is planned at 1.8 bar; Number 3 is not made for more than 1.6 bar')
        ->and($with(['base-2' => 1.1, 'clear-1' => 1.6])['base-2'] ?? '')
        ->toContain('is planned at 1.1 bar; Number 3 does not atomise below 1.2 bar')
        ->and($with(['base-2' => 1.2, 'clear-1' => 1.6])['base-2'] ?? null)
        ->toBeNull()
        ->and(array_keys($with(['base-1' => 1.7, 'clear-1' => 1.6])))
        ->toContain('base-1')
        ->not->toContain('clear-1');
});

it('keeps the coats of one repair away from the other on the same panel', function (): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $spot = fn (string $id, float $x, float $radius): array => [
        'id' => $id,
        'panel' => 'front-door-left',
        'shape' => ['kind' => 'spot', 'xMm' => $x, 'yMm' => $c->y, 'radiusMm' => $radius],
        'under' => ['kind' => 'primer', 'greyShade' => 3],
    ];
    $job = Bodies::job(change: ['repairs' => [$spot('r1', $c->x - 250.0, 20.0), $spot('r2', $c->x + 250.0, 40.0)]]);
    $first = fn (array $s, string $repair): array => [
        ...$s,
        'id' => "{$s['id']}-{$repair}",
        'where' => ['repairs' => [$repair]],
        'extent' => [...$s['extent'], 'reachMm' => 60, 'fadeMm' => 20],
    ];
    $reach = Bodies::remarked(Bodies::withSteps($job, fn (array $steps): array => array_merge(...array_map(
        fn (array $s): array => $s['id'] === 'base-1' ? [$first($s, 'r1'), $first($s, 'r2')] : [$s],
        $steps,
    ))))->panels['front-door-left'];
    // Discs of 20 + 60 and of 40 + 60 mm, and their fades 20 further; a contour lies within half a millimetre.
    expect($reach->reach['base-1-r1']->areaMm2)
        ->toEqualWithDelta(M_PI * 80.0 ** 2, 2.0 * M_PI * 80.0 * 0.5)
        ->and($reach->reach['base-1-r2']->areaMm2)
        ->toEqualWithDelta(M_PI * 100.0 ** 2, 2.0 * M_PI * 100.0 * 0.5)
        ->and($reach->limit['base-1-r1']->areaMm2)
        ->toEqualWithDelta(M_PI * 100.0 ** 2, 2.0 * M_PI * 100.0 * 0.5)
        ->and($reach->limit['base-1-r2']->areaMm2)
        ->toEqualWithDelta(M_PI * 120.0 ** 2, 2.0 * M_PI * 120.0 * 0.5);
});

it('asks for a second look only where a remark does: a note leaves the verdict a note', function (string $panel, float $radius, array $of): void {
    $plan = Bodies::remarked(Bodies::job($panel, $radius));
    expect(array_map(fn (Warning $w): string => $w->severity->value, $plan->warnings))
        ->toBe($of)
        ->and($plan->need->isTooLong())
        ->toBeFalse()
        ->and($plan->severity->value)
        ->toBe($of[0]);
})->with([
    'colour ends near a gap' => ['front-door-left', 60.0, ['note']],
    'the middle of a bonnet' => ['bonnet', 40.0, ['look-out']],
]);
