<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Paint systems are edited: every edition stays for the plans that were made with it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('paint_systems', function (Blueprint $table): void {
            $table->unsignedInteger('edition')->default(1);
            $table->timestamp('put_away_at')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('author', 80)->nullable();
        });
        Schema::create('paint_editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('paint_system_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('sheet');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('author', 80)->nullable();
            $table->timestamp('created_at', 3)->useCurrent();
            $table->unique(['paint_system_id', 'number'], 'paint_edition_once');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('paint_editions');
        Schema::table('paint_systems', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('user_id');
            $table->dropColumn(['edition', 'put_away_at', 'author']);
        });
    }
};
