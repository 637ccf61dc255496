<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Runs in the booth: what was planned when they began, and everything that happened, only ever added. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('booth_runs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('repair_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('job_version');
            $table->json('begun');
            $table->json('climate')->nullable();
            $table->timestamp('finished_at', 3)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->index(['repair_job_id', 'created_at'], 'booth_runs_by_job');
        });
        Schema::create('booth_run_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('booth_run_id')->constrained()->cascadeOnDelete();
            $table->uuid('key');
            $table->string('kind', 10);
            $table->string('device', 40);
            $table->unsignedInteger('seq');
            $table->unsignedBigInteger('occurred_ms');
            $table->unsignedBigInteger('device_ms');
            $table->json('body');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('recorded_at', 3)->useCurrent();
            $table->unique(['booth_run_id', 'key'], 'booth_run_events_once');
        });
        DB::statement(
            "ALTER TABLE booth_run_events ADD CONSTRAINT booth_run_events_kind_check
             CHECK (kind IN ('begin', 'done', 'wait', 'back', 'note', 'wrong', 'climate', 'amount', 'pause', 'resume'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('booth_run_events');
        Schema::dropIfExists('booth_runs');
    }
};
