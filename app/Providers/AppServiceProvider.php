<?php

declare(strict_types=1);

namespace App\Providers;

use App\Colour\Bench;
use App\Devices\BenchScale;
use App\Devices\BoothClimate;
use App\Devices\Instrument;
use App\Devices\ScaleDevice;
use App\Devices\SimulatedClimate;
use App\Devices\SimulatedInstrument;
use App\Http\Middleware\BeginSession;
use App\Models\BoothRun;
use App\Models\ColourReading;
use App\Models\ColourSample;
use App\Models\JobPhoto;
use App\Models\Mix;
use App\Models\ReadingImport;
use App\Models\RepairJob;
use App\Models\User;
use App\Policies\RepairJobPolicy;
use App\Session\SparingSessions;
use App\Support\ShopConnection;
use Closure;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Container\Container;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Bench::class);
        $this->app->bind(Instrument::class, SimulatedInstrument::class);
        $this->app->bind(ScaleDevice::class, BenchScale::class);
        $this->app->bind(BoothClimate::class, SimulatedClimate::class);
        Connection::resolverFor(
            'mariadb',
            fn (PDO|Closure $pdo, string $database, string $prefix, array $config): ShopConnection => new ShopConnection(
                $pdo,
                $database,
                $prefix,
                $config,
            ),
        );
        $this->app->bind(StartSession::class, BeginSession::class);
        $this->app->singleton(BeginSession::class);
        $this->app->bind(StatefulGuard::class, fn (): Guard => Auth::guard('web'));
    }

    public function boot(): void
    {
        Session::extend('sparing', function (Container $app): SparingSessions {
            $connection = $app->make(ConnectionInterface::class);

            return new SparingSessions($connection, config('session.table'), config('session.lifetime'), $app);
        });
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        Gate::policy(RepairJob::class, RepairJobPolicy::class);
        // A neighbour workshop's job is not forbidden, it is not there.
        Route::bind('job', function (string $id): RepairJob {
            $user = request()->user();

            return RepairJob::query()
                ->where('workshop_id', $user instanceof User ? $user->workshop_id : 0)
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail();
        });
        Route::bind(
            'sample',
            fn (string $id): ColourSample => self::jobOfRoute()
                ->samples()
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail(),
        );
        Route::bind('reading', function (string $id): ColourReading {
            $sample = request()->route('sample');

            return ColourReading::query()
                ->where('colour_sample_id', $sample instanceof ColourSample ? $sample->id : '')
                ->where('id', ctype_digit($id) ? $id : 0)
                ->firstOrFail();
        });
        Route::bind(
            'mix',
            fn (string $id): Mix => self::jobOfRoute()
                ->mixes()
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail(),
        );
        Route::bind(
            'run',
            fn (string $id): BoothRun => self::jobOfRoute()
                ->runs()
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail(),
        );
        Route::bind(
            'photo',
            fn (string $id): JobPhoto => self::jobOfRoute()
                ->photos()
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail(),
        );
        Route::bind(
            'import',
            fn (string $id): ReadingImport => ReadingImport::query()
                ->where('repair_job_id', self::jobOfRoute()->id)
                ->where('id', Str::isUuid($id) ? $id : '')
                ->firstOrFail(),
        );
    }

    /** The job of the route, bound before what belongs to it. */
    private static function jobOfRoute(): RepairJob
    {
        $job = request()->route('job');

        return $job instanceof RepairJob ? $job : throw (new ModelNotFoundException())->setModel(RepairJob::class);
    }

    /** What was typed as e-mail, as a key; anything but text counts as nothing. */
}
