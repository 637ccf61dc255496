<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a shop works with: its booths' air and heat, its guns' fans, its cups. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->json('equipment')->nullable());
    }

    public function down(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('equipment'));
    }
};
