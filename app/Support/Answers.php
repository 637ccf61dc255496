<?php

declare(strict_types=1);

namespace App\Support;

use App\Exceptions\Problem;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * What was answered to a request with an Idempotency-Key. The row is put down before anything is done: who sends the same key
 * meanwhile waits for it, and finds the answer.
 */
final readonly class Answers
{
    private const HOURS = 24;

    /** Of so many requests one tidies up. */
    private const TIDY_OF = 50;

    public function __construct(private ConnectionInterface $database) {}

    /** The answer that was given already, or null: this one is the first. */
    public function before(User $user, string $key, Request $request): ?Response
    {
        if (! Str::isUuid($key)) {
            return Problem::response(400, 'bad-key', 'An Idempotency-Key is a UUID.');
        }
        $question = hash('sha256', "{$request->method()} {$request->getPathInfo()} {$request->getContent()}");

        try {
            $this->database->table('answers')->insert(['user_id' => $user->id, 'key' => $key, 'question' => $question]);

            return null;
        } catch (UniqueConstraintViolationException) {
            // Read plainly: those who waited together share the row, and none of them may want it alone.
            $found = $this->database->table('answers')->where('user_id', $user->id)->where('key', $key)->first();
        }

        return match (true) {
            $found === null => null,
            $found->question !== $question => Problem::response(
                422,
                'key-reused',
                'This Idempotency-Key belongs to another request.',
            ),
            default => new Response((string) gzdecode((string) $found->body), (int) $found->status, array_filter([
                'Content-Type' => $found->type,
                'ETag' => $found->etag,
                'Idempotency-Replayed' => 'true',
            ], is_string(...))),
        };
    }

    public function keep(User $user, string $key, Response $response): void
    {
        $answers = $this->database->table('answers');
        $answers->where('user_id', $user->id)->where('key', $key)->update([
            'status' => $response->getStatusCode(),
            'etag' => $response->headers->get('ETag'),
            'type' => $response->headers->get('Content-Type'),
            'body' => gzencode((string) $response->getContent(), 3),
        ]);
        if (random_int(1, self::TIDY_OF) === 1) {
            $old = $this->database->table('answers');
            $old->where('created_at', '<', Carbon::now()->subHours(self::HOURS))->limit(200)->delete();
        }
    }
}
