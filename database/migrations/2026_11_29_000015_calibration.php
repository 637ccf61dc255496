<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Simple tests that a workshop made of the model's numbers, and what they said together, one row each time it changed. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('model_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->uuid('key');
            $table->string('kind', 16);
            $table->json('body');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('put_away_at', 3)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->unique(['workshop_id', 'key'], 'model_tests_once');
        });
        Schema::create('calibrations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->json('found');
            $table->json('groups');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->index(['workshop_id', 'id'], 'calibrations_newest');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('calibrations');
        Schema::dropIfExists('model_tests');
    }
};
