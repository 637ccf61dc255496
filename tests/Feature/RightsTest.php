<?php

declare(strict_types=1);

use App\Console\Commands\WriteRights;
use App\Models\RepairJob;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Policies\Right;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** Which right a route asks for; a route that is not here everybody in the workshop may call. */
const GUARDED = [
    'GET api/people' => Right::LookAfterPeople,
    'POST api/people' => Right::LookAfterPeople,
    'PATCH api/people/{person}' => Right::LookAfterPeople,
    'POST api/people/{person}/password' => Right::LookAfterPeople,
    'POST api/people/{person}/forget' => Right::LookAfterPeople,
    'POST api/people/{person}/sign-out' => Right::LookAfterPeople,
    'GET api/happenings' => Right::LookAfterPeople,
    'GET api/workshop/archive' => Right::CarryWorkshop,
    'POST api/workshop/archive' => Right::CarryWorkshop,
    'POST api/jobs/{job}/archive' => Right::PutJobsAway,
    'POST api/jobs/{job}/restore' => Right::PutJobsAway,
    'POST api/jobs/{job}/colour/override' => Right::OpenBooth,
    'PUT api/shelf/equipment' => Right::KeepEquipment,
    'PUT api/shelf/scale' => Right::KeepEquipment,
    'PUT api/shelf/hours' => Right::SetHours,
    'PUT api/shelf/blend-limits' => Right::LimitBlends,
    'POST api/calibration/tests' => Right::TakeTests,
    'POST api/calibration/gather' => Right::TakeTests,
    'POST api/calibration/tests/{id}/put-away' => Right::TakeTests,
    'POST api/calibration/tests/{id}/restore' => Right::TakeTests,
    'GET api/practice/people' => Right::LookAfterPractice,
    'POST api/practice/scenarios/{scenario}/put-away' => Right::LookAfterPractice,
    'POST api/jobs/{job}/practice' => Right::LookAfterPractice,
    'POST api/colours' => Right::KeepColours,
    'POST api/colours/import' => Right::KeepColours,
    'POST api/colours/readings' => Right::KeepColours,
    'PUT api/colours/{colour}' => Right::KeepColours,
    'DELETE api/colours/{colour}/reading' => Right::KeepColours,
    'POST api/colours/{colour}/put-away' => Right::KeepColours,
    'POST api/colours/{colour}/restore' => Right::KeepColours,
    'POST api/paint-systems' => Right::KeepPaint,
    'POST api/paint-systems/read' => Right::KeepPaint,
    'PUT api/paint-systems/{key}' => Right::KeepPaint,
    'POST api/paint-systems/{key}/put-away' => Right::KeepPaint,
    'POST api/paint-systems/{key}/restore' => Right::KeepPaint,
    'POST api/toners' => Right::KeepToners,
    'PUT api/toners/{toner}' => Right::KeepToners,
    'POST api/toners/{toner}/put-away' => Right::KeepToners,
    'POST api/toners/{toner}/restore' => Right::KeepToners,
    'POST api/silhouettes/{key}' => Right::TapeCars,
    'PUT api/bodies/{key}/tape' => Right::TapeCars,
    'POST api/bodies' => Right::AddDrawings,
];

/** What is streamed for ever, or ends the session that asks. */
const NOT_CALLED = ['GET api/jobs/{job}/mixes/{mix}/scale', 'POST api/logout'];

/** @return list<string> "METHOD uri" of all that needs a session */
function routesOfShop(): array
{
    $out = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        assert($route instanceof Registered);
        if (str_starts_with($route->uri(), 'api/') && in_array('auth:sanctum', $route->gatherMiddleware(), true)) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $out[] = "{$method} {$route->uri()}";
            }
        }
    }

    return array_values(array_diff($out, NOT_CALLED));
}

function calledAs(User $user, string $route, RepairJob $job): int
{
    [$method, $uri] = explode(' ', $route, 2);
    $uri = strtr($uri, [
        '{job}' => $job->id,
        '{person}' => (string) $job->workshop->id,
        '{colour}' => '1',
        '{key}' => 'northlight-w',
        '{place}' => '0',
        '{scenario}' => 'first-panel',
        '{toner}' => 'own-white',
        '{id}' => (string) Str::uuid(),
    ]);
    $uri = (string) preg_replace('~\{\w+\}~', (string) Str::uuid(), $uri);

    return test()->actingAs($user)->json($method, $uri, [], ['If-Match' => '"1"'])->getStatusCode();
}

it('lets each role do what the table says and refuses the rest, route by route', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
    $job = $this->actingAs($lead)->open($lead);
    $routes = routesOfShop();
    expect(array_values(array_diff(array_keys(GUARDED), $routes)))->toBe([]);
    $wrong = [];
    foreach ([Role::Apprentice, Role::Painter] as $role) {
        $user = User::factory()->create(['workshop_id' => $shop->id, 'role' => $role]);
        foreach ($routes as $route) {
            $right = GUARDED[$route] ?? null;
            $refused = calledAs($user, $route, $job) === 403;
            if ($refused !== ($right !== null && ! $right->isOf($user))) {
                $wrong[] = "{$role->value}: {$route}";
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('refuses a lead nothing, and shows a neighbour\'s lead no car of ours', function (): void {
    $shop = Workshop::factory()->stocked()->create();
    $lead = User::factory()->create(['workshop_id' => $shop->id, 'role' => Role::Lead]);
    $job = $this->actingAs($lead)->open($lead);
    $other = User::factory()->create(['workshop_id' => Workshop::factory()->create()->id, 'role' => Role::Lead]);
    $wrong = [];
    foreach (routesOfShop() as $route) {
        if (str_contains($route, '{job}') && calledAs($other, $route, $job) !== 404) {
            $wrong[] = "neighbour: {$route}";
        }
    }
    foreach (array_keys(GUARDED) as $route) {
        if (calledAs($lead, $route, $job) === 403) {
            $wrong[] = "lead: {$route}";
        }
    }
    expect($wrong)->toBe([]);
});

it('has a right for whatever is refused, and every right is asked for somewhere', function (): void {
    $asked = array_map(fn (Right $r): string => $r->value, array_values(GUARDED));
    // What of the logbook is seen is a matter of lines, not of routes.
    $all = array_diff(array_map(fn (Right $r): string => $r->value, Right::cases()), [Right::SeeAllPainters->value]);
    expect(array_values(array_diff($all, $asked)))->toBe([])
        ->and(file_get_contents(base_path('docs/rights.md')))->toBe(WriteRights::text(), 'Run: php artisan rights:write');
});
