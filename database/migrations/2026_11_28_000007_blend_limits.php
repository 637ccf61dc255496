<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            // What the search for the smallest blend may do here; null: as the trade usually does.
            $table->json('blend_limits')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('blend_limits'));
    }
};
