<?php

declare(strict_types=1);

// Years of work in one shop: how long lists and searches take, and what the database reads for each of them (EXPLAIN).
// Usage: php years.php, with the environment of an installation that "logbook:fill" has filled.

use App\Models\RepairJob;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$app->instance('request', Request::create('/'));
$lead = User::query()->where('email', 'ines@saltmarsh.example')->firstOrFail();
$old = RepairJob::query()->where('plate', 'OLD 15000')->firstOrFail()->id;
$rows = [];
foreach (['repair_jobs', 'job_versions', 'job_facts', 'colour_samples', 'colour_readings', 'booth_runs', 'booth_run_events'] as $table) {
    $rows[$table] = DB::table($table)->count();
}
echo 'Rows: ' . implode(', ', array_map(fn (string $t, int $n): string => "{$t} {$n}", array_keys($rows), $rows)) . "\n\n";
printf("%-58s %9s %9s  %s\n", 'question', 'median ms', 'longest', 'rows read by its widest query (table, key)');
foreach ([
    '/api/jobs' => 'cars in the shop',
    '/api/jobs?archived=1' => 'those put away',
    '/api/logbook' => 'logbook, newest page',
    '/api/logbook?page=400' => 'logbook, page 400',
    '/api/logbook?q=OLD+15000' => 'logbook, one plate',
    '/api/logbook?q=quill+slate+petra' => 'logbook, three words',
    '/api/logbook?q=nowhere' => 'logbook, a word that is nowhere',
    '/api/logbook/sums' => 'logbook, rates and months',
    '/api/logbook/colour?name=Harbour+Slate&code=HS-12' => 'a colour\'s history',
    '/api/day' => 'the day',
    "/api/jobs/{$old}" => 'an old car',
    "/api/jobs/{$old}/colour" => 'its colour desk',
    "/api/jobs/{$old}/runs" => 'its runs',
    "/api/jobs/{$old}/history" => 'its history',
] as $path => $name) {
    $times = $widest = [];
    for ($i = 0; $i < 7; $i++) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $request = Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']);
        $app->instance('request', $request);
        Auth::guard('web')->setUser($lead);
        $began = hrtime(true);
        $answer = $kernel->handle($request);
        $times[] = (hrtime(true) - $began) / 1e6;
        DB::disableQueryLog();
        if ($i > 0) {
            continue;
        }
        foreach (DB::getQueryLog() as $query) {
            foreach (str_starts_with($query['query'], 'select') ? DB::select("explain {$query['query']}", $query['bindings']) : [] as $step) {
                if (($step->rows ?? 0) > ($widest[0] ?? 0)) {
                    $widest = [$step->rows, $step->table, $step->key ?? 'no key'];
                }
            }
        }
    }
    sort($times);
    $said = $answer->getStatusCode() === 200 ? '' : " (answers {$answer->getStatusCode()})";
    printf("%-58s %9.0f %9.0f  %s%s\n", $name, $times[3], max($times), $widest === [] ? '' : "{$widest[0]} ({$widest[1]}, {$widest[2]})", $said);
}
