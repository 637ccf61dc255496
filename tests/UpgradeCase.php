<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;

/** An installation of the release before, read from its dump and brought up to this one, in a database of its own. */
abstract class UpgradeCase extends TestCase
{
    private string $name = '';

    protected function setUp(): void
    {
        parent::setUp();
        $own = config('database.connections.mariadb.database');
        $this->name = (is_string($own) ? $own : 'kalopsis') . '_before';
        DB::statement("DROP DATABASE IF EXISTS `{$this->name}`");
        DB::statement("CREATE DATABASE `{$this->name}`");
        config([
            'database.connections.mariadb.database' => $this->name,
            // A dump is many statements; the application sends one at a time.
            'database.connections.mariadb.options' => [PDO::MYSQL_ATTR_MULTI_STATEMENTS => true],
        ]);
        DB::purge();
        $dump = gzdecode((string) file_get_contents(__DIR__ . '/fixtures/kalopsis-0.11.0.sql.gz'));
        DB::unprepared((string) $dump);
    }

    protected function tearDown(): void
    {
        DB::statement("DROP DATABASE IF EXISTS `{$this->name}`");
        parent::tearDown();
    }

    protected function upgrade(): void
    {
        Artisan::call('migrate', ['--force' => true]);
    }
}
