<?php

declare(strict_types=1);

use App\Exceptions\ProblemRenderer;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\RefuseBrokenJson;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(api: __DIR__ . '/../routes/api.php', health: '/up')
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One address serves pages and API, so there is nothing for CORS to do.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(LimitBody::class);
        $middleware->statefulApi();
        $middleware->appendToGroup('api', RefuseBrokenJson::class);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(fn (Throwable $error, Request $request) => (new ProblemRenderer())->render($error, $request));
    })
    ->create();
