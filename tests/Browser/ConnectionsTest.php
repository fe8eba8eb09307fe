<?php

declare(strict_types=1);

/* An owner connects a website on a tablet: the key works while it is there, and not a moment longer. */

use Symfony\Component\HttpClient\HttpClient;
use Tests\Browser\Support\Browser;

/** @return array{int, mixed} status of HTTP, and what was answered */
function askedWith(string $key, string $path): array
{
    $answer = HttpClient::create()->request('GET', getenv('NAGOMI_URL') . "/api/v1{$path}", [
        'headers' => ['Authorization' => "Bearer {$key}"],
    ]);

    return [$answer->getStatusCode(), json_decode($answer->getContent(false), true)];
}

it('gives a program a key on a tablet, sees that it asks, and shuts it out', function (): void {
    $browser = Browser::open(820, 1180);
    $open = function (string $words) use ($browser): Browser {
        $browser->driver->executeScript(
            '[...document.querySelectorAll("details")].find((one) => one.querySelector("summary").textContent'
                . '.includes(arguments[0])).open = true',
            [$words],
        );

        return $browser;
    };
    try {
        $browser->signIn()->visit('/salon')->press('Connections');
        expect($browser->path())->toBe('/salon/connections');
        // Nothing ticked: what was typed is still there, and nobody has a key.
        $open('Make a key')->type('program', 'Harbour website')->press('Make a key');
        expect($browser->text('.help.is-danger'))->toContain('Tick at least one thing')
            ->and($browser->value('program'))->toBe('Harbour website');
        $browser->tap('[value="bookings:read"]')->press('Make a key');
        $key = $browser->find('#new-key')->getDomProperty('value');
        expect($browser->text('.once'))->toContain('shown this once');
        [$status, $told] = askedWith($key, '/');
        expect($status)->toBe(200)->and($told['data']['salon'])->toBe('Saltlight Studio')
            ->and($told['data']['abilities'])->toBe(['bookings:read'])
            ->and(askedWith($key, '/services')[0])->toBe(200)->and(askedWith($key, '/clients')[0])->toBe(403);
        $browser->visit('/salon/connections');
        expect($browser->all('#new-key'))->toBe([])->and($browser->text('.people'))->toContain('asked last on');
        $open('Shut it out')->press('Shut it out');
        expect($browser->text('.said'))->toContain('Harbour website is shut out.')
            ->and(askedWith($key, '/')[0])->toBe(401);

        // An address nobody outside could be told at is refused where it is typed.
        $open('Add an address')->type('url', 'https://192.168.1.9/hook')->tap('[value="booking.done"]')
            ->press('Tell this address');
        expect($browser->text('.help.is-danger'))->toContain('inside a private network')
            ->and($browser->value('url'))->toBe('https://192.168.1.9/hook')
            ->and($browser->find('[value="booking.done"]')->isSelected())->toBeTrue()
            ->and($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});
