<?php

declare(strict_types=1);

namespace App\Booth;

use App\Models\BoothRun;
use App\Models\BoothRunEvent;
use Kalopsis\Booth\Record;
use Kalopsis\Booth\Replay;
use Kalopsis\Booth\Run;

/** Where a run stands: what it was begun from, and every event since. */
final class RunState
{
    public static function of(BoothRun $run): Replay
    {
        $run->loadMissing('events.user');

        return Replay::of(self::run($run), array_values($run->events->map(fn (BoothRunEvent $e) => $e->event())->all()));
    }

    public static function record(BoothRun $run): Record
    {
        return new Record(self::run($run), self::of($run));
    }

    private static function run(BoothRun $run): Run
    {
        $kept = $run->begun['run'] ?? [];

        return Run::kept(is_array($kept) ? $kept : []);
    }
}
