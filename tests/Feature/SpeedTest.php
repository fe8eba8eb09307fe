<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/** Queries that a page asks, whatever the number of heads. */
function queries(callable $page): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $page();
    $count = count(DB::getQueryLog());
    DB::disableQueryLog();

    return $count;
}

it('asks as many queries for thirteen heads as for one', function (): void {
    $this->aHead();
    $this->actingAs($this->stylist)->get('/heads');
    $one = queries(fn () => $this->get('/heads')->assertOk());
    foreach (range(1, 3) as $i) {
        $this->aHead('protein-sensitive');
        $this->aHead('growing-out-bleach');
    }
    expect(queries(fn () => $this->get('/heads')->assertOk()))->toBe($one)->and($one)->toBeLessThanOrEqual(5);
});

it('opens every page of a head with few queries, however long its history', function (string $page, int $most): void {
    $head = $this->aHead('growing-out-bleach');
    $this->actingAs($this->stylist)->get("/heads/{$head->id}{$page}");
    expect(queries(fn () => $this->get("/heads/{$head->id}{$page}")->assertOk()))->toBeLessThanOrEqual($most);
})->with([['', 10], ['/season', 7], ['/ledger', 8], ['/terms', 6], ['/trends', 9], ['/bench', 8], ['/wash-day', 9]]);
