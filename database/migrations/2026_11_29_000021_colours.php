<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Colours of a shop's own: notes, and put away instead of deleted. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('colours', function (Blueprint $table): void {
            $table->string('note', 400)->default('');
            $table->timestamp('put_away_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('colours', fn (Blueprint $table) => $table->dropColumn(['note', 'put_away_at']));
    }
};
