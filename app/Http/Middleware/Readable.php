<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What cannot be read is refused as such, before a field is blamed for it: broken JSON, a tower of brackets, no number at all.
 */
final class Readable
{
    /** A job in a car in a workshop's archive has 16 levels. */
    public const DEPTH = 32;

    /** Beyond what a double can hold, PHP reads infinity. */
    private const HUGE = '/[eE]\+?\d{3}|\d{300}/';

    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value)) {
                return Problem::response(400, 'broken-query', "\"{$name}\" in the address is one text.");
            }
            if (! mb_check_encoding($name . (is_string($value) ? $value : ''), 'UTF-8')) {
                return Problem::response(400, 'broken-query', 'The address is no UTF-8.');
            }
        }
        $body = $request->getContent();
        if ($body === '' || ! $request->isJson()) {
            return $next($request);
        }
        $decoded = json_decode($body, true, self::DEPTH);
        if (json_last_error() === JSON_ERROR_DEPTH) {
            return Problem::response(400, 'too-deep', sprintf('Nothing here is nested more than %d times.', self::DEPTH));
        }
        if (! is_array($decoded)) {
            return Problem::response(
                400,
                'broken-json',
                'This is not readable JSON.',
                json_last_error() === JSON_ERROR_NONE ? 'The body must be a JSON object.' : json_last_error_msg(),
            );
        }
        if (preg_match(self::HUGE, $body) === 1 && self::hasInfinity($decoded)) {
            return Problem::response(400, 'too-large-number', 'A number is larger than any that is used here.');
        }

        return $next($request);
    }

    /** @param array<array-key, mixed> $values */
    private static function hasInfinity(array $values): bool
    {
        foreach ($values as $value) {
            if (is_array($value) ? self::hasInfinity($value) : is_float($value) && ! is_finite($value)) {
                return true;
            }
        }

        return false;
    }
}
