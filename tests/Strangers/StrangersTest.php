<?php

declare(strict_types=1);


/*
 * People nobody thought of come in, have things done to them in any order, and are looked at on every screen: each
 * opens, writes no
 * error, and says what the others say. `bin/test strangers --many N --seed S` draws as many as one likes.
 */

use Tests\Strangers\ComposedDays;
use Tests\Strangers\Life;
use Tests\Strangers\RightBottles;
use Tests\Strangers\SameNumbers;
use Tests\Strangers\Screens;
use Tests\Strangers\Stranger;

/** @return list<array{int}> seeds; a part of them where several processes share the work */
function strangers(): array
{
    $first = (int) (getenv('NAGOMI_SEED') ?: 1);
    $many = (int) (getenv('NAGOMI_STRANGERS') ?: 200);
    [$part, $of] = array_map(intval(...), explode('/', getenv('NAGOMI_PART') ?: '0/1'));

    return array_map(
        fn (int $seed): array => [$seed],
        array_values(array_filter(range($first, $first + $many - 1), fn (int $seed): bool => $seed % $of === $part)),
    );
}

it('lets a stranger in, and every screen agree', function (int $seed): void {
    // Ordinary days, the nights the clocks change, a leap day, the turn of a year.
    $days = ['2027-01-09 10:00', '2026-10-25 00:30', '2027-03-28 12:00', '2028-02-29 09:00', '2026-12-31 23:10'];
    $this->travelTo(new DateTimeImmutable($days[$seed % count($days)], new DateTimeZone('UTC')));
    $stranger = new Stranger(
        $seed,
        new DateTimeImmutable($this->salon->today()->format('Y-m-d'), new DateTimeZone('UTC')),
    );
    $life = new Life($this, $stranger);
    $screens = new Screens($this, $stranger);
    $head = $life->begins();
    $life->goesOn($head);
    $screens->agree($head);
    (new SameNumbers($this))->everywhere($head);
    (new RightBottles($this))->inThePlan($head);
    $screens->allOpen($head);
    // A wash day more changes what all screens say: last, and for every sixth.
    if ($seed % 6 === 0) {
        (new ComposedDays($this, $stranger))->changedAndRun($head);
    }
})->with('strangers');

dataset('strangers', strangers());
