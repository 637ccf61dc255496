<?php

declare(strict_types=1);

use Kalopsis\Booth\Network;
use Kalopsis\Booth\OnePainter;
use Kalopsis\Booth\Place;
use Kalopsis\Booth\Task;
use Kalopsis\Why\Phrase;

/** @param list<string> $after */
function taskOf(string $id, float $minutes, array $after = [], bool $hands = true): Task
{
    return new Task($id, Phrase::of($id), $minutes, $hands, Place::Bay, $after);
}

/** @param array<string, array{float, string}> $rows minutes and what comes before, a letter each */
function networkOf(array $rows): Network
{
    $tasks = [];
    foreach ($rows as $id => [$minutes, $after]) {
        $tasks[] = taskOf($id, $minutes, $after === '' ? [] : str_split($after));
    }

    return new Network($tasks);
}

it('finds the critical path of a textbook project (Hillier and Lieberman, Introduction to Operations Research, Reliable Construction)', function (): void {
    // From memory: 14 activities, 44 weeks, A-B-C-E-F-J-L-N; slack 4 for D, G, H and M, 2 for I, 1 for K.
    $network = networkOf([
        'A' => [2.0, ''], 'B' => [4.0, 'A'], 'C' => [10.0, 'B'], 'D' => [6.0, 'C'], 'E' => [4.0, 'C'], 'F' => [5.0, 'E'],
        'G' => [7.0, 'D'], 'H' => [9.0, 'EG'], 'I' => [7.0, 'C'], 'J' => [8.0, 'FI'], 'K' => [4.0, 'J'], 'L' => [5.0, 'J'],
        'M' => [2.0, 'H'], 'N' => [6.0, 'KL'],
    ]);
    expect($network->length)
        ->toBe(44.0)
        ->and($network->criticalPath())
        ->toBe(['A', 'B', 'C', 'E', 'F', 'J', 'L', 'N'])
        ->and(array_map($network->slack(...), ['D', 'G', 'H', 'M', 'I', 'K']))
        ->toBe([4.0, 4.0, 4.0, 4.0, 2.0, 1.0])
        ->and([$network->earliest['H'], $network->latest['H']])
        ->toBe([29.0, 33.0]);
});

it('takes tasks in any order, and says what waits for itself or is not there', function (): void {
    expect((new Network([taskOf('b', 2.0, ['a']), taskOf('a', 3.0)]))->earliest['b'])
        ->toBe(3.0)
        ->and(fn () => new Network([taskOf('a', 1.0, ['b']), taskOf('b', 1.0, ['a'])]))
        ->toThrow(DomainException::class, 'wait for each other')
        ->and(fn () => new Network([taskOf('a', 1.0, ['x'])]))
        ->toThrow(DomainException::class, 'not there')
        ->and(fn () => new Network([taskOf('a', 1.0), taskOf('a', 2.0)]))
        ->toThrow(DomainException::class, 'Two tasks');
});

/** The shortest any order of the hands-on tasks can be, by trying all of them. */
function shortestByTrying(Network $network): float
{
    $hands = array_keys(array_filter($network->tasks, fn (Task $t): bool => $t->hands));
    $best = INF;
    $try = function (array $order, array $rest) use (&$try, &$best, $network): void {
        if ($rest === []) {
            // Simulated minute by minute: whoever's turn it is begins as soon as everything before it is over.
            $end = [];
            $left = $order;
            for ($now = 0, $free = 0.0; count($end) < count($network->tasks) && $now < 500; $now++) {
                do {
                    $moved = false;
                    foreach ($network->tasks as $id => $task) {
                        $waits = array_filter($task->after, fn (string $b): bool => ($end[$b] ?? INF) > $now);
                        $ready = ! isset($end[$id]) && $waits === [];
                        if ($ready && (! $task->hands || (($left[0] ?? '') === $id && $free <= $now))) {
                            $end[$id] = $now + $task->minutes;
                            if ($task->hands) {
                                array_shift($left);
                                $free = $end[$id];
                            }
                            $moved = true;
                        }
                    }
                } while ($moved);
            }
            $best = count($end) === count($network->tasks) ? min($best, max($end)) : $best;

            return;
        }
        foreach ($rest as $i => $id) {
            $others = $rest;
            unset($others[$i]);
            $try([...$order, $id], $others);
        }
    };
    $try([], $hands);

    return $best;
}

it('lays work out for one pair of hands as short as any order can be (every order tried, 60 random networks)', function (): void {
    mt_srand(5);
    for ($n = 0; $n < 60; $n++) {
        $tasks = [];
        for ($i = 0; $i < 7; $i++) {
            $after = [];
            for ($j = 0; $j < $i; $j++) {
                if (mt_rand(0, 3) === 0) {
                    $after[] = "t{$j}";
                }
            }
            $tasks[] = taskOf("t{$i}", (float) mt_rand(1, 9), $after, mt_rand(0, 9) < 6);
        }
        $network = new Network($tasks);
        $one = OnePainter::of($network);
        expect($one->length)->toEqualWithDelta(shortestByTrying($network), 1e-9, "network {$n}");
        foreach ($network->tasks as $id => $task) {
            foreach ($task->after as $before) {
                expect($one->start[$id])->toBeGreaterThanOrEqual($one->end($before) - 1e-9);
            }
        }
    }
});

it('gets something going by itself first where that costs nothing', function (): void {
    $one = OnePainter::of(new Network([
        taskOf('prep', 30.0),
        taskOf('card', 10.0),
        taskOf('dries', 20.0, ['card'], false),
        taskOf('booth', 10.0, ['prep', 'dries']),
    ]));
    expect($one->start['card'])
        ->toBe(0.0)
        ->and($one->length)
        ->toBe(50.0)
        ->and($one->during('dries'))
        ->toBe(['prep'])
        ->and($one->handsOn)
        ->toBe(50.0);
});
