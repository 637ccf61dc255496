<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\KnownFields;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A body has the fields that the API's description names for it, and no others: what nobody reads would be dropped without a
 * word. A job is looked at all the way down where it is kept.
 */
final class KnownBody
{
    public function handle(Request $request, Closure $next): Response
    {
        $known = $request->isJson() ? self::fields()["{$request->method()} /{$request->route()->uri()}"] ?? null : null;
        if ($known !== null) {
            KnownFields::among($request->json()->all(), $known);
        }

        return $next($request);
    }

    /** @return array<string, list<string>> by method and route; what is not in it may have any */
    private static function fields(): array
    {
        return require base_path('app/Http/fields.generated.php');
    }
}
