<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\Planner;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\Trade;
use Kalopsis\Blend\Warning;
use Kalopsis\Blend\Zone;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Spray\Finish;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Units\UnitSystem;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $change */
function blend(string $panel = 'front-door-left', float $radius = 60.0, array $change = []): BlendPlan
{
    return Bodies::planned(Bodies::job($panel, $radius, $change))->blend;
}

/** @return array<string, ?float> */
function reaches(BlendPlan $plan): array
{
    $out = [];
    foreach ($plan->coats as $coat) {
        $out[$coat->id()] = $coat->reachMm;
    }

    return $out;
}

/** @return list<string> */
function codes(BlendPlan $plan): array
{
    return array_map(fn (Warning $w): string => $w->code, $plan->warnings);
}

function sideTo(BlendPlan $plan, string $neighbour): Side
{
    foreach ($plan->sides as $side) {
        if ($side->neighbourId === $neighbour) {
            return $side;
        }
    }
    throw new RuntimeException("no side to {$neighbour}");
}

it(
    'knows what the trade takes without computing: easy dark colours the least, light silvers the most (common practice)',
    function (): void {
        $usual = array_map(Trade::usualMm(...), FinishClass::cases());
        $by = array_combine(array_map(fn (FinishClass $f): string => $f->value, FinishClass::cases()), $usual);
        expect($by['solid-dark'])
            ->toBe(min($usual))
            ->toBeGreaterThanOrEqual(100.0)
            ->toBeLessThanOrEqual(150.0)
            ->and($by['metallic-light'])
            ->toBe(max($usual));
        // A chip takes half of what a filler takes; a small gun halves it once more.
        $chip = [[Bodies::spot(0, 0, 10.0), Bodies::rectangle(900, 900)]];
        $filler = [[Bodies::spot(0, 0, 90.0), Bodies::rectangle(900, 900)]];
        expect(Trade::share($chip, GunChoice::Standard))
            ->toBe(0.5)
            ->and(Trade::share($filler, GunChoice::Standard))
            ->toBe(1.0)
            ->and(Trade::share($chip, GunChoice::Small))
            ->toBe(0.25)
            ->and(Trade::share([...$chip, ...$filler], GunChoice::Standard))
            ->toBe(1.0);
    },
);

it('says one sentence with need, room and what joins, and plans what it says', function (): void {
    $fits = blend();
    $mm = $fits->need->mm();
    assert($mm !== null && $fits->need->roomMm !== null);
    expect($fits->verdict->in(UnitSystem::Metric))
        ->toBe(sprintf('Needs %d mm to be sure, has %d mm: stays on the front door left.', $mm, floor($fits->need->roomMm)))
        ->and($fits->need->blendMm)
        ->toBeGreaterThanOrEqual($mm)
        ->toBeLessThanOrEqual($fits->need->roomMm)
        ->and(array_keys($fits->panels))
        ->toBe(['front-door-left'])
        ->and($fits->limitMm())
        ->toEqualWithDelta($fits->need->blendMm, 0.01);
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $short = blend(change: ['repairs' => [['shape' => ['xMm' => $box->x1 - 200]]]]);
    expect($short->verdict->in(UnitSystem::Metric))
        ->toContain('the rear door left joins')
        ->toContain('are missing')
        ->and($short->panels)
        ->toHaveKey('rear-door-left')
        ->and($short->need->isTooLong())
        ->toBeTrue();
});

it('asks a neighbour in exactly when the need passes the room', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    for ($x = 180; $x <= 420; $x += 30) {
        $plan = blend(change: ['repairs' => [['shape' => ['xMm' => $box->x1 - $x]]]]);
        expect(isset($plan->panels['rear-door-left']))->toBe(
            ($plan->need->mm() ?? INF) > sideTo($plan, 'rear-door-left')->room->value(),
            "at {$x}",
        );
    }
});

it(
    'needs more to be sure than to be likely, more for a worse card, and not less than the trade\'s least',
    function (): void {
        $need = fn (array $change, float $off): float => Bodies::planned(
            Bodies::job(change: $change),
            Colours::silver(),
            Colours::silver($off),
        )->blend->need->mm() ?? INF;
        expect($need(['plan' => ['certainty' => 'likely']], 2.0))
            ->toBeLessThan($need([], 2.0))
            ->and($need([], 1.5))
            ->toBeLessThan($need([], 2.5))
            ->and(
                Bodies::planned(
                    Bodies::job(change: ['colour' => ['finish' => 'solid-dark']]),
                    Colours::measured([45 => [30.0, -10.0, 12.0]]),
                    Colours::measured([45 => [30.2, -10.0, 12.0]]),
                )->blend->need->mm(),
            )
            ->toBe(100.0);
    },
);

it('says which part stays when no length hides it: the fringe is no fault of a near colour', function (): void {
    // All coats to one place, into nothing wet: the edge piles up dry.
    $dry = Bodies::withSteps(
        Bodies::job(change: ['plan' => ['school' => 'no-wet-bed']]),
        fn (array $s): array => array_map(
            fn (array $step): array => $step['kind'] === 'clear'
                ? $step
                : [...$step, 'extent' => ['kind' => 'past', 'reach' => 0.92, 'fade' => 0.08]],
            $s,
        ),
    );
    $near = Bodies::planned($dry, Colours::silver(), Colours::silver(0.4))->blend;
    expect($near->need->stays)
        ->toBe(Kalopsis\Spray\Part::Fringe)
        ->and(codes($near))
        ->toContain('no-bed')
        ->and($near->verdict->in(UnitSystem::Metric))
        ->not->toContain('tint');
    $far = Bodies::planned(Bodies::job(), Colours::silver(), Colours::silver(14.0))->blend;
    expect($far->need->stays)
        ->toBe(Kalopsis\Spray\Part::Colour)
        ->and($far->verdict->in(UnitSystem::Metric))
        ->toContain('No blend hides this colour');
});

it('gives no school\'s own plan a warning about itself', function (string $school): void {
    $own = ['short-step', 'inside-coat-before', 'past-effect-coat', 'short-blend', 'after-clear', 'no-colour', 'no-clear'];
    foreach (FinishClass::cases() as $finish) {
        $found = array_intersect(
            codes(blend('bonnet', 40, ['colour' => ['finish' => $finish->value], 'plan' => ['school' => $school]])),
            $own,
        );
        expect(array_values($found))->toBe([], "{$school} on {$finish->value}");
    }
})->with(fn (): array => Bodies::schoolKeys());

it('plans an edge-to-edge bonnet, a blended wing and a dusted door in one sequence', function (): void {
    $job = Bodies::job('bonnet', 60.0);
    foreach (['front-wing-left' => 'r2', 'front-door-left' => 'r3'] as $panel => $id) {
        $centre = Bodies::shipped('marlo-tern')->panel($panel)->outline->centroid();
        $job['repairs'][] = [
            'id' => $id,
            'panel' => $panel,
            'shape' => ['kind' => 'spot', 'xMm' => $centre->x, 'yMm' => $centre->y - 60, 'radiusMm' => 30],
            'under' => ['kind' => 'primer', 'greyShade' => 3],
        ];
    }
    $whole = ['kind' => 'whole-panel'];
    $past = ['kind' => 'past', 'reach' => 0.4, 'fade' => 0.6];
    $job['plan']['sequence'] = [
        [
            'id' => 'bonnet-1',
            'name' => 'Bonnet 1',
            'kind' => 'base',
            'where' => ['panels' => ['bonnet']],
            'extent' => $whole,
        ],
        [
            'id' => 'bonnet-2',
            'name' => 'Bonnet 2',
            'kind' => 'base',
            'where' => ['panels' => ['bonnet']],
            'extent' => $whole,
        ],
        [
            'id' => 'wing-1',
            'name' => 'Wing 1',
            'kind' => 'base',
            'where' => ['panels' => ['front-wing-left']],
            'extent' => $past,
        ],
        [
            'id' => 'wing-2',
            'name' => 'Wing 2',
            'kind' => 'base',
            'where' => ['panels' => ['front-wing-left']],
            'extent' => $past,
        ],
        [
            'id' => 'dust',
            'name' => 'Dust',
            'kind' => 'half',
            'film' => 0.25,
            'where' => ['repairs' => ['r3']],
            'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.3],
        ],
        ['id' => 'clear', 'name' => 'Clear', 'kind' => 'clear', 'extent' => $whole],
    ];
    $plan = Bodies::planned($job)->blend;
    $on = fn (string $panel, string $coat): float => $plan->panels[$panel]->limit[$coat]->areaMm2;
    expect($plan->panels['bonnet']->role)
        ->toBe(PanelRole::EdgeToEdge)
        ->and($on('bonnet', 'bonnet-1'))
        ->toBe($plan->panels['bonnet']->panel->outline->areaMm2())
        ->and($on('front-wing-left', 'bonnet-1'))
        ->toBe(0.0)
        ->and($on('front-wing-left', 'wing-1'))
        ->toBeGreaterThan(0.0)
        ->and($on('front-door-left', 'dust'))
        ->toBeGreaterThan(0.0)
        ->and($on('front-door-left', 'wing-1'))
        ->toBe(0.0)
        ->and($on('front-door-left', 'clear'))
        ->toBe($plan->panels['front-door-left']->panel->outline->areaMm2());
});

it('fills the room between two repairs that are blended towards each other', function (): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $two = [
        'repairs' => [
            ['shape' => ['xMm' => $c->x + 210]],
            [
                'id' => 'r2',
                'panel' => 'front-door-left',
                'shape' => ['kind' => 'spot', 'xMm' => $c->x - 210, 'yMm' => $c->y, 'radiusMm' => 60],
                'under' => ['kind' => 'primer', 'greyShade' => 3],
            ],
        ],
    ];
    $apart = blend(change: $two)->panels['front-door-left']->reach['base-1'];
    $together = blend(change: array_replace_recursive($two, ['plan' => ['school' => 'towards-each-other']]))->panels[
        'front-door-left'
    ]->reach['base-1'];
    expect(count($apart->rings))
        ->toBe(2)
        ->and(count($together->rings))
        ->toBe(1)
        // The middle between them is full colour.
        ->and($together->areaMm2)
        ->toBeGreaterThan($apart->areaMm2);
});

it('warns of steps nobody sprays in that order, and still plans them', function (): void {
    $job = Bodies::withSteps(Bodies::job(), fn (array $s): array => [...array_slice($s, 5), ...array_slice($s, 0, 5)]);
    expect(codes(Bodies::planned($job)->blend))->toContain('after-clear');
    $bare = Bodies::withSteps(Bodies::job(), fn (array $s): array => array_slice($s, 0, 5));
    expect(codes(Bodies::planned($bare)->blend))->toContain('no-clear');
    $clearOnly = Bodies::withSteps(Bodies::job(), fn (array $s): array => array_slice($s, 5));
    expect(codes(Bodies::planned($clearOnly)->blend))->toContain('no-colour');
});

it('orders the coats as the school does', function (): void {
    expect(array_keys(reaches(blend())))
        ->toBe(['wet-bed', 'base-1', 'base-2', 'base-3', 'control', 'clear-1', 'clear-2'])
        ->and(array_keys(reaches(blend(change: ['plan' => ['school' => 'outside-in']]))))
        ->toBe(['wet-bed', 'effect', 'base-1', 'half', 'clear-1', 'clear-2'])
        ->and(array_keys(reaches(blend(change: ['colour' => ['finish' => 'solid-dark']]))))
        ->toBe(['base-1', 'base-2', 'clear-1', 'clear-2']);
    $in = reaches(blend(change: ['plan' => ['school' => 'outside-in']]));
    expect($in['base-1'])->toBeLessThan($in['effect'])->and($in['half'])->toBeLessThan($in['base-1']);
});

it('blends a small spot within a bonnet and asks no neighbour', function (): void {
    $plan = blend('bonnet', 40, ['colour' => ['finish' => 'metallic-dark']]);
    expect(array_keys($plan->panels))
        ->toBe(['bonnet'])
        ->and($plan->panels['bonnet']->role)
        ->toBe(PanelRole::Blend)
        ->and($plan->severity)
        ->toBe(Severity::Note);
});

it('paints a new part edge to edge and blends the neighbours beside it', function (): void {
    $plan = blend(
        'front-door-left',
        change: ['repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part']]]],
    );
    expect($plan->panels['front-door-left']->role)
        ->toBe(PanelRole::EdgeToEdge)
        ->and($plan->panels['front-wing-left']->role)
        ->toBe(PanelRole::Blend)
        ->and($plan->panels['rear-door-left']->role)
        ->toBe(PanelRole::Blend)
        ->and($plan->panels)
        ->not->toHaveKey('sill-left');
    // No fringe on the new door, so no wet bed there; sealer all over it, none next door.
    expect($plan->panels['front-door-left']->limit['wet-bed']->isEmpty())
        ->toBeTrue()
        ->and($plan->panels['rear-door-left']->limit['wet-bed']->isEmpty())
        ->toBeFalse()
        ->and($plan->panels['front-door-left']->reach['sealer']->areaMm2)
        ->toBe($plan->panels['front-door-left']->panel->outline->areaMm2())
        ->and($plan->panels['rear-door-left']->reach['sealer']->isEmpty())
        ->toBeTrue();
});

it('lets the door join where the need passes the room, and says why', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $box = $body->panel('front-wing-left')->outline->box();
    $shape = ['kind' => 'spot', 'xMm' => $box->x1 - 180, 'yMm' => ($box->y0 + $box->y1) / 2 - 60, 'radiusMm' => 60];
    $plan = blend('front-wing-left', change: ['repairs' => [['shape' => $shape]]]);
    expect($plan->panels)
        ->toHaveKey('front-door-left')
        ->and($plan->panels['front-door-left']->why->rule->in(UnitSystem::Metric))
        ->toContain('Colour reaches')
        ->and($plan->verdict->in(UnitSystem::Metric))
        ->toContain('join');
    $side = sideTo($plan, 'front-door-left');
    expect($side->isShort())
        ->toBeTrue()
        ->and(array_map(fn ($o) => $o->choice, $side->options))
        ->toBe([SideChoice::Join, SideChoice::SmallGun, SideChoice::StopAtLine, SideChoice::Butt]);
    // On the door the contours go on where they left the wing: base 3 ends as far from the primer on either side.
    $reach = reaches($plan)['base-3'];
    foreach ($plan->panels['front-door-left']->reach['base-3']->rings[0]['xs'] as $i => $x) {
        $d =
            hypot(
                $x - $shape['xMm'],
                $plan->panels['front-door-left']->reach['base-3']->rings[0]['ys'][$i] - $shape['yMm'],
            ) - 60;
        expect($d)->toBeLessThan($reach + 1.0);
    }
});

it('keeps colour off the neighbour when the painter says butt, and warns', function (): void {
    $side = ['plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'rear-door-left', 'choice' => 'butt']]]];
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $near = ['repairs' => [['shape' => ['xMm' => $box->x1 - 150]]]];
    expect(array_keys(blend(change: $near)->panels))->toContain('rear-door-left');
    $plan = blend(change: array_replace_recursive($near, $side));
    expect(array_keys($plan->panels))->not->toContain('rear-door-left')->and(codes($plan))->toContain('butt');
});

it('stops at a body line when told to, on that panel only', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $line = array_values(array_filter($body->panel('front-door-left')->bodyLines, fn ($l) => $l->name === 'lower crease'))[0]
        ->line;
    $x = $line->evenly(3)[1]->x;
    $shape = ['repairs' => [['shape' => ['xMm' => $x, 'yMm' => $line->evenly(3)[1]->y - 90, 'radiusMm' => 40]]]];
    $free = blend(
        change: array_replace_recursive($shape, [
            'plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'sill-left', 'choice' => 'join']]],
        ]),
    );
    expect($free->panels)->toHaveKey('sill-left');
    $stopped = blend(change: $shape);
    expect($stopped->panels)->not->toHaveKey('sill-left');
    expect(sideTo($stopped, 'sill-left')->choice)->toBe(SideChoice::StopAtLine);
});

it('offers the small gun only where it is small and fits', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $option = fn (float $from, float $radius): bool => sideTo(
        blend(change: ['repairs' => [['shape' => ['xMm' => $box->x1 - $from, 'radiusMm' => $radius]]]]),
        'rear-door-left',
    )->options[1]->open ?? false;
    $opened = array_map(fn (int $from): bool => $option((float) $from, 30.0), range(80, 260, 20));
    expect($option(250.0, 120.0))->toBeFalse()->and($option(60.0, 30.0))->toBeFalse();
    $usual = blend(change: ['repairs' => [['shape' => ['radiusMm' => 30]]]])->need;
    $small = blend(change: ['repairs' => [['shape' => ['radiusMm' => 30]]], 'plan' => ['gun' => 'small']])->need;
    expect($small->usualMm)
        ->toBe($usual->usualMm / 2)
        ->and($small->leastMm)
        ->toBe($usual->leastMm / 2)
        ->and($opened)
        ->toContain(false);
});

it('follows a moved contour and remarks on it', function (): void {
    $plan = blend(change: ['plan' => ['coats' => ['base-2' => ['reachMm' => 60], 'control' => ['reachMm' => 120]]]]);
    expect(reaches($plan)['base-2'])->toBe(60.0)->and(codes($plan))->toContain('short-step', 'inside-coat-before');
    $beyond = blend(change: ['plan' => ['school' => 'outside-in', 'coats' => ['half' => ['reachMm' => 400]]]]);
    expect(codes($beyond))->toContain('past-effect-coat')->and($beyond->severity)->toBe(Severity::Stop);
    $short = blend(
        change: [
            'plan' => [
                'coats' => [
                    'base-1' => ['reachMm' => 0],
                    'base-2' => ['reachMm' => 50],
                    'base-3' => ['reachMm' => 100],
                    'control' => ['reachMm' => 100],
                ],
            ],
        ],
    );
    expect(codes($short))->toContain('short-blend');
});

it('warns of a light metallic without a wet bed, and of a bonnet that hides nothing', function (): void {
    expect(codes(blend(change: ['plan' => ['wetBed' => 'off']])))
        ->toContain('no-bed')
        ->and(codes(blend('bonnet', 40)))
        ->toContain('open-middle')
        ->and(codes(blend(change: ['colour' => ['finish' => 'solid-light']])))
        ->not->toContain('no-bed');
});

it('takes what lies under the repair into account', function (string $under, string $code): void {
    expect(codes(blend(change: ['repairs' => [['under' => ['kind' => $under]]]])))->toContain($code);
})->with([['thermoplastic-lacquer', 'lacquer'], ['bare-metal', 'bare-metal'], ['bare-plastic', 'material'], ['old-untested', 'rag-test'], ['sand-through', 'sand-through']]);

it('seals over the wrong grey and leaves the right one alone', function (): void {
    expect(reaches(blend(change: ['repairs' => [['under' => ['greyShade' => 7]]]])))
        ->toHaveKey('sealer')
        ->and(codes(blend(change: ['repairs' => [['under' => ['greyShade' => 7]]]])))
        ->toContain('grey-shade')
        ->and(reaches(blend()))
        ->not->toHaveKey('sealer');
});

it('notices two repairs that want to be one blend', function (): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $job = [
        'repairs' => [
            1 => [
                'id' => 'r2',
                'panel' => 'front-door-left',
                'shape' => ['kind' => 'spot', 'xMm' => $c->x - 250, 'yMm' => $c->y, 'radiusMm' => 40],
                'under' => ['kind' => 'primer', 'greyShade' => 3],
            ],
        ],
    ];
    $one = blend();
    $two = blend(change: $job);
    expect(codes($two))
        ->toContain('blend-together')
        ->and($two->colouredM2())
        ->toBeGreaterThan($one->colouredM2())
        ->and($two->colouredM2())
        ->toBeLessThan(2 * $one->colouredM2());
});

it('lists zones from the damage outwards, each inside the next', function (): void {
    $kinds = array_map(fn (Zone $z): string => $z->kind->value, blend()->zones);
    expect($kinds)->toBe(['repair', 'full-colour', 'colour-blend', 'wet-bed', 'clear']);
    $areas = array_map(fn (Zone $z): float => $z->region->areaMm2, blend()->zones);
    $sorted = $areas;
    sort($sorted);
    expect($areas)->toBe($sorted);
});

it('never takes less paint when a coat reaches further', function (): void {
    $this->limitTo(12)
        ->forAll(Generators::choose(0, 600), Generators::choose(1, 200))
        ->then(function (int $reach, int $more): void {
            $area = function (float $mm): float {
                $plan = blend(change: ['plan' => ['coats' => ['control' => ['reachMm' => $mm]]]]);
                $coat = array_values(array_filter($plan->coats, fn (Coat $c): bool => $c->id() === 'control'))[0];

                return $plan->areaOf($coat)->value();
            };
            expect($area($reach + $more))->toBeGreaterThanOrEqual($area($reach) - 1e-9);
        });
});

it('plans the same on either side of the car', function (): void {
    $left = blend('rear-door-left');
    $right = blend('rear-door-right');
    expect($right->colouredM2())
        ->toEqualWithDelta($left->colouredM2(), 0.002)
        ->and(count($right->panels))
        ->toBe(count($left->panels));
});

it('says what to do first when there is no repair', function (): void {
    $job = Bodies::job();
    $job['repairs'] = [];
    $plan = (new JobPlanner())->plan((new JobReader(new Bodies()))->read($job));
    expect($plan->blend->verdict->in(UnitSystem::Metric))
        ->toBe('Place a repair on the car first.')
        ->and($plan->cups)
        ->toBe([])
        ->and($plan->blend->zones)
        ->toBe([])
        ->and($plan->cautions)
        ->toBe([]);
});

it('warns of a ground that goes further than its effect coats, and says that it may look wrong alone', function (): void {
    $coat = fn (string $id, string $kind, float $fade): array => [
        'id' => $id,
        'name' => $id,
        'kind' => $kind,
        'extent' => ['kind' => 'past', 'reach' => 0, 'fade' => $fade],
    ];
    $with = fn (float $ground): array => codes(
        blend(change: ['plan' => ['sequence' => [$coat('g', 'ground', $ground), $coat('e', 'base', 0.8)]]]),
    );
    expect($with(1.0))
        ->toContain('inside-ground')
        ->not->toContain('ground-alone')
        ->and($with(0.5))
        ->toContain('ground-alone')
        ->not->toContain('inside-ground');
});

it('warns of tinted clear that laps too little, and of too little plain clear over it (common practice)', function (): void {
    $plan = fn (int $overlap, float $clear): array => codes(
        blend(change: [
            'plan' => [
                'sequence' => [
                    [
                        'id' => 't',
                        'name' => 'Tinted',
                        'kind' => 'tinted-clear',
                        'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.8],
                        'gun' => ['overlapPercent' => $overlap],
                        'mixture' => ['tint' => 0.05],
                    ],
                    ['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel'], 'film' => $clear],
                    ['id' => 'd', 'name' => 'Clear 2', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel'], 'film' => 1.0],
                ],
            ],
        ]),
    );
    expect($plan(60, 1.0))
        ->toContain('dark-laps', 'thin-clear')
        ->and(array_intersect($plan(80, 1.6), ['dark-laps', 'thin-clear']))
        ->toBe([]);
});

it('says where a coat runs on an upright panel, and not on a flat one', function (): void {
    $clear = ['id' => 'c', 'name' => 'Clear', 'kind' => 'clear', 'extent' => ['kind' => 'whole-panel'], 'film' => 1.0];
    $base = ['id' => 'b', 'name' => 'Base', 'kind' => 'base', 'extent' => ['kind' => 'past', 'reach' => 0.2, 'fade' => 0.8]];
    $plan = fn (string $panel, string $strokes): array => codes(
        blend($panel, 40, ['plan' => ['sequence' => [$base, [...$clear, 'strokes' => $strokes]]]]),
    );
    expect($plan('front-door-left', 'cross'))
        ->toContain('sags')
        ->and($plan('front-door-left', 'single'))
        ->not->toContain('sags')
        ->and($plan('bonnet', 'cross'))
        ->not->toContain('sags');
});

it('remembers how a gap is seen for each colour, and answers as it would without remembering', function (): void {
    $planner = new Planner();
    $request = blend()->request;
    $indices = [];
    foreach ([0.5, 2.0, 0.5] as $dL) {
        $off = $request->sprayedWith(Finish::assumed(FinishClass::MetallicLight, 3, $dL));
        $indices[] = $planner->buttIndex($off);
        expect(end($indices))->toBe((new Planner())->buttIndex($off));
    }
    // Four times the step is four times as well seen; the eye is linear in it.
    expect($indices[2])->toBe($indices[0])->and($indices[1] / $indices[0])->toEqualWithDelta(4.0, 0.1);
});
