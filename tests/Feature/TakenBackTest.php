<?php

declare(strict_types=1);

/*
 * When the database takes back what a transaction did, because it was in another's way, nothing more is written by it:
 * noticed or not, said or not, whoever catches the error on the way.
 */

use App\Care\Shared\ActKey;
use App\Care\Shared\Lock;
use App\Care\Shared\Outcome;
use App\Care\Shared\RollbackOnlyConnection;
use App\Care\Shared\WriteProtocol;
use App\Models\Salon;
use Illuminate\Database\Connection;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Nagomi\Core\Head\Method;

const REFUSED = "signal sqlstate '40001' set mysql_errno = 1213, message_text = 'Deadlock found when trying to get lock'";

beforeEach(function (): void {
    config(['database.connections.own' => config('database.connections.mariadb')]);
    $this->own = DB::connection('own');
    $this->mark = 'taken back ' . bin2hex(random_bytes(6));
});

afterEach(function (): void {
    DB::setDefaultConnection('mariadb');
    $this->own->rollBack(0);
    $this->own->table('acts')->where('what', $this->mark)->delete();
    $this->own->disconnect();
});

function writesAMark(Connection $on, string $mark): bool
{
    return $on->table('acts')->insert(['digest' => hash('sha256', $mark), 'what' => $mark, 'taken_at' => now()]);
}

it('writes nothing more after a refusal that somebody caught', function (): void {
    expect($this->own)->toBeInstanceOf(RollbackOnlyConnection::class);
    $this->own->beginTransaction();
    writesAMark($this->own, $this->mark);
    expect(fn () => $this->own->statement(REFUSED))->toThrow(QueryException::class);
    expect(fn () => writesAMark($this->own, "{$this->mark} again"))->toThrow(QueryException::class, 'Deadlock')
        ->and(fn () => $this->own->select('select 1'))->toThrow(QueryException::class, 'Deadlock')
        ->and(fn () => $this->own->commit())->toThrow(QueryException::class, 'Deadlock');
    $this->own->rollBack(0);
    expect($this->own->table('acts')->where('what', 'like', "{$this->mark}%")->count())->toBe(0);
    // Begun anew it goes.
    $this->own->transaction(fn () => writesAMark($this->own, $this->mark));
    expect($this->own->table('acts')->where('what', $this->mark)->count())->toBe(1);
});

it('notices that all was taken back while a question was answered as if nothing had happened', function (): void {
    $this->own->beginTransaction();
    writesAMark($this->own, $this->mark);
    $this->own->listen(function (QueryExecuted $query): void {
        str_contains($query->sql, 'select 7') && $this->own->getPdo()->exec('rollback');
    });
    expect(fn () => $this->own->select('select 7'))->toThrow(QueryException::class, 'taken back')
        ->and(fn () => writesAMark($this->own, $this->mark))->toThrow(QueryException::class, 'taken back');
    $this->own->rollBack(0);
    expect($this->own->table('acts')->where('what', $this->mark)->count())->toBe(0);
});

it('goes back to a savepoint that went with the rest without tripping over it', function (): void {
    $this->own->beginTransaction();
    $this->own->beginTransaction();
    expect(fn () => $this->own->statement(REFUSED))->toThrow(QueryException::class);
    $this->own->getPdo()->exec('rollback');
    $this->own->rollBack();
    expect($this->own->transactionLevel())->toBe(1)
        ->and(fn () => $this->own->select('select 1'))->toThrow(QueryException::class);
    $this->own->rollBack();
    expect($this->own->transactionLevel())->toBe(0)->and($this->own->select('select 1 as one')[0]->one)->toBe(1);
});

it('leaves a refusal outside of any transaction to whoever asked', function (): void {
    expect(fn () => $this->own->statement(REFUSED))->toThrow(QueryException::class);
    expect(writesAMark($this->own, $this->mark))->toBeTrue();
});

it('does an act again that was refused and caught on its way, whole and once', function (): void {
    DB::setDefaultConnection('own');
    $salonId = Salon::on('own')->create([
        'name' => 'Own', 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => 150, 'humidity_percent' => 50,
        'method' => (new Method())->choices,
    ])->id;
    $tries = 0;
    $done = fn (): string => app(WriteProtocol::class)->once(
        ActKey::keyed('nobody', 'POST x', 'key', 'words', $this->mark),
        Lock::salon($salonId),
        function () use (&$tries, $salonId): Outcome {
            $this->own->table('salons')->where('id', $salonId)->update(['name' => 'Try ' . ++$tries]);
            if ($tries < 3) {
                rescue(fn () => $this->own->statement(REFUSED), report: false);
            }
            $this->own->table('salons')->where('id', $salonId)->increment('humidity_percent');

            return Outcome::done("done at try {$tries}", ['said' => "done at try {$tries}"]);
        },
        static fn (array $answer): string => 'again: ' . $answer['said'],
    );
    expect($done())->toBe('done at try 3')->and($done())->toBe('again: done at try 3');
    $kept = $this->own->table('salons')->find($salonId);
    // One act, one mark of its lock: what the tries before did was taken back.
    expect($kept->name)->toBe('Try 3')->and((float) $kept->humidity_percent)->toBe(51.0)
        ->and($kept->acts_taken)->toBe(1);
    $this->own->table('salons')->where('id', $salonId)->delete();
});

it('commits nothing by a transaction that caught its refusal, and is free for the next', function (): void {
    $tries = 0;
    $this->own->transaction(function () use (&$tries): void {
        writesAMark($this->own, $this->mark);
        ++$tries === 1 && rescue(fn () => $this->own->statement(REFUSED), report: false);
    }, 2);
    expect($tries)->toBe(2)->and($this->own->table('acts')->where('what', $this->mark)->count())->toBe(1);
    expect(fn () => $this->own->transaction(function (): void {
        writesAMark($this->own, "{$this->mark} again");
        rescue(fn () => $this->own->statement(REFUSED), report: false);
    }))->toThrow(QueryException::class, 'Deadlock');
    expect($this->own->getPdo()->inTransaction())->toBeFalse()->and($this->own->transactionLevel())->toBe(0)
        ->and($this->own->table('acts')->where('what', "{$this->mark} again")->count())->toBe(0)
        ->and($this->own->transaction(fn (): int => 7))->toBe(7);
});

it('tells whoever goes back to a savepoint that is gone', function (): void {
    $this->own->beginTransaction();
    $this->own->beginTransaction();
    $this->own->getPdo()->exec('rollback');
    $this->own->rollBack();
    expect(fn () => writesAMark($this->own, $this->mark))->toThrow(QueryException::class, 'taken back')
        ->and(fn () => $this->own->beginTransaction())->toThrow(QueryException::class, 'taken back');
    $this->own->rollBack(0);
    expect($this->own->table('acts')->where('what', $this->mark)->count())->toBe(0);
});

it('sends whoever is refused for good to try again, and calls it no mistake', function (): void {
    Route::get('/refused', fn () => DB::statement(REFUSED))->middleware('web');
    $this->actingAs($this->stylist)->get('/refused')->assertStatus(503)->assertHeader('Retry-After', '5')
        ->assertSee('One moment');
    Route::get('/api/v1/refused', fn () => DB::statement(REFUSED));
    $this->getJson('/api/v1/refused')->assertStatus(503);
});
