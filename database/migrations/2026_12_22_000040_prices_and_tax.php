<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a visit comes to: price by length and minutes, discount, deposit and tax. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('salons', function (Blueprint $table): void {
            $table->unsignedSmallInteger('tax_hundredths')->nullable();
            $table->boolean('tax_added')->default(false);
        });
        Schema::table('services', function (Blueprint $table): void {
            $table->unsignedInteger('quarter_cents')->nullable();
            $table->unsignedSmallInteger('long_from_mm')->nullable();
            $table->unsignedInteger('step_cents')->nullable();
            $table->unsignedInteger('deposit_cents')->nullable();
        });
        Schema::table('bookings', function (Blueprint $table): void {
            $table->boolean('price_by_hand')->default(false);
            $table->unsignedSmallInteger('discount_hundredths')->nullable();
            $table->unsignedInteger('discount_cents')->nullable();
            $table->string('discount_because', 120)->nullable();
            $table->unsignedInteger('deposit_cents')->nullable();
            $table->string('deposit', 12)->nullable();
            $table->unsignedSmallInteger('tax_hundredths')->nullable();
            $table->boolean('tax_added')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('salons', fn (Blueprint $table) => $table->dropColumn(['tax_hundredths', 'tax_added']));
        Schema::table('services', fn (Blueprint $table) => $table->dropColumn([
            'quarter_cents', 'long_from_mm', 'step_cents', 'deposit_cents',
        ]));
        Schema::table('bookings', fn (Blueprint $table) => $table->dropColumn([
            'price_by_hand', 'discount_hundredths', 'discount_cents', 'discount_because', 'deposit_cents', 'deposit',
            'tax_hundredths', 'tax_added',
        ]));
    }
};
