<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who leads a salon, who has left it, and who is asked to join. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('role', 20)->default('stylist');
            $table->dateTime('left_at')->nullable();
        });
        // Whoever was there first leads.
        $first = DB::table('users')->selectRaw('min(id) as id')->groupBy('salon_id')->pluck('id');
        DB::table('users')->whereIn('id', $first)->update(['role' => 'owner']);
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('invited_by')->nullable()->constrained('users')->nullOnDelete();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->dateTime('expires_at');
            $table->dateTime('accepted_at')->nullable();
            $table->timestamps();
            $table->unique(['salon_id', 'email']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('invitations');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['role', 'left_at']);
        });
    }
};
