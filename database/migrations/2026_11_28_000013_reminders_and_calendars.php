<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::table('heads', function (Blueprint $table): void {
            // How a client is reached is hers: encrypted before it reaches the table.
            $table->text('email')->nullable();
            $table->text('phone')->nullable();
            $table->string('reminded_by', 8)->default('nobody');
            $table->string('household', 80)->nullable();
            $table->index(['salon_id', 'household']);
        });
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedSmallInteger('quiet_from_minute')->default(1260);
            $table->unsignedSmallInteger('quiet_until_minute')->default(480);
            // What the stand-in for mail and text does: works, refuses or hangs.
            $table->string('outbox', 8)->default('works');
        });
        // One for each occasion; claimed before it is sent, so that it goes out once at most.
        Schema::create('reminders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('occasion', 80);
            $table->string('kind', 16);
            $table->dateTime('due_at');
            $table->string('status', 12)->default('due');
            $table->unsignedTinyInteger('attempts')->default(0);
            $table->string('why', 200)->nullable();
            $table->timestamps();
            $table->unique(['head_id', 'occasion']);
            $table->index(['status', 'due_at']);
            $table->index(['salon_id', 'due_at']);
        });
        // What the stand-in for a mail server and a text service was handed.
        Schema::create('outbox_messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('channel', 8);
            $table->text('to');
            $table->text('subject');
            $table->text('body');
            $table->string('fate', 12);
            $table->timestamp('handed_at');
            $table->index(['salon_id', 'handed_at']);
        });
        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->nullable()->constrained()->cascadeOnDelete();
            // Looked up by its digest, shown again from what is encrypted.
            $table->char('digest', 64)->unique();
            $table->text('secret');
            $table->dateTime('withdrawn_at')->nullable();
            $table->dateTime('fetched_at')->nullable();
            $table->timestamps();
        });
    }
};
