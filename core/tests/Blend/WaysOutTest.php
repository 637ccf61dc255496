<?php

declare(strict_types=1);

use Kalopsis\Blend\BlendPlan;
use Kalopsis\Blend\SideChoice;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

/** @return array<string, list<array{string, bool, string}>> ways out in words without figures, by "panel > neighbour" */
function waysOut(BlendPlan $plan): array
{
    $out = [];
    foreach ($plan->sides as $side) {
        $out["{$side->panelId} > {$side->neighbourId}"] = array_map(
            fn ($o): array => [
                $o->choice->value,
                $o->open,
                (string) preg_replace('/\d+ mm/', '# mm', $o->says->in(UnitSystem::Metric)),
            ],
            $side->options,
        );
    }

    return $out;
}

/** @return array<string, array{?string, bool, bool}> what is chosen, whether colour reaches it, and whether somebody chose */
function chosen(BlendPlan $plan): array
{
    $out = [];
    foreach ($plan->sides as $side) {
        $out["{$side->panelId} > {$side->neighbourId}"] = [$side->choice?->value, $side->reached, $side->chosenByYou];
    }

    return $out;
}

/** A spot over the door's lower crease, 90 mm above its middle. @return array<string, mixed> */
function overTheCrease(): array
{
    foreach (Bodies::shipped('marlo-tern')->panel('front-door-left')->bodyLines as $named) {
        if ($named->name === 'lower crease') {
            $at = $named->line->evenly(3)[1];

            return ['repairs' => [['shape' => ['xMm' => $at->x, 'yMm' => $at->y - 90, 'radiusMm' => 40]]]];
        }
    }
    throw new RuntimeException('no crease');
}

$says = [
    'join' => fn (string $next): array => [
        'join', true, "Let the colour run into {$next} and blend there. Surest; one panel more to prepare and clear.",
    ],
    'butt' => [
        'butt', true, 'Stop at the gap and butt: only with a card that matches edge to edge at every angle.',
    ],
];

it('says of each way out at each side whether it is open, and why', function () use ($says): void {
    $ways = waysOut(Bodies::remarked(Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']])));
    expect(array_keys($ways))
        ->toBe([
            'bonnet > front-wing-left', 'bonnet > front-wing-right', 'bonnet > front-bumper',
            'front-wing-left > front-bumper', 'front-wing-right > front-bumper',
        ])
        ->and($ways['bonnet > front-wing-left'])
        ->toBe([
            $says['join']('Front wing left'),
            ['small-gun', true, 'Keep it tiny with a small gun at low pressure: needs # mm, has # mm.'],
            ['stop-at-line', true, 'Stop at the bonnet crease left: a sharp line hides a little of a step.'],
            $says['butt'],
        ])
        ->and($ways['bonnet > front-wing-right'][2][2])
        ->toBe('Stop at the bonnet crease right: a sharp line hides a little of a step.')
        // Trim is another material: its gap hides a step, whatever crease lies before it.
        ->and($ways['bonnet > front-bumper'])
        ->toBe([
            $says['join']('Front bumper'),
            ['small-gun', false, 'Keep it tiny with a small gun: even that needs # mm, there is # mm.'],
            [
                'stop-at-line', true,
                'Stop at the gap: Front bumper lies in another plane or is another material, which hides a little of a step.',
            ],
            $says['butt'],
        ]);
});

it('lets nothing large, and no plan that has it already, be kept tiny with the small gun', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $small = fn (float $from, float $radius, array $plan = []): array => waysOut(Bodies::remarked(Bodies::job(
        radius: $radius,
        change: ['repairs' => [['shape' => ['xMm' => $box->x1 - $from]]], 'plan' => $plan],
    )))['front-door-left > rear-door-left'][1];
    expect($small(250.0, 120.0))
        ->toBe(['small-gun', false, 'Keep it tiny with a small gun: this repair is too large for that.'])
        // As large as a spot of 60 mm is tiny still (common practice), a little larger not.
        ->and($small(150.0, 60.5)[2])
        ->toContain('too large')
        ->and($small(120.0, 12.0, ['gun' => 'small']))
        ->toBe(['small-gun', false, 'The small gun is already chosen and still needs # mm.'])
        ->and($small(150.0, 60.0))
        ->toBe(['small-gun', false, 'Keep it tiny with a small gun: even that needs # mm, there is # mm.']);
    // A hundredth of a square metre is tiny, drawn by hand as well as round: 56.4 mm of radius, or 100 mm square.
    $drawn = function (float $side) use ($box): string {
        [$x, $y] = [$box->x1 - 150.0 - $side, ($box->y0 + $box->y1) / 2.0];
        $points = [[$x, $y], [$x + $side, $y], [$x + $side, $y + $side], [$x, $y + $side]];

        $job = Bodies::job();
        $job['repairs'][0]['shape'] = ['kind' => 'outline', 'points' => $points];

        return waysOut(Bodies::remarked($job))['front-door-left > rear-door-left'][1][2];
    };
    expect($drawn(60.0))
        ->toContain('even that needs')
        ->and($drawn(300.0))
        ->toContain('too large');
});

it('stops at trim and folds by itself, runs into body colour, and does what it is told', function (): void {
    $near = overTheCrease();
    $told = fn (string $choice): array => array_replace_recursive($near, [
        'plan' => ['sides' => [['panel' => 'front-door-left', 'neighbour' => 'sill-left', 'choice' => $choice]]],
    ]);
    $sill = fn (array $change): array => chosen(Bodies::remarked(Bodies::job(change: $change)))['front-door-left > sill-left'];
    expect($sill($near))
        ->toBe(['stop-at-line', true, false])
        ->and($sill($told('join')))
        ->toBe(['join', true, true])
        ->and($sill($told('stop-at-line')))
        ->toBe(['stop-at-line', true, true])
        ->and($sill($told('butt')))
        ->toBe(['butt', true, true])
        // From the bumper colour does not run into the bonnet by itself either.
        ->and(chosen(Bodies::remarked(Bodies::job('front-bumper', 40.0)))['front-bumper > bonnet'])
        ->toBe(['stop-at-line', true, false])
        ->and(chosen(Bodies::remarked(Bodies::job(change: $near)))['front-door-left > rear-door-left'])
        ->toBe([null, false, false]);
    // Where nothing fades every gap is a butt.
    expect(array_column(chosen(Bodies::remarked(Bodies::job(change: ['plan' => ['school' => 'edge-to-edge']]))), 0))
        ->toBe(['butt', 'butt', 'butt']);
});

it('takes the neighbour in with the reason that it reaches it, and both sides where both are near', function (): void {
    $plan = Bodies::remarked(Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]));
    expect(array_keys($plan->panels))
        ->toBe(['bonnet', 'front-wing-left', 'front-wing-right'])
        ->and($plan->panels['bonnet']->why->rule->in(UnitSystem::Metric))
        ->toBe('The repair is on this panel.');
    foreach (['front-wing-left' => 'Front wing left', 'front-wing-right' => 'Front wing right'] as $id => $name) {
        $why = $plan->panels[$id]->why;
        expect($why->rule->in(UnitSystem::Metric))
            ->toMatch("/^Colour reaches \\d+ mm past the primer; the gap to {$name} is only \\d+ mm away\\.\$/")
            ->and(array_column(json_decode((string) json_encode($why), true)['inputs'], 'name'))
            ->toBe(['room', 'last dust']);
    }
});

it('has nothing to be short of where no side lets colour run on', function (): void {
    $plan = Bodies::remarked(Bodies::job('front-bumper', 40.0));
    expect([$plan->need->roomMm, $plan->need->isTooLong()])
        ->toBe([null, false])
        ->and($plan->verdict->in(UnitSystem::Metric))
        ->toMatch('/^Needs \d+ mm to be sure, and nothing bounds it: stays on the front bumper\.$/');
    // One that was shut is not counted any more.
    $free = Bodies::remarked(Bodies::job(change: Bodies::towardsRear(150.0)))->need->roomMm;
    $shut = Bodies::remarked(Bodies::job(change: Bodies::towardsRear(150.0, 60.0, SideChoice::Butt->value)))->need->roomMm;
    expect($free)->toBeLessThan(100.0)->and($shut)->toBeGreaterThan(500.0);
});

it('tells one room and one need wherever they stand: verdict, side, way out and reason', function (): void {
    $plan = Bodies::remarked(Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]));
    preg_match('/has (\d+) mm/', $plan->verdict->in(UnitSystem::Metric), $verdict);
    $side = $plan->sides[0];
    preg_match('/has (\d+) mm/', $side->options[1]->says->in(UnitSystem::Metric), $way);
    preg_match('/only (\d+) mm/', $plan->panels['front-wing-left']->why->rule->in(UnitSystem::Metric), $why);
    // 616.6 mm are 616 that somebody has, not 617.
    expect([(int) $way[1], (int) $why[1], (int) $side->room->value()])->toBe(array_fill(0, 3, (int) $verdict[1]));
    // What the small gun is said to need is what it needs once it is taken.
    preg_match('/needs (\d+) mm/', $side->options[1]->says->in(UnitSystem::Metric), $small);
    $taken = Bodies::remarked(Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed', 'gun' => 'small']]));
    expect($taken->need->mm())->toBe((float) $small[1]);
});

it('calls a panel painted edge to edge once the first full coat covers all but a two hundredth of it', function (): void {
    $to = fn (float $mm): Closure => fn (array $steps): array => array_map(
        fn (array $s): array => isset($s['extent']['reach'])
            ? [...$s, 'extent' => [...$s['extent'], 'reachMm' => $mm, 'fadeMm' => 50]]
            : $s,
        $steps,
    );
    $reaching = fn (float $mm): BlendPlan => Bodies::remarked(Bodies::withSteps(Bodies::job(), $to($mm)));
    foreach ([450.0, 550.0, 600.0] as $mm) {
        $door = $reaching($mm)->panels['front-door-left'];
        $share = $door->reach['base-1']->areaMm2 / $door->panel->outline->areaMm2();
        expect($door->role->value)->toBe($share >= 0.995 ? 'edge-to-edge' : 'blend');
    }
    // Four fifths of it, nearly all of it, and all but what nobody sees.
    expect($reaching(450.0)->panels['front-door-left']->role->value)
        ->toBe('blend')
        ->and($reaching(600.0)->panels['front-door-left']->role->value)
        ->toBe('edge-to-edge');
});

it('says at trim too what the small gun itself would need, not what the plan does', function (): void {
    $box = Bodies::shipped('marlo-tern')->panel('front-door-left')->outline->box();
    $low = fn (string $gun): BlendPlan => Bodies::remarked(Bodies::job('front-door-left', 30.0, [
        'repairs' => [['shape' => ['yMm' => $box->y1 - 90.0]]],
        'plan' => ['gun' => $gun],
    ]));
    $words = function (BlendPlan $plan): string {
        foreach ($plan->sides as $side) {
            foreach ($side->neighbourId === 'sill-left' ? $side->options : [] as $option) {
                if ($option->choice === SideChoice::SmallGun) {
                    return $option->says->in(UnitSystem::Metric);
                }
            }
        }

        return '';
    };
    [$standard, $small] = [$low('standard')->need->mm(), $low('small')->need->mm()];
    expect($small)
        ->toBeLessThan($standard)
        ->and($words($low('standard')))
        ->toBe("Keep it tiny with a small gun: even that needs {$small} mm, there is 60 mm.")
        ->and($words($low('small')))
        ->toBe("The small gun is already chosen and still needs {$small} mm.");
});
