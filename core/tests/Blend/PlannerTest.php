<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\PanelRole;
use Kalopsis\Blend\School;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\TradeReaches;
use Kalopsis\Blend\Warning;
use Kalopsis\Blend\Zone;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Sequence\Coat;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\GunChoice;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $change */
function blend(string $panel = 'front-door-left', float $radius = 60.0, array $change = []): BlendPlan
{
    return (new JobPlanner())->plan((new JobReader(new Bodies()))->read(Bodies::job($panel, $radius, $change)))->blend;
}

/** @return array<string, ?float> */
function reaches(BlendPlan $plan): array
{
    $out = [];
    foreach ($plan->coats as $coat) {
        $out[$coat->id] = $coat->reachMm;
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

it('steps each coat 50 to 100 mm past the one before, light metallics the furthest (common practice)', function (): void {
    $rule = new TradeReaches();
    $needs = [];
    foreach (FinishClass::cases() as $finish) {
        $r = $rule->reaches($finish);
        expect($r->stepMm)->toBeGreaterThanOrEqual(50)->toBeLessThanOrEqual(100);
        $needs[$finish->value] = $rule->roomNeeded($finish, School::InsideOut, GunChoice::Standard)->value();
    }
    expect($needs['solid-dark'])->toBe(min($needs))->and($needs['metallic-light'])->toBe(max($needs))
        ->and($needs['solid-dark'])->toBeGreaterThanOrEqual(100)->toBeLessThanOrEqual(150);
});

it('orders the coats as the school does', function (): void {
    expect(array_keys(reaches(blend())))->toBe(['wet-bed', 'base-1', 'base-2', 'base-3', 'control', 'clear-1', 'clear-2'])
        ->and(array_keys(reaches(blend(change: ['plan' => ['school' => 'outside-in']]))))->toBe(['wet-bed', 'effect', 'base-1', 'half', 'clear-1', 'clear-2'])
        ->and(array_keys(reaches(blend(change: ['colour' => ['finish' => 'solid-dark']]))))->toBe(['base-1', 'base-2', 'clear-1', 'clear-2']);
    $in = reaches(blend(change: ['plan' => ['school' => 'outside-in']]));
    expect($in['base-1'])->toBeLessThan($in['effect'])->and($in['half'])->toBeLessThan($in['base-1']);
});

it('blends a small spot within a bonnet and asks no neighbour', function (): void {
    $plan = blend('bonnet', 40, ['colour' => ['finish' => 'metallic-dark']]);
    expect(array_keys($plan->panels))->toBe(['bonnet'])
        ->and($plan->panels['bonnet']->role)->toBe(PanelRole::Blend)
        ->and($plan->severity)->toBe(Severity::Note);
});

it('paints a new part edge to edge and blends the neighbours beside it', function (): void {
    $plan = blend('front-door-left', change: ['repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part']]]]);
    expect($plan->panels['front-door-left']->role)->toBe(PanelRole::EdgeToEdge)
        ->and($plan->panels['front-wing-left']->role)->toBe(PanelRole::Blend)
        ->and($plan->panels['rear-door-left']->role)->toBe(PanelRole::Blend)
        ->and($plan->panels)->not->toHaveKey('sill-left');
    // No fringe on the new door, so no wet bed there; sealer all over it, none next door.
    expect($plan->panels['front-door-left']->limit['wet-bed']->isEmpty())->toBeTrue()
        ->and($plan->panels['rear-door-left']->limit['wet-bed']->isEmpty())->toBeFalse()
        ->and($plan->panels['front-door-left']->reach['sealer']->areaMm2)->toBe($plan->panels['front-door-left']->panel->outline->areaMm2())
        ->and($plan->panels['rear-door-left']->reach['sealer']->isEmpty())->toBeTrue();
});

it('lets the door join once colour dust reaches its edge, and says why', function (): void {
    $body = Bodies::shipped('marlo-tern');
    $box = $body->panel('front-wing-left')->outline->box();
    $shape = ['kind' => 'spot', 'xMm' => $box->x1 - 180, 'yMm' => ($box->y0 + $box->y1) / 2 - 60, 'radiusMm' => 50];
    $plan = blend('front-wing-left', change: ['repairs' => [['shape' => $shape]]]);
    expect($plan->panels)->toHaveKey('front-door-left')
        ->and($plan->panels['front-door-left']->why->rule->in(UnitSystem::Metric))->toContain('Colour reaches 300 mm')
        ->and($plan->verdict->in(UnitSystem::Metric))->toContain('join');
    $side = sideTo($plan, 'front-door-left');
    expect($side->isShort())->toBeTrue()
        ->and(array_map(fn ($o) => $o->choice, $side->options))->toBe([SideChoice::Join, SideChoice::SmallGun, SideChoice::StopAtLine, SideChoice::Butt]);
    // On the door the contours go on where they left the wing: base 3 ends 180 mm from the primer on either side.
    foreach ($plan->panels['front-door-left']->reach['base-3']->rings[0]['xs'] as $i => $x) {
        $d = hypot($x - $shape['xMm'], $plan->panels['front-door-left']->reach['base-3']->rings[0]['ys'][$i] - $shape['yMm']) - 50;
        expect($d)->toBeLessThan(181.0);
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
    $line = array_values(array_filter($body->panel('front-door-left')->bodyLines, fn ($l) => $l->name === 'lower crease'))[0]->line;
    $x = $line->evenly(3)[1]->x;
    $shape = ['repairs' => [['shape' => ['xMm' => $x, 'yMm' => $line->evenly(3)[1]->y - 90, 'radiusMm' => 40]]]];
    $free = blend(change: array_replace_recursive($shape, ['plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'sill-left', 'choice' => 'join']]]]));
    expect($free->panels)->toHaveKey('sill-left');
    $stopped = blend(change: $shape);
    expect($stopped->panels)->not->toHaveKey('sill-left');
    expect(sideTo($stopped, 'sill-left')->choice)->toBe(SideChoice::StopAtLine);
});

it('offers the small gun only where it is small and fits, and halves the need', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $near = ['repairs' => [['shape' => ['xMm' => $box->x1 - 250, 'radiusMm' => 30]]]];
    $option = fn (BlendPlan $plan) => sideTo($plan, 'rear-door-left')->options[1];
    expect($option(blend(change: $near))->open)->toBeTrue();
    $large = ['repairs' => [['shape' => ['xMm' => $box->x1 - 250, 'radiusMm' => 120]]]];
    expect($option(blend(change: $large))->open)->toBeFalse();
    $small = blend(change: array_replace_recursive($near, ['plan' => ['gun' => 'small']]));
    expect($small->roomNeeded->value())->toBeLessThan(160)->and(array_keys($small->panels))->toBe(['front-door-left']);
});

it('follows a moved contour and remarks on it', function (): void {
    $plan = blend(change: ['plan' => ['coats' => ['base-2' => ['reachMm' => 60], 'control' => ['reachMm' => 120]]]]);
    expect(reaches($plan)['base-2'])->toBe(60.0)->and(codes($plan))->toContain('short-step', 'inside-coat-before');
    $beyond = blend(change: ['plan' => ['school' => 'outside-in', 'coats' => ['half' => ['reachMm' => 400]]]]);
    expect(codes($beyond))->toContain('past-effect-coat')->and($beyond->severity)->toBe(Severity::Stop);
    $short = blend(change: ['plan' => ['coats' => ['base-1' => ['reachMm' => 0], 'base-2' => ['reachMm' => 50], 'base-3' => ['reachMm' => 100], 'control' => ['reachMm' => 100]]]]);
    expect(codes($short))->toContain('short-blend');
});

it('warns of a light metallic without a wet bed, and of a bonnet that hides nothing', function (): void {
    expect(codes(blend(change: ['plan' => ['wetBed' => 'off']])))->toContain('no-wet-bed')
        ->and(codes(blend('bonnet', 40)))->toContain('open-middle')
        ->and(codes(blend(change: ['colour' => ['finish' => 'solid-light']])))->not->toContain('no-wet-bed');
});

it('takes what lies under the repair into account', function (string $under, string $code): void {
    expect(codes(blend(change: ['repairs' => [['under' => ['kind' => $under]]]])))->toContain($code);
})->with([['thermoplastic-lacquer', 'lacquer'], ['bare-metal', 'bare-metal'], ['bare-plastic', 'material']]);

it('seals over the wrong grey and leaves the right one alone', function (): void {
    expect(reaches(blend(change: ['repairs' => [['under' => ['greyShade' => 7]]]])))->toHaveKey('sealer')
        ->and(codes(blend(change: ['repairs' => [['under' => ['greyShade' => 7]]]])))->toContain('grey-shade')
        ->and(reaches(blend()))->not->toHaveKey('sealer');
});

it('notices two repairs that want to be one blend', function (): void {
    $c = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->centroid();
    $job = ['repairs' => [
        1 => ['id' => 'r2', 'panel' => 'front-door-left', 'shape' => ['kind' => 'spot', 'xMm' => $c->x - 250, 'yMm' => $c->y, 'radiusMm' => 40], 'under' => ['kind' => 'primer', 'greyShade' => 3]],
    ]];
    $one = blend();
    $two = blend(change: $job);
    expect(codes($two))->toContain('blend-together')
        ->and($two->colouredM2())->toBeGreaterThan($one->colouredM2())
        ->and($two->colouredM2())->toBeLessThan(2 * $one->colouredM2());
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
    $this->limitTo(12)->forAll(Generators::choose(0, 600), Generators::choose(1, 200))->then(function (int $reach, int $more): void {
        $area = function (float $mm): float {
            $plan = blend(change: ['plan' => ['coats' => ['control' => ['reachMm' => $mm]]]]);
            $coat = array_values(array_filter($plan->coats, fn (Coat $c): bool => $c->id === 'control'))[0];

            return $plan->areaOf($coat)->value();
        };
        expect($area($reach + $more))->toBeGreaterThanOrEqual($area($reach) - 1e-9);
    });
});

it('plans the same on either side of the car', function (): void {
    $left = blend('rear-door-left');
    $right = blend('rear-door-right');
    expect($right->colouredM2())->toEqualWithDelta($left->colouredM2(), 0.002)
        ->and(count($right->panels))->toBe(count($left->panels));
});

it('says what to do first when there is no repair', function (): void {
    $job = Bodies::job();
    $job['repairs'] = [];
    $plan = (new JobPlanner())->plan((new JobReader(new Bodies()))->read($job));
    expect($plan->blend->verdict->in(UnitSystem::Metric))->toBe('Place a repair on the car first.')
        ->and($plan->cups)->toBe([])->and($plan->blend->zones)->toBe([])->and($plan->cautions)->toBe([]);
});
