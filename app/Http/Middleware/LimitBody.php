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

    /** 10,000 readings at five angles with their spectra take about 12 MB, and so do a job's pictures or one of a phone. */
    public const MOST_FILE_BYTES = 16_000_000;

    /** Where files come in. */
    private const FILES = '#/colour/imports$|/toners/readings$|/jobs/import$|/workshop/archive$|/photos$#';

    public function handle(Request $request, Closure $next): Response
    {
        $length = max((int) $request->headers->get('Content-Length', '0'), strlen($request->getContent()));
        $most = preg_match(self::FILES, $request->path()) === 1 ? self::MOST_FILE_BYTES : self::MOST_BYTES;
        if ($length > $most) {
            return Problem::response(
                413,
                'too-large',
                'This is too large.',
                sprintf('At most %d MB can be sent at once.', $most / 1_000_000),
            );
        }

        return $next($request);
    }
}
