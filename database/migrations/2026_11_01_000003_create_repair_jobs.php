<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('repair_jobs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('workshop_id')->constrained(indexName: 'repair_jobs_workshop_fk')->restrictOnDelete();
            $table->unsignedInteger('head')->default(1);
            $table->string('label', 80);
            $table->string('plate', 20)->default('');
            $table->string('colour', 80)->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['workshop_id', 'archived_at'], 'repair_jobs_by_workshop');
        });
        // Versions are only ever added: what happened is never edited away.
        Schema::create('job_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('repair_job_id')->constrained(indexName: 'job_versions_job_fk')->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->string('kind', 10);
            $table->string('change', 160)->default('');
            $table->json('document');
            $table->json('summary');
            $table->unsignedInteger('undo_to')->nullable();
            $table->unsignedInteger('redo_to')->nullable();
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'job_versions_user_fk')->restrictOnDelete();
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['repair_job_id', 'number'], 'job_versions_number_once');
        });
        DB::statement(
            "ALTER TABLE job_versions ADD CONSTRAINT job_versions_kind_known CHECK (kind IN ('create','import','edit','undo','redo'))",
        );
    }
};
