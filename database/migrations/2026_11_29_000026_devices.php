<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('colour_readings', function (Blueprint $table): void {
            $table->string('instrument', 60)->default('')->comment('what it was read with; empty: nobody said');
        });
        Schema::table('body_shapes', function (Blueprint $table): void {
            $table->timestamp('put_away_at')->nullable()->comment('came with a job and stays with it');
        });
        Schema::table('colours', function (Blueprint $table): void {
            $table->float('hiding_um')->nullable()->comment('dry film that hides, um; empty: its class\'s');
            $table->json('reading')->nullable()->comment('mean of a file\'s shots, their number, the file');
        });
    }

    public function down(): void
    {
        Schema::table('body_shapes', fn (Blueprint $table) => $table->dropColumn('put_away_at'));
        Schema::table('colours', fn (Blueprint $table) => $table->dropColumn(['reading', 'hiding_um']));
        Schema::table('colour_readings', fn (Blueprint $table) => $table->dropColumn('instrument'));
    }
};
