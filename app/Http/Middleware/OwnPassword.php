<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Who was put away is signed out at once, and who signed in a month ago too; who has a first password changes it before
 * anything else.
 */
final readonly class OwnPassword
{
    /** Where a session keeps when it began, s. */
    public const SINCE = 'signed-in-at';

    private const LONGEST_S = 30 * 86_400;

    /** What somebody with a first password may do. */
    private const OPEN = ['api/me', 'api/me/password', 'api/logout'];

    public function __construct(private StatefulGuard $guard) {}

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->put_away_at !== null) {
            $this->guard->logout();

            return Problem::response(401, 'put-away', 'This account was put away.', 'Ask your lead.');
        }
        $since = $request->hasSession() ? $request->session()->get(self::SINCE) : null;
        if (is_int($since) && $since < now()->getTimestamp() - self::LONGEST_S) {
            $this->guard->logout();
            $request->session()->invalidate();

            return Problem::response(401, 'signed-out', 'Please sign in again: the last time was a month ago.');
        }
        if ($user instanceof User && $user->must_change && ! in_array($request->path(), self::OPEN, true)) {
            return Problem::response(403, 'change-password', 'Choose a password of your own first.');
        }

        return $next($request);
    }
}
