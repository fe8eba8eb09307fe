<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            // Trims and take-downs to come; [] where none is.
            $table->json('chair_work')->nullable();
        });
        Schema::table('services', function (Blueprint $table): void {
            // Which of them a service does: trim or take-down; null for what is neither.
            $table->string('does', 20)->nullable();
        });
        Schema::table('products', function (Blueprint $table): void {
            // How long it sits at most, by its label.
            $table->unsignedSmallInteger('label_minutes')->nullable();
        });
        Schema::table('wash_steps', function (Blueprint $table): void {
            // A pre-wash may be put on the evening before.
            $table->boolean('evening_before')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('outlooks', function (Blueprint $table): void {
            $table->dropColumn('chair_work');
        });
        Schema::table('services', function (Blueprint $table): void {
            $table->dropColumn('does');
        });
        Schema::table('products', function (Blueprint $table): void {
            $table->dropColumn('label_minutes');
        });
        Schema::table('wash_steps', function (Blueprint $table): void {
            $table->dropColumn('evening_before');
        });
    }
};
