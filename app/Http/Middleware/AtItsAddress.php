<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Signing in needs a session, and only pages of the application's own address have one. */
final class AtItsAddress
{
    public function handle(Request $request, Closure $next): Response
    {
        return $request->hasSession()
            ? $next($request)
            : Problem::response(
                403,
                'other-address',
                'Open Kalopsis at its own address to sign in.',
                'The shop computer is known as ' . config('app.url') . '.',
            );
    }
}
