<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the logbook looks up of each job: written whenever the job changes, made anew from the job at any time. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('job_facts', function (Blueprint $table): void {
            $table->foreignUuid('repair_job_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('label', 80);
            $table->string('plate', 20);
            $table->string('colour', 80);
            $table->string('code', 40);
            $table->string('painter', 80)->default('');
            $table->string('school', 60);
            $table->float('need_mm')->nullable();
            $table->float('blend_mm');
            $table->float('ml');
            $table->float('cost')->nullable();
            $table->float('minutes_planned')->nullable();
            $table->float('minutes_real')->nullable();
            $table->boolean('card_passed')->default(false);
            $table->string('looked', 10)->default('');
            $table->string('defects', 240)->default('');
            $table->string('lesson', 500)->default('');
            // All that is looked for, in small letters: compared letter by letter, years of work take a blink.
            $table->string('words', 700)->collation('utf8mb4_bin');
            $table->timestamp('opened_at');
            $table->timestamp('delivered_at')->nullable();
            $table->timestamp('asked_at')->nullable();
            $table->boolean('redo')->default(false);
            // Holds the words as well: searching reads nothing else, the newest first, until a page is full.
            $table->index(['workshop_id', 'opened_at', 'words'], 'job_facts_newest');
            $table->index(['workshop_id', 'colour', 'opened_at'], 'job_facts_by_colour');
            // Holds all that is counted, in the order it is counted by.
            $table->index(
                ['workshop_id', 'school', 'colour', 'code', 'painter', 'opened_at', 'delivered_at', 'redo', 'minutes_planned',
                    'minutes_real', 'cost', 'ml'],
                'job_facts_sums',
            );
            $table->index(['workshop_id', 'looked', 'opened_at'], 'job_facts_seen');
            $table->index(['workshop_id', 'redo', 'opened_at'], 'job_facts_again');
            $table->index(['workshop_id', 'delivered_at', 'asked_at'], 'job_facts_to_ask');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('job_facts');
    }
};
