<?php

declare(strict_types=1);

/*
 * At the desk, on a tablet: two of a household are booked together and one of them again every few weeks; a price is
 * agreed; names are hidden but where the desk is; the day is closed in the evening.
 */

use Tests\Browser\Support\Browser;

function openOf(Browser $browser, string $day, string $name): void
{
    $browser->visit("/today?date={$day}");
    foreach ($browser->all('.day li') as $row) {
        if (str_contains((string) $row->getDomProperty('textContent'), $name)) {
            $link = $row->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('.day-booking'));
            $browser->visit((string) parse_url((string) $link->getAttribute('href'), PHP_URL_PATH));

            return;
        }
    }
    throw new RuntimeException("{$name} is not booked on {$day}.");
}

it('books two of a household at once, and one of them again every few weeks', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $day = (new DateTimeImmutable('+17 days'))->format('Y-m-d');
        $browser->signIn();
        $key = $browser->clientKey('Aurel');
        $browser->visit("/bookings/new?head={$key}&service=4&date={$day}");
        expect($browser->text('.household'))->toContain('Hanneke');
        $browser->tap('.household input[type="checkbox"]')->press('See when all can come');
        $offer = $browser->text('.button.is-group');
        expect($offer)->toContain('Aurel')->toContain('Hanneke');
        $old = $browser->find('html');
        $browser->tap('.button.is-group')->untilGone($old);
        expect($browser->text('main'))->toContain('Booked together')->toContain('2 still to come')
            ->and($browser->all('.hands-head'))->toHaveCount(2);

        openOf($browser, $day, 'Aurel');
        $browser->press('Again every few weeks')->type('weeks', '3')->type('times', '4')->press('See the days');
        expect($browser->all('.series input[type="checkbox"]'))->toHaveCount(3);
        $browser->tap('.series input[type="checkbox"]')->press('Book these');
        expect($browser->text('main'))->toContain('2 more times are booked')->toContain('One of 3 times');

        // What was agreed is kept; what cannot be is said, and stands where it was typed.
        $browser->tap('.price summary')->type('discount', '120 %')->press('Keep it');
        expect($browser->text('main'))->toContain('Discount: type a share such as 10 %')
            ->and($browser->value('discount'))->toBe('120 %');
        $browser->type('discount', '20 %')->type('discount_because', 'Friend')->press('Keep it');
        expect($browser->text('.sums'))->toContain('Discount')->toContain('Comes to')
            ->and($browser->text('.price'))->toContain('Friend')
            ->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('closes the day in the evening, with names hidden but at the desk', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $now = new DateTimeImmutable('now', new DateTimeZone('Europe/Lisbon'));
        $until = (int) round(($now->setTime(23, 30)->getTimestamp() - $now->getTimestamp()) / 60);
        $browser->movableClock()->visit('/sign-in');
        if ($until > 0) {
            $browser->later($until);
        }
        $browser->signIn()->visit('/today/end');
        $open = count($browser->all('.day-end form'));
        expect($open)->toBeGreaterThan(2);
        $first = $browser->text('.day-end li strong');
        // A time that cannot be is said beside the client it is of.
        $browser->type('began', '9:10')->type('ended', '8:00')->press('Came and is done');
        expect($browser->text('.day-end li'))->toContain('Ended: type a time after it began')
            ->and($browser->value('ended'))->toBe('8:00');
        $browser->type('ended', '10:55')->press('Came and is done');
        expect($browser->text('main'))->toContain("{$first} came and is done")->toContain('105 of')
            ->and($browser->all('.day-end form'))->toHaveCount($open - 1);
        $browser->press('No-show');
        expect($browser->all('.day-end form'))->toHaveCount($open - 2)
            ->and($browser->text('main'))->toContain('Earned')->toContain('one no-show');

        $browser->visit('/today')->press('Hide names');
        $letters = implode(' ', array_map(
            fn (string $word): string => mb_substr($word, 0, 1) . '.',
            preg_split('/[\s-]/', $first) ?: [],
        ));
        expect($browser->visit('/today/end')->text('main'))->not->toContain($first)->toContain($letters)
            ->and($browser->visit('/clients')->text('main'))->not->toContain($first);
        $browser->visit('/today')->press('Show on this device');
        expect($browser->visit('/today/end')->text('main'))->toContain($first);
        $browser->visit('/today')->press('Show names');
        // What was said by mistake stands again: the day is left as it was.
        foreach ([1, 2] as $time) {
            $browser->visit('/today/end');
            $browser->visit((string) parse_url(
                (string) $browser->find('table.compare a')->getAttribute('href'),
                PHP_URL_PATH,
            ))->press('That was a mistake');
        }
        expect($browser->visit('/today/end')->all('.day-end form'))->toHaveCount($open)
            ->and($browser->complaints())->toBe([]);
    } finally {
        @unlink((string) getenv('NAGOMI_CLOCK'));
        $browser->close();
    }
});
