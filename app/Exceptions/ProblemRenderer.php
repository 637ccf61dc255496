<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Booth\RunRefused;
use App\Devices\NothingToMeasure;
use App\Mixing\MixRefused;
use App\People\NotFresh;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Input\Problem as InputProblem;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Tint\Exception\TintException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** The one place where exceptions become problem details. */
final class ProblemRenderer
{
    public function render(Throwable $error, Request $request): JsonResponse
    {
        return match (true) {
            $error instanceof InvalidInput => Problem::response(
                422,
                'invalid',
                'Something needs another look.',
                $error->problems[0]->jsonSerialize()['detail'],
                array_map(fn (InputProblem $p): array => $p->jsonSerialize(), $error->problems),
            ),
            $error instanceof ValidationException => $this->validation($error),
            $error instanceof BadBodyShape => Problem::response(
                422,
                'bad-body-shape',
                'This drawing cannot be read.',
                $error->getMessage(),
                [['field' => 'svg', 'code' => 'bad-body-shape', 'detail' => $error->getMessage()]],
            ),
            $error instanceof StaleEdit => Problem::response(
                412,
                'stale',
                $error->getMessage(),
                "{$error->by} saved {$error->what} {$error->current} in between.",
                more: ['current' => $error->current],
                headers: ['ETag' => "\"{$error->current}\""],
            ),
            $error instanceof NothingToStep => Problem::response(409, 'nothing-to-step', $error->getMessage()),
            $error instanceof GateClosed => Problem::response(
                409,
                'gate-closed',
                'This card cannot pass.',
                $error->getMessage(),
            ),
            $error instanceof NotFresh => Problem::response(409, 'not-fresh', $error->getMessage()),
            $error instanceof MixRefused => Problem::response(
                409,
                'mix-refused',
                'This mix cannot go on so.',
                $error->getMessage(),
            ),
            $error instanceof RunRefused => Problem::response(
                409,
                'run-refused',
                'The booth has to wait.',
                $error->getMessage(),
            ),
            $error instanceof NothingToMeasure => Problem::response(
                409,
                'nothing-to-measure',
                'There is nothing to measure.',
                $error->getMessage(),
            ),
            $error instanceof UnreadableFile => Problem::response(
                422,
                'unreadable',
                'This file cannot be read.',
                $error->getMessage(),
                [['field' => 'file', 'code' => 'unreadable', 'detail' => $error->getMessage()]],
            ),
            $error instanceof TintException => Problem::response(
                422,
                'bad-formula',
                'This formula cannot be used.',
                $error->getMessage(),
                [['field' => 'toners', 'code' => 'bad-formula', 'detail' => $error->getMessage()]],
            ),
            $error instanceof AuthenticationException => Problem::response(401, 'signed-out', 'Please sign in.'),
            $error instanceof AuthorizationException => Problem::response(
                403,
                'not-allowed',
                $this->refusal($error->getMessage()),
            ),
            $error instanceof ModelNotFoundException => Problem::response(404, 'not-found', 'There is nothing here.'),
            $error instanceof TokenMismatchException => Problem::response(
                419,
                'page-expired',
                'This page is too old. Load it again.',
            ),
            $error instanceof HttpExceptionInterface => $this->http($error),
            self::isAway($error) => Problem::response(
                503,
                'away',
                'The database does not answer.',
                'What was typed stays here. It is tried again.',
            ),
            (new ConcurrencyErrorDetector())->causedByConcurrencyError($error) => Problem::response(
                503,
                'busy',
                'Too many people change this at once.',
                'Nothing was changed. Try again.',
                headers: ['Retry-After' => '1'],
            ),
            self::isFull($error) => Problem::response(
                503,
                'full',
                'There is no room left on the shop computer.',
                'What was typed stays here and is tried again when somebody has made room.',
                headers: ['Retry-After' => '60'],
            ),
            default => Problem::response(
                500,
                'broken',
                'Something went wrong on our side.',
                'Nothing you typed is lost. Try again; if it stays, tell whoever looks after this machine.',
            ),
        };
    }

    /** Nobody is there, or not yet one of its cluster again (1047); what is remembered may lie elsewhere than the data. */
    private static function isAway(Throwable $error): bool
    {
        if ($error instanceof PDOException) {
            return ($error->errorInfo[1] ?? 0) === 1047 || (new LostConnectionDetector())->causedByLostConnection($error);
        }

        return is_a($error, 'RedisException');
    }

    /** MariaDB's errors for a disk without room: of writing a file, of a table, of the server; and PHP's own words for it. */
    private static function isFull(Throwable $error): bool
    {
        // A file of ours, or the log that was to tell of another fault.
        if (! $error instanceof PDOException) {
            return preg_match('/No space left on device|out of free disk space/', $error->getMessage()) === 1;
        }

        return in_array($error->errorInfo[1] ?? 0, [3, 1021, 1026, 1114], true);
    }

    private function validation(ValidationException $error): JsonResponse
    {
        $errors = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ((array) $messages as $message) {
                $errors[] = [
                    'field' => (string) $field,
                    'code' => 'invalid',
                    'detail' => is_string($message) ? $message : '',
                ];
            }
        }

        return Problem::response(
            $error->status,
            'invalid',
            'Something needs another look.',
            $errors[0]['detail'] ?? '',
            $errors,
        );
    }

    /** The policy's own sentence, where it has one; the framework's stock sentence says nothing to a painter. */
    private function refusal(string $message): string
    {
        return in_array($message, ['', 'This action is unauthorized.'], true) ? 'Your role may not do this.' : $message;
    }

    private function http(HttpExceptionInterface $error): JsonResponse
    {
        $headers = array_map(fn (mixed $v): string => is_scalar($v) ? (string) $v : '', $error->getHeaders());
        [$code, $title] = match ($error->getStatusCode()) {
            403 => ['not-allowed', $this->refusal($error->getMessage())],
            404 => ['not-found', 'There is nothing here.'],
            405 => ['no-such-method', 'This cannot be done here.'],
            419 => ['page-expired', 'This page is too old. Load it again.'],
            428 => ['no-version', 'Say which version you changed.'],
            429 => ['too-many', 'Too many tries. Wait a minute.'],
            default => ['refused', 'This request cannot be answered.'],
        };

        return Problem::response($error->getStatusCode(), $code, $title, headers: array_map(strval(...), $headers));
    }
}
