<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('shop_schools', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('workshop_id')->constrained(indexName: 'shop_schools_workshop_fk')->restrictOnDelete();
            $table->string('name', 60);
            $table
                ->json('plan')
                ->comment(
                    'the plan part of a job document without its sides: a school of the trade and what the shop changed',
                );
            $table->foreignId('user_id')->nullable()->constrained(indexName: 'shop_schools_user_fk')->restrictOnDelete();
            $table->timestamp('put_away_at')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'name'], 'shop_schools_name_once');
        });
    }
};
