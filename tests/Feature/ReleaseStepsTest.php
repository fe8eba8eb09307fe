<?php

declare(strict_types=1);

/*
 * A new release migrates while the one before still serves: it may add, and what it takes away it takes away a release
 * later. A migration that does says which one made it needless, by a constant TAKES_AWAY_AFTER.
 */

use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\MigrationSteps;

/** Salons that several machines serve there are since this one; what came before ran with everything stopped. */
const SERVED_SINCE = '2027_01_10_000059';

/** @return array<string, string> paths by name, in order */
function migrationFiles(): array
{
    $files = [];
    foreach (glob(database_path('migrations/*.php')) ?: [] as $file) {
        $files[basename($file, '.php')] = $file;
    }
    ksort($files);

    return $files;
}

it('takes nothing away from the version that still serves', function (): void {
    $looked = 0;
    foreach (migrationFiles() as $name => $file) {
        if (strcmp($name, SERVED_SINCE) < 0) {
            continue;
        }
        $looked++;
        $migration = require $file;
        $after = defined($migration::class . '::TAKES_AWAY_AFTER') ? $migration::TAKES_AWAY_AFTER : null;
        $breaking = MigrationSteps::breaking(static fn () => $migration->up());
        if ($after === null) {
            expect($breaking)->toBe([], $name);
        } else {
            expect(array_key_exists($after, migrationFiles()))->toBeTrue("{$name} names {$after}, which is not there")
                ->and(strcmp($after, $name))->toBeLessThan(0, $name)
                ->and($breaking)->not->toBe([], "{$name} takes nothing away and need not say so");
        }
    }
    expect($looked)->toBeGreaterThan(0);
});

it('lets through what the version before does not notice', function (Closure $step): void {
    expect(MigrationSteps::breaking($step))->toBe([]);
})->with([
    'a column that may be empty' => [
        fn () => Schema::table('heads', fn (Blueprint $on) => $on->string('hat')->nullable()),
    ],
    'a column with a value of its own' => [
        fn () => Schema::table('heads', fn (Blueprint $on) => $on->decimal('hats', 8, 2)->default(0)),
    ],
    'a table' => [fn () => Schema::create('hats', function (Blueprint $on): void {
        $on->id();
        $on->string('name')->unique();
        $on->foreignId('salon_id')->constrained();
    })],
    'an index' => [fn () => Schema::table('heads', fn (Blueprint $on) => $on->index(['salon_id', 'name']))],
    'an index less' => [fn () => Schema::table('heads', fn (Blueprint $on) => $on->dropIndex('heads_name'))],
    'rows' => [fn () => DB::table('heads')->update(['acts_taken' => 0])],
    'a rule that is held by the database' => [
        fn () => DB::statement('create trigger hats before insert on heads for each row set @hats = 1'),
    ],
]);

it('stops what the version before would trip over', function (string $because, Closure $step): void {
    expect(MigrationSteps::breaking($step))->toBe([$because]);
})->with([
    ['drops a column', fn () => Schema::table('heads', fn (Blueprint $on) => $on->dropColumn('name'))],
    ['drops a column', fn () => DB::statement('alter table `heads` drop `name`')],
    ['drops a table', fn () => Schema::dropIfExists('heads')],
    ['drops a table', fn () => Schema::drop('heads')],
    ['renames', fn () => Schema::rename('heads', 'people')],
    ['renames', fn () => Schema::table('heads', fn (Blueprint $on) => $on->renameColumn('name', 'called'))],
    ['changes a column', fn () => Schema::table('heads', fn (Blueprint $on) => $on->string('name', 10)->change())],
    ['changes a column', fn () => DB::statement('alter table `heads` change `name` `called` text')],
    ['makes unique what was not', fn () => Schema::table('heads', fn (Blueprint $on) => $on->unique(['name']))],
    [
        'adds a column that rows of the version before do not fill',
        fn () => Schema::table('heads', fn (Blueprint $on) => $on->string('hat')),
    ],
    [
        'adds a column that rows of the version before do not fill',
        fn () => Schema::table('heads', function (Blueprint $on): void {
            $on->string('ribbon')->default('');
            $on->decimal('hats', 8, 2);
        }),
    ],
]);

it('has a key on every table, for a cluster tells rows by it', function (): void {
    $without = DB::select("select t.table_name as name from information_schema.tables t
        left join information_schema.table_constraints c on c.table_schema = t.table_schema
            and c.table_name = t.table_name and c.constraint_type = 'PRIMARY KEY'
        where t.table_schema = database() and t.table_type = 'BASE TABLE' and c.constraint_name is null");
    $others = DB::select("select table_name as name from information_schema.tables
        where table_schema = database() and table_type = 'BASE TABLE' and engine != 'InnoDB'");
    expect(array_column($without, 'name'))->toBe([])->and(array_column($others, 'name'))->toBe([]);
});
