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
    $browser->driver->executeScript('document.querySelector(".more-tests").open = true');
    $browser->type('time', $time)->press('Book');
    $browser->driver->executeScript('window.scrollTo(0, 0)');
}

/** What the list says of a head. */
function lineOf(Browser $browser, string $name): string
{
    foreach ($browser->all('.day li') as $row) {
        if (str_contains($row->getText(), $name)) {
            return $row->getText();
        }
    }

    return '';
}

function openBooking(Browser $browser, string $day, string $name): void
{
    $browser->visit("/today?date={$day}");
    foreach ($browser->all('.day li') as $row) {
        if (str_contains($row->getText(), $name)) {
            $browser->visit((string) parse_url(
                (string) $row->findElement(Facebook\WebDriver\WebDriverBy::cssSelector(
                    '.day-acts a',
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
                ['Solvei', '9:00'], ['Rui', '9:45'], ['Aurel', '10:30'], ['Noor', '11:15'], ['Tamar', '15:00'],
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
            ->toContain('5 heads to come')
            ->and($browser->all('.hands-head'))
            ->toHaveCount(5)
            ->and($browser->all('.day .is-broken'))
            ->toHaveCount(0);

        // The hands are promised: a sixth at a taken time is told when they are free.
        bookAt($browser, 'Hanneke', $day, '9:15');
        expect($browser->text('.wrong'))->toContain('no room')->toContain('They do at');

        // Three call that they come later; whoever else keeps her time, as long as hands allow.
        foreach ([['Solvei', '9:30'], ['Rui', '10:40'], ['Aurel', '11:05']] as [$name, $later]) {
            openBooking($browser, $day, $name);
            $browser->type('expected', $later)->press('Lay the day out round it');
        }
        expect(lineOf($browser, 'Solvei'))->toContain('begins 9:30, 30 min after what was promised')
            ->and(lineOf($browser, 'Tamar'))->not->toContain('after what was promised');
        $late = $browser->all('.day .is-broken');
        expect(count($late))->toBeGreaterThanOrEqual(3)->and($browser->text('main'))->toContain('To call');

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
                . '[Number(bar.getAttribute("y")), Number(bar.getAttribute("x")), '
                . 'Number(bar.getAttribute("width"))]).sort((a, b) => a[0] - b[0] || a[1] - b[1]); return '
                . 'bars.every((bar, i) => i === 0 || bars[i - 1][0] !== bar[0] || bars[i - 1][1] + bars[i - 1][2] '
                . '<= bar[1] + 0.2)'))->toBeTrue();

        // A client looks over her shoulder.
        $browser->press('Hide names');
        expect($browser->text('main'))->not->toContain('Solvei')->toContain('S.');
        $browser->press('Show names');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('goes from here over begin and a little over to through, by keyboard', function (): void {
    $browser = Browser::open();
    try {
        // One that is booked for today in the demo, on any day of the week.
        $day = (new DateTimeImmutable('now', new DateTimeZone('Europe/Lisbon')))->format('Y-m-d');
        $browser->signIn()->visit("/today?date={$day}");
        $name = (string) preg_replace('/^[\d:\s]+|\R.*$/s', '', lineOf($browser, 'Readings · Ilse'));
        openBooking($browser, $day, $name);
        foreach (
            [
                ['Is here', 'here'],
                ['Begin', 'under way'],
                ['10 minutes over', 'under way, 10 min over'],
                ['Through', 'through'],
            ] as [$button, $says]
        ) {
            $browser->driver->executeScript(
                '[...document.querySelectorAll("main button")].find((one) => one.textContent.trim() === '
                    . 'arguments[0]).focus()',
                [$button],
            );
            $old = $browser->find('html');
            $browser->keys('ENTER')->untilGone($old);
            expect(lineOf($browser, $name))->toContain($says);
            openBooking($browser, $day, $name);
        }
        $browser->press('That was wrong');
        expect(lineOf($browser, $name))->toContain('booked');
        $browser->key('t');
        expect($browser->path())->toBe('/today')->and($browser->text('h1'))->toBe('Today');
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
