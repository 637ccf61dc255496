<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('workshops', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('town', 120)->default('');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('workshop_id')->constrained(indexName: 'users_workshop_fk')->restrictOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->string('units', 10)->default('metric');
            $table->string('theme', 10)->default('light');
            $table->rememberToken();
            $table->timestamps();
        });
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_role_known CHECK (role IN ('painter','lead','apprentice'))");
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_units_known CHECK (units IN ('metric','us'))");
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_theme_known CHECK (theme IN ('light','dark','booth'))");
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('personal_access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->string('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable()->index();
            $table->timestamps();
        });
    }
};
