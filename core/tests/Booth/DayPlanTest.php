<?php

declare(strict_types=1);

use Kalopsis\Booth\BestOrder;
use Kalopsis\Booth\Block;
use Kalopsis\Booth\BlockKind;
use Kalopsis\Booth\Car;
use Kalopsis\Booth\DayPlan;
use Kalopsis\Booth\Hours;
use Kalopsis\Booth\Shop;
use Kalopsis\Why\Phrase;

/** A car that is sprayed only: so many minutes in the booth, all of them with hands. */
function sprayed(string $id, float $minutes, ?float $due = null): Car
{
    return new Car($id, [new Block($id, BlockKind::Booth, $minutes, $minutes)], $due);
}

/** @param list<Car> $cars */
function dayOf(array $cars, float $now = 480.0, ?array $order = null): DayPlan
{
    $names = array_combine(
        array_map(fn (Car $c): string => $c->id, $cars),
        array_map(fn (Car $c): string => "Tern {$c->id}", $cars),
    );
    // Monday, 8:00 to 17:30.
    $shop = new Shop(['Booth 1'], ['Bram' => true], new Hours(480, 1050, [1, 2, 3, 4, 5], 1), $now);

    return new DayPlan($shop, $cars, $names, $order ?? BestOrder::carByCar($cars));
}

/** @return array<string, mixed> */
function dayShown(DayPlan $day): array
{
    return json_decode(json_encode($day, JSON_THROW_ON_ERROR), true, 512, JSON_THROW_ON_ERROR);
}

function dayPhrase(Phrase $phrase): string
{
    return json_decode(json_encode($phrase, JSON_THROW_ON_ERROR), true, 512, JSON_THROW_ON_ERROR)['plain'];
}

it('says of a late car what would cure it: being first, being first in part, or nothing (worked by hand)', function (): void {
    $cure = fn (array $cars): ?string => dayShown(dayOf($cars))['cars'][1]['cure']['plain'] ?? null;
    // b waits for a until 9:40 and is done at 10:40; due at 9:30, it would be done at 9:00 as the first.
    expect($cure([sprayed('a', 100.0), sprayed('b', 60.0, 570.0)]))
        ->toBe('late by 70 min: first in line it takes Booth 1 at 8:00 and is on time')
        // Due at 8:40 it is 20 min late even then.
        ->and($cure([sprayed('a', 100.0), sprayed('b', 60.0, 520.0)]))
        ->toBe('late by 120 min: first in line it would be 20 min')
        ->and($cure([sprayed('b', 10.0), sprayed('c', 60.0, 700.0)]))
        ->toBeNull();
    $alone = dayShown(dayOf([sprayed('a', 100.0, 500.0)]));
    expect($alone['cars'][0]['cure']['plain'])
        ->toBe('late by 80 min, first in line too: its own work and nights take so long')
        // Less than a minute late is on time to everybody.
        ->and(dayShown(dayOf([sprayed('a', 100.0, 579.5)]))['late'])
        ->toBe(0)
        ->and(dayShown(dayOf([sprayed('a', 100.0, 579.5)]))['cars'][0]['late'])
        ->toBeNull()
        ->and($alone['late'])
        ->toBe(1);
});

it('says what a booth holds, until when, and what comes next', function (): void {
    $says = fn (DayPlan $day): array => array_map(
        fn (array $b): array => [$b['busy'], $b['says']['plain']],
        dayShown($day)['booths'],
    );
    $pinned = fn (string $id, float $at): Car => new Car(
        $id,
        [new Block($id, BlockKind::Booth, 60.0, 60.0, $at, 'Booth 1')],
        null,
    );
    // Half a minute before midnight is said as the next day, never as 24:00.
    $late = new Car('a', [new Block('a', BlockKind::Booth, 959.7, 60.0)], null);
    expect($says(dayOf([$late])))
        ->toBe([[true, 'Tern a until 0:00 (+1 d)']])
        ->and($says(dayOf([$pinned('a', 470.0), $pinned('b', 700.0)])))
        ->toBe([[true, 'Tern a until 8:50']])
        // a is out by 8:50; of b and c, c comes first.
        ->and($says(dayOf([$pinned('a', 470.0), $pinned('b', 900.0), $pinned('c', 700.0)], 600.0)))
        ->toBe([[false, 'free, Tern c at 11:40']])
        ->and($says(dayOf([$pinned('a', 1440.0 + 500)])))
        ->toBe([[false, 'free today']]);
});

it('keeps an order somebody chose, puts what is new after it by due date, and never the booth before its prep', function (): void {
    $car = fn (string $id, ?float $due): Car => new Car(
        $id,
        [new Block($id, BlockKind::Prep, 30.0, 30.0), new Block($id, BlockKind::Booth, 60.0, 60.0)],
        $due,
    );
    $keys = fn (array $blocks): array => array_map(fn (Block $b): string => $b->key(), $blocks);
    $cars = [$car('a', 900.0), $car('b', null), $car('c', 600.0)];
    expect($keys(DayPlan::ordered($cars, ['b prep', 'b booth'])))
        ->toBe(['b prep', 'b booth', 'c prep', 'c booth', 'a prep', 'a booth'])
        ->and($keys(DayPlan::ordered($cars, [])))
        ->toBe(['c prep', 'c booth', 'a prep', 'a booth', 'b prep', 'b booth'])
        // The booth was chosen when there was no prep yet.
        ->and($keys(DayPlan::ordered([$car('a', null)], ['a booth'])))
        ->toBe(['a prep', 'a booth']);
});

it('says what a better day changes: who is on time, who waits for that, and when booths change hands', function (): void {
    // a takes 100 min and is due at 17:00; b takes 60 and is due at 9:00.
    $day = dayOf([sprayed('a', 100.0, 1020.0), sprayed('b', 60.0, 540.0)]);
    $better = $day->better();
    $says = array_map(dayPhrase(...), $day->explained($better));
    expect($better->keys())
        ->toBe(['b booth', 'a booth'])
        ->and($says)
        ->toBe([
            'Tern b: on time instead of 100 min late.',
            'Tern b: Booth 1 at 8:00, was Booth 1 at 9:40.',
            'Tern a: Booth 1 at 9:00, was Booth 1 at 8:00.',
        ])
        // As good as it gets already: the same day again, and it says so.
        ->and($better->better())
        ->toBe($better)
        ->and(dayPhrase($better->explained($better)[0]))
        ->toBe('Nobody is late as it is, and no order found keeps the booths busier.');
    $both = dayOf([sprayed('a', 100.0, 560.0), sprayed('b', 60.0, 540.0)]);
    // 20 and 100 min late; the other way round 0 and 80.
    $turned = array_map(dayPhrase(...), $both->explained($both->better()));
    expect($turned[0])
        ->toBe('Tern a waits for that: 80 min late instead of 20 min.')
        ->and($turned[1])
        ->toBe('Tern b: on time instead of 100 min late.');
});
