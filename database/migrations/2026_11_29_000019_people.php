<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A shop's own people: first passwords that must be changed, accounts that are put away; and what was done beside the cars. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('must_change')->default(false);
            $table->timestamp('put_away_at')->nullable();
        });
        Schema::table('workshops', function (Blueprint $table): void {
            $table->string('paper', 10)->default('A4');
        });
        DB::statement("ALTER TABLE workshops ADD CONSTRAINT workshops_paper_known CHECK (paper IN ('A4', 'letter'))");
        Schema::create('happenings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('author', 80)->nullable();
            $table->string('kind', 30);
            $table->string('about', 160)->default('');
            $table->timestamp('created_at', 3)->useCurrent();
            $table->index(['workshop_id', 'id'], 'happenings_newest');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('happenings');
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('paper'));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['must_change', 'put_away_at']));
    }
};
