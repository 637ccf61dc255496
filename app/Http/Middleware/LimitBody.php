<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No job, drawing or form comes near this size; what does is refused before it is decoded. */
final class LimitBody
{
    public const MOST_BYTES = 3_000_000;

    public function handle(Request $request, Closure $next): Response
    {
        $length = max((int) $request->headers->get('Content-Length', '0'), strlen($request->getContent()));
        if ($length > self::MOST_BYTES) {
            return Problem::response(413, 'too-large', 'This is too large.', 'At most 3 MB can be sent at once.');
        }

        return $next($request);
    }
}
