<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shop_schools', function (Blueprint $table): void {
            $table
                ->json('school')
                ->nullable()
                ->comment('docs/formats/school.schema.json; null in rows kept before schools were files');
            $table->json('plan')->nullable()->change();
        });
        Schema::table('repair_jobs', function (Blueprint $table): void {
            $table
                ->json('standing')
                ->nullable()
                ->comment('stations and verdict as the plan and the colour desk last had them, for the list of cars');
            $table->dropColumn('colour_stations');
        });
    }
};
