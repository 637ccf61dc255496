<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * Blocks of all cars laid one after the other as early as people, booths, hours and what comes before allow (serial schedule
 * generation, Kelley 1963; with a list for each order it reaches the best for every measure that wants things early, Kolisch
 * 1996). What somebody put somewhere lies there first, and what does not go with it is a conflict.
 */
final readonly class Schedule
{
    /**
     * @param array<string, Placed> $placed by key of the block
     * @param array<string, Car> $cars
     */
    private function __construct(public array $placed, private array $cars, private Shop $shop) {}

    /**
     * @param list<Car> $cars
     * @param list<Block> $order what is laid first; nothing before what it comes after
     */
    public static function of(Shop $shop, array $cars, array $order): self
    {
        $byId = $placed = $busy = [];
        foreach ($cars as $car) {
            $byId[$car->id] = $car;
        }
        foreach ($order as $block) {
            if ($block->pinnedAt !== null) {
                $placed[$block->key()] = self::pinned($shop, $block, $byId[$block->car]->painter, $busy);
            }
        }
        foreach ($order as $block) {
            if ($block->pinnedAt === null) {
                $placed[$block->key()] = self::place($shop, $block, $byId[$block->car]->painter, $placed, $busy);
            }
        }

        return new self($placed, $byId, $shop);
    }

    /** When the car is ready, minutes from midnight. */
    public function ready(string $car): float
    {
        $end = $this->shop->now;
        foreach ($this->cars[$car]->blocks as $block) {
            $end = max($end, $this->placed[$block->key()]->end);
        }

        return $end;
    }

    public function lateMin(string $car): float
    {
        $due = $this->cars[$car]->due;

        return $due === null || $this->cars[$car]->blocks === [] ? 0.0 : max(0.0, $this->ready($car) - $due);
    }

    /** Minutes that all cars are late, together. */
    public function lateness(): float
    {
        $sum = 0.0;
        foreach ($this->cars as $id => $car) {
            $sum += $this->lateMin($id);
        }

        return $sum;
    }

    /** Open minutes that booths stand empty between their first car and their last. */
    public function idle(): float
    {
        $used = [];
        foreach ($this->placed as $placed) {
            if ($placed->booth !== null) {
                $used[$placed->booth][] = [$placed->start, $placed->end];
            }
        }
        $idle = 0.0;
        foreach ($used as $times) {
            sort($times);
            for ($i = 1; $i < count($times); $i++) {
                $idle += $this->shop->hours->openBetween($times[$i - 1][1], max($times[$i - 1][1], $times[$i][0]));
            }
        }

        return $idle;
    }

    /** @return array{float, float, float} what is to be small, the first first: lateness, booth idle, when all are ready */
    public function score(): array
    {
        $sum = 0.0;
        foreach ($this->cars as $id => $car) {
            $sum += $this->ready($id);
        }

        return [round($this->lateness(), 3), round($this->idle(), 3), round($sum, 3)];
    }

    /**
     * What does not go together, by block: what it collides with.
     *
     * @return array<string, list<array{kind: string, with: ?Placed, at: float}>> kind "booth", "person", "before", "closed"
     */
    public function conflicts(): array
    {
        $out = [];
        foreach ($this->placed as $key => $placed) {
            if ($placed->block->pinnedAt === null) {
                continue;
            }
            foreach ($this->placed as $other => $there) {
                if ($key === $other) {
                    continue;
                }
                $apart = $placed->end <= $there->start + 1e-6 || $there->end <= $placed->start + 1e-6;
                if ($placed->booth !== null && $placed->booth === $there->booth && ! $apart) {
                    $out[$key][] = ['kind' => 'booth', 'with' => $there, 'at' => $there->end];
                }
                $handsApart = $placed->handsEnd <= $there->start + 1e-6 || $there->handsEnd <= $placed->start + 1e-6;
                if ($placed->person !== null && $placed->person === $there->person && ! $handsApart) {
                    $out[$key][] = ['kind' => 'person', 'with' => $there, 'at' => $there->handsEnd];
                }
                $waits =
                    $placed->block->car === $there->block->car &&
                    in_array($there->block->kind, $placed->block->kind->after(), true);
                if ($waits && $there->end > $placed->start + 1e-6) {
                    $out[$key][] = ['kind' => 'before', 'with' => $there, 'at' => $there->end];
                }
            }
            if ($placed->block->handsMin > 0.0 && ! $this->shop->hours->isOpen($placed->start)) {
                $out[$key][] = ['kind' => 'closed', 'with' => null, 'at' => $this->shop->hours->open($placed->start)];
            }
        }

        return $out;
    }

    /** @param array<string, list<array{float, float}>> $busy */
    private static function pinned(Shop $shop, Block $block, string $painter, array &$busy): Placed
    {
        $start = (float) $block->pinnedAt;
        $booth = $block->kind === BlockKind::Booth ? $block->booth ?? $shop->booths[0] : null;
        $person = $block->handsMin > 0.0 ? $shop->mayDo($block, $painter)[0] ?? null : null;

        return self::take($shop, $block, $start, $booth, $person, $busy);
    }

    /**
     * @param array<string, Placed> $placed
     * @param array<string, list<array{float, float}>> $busy
     */
    private static function place(Shop $shop, Block $block, string $painter, array $placed, array &$busy): Placed
    {
        $ready = $shop->now;
        foreach ($block->kind->after() as $before) {
            $ready = max($ready, $placed["{$block->car} {$before->value}"]->end ?? 0.0);
        }
        if ($block->handsMin <= 0.0) {
            return self::take($shop, $block, $ready, null, null, $busy);
        }
        $booths = $block->kind === BlockKind::Booth ? ($block->booth === null ? $shop->booths : [$block->booth]) : [null];
        $best = null;
        $may = $shop->mayDo($block, $painter);
        foreach ($booths as $booth) {
            foreach ($may as $person) {
                $at = self::free($shop, $block, $ready, $booth, $person, $busy, $best[0] ?? INF);
                if ($best === null || $at < $best[0] - 1e-9) {
                    $best = [$at, $booth, $person];
                }
            }
        }

        return $best === null
            ? self::take($shop, $block, $shop->hours->open($ready), $booths[0], null, $busy)
            : self::take($shop, $block, $best[0], $best[1], $best[2], $busy);
    }

    /**
     * The first minute from which both are free for as long as it takes; any minute from `$notAfter` on, when it is not before.
     *
     * @param array<string, list<array{float, float}>> $busy
     */
    private static function free(
        Shop $shop,
        Block $block,
        float $ready,
        ?string $booth,
        string $person,
        array $busy,
        float $notAfter,
    ): float {
        $hours = $shop->hours;
        $splits = $block->kind->splits();
        $hands = $block->handsMin;
        $at = $splits ? $hours->open($ready) : $hours->fitting($ready, $hands);
        $until = $splits ? $hours->workedUntil($at, $hands) : $at + $hands;
        $people = $busy["p {$person}"] ?? [];
        $booths = $booth === null ? [] : $busy["b {$booth}"] ?? [];
        do {
            $to = null;
            // Sorted by their beginning: what begins after the end cannot be in the way.
            foreach ($people as $taken) {
                if ($taken[0] >= $until - 1e-9) {
                    break;
                }
                if ($at < $taken[1] - 1e-9) {
                    $to = $taken[1];
                    break;
                }
            }
            foreach ($booths as $taken) {
                if ($to !== null || $taken[0] >= $at + $block->minutes - 1e-9) {
                    break;
                }
                if ($at < $taken[1] - 1e-9) {
                    $to = $taken[1];
                }
            }
            if ($to !== null) {
                $at = $splits ? $hours->open($to) : $hours->fitting($to, $hands);
                $until = $splits ? $hours->workedUntil($at, $hands) : $at + $hands;
            }
        } while ($to !== null && $at < $notAfter);

        return $at;
    }

    private static function handsEnd(Shop $shop, Block $block, float $start): float
    {
        return $block->kind->splits() && $shop->hours->isOpen($start)
            ? $shop->hours->workedUntil($start, $block->handsMin)
            : $start + $block->handsMin;
    }

    /** @param array<string, list<array{float, float}>> $busy */
    private static function take(Shop $shop, Block $block, float $start, ?string $booth, ?string $person, array &$busy): Placed
    {
        $hands = self::handsEnd($shop, $block, $start);
        $end = max($hands, $start + $block->minutes);
        if ($person !== null) {
            $busy["p {$person}"][] = [$start, $hands];
            sort($busy["p {$person}"]);
        }
        if ($booth !== null) {
            $busy["b {$booth}"][] = [$start, $end];
            sort($busy["b {$booth}"]);
        }

        return new Placed($block, $start, $end, $hands, $booth, $person);
    }
}
