<?php

declare(strict_types=1);

/*
 * What is about to be tapped does not move away: the answer to a number comes while the finger is on its way to Next.
 */

use Tests\Browser\Support\Browser;

it('leaves Next where the finger is while an answer comes', function (int $width, int $height): void {
    $browser = Browser::open($width, $height)->signIn()->press('Aune')->key('b');
    $row = fn (): array => $browser->driver->executeScript(
        'return ["[data-next]", ".save .is-strong"].map((css) => document.querySelector(css).getBoundingClientRect())'
            . '.map(({ left, top }) => [Math.round(left), Math.round(top)])',
    );
    $before = $row();
    $browser->driver->executeScript('document.querySelectorAll(".test.is-current .points input")[5].click()');
    $browser->until('.is-current .tells-now', 'expected that day')->until('[data-balance]', '%');
    expect($row())->toBe($before);
    // The next test finds the page as this one did.
    $old = $browser->visit($browser->path())->until('[data-draft-notice]', 'not saved yet')->find('html');
    $browser->press('Throw it away')->untilGone($old)->close();
})->with(['tablet' => [820, 1180], 'phone' => [390, 844]]);
