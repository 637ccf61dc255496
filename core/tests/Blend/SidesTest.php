<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\Severity;
use Kalopsis\Blend\Side;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Blend\SideOption;
use Kalopsis\Blend\Warning;
use Kalopsis\Blend\Zone;
use Kalopsis\Panel\BodyShape;
use Kalopsis\Sequence\Coat;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

/** A spot on a panel of the Marlo Tern, as shares of the panel's box, with what the painter decided. */
function spotAt(string $panel, float $across, float $down, float $radius = 40.0, array $change = []): BlendPlan
{
    static $shelf = new Bodies();
    $body = $shelf->bodyShape('marlo-tern');
    assert($body instanceof BodyShape);
    $box = $body->panel($panel)->outline->box();
    $shape = [
        'xMm' => $box->x0 + $across * ($box->x1 - $box->x0),
        'yMm' => $box->y0 + $down * ($box->y1 - $box->y0),
        'radiusMm' => $radius,
    ];
    $job = Bodies::job($panel, $radius, array_replace_recursive(['repairs' => [['shape' => $shape]]], $change));

    return Bodies::planned($job)->blend;
}

function decide(string $panel, string $neighbour, string $choice): array
{
    return ['plan' => ['sides' => [['panel' => $panel, 'neighbour' => $neighbour, 'choice' => $choice]]]];
}

function towards(BlendPlan $plan, string $panel, string $neighbour): ?Side
{
    foreach ($plan->sides as $side) {
        if ($side->panelId === $panel && $side->neighbourId === $neighbour) {
            return $side;
        }
    }

    return null;
}

function says(BlendPlan $plan, string $code): string
{
    foreach ($plan->warnings as $warning) {
        if ($warning->code === $code) {
            return $warning->says->in(UnitSystem::Metric);
        }
    }

    return '';
}

it('tells the room towards each neighbour of a repaired panel', function (): void {
    $plan = spotAt('front-door-left', 0.5, 0.5);
    foreach (['front-wing-left', 'rear-door-left', 'sill-left'] as $neighbour) {
        $side = towards($plan, 'front-door-left', $neighbour);
        expect($side)
            ->not->toBeNull()
            ->and($side->room->value())
            ->toBeGreaterThan(0.0)
            ->and($side->room->reasons[0]->rule->in(UnitSystem::Metric))
            ->toContain('shortest way');
    }
    expect(array_map(fn (Side $s): bool => $s->options === [], $plan->sides))->toContain(true);
});

it('offers the trade\'s four ways out, in its order, only where room is short', function (): void {
    $side = towards(spotAt('front-door-left', 0.85, 0.4), 'front-door-left', 'rear-door-left');
    expect(array_map(fn (SideOption $o): SideChoice => $o->choice, $side->options))
        ->toBe([SideChoice::Join, SideChoice::SmallGun, SideChoice::StopAtLine, SideChoice::Butt])
        ->and($side->choice)
        ->toBe(SideChoice::Join)
        ->and($side->chosenByYou)
        ->toBeFalse()
        ->and($side->reached)
        ->toBeTrue();
});

it('stops at sills and bumpers by itself and says that they hide a little', function (): void {
    $plan = spotAt('front-door-left', 0.5, 0.85);
    $side = towards($plan, 'front-door-left', 'sill-left');
    expect($side->choice)
        ->toBe(SideChoice::StopAtLine)
        ->and($plan->panels)
        ->not->toHaveKey('sill-left')
        ->and($side->options[2]->open)
        ->toBeTrue()
        ->and($side->options[2]->says->in(UnitSystem::Metric))
        ->toContain('another plane');
    expect(spotAt('front-door-left', 0.5, 0.85, 40, decide('sill-left', 'front-door-left', 'join'))->panels)->toHaveKey(
        'sill-left',
    );
});

it('cuts the colour at a body line that the painter chose to stop at', function (): void {
    $free = spotAt('front-door-left', 0.85, 0.12, 30);
    $side = towards($free, 'front-door-left', 'rear-door-left');
    expect($side->options[2]->says->in(UnitSystem::Metric))->toContain('Stop at');
    // Without a bed the blend is long enough to pass the crease.
    $bare = ['plan' => ['wetBed' => 'off']];
    $onBonnet = spotAt('bonnet', 0.5, 0.75, 40, $bare);
    $towardsWing = towards($onBonnet, 'bonnet', 'front-wing-left');
    expect($towardsWing->isShort())
        ->toBeTrue()
        ->and($towardsWing->options[2]->open)
        ->toBeTrue()
        ->and($towardsWing->options[2]->says->in(UnitSystem::Metric))
        ->toContain('bonnet crease left');
    $cut = spotAt(
        'bonnet',
        0.5,
        0.75,
        40,
        array_replace_recursive($bare, decide('bonnet', 'front-wing-left', 'stop-at-line')),
    );
    expect($cut->panels)
        ->not->toHaveKey('front-wing-left')
        ->and($cut->panels['bonnet']->limit['control']->areaMm2)
        ->toBeLessThan(0.95 * $onBonnet->panels['bonnet']->limit['control']->areaMm2)
        ->and($cut->panels['bonnet']->limit['clear-1']->areaMm2)
        ->toBe($onBonnet->panels['bonnet']->limit['clear-1']->areaMm2)
        ->and(says($cut, 'stopped'))
        ->toContain('not a wrong colour');
});

it('carries colour across a fold as it does along a side', function (): void {
    $plan = spotAt('bonnet', 0.5, 0.85, 40);
    expect($plan->panels)
        ->toHaveKey('front-wing-left')
        ->not->toHaveKey('front-wing-right')
        ->and($plan->panels['front-wing-left']->limit['control']->areaMm2)
        ->toBeGreaterThan(1000.0);
    // The wing sees the repair from across the seam, so a nearer repair puts more colour on it.
    $nearer = spotAt('bonnet', 0.5, 0.92, 40);
    expect($nearer->panels['front-wing-left']->limit['control']->areaMm2)->toBeGreaterThan(
        $plan->panels['front-wing-left']->limit['control']->areaMm2,
    );
});

it('remarks on colour that stops just short of a gap', function (): void {
    $plan = spotAt('front-door-left', 0.5, 0.5, 60, ['plan' => ['coats' => ['control' => ['reachMm' => 10]]]]);
    $room = towards($plan, 'front-door-left', 'rear-door-left')->room->value();
    $fade =
        $plan->limitMm() -
        max(
            array_map(
                fn (Coat $c): float => $c->reachMm ?? 0.0,
                array_filter($plan->coats, fn (Coat $c): bool => $c->isColour()),
            ),
        );
    $near = spotAt('front-door-left', 0.5, 0.5, 60, [
        'plan' => ['coats' => ['control' => ['reachMm' => $room - $fade - 30]]],
    ]);
    $left = $room - $near->limitMm();
    expect($left)
        ->toBeGreaterThan(-1.0)
        ->and($left < 30.0)
        ->toBe(says($near, 'near-gap') !== '');
});

it('stops at trim whichever side of the seam the repair is on', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-bumper')->outline->box();
    $bumper = spotAt('front-bumper', 0.5, ($box->y1 - $box->y0 - 60) / ($box->y1 - $box->y0), 15);
    foreach ($bumper->sides as $side) {
        expect($side->choice === null || $side->choice === SideChoice::StopAtLine)->toBeTrue($side->neighbourId);
    }
    expect(array_keys($bumper->panels))->toBe(['front-bumper']);
});

it('says how far colour runs into the neighbour when it is unusually far', function (): void {
    $far = spotAt('front-door-left', 0.97, 0.4, 20, ['plan' => ['coats' => ['control' => ['reachMm' => 380]]]]);
    expect(says($far, 'far-into-neighbour'))->toContain('usually fades out within 250 mm');
    expect(says(spotAt('front-door-left', 0.85, 0.4), 'far-into-neighbour'))->toBe('');
});

it('puts the gravest remark first and into the verdict', function (): void {
    $plan = spotAt('front-door-left', 0.5, 0.5, 40, [
        'plan' => ['wetBed' => 'off'],
        'repairs' => [['under' => ['kind' => 'thermoplastic-lacquer']]],
    ]);
    $order = array_map(
        fn (Warning $w): int => array_search($w->severity, [Severity::Stop, Severity::LookOut, Severity::Note], true),
        $plan->warnings,
    );
    $sorted = $order;
    sort($sorted);
    expect($order)
        ->toBe($sorted)
        ->and($plan->severity)
        ->toBe(Severity::Stop)
        ->and($plan->verdict->in(UnitSystem::Metric))
        ->toContain('lacquer');
});

it('beds a solid when the painter wants it, and zones follow', function (): void {
    $kinds = fn (BlendPlan $p): array => array_values(
        array_unique(array_map(fn (Zone $z): string => $z->kind->value, $p->zones)),
    );
    $plain = spotAt('front-door-left', 0.5, 0.5, 40, ['colour' => ['finish' => 'solid-dark']]);
    $bedded = spotAt('front-door-left', 0.5, 0.5, 40, [
        'colour' => ['finish' => 'solid-dark'],
        'plan' => ['wetBed' => 'on'],
    ]);
    expect($kinds($plain))
        ->toBe(['repair', 'full-colour', 'colour-blend', 'clear'])
        ->and($kinds($bedded))
        ->toBe(['repair', 'full-colour', 'colour-blend', 'wet-bed', 'clear'])
        ->and($plain->zones[2]->kind->preparation($plain->hasBed()))
        ->toContain('scratches show through')
        ->and($bedded->zones[2]->kind->preparation($bedded->hasBed()))
        ->toBe('P800');
});

it('holds the gun as the data sheet says for full coats and as the trade does for thin ones', function (): void {
    $guns = [];
    foreach (spotAt('front-door-left', 0.5, 0.5, 40, ['paintSystem' => 'northlight-w'])->coats as $coat) {
        $guns[$coat->id()] = $coat->gun;
    }
    expect($guns['base-1']->distanceMm)
        ->toBe(140.0)
        ->and($guns['base-1']->overlapPercent)
        ->toBe(75.0)
        // Common practice: a control coat at 0.9 to 1.0 bar, 250 to 375 mm, 80 to 90 % overlap.
        ->and($guns['control']->bar)
        ->toBeGreaterThanOrEqual(0.9)
        ->toBeLessThanOrEqual(1.0)
        ->and($guns['control']->distanceMm)
        ->toBeGreaterThanOrEqual(250.0)
        ->toBeLessThanOrEqual(375.0)
        ->and($guns['control']->overlapPercent)
        ->toBeGreaterThanOrEqual(80.0)
        ->toBeLessThanOrEqual(90.0);
});

it('ignores reaches for coats that the school does not have', function (): void {
    $plan = spotAt('front-door-left', 0.5, 0.5, 40, [
        'plan' => [
            'coats' => ['half' => ['reachMm' => 900], 'clear-1' => ['reachMm' => 20], 'nonsense' => ['reachMm' => 1]],
        ],
    ]);
    expect(array_filter($plan->coats, fn (Coat $c): bool => $c->isSetByHand()))
        ->toBe([])
        ->and(array_keys($plan->panels))
        ->toBe(array_keys(spotAt('front-door-left', 0.5, 0.5)->panels));
});
