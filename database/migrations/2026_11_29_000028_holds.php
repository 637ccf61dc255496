<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a change writes down to hold a job or a workshop where several database servers take changes (App\Support\Hold). */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['repair_jobs', 'workshops'] as $held) {
            Schema::table($held, function (Blueprint $table): void {
                $table->unsignedBigInteger('holds')->default(0);
            });
        }
    }

    public function down(): void
    {
        foreach (['repair_jobs', 'workshops'] as $held) {
            Schema::table($held, function (Blueprint $table): void {
                $table->dropColumn('holds');
            });
        }
    }
};
