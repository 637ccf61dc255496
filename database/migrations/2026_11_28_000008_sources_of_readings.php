<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('workshops', function (Blueprint $table): void {
            $table->boolean('is_demo')->default(false)->comment('simulated readings may pass here');
        });
        DB::statement('ALTER TABLE colour_readings DROP CONSTRAINT colour_readings_source_known');
        DB::statement(
            'ALTER TABLE colour_readings ADD CONSTRAINT colour_readings_source_known '
                . "CHECK (source IN ('typed', 'instrument', 'file', 'photo', 'simulated'))",
        );
        // So far the only instrument was the simulated one, and nothing said so.
        DB::table('colour_readings')
            ->where('source', 'instrument')
            ->update(['source' => 'simulated']);
        foreach (DB::table('colour_samples')->whereNotNull('mean')->pluck('mean', 'id') as $id => $mean) {
            $sources = DB::table('colour_readings')
                ->where('colour_sample_id', $id)
                ->whereNull('excluded_at')
                ->distinct()
                ->pluck('source')
                ->all();
            DB::table('colour_samples')
                ->where('id', $id)
                ->update(['mean' => json_encode([...(array) json_decode((string) $mean, true), 'sources' => $sources])]);
        }
    }

    public function down(): void
    {
        DB::table('colour_readings')
            ->where('source', 'simulated')
            ->update(['source' => 'instrument']);
        DB::statement('ALTER TABLE colour_readings DROP CONSTRAINT colour_readings_source_known');
        DB::statement(
            "ALTER TABLE colour_readings ADD CONSTRAINT colour_readings_source_known CHECK (source IN ('typed', 'instrument', 'file'))",
        );
        Schema::table('workshops', fn (Blueprint $table) => $table->dropColumn('is_demo'));
    }
};
