<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What somebody agreed to stands beside that they did; of what was agreed to before, the words are not known. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('consent_wordings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 20);
            $table->string('language', 5);
            $table->text('wording');
            $table->date('since');
            $table->string('by', 120);
            $table->index(['salon_id', 'purpose', 'language', 'id']);
        });
        Schema::create('consents', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 20);
            $table->text('wording');
            $table->date('worded_on')->nullable();
            $table->string('language', 5)->nullable();
            $table->string('given_by', 120);
            $table->date('given_on');
            $table->string('taken_by', 120);
            $table->date('withdrawn_on')->nullable();
            $table->string('withdrawn_by', 120)->nullable();
            $table->index(['head_id', 'purpose']);
        });
        DB::statement("insert into consents (salon_id, head_id, purpose, wording, given_by, given_on, taken_by)
            select salon_id, id, 'record', '', coalesce(consent_by, guardian_name, name), consent_on, '' from heads
            where consent_on is not null");
    }

    public function down(): void
    {
        Schema::dropIfExists('consents');
        Schema::dropIfExists('consent_wordings');
    }
};
