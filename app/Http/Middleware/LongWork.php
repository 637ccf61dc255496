<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use App\Models\User;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Work of many seconds: one piece for each person at a time, and never so much of it that nobody is left to answer the others.
 * What is going on is known by locks of the database, which end with their connection, however it ends.
 */
final readonly class LongWork
{
    /** Half of the eight that answer. */
    private const AT_ONCE = 4;

    /** A search that was given up ends within a moment; who begins the next one waits for it so long, s. */
    private const PATIENCE_S = 3;

    public function __construct(private ConnectionInterface $database) {}

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $mine = $this->named('of ' . ($user instanceof User ? $user->id : 0));
        if (! $this->take($mine, self::PATIENCE_S)) {
            return self::refused(429, 'still-at-it', 'Your last search still runs.', 'Wait until it has ended, or stop it there.');
        }
        $place = null;
        for ($n = 1; $n <= self::AT_ONCE && $place === null; $n++) {
            $place = $this->take($this->named("place {$n}"), 0) ? $this->named("place {$n}") : null;
        }
        if ($place === null) {
            $this->give($mine);

            return self::refused(503, 'busy', 'Others are searching.', 'Try again in a few seconds.');
        }
        $end = function () use ($place, $mine): void {
            $this->give($place);
            $this->give($mine);
        };
        $ends = true;

        try {
            $response = $next($request);
            $work = $response instanceof StreamedResponse ? $response->getCallback() : null;
            if ($response instanceof StreamedResponse && $work !== null) {
                $ends = false;
                $response->setCallback(function () use ($work, $end): void {
                    try {
                        $work();
                    } finally {
                        $end();
                    }
                });
            }

            return $response;
        } finally {
            if ($ends) {
                $end();
            }
        }
    }

    private static function refused(int $status, string $code, string $title, string $detail): Response
    {
        return Problem::response($status, $code, $title, $detail, headers: ['Retry-After' => '5']);
    }

    /** Locks are the server's: another installation's on it have other names. */
    private function named(string $what): string
    {
        return mb_substr("{$this->database->getDatabaseName()} long work {$what}", -64);
    }

    private function take(string $lock, int $seconds): bool
    {
        return (int) $this->database->scalar('SELECT GET_LOCK(?, ?)', [$lock, $seconds]) === 1;
    }

    private function give(string $lock): void
    {
        $this->database->scalar('SELECT RELEASE_LOCK(?)', [$lock]);
    }
}
