<?php

declare(strict_types=1);

use Eris\Generators;
use Kalopsis\Blend\School;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Job\JobPlan;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\Station;
use Kalopsis\Panel\Under;
use Kalopsis\Sequence\FinishClass;
use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Units\UnitSystem;

uses(Eris\TestTrait::class);

/** @param array<string, mixed> $job */
function planned(array $job): JobPlan
{
    static $shelf = new Bodies();

    return (new JobPlanner())->plan((new JobReader($shelf))->read($job));
}

/** @return array<string, string> */
function states(JobPlan $plan): array
{
    return array_column(array_map(fn (Station $s): array => [$s->id, $s->state->in(UnitSystem::Metric)], $plan->stations), 1, 0);
}

it('plans any spot on any panel of any car, and the plan holds together', function (): void {
    $this->limitTo(60)->forAll(
        Generators::elements(...Bodies::KEYS),
        Generators::choose(0, 99),
        Generators::choose(0, 100),
        Generators::choose(0, 100),
        Generators::choose(5, 300),
        Generators::elements(...array_map(fn (FinishClass $f): string => $f->value, FinishClass::cases())),
        Generators::elements(...array_map(fn (School $s): string => $s->value, School::cases())),
    )->then(function (string $key, int $pick, int $across, int $down, int $radius, string $finish, string $school): void {
        $body = (new Bodies())->bodyShape($key);
        assert($body !== null);
        $panel = array_values($body->panels)[$pick % count($body->panels)];
        $box = $panel->outline->box();
        $x = $box->x0 + $across / 100 * ($box->x1 - $box->x0);
        $y = $box->y0 + $down / 100 * ($box->y1 - $box->y0);
        $job = Bodies::job(change: ['car' => ['bodyShape' => $key], 'colour' => ['finish' => $finish], 'plan' => ['school' => $school], 'repairs' => [['panel' => $panel->id, 'shape' => ['xMm' => $x, 'yMm' => $y, 'radiusMm' => $radius]]]]);
        if (! $panel->outline->contains($x, $y)) {
            expect(fn () => planned($job))->toThrow(InvalidInput::class);

            return;
        }
        $plan = planned($job);
        expect($plan->blend->panels)->toHaveKey($panel->id)
            ->and($plan->blend->verdict->in(UnitSystem::Metric))->not->toContain('{')
            ->and($plan->cups)->not->toBe([]);
        foreach ($plan->blend->panels as $id => $planned) {
            foreach ($plan->blend->coats as $coat) {
                $reach = $planned->reach[$coat->id]->areaMm2;
                $limit = $planned->limit[$coat->id]->areaMm2;
                expect($reach)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual($limit + 1e-6)
                    ->and($limit)->toBeLessThanOrEqual($planned->panel->outline->areaMm2() + 1e-6, "{$coat->id} on {$id}");
            }
        }
        foreach ($plan->cups as $cup) {
            $poured = array_sum(array_map(fn ($p): float => $p->ml, $cup->pours)) * $cup->count;
            $used = array_sum(array_map(fn ($c): float => $c->volume->value(), $cup->coats));
            expect($poured)->toEqualWithDelta($cup->total->value(), 1e-6)
                ->and($poured)->toBeGreaterThanOrEqual($used + 40.0 - 1e-6)
                ->and($poured)->toBeLessThan($used + 50.0 + 1e-6);
        }
        expect(json_encode($plan))->not->toBeFalse();
    });
});

it('answers any shape of JSON with faults or a plan, never with anything else', function (): void {
    $leaf = Generators::oneOf(Generators::constant(null), Generators::choose(-9, 99999), Generators::string(), Generators::constant([]), Generators::constant(true), Generators::constant(1.5e300));
    $this->limitTo(150)->forAll(
        Generators::elements('car', 'colour', 'booth', 'repairs', 'plan', 'paintSystem', 'repairs.0', 'repairs.0.shape', 'repairs.0.under', 'repairs.0.shape.points', 'plan.sides', 'plan.coats', 'plan.ratios', 'plan.sides.0', 'car.bodyShape', 'repairs.0.shape.kind', 'plan.gun', 'plan.remainderMl'),
        $leaf,
    )->then(function (string $path, mixed $value): void {
        $job = Bodies::job();
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
            expect(planned($job)->blend->coats)->not->toBe([]);
        } catch (InvalidInput $bad) {
            expect($bad->problems[0]->detail->in(UnitSystem::Metric))->not->toBe('');
        }
    });
});

it('says the state of every station in a word or two', function (): void {
    $none = Bodies::job();
    $none['repairs'] = [];
    expect(states(planned($none)))->toBe(['car' => 'no repair yet', 'colour' => 'no card yet', 'blend' => 'waits for a repair', 'cups' => 'waits for a plan', 'booth' => 'locked: no card', 'look-back' => 'after the job'])
        ->and(states(planned(Bodies::job()))['car'])->toBe('1 repair')
        ->and(states(planned(Bodies::job(change: ['colour' => ['finish' => 'metallic-dark']])))['blend'])->toBe('fits, 3 coats')
        ->and(states(planned(Bodies::job(change: ['plan' => ['wetBed' => 'off']])))['blend'])->toBe('stop and look')
        ->and(states(planned(Bodies::job(change: ['repairs' => [['shape' => ['kind' => 'new-part'], 'under' => ['kind' => 'new-primed-part']]]])))['blend'])->toBe('2 panels join')
        ->and(states(planned(Bodies::job()))['cups'])->toMatch('/^3 cups, \d+ ml$/');
});

it('takes every kind of ground, and seals what needs it', function (Under $under): void {
    $plan = planned(Bodies::job(change: ['repairs' => [['under' => ['kind' => $under->value]]]]));
    $sealed = in_array('sealer', array_map(fn ($c): string => $c->id, $plan->blend->coats), true);
    expect($sealed)->toBe(in_array($under, [Under::NewPrimedPart, Under::BareMetal, Under::BarePlastic, Under::ThermoplasticLacquer], true));
})->with(Under::cases());

it('carries colour along the side past a small panel to the one behind it', function (): void {
    // A light silver quarter repair in front of nothing but the door: the door joins, the wing does not.
    $body = (new Bodies())->bodyShape('marlo-tern');
    assert($body !== null);
    $box = $body->panel('quarter-left')->outline->box();
    $plan = planned(Bodies::job('quarter-left', 40, ['repairs' => [['shape' => ['xMm' => $box->x0 + 130, 'yMm' => ($box->y0 + $box->y1) / 2 + 10]]]]));
    expect(array_keys($plan->blend->panels))->toContain('quarter-left', 'rear-door-left')->not->toContain('front-door-left')
        ->and(count($plan->blend->panels['rear-door-left']->reach['control']->rings))->toBe(1);
});

it('mixes as much for the same job with thinner paint, with less base in it, and less reducer grade changes nothing in the cups', function (): void {
    $ml = fn (JobPlan $plan): float => $plan->cups[1]->total->value();
    $standard = planned(Bodies::job());
    $thin = planned(Bodies::job(change: ['plan' => ['ratios' => ['base-effect' => '1:2']]]));
    expect($ml($thin))->toBe($ml($standard))
        ->and($thin->cups[1]->pours[0]->ml)->toBeLessThan($standard->cups[1]->pours[0]->ml)
        ->and($ml(planned(Bodies::job(change: ['booth' => ['temperatureC' => 34]]))))->toBe($ml($standard))
        ->and(planned(Bodies::job(change: ['booth' => ['temperatureC' => 34]]))->reducer->value)->toBe('extra-slow')
        ->and($ml(planned(Bodies::job(change: ['plan' => ['remainderMl' => 140]]))) - $ml($standard))->toBe(100.0);
});
