<?php

declare(strict_types=1);


/*
 * A morning at the desk: heads are booked, three are late, one is cancelled, and the day is laid out anew each time. It
 * is the day after
 * tomorrow's morning, so that the hour the tests run at does not matter.
 */

use Tests\Browser\Support\Browser;

/** Books a head for a dry cut at a time of that day. */
function bookAt(Browser $browser, string $name, string $day, string $time): void
{
    $browser->visit('/bookings/new');
    $browser->driver->executeScript(
        'const choice = document.querySelector("[name=head]"); choice.value = [...choice.options].find((one) '
            . '=> one.textContent.startsWith(arguments[0])).value; const what = '
            . 'document.querySelector("[name=service]"); what.value = [...what.options].find((one) => '
            . 'one.textContent === "Dry cut").value; document.querySelector("[name=date]").value = arguments[1]',
        [$name, $day],
    );
    $browser->press('See the times');
    $browser->driver->executeScript('document.querySelectorAll(".more-tests").forEach((one) => { one.open = true; })');
    $browser->type('time', $time)->press('Book');
    $browser->driver->executeScript('window.scrollTo(0, 0)');
}

/** What the list says of a head. */
function lineOf(Browser $browser, string $name): string
{
    return (string) $browser->driver->executeScript(
        'const row = [...document.querySelectorAll(".day li")].find((one) => one.textContent.includes(arguments[0])); '
            . 'return row ? row.textContent.replace(/\\s+/g, " ") : ""',
        [$name],
    );
}

/** Under which heading a client of the day stands. */
function partOf(Browser $browser, string $name): string
{
    return (string) $browser->driver->executeScript(
        'const row = [...document.querySelectorAll(".day li")].find((one) => one.textContent.includes(arguments[0])); '
            . 'return row.closest("section, details").querySelector("h2, summary").textContent',
        [$name],
    );
}

function openBooking(Browser $browser, string $day, string $name): void
{
    $browser->visit("/today?date={$day}");
    foreach ($browser->all('.day li') as $row) {
        if (str_contains((string) $row->getDomProperty('textContent'), $name)) {
            $browser->visit((string) parse_url(
                (string) $row->findElement(Facebook\WebDriver\WebDriverBy::cssSelector(
                    '.day-booking',
                ))->getAttribute('href'),
                PHP_URL_PATH,
            ));

            return;
        }
    }
    throw new RuntimeException("{$name} is not booked on {$day}.");
}

it('keeps hands and promises through a morning with three late and one cancelled', function (): void {
    $browser = Browser::open();
    try {
        $day = date('Y-m-d', strtotime('+9 days'));
        $browser->signIn();
        foreach (
            [
                ['Solvei', '9:00'], ['Rui', '9:50'], ['Aurel', '10:40'], ['Noor', '11:30'], ['Tamar', '15:00'],
            ] as [$name, $time]
        ) {
            bookAt($browser, $name, $day, $time);
            expect($browser->path())->toBe(
                '/today',
                "{$name}: "
                    . implode(' ', array_map(fn ($wrong): string => $wrong->getText(), $browser->all('.wrong'))),
            );
        }
        expect($browser->text('main'))
            ->toContain('5 still to come')
            ->and($browser->all('.hands-head'))
            ->toHaveCount(5)
            ->and($browser->all('.day .is-broken'))
            ->toHaveCount(0);

        // The hands are promised: a sixth at a taken time is told when they are free.
        bookAt($browser, 'Hanneke', $day, '9:15');
        expect($browser->text('.wrong'))->toContain('no room')->toContain('They do at');

        // Three call that they come later; whoever else keeps the time, as long as hands allow.
        foreach ([['Solvei', '9:30'], ['Rui', '10:40'], ['Aurel', '11:05']] as [$name, $later]) {
            openBooking($browser, $day, $name);
            $browser->type('expected', $later)->press('Lay the day out round it');
        }
        expect(lineOf($browser, 'Solvei'))->toContain('said they come at 9:30')
            ->and(lineOf($browser, 'Solvei'))->not->toContain('Can’t start')
            ->and(lineOf($browser, 'Tamar'))->not->toContain('Can’t start before');
        $late = $browser->all('.day .is-broken');
        expect(count($late))->toBeGreaterThanOrEqual(1)->and($browser->text('main'))->toContain('To call');

        // One is cancelled: there is room again, and fewer are late.
        openBooking($browser, $day, 'Aurel');
        $browser->press('Cancel it');
        expect($browser->text('.wrong'))->toContain('say in a few words');
        $browser->type('because', 'Her child is ill')->press('Cancel it');
        expect(lineOf($browser, 'Aurel'))->toContain('cancelled')
            ->and(count($browser->all('.day .is-broken')))->toBeLessThan(count($late))
            ->and($browser->all('.hands-head'))->toHaveCount(4)
            // Bars of one stylist do not overlap: hands are on one head at a time.
            ->and($browser->driver->executeScript('const bars = [...document.querySelectorAll(".hands-head .is-hands")].map((bar) => '
                . '[parseFloat(bar.getAttribute("y")), parseFloat(bar.getAttribute("x")), '
                . 'parseFloat(bar.getAttribute("width"))]).sort((a, b) => a[0] - b[0] || a[1] - b[1]); return '
                . 'bars.every((bar, i) => i === 0 || bars[i - 1][0] !== bar[0] || bars[i - 1][1] + bars[i - 1][2] '
                . '<= bar[1] + 0.03)'))->toBeTrue();

        // A client looks over her shoulder.
        $browser->press('Hide names');
        expect($browser->text('main'))->not->toContain('Solvei')->toContain('S.');
        $browser->press('Show names');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('holds a morning together in which three are late, one is silent and a stylist falls ill', function (): void {
    $browser = Browser::open();
    // Minutes by which the salon's clock runs ahead from its own to a time of the day.
    $zone = new DateTimeZone('Europe/Lisbon');
    $date = new DateTimeImmutable('+13 days', $zone);
    $ahead = 0.0;
    $itIs = function (string $time) use ($browser, $date, $zone, &$ahead): void {
        $due = (new DateTimeImmutable($date->format('Y-m-d') . " {$time}", $zone))->getTimestamp() - time();
        $browser->later($due / 60 - $ahead);
        $ahead = $due / 60;
        $browser->visit('/today');
        if ($browser->path() !== '/today') {
            $browser->signIn()->visit('/today');
        }
    };
    $handsOnOneHead = fn (): bool => (bool) $browser->driver->executeScript('const bars = '
        . '[...document.querySelectorAll(".hands-head:not(.is-silent) .is-hands")].map((bar) => '
        . '[parseFloat(bar.getAttribute("y")), parseFloat(bar.getAttribute("x")), '
        . 'parseFloat(bar.getAttribute("width"))])'
        . '.sort((a, b) => a[0] - b[0] || a[1] - b[1]); return bars.every((bar, i) => i === 0 || '
        . 'bars[i - 1][0] !== bar[0] || bars[i - 1][1] + bars[i - 1][2] <= bar[1] + 0.12)');
    try {
        $day = $date->format('Y-m-d');
        $browser->signIn();
        $booked = [
            ['Solvei', '9:00'], ['Rui', '10:00'], ['Aurel', '11:00'], ['Tamar', '14:00'], ['Noor', '15:00'],
        ];
        foreach ($booked as [$name, $time]) {
            bookAt($browser, $name, $day, $time);
            expect($browser->path())->toBe('/today');
        }
        // The first is silent for a quarter of an hour, is asked about, and comes.
        $itIs('9:16');
        expect($browser->text('[aria-labelledby="asked"]'))
            ->toContain('Solvei')
            ->toContain('was due at 9:00 with Ilse. Here yet?');
        $browser->press('Arrived Solvei');
        expect($browser->all('[aria-labelledby="asked"]'))->toHaveCount(0);
        $browser->press('Begin Solvei');
        // It takes longer; who comes at ten would wait, and goes to other hands with one tap.
        $itIs('9:55');
        $browser->press('+10 min')->press('+10 min')->press('+10 min');
        expect($browser->text('main'))->toContain('Rui cannot begin with Ilse before')
            ->and($handsOnOneHead())->toBeTrue();
        $browser->press('Rui agrees:');
        expect($browser->text('main'))->toContain('Rui')->not->toContain('cannot begin with Ilse')
            ->and(lineOf($browser, 'Rui'))->not->toContain('Ilse')
            ->and($handsOnOneHead())->toBeTrue();
        $browser->visit('/today')->press('Arrived Rui')->press('Begin Rui');
        // The third calls that it will be half past eleven.
        openBooking($browser, $day, 'Aurel');
        $browser->type('expected', '11:30')->press('Lay the day out round it');
        expect(lineOf($browser, 'Aurel'))->toContain('said they come at 11:30');
        $itIs('11:35');
        expect($browser->all('[aria-labelledby="asked"]'))->toHaveCount(0);
        $browser->press('Done Solvei')->visit('/today')->press('Done Rui')->visit('/today')
            ->press('Arrived Aurel')->press('Begin Aurel');
        $itIs('12:20');
        $browser->press('Done Aurel');
        // One says nothing at all: after half an hour the place is free, and is offered back.
        $itIs('14:31');
        expect($browser->text('[aria-labelledby="asked"]'))
            ->toContain('Tamar')
            ->toContain('The place is free for others')
            ->toContain('If they still come:')
            ->and(lineOf($browser, 'Tamar'))->toContain('the place is free for others')
            ->and($handsOnOneHead())->toBeTrue();
        $browser->press('No-show Tamar');
        expect($browser->all('[aria-labelledby="asked"]'))->toHaveCount(0);
        // Ilse goes home ill: who is still to come is offered other hands.
        $browser->visit('/salon/hours')
            ->type('leave_from', $day)->type('leave_until', $day)->type('leave_because', 'ill');
        $browser->press('Save leave');
        $browser->visit('/today');
        expect($browser->text('main'))->toContain('Ilse is away.')->toContain('could take Noor');
        $browser->press('Noor agrees:');
        expect($browser->text('main'))->not->toContain('Ilse is away.')
            ->and($browser->all('.day .is-broken'))->toHaveCount(0)
            ->and($handsOnOneHead())->toBeTrue()
            ->and($browser->complaints())->toBe([]);
    } finally {
        @unlink((string) getenv('NAGOMI_CLOCK'));
        $browser->close();
    }
});

it('goes from here over begin and a little over to through, by keyboard', function (): void {
    $browser = Browser::open();
    try {
        // One that is booked for today in the demo, on any day of the week.
        $day = (new DateTimeImmutable('now', new DateTimeZone('Europe/Lisbon')))->format('Y-m-d');
        $browser->signIn()->visit("/today?date={$day}");
        $name = (string) $browser->driver->executeScript(
            'return [...document.querySelectorAll(".day li")].find((one) => one.textContent.includes('
                . '"Hair tests with Ilse")).querySelector(".day-name").textContent',
        );
        openBooking($browser, $day, $name);
        foreach (
            [
                ['Arrived', 'Still to come'],
                ['Begin', 'In the chair'],
                ['10 minutes more', 'In the chair'],
                ['Done', 'Finished:'],
            ] as [$button, $says]
        ) {
            $browser->driver->executeScript(
                '[...document.querySelectorAll("main button")].find((one) => one.textContent.trim() === '
                    . 'arguments[0]).focus()',
                [$button],
            );
            $old = $browser->find('html');
            $browser->keys('ENTER')->untilGone($old);
            expect(partOf($browser, $name))->toContain($says);
            openBooking($browser, $day, $name);
        }
        $browser->press('That was a mistake');
        expect(partOf($browser, $name))->toBe('Still to come');
        $browser->key('t');
        $today = new DateTimeImmutable('now', new DateTimeZone('Europe/Lisbon'));
        expect($browser->path())->toBe('/today')->and($browser->text('h1'))->toBe($today->format('l j F'));
    } finally {
        $browser->close();
    }
});

it('tells both of two devices that change one booking', function (): void {
    $one = Browser::open();
    $other = Browser::open();
    try {
        $day = date('Y-m-d', strtotime('+11 days'));
        bookAt($one->signIn(), 'Noor', $day, '10:00');
        openBooking($one, $day, 'Noor');
        openBooking($other->signIn('quim@saltlight.example'), $day, 'Noor');
        $one->type('time', '11:00')->press('Move');
        $other->type('time', '14:00')->press('Move');
        expect($other->text('.wrong'))
            ->toContain('changed this booking meanwhile')
            ->toContain('11:00')
            ->and($other->value('time'))
            ->toBe('14:00');
    } finally {
        $one->close();
        $other->close();
    }
});
