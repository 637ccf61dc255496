<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

it('is well only while all of it is there', function (): void {
    $this->get('/up')->assertOk()->assertExactJson(['up' => true]);
    $socket = config('database.connections.mariadb.unix_socket');
    // Nobody listens at this socket.
    config(['database.connections.mariadb.unix_socket' => '/nowhere/mysql.sock']);
    DB::purge();
    $this->get('/up')->assertStatus(503)->assertJsonPath('code', 'away')->assertHeader('Content-Type', 'application/problem+json');
    // Whoever works meanwhile hears the same, and not that something broke.
    $this->getJson('/api/session')->assertStatus(503)->assertJsonPath('code', 'away');
    config(['database.connections.mariadb.unix_socket' => $socket]);
    DB::purge();
});
