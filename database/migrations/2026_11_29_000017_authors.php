<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What came with a job's file was done by somebody who has no account here: the name stays. */
return new class () extends Migration {
    private const TABLES = [
        'job_versions',
        'colour_samples',
        'colour_readings',
        'colour_events',
        'colour_formulas',
        'mixes',
        'mix_events',
        'booth_runs',
        'booth_run_events',
        'job_looks',
        'job_photos',
    ];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->string('author', 80)->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('author'));
        }
    }
};
