<?php

declare(strict_types=1);

use Kalopsis\Booth\BestOrder;
use Kalopsis\Booth\Block;
use Kalopsis\Booth\BlockKind;
use Kalopsis\Booth\Calendar;
use Kalopsis\Booth\Car;
use Kalopsis\Booth\Hours;
use Kalopsis\Booth\Placed;
use Kalopsis\Booth\Schedule;
use Kalopsis\Booth\Shop;

/** @param array<string, array{float, float, float, float, float}> $minutes card, dries, prep, booth, finish by car */
function carsOf(array $minutes, array $due = [], array $pins = []): array
{
    $cars = [];
    foreach ($minutes as $id => [$card, $dries, $prep, $booth, $finish]) {
        $blocks = [];
        foreach (
            [
                [BlockKind::Card, $card, $card],
                [BlockKind::Dries, $dries, 0.0],
                [BlockKind::Prep, $prep, $prep],
                [BlockKind::Booth, $booth, $booth / 2],
                [BlockKind::Finish, $finish, $finish],
            ] as [$kind, $all, $hands]
        ) {
            if ($all > 0.0) {
                [$at, $in] = $pins["{$id} {$kind->value}"] ?? [null, null];
                $blocks[] = new Block($id, $kind, $all, $hands, $at, $in);
            }
        }
        $cars[] = new Car($id, $blocks, $due[$id] ?? null);
    }

    return $cars;
}

function shopOf(int $booths = 1, array $people = ['Bram' => true], float $now = 480.0): Shop
{
    $names = array_map(fn (int $i): string => "Booth {$i}", range(1, $booths));

    return new Shop($names, $people, new Hours(480, 1050, [1, 2, 3, 4, 5], 1), $now);
}

it('works when the shop works: hours, nights and Sundays (worked by hand)', function (): void {
    // Monday is the day that is counted from; 8:00 to 17:30.
    $hours = new Hours(480, 1050, [1, 2, 3, 4, 5], 1);
    expect($hours->open(100.0))
        ->toBe(480.0)
        ->and($hours->open(1050.0))
        ->toBe(1440.0 + 480)
        // From Friday night to Monday morning.
        ->and($hours->open(4 * 1440.0 + 1100))
        ->toBe(7 * 1440.0 + 480)
        ->and($hours->fitting(1000.0, 60.0))
        ->toBe(1440.0 + 480)
        ->and($hours->fitting(990.0, 60.0))
        ->toBe(990.0)
        ->and($hours->fitting(500.0, 900.0))
        ->toBe(1440.0 + 480)
        ->and($hours->workedUntil(1000.0, 60.0))
        ->toBe(1440.0 + 490)
        ->and($hours->openBetween(1000.0, 1440.0 + 500))
        ->toBe(70.0)
        ->and($hours->isOpen(1050.0))
        ->toBeFalse()
        ->and($hours->isOpen(5 * 1440.0 + 600))
        ->toBeFalse()
        ->and($hours->isOpen(479.0))
        ->toBeFalse()
        ->and($hours->isOpen(480.0))
        ->toBeTrue()
        // Friday from 17:20, over the week-end, to Monday 8:30; and a night alone.
        ->and($hours->openBetween(4 * 1440.0 + 1040, 7 * 1440.0 + 510))
        ->toBe(40.0)
        ->and($hours->openBetween(1060.0, 1200.0))
        ->toBe(0.0);
});

it('lays one car out: card, then prep while it dries, then the booth (worked by hand)', function (): void {
    $cars = carsOf(['a' => [30.0, 40.0, 60.0, 80.0, 20.0]]);
    $placed = Schedule::of(shopOf(), $cars, BestOrder::carByCar($cars))->placed;
    $times = array_map(fn (Placed $p): array => [$p->start, $p->end], $placed);
    expect($times)->toBe([
        'a card' => [480.0, 510.0],
        'a dries' => [510.0, 550.0],
        'a prep' => [510.0, 570.0],
        'a booth' => [570.0, 650.0],
        'a finish' => [650.0, 670.0],
    ]);
});

it('lets nobody be in two places, no booth hold two cars, and nothing come before what it waits for (200 random days)', function (): void {
    mt_srand(3);
    for ($n = 0; $n < 200; $n++) {
        $rows = [];
        for ($i = 0; $i < 5; $i++) {
            $tens = fn (int $from, int $to): float => mt_rand($from, $to) * 10.0;
            $rows["c{$i}"] = [$tens(1, 6), $tens(0, 5), $tens(1, 20), $tens(3, 20), $tens(0, 6)];
        }
        $cars = carsOf($rows, ['c0' => 700.0, 'c1' => 900.0]);
        $shop = shopOf(2, ['Bram' => true, 'Petra' => true, 'Wren' => false], 480.0 + mt_rand(0, 500));
        $order = $cars;
        shuffle($order);
        $placed = array_values(Schedule::of($shop, $cars, BestOrder::carByCar($order))->placed);
        foreach ($placed as $i => $one) {
            expect($one->start)->toBeGreaterThanOrEqual($shop->now);
            if ($one->block->kind->takesPainter()) {
                expect($one->person)->not->toBe('Wren');
            }
            if ($one->block->handsMin > 0.0) {
                expect($shop->hours->isOpen($one->start))->toBeTrue();
            }
            foreach ($placed as $j => $other) {
                if ($i < $j && $one->person !== null && $one->person === $other->person) {
                    expect($one->handsEnd <= $other->start + 1e-6 || $other->handsEnd <= $one->start + 1e-6)->toBeTrue();
                }
                if ($i < $j && $one->booth !== null && $one->booth === $other->booth) {
                    expect($one->end <= $other->start + 1e-6 || $other->end <= $one->start + 1e-6)->toBeTrue();
                }
                if ($one->block->car === $other->block->car && in_array($one->block->kind, $other->block->kind->after(), true)) {
                    expect($other->start)->toBeGreaterThanOrEqual($one->end - 1e-6);
                }
            }
        }
    }
});

/**
 * The least lateness any day can have, by trying start times on a grid: an independent way to the same answer.
 *
 * @param list<Car> $cars each with booth and finish only, one booth, one pair of hands
 */
function leastLateness(array $cars, int $now): float
{
    $best = INF;
    $blocks = BestOrder::carByCar($cars);
    $try = function (int $i, array $hands, array $booth, array $end, float $late) use (
        &$try,
        &$best,
        $blocks,
        $cars,
        $now,
    ): void {
        if ($late >= $best) {
            return;
        }
        if ($i === count($blocks)) {
            $best = $late;

            return;
        }
        $block = $blocks[$i];
        $from = max($now, (int) ($end[$block->car] ?? $now));
        for ($at = $from; $at < $now + 26; $at++) {
            $handsTo = $at + $block->handsMin;
            $to = $at + $block->minutes;
            foreach ($hands as [$a, $b]) {
                if ($at < $b && $a < $handsTo) {
                    continue 2;
                }
            }
            if ($block->kind === BlockKind::Booth) {
                foreach ($booth as [$a, $b]) {
                    if ($at < $b && $a < $to) {
                        continue 2;
                    }
                }
            }
            $last = $i === count($blocks) - 1 || $blocks[$i + 1]->car !== $block->car;
            $due = null;
            foreach ($cars as $car) {
                $due = $car->id === $block->car ? $car->due : $due;
            }
            $try(
                $i + 1,
                [...$hands, [$at, $handsTo]],
                $block->kind === BlockKind::Booth ? [...$booth, [$at, $to]] : $booth,
                [...$end, $block->car => $to],
                $late + ($last && $due !== null ? max(0.0, $to - $due) : 0.0),
            );
        }
    };
    $try(0, [], [], [], 0.0);

    return $best;
}

it('finds the least late day (all start times tried, 40 random small shops)', function (): void {
    mt_srand(17);
    $worse = 0;
    for ($n = 0; $n < 40; $n++) {
        $rows = $due = [];
        for ($i = 0; $i < 3; $i++) {
            $rows["c{$i}"] = [0.0, 0.0, 0.0, mt_rand(1, 3) * 2.0, (float) mt_rand(1, 3)];
            $due["c{$i}"] = 480.0 + mt_rand(3, 12);
        }
        $cars = carsOf($rows, $due);
        $found = Schedule::of(shopOf(), $cars, BestOrder::of(shopOf(), $cars))->lateness();
        $least = leastLateness($cars, 480);
        expect($found)->toBeGreaterThanOrEqual($least - 1e-6);
        $worse += $found > $least + 1e-6 ? 1 : 0;
    }
    expect($worse)->toBe(0);
});

it('comes as near where not every order is tried: seven days of eight as good, a twentieth later in all (60 random shops)', function (): void {
    mt_srand(29);
    $worse = 0;
    $late = [0.0, 0.0];
    for ($n = 0; $n < 60; $n++) {
        $rows = $due = [];
        for ($i = 0; $i < 4; $i++) {
            $rows["c{$i}"] = [0.0, 0.0, 0.0, mt_rand(2, 9) * 10.0, mt_rand(1, 6) * 10.0];
            $due["c{$i}"] = 480.0 + mt_rand(8, 30) * 10.0;
        }
        $cars = carsOf($rows, $due);
        $all = Schedule::of(shopOf(), $cars, BestOrder::of(shopOf(), $cars))->lateness();
        // 4 cars of 2 blocks have 2520 orders: few enough to be tried through; here they are searched all the same.
        $some = Schedule::of(shopOf(), $cars, BestOrder::of(shopOf(), $cars, BestOrder::TRIES, 0))->lateness();
        expect($some)->toBeGreaterThanOrEqual($all - 1e-6);
        $worse += $some > $all + 1e-6 ? 1 : 0;
        $late[0] += $all;
        $late[1] += $some;
    }
    expect($worse)->toBeLessThanOrEqual(8)->and($late[1])->toBeLessThanOrEqual(1.05 * $late[0]);
});

it('never makes a day worse than it was, and is the same each time (30 random shops)', function (): void {
    mt_srand(23);
    for ($n = 0; $n < 30; $n++) {
        $rows = $due = [];
        for ($i = 0; $i < 5; $i++) {
            $rows["c{$i}"] = [20.0, 35.0, mt_rand(4, 14) * 10.0, mt_rand(6, 14) * 10.0, 40.0];
            $due["c{$i}"] = mt_rand(0, 3) === 0 ? null : 480.0 + mt_rand(20, 60) * 10.0;
        }
        $cars = carsOf($rows, array_filter($due));
        $shop = shopOf(2, ['Bram' => true, 'Petra' => true]);
        $before = Schedule::of($shop, $cars, BestOrder::carByCar($cars))->score();
        $order = BestOrder::of($shop, $cars, 120);
        expect(Schedule::of($shop, $cars, $order)->score() <= $before)->toBeTrue();
        if ($n < 3) {
            expect(BestOrder::of($shop, $cars, 120))->toEqual($order);
        }
    }
});

it('leaves what somebody put somewhere, plans around it, and says what it collides with', function (): void {
    $cars = carsOf(
        ['a' => [10.0, 0.0, 60.0, 80.0, 0.0], 'b' => [10.0, 0.0, 60.0, 80.0, 0.0]],
        [],
        ['a booth' => [520.0, 'Booth 1'], 'b booth' => [560.0, 'Booth 1']],
    );
    $schedule = Schedule::of(shopOf(1, ['Bram' => true, 'Petra' => true]), $cars, BestOrder::carByCar($cars));
    expect($schedule->placed['a booth']->start)
        ->toBe(520.0)
        ->and(array_column($schedule->conflicts()['b booth'], 'kind'))
        ->toContain('booth')
        // The prep of a is done at 550 at the earliest: it cannot be in the booth at 520.
        ->and(array_column($schedule->conflicts()['a booth'], 'kind'))
        ->toContain('before');
    $night = carsOf(['a' => [10.0, 0.0, 0.0, 80.0, 0.0]], [], ['a booth' => [1200.0, 'Booth 1']]);
    $dark = Schedule::of(shopOf(), $night, BestOrder::carByCar($night))->conflicts();
    expect(array_column($dark['a booth'], 'kind'))->toBe(['closed']);
    $free = carsOf(['a' => [10.0, 0.0, 0.0, 80.0, 0.0]], [], ['a booth' => [600.0, 'Booth 1']]);
    expect(Schedule::of(shopOf(), $free, BestOrder::carByCar($free))->conflicts())->toBe([]);
});

it('counts a car ready when it is baked, and late only against a day somebody said (worked by hand)', function (): void {
    // 8:00 to 9:20 in the booth, the hands for the first half; nothing after it.
    $cars = carsOf(['a' => [0.0, 0.0, 0.0, 80.0, 0.0], 'b' => [0.0, 0.0, 0.0, 60.0, 0.0]], ['a' => 540.0]);
    $schedule = Schedule::of(shopOf(2), $cars, BestOrder::carByCar($cars));
    expect($schedule->ready('a'))
        ->toBe(560.0)
        ->and($schedule->lateMin('a'))
        ->toBe(20.0)
        // One pair of hands: b begins when they are free, not when the first booth is.
        ->and($schedule->placed['b booth']->start)
        ->toBe(520.0)
        ->and($schedule->lateMin('b'))
        ->toBe(0.0)
        ->and($schedule->lateness())
        ->toBe(20.0)
        ->and($schedule->score())
        ->toBe([20.0, 0.0, 560.0 + 580.0]);
});

it('lets a card dry through the night, and lays prep down when the shop closes (worked by hand)', function (): void {
    // 17:00: the card is sprayed by 17:30, when the shop closes; it dries until 18:10, with nobody there.
    $cars = carsOf(['a' => [30.0, 40.0, 60.0, 80.0, 0.0]]);
    $placed = Schedule::of(shopOf(now: 1020.0), $cars, BestOrder::carByCar($cars))->placed;
    expect([$placed['a dries']->start, $placed['a dries']->end])
        ->toBe([1050.0, 1090.0])
        ->and($placed['a prep']->start)
        ->toBe(1440.0 + 480);
    $later = carsOf(['a' => [10.0, 0.0, 60.0, 80.0, 0.0]]);
    $prep = Schedule::of(shopOf(now: 1000.0), $later, BestOrder::carByCar($later))->placed;
    // 40 minutes before the shop closes, the other 20 next morning; the booth is not begun before.
    expect([$prep['a prep']->start, $prep['a prep']->end, $prep['a booth']->start])->toBe([1010.0, 1460.0 + 480, 1460.0 + 480]);
});

it('counts a booth idle between its cars, while the shop is open (worked by hand)', function (): void {
    $pins = ['a booth' => [500.0, 'Booth 1'], 'b booth' => [620.0, 'Booth 1'], 'c booth' => [1440.0 + 500, 'Booth 1']];
    $cars = carsOf(
        ['a' => [0.0, 0.0, 0.0, 80.0, 0.0], 'b' => [0.0, 0.0, 0.0, 80.0, 0.0], 'c' => [0.0, 0.0, 0.0, 80.0, 0.0]],
        [],
        $pins,
    );
    // 580 to 620, then 700 to closing at 1050, and from opening to 500: 40 + 350 + 20.
    expect(Schedule::of(shopOf(2), $cars, BestOrder::carByCar($cars))->idle())->toBe(410.0);
});

it('says each thing that does not go together once, and nothing else', function (): void {
    $conflicts = function (array $rows, array $pins, int $booths = 2, array $people = ['Bram' => true]): array {
        $cars = carsOf($rows, [], $pins);
        $all = Schedule::of(shopOf($booths, $people), $cars, BestOrder::carByCar($cars))->conflicts();

        return array_map(fn (array $own): array => array_column($own, 'kind'), $all);
    };
    $two = ['a' => [0.0, 0.0, 0.0, 80.0, 0.0], 'b' => [0.0, 0.0, 0.0, 80.0, 0.0]];
    // Bram's hands are free of a from 540 on, while it bakes until 580 in the other booth.
    expect($conflicts($two, ['a booth' => [500.0, 'Booth 1'], 'b booth' => [540.0, 'Booth 2']]))
        ->toBe([])
        ->and($conflicts($two, ['a booth' => [500.0, 'Booth 1'], 'b booth' => [539.0, 'Booth 2']]))
        ->toBe(['a booth' => ['person'], 'b booth' => ['person']])
        ->and($conflicts($two, ['a booth' => [500.0, 'Booth 1'], 'b booth' => [579.0, 'Booth 1']]))
        ->toBe(['a booth' => ['booth'], 'b booth' => ['booth']])
        ->and($conflicts($two, ['a booth' => [500.0, 'Booth 1'], 'b booth' => [580.0, 'Booth 1']]))
        ->toBe([])
        // It is polished when it is baked, not when the painter puts the gun down.
        ->and(
            $conflicts(
                ['a' => [0.0, 0.0, 0.0, 80.0, 20.0]],
                ['a booth' => [500.0, 'Booth 1'], 'a finish' => [560.0, null]],
            ),
        )
        ->toBe(['a finish' => ['before']])
        // A card dries when nobody is there.
        ->and($conflicts(['a' => [10.0, 40.0, 0.0, 0.0, 0.0]], ['a dries' => [1100.0, null]]))
        ->toBe([]);
});

it('takes the booth and the hands that are free first, and the booth somebody wants', function (): void {
    $cars = carsOf(
        ['a' => [0.0, 0.0, 0.0, 80.0, 0.0], 'b' => [0.0, 0.0, 0.0, 80.0, 0.0], 'c' => [0.0, 0.0, 0.0, 80.0, 0.0]],
        [],
        ['a booth' => [480.0, 'Booth 2'], 'c booth' => [null, 'Booth 2']],
    );
    $placed = Schedule::of(shopOf(2, ['Bram' => true, 'Petra' => true]), $cars, BestOrder::carByCar($cars))->placed;
    expect([$placed['a booth']->booth, $placed['b booth']->booth, $placed['c booth']->booth])
        ->toBe(['Booth 2', 'Booth 1', 'Booth 2'])
        ->and($placed['b booth']->start)
        ->toBe(480.0)
        // Booth 2 bakes a until 560, and Booth 1 is free before; c is to stand in 2.
        ->and($placed['c booth']->start)
        ->toBe(560.0);
});

it('gives a car to its own painter, and prep to anybody', function (): void {
    $block = new Block('a', BlockKind::Booth, 60.0, 40.0);
    $shop = shopOf(1, ['Bram' => true, 'Petra' => true, 'Wren' => false]);
    expect($shop->mayDo($block, 'Petra'))
        ->toBe(['Petra'])
        ->and($shop->mayDo($block, ''))
        ->toBe(['Bram', 'Petra'])
        ->and($shop->mayDo(new Block('a', BlockKind::Prep, 60.0, 60.0), 'Petra'))
        ->toBe(['Petra', 'Bram', 'Wren'])
        // Who is not in the shop paints nothing.
        ->and($shop->mayDo($block, 'Nobody'))
        ->toBe(['Bram', 'Petra']);
});

it('writes iCalendar with what RFC 5545 escapes and folds', function (): void {
    $text = Calendar::of(
        [[
            'uid' => 'a@x',
            'start' => '20261128T103000',
            'end' => '20261128T120000',
            'title' => 'Booth 1: Marlo Tern, MB; 24\\TRN ' . str_repeat('ü', 60),
            'place' => 'Booth 1',
            'says' => "colour\nclear",
        ]],
        '20261128T095700Z',
    );
    foreach (explode("\r\n", $text) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75)->and(mb_check_encoding($line, 'UTF-8'))->toBeTrue();
    }
    expect(str_replace("\r\n ", '', $text))
        ->toContain('SUMMARY:Booth 1: Marlo Tern\\, MB\\; 24\\\\TRN ' . str_repeat('ü', 60))
        ->toContain('DESCRIPTION:colour\\nclear')
        ->and(substr_count($text, "\n"))
        ->toBe(substr_count($text, "\r\n"));
});
