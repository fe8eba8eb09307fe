<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class () extends Migration {
    public function up(): void
    {
        // A visit on the Bench. Its key comes with the visit, so that what is sent twice is taken in once.
        Schema::create('visits', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->date('date');
            $table->string('moment', 24);
            $table->string('by', 200);
            // Why a test that was worth taking was not, by test.
            $table->json('skipped');
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
            $table->index(['head_id', 'date']);
        });
        // What a visit said, each time it was taken in or corrected; an account is never changed.
        Schema::create('visit_accounts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('visit_id')->constrained()->cascadeOnDelete();
            $table->string('by', 200);
            $table->string('because', 400)->default('');
            $table->json('account');
            $table->timestamp('written_at');
            $table->index(['visit_id', 'id']);
        });
        // What is typed on the Bench and not yet taken in, by stylist.
        Schema::create('bench_drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('salon_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('head_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('moment', 24);
            $table->json('fields');
            $table->timestamps();
            $table->unique(['head_id', 'user_id', 'moment']);
        });
        Schema::table('readings', function (Blueprint $table): void {
            // As typed or measured, where that was in another unit or on a picture.
            $table->json('typed')->nullable();
            // Who read what on one day is looked up in the index alone.
            $table->index(['salon_id', 'date', 'head_id', 'test', 'moment', 'zone', 'by'], 'readings_read_twice_index');
        });
        Schema::table('users', function (Blueprint $table): void {
            // The unit she types each kind of measure in; what is not there is typed in the unit of the book.
            $table->json('units')->nullable();
        });
        Schema::table('heads', function (Blueprint $table): void {
            // The hidden truth of a made-up head, which the simulated instruments read; null for every real one.
            $table->json('made_up')->nullable();
        });
        $this->visitsOfEarlierReadings();
    }

    /** Readings taken in before there were visits become visits of one day, moment and reader. */
    private function visitsOfEarlierReadings(): void
    {
        $sittings = DB::table('readings')->groupBy('salon_id', 'head_id', 'date', 'moment', 'by')->get([
            'salon_id', 'head_id', 'date', 'moment', 'by',
        ]);
        foreach ($sittings as $sitting) {
            $columns = (array) $sitting;
            $id = strtolower((string) Str::ulid());
            DB::table('visits')->insert(
                ['id' => $id, 'skipped' => '{}', 'created_at' => now(), 'updated_at' => now()] + $columns,
            );
            DB::table('readings')->where($columns)->update(['visit' => $id]);
        }
    }
};
