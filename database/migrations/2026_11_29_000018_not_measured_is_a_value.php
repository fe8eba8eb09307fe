<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            $table->unsignedSmallInteger('length_mm')->nullable()->change();
            $table->decimal('hardness_mg_per_l', 6, 1)->nullable()->change();
            $table->string('density', 16)->default('not-measured')->change();
            $table->string('styling_load', 16)->default('not-measured')->change();
            // An empty ring was “bends without a ring” and “nobody measured it” alike; the two part here.
            $table->boolean('bends_without_ring')->default(false);
        });
        // Whoever came as a contact alone was written down as medium in everything: that was never measured.
        $contacts = DB::table('heads')
            ->whereNull('ring_mm')
            ->whereNull('strand_um')
            ->where('length_mm', 300)
            ->where('sections', 4)
            ->where('density', 'medium')
            ->where('styling_load', 'medium')
            ->whereNotExists(fn ($readings) => $readings->from('readings')->whereColumn('readings.head_id', 'heads.id'))
            ->whereNotExists(fn ($days) => $days->from('wash_days')->whereColumn('wash_days.head_id', 'heads.id'))
            ->whereNotExists(
                fn ($parts) => $parts
                    ->from('zone_parts')
                    ->whereColumn('zone_parts.head_id', 'heads.id')
                    ->where(
                        fn ($any) => $any
                            ->where('porosity', '!=', 'medium')
                            ->orWhere('strand', '!=', 'medium')
                            ->orWhere('part', '!=', 'length')
                            ->orWhere('chemically_treated', true),
                    ),
            )
            ->pluck('id')->all();
        foreach (array_chunk($contacts, 200) as $some) {
            DB::table('heads')->whereIn('id', $some)->update([
                'length_mm' => null,
                'density' => 'not-measured',
                'styling_load' => 'not-measured',
                'outlook_due_from' => '1000-01-01',
            ]);
            DB::table('zone_parts')->whereIn('head_id', $some)->update([
                'porosity' => 'not-measured',
                'strand' => 'not-measured',
            ]);
        }
    }
};
