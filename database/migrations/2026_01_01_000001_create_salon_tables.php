<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('salons', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('timezone', 64);
            $table->decimal('hardness_mg_per_l', 6, 1);
            $table->decimal('humidity_percent', 4, 1);
            $table->json('method');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('heads', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->date('born_on')->nullable();
            $table->string('guardian_name', 120)->nullable();
            $table->date('consent_on')->nullable();
            $table->string('consent_by', 120)->nullable();
            $table->decimal('ring_mm', 5, 1)->nullable();
            $table->decimal('strand_um', 5, 1)->nullable();
            $table->string('density', 16)->default('medium');
            $table->unsignedSmallInteger('length_mm');
            $table->unsignedTinyInteger('sections');
            $table->decimal('hardness_mg_per_l', 6, 1);
            $table->decimal('humidity_percent', 4, 1);
            $table->string('styling_load', 16);
            $table->boolean('protein_sensitive')->default(false);
            $table->boolean('sore_scalp')->default(false);
            $table->boolean('red_sign')->default(false);
            $table->boolean('tender_edges')->default(false);
            $table->boolean('asthma_or_pregnant')->default(false);
            $table->boolean('swims')->default(false);
            $table->unsignedTinyInteger('wash_every_days');
            $table->unsignedSmallInteger('minutes_limit')->nullable();
            $table->json('method');
            $table->string('goals', 1000)->nullable();
            $table->string('hair_history', 2000)->nullable();
            $table->string('chemical_history', 2000)->nullable();
            // Health notes and allergies are encrypted before they reach the table.
            $table->text('allergies')->nullable();
            $table->text('health_notes')->nullable();
            $table->json('carried')->nullable();
            $table->timestamps();
            $table->index(['salon_id', 'name']);
        });
        Schema::create('zone_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('zone', 16);
            $table->string('part', 16);
            $table->string('porosity', 16);
            $table->string('strand', 16);
            $table->boolean('chemically_treated')->default(false);
            $table->unique(['head_id', 'zone', 'part']);
        });
        Schema::create('wash_days', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 64);
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->string('place', 16);
            $table->boolean('approximate')->default(false);
            $table->timestamps();
            $table->unique(['head_id', 'key']);
            $table->index(['head_id', 'date']);
        });
        Schema::create('wash_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('wash_day_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('position');
            $table->string('kind', 32);
            $table->double('minutes')->nullable();
            $table->boolean('heat')->default(false);
            $table->string('cleanse', 16)->nullable();
            $table->unsignedTinyInteger('passes')->default(1);
            $table->string('how', 40)->nullable();
            $table->string('tool', 40)->nullable();
            $table->double('millimetres')->nullable();
            $table->string('product', 200)->nullable();
            $table->unique(['wash_day_id', 'position']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->string('key', 64);
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('visit', 32)->nullable()->index();
            $table->date('date');
            $table->string('moment', 24);
            $table->string('test', 64);
            $table->json('raw');
            $table->string('zone', 16)->nullable();
            $table->string('by', 200)->default('');
            $table->boolean('confirmed')->default(false);
            $table->timestamps();
            $table->unique(['head_id', 'key']);
            $table->index(['head_id', 'date']);
        });
        // What the engine made of a head, stored so that a page reads instead of computing.
        Schema::create('outlooks', function (Blueprint $table): void {
            $table->foreignUlid('head_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->date('as_of');
            $table->string('verdict', 400);
            $table->json('cells');
            $table->json('standing');
            $table->json('signs');
            $table->mediumText('river');
            $table->mediumText('ledger');
            $table->timestamps();
            $table->index(['salon_id', 'as_of']);
        });
        Schema::create('plan_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->string('uid', 64)->unique();
            $table->unsignedInteger('sequence')->default(0);
            $table->string('status', 16)->default('planned');
            $table->date('date');
            $table->json('steps');
            $table->double('minutes');
            $table->json('reasons');
            $table->json('without')->nullable();
            $table->json('broken');
            $table->boolean('look')->default(false);
            $table->timestamps();
            $table->index(['head_id', 'status', 'date']);
        });
    }
};
