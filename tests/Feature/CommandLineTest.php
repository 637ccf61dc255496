<?php

declare(strict_types=1);

use Kalopsis\Tests\Support\Bodies;
use Kalopsis\Tests\Support\Colours;

/**
 * @param array<array-key, mixed>|string $input
 * @return array{int, array<array-key, mixed>|null, string}
 */
function kalopsis(string $command, array|string $input): array
{
    $process = proc_open(
        [PHP_BINARY, base_path('bin/kalopsis'), $command],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    assert(is_resource($process));
    fwrite($pipes[0], is_string($input) ? $input : (string) json_encode($input));
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    $error = (string) stream_get_contents($pipes[2]);

    return [proc_close($process), json_decode($out, true), $error];
}

it('simulates a job without the web: films, hiding, flash, flakes, differences and visibility', function (): void {
    [$status, $naive] = kalopsis('simulate', Bodies::job('bonnet', change: ['plan' => ['wetBed' => 'off']]));
    expect($status)
        ->toBe(0)
        ->and($naive['table'])
        ->toHaveCount(5)
        ->and($naive['table'][0]['indices'])
        ->toHaveCount(7)
        ->and($naive['coats'][0])
        ->toHaveKeys(['dry', 'volatile', 'flash']);
    [, $walk] = kalopsis('walk', Bodies::job('bonnet'));
    expect($walk['tables'])->toHaveCount(1)->and($walk['tables'][0]['light'])->toHaveCount(count($walk['angles']));
    [, $bedded] = kalopsis('simulate', Bodies::job('bonnet'));
    $fringe = fn (array $of): float => array_column($of['parts'], 'index', 'part')['fringe'];
    expect($fringe($bedded))->toBeLessThan($fringe($naive));
});

it('takes readings that come with a job', function (): void {
    $reading = fn (float $dL): array => json_decode((string) json_encode(Colours::silver($dL)), true);
    [$status, $near] = kalopsis('simulate', [
        ...Bodies::job('bonnet'),
        'readings' => ['car' => $reading(0.0), 'card' => $reading(0.3)],
    ]);
    [, $far] = kalopsis('simulate', [
        ...Bodies::job('bonnet'),
        'readings' => ['car' => $reading(0.0), 'card' => $reading(5.0)],
    ]);
    expect($status)->toBe(0)->and($near['measured'])->toBeTrue()->and($far['index'])->toBeGreaterThan($near['index']);
    [$status, $bad] = kalopsis('simulate', [
        ...Bodies::job('bonnet'),
        'readings' => ['car' => ['geometry' => '45/0', 'viewing' => 'moonlight', 'labs' => []]],
    ]);
    expect($status)->toBe(1)->and($bad['errors'][0]['field'])->toBe('readings.car.viewing');
});

it('prints the sequence with the one sentence, and the parts', function (): void {
    $process = proc_open(
        [PHP_BINARY, base_path('bin/kalopsis'), 'sequence'],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    assert(is_resource($process));
    fwrite($pipes[0], (string) json_encode(Bodies::job()));
    fclose($pipes[0]);
    $out = (string) stream_get_contents($pipes[1]);
    expect(proc_close($process))
        ->toBe(0)
        ->and($out)
        ->toStartWith('Needs ')
        ->toContain('Control coat')
        ->toContain('a dry fringe')
        ->and($out)
        ->toContain(Bodies::planned(Bodies::job())->blend->verdict->in(Kalopsis\Units\UnitSystem::Metric));
});

it('cuts a job along a line, and wants both ends', function (): void {
    $at = Bodies::shipped('marlo-tern')->panel('bonnet')->outline->centroid();
    [$status, $cut] = kalopsis('cut', [
        ...Bodies::job('bonnet'),
        'cut' => ['from' => [$at->x, $at->y], 'to' => [$at->x + 400, $at->y]],
    ]);
    expect($status)
        ->toBe(0)
        ->and($cut['lengthMm'])
        ->toEqual(400)
        ->and($cut['mm'][0])
        ->toBeLessThan(0)
        ->and(count($cut['films'][0]))
        ->toBe(count($cut['mm']));
    [$status, $bad] = kalopsis('cut', [
        ...Bodies::job('bonnet'),
        'cut' => ['from' => [$at->x, $at->y], 'to' => [$at->x + 400, $at->y], 'distanceM' => 400],
    ]);
    expect($status)->toBe(1)->and($bad['errors'][0]['field'])->toBe('cut.distanceM');
    [$status, $bad] = kalopsis('cut', Bodies::job('bonnet'));
    expect($status)->toBe(1)->and($bad['errors'][0]['field'])->toStartWith('cut.ends');
});

it('computes differences of pairs, and refuses what is no colour', function (): void {
    [$status, $found] = kalopsis('differences', ['pairs' => [[50, 2.6772, -79.7751, 50, 0, -82.7485]]]);
    // Sharma, Wu and Dalal 2005, first pair.
    expect($status)->toBe(0)->and($found[0]['ciede2000'])->toEqualWithDelta(2.0425, 0.0001);
    expect(kalopsis('differences', ['pairs' => [[1, 2, 3]]])[0])
        ->toBe(1)
        ->and(kalopsis('differences', ['pairs' => [[900, 0, 0, 1, 1, 1]]])[1]['errors'][0]['code'])
        ->toBe('no-colour');
});

it('says how it is used, and what it was given that is no JSON', function (): void {
    [$status, , $error] = kalopsis('paint', '{}');
    expect($status)->toBe(2)->and($error)->toContain('Usage: bin/kalopsis');
    expect(kalopsis('simulate', 'not json')[0])->toBe(1)->and(kalopsis('cut', '[]')[0])->toBe(1);
});

it('prints the run of a job and the day of a shop without the web', function (): void {
    [$status, $run] = kalopsis('run', Bodies::job('bonnet'));
    expect($status)
        ->toBe(0)
        ->and($run['steps'][0]['id'])
        ->toBe('ready')
        ->and(array_column($run['steps'], 'earliest'))
        ->toHaveCount(count($run['steps']));
    $day = [
        'at' => '2026-11-30T08:00',
        'booths' => ['Booth 1'],
        'people' => ['Bram' => true],
        'hours' => ['opens' => 480, 'closes' => 1050, 'days' => [1, 2, 3, 4, 5]],
        'jobs' => [Bodies::job('bonnet', change: ['car' => ['due' => '2026-11-30T16:00']])],
    ];
    [$status, $plan] = kalopsis('day', $day);
    expect($status)
        ->toBe(0)
        ->and($plan['day']['cars'][0]['blocks'][0])
        ->toMatchArray(['kind' => 'card', 'start' => 480, 'person' => 'Bram'])
        ->and($plan['day']['cars'][0]['due'])
        ->toBe(960);
    [$status, $best] = kalopsis('day', [...$day, 'best' => true]);
    expect($status)->toBe(0)->and($best['explains'])->not->toBe([]);
});

it('prints cups, a flow cup read and the VOC of a mix without the web', function (): void {
    [$status, $cups] = kalopsis('cups', Bodies::job('bonnet'));
    expect($status)
        ->toBe(0)
        ->and(array_column($cups['cups'], 'id'))
        ->toContain('base-effect', 'clear', 'clear-2')
        ->and($cups['reducer']['advised']['key'])
        ->not->toBe('');
    [$status, $read] = kalopsis('viscosity', ['cup' => 'iso-4', 'seconds' => 100, 'celsius' => 20]);
    // ISO 2431: 135 mm2/s at 100 s.
    expect($status)->toBe(0)->and($read['mm2PerS'])->toEqualWithDelta(135.0, 0.05);
    [$status, $voc] = kalopsis('voc', ['paintSystem' => 'northlight-s', 'role' => 'base-effect', 'ratio' => '1:1']);
    // 0.86 l of solvent in a litre, at 0.87 kg/l: worked by hand.
    expect($status)->toBe(0)->and($voc['lessWaterGPerL'])->toEqualWithDelta(748.2, 0.05);
});

it('tells faults of the mixing bench at their fields', function (string $command, array $input, string $field): void {
    [$status, $answer] = kalopsis($command, $input);
    expect($status)->toBe(1)->and(array_column($answer['errors'], 'field'))->toContain($field);
})->with([
    ['viscosity', ['cup' => 'din-4', 'seconds' => -1, 'celsius' => 20], 'seconds'],
    ['voc', ['paintSystem' => 'nobody', 'role' => 'clear'], 'paintSystem'],
    ['voc', ['paintSystem' => 'northlight-s', 'role' => 'clear', 'ratio' => '4:0:x'], 'ratio'],
    ['voc', ['measured' => ['densityGPerL' => 3000, 'volatiles' => 0.9, 'water' => 0.8]], 'measured'],
    ['cups', ['plan' => 7], 'car.label'],
    ['run', ['plan' => 7], 'car.label'],
    ['day', ['jobs' => 'all'], 'at'],
]);

it('ranks causes of what a record tells, and calibrates from tests, without the web', function (): void {
    [$status, $causes] = kalopsis('causes', [
        ...Bodies::job('bonnet', change: ['plan' => ['school' => 'no-wet-bed']]),
        'findings' => [['defect' => 'halo', 'light' => 'shade', 'distanceM' => 2]],
    ]);
    // No bed in a light silver: that is the trade's first suspect for a ring (common practice).
    expect($status)->toBe(0)->and($causes[0]['causes'][0]['key'])->toBe('no-bed');
    [$status, $bad] = kalopsis('causes', [...Bodies::job('bonnet'), 'findings' => [['defect' => 3]]]);
    expect($status)->toBe(1)->and($bad['errors'][0]['field'])->toStartWith('findings.0');

    $flash = fn (float $minutes): array => [
        'kind' => 'flash-time',
        'on' => '2026-11-12',
        'finish' => 'metallic-light',
        'paintSystem' => 'northlight-s',
        'reducer' => 'standard',
        'temperatureC' => 22,
        'humidityPercent' => 50,
        'minutes' => $minutes,
    ];
    [$status, $found] = kalopsis('calibrate', ['tests' => [$flash(5.0), $flash(5.2)]]);
    expect($status)->toBe(0)->and($found['calibration']['flash']['tests'])->toHaveCount(2);
    // What it prints goes into a job as it is.
    $waits = fn (array $job): array => array_column(kalopsis('simulate', $job)[1]['coats'], 'flash');
    $usual = $waits(Bodies::job('bonnet'));
    $tested = $waits([...Bodies::job('bonnet'), 'calibration' => $found['calibration']]);
    expect($tested[0]['value'] ?? $tested[0])->not->toEqual($usual[0]['value'] ?? $usual[0]);
    [$status, $bad] = kalopsis('calibrate', ['tests' => [['kind' => 'taste']]]);
    expect($status)->toBe(1)->and($bad['errors'][0]['field'])->toBe('tests.0.kind');
});
