<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Scenarios that a lead made of jobs, and everybody's tries, only ever added. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('practice_scenarios', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->json('scenario');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('put_away_at', 3)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
        });
        Schema::create('practice_tries', function (Blueprint $table): void {
            $table->id();
            $table->uuid('key');
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('scenario', 60);
            $table->string('skill', 20);
            $table->json('answer');
            $table->unsignedTinyInteger('score');
            $table->timestamp('created_at', 3)->useCurrent();
            $table->unique(['user_id', 'key'], 'practice_tries_once');
            $table->index(['workshop_id', 'user_id', 'id'], 'practice_tries_by_person');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_tries');
        Schema::dropIfExists('practice_scenarios');
    }
};
