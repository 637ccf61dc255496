<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;

/** A session that remembers the minute it was last used in, and not the address: nobody is sent back to one here. */
final class BeginSession extends StartSession
{
    protected function storeCurrentUrl(Request $request, $session): void
    {
        $session->put('seen', Carbon::now()->startOfMinute()->getTimestamp());
    }
}
