<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A step of a version to come that spoils something and then fails: what bin/test tries an upgrade's way back with. */
return new class () extends Migration {
    public function up(): void
    {
        DB::statement('DELETE FROM happenings');
        DB::statement('UPDATE repair_jobs SET label = \'spoilt\'');
        DB::statement('ALTER TABLE repair_jobs ADD COLUMN spoilt INT NULL');
        DB::statement('ALTER TABLE there_is_no_such_table ADD COLUMN a INT');
    }
};
