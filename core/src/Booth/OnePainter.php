<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

/**
 * What one pair of hands makes of a network: the order of the hands-on tasks in which everything is done soonest, waits running
 * beside. Among orders that are equally short, what soonest gets something going by itself comes first: the card is mixed before
 * anything is sanded. Found by trying the orders that precedence allows, with what cannot get shorter left out.
 */
final class OnePainter
{
    /** So many part orders are looked at; then the shortest so far stands. */
    private const MOST_TRIED = 4000;

    /** @var array<string, float> minutes from the beginning, by task */
    public array $start = [];

    /** Minutes until everything is done. */
    public float $length = INF;

    /** Minutes of work. */
    public readonly float $handsOn;

    /** @var array<string, float> minutes from a task's beginning to the end of all, hands not counted */
    private array $tail = [];

    /** @var array<string, float> hands-on minutes until something goes by itself */
    private array $untilWait = [];

    private int $tried = 0;

    private function __construct(public readonly Network $network)
    {
        $hands = 0.0;
        foreach (array_reverse($network->tasks, true) as $id => $task) {
            $hands += $task->hands ? $task->minutes : 0.0;
            $after = array_filter($network->tasks, fn (Task $t): bool => in_array($id, $t->after, true));
            $tails = array_map(fn (Task $t): float => $this->tail[$t->id], $after);
            $waits = array_map(fn (Task $t): float => $this->untilWait[$t->id], $after);
            $this->tail[$id] = $task->minutes + max([0.0, ...array_values($tails)]);
            $this->untilWait[$id] = $task->hands ? $task->minutes + min([INF, ...array_values($waits)]) : 0.0;
        }
        $this->handsOn = $hands;
    }

    public static function of(Network $network): self
    {
        $self = new self($network);
        $open = array_filter($network->tasks, fn (Task $t): bool => $t->hands);
        $self->search([], [], $open, 0.0);

        return $self;
    }

    public function end(string $id): float
    {
        return $this->start[$id] + $this->network->tasks[$id]->minutes;
    }

    /**
     * What the hands do while something goes by itself.
     *
     * @return list<string> ids of hands-on tasks that run during it
     */
    public function during(string $wait): array
    {
        $out = [];
        foreach ($this->network->tasks as $id => $task) {
            if ($task->hands && $this->start[$id] < $this->end($wait) - 1e-6 && $this->end($id) > $this->start[$wait] + 1e-6) {
                $out[] = $id;
            }
        }
        usort($out, fn (string $a, string $b): int => $this->start[$a] <=> $this->start[$b]);

        return $out;
    }

    /**
     * @param array<string, float> $start so far
     * @param array<string, float> $end so far
     * @param array<string, Task> $open hands-on tasks that are not placed yet
     * @param float $free when the hands are free
     */
    private function search(array $start, array $end, array $open, float $free): void
    {
        // Waits begin by themselves, as soon as what is before them is done.
        foreach ($this->network->tasks as $id => $task) {
            if (! $task->hands && ! isset($end[$id]) && $this->ready($task, $end)) {
                $start[$id] = $this->soonest($task, $end);
                $end[$id] = $start[$id] + $task->minutes;
            }
        }
        if ($open === []) {
            $length = $end === [] ? 0.0 : max($end);
            if ($length < $this->length - 1e-9) {
                [$this->start, $this->length] = [$start, $length];
            }

            return;
        }
        $left = array_sum(array_map(fn (Task $t): float => $t->minutes, $open));
        $next = [];
        foreach ($open as $id => $task) {
            if ($this->ready($task, $end)) {
                $next[$id] = max($free, $this->soonest($task, $end));
            }
        }
        if ($next === [] || $free + $left > $this->length - 1e-9) {
            return;
        }
        uksort(
            $next,
            fn (string $a, string $b): int => [$next[$a], $this->untilWait[$a], $this->network->latest[$a]] <=>
                [$next[$b], $this->untilWait[$b], $this->network->latest[$b]],
        );
        foreach ($next as $id => $at) {
            if ($at + $this->tail[$id] > $this->length - 1e-9 || ($this->tried++ > self::MOST_TRIED && $this->length < INF)) {
                continue;
            }
            $task = $open[$id];
            $rest = $open;
            unset($rest[$id]);
            $this->search([...$start, $id => $at], [...$end, $id => $at + $task->minutes], $rest, $at + $task->minutes);
        }
    }

    /** @param array<string, float> $end */
    private function ready(Task $task, array $end): bool
    {
        foreach ($task->after as $before) {
            if (! isset($end[$before])) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, float> $end */
    private function soonest(Task $task, array $end): float
    {
        return max([0.0, ...array_map(fn (string $before): float => $end[$before], $task->after)]);
    }
}
