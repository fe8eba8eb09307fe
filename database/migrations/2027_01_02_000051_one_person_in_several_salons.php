<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * One person works in several salons, each a row of its own; one of them holds the address, the password and the second
 * step of signing in.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('email', 190)->nullable()->change();
            $table->string('password')->nullable()->change();
            $table->foreignId('account_id')->nullable()->constrained('users')->nullOnDelete();
            $table->unsignedBigInteger('last_seat_id')->nullable();
            $table->boolean('in_several')->default(false);
            $table->text('second_secret')->nullable();
            $table->dateTime('second_since')->nullable();
            $table->unsignedBigInteger('second_counter')->nullable();
            $table->text('second_codes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('account_id');
            $table->dropColumn([
                'last_seat_id', 'in_several', 'second_secret', 'second_since', 'second_counter', 'second_codes',
            ]);
        });
    }
};
