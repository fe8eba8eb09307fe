<?php

declare(strict_types=1);

use App\Models\Head;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a client told of their health by a tick is encrypted as what they told in words is, in the trail as well. */
return new class () extends Migration {
    private const TICKS = ['tender_edges', 'asthma_or_pregnant'];

    private const AT_ONCE = 200;

    public function up(): void
    {
        Schema::table('heads', function (Blueprint $table): void {
            foreach (self::TICKS as $tick) {
                $table->text($tick)->nullable()->default(null)->change();
            }
        });
        $told = ['id', ...self::TICKS];
        foreach (DB::table('heads')->select($told)->orderBy('id')->lazyById(self::AT_ONCE, 'id') as $head) {
            DB::table('heads')->where('id', $head->id)->update(array_map(
                static fn (string $tick): string => Crypt::encryptString($head->{$tick} === '1' ? '1' : '0'),
                array_combine(self::TICKS, self::TICKS),
            ));
        }
        $this->eachOfTheTrail(static fn (mixed $told): mixed => is_bool($told) || is_int($told)
            ? Crypt::encryptString($told ? '1' : '0')
            : $told);
    }

    public function down(): void
    {
        $told = ['id', ...self::TICKS];
        foreach (DB::table('heads')->select($told)->orderBy('id')->lazyById(self::AT_ONCE, 'id') as $head) {
            DB::table('heads')->where('id', $head->id)->update(array_map(
                static fn (string $tick): string => $head->{$tick} === null ? '0' : Crypt::decryptString($head->{$tick}),
                array_combine(self::TICKS, self::TICKS),
            ));
        }
        $this->eachOfTheTrail(static fn (mixed $told): mixed => is_string($told)
            ? Crypt::decryptString($told) === '1'
            : $told);
        Schema::table('heads', function (Blueprint $table): void {
            foreach (self::TICKS as $tick) {
                $table->boolean($tick)->default(false)->change();
            }
        });
    }

    private function eachOfTheTrail(Closure $anew): void
    {
        DB::statement('set @nagomi_forgets = 1');
        $entries = DB::table('activity_log')->where('subject_type', Head::class)->where(
            function (Builder $query): void {
                foreach (self::TICKS as $tick) {
                    $query->orWhere('properties', 'like', "%{$tick}%");
                }
            },
        );
        foreach ($entries->select(['id', 'properties'])->orderBy('id')->lazyById(self::AT_ONCE, 'id') as $entry) {
            $properties = json_decode((string) $entry->properties, true);
            foreach (is_array($properties) ? ['attributes', 'old'] : [] as $side) {
                foreach (array_intersect(self::TICKS, array_keys($properties[$side] ?? [])) as $tick) {
                    $properties[$side][$tick] = $anew($properties[$side][$tick]);
                }
            }
            DB::table('activity_log')->where('id', $entry->id)->update(['properties' => json_encode($properties)]);
        }
        DB::statement('set @nagomi_forgets = null');
    }
};
