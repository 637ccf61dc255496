<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A shop's own toners: names that can be poured, and what their drawdowns say of them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', fn (Blueprint $table) => $table->boolean('shipped_toners')->default(false));
        // Formulas that were typed until now are of the shipped ones.
        DB::table('workshops')->update(['shipped_toners' => true]);
        Schema::create('toners', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained()->cascadeOnDelete();
            $table->string('key', 60);
            $table->string('name', 60);
            $table->string('kind', 20);
            $table->string('system', 60)->nullable();
            $table->json('cards');
            $table->json('optics')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('author', 80)->nullable();
            $table->timestamp('put_away_at')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'key'], 'toner_once');
        });
        DB::statement(
            'ALTER TABLE toners ADD CONSTRAINT toners_kind_known CHECK (kind IN '
                . "('white', 'black', 'shade', 'aluminium', 'pearl', 'flop-adjuster'))",
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('toners');
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('shipped_toners'));
    }
};
