<?php

declare(strict_types=1);

use Kalopsis\Booth\Strip;
use Kalopsis\Booth\WetEdge;

/** @return list<Strip> */
function strips(float ...$minutes): array
{
    $out = [];
    foreach ($minutes as $i => $m) {
        $out[] = new Strip(chr(97 + $i), chr(65 + $i), $m);
    }

    return $out;
}

const ROUND = [['a', 'b'], ['b', 'c'], ['c', 'd'], ['d', 'a']];

it('ages an edge by everything that is sprayed until the panel beside it is done (worked by hand)', function (): void {
    $edge = WetEdge::walked(strips(2.0, 3.0, 4.0, 5.0), ROUND, 10.0);
    // a ends at 2, b at 5, c at 9, d at 14; the first edge is met again by d.
    expect($edge->ages())
        ->toBe([['a', 'b', 3.0], ['b', 'c', 4.0], ['c', 'd', 5.0], ['a', 'd', 12.0]])
        ->and($edge->oldestMin())
        ->toBe(12.0)
        ->and($edge->roundMin())
        ->toBe(14.0)
        ->and($edge->holds())
        ->toBeFalse()
        ->and($edge->withTwo()->holds())
        ->toBeTrue();
});

it('walks around a car so that no edge gets older than it must', function (): void {
    // From a both ways in turn: a, d, b, c leaves 5+3=8 at most, straight around 12.
    $best = WetEdge::best(strips(2.0, 3.0, 4.0, 5.0), ROUND, 10.0);
    expect($best->oldestMin())->toBeLessThan(12.0);
    $least = INF;
    $all = function (array $order, array $rest) use (&$all, &$least): void {
        if ($rest === []) {
            $ends = [];
            $at = 0.0;
            foreach ($order as $s) {
                $ends[$s->id] = $at += $s->minutes;
            }
            $least = min($least, max(array_map(fn (array $s): float => abs($ends[$s[0]] - $ends[$s[1]]), ROUND)));
        }
        foreach ($rest as $i => $s) {
            $left = $rest;
            unset($left[$i]);
            $all([...$order, $s], $left);
        }
    };
    $all([], strips(2.0, 3.0, 4.0, 5.0));
    expect($best->oldestMin())->toBe($least);
});

it('needs nothing where no two panels meet, and says how many hold in one go', function (): void {
    expect(WetEdge::best(strips(9.0, 9.0), [], 1.0)->holds())
        ->toBeTrue()
        ->and(WetEdge::walked(strips(4.0, 4.0, 4.0, 4.0), [['a', 'b'], ['b', 'c'], ['c', 'd']], 5.0)->panelsThatHold())
        ->toBe(4)
        ->and(WetEdge::walked(strips(4.0, 6.0, 6.0, 4.0), [['a', 'b'], ['b', 'c'], ['c', 'd']], 5.0)->panelsThatHold())
        ->toBe(2);
});
