<?php

declare(strict_types=1);

/* A second step set up and used as somebody would with a phone beside the tablet; the front desk on a phone. */

use App\Bridge\Accounts\OneTimeCode;
use Tests\Browser\Support\Browser;

it('asks for the code of a phone, and lets in whoever wrote one down', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn('wren@saltlight.example')->visit('/salon/people')->press('Set it up');
        $secret = str_replace(' ', '', (string) $browser->driver->executeScript(
            'return document.querySelector("details code").textContent',
        ));
        $browser->type('code', '000000')->press('Turn it on');
        expect($browser->text('.help.is-danger'))->toContain('That code is not good');
        $browser->type('code', (new OneTimeCode())->at($secret, intdiv(time(), 30)))->press('Turn it on');
        $codes = $browser->driver->executeScript(
            'return [...document.querySelectorAll(".second-codes code")].map((one) => one.textContent)',
        );
        expect($codes)->toHaveCount(10)->and($browser->text('main'))->toContain('10 written codes are left');

        $browser->press('Sign out');
        $browser->type('email', 'wren@saltlight.example')->type('password', 'harbour-demo')->press('Sign in');
        expect($browser->path())->toBe('/sign-in/code');
        $browser->visit('/today');
        expect($browser->path())->toBe('/sign-in');
        $browser->visit('/sign-in/code')->type('code', (string) $codes[0])->press('Sign in');
        expect($browser->path())->toBe('/today');
        $browser->visit('/account/second-step');
        expect($browser->text('main'))->toContain('9 written codes are left');
        $browser->press('Turn it off');
        expect($browser->text('.said'))->toContain('The second step is off')
            ->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('gives the front desk the book and how clients are reached, on a phone', function (): void {
    $browser = Browser::open(390, 844);
    try {
        $browser->signIn('tove@saltlight.example')->visit('/clients')->press('Solvei');
        expect($browser->path())->toEndWith('/contact')->and($browser->text('main'))->not->toContain('protein');
        $browser->type('phone', 'lots')->press('Save');
        expect($browser->text('.help.is-danger'))->toContain('Phone');
        $browser->type('phone', '+351 900 111 222')->press('Save');
        expect($browser->text('.said'))->toContain('Solvei')
            ->and($browser->find('[name=phone]')->getDomProperty('value'))->toBe('+351 900 111 222')
            ->and($browser->driver->executeScript(
                'return document.documentElement.scrollWidth <= window.innerWidth',
            ))->toBeTrue();
        $browser->visit(str_replace('/contact', '/plan', $browser->path()));
        expect($browser->text('main'))->toContain('Not for your role');
    } finally {
        $browser->close();
    }
});

it('takes one person from one salon to the other, and leaves no pages of clients behind', function (): void {
    $browser = Browser::open(820, 1180);
    try {
        $browser->signIn('maren@tidewater.example')->visit('/salon/people');
        $browser->type('invite_name', 'Wren')->type('invite_email', 'wren@saltlight.example')->press('Make the link');
        $link = (string) $browser->find('[id^=link-]')->getDomProperty('value');
        $browser->press('Sign out');
        $browser->visit((string) preg_replace('#^https?://[^/]+#', '', $link));
        expect($browser->text('main'))->toContain('has a password here already');
        $browser->press('Sign in');
        $browser->type('email', 'wren@saltlight.example')->type('password', 'harbour-demo')->press('Sign in');
        $browser->press('Join');
        $browser->await(fn (): bool => $browser->path() === '/today');
        $browser->visit('/clients')->tap('.head-row');
        expect($browser->text('.rail'))->toContain('Go to Saltlight Studio');
        $browser->press('Go to Saltlight Studio');
        $browser->await(fn (): bool => $browser->path() === '/today'
            && str_contains($browser->text('.rail'), 'Go to Tidewater Room'));
        $kept = $browser->driver->executeAsyncScript(
            'const done = arguments[0]; caches.keys().then(async (names) => done((await Promise.all(names.map(async '
                . '(name) => (await (await caches.open(name)).keys()).map((one) => one.url)))).flat()))',
        );
        expect(array_filter((array) $kept, static fn (mixed $url): bool => str_contains((string) $url, '/clients/')))
            ->toBe([]);
        $browser->visit('/clients');
        expect($browser->text('main'))->toContain('Solvei');
    } finally {
        $browser->close();
    }
});
