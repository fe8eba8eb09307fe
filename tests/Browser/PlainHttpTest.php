<?php

declare(strict_types=1);


/*
 * A tablet on the salon's own network has no HTTPS: the browser withholds keys, service workers and the wake lock from
 * it. Wash and
 * home routine work all the same, and say what needs HTTPS.
 */

use Tests\Browser\Support\Browser;

it('runs a wash day on a tablet over plain HTTP, and keeps its taps', function (): void {
    $browser = Browser::open(820, 1180, as: 'tablet.test');
    try {
        $browser->signIn()->press('Padma')->key('a');
        expect($browser->driver->executeScript('return window.isSecureContext'))->toBeFalse()
            ->and($browser->driver->executeScript('return typeof crypto.randomUUID'))->toBe('undefined');
        $browser->press('Begin');
        $first = $browser->text('[data-label]');
        $browser->offline();
        $browser->tap('[data-do=done]');
        expect($browser->text('[data-label]'))->not->toBe($first);
        $browser->until('[data-waiting-line]', 'kept here until');
        $browser->offline(false)->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $browser->await(fn (): bool => $browser->text('[data-waiting-line]') === '');
        $browser->driver->navigate()->refresh();
        expect($browser->text('[data-label]'))->not
            ->toBe($first)
            ->and($browser->tap('[data-open-menu]')->text('[data-insecure]'))
            ->toContain('HTTPS');
        $browser->press('Stop without saving');
    } finally {
        $browser->close();
    }
});

it('takes ticks on a phone over plain HTTP', function (): void {
    $browser = Browser::open(390, 844, as: 'tablet.test');
    try {
        $browser->signIn()->press('Hanneke')->key('c')->press('Make a link');
        $link = (string) $browser->driver->executeScript(
            'return document.querySelector("input[readonly][value*=\'/card/\']").value',
        );
        $browser->visit((string) preg_replace('#^https?://[^/]+#', '', $link));
        expect($browser->driver->executeScript('return window.isSecureContext'))->toBeFalse();
        $browser->driver->executeScript('document.querySelector("[data-points]").click()');
        $browser->await(
            fn (): bool => str_contains($browser->text('[data-told]'), 'your salon has it'),
        );
    } finally {
        $browser->close();
    }
});
