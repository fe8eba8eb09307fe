<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Other programs ask with a token of their own, and are told of what changes. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->morphs('tokenable');
            $table->string('name', 80);
            $table->char('token', 64)->unique();
            $table->text('abilities');
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        Schema::create('webhooks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('url', 500);
            $table->text('events');
            $table->text('secret');
            $table->timestamp('failing_since')->nullable();
            $table->timestamp('stopped_at')->nullable();
            $table->timestamps();
        });
        Schema::create('webhook_deliveries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('webhook_id')->constrained()->cascadeOnDelete();
            $table->string('event', 40);
            $table->text('body');
            $table->string('state', 10);
            $table->unsignedTinyInteger('attempts')->default(0);
            $table->unsignedSmallInteger('status')->nullable();
            $table->timestamp('due_at');
            $table->timestamp('sent_at')->nullable();
            $table->timestamps();
            $table->index(['state', 'due_at']);
            $table->index(['webhook_id', 'created_at']);
        });
        Schema::table('activity_log', function (Blueprint $table): void {
            $table->string('program', 80)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('activity_log', fn (Blueprint $table) => $table->dropColumn('program'));
        Schema::dropIfExists('webhook_deliveries');
        Schema::dropIfExists('webhooks');
        Schema::dropIfExists('access_tokens');
    }
};
