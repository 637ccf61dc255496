<?php

declare(strict_types=1);

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use Kalopsis\Tests\Support\Bodies;

/** Somebody else's connection, as another worker has one. */
function elsewhere(): ConnectionInterface
{
    config(['database.connections.elsewhere' => config('database.connections.mariadb')]);

    return DB::connection('elsewhere');
}

afterEach(function (): void {
    DB::purge('elsewhere');
    // A search says how long it may take; the tests after it may take longer.
    set_time_limit(0);
});

it('does one long work for each person at a time, and gives its place back', function (): void {
    $this->actingAs($user = $this->lead());
    $ask = fn () => $this->getJson('/api/workshop/archive');
    expect($ask()->assertOk()->streamedContent())->toContain('kalopsis-workshop');
    $lock = DB::connection()->getDatabaseName() . " long work of {$user->id}";
    expect(elsewhere()->scalar('SELECT GET_LOCK(?, 0)', [$lock]))->toBe(1);
    $ask()->assertStatus(429)->assertJsonPath('code', 'still-at-it')->assertHeader('Retry-After', '5');
    elsewhere()->scalar('SELECT RELEASE_LOCK(?)', [$lock]);
    $ask()->assertOk()->streamedContent();
});

it('keeps the place of a search that is still telling, until it has told', function (): void {
    $job = $this->open($user = $this->painter());
    $lock = DB::connection()->getDatabaseName() . " long work of {$user->id}";
    $free = fn (): int => (int) elsewhere()->scalar('SELECT IS_FREE_LOCK(?)', [$lock]);
    $search = $this->postJson("/api/jobs/{$job->id}/smallest", ['document' => Bodies::job(change: ['repairs' => []])])->assertOk();
    expect($free())->toBe(0);
    $search->streamedContent();
    expect($free())->toBe(1);
});

it('leaves half of those who answer to the others', function (): void {
    $job = $this->open($this->lead());
    for ($n = 1; $n <= 4; $n++) {
        elsewhere()->scalar('SELECT GET_LOCK(?, 0)', [DB::connection()->getDatabaseName() . " long work place {$n}"]);
    }
    $ask = fn () => $this->getJson('/api/workshop/archive');
    $ask()->assertStatus(503)->assertJsonPath('code', 'busy');
    // What is not long goes on.
    $this->postJson("/api/jobs/{$job->id}/preview", ['document' => Bodies::job()])->assertOk();
    // A worker that dies gives its place back: locks end with their connection.
    DB::purge('elsewhere');
    $ask()->assertOk()->streamedContent();
});
