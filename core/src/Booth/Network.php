<?php

declare(strict_types=1);

namespace Kalopsis\Booth;

use DomainException;

/**
 * Tasks with what has to be done before each: earliest and latest times by the critical path method (Kelley and Walker 1959).
 * Hands are not counted here; what one painter makes of it is OnePainter.
 */
final readonly class Network
{
    /** @var array<string, Task> in an order in which they can be done */
    public array $tasks;

    /** @var array<string, float> minutes from the beginning */
    public array $earliest;

    /** @var array<string, float> */
    public array $latest;

    /** Minutes from the first to the last. */
    public float $length;

    /**
     * @param list<Task> $tasks
     * @throws DomainException where an id is twice there, one is not known, or something waits for itself
     */
    public function __construct(array $tasks)
    {
        $this->tasks = self::ordered($tasks);
        $earliest = $latest = [];
        $length = 0.0;
        foreach ($this->tasks as $id => $task) {
            $earliest[$id] = 0.0;
            foreach ($task->after as $before) {
                $earliest[$id] = max($earliest[$id], $earliest[$before] + $this->tasks[$before]->minutes);
            }
            $length = max($length, $earliest[$id] + $task->minutes);
        }
        foreach (array_reverse($this->tasks) as $id => $task) {
            $latest[$id] = min($latest[$id] ?? $length, $length) - $task->minutes;
            foreach ($task->after as $before) {
                $latest[$before] = min($latest[$before] ?? $length, $latest[$id]);
            }
        }
        $this->earliest = $earliest;
        $this->latest = $latest;
        $this->length = $length;
    }

    /** How much later a task may begin without holding up the whole, minutes. */
    public function slack(string $id): float
    {
        return $this->latest[$id] - $this->earliest[$id];
    }

    public function isCritical(string $id): bool
    {
        return $this->slack($id) < 1e-6;
    }

    /** @return list<string> the tasks that leave no time to lose, in order */
    public function criticalPath(): array
    {
        return array_values(array_filter(array_keys($this->tasks), fn (string $id): bool => $this->isCritical($id)));
    }

    /**
     * @param list<Task> $tasks
     * @return array<string, Task>
     */
    private static function ordered(array $tasks): array
    {
        $open = [];
        foreach ($tasks as $task) {
            if (isset($open[$task->id])) {
                throw new DomainException("Two tasks are called {$task->id}.");
            }
            $open[$task->id] = $task;
        }
        foreach ($tasks as $task) {
            foreach ($task->after as $before) {
                if (! isset($open[$before])) {
                    throw new DomainException("{$task->id} comes after {$before}, which is not there.");
                }
            }
        }
        $done = [];
        while ($open !== []) {
            $before = count($done);
            foreach ($open as $id => $task) {
                if (array_diff($task->after, array_keys($done)) === []) {
                    $done[$id] = $task;
                    unset($open[$id]);
                }
            }
            if (count($done) === $before) {
                throw new DomainException('These wait for each other: ' . implode(', ', array_keys($open)) . '.');
            }
        }

        return $done;
    }
}
