<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Colour\Random;
use Kalopsis\Cups\Cup;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Job\Station;
use Kalopsis\Panel\Point;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\Drying;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Sequence\LandsIn;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;
use Kalopsis\Units\UnitSystem;

uses(Eris\TestTrait::class);

/** @return array<string, string> */
function states(JobPlan $plan): array
{
    return array_column(
        array_map(fn (Station $s): array => [$s->id, $s->state->in(UnitSystem::Metric)], $plan->stations),
        1,
        0,
    );
}

it('plans any spot on any panel of any car, and the plan holds together', function (): void {
    $this->limitTo(60)
        ->forAll(
            Generators::elements(...Bodies::KEYS),
            Generators::choose(0, 99),
            Generators::choose(0, 100),
            Generators::choose(0, 100),
            Generators::choose(5, 300),
            Generators::elements(...array_map(fn (FinishClass $f): string => $f->value, FinishClass::cases())),
            Generators::elements(...Bodies::schoolKeys()),
        )
        ->then(function (
            string $key,
            int $pick,
            int $across,
            int $down,
            int $radius,
            string $finish,
            string $school,
        ): void {
            $body = (new Bodies())->bodyShape($key);
            assert($body !== null);
            $panel = array_values($body->panels)[$pick % count($body->panels)];
            $box = $panel->outline->box();
            $x = $box->x0 + ($across / 100) * ($box->x1 - $box->x0);
            $y = $box->y0 + ($down / 100) * ($box->y1 - $box->y0);
            $job = Bodies::job(
                change: [
                    'car' => ['bodyShape' => $key],
                    'colour' => ['finish' => $finish],
                    'plan' => ['school' => $school],
                    'repairs' => [['panel' => $panel->id, 'shape' => ['xMm' => $x, 'yMm' => $y, 'radiusMm' => $radius]]],
                ],
            );
            if (! $panel->outline->contains($x, $y)) {
                expect(fn () => Bodies::planned($job))->toThrow(InvalidInput::class);

                return;
            }
            $plan = Bodies::planned($job);
            expect($plan->blend->panels)
                ->toHaveKey($panel->id)
                ->and($plan->blend->verdict->in(UnitSystem::Metric))
                ->not->toContain('{')
                ->and($plan->cups)
                ->not->toBe([]);
            foreach ($plan->blend->panels as $id => $planned) {
                foreach ($plan->blend->coats as $coat) {
                    $reach = $planned->reach[$coat->id()]->areaMm2;
                    $limit = $planned->limit[$coat->id()]->areaMm2;
                    expect($reach)
                        ->toBeGreaterThanOrEqual(0.0)
                        ->toBeLessThanOrEqual($limit + 1e-6)
                        ->and($limit)
                        ->toBeLessThanOrEqual($planned->panel->outline->areaMm2() + 1e-6, "{$coat->id()} on {$id}");
                }
            }
            foreach ($plan->cups as $cup) {
                $poured = array_sum(array_map(fn ($p): float => $p->ml, $cup->pours)) * $cup->count;
                $used = array_sum(array_map(fn ($c): float => $c->volume->value(), $cup->coats));
                foreach ($plan->cups as $other) {
                    $used += $other->restOf === $cup->id ? $other->pours[0]->ml * $other->count : 0.0;
                }
                // A second coat of clear takes what is in the gun already; the others fill it.
                [$least, $most] = $cup->follows === null ? [$used + 40.0, $used + 50.0] : [$used, 1.1 * $used + 10.0];
                expect($poured)
                    ->toEqualWithDelta($cup->total->value(), 1e-6)
                    ->and($poured)
                    ->toBeGreaterThanOrEqual($least - 1e-6)
                    ->and($poured)
                    ->toBeLessThan($most + 1e-6);
            }
            expect(json_encode($plan))->not->toBeFalse();
        });
});

it('answers any shape of JSON with faults or a plan, never with anything else', function (): void {
    $leaf = Generators::oneOf(
        Generators::constant(null),
        Generators::choose(-9, 99999),
        Generators::string(),
        Generators::constant([]),
        Generators::constant(true),
        Generators::constant(1.5e300),
    );
    $this->limitTo(150)
        ->forAll(
            Generators::elements(
                'car',
                'colour',
                'booth',
                'repairs',
                'plan',
                'paintSystem',
                'repairs.0',
                'repairs.0.shape',
                'repairs.0.under',
                'repairs.0.shape.points',
                'plan.sides',
                'plan.coats',
                'plan.sequence',
                'plan.sequence.0',
                'plan.sequence.0.extent',
                'plan.sequence.0.gun',
                'plan.sequence.0.mixture',
                'plan.sequence.0.where',
                'plan.usual',
                'plan.certainty',
                'plan.wetBed',
                'version',
                'plan.ratios',
                'plan.sides.0',
                'car.bodyShape',
                'repairs.0.shape.kind',
                'plan.gun',
                'plan.remainderMl',
            ),
            $leaf,
        )
        ->then(function (string $path, mixed $value): void {
            $job = str_starts_with($path, 'plan.sequence.')
                ? Bodies::withSteps(Bodies::job(), fn (array $s): array => $s)
                : Bodies::job();
            $at = &$job;
            foreach (explode('.', $path) as $step) {
                if (! is_array($at)) {
                    $at = [];
                }
                $at = &$at[$step];
            }
            $at = $value;
            unset($at);

            try {
                expect(Bodies::planned($job)->blend->coats)->not->toBe([]);
            } catch (InvalidInput $bad) {
                expect($bad->problems[0]->detail->in(UnitSystem::Metric))->not->toBe('');
            }
        });
});

it('says the state of every station in a word or two', function (): void {
    $none = Bodies::job();
    $none['repairs'] = [];
    expect(states(Bodies::planned($none)))
        ->toBe([
            'car' => 'no repair yet',
            'colour' => 'no card yet',
            'blend' => 'waits for a repair',
            'cups' => 'waits for a plan',
            'booth' => 'locked: no card',
            'look-back' => 'after the job',
        ])
        ->and(states(Bodies::planned(Bodies::job()))['car'])
        ->toBe('1 repair')
        ->and(states(Bodies::planned(Bodies::job(change: ['colour' => ['finish' => 'metallic-dark']])))['blend'])
        ->toBe('fits, 3 coats')
        ->and(
            states(
                Bodies::planned(
                    Bodies::job(
                        change: [
                            'repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part']]],
                        ],
                    ),
                ),
            )['blend'],
        )
        ->toBe('2 panels join')
        ->and(states(Bodies::planned(Bodies::job()))['cups'])
        ->toMatch('/^4 cups, \d+ ml$/');
});

it('takes every kind of ground, and seals what needs it', function (Under $under): void {
    $plan = Bodies::planned(Bodies::job(change: ['repairs' => [['under' => ['kind' => $under->value]]]]));
    $sealed = in_array('sealer', array_map(fn ($c): string => $c->id(), $plan->blend->coats), true);
    expect($sealed)->toBe(
        in_array($under, [Under::NewPrimedPart, Under::BareMetal, Under::BarePlastic, Under::ThermoplasticLacquer], true),
    );
})->with(Under::cases());

it('carries colour along the side past a small panel to the one behind it', function (): void {
    // A light silver quarter repair in front of nothing but the door: the door joins, the wing does not.
    $body = (new Bodies())->bodyShape('marlo-tern');
    assert($body !== null);
    $box = $body->panel('quarter-left')->outline->box();
    $plan = Bodies::planned(
        Bodies::job('quarter-left', 60, [
            'repairs' => [['shape' => ['xMm' => $box->x0 + 130, 'yMm' => ($box->y0 + $box->y1) / 2 + 10]]],
        ]),
    );
    expect(array_keys($plan->blend->panels))
        ->toContain('quarter-left', 'rear-door-left')
        ->not->toContain('front-door-left')
        ->and(count($plan->blend->panels['rear-door-left']->reach['control']->rings))
        ->toBe(1);
});

it('mixes as much for the same coats with thinner paint, with less base in it', function (): void {
    $cup = fn (array $plan): Cup => Bodies::planned(
        Bodies::withSteps(
            Bodies::job(change: ['plan' => $plan]),
            fn (array $s): array => array_map(
                fn (array $step): array => isset($step['extent']['reach'])
                    ? [...$step, 'extent' => [...$step['extent'], 'reachMm' => 100, 'fadeMm' => 80]]
                    : $step,
                $s,
            ),
        ),
    )->cups[1];
    $standard = $cup([]);
    $thin = $cup(['ratios' => ['base-effect' => '1:2']]);
    expect($thin->total->value())
        ->toBe($standard->total->value())
        ->and($thin->pours[0]->ml)
        ->toBeLessThan($standard->pours[0]->ml)
        ->and($cup(['remainderMl' => 140])->total->value() - $standard->total->value())
        ->toBe(100.0)
        ->and(Bodies::planned(Bodies::job(change: ['booth' => ['temperatureC' => 34]]))->job->reducer()->key())
        ->toBe('extra-slow');
});

it('plans in every air a booth can be typed with, and says where a coat will not dry', function (): void {
    $says = fn (float $t, float $humid, string $system): array => array_map(
        fn ($w): string => $w->code,
        Bodies::planned(
            Bodies::job('bonnet', change: [
                'paintSystem' => $system,
                'booth' => ['temperatureC' => $t, 'humidityPercent' => $humid],
            ]),
        )->blend->warnings,
    );
    foreach ([5.0, 22.0, 40.0] as $t) {
        foreach ([5.0, 50.0, 100.0] as $humid) {
            foreach (['northlight-s', 'northlight-w'] as $system) {
                $plan = json_encode($says($t, $humid, $system), JSON_THROW_ON_ERROR);
                // Water leaves nothing into saturated air; a solvent does not mind (vapour pressure alone drives it).
                expect(str_contains($plan, 'never-dries'))->toBe($humid === 100.0 && $system === 'northlight-w');
            }
        }
    }
    $plan = Bodies::planned(
        Bodies::job('bonnet', change: [
            'paintSystem' => 'northlight-w',
            'booth' => ['temperatureC' => 22, 'humidityPercent' => 100],
        ]),
    );
    expect($plan->blend->verdict->text)
        ->toContain('will not dry')
        ->and(json_encode([$plan, SprayedPlan::of($plan)], JSON_THROW_ON_ERROR))
        ->toContain('will not dry');
});

it('plans, sprays, looks at and cuts coats at the ends of everything that can be typed', function (): void {
    $chance = new Random(20);
    $one = fn (array $of): mixed => $of[(int) floor($chance->uniform() * count($of))];
    $ends = [
        'mixture' => [['reducer' => 0.3], ['reducer' => 2], ['blendingClear' => 4], ['reducer' => 2, 'blendingClear' => 4]],
        'gun' => [
            ['distanceMm' => 50],
            ['distanceMm' => 500],
            ['overlapPercent' => 10],
            ['overlapPercent' => 95],
            ['flowMlPerMin' => 20, 'speedMmPerS' => 1500],
            ['flowMlPerMin' => 400, 'speedMmPerS' => 100],
        ],
        'film' => [0.05, 2.0],
        'landsIn' => array_map(fn (LandsIn $l): string => $l->value, LandsIn::cases()),
        'drying' => array_map(fn (Drying $d): string => $d->value, Drying::cases()),
        'strokes' => ['single', 'cross'],
        'extent' => [
            ['kind' => 'whole-panel'],
            ['kind' => 'past', 'reach' => 0.0, 'fade' => 1.0, 'reachMm' => 0, 'fadeMm' => 5],
            ['kind' => 'past', 'reach' => 1.0, 'fade' => 0.0, 'reachMm' => 900, 'fadeMm' => 300],
        ],
    ];
    $planned = 0;
    for ($i = 0; $i < 24; $i++) {
        $panel = $one(['bonnet', 'front-door-left', 'sill-left']);
        $job = Bodies::job($panel, $one([5.0, 60.0, 240.0]), [
            'paintSystem' => $one(['northlight-s', 'northlight-w']),
            'colour' => ['finish' => $one(array_column(FinishClass::cases(), 'value'))],
            'booth' => ['temperatureC' => $one([5, 22, 25, 40]), 'humidityPercent' => $one([1, 50, 100])],
            'plan' => ['school' => $one(Bodies::schoolKeys())],
        ]);
        $job = Bodies::withSteps($job, function (array $steps) use ($one, $ends): array {
            foreach ($steps as &$step) {
                $what = $one(array_keys($ends));
                $fades = $what !== 'extent' || $step['extent']['kind'] !== 'whole-panel';
                $step = $fades ? [...$step, $what => $one($ends[$what])] : $step;
            }

            return $steps;
        });

        try {
            $plan = Bodies::planned($job, $one([null, Colours::silver()]), Colours::silver($one([-10.0, 0.0, 1.5, 10.0])));
        } catch (InvalidInput $refused) {
            expect($refused->problems[0]->field)->toStartWith('plan.sequence');

            continue;
        }
        $sprayed = SprayedPlan::of($plan);
        $at = $plan->job->body->panel($panel)->outline->centroid();
        $cut = $sprayed->cut(new Point($at->x - 900, $at->y), new Point($at->x + 900, $at->y), 25, 1.0);
        $seen = $sprayed->outlook();
        expect(json_encode([$plan, $sprayed, $cut], JSON_THROW_ON_ERROR))
            ->toBeString()
            ->and($seen->low())
            ->toBeLessThanOrEqual($seen->index() + 1e-9)
            ->and($seen->high())
            ->toBeGreaterThanOrEqual($seen->index() - 1e-9)
            ->and($cut->worst())
            ->toBeGreaterThanOrEqual(0.0);
        $planned++;
    }
    expect($planned)->toBeGreaterThan(12);
});
