<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('body_shapes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained(indexName: 'body_shapes_workshop_fk')->restrictOnDelete();
            $table->string('key', 60);
            $table->string('name', 80);
            $table->string('style', 80)->default('');
            $table->mediumText('svg');
            $table->timestamps();
            $table->unique(['workshop_id', 'key'], 'body_shapes_key_once');
        });
        Schema::create('paint_systems', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained(indexName: 'paint_systems_workshop_fk')->restrictOnDelete();
            $table->string('key', 60);
            $table->string('name', 80);
            $table->json('sheet');
            $table->timestamps();
            $table->unique(['workshop_id', 'key'], 'paint_systems_key_once');
        });
        Schema::create('colours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained(indexName: 'colours_workshop_fk')->restrictOnDelete();
            $table->string('name', 80);
            $table->string('code', 40)->default('');
            $table->string('finish', 20);
            $table->unsignedTinyInteger('undercoat_shade')->nullable();
            $table->timestamps();
            $table->unique(['workshop_id', 'name', 'code'], 'colours_once');
        });
        DB::statement('ALTER TABLE colours ADD CONSTRAINT colours_shade_range CHECK (undercoat_shade BETWEEN 1 AND 7)');
    }
};
