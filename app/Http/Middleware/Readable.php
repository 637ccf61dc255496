<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A body that says it is JSON and is not would be read as empty and blamed on the fields. */
final class RefuseBrokenJson
{
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        if ($body !== '' && $request->isJson()) {
            $decoded = json_decode($body, true);
            if (! is_array($decoded)) {
                return Problem::response(
                    400,
                    'broken-json',
                    'This is not readable JSON.',
                    json_last_error() === JSON_ERROR_NONE ? 'The body must be a JSON object.' : json_last_error_msg(),
                );
            }
        }

        return $next($request);
    }
}
