<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * Walking around the panels with one coat: how old is each edge when the panel beside it is sprayed, and is it still open?
 * Where no two panels meet, nothing has to melt into anything.
 */
final readonly class WetEdge
{
    /** So many panels are walked in every order; more in the order of the list, each seam tried. */
    private const ALL_ORDERS = 7;

    /**
     * @param list<Strip> $walk in the order they are sprayed
     * @param list<array{string, string}> $seams panels that meet
     * @param float $openMin an edge takes overspray for so long
     */
    private function __construct(public array $walk, private array $seams, public float $openMin) {}

    /**
     * In the order that leaves the youngest edges.
     *
     * @param list<Strip> $strips
     * @param list<array{string, string}> $seams
     */
    public static function best(array $strips, array $seams, float $openMin): self
    {
        $best = new self($strips, $seams, $openMin);
        $orders = count($strips) <= self::ALL_ORDERS ? self::orders($strips) : self::swapped($strips);
        foreach ($orders as $order) {
            $tried = new self($order, $seams, $openMin);
            if ($tried->oldestMin() < $best->oldestMin() - 1e-9) {
                $best = $tried;
            }
        }

        return $best;
    }

    /**
     * The same panels in a given order.
     *
     * @param list<Strip> $walk
     * @param list<array{string, string}> $seams
     */
    public static function walked(array $walk, array $seams, float $openMin): self
    {
        return new self($walk, $seams, $openMin);
    }

    /** Minutes once around. */
    public function roundMin(): float
    {
        return array_sum(array_map(fn (Strip $s): float => $s->minutes, $this->walk));
    }

    /** Age of the oldest edge when the panel beside it is finished, minutes; 0 where no two panels meet. */
    public function oldestMin(): float
    {
        return max([0.0, ...array_map(fn (array $s): float => $s[2], $this->ages())]);
    }

    public function holds(): bool
    {
        return $this->oldestMin() <= $this->openMin;
    }

    /** @return list<array{string, string, float}> the panel sprayed first, the one after it, minutes between their ends */
    public function ages(): array
    {
        $end = [];
        $at = 0.0;
        foreach ($this->walk as $strip) {
            $end[$strip->id] = $at += $strip->minutes;
        }
        $out = [];
        foreach ($this->seams as [$a, $b]) {
            if (isset($end[$a], $end[$b])) {
                [$first, $then] = $end[$a] <= $end[$b] ? [$a, $b] : [$b, $a];
                $out[] = [$first, $then, $end[$then] - $end[$first]];
            }
        }

        return $out;
    }

    /** The same with two painters: each edge is half as old. */
    public function withTwo(): self
    {
        $half = array_map(fn (Strip $s): Strip => new Strip($s->id, $s->name, $s->minutes / 2.0), $this->walk);

        return new self($half, $this->seams, $this->openMin);
    }

    /** How many of the walk's panels are done before the first seam gets too old: so many in one go hold. */
    public function panelsThatHold(): int
    {
        for ($n = count($this->walk); $n > 1; $n--) {
            if (self::best(array_slice($this->walk, 0, $n), $this->seams, $this->openMin)->holds()) {
                return $n;
            }
        }

        return min(1, count($this->walk));
    }

    /**
     * @param list<Strip> $strips
     * @return iterable<list<Strip>>
     */
    private static function orders(array $strips): iterable
    {
        if (count($strips) < 2) {
            yield $strips;

            return;
        }
        foreach ($strips as $i => $first) {
            $rest = $strips;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param list<Strip> $strips
     * @return iterable<list<Strip>>
     */
    private static function swapped(array $strips): iterable
    {
        for ($i = 0; $i < count($strips); $i++) {
            for ($j = 0; $j < count($strips); $j++) {
                $order = $strips;
                $moved = array_splice($order, $i, 1);
                array_splice($order, $j, 0, $moved);
                yield $order;
            }
        }
    }
}
