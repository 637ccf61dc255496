<?php

declare(strict_types=1);

use Kalopsis\Booth\Record;
use Kalopsis\Booth\Replay;
use Kalopsis\Booth\Run;
use Kalopsis\Booth\RunEvent;
use Kalopsis\Booth\RunStep;

/** @return array{run: array<string, mixed>, zeroMs: int, cases: list<array<string, mixed>>} */
function runCases(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__) . '/fixtures/runs.json'), true);
}

/** @return list<RunEvent> */
function runEvents(array $case): array
{
    return array_map(
        fn (array $e): RunEvent => new RunEvent($e['key'], $e['kind'], $e['occurredMs'], $e['device'], $e['seq'], $e['body'], $e['by']),
        $case['events'],
    );
}

function caseNamed(string $name): array
{
    foreach (runCases()['cases'] as $case) {
        if ($case['name'] === $name) {
            return $case;
        }
    }

    throw new RuntimeException($name);
}

it('stands where it should after what happened (worked by hand, shared with the browser)', function (string $name): void {
    $file = runCases();
    $case = caseNamed($name);
    $replay = Replay::of(Run::kept($file['run']), runEvents($case));
    expect($replay->at)->toBe($case['expect']['at'])->and($replay->step()?->id)->toBe($case['expect']['step']);
    if (isset($case['expect']['steps'])) {
        expect(array_map(fn (RunStep $s): string => $s->id, $replay->steps))->toBe($case['expect']['steps']);
    }
    foreach ($case['expect']['left'] as [$minute, $left]) {
        $nowMs = $file['zeroMs'] + (int) round($minute * 60_000);
        expect($replay->leftMin($nowMs))->toEqualWithDelta($left, 1e-6, "at {$minute} min");
    }
})->with(array_column(runCases()['cases'], 'name'));

it('comes to the same record in any order of arrival and however often an event is sent', function (string $name): void {
    $run = Run::kept(runCases()['run']);
    $events = runEvents(caseNamed($name));
    $told = fn (array $list): string => (string) json_encode(new Record($run, Replay::of($run, $list)));
    $straight = $told($events);
    mt_srand(11);
    for ($i = 0; $i < 40; $i++) {
        $many = [...$events];
        foreach ($events as $event) {
            if (mt_rand(0, 2) === 0) {
                $many[] = $event;
            }
        }
        shuffle($many);
        expect($told($many))->toBe($straight);
    }
})->with(array_column(runCases()['cases'], 'name'));

it('puts a repeated coat in with its gun and cup, and says beside it what to do otherwise', function (): void {
    $run = Run::kept([
        ...runCases()['run'],
        'steps' => [
            ['id' => 'base-1', 'kind' => 'coat', 'minutes' => 2, 'waitMin' => null, 'movement' => null, 'cup' => ['id' => 'c'], 'says' => ['wet']],
            ['id' => 'clear-1', 'kind' => 'coat', 'minutes' => 2, 'waitMin' => 9, 'movement' => 'booth'],
        ],
        'remedies' => ['thin' => ['coat' => [
            ['id' => '', 'kind' => 'coat', 'minutes' => 0, 'waitMin' => null, 'movement' => null, 'repeats' => true, 'says' => ['slower']],
        ]]],
    ]);
    $replay = Replay::of($run, [
        new RunEvent('a', 'done', 60_000, 't', 1, ['step' => 'base-1']),
        new RunEvent('b', 'wrong', 90_000, 't', 2, ['defect' => 'thin', 'remedy' => 'coat']),
    ]);
    $again = $replay->step();
    expect($again?->shown['cup'])
        ->toBe(['id' => 'c'])
        ->and($again?->shown['says'])
        ->toBe(['slower', 'wet'])
        ->and($again?->minutes)
        ->toBe(2.0)
        ->and($replay->steps[2]->id)
        ->toBe('clear-1');
});

it('tells in its record what was waited and what it took, beside the plan', function (): void {
    $run = Run::kept(runCases()['run']);
    $record = (new Record($run, Replay::of($run, runEvents(caseNamed('all of it')))))->jsonSerialize();
    $lines = array_column($record['lines'], null, 'step');
    expect($record['finished'])
        ->toBeTrue()
        ->and($record['minutes'])
        ->toBe(63.0)
        // On at 7, the next begun at 18: 11 min waited of 10; sprayed in 2.
        ->and($lines['base-2']['waited'])
        ->toBe(11.0)
        ->and($lines['base-2']['minutes'])
        ->toBe(2.0)
        // From the coat at 20, not from the card at 30.
        ->and($lines['clear-1']['waited'])
        ->toBe(16.0)
        ->and($lines['bake']['waited'])
        ->toBe(10.0)
        ->and($lines['card']['answer'])
        ->toBe('matches');
});

it('keeps what was put in apart from what was planned', function (): void {
    $run = Run::kept(runCases()['run']);
    $case = caseNamed('streaks: dry 25 min, sand, the coat once more, then on');
    $lines = (new Record($run, Replay::of($run, runEvents($case))))->lines();
    expect(array_column(array_filter($lines, fn (array $l): bool => $l['put']), 'kind'))->toBe(['wait', 'sand', 'coat']);
});
