<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The shop's day: its booths and hours, the order somebody chose, and what somebody put somewhere or ticked off. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->json('booths')->nullable();
            $table->json('hours')->nullable();
            $table->json('day_order')->nullable();
        });
        Schema::create('day_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('repair_job_id')->constrained()->cascadeOnDelete();
            $table->string('block', 10);
            $table->string('starts', 16)->nullable();
            $table->string('booth', 40)->nullable();
            $table->string('person', 120)->nullable();
            $table->boolean('done')->default(false);
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps(3);
            $table->unique(['repair_job_id', 'block'], 'day_moves_once');
        });
        DB::statement(
            "ALTER TABLE day_moves ADD CONSTRAINT day_moves_block_check
             CHECK (block IN ('card', 'dries', 'prep', 'booth', 'cool', 'finish'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('day_moves');
        Schema::table('workshops', function (Blueprint $table): void {
            $table->dropColumn(['booths', 'hours', 'day_order']);
        });
    }
};
