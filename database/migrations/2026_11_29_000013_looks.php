<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was found and said of a car once it was sprayed, only ever added; and pictures of it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('job_looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('repair_job_id')->constrained()->cascadeOnDelete();
            $table->uuid('key');
            $table->string('kind', 12);
            $table->json('body');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('recorded_at', 3)->useCurrent();
            $table->unique(['repair_job_id', 'key'], 'job_looks_once');
        });
        DB::statement(
            "ALTER TABLE job_looks ADD CONSTRAINT job_looks_kind_check
             CHECK (kind IN ('finding', 'strike', 'restore', 'clean', 'delivered', 'asked', 'follow-up', 'follows', 'lesson'))",
        );
        Schema::create('job_photos', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('repair_job_id')->constrained()->cascadeOnDelete();
            $table->uuid('finding')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->string('mime', 20);
            $table->unsignedInteger('bytes');
            $table->timestamp('struck_at', 3)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->index(['repair_job_id', 'created_at'], 'job_photos_by_job');
        });
        // With everything else, so that a backup has it and nothing is half there.
        DB::statement('ALTER TABLE job_photos ADD picture MEDIUMBLOB NOT NULL');
    }

    public function down(): void
    {
        Schema::dropIfExists('job_photos');
        Schema::dropIfExists('job_looks');
    }
};
