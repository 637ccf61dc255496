<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('colours', function (Blueprint $table): void {
            $table->json('recipe')->nullable()->comment('toners in grams, layer of a let-down colour, variants');
        });
        Schema::table('repair_jobs', function (Blueprint $table): void {
            $table->json('colour_stations')->nullable()->comment('what the colour desk means for the stations; derived');
        });
        // The versions of a colour's formula in this workshop; only ever added.
        Schema::create('colour_formulas', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained(indexName: 'colour_formulas_workshop_fk')->restrictOnDelete();
            $table->string('colour', 80);
            $table->string('code', 40)->default('');
            $table->unsignedInteger('number');
            $table->json('recipe');
            $table->string('note', 160)->default('');
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'colour_formulas_user_fk')->restrictOnDelete();
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['workshop_id', 'colour', 'code', 'number'], 'colour_formulas_number_once');
        });
        Schema::create('colour_samples', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('repair_job_id')->constrained(indexName: 'colour_samples_job_fk')->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->string('kind', 10);
            $table->string('name', 80);
            $table->json('details');
            $table->json('mean')->nullable()->comment('of the readings that count; derived');
            $table->timestamp('struck_at')->nullable();
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'colour_samples_user_fk')->restrictOnDelete();
            $table->timestamps();
            $table->unique(['repair_job_id', 'number'], 'colour_samples_number_once');
        });
        DB::statement(
            "ALTER TABLE colour_samples ADD CONSTRAINT colour_samples_kind_known CHECK (kind IN ('car','card','variant'))",
        );
        Schema::create('colour_readings', function (Blueprint $table): void {
            $table->id();
            $table
                ->foreignUuid('colour_sample_id')
                ->constrained(indexName: 'colour_readings_sample_fk')
                ->restrictOnDelete();
            $table->string('spot', 40);
            $table->string('surface', 12);
            $table->string('source', 12);
            $table->json('measurement');
            $table->timestamp('excluded_at')->nullable();
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'colour_readings_user_fk')->restrictOnDelete();
            $table->timestamp('created_at')->useCurrent();
        });
        DB::statement(
            "ALTER TABLE colour_readings ADD CONSTRAINT colour_readings_surface_known CHECK (surface IN ('polished','unpolished','sanded'))",
        );
        DB::statement(
            "ALTER TABLE colour_readings ADD CONSTRAINT colour_readings_source_known CHECK (source IN ('typed','instrument','file'))",
        );
        // What happened at the desk: only ever added.
        Schema::create('colour_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('repair_job_id')->constrained(indexName: 'colour_events_job_fk')->restrictOnDelete();
            $table
                ->foreignUuid('colour_sample_id')
                ->nullable()
                ->constrained(indexName: 'colour_events_sample_fk')
                ->restrictOnDelete();
            $table->string('kind', 12);
            $table->json('body');
            $table->unsignedInteger('job_version');
            $table->char('plan_print', 64)->comment('SHA-256 of what of the plan a card must have been sprayed for');
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'colour_events_user_fk')->restrictOnDelete();
            $table->timestamp('created_at')->useCurrent();
            $table->index(['repair_job_id', 'kind', 'plan_print'], 'colour_events_gate');
        });
        DB::statement(
            "ALTER TABLE colour_events ADD CONSTRAINT colour_events_kind_known CHECK (kind IN ('eye','pass','override','close','strike','restore','exclude','include','edit','tint'))",
        );
        Schema::create('reading_imports', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('repair_job_id')->constrained(indexName: 'reading_imports_job_fk')->restrictOnDelete();
            $table->string('name', 120)->default('');
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'reading_imports_user_fk')->restrictOnDelete();
            $table->timestamp('taken_at')->nullable();
            $table->timestamp('created_at')->useCurrent();
        });
        DB::statement('ALTER TABLE reading_imports ADD COLUMN body MEDIUMBLOB NOT NULL');
    }
};
