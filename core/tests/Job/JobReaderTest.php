<?php

declare(strict_types=1);

use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem;
use Kalopsis\Job\JobPlanner;
use Kalopsis\Job\JobReader;
use Kalopsis\Job\JobSpec;
use Kalopsis\Job\SprayedPlan;
use Kalopsis\Panel\Spot;
use Kalopsis\Tests\Support\Bodies;

function readJob(mixed $json): JobSpec
{
    return (new JobReader(new Bodies()))->read($json);
}

/** @return list<string> */
function faults(mixed $json): array
{
    try {
        readJob($json);

        return [];
    } catch (InvalidInput $bad) {
        return array_map(fn (Problem $p): string => "{$p->field} {$p->code}", $bad->problems);
    }
}

it('reads a job as it was entered', function (): void {
    $job = readJob(Bodies::job(change: ['plan' => ['ratios' => ['base-effect' => '+60 %'], 'remainderMl' => 55]]));
    expect($job->repairs[0]->shape)
        ->toBeInstanceOf(Spot::class)
        ->and($job->plan->ratios['base-effect']->text())
        ->toBe('+60 %')
        ->and($job->plan->remainderMl)
        ->toBe(55.0)
        ->and($job->body->name)
        ->toBe('Marlo Tern');
});

it('tells each fault at its field', function (array $change, string $fault): void {
    expect(faults(Bodies::job(change: $change)))->toContain($fault);
})->with([
    'no such body' => [['car' => ['bodyShape' => 'zeppelin']], 'car.bodyShape unknown'],
    'no such paint' => [['paintSystem' => 'gravy'], 'paintSystem unknown'],
    'no such panel' => [['repairs' => [['panel' => 'sunroof']]], 'repairs.0.panel unknown'],
    'outside its panel' => [['repairs' => [['shape' => ['xMm' => -4000]]]], 'repairs.0.shape.xMm outside'],
    'zero radius' => [['repairs' => [['shape' => ['radiusMm' => 0]]]], 'repairs.0.shape.radiusMm out-of-range'],
    'negative radius' => [['repairs' => [['shape' => ['radiusMm' => -60]]]], 'repairs.0.shape.radiusMm out-of-range'],
    'radius in words' => [['repairs' => [['shape' => ['radiusMm' => 'large']]]], 'repairs.0.shape.radiusMm not-a-number'],
    'crossing outline' => [
        ['repairs' => [['shape' => ['kind' => 'outline', 'points' => [[0, 0], [90, 90], [90, 0], [0, 90]]]]]],
        'repairs.0.shape.points crosses-itself',
    ],
    'tiny outline' => [
        ['repairs' => [['shape' => ['kind' => 'outline', 'points' => [[0, 0], [3, 0], [3, 3]]]]]],
        'repairs.0.shape.points too-small',
    ],
    'outline elsewhere' => [
        ['repairs' => [['shape' => ['kind' => 'outline', 'points' => [[-900, 0], [-800, 0], [-800, 90]]]]]],
        'repairs.0.shape.points outside',
    ],
    'points that are none' => [
        ['repairs' => [['shape' => ['kind' => 'outline', 'points' => [[0, 0], ['a', 0], [5, 5]]]]]],
        'repairs.0.shape.points.1 not-a-point',
    ],
    'unknown shape' => [['repairs' => [['shape' => ['kind' => 'banana']]]], 'repairs.0.shape.kind unknown'],
    'grey 9' => [['repairs' => [['under' => ['greyShade' => 9]]]], 'repairs.0.under.greyShade out-of-range'],
    'boiling booth' => [['booth' => ['temperatureC' => 95]], 'booth.temperatureC out-of-range'],
    'frozen booth' => [['booth' => ['temperatureC' => -10]], 'booth.temperatureC out-of-range'],
    'humidity' => [['booth' => ['humidityPercent' => 130]], 'booth.humidityPercent out-of-range'],
    'reach beyond the car' => [
        ['plan' => ['coats' => ['base-2' => ['reachMm' => 99999]]]],
        'plan.sequence.2.extent.reachMm out-of-range',
    ],
    'negative reach' => [
        ['plan' => ['coats' => ['base-2' => ['reachMm' => -1]]]],
        'plan.sequence.2.extent.reachMm out-of-range',
    ],
    'ratio' => [['plan' => ['ratios' => ['clear' => '4:0:x']]], 'plan.ratios.clear bad-ratio'],
    'ratio of the wrong size' => [['plan' => ['ratios' => ['clear' => '+10 %']]], 'plan.ratios.clear bad-ratio'],
    'product' => [['plan' => ['ratios' => ['glue' => '1:1']]], 'plan.ratios.glue unknown'],
    'finish' => [['colour' => ['finish' => 'matt-ish']], 'colour.finish unknown'],
    'school' => [['plan' => ['school' => 'of-rock']], 'plan.school unknown'],
    'reducer' => [['plan' => ['reducer' => 'thinner']], 'plan.reducer unknown'],
    'hiding film' => [['colour' => ['hidingUm' => 500]], 'colour.hidingUm out-of-range'],
    'flakes' => [['colour' => ['flakes' => ['coarse' => 7]]], 'colour.flakes.coarse out-of-range'],
    'certainty' => [['plan' => ['certainty' => 'maybe']], 'plan.certainty unknown'],
    'no steps' => [['plan' => ['sequence' => []]], 'plan.sequence missing'],
    'a step on no panel' => [
        [
            'plan' => [
                'sequence' => [
                    [
                        'id' => 'a',
                        'name' => 'A',
                        'kind' => 'base',
                        'where' => ['panels' => ['sunroof']],
                        'extent' => ['kind' => 'whole-panel'],
                    ],
                ],
            ],
        ],
        'plan.sequence unknown',
    ],
    'no name' => [['colour' => ['name' => '  ']], 'colour.name missing'],
    'broken text' => [['colour' => ['name' => "\xB1\x31"]], 'colour.name missing'],
]);

it('sprays with the reducer and the hiding film a painter set by hand', function (): void {
    $wait = function (array $change): float {
        $plan = json_decode((string) json_encode(Bodies::planned(Bodies::job(change: $change))), true);

        return $plan['coats'][1]['wait']['value'];
    };
    $hides = fn (?float $um): float => SprayedPlan::of(
        Bodies::planned(Bodies::job(change: ['colour' => ['hidingUm' => $um]])),
    )->outlook()->hiding->coats() ?? INF;
    expect($wait(['plan' => ['reducer' => 'extra-slow']]))
        ->toBeGreaterThan(2.0 * $wait(['plan' => ['reducer' => 'standard']]))
        ->and($hides(26.0))
        ->toBeGreaterThan(1.5 * $hides(13.0))
        ->and($hides(null))
        ->toBe($hides(13.0));
});

it('tells all faults at once', function (): void {
    expect(
        faults(
            Bodies::job(
                change: [
                    'booth' => ['temperatureC' => 95],
                    'colour' => ['finish' => 'x'],
                    'repairs' => [['shape' => ['radiusMm' => 0]]],
                ],
            ),
        ),
    )->toHaveCount(3);
});

it('survives any shape of input', function (mixed $json): void {
    expect(faults($json))->not->toBe([]);
})->with([
    null,
    1,
    'job',
    [[]],
    [[1, 2, 3]],
    [['car' => 7, 'colour' => [], 'booth' => 'cold', 'repairs' => 'two', 'plan' => [[]]]],
    [['car' => ['label' => [[]], 'bodyShape' => ['x']]]],
    [['repairs' => [[[]], 3, null], 'car' => ['bodyShape' => 'marlo-tern', 'label' => 'x']]],
]);

it('refuses two repairs with one id and more repairs than a car has', function (): void {
    $job = Bodies::job();
    $job['repairs'][] = $job['repairs'][0];
    expect(faults($job))->toContain('repairs.1.id twice');
    $job['repairs'] = array_fill(0, 21, $job['repairs'][0]);
    expect(faults($job))->toContain('repairs too-many');
});

it('plans into JSON that carries a reason with every figure', function (): void {
    $json = json_decode((string) json_encode((new JobPlanner())->plan(readJob(Bodies::job()))), true);
    $figures = 0;
    $walk = function (mixed $node, string $at) use (&$walk, &$figures): void {
        if (! is_array($node)) {
            return;
        }
        if (isset($node['reasons'])) {
            $figures++;
            foreach ($node['reasons'] as $reason) {
                expect($reason['rule']['plain'])->not->toBe('', $at)->and($reason['citation'])->not->toBe('', $at);
                expect($reason['rule']['plain'])->not->toContain('{');
            }
        }
        foreach ($node as $key => $child) {
            $walk($child, "{$at}.{$key}");
        }
    };
    $walk($json, 'plan');
    expect($figures)
        ->toBeGreaterThan(20)
        ->and($json['remainder']['value'])
        ->toEqual(40)
        ->and($json['zones'][0]['area']['reasons'])
        ->toHaveCount(1)
        ->and(array_column($json['stations'], 'id'))
        ->toBe(['car', 'colour', 'blend', 'cups', 'booth', 'look-back']);
});

it('puts cautions where the work meets them', function (): void {
    $plan = json_decode((string) json_encode((new JobPlanner())->plan(readJob(Bodies::job()))), true);
    $at = array_map(fn (array $c): string => "{$c['id']} {$c['where']}", $plan['cautions']);
    expect($at)
        ->toContain(
            'isocyanates coat:clear-1',
            'isocyanates product:clear',
            'vapours coat:base-1',
            'sanding-fresh zone:repair',
            'wipes zone:clear',
            'bake-limits booth',
        )
        ->and($at)
        ->not->toContain('isocyanates coat:base-1')
        ->and($plan['always'])
        ->toContain('data sheet');
    $water = json_decode(
        (string) json_encode((new JobPlanner())->plan(readJob(Bodies::job(change: ['paintSystem' => 'northlight-w'])))),
        true,
    );
    expect(array_map(fn (array $c): string => "{$c['id']} {$c['where']}", $water['cautions']))->toContain(
        'trapped-water coat:clear-1',
    );
    foreach (Kalopsis\Caution\Caution::cases() as $caution) {
        expect($caution->says())->not->toMatch('/\bis safe\b|\bare safe\b/i');
    }
});

it('refuses a coat of another paint system: a build-up stays in one (common practice)', function (): void {
    $step = ['id' => 'b', 'name' => 'Base', 'kind' => 'base', 'extent' => ['kind' => 'whole-panel']];
    $with = fn (string $system): array => faults(
        Bodies::job(change: ['plan' => ['sequence' => [[...$step, 'paintSystem' => $system]]]]),
    );
    expect($with('northlight-w'))
        ->toBe(['plan.sequence.0.paintSystem mixed-systems'])
        ->and($with('northlight-s'))
        ->toBe([]);
});
