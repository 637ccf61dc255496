<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What stays in the cups, and which formula passed. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('job_facts', function (Blueprint $table): void {
            // Null in lines that were written before this was counted.
            $table->float('wasted_ml')->nullable();
            $table->unsignedInteger('formula')->nullable();
            // Holds all that is counted by months.
            $table->index(
                ['workshop_id', 'opened_at', 'ml', 'wasted_ml', 'cost', 'minutes_planned', 'minutes_real', 'redo'],
                'job_facts_by_month',
            );
        });
    }

    public function down(): void
    {
        Schema::table('job_facts', function (Blueprint $table): void {
            $table->dropIndex('job_facts_by_month');
            $table->dropColumn(['wasted_ml', 'formula']);
        });
    }
};
