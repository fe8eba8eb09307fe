<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Care\DataTransfer\ClientTraces;
use App\Models\Head;
use App\Models\Salon;
use Closure;
use Illuminate\Support\Facades\DB;
use ReflectionMethod;
use ReflectionProperty;

/**
 * Heads worked out once and put back as rows, so that a test need not wait for what another has seen already. What is
 * put back is what was worked out, on the same day in a salon of the same circumstances, under the same keys; a second
 * head of one test is worked out anew.
 */
final class KeptHeads
{
    /** @var array<string, array<string, list<array<string, mixed>>>> rows by circumstances, then table, parents first */
    private static array $kept = [];

    /** @param Closure(): Head $work */
    public static function of(string $example, Salon $salon, Closure $work): Head
    {
        $salon->refresh();
        $like = implode('|', [
            $example, $salon->today()->format('Y-m-d'), $salon->timezone,
            $salon->hardness_mg_per_l, $salon->humidity_percent,
            json_encode([$salon->method, $salon->getRawOriginal('climate'), $salon->getRawOriginal('air') !== null]),
        ]);
        $rows = self::$kept[$like] ?? null;
        if ($rows !== null && DB::table('heads')->where('id', $rows['heads'][0]['id'])->doesntExist()) {
            self::putBack($rows, $salon);

            return Head::query()->withoutGlobalScopes()->with(['salon', 'outlook', 'zoneParts'])
                ->findOrFail($rows['heads'][0]['id']);
        }
        $head = $work();
        if ($rows === null) {
            self::$kept[$like] = self::rowsOf($head);
        }

        return $head;
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function rowsOf(Head $head): array
    {
        $traces = ClientTraces::of($head);
        $key = new ReflectionMethod(ClientTraces::class, 'key');
        $rows = [];
        foreach ((new ReflectionProperty(ClientTraces::class, 'ids'))->getValue($traces) as $table => $ids) {
            $rows[$table] = DB::table($table)->whereIn($key->invoke(null, $table), $ids)->get()
                ->map(fn (object $row): array => (array) $row)->all();
        }

        return $rows;
    }

    /** @param array<string, list<array<string, mixed>>> $rows */
    private static function putBack(array $rows, Salon $salon): void
    {
        foreach ($rows as $table => $of) {
            $here = array_map(
                fn (array $row): array => array_key_exists('salon_id', $row) ? ['salon_id' => $salon->id] + $row : $row,
                $of,
            );
            foreach (array_chunk($here, 200) as $some) {
                DB::table($table)->insert($some);
            }
        }
    }
}
