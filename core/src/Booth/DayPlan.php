<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use JsonSerializable;
use Kalopsis\Units\Quantity;
use Kalopsis\Why\Phrase;

/** A shop's day laid out, in words: what lies where, who is late and what would cure it, what does not go together. */
final readonly class DayPlan implements JsonSerializable
{
    /** Nobody counts a car late that is ready so soon after, min. Chosen here. */
    private const LATE_MIN = 1.0;

    public Schedule $schedule;

    /**
     * @param list<Car> $cars
     * @param array<string, string> $names of the cars
     * @param list<Block> $order
     */
    public function __construct(private Shop $shop, private array $cars, private array $names, private array $order)
    {
        $this->schedule = Schedule::of($shop, $cars, $order);
    }

    /**
     * Blocks in the order somebody chose, as far as it goes; what is new comes after, by due date.
     *
     * @param list<Car> $cars
     * @param list<string> $chosen keys of blocks
     * @return list<Block>
     */
    public static function ordered(array $cars, array $chosen): array
    {
        $blocks = BestOrder::carByCar(BestOrder::byDue($cars));
        $rank = array_flip($chosen);
        $at = [];
        foreach ($blocks as $i => $own) {
            $at[$own->key()] = [$rank[$own->key()] ?? PHP_INT_MAX, $i];
        }
        usort($blocks, fn (Block $a, Block $b): int => $at[$a->key()] <=> $at[$b->key()]);
        // A chosen order that came before something new of the same car still keeps the order of the work.
        $out = [];
        for ($left = $blocks; $left !== []; $left = array_values($left)) {
            $next = self::firstReady($left);
            $out[] = $left[$next];
            unset($left[$next]);
        }

        return $out;
    }

    /**
     * The first that waits for none of the others.
     *
     * @param non-empty-list<Block> $left
     */
    private static function firstReady(array $left): int
    {
        foreach ($left as $i => $block) {
            $waits = array_filter(
                $left,
                fn (Block $b): bool => $b->car === $block->car && in_array($b->kind, $block->kind->after(), true),
            );
            if ($waits === []) {
                return $i;
            }
        }

        return 0;
    }

    /** The same day in the best order found, and what that changes. */
    public function better(): self
    {
        $found = new self($this->shop, $this->cars, $this->names, BestOrder::of($this->shop, $this->carsAsOrdered()));

        return $found->schedule->score() < $this->schedule->score() ? $found : $this;
    }

    /**
     * Why another day is better than this one.
     *
     * @return list<Phrase>
     */
    public function explained(self $better): array
    {
        $out = [];
        foreach ($this->cars as $car) {
            $before = $this->schedule->lateMin($car->id);
            $after = $better->schedule->lateMin($car->id);
            if ($before - $after >= self::LATE_MIN) {
                $out[] = Phrase::of(
                    $after < self::LATE_MIN
                        ? '{car}: on time instead of {before} late.'
                        : '{car}: {after} late instead of {before}.',
                    [
                        'car' => $this->names[$car->id],
                        'before' => Quantity::minutes(ceil($before)),
                        'after' => Quantity::minutes(ceil($after)),
                    ],
                );
            } elseif ($after - $before >= self::LATE_MIN) {
                $out[] = Phrase::of('{car} waits for that: {after} late instead of {before}.', [
                    'car' => $this->names[$car->id],
                    'before' => Quantity::minutes(ceil($before)),
                    'after' => Quantity::minutes(ceil($after)),
                ]);
            }
        }
        $idle = $this->schedule->idle();
        $then = $better->schedule->idle();
        if (abs($idle - $then) >= self::LATE_MIN) {
            $out[] = Phrase::of('Between cars the booths stand empty for {then} instead of {idle}.', [
                'then' => Quantity::minutes(round($then)),
                'idle' => Quantity::minutes(round($idle)),
            ]);
        }
        foreach ($better->moved($this) as $phrase) {
            $out[] = $phrase;
        }
        if ($out === []) {
            $out[] = $this->schedule->lateness() < self::LATE_MIN
                ? Phrase::of('Nobody is late as it is, and no order found keeps the booths busier.')
                : Phrase::of('No order found is better: what is late is late by its own work, people or booths.');
        }

        return $out;
    }

    public function name(string $car): string
    {
        return $this->names[$car] ?? '';
    }

    /** @return list<string> keys of the blocks */
    public function keys(): array
    {
        return array_map(fn (Block $b): string => $b->key(), $this->order);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $conflicts = $this->schedule->conflicts();

        return [
            'now' => round($this->shop->now, 2),
            'opens' => $this->shop->hours->opens,
            'closes' => $this->shop->hours->closes,
            'worked' => array_map($this->shop->hours->isWorked(...), range(0, 6)),
            'booths' => array_map($this->booth(...), $this->shop->booths),
            'people' => array_map(
                fn (string $name, bool $paints): array => ['name' => $name, 'paints' => $paints],
                array_keys($this->shop->people),
                array_values($this->shop->people),
            ),
            'cars' => array_map(fn (Car $c): array => $this->car($c, $conflicts), $this->cars),
            'late' => count(array_filter($this->cars, fn (Car $c): bool => $this->schedule->lateMin($c->id) >= self::LATE_MIN)),
            'lateness' => Quantity::minutes($this->schedule->lateness()),
            'idle' => Quantity::minutes($this->schedule->idle()),
            'order' => $this->keys(),
        ];
    }

    /**
     * @param array<string, list<array{kind: string, with: ?Placed, at: float}>> $conflicts
     * @return array<string, mixed>
     */
    private function car(Car $car, array $conflicts): array
    {
        $late = $this->schedule->lateMin($car->id);
        $blocks = [];
        foreach ($car->blocks as $block) {
            $placed = $this->schedule->placed[$block->key()];
            $blocks[] = [
                'kind' => $block->kind->value,
                'words' => $block->kind->words(),
                'start' => round($placed->start, 1),
                'end' => round($placed->end, 1),
                'handsEnd' => round($placed->handsEnd, 1),
                'booth' => $placed->booth,
                'person' => $placed->person,
                'pinned' => $block->pinnedAt !== null,
                'conflicts' => array_map($this->conflict(...), $conflicts[$block->key()] ?? []),
            ];
        }

        return [
            'id' => $car->id,
            'due' => $car->due,
            'ready' => $car->blocks === [] ? null : round($this->schedule->ready($car->id), 1),
            'late' => $late < self::LATE_MIN ? null : Quantity::minutes(ceil($late)),
            'cure' => $late < self::LATE_MIN ? null : $this->cure($car, $late),
            'blocks' => $blocks,
        ];
    }

    /** What would make a late car less late: first in line, if that does it, or nothing but less work. */
    private function cure(Car $car, float $late): Phrase
    {
        $first = [...$car->blocks, ...array_filter($this->order, fn (Block $b): bool => $b->car !== $car->id)];
        $then = Schedule::of($this->shop, $this->cars, $first);
        $values = ['late' => Quantity::minutes(ceil($late)), 'then' => Quantity::minutes(ceil($then->lateMin($car->id)))];
        $booth = $then->placed["{$car->id} booth"] ?? null;
        if ($then->lateMin($car->id) >= $late - self::LATE_MIN) {
            return Phrase::of('late by {late}, first in line too: its own work and nights take so long', $values);
        }
        if ($then->lateMin($car->id) >= self::LATE_MIN) {
            return Phrase::of('late by {late}: first in line it would be {then}', $values);
        }

        return $booth?->booth === null
            ? Phrase::of('late by {late}: first in line it is on time', $values)
            : Phrase::of('late by {late}: first in line it takes {booth} at {at} and is on time', [
                ...$values,
                'booth' => $booth->booth,
                'at' => self::clock($booth->start),
            ]);
    }

    /** @param array{kind: string, with: ?Placed, at: float} $conflict */
    private function conflict(array $conflict): Phrase
    {
        $with = $conflict['with'];
        $values = [
            'car' => $with === null ? '' : $this->names[$with->block->car],
            'what' => $with === null ? '' : Phrase::of($with->block->kind->words()),
            'who' => $with->person ?? '',
            'booth' => $with->booth ?? '',
            'at' => self::clock($conflict['at']),
        ];

        return match ($conflict['kind']) {
            'booth' => Phrase::of('{booth} holds {car} until {at}', $values),
            'person' => Phrase::of('{who} is with {car} until {at}', $values),
            'before' => Phrase::of('{what} is not done before {at}', $values),
            default => Phrase::of('the shop is closed; it opens at {at}', $values),
        };
    }

    /** @return array<string, mixed> what is in a booth, until when, and what comes next */
    private function booth(string $name): array
    {
        $now = $this->shop->now;
        $in = $next = null;
        foreach ($this->schedule->placed as $placed) {
            if ($placed->booth !== $name) {
                continue;
            }
            if ($placed->start <= $now + 1e-6 && $placed->end > $now + 1e-6) {
                $in = $placed;
            } elseif ($placed->start > $now + 1e-6 && ($next === null || $placed->start < $next->start)) {
                $next = $placed;
            }
        }
        $values = [
            'car' => $this->names[($in ?? $next)->block->car ?? ''] ?? '',
            'at' => self::clock(($in !== null ? $in->end : $next?->start) ?? 0.0),
        ];

        return [
            'name' => $name,
            'busy' => $in !== null,
            'says' => match (true) {
                $in !== null => Phrase::of('{car} until {at}', $values),
                $next !== null && $next->start < Hours::DAY_MIN => Phrase::of('free, {car} at {at}', $values),
                default => Phrase::of('free today'),
            },
        ];
    }

    /** "14:10"; another day is said by how many days on. */
    private static function clock(float $minute): string
    {
        $whole = (int) round($minute);
        $day = intdiv($whole, Hours::DAY_MIN);
        $of = $whole % Hours::DAY_MIN;

        return sprintf('%d:%02d', intdiv($of, 60), $of % 60) . ($day > 0 ? " (+{$day} d)" : '');
    }

    /** @return list<Phrase> cars that go into a booth at another time than before, the earliest first */
    private function moved(self $before): array
    {
        $out = [];
        foreach ($this->schedule->placed as $key => $placed) {
            $was = $before->schedule->placed[$key] ?? null;
            if ($placed->booth === null || $was === null) {
                continue;
            }
            if ($placed->booth !== $was->booth || abs($placed->start - $was->start) >= 5.0) {
                $out[sprintf('%010.2f %s', $placed->start, $key)] = Phrase::of('{car}: {booth} at {at}, was {was} at {before}.', [
                    'car' => $this->names[$placed->block->car],
                    'booth' => $placed->booth,
                    'at' => self::clock($placed->start),
                    'was' => $was->booth ?? '',
                    'before' => self::clock($was->start),
                ]);
            }
        }
        ksort($out);

        return array_values($out);
    }

    /** @return list<Car> as their blocks come now */
    private function carsAsOrdered(): array
    {
        $rank = [];
        foreach ($this->order as $i => $block) {
            $rank[$block->car] ??= $i;
        }
        $cars = $this->cars;
        usort($cars, fn (Car $a, Car $b): int => ($rank[$a->id] ?? PHP_INT_MAX) <=> ($rank[$b->id] ?? PHP_INT_MAX));

        return $cars;
    }
}
