<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Answers to requests that carried a key, so that the same one sent again is answered and not done again. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('key', 36);
            // Of what was asked: a key belongs to one question.
            $table->char('question', 64);
            $table->unsignedSmallInteger('status')->nullable();
            $table->string('etag', 80)->nullable();
            $table->string('type', 80)->nullable();
            $table->binary('body')->nullable();
            $table->timestamp('created_at')->useCurrent()->index();
            $table->unique(['user_id', 'key']);
        });
        DB::statement('ALTER TABLE answers MODIFY body MEDIUMBLOB NULL');
    }

    public function down(): void
    {
        Schema::dropIfExists('answers');
    }
};
