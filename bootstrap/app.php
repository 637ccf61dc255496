<?php

declare(strict_types=1);

use App\Booth\RunRefused;
use App\Devices\NothingToMeasure;
use App\Exceptions\GateClosed;
use App\Exceptions\NothingToStep;
use App\Exceptions\ProblemRenderer;
use App\Exceptions\StaleEdit;
use App\Http\Controllers\HealthController;
use App\Http\Middleware\AllOrNothing;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\Readable;
use App\Mixing\MixRefused;
use App\People\NotFresh;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;
use Kalopsis\Exchange\Exception\UnreadableFile;
use Kalopsis\Input\InvalidInput;
use Kalopsis\Panel\Exception\BadBodyShape;
use Kalopsis\Tint\Exception\TintException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(api: __DIR__ . '/../routes/api.php', then: function (): void {
        Route::get('up', HealthController::class);
    })
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // One address serves pages and API, so there is nothing for CORS to do.
        $middleware->remove(HandleCors::class);
        $middleware->prepend(LimitBody::class);
        $middleware->statefulApi();
        $middleware->appendToGroup('api', Readable::class);
        // Nothing of a job is read before it is held.
        $middleware->prependToPriorityList(SubstituteBindings::class, AllOrNothing::class);
        $middleware->redirectGuestsTo(fn(Request $request): ?string => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // Answers to what somebody typed or drew, not faults of ours.
        $exceptions->dontReport([
            InvalidInput::class,
            BadBodyShape::class,
            StaleEdit::class,
            NothingToStep::class,
            GateClosed::class,
            NothingToMeasure::class,
            UnreadableFile::class,
            TintException::class,
            MixRefused::class,
            RunRefused::class,
            NotFresh::class,
        ]);
        $exceptions->render(fn(Throwable $error, Request $request) => (new ProblemRenderer())->render($error, $request));
    })
    ->create();
