<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A body shape that was drawn by tape keeps what the tape said, to be put right later. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('body_shapes', function (Blueprint $table): void {
            $table->json('tape')->nullable()->comment('silhouette, and lengths in mm');
        });
    }

    public function down(): void
    {
        Schema::table('body_shapes', fn (Blueprint $table) => $table->dropColumn('tape'));
    }
};
