<?php

declare(strict_types=1);

use App\Models\RepairJob;
use App\Models\User;
use App\Support\Planning;
use Illuminate\Support\Facades\DB;

/*
 * What the release before had kept. The dump is of its demo: tests/fixtures/kalopsis-0.11.0.sql.gz.
 */

/** @return array<string, int> rows by table, those of the framework left out */
function rowsKept(): array
{
    $out = [];
    foreach (DB::select('SHOW TABLES') as $row) {
        $table = (string) array_values((array) $row)[0];
        if (! in_array($table, ['migrations', 'sessions', 'cache', 'cache_locks'], true)) {
            $out[$table] = DB::table($table)->count();
        }
    }

    return $out;
}

it('brings an installation of the release before up with every row it had', function (): void {
    $before = rowsKept();
    expect($before['repair_jobs'])->toBeGreaterThan(10)->and($before)->not->toHaveKey('toners');
    $this->upgrade();
    $after = rowsKept();
    expect(array_intersect_key($after, $before))->toBe($before)->and($after)->toHaveKeys(['toners', 'paint_editions']);
});

it('opens every car of the release before, with the verdict it had and the first edition of its sheets', function (): void {
    // What Today showed of each: with the cards on its desk.
    $shown = [];
    foreach (DB::table('repair_jobs')->get(['id', 'standing']) as $row) {
        $shown[$row->id] = json_decode((string) $row->standing, true)['verdict']['plain'];
    }
    $this->upgrade();
    $user = User::query()->where('email', 'ines@saltmarsh.example')->firstOrFail();
    $this->withHeaders(['Accept' => 'application/json', 'Origin' => 'http://shop.test']);
    config(['sanctum.stateful' => ['shop.test']]);
    foreach (RepairJob::query()->get()->all() as $job) {
        $head = $job->at($job->head);
        expect($head->document['paintEdition'])->toBe(1);
        $plan = (new Planning())->plan($head->document, $job->workshop_id, $job);
        expect($plan->blend->verdict->jsonSerialize()['plain'])->toBe($shown[$job->id]);
    }
    $first = RepairJob::query()->orderBy('created_at')->firstOrFail();
    $this->actingAs($user, 'web')->getJson("/api/jobs/{$first->id}")->assertOk();
    $this->getJson('/api/shelf')->assertOk();
    $this->getJson('/api/toners')->assertOk();
});
