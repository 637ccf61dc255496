<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Support\Answers;
use App\Support\Hold;
use App\Support\ShopConnection;
use Closure;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Str;
use PDOException;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request that changes something: all of it or nothing, one after another on one job, and once however often it is sent with
 * the same Idempotency-Key. It comes before anything of the job is read, so that all is read after the job is held: means,
 * verdicts and kept states follow from what is there when they are written. The job is held first and the rest after it.
 */
final readonly class AllOrNothing
{
    /** From this try on the rests grow no longer. */
    private const SLOWEST = 5;

    public function __construct(private ConnectionInterface $database, private Answers $answers, private Hold $hold) {}

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        for ($try = 1; ; $try++) {
            $this->database->beginTransaction();

            try {
                $response = $this->once($request, $next);
                $failure = $response instanceof JsonResponse || $response instanceof PlainResponse ? $response->exception : null;
                if ($response->getStatusCode() < 400) {
                    $this->database->commit();

                    return $response;
                }
            } catch (PDOException $error) {
                $response = null;
                $failure = $error;
            }
            $this->database->rollBack();
            $isStuck = $failure !== null && (new ConcurrencyErrorDetector())->causedByConcurrencyError($failure);
            if (! $isStuck || $try === ShopConnection::TRIES) {
                return $response ?? throw $failure;
            }
            self::startOver($request);
            usleep(random_int(1_000, 20_000) * min($try, self::SLOWEST));
        }
    }

    private function once(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $key = $request->headers->get('Idempotency-Key');
        if ($user instanceof User && $key !== null) {
            $before = $this->answers->before($user, $key, $request);
            if ($before !== null) {
                return $before;
            }
        }
        $job = $request->route('job');
        if (is_string($job) && Str::isUuid($job)) {
            $this->hold->job($job);
        } elseif ($user instanceof User) {
            $this->hold->workshopOf($user);
        }
        $response = $next($request);
        if ($user instanceof User && $key !== null && $response->getStatusCode() < 400) {
            $this->answers->keep($user, $key, $response);
        }

        return $response;
    }

    /** What was found before is forgotten: it may be another now. */
    private static function startOver(Request $request): void
    {
        $route = $request->route();
        foreach ($route->originalParameters() as $name => $value) {
            $route->setParameter($name, $value);
        }
    }
}
