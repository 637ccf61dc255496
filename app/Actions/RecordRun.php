<?php

declare(strict_types=1);

namespace App\Actions;

use App\Booth\RunState;
use App\Models\BoothRun;
use App\Models\BoothRunEvent;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Kalopsis\Booth\RunEvent;

/** Adds what tablets saw, each event once, with their clocks put right. */
final readonly class RecordRun
{
    /** A clock that is off by no more than this is right, ms: the way of a message. Chosen here. */
    private const CLOCK_MS = 2000;

    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param list<RunEvent> $events times as the tablet has them
     * @param int $clockMs the tablet's clock when it sent them, ms since 1970
     */
    public function __invoke(User $user, BoothRun $run, array $events, int $clockMs): void
    {
        $off = (int) round(microtime(true) * 1000) - $clockMs;
        $off = abs($off) <= self::CLOCK_MS ? 0 : $off;
        $this->database->transaction(function () use ($user, $run, $events, $off): void {
            $query = BoothRun::query()->whereKey($run->id);
            $query->lockForUpdate();
            $held = $query->firstOrFail();
            $known = array_fill_keys($held->events()->pluck('key')->all(), true);
            foreach ($events as $event) {
                if (isset($known[$event->key])) {
                    continue;
                }
                $known[$event->key] = true;
                BoothRunEvent::query()->create([
                    'booth_run_id' => $held->id,
                    'key' => $event->key,
                    'kind' => $event->kind,
                    'device' => $event->device,
                    'seq' => $event->seq,
                    'occurred_ms' => max(0, $event->occurredMs + $off),
                    'device_ms' => $event->occurredMs,
                    'body' => $event->body,
                    'user_id' => $user->id,
                ]);
            }
            $done = RunState::of($held->load('events.user'))->isDone();
            if ($done !== ($held->finished_at !== null)) {
                $held->update(['finished_at' => $done ? now() : null]);
            }
        });
    }
}
