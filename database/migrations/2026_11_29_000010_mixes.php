<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was weighed: a mix, begun from a plan, and everything that happened to it, only ever added. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->decimal('scale_readability_g', 5, 2)->default(0.1);
        });
        DB::statement(
            'ALTER TABLE workshops ADD CONSTRAINT workshops_scale_check
             CHECK (scale_readability_g IN (0.01, 0.05, 0.10, 0.50, 1.00))',
        );
        Schema::create('mixes', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('repair_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('job_version');
            $table->string('cup', 60);
            $table->string('kind', 10);
            $table->string('name', 80);
            $table->string('batch', 60)->default('');
            $table->json('begun');
            $table->json('scale')->nullable();
            $table->timestamp('finished_at', 3)->nullable();
            $table->timestamp('discarded_at', 3)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
        });
        DB::statement("ALTER TABLE mixes ADD CONSTRAINT mixes_kind_check CHECK (kind IN ('cup', 'formula'))");
        Schema::create('mix_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('mix_id')->constrained()->cascadeOnDelete();
            $table->uuid('key');
            $table->string('kind', 10);
            $table->json('body');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->unique(['mix_id', 'key'], 'mix_events_once');
        });
        DB::statement(
            "ALTER TABLE mix_events ADD CONSTRAINT mix_events_kind_check
             CHECK (kind IN ('take', 'recover', 'accept', 'finish', 'discard'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('mix_events');
        Schema::dropIfExists('mixes');
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn('scale_readability_g');
        });
    }
};
