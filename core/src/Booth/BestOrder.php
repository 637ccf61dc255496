<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * Looks for the order of all blocks in which cars are least late, then booths least idle. From several plain orders (due date,
 * slack, shortest in the booth, as it is) cars are moved forward and back, then single blocks, as long as anything gets better.
 */
final class BestOrder
{
    /** Orders that are tried; some hundreds are a second for a full shop. */
    public const TRIES = 700;

    /** A shop with no more orders than this is tried through: each is quick then. */
    public const ALL = 3000;

    /** Blocks that are moved by chance when nothing better is near. Chosen here. */
    private const SHAKES = 4;

    private int $tried = 0;

    private int $seed = 1;

    /** @param list<Car> $cars */
    private function __construct(private readonly Shop $shop, private readonly array $cars) {}

    /**
     * @param list<Car> $cars as they are ordered now
     * @return list<Block> the best order found
     */
    public static function of(Shop $shop, array $cars, int $tries = self::TRIES, int $all = self::ALL): array
    {
        return (new self($shop, $cars))->search($tries, $all);
    }

    /**
     * Car by car, each in the order of its own work.
     *
     * @param list<Car> $cars
     * @return list<Block>
     */
    public static function carByCar(array $cars): array
    {
        return array_merge(...array_map(fn (Car $c): array => $c->blocks, $cars), ...[[]]);
    }

    /**
     * By due date, those that nobody said one for last: how a shop plans that thinks no further.
     *
     * @param list<Car> $cars
     * @return list<Car>
     */
    public static function byDue(array $cars): array
    {
        usort($cars, fn (Car $a, Car $b): int => ($a->due ?? INF) <=> ($b->due ?? INF));

        return $cars;
    }

    /** @return list<Block> */
    private function search(int $tries, int $all): array
    {
        $best = self::carByCar($this->cars);
        $score = $this->score($best);
        if ($this->orders() <= $all) {
            $this->each(array_map(fn (Car $c): array => $c->blocks, $this->cars), [], $best, $score);

            return $best;
        }
        // Each beginning has its share of the tries: the first must not use them up.
        $plain = $this->plain();
        $share = intdiv($tries, 2 * count($plain));
        foreach ($plain as $i => $cars) {
            [$order, $its] = $this->carsMoved($cars, $share * ($i + 1));
            if ($its < $score) {
                [$best, $score] = [$order, $its];
            }
        }
        [$best, $score] = $this->blocksMoved($best, $this->tried + $share);
        // Then shaken and settled again, for as long as there are tries.
        while ($this->tried < $tries && $score[0] + $score[1] > 0.0) {
            $before = $this->tried;
            [$order, $its] = $this->blocksMoved($this->shaken($best), min($tries, $this->tried + $share));
            if ($its < $score) {
                [$best, $score] = [$order, $its];
            }
            if ($this->tried === $before) {
                break;
            }
        }

        return $best;
    }

    /**
     * Some blocks moved by chance, the same each time.
     *
     * @param list<Block> $order
     * @return list<Block>
     */
    private function shaken(array $order): array
    {
        for ($moves = 0, $i = 0; $moves < self::SHAKES && $i < 50; $i++) {
            $tried = $order;
            $moved = array_splice($tried, $this->chance(count($order)), 1);
            array_splice($tried, $this->chance(count($order)), 0, $moved);
            if (self::isPossible($tried)) {
                $order = $tried;
                $moves++;
            }
        }

        return $order;
    }

    /** 0 to n - 1: a linear congruential generator (ISO C's example), so that the same day is planned the same. */
    private function chance(int $n): int
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return ($this->seed >> 8) % max(1, $n);
    }

    /** How many orders there are, each car's own work in its order. */
    private function orders(): float
    {
        $orders = 1.0;
        $n = 0;
        foreach ($this->cars as $car) {
            for ($k = 1; $k <= count($car->blocks); $k++) {
                $orders *= ++$n / $k;
            }
        }

        return $orders;
    }

    /**
     * Every order of a small shop.
     *
     * @param list<list<Block>> $left of each car
     * @param list<Block> $order so far
     * @param list<Block> $best
     * @param array{float, float, float} $score
     */
    private function each(array $left, array $order, array &$best, array &$score): void
    {
        $done = true;
        foreach ($left as $i => $blocks) {
            if ($blocks !== []) {
                $done = false;
                $rest = $left;
                $rest[$i] = array_slice($blocks, 1);
                $this->each($rest, [...$order, $blocks[0]], $best, $score);
            }
        }
        if ($done) {
            $its = $this->score($order);
            if ($its < $score) {
                [$best, $score] = [$order, $its];
            }
        }
    }

    /** @return list<list<Car>> */
    private function plain(): array
    {
        $slack = $this->cars;
        usort($slack, fn (Car $a, Car $b): int => ($a->due ?? INF) - $a->ownMinutes() <=> ($b->due ?? INF) - $b->ownMinutes());
        $short = $this->cars;
        usort($short, fn (Car $a, Car $b): int => $a->ownMinutes() <=> $b->ownMinutes());

        return [$this->cars, self::byDue($this->cars), $slack, $short];
    }

    /**
     * @param list<Car> $cars
     * @return array{list<Block>, array{float, float, float}}
     */
    private function carsMoved(array $cars, int $until): array
    {
        $score = $this->score(self::carByCar($cars));
        do {
            $better = false;
            for ($i = 0; $i < count($cars); $i++) {
                for ($j = 0; $j < count($cars) && $this->tried < $until; $j++) {
                    if ($i === $j) {
                        continue;
                    }
                    $tried = $cars;
                    $moved = array_splice($tried, $i, 1);
                    array_splice($tried, $j, 0, $moved);
                    $its = $this->score(self::carByCar($tried));
                    if ($its < $score) {
                        [$cars, $score, $better] = [$tried, $its, true];
                    }
                }
            }
        } while ($better && $this->tried < $until);

        return [self::carByCar($cars), $score];
    }

    /**
     * @param list<Block> $order
     * @return array{list<Block>, array{float, float, float}}
     */
    private function blocksMoved(array $order, int $until): array
    {
        $score = $this->score($order);
        do {
            $better = false;
            for ($i = 0; $i < count($order); $i++) {
                for ($j = 0; $j < count($order) && $this->tried < $until; $j++) {
                    $tried = $order;
                    $moved = array_splice($tried, $i, 1);
                    array_splice($tried, $j, 0, $moved);
                    if ($i === $j || ! self::isPossible($tried)) {
                        continue;
                    }
                    $its = $this->score($tried);
                    if ($its < $score) {
                        [$order, $score, $better] = [$tried, $its, true];
                    }
                }
            }
        } while ($better && $this->tried < $until);

        return [$order, $score];
    }

    /** @param list<Block> $order */
    private static function isPossible(array $order): bool
    {
        $at = [];
        foreach ($order as $i => $block) {
            $at[$block->key()] = $i;
        }
        foreach ($order as $i => $block) {
            foreach ($block->kind->after() as $before) {
                if (($at["{$block->car} {$before->value}"] ?? -1) > $i) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<Block> $order
     * @return array{float, float, float}
     */
    private function score(array $order): array
    {
        $this->tried++;

        return Schedule::of($this->shop, $this->cars, $order)->score();
    }
}
