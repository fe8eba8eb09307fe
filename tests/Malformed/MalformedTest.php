<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use Nagomi\Core\Statistics\SeededRandom;
use Tests\Malformed\Forms;
use Tests\Malformed\Nasty;

/*
 * Requests that no form of ours would send, over every address there is: each gets a refusal with a sentence or an
 * ordinary answer,
 * never an error of ours; and what is refused leaves nothing behind.
 */

/** Of each route, with each seed. */
const SPOILED_A_ROUTE = 17;

it('answers whatever is sent with a sentence, and stores nothing half', function (string $group): void {
    $chance = new SeededRandom((int) (getenv('NAGOMI_SEED') ?: 1));
    $forms = new Forms($this);
    $parts = $forms->parts();
    $sent = 0;
    $wrong = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $name = (string) ($route->getName() ?? '');
        $method = $route->methods()[0];
        $name = $name === '' && $route->uri() === 'sign-in' && $method === 'POST' ? 'sign-in' : $name;
        $isRead = $method === 'GET';
        if (
            $name === ''
                || $name === 'sign-out'
                || str_starts_with($name, 'storage')
                || ($group === 'read') !== $isRead
                || in_array($name, [
                    'clients.home-routine.pdf', 'clients.history.pdf', 'clients.history.json', 'salon.data.archive',
                    'clients.consent.form',
                    'clients.parcel', 'up', 'health', 'metrics',
                ], true)
        ) {
            continue;
        }
        for ($i = 0; $i < SPOILED_A_ROUTE; $i++) {
            $these = $parts;
            foreach ($chance->happens(0.2) ? array_keys($these) : [] as $part) {
                $value = Nasty::value($chance);
                $these[$part] = is_scalar($value) && strlen((string) $value) < 400
                    ? rawurlencode((string) $value)
                    : 'x';
            }
            $uri = '/'
                . ltrim(
                    (string) preg_replace_callback(
                        '/\{(\w+)(?::\w+)?\??\}/',
                        fn (array $found): string => $these[$found[1]] ?? 'x',
                        $route->uri(),
                    ),
                    '/',
                );
            $uri = $these === $parts ? $forms->signed($uri, $name, $parts) : $uri;
            $spoiled = Nasty::spoiled($isRead ? $forms->query($name) : $forms->body($name), $chance);
            // A whole record is more than any form holds.
            $asJson = $chance->happens(0.4) || $name === 'api.records.store';
            $before = $this->stored();
            $this->logged = [];
            $this->app['session']->forget('errors');
            $program = $this->comesAs($name);
            $answer = match (true) {
                $isRead => $this->get(
                    $uri . (str_contains($uri, '?') ? '&' : '?') . http_build_query($spoiled),
                    $program,
                ),
                $asJson => $this->call(
                    $method,
                    $uri,
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json']
                        + $this->transformHeadersToServerVars($program),
                    json_encode($spoiled, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE, 600) ?: '{"a":',
                ),
                default => $this->call(
                    $method,
                    $uri,
                    Nasty::asSent($spoiled),
                    [],
                    [],
                    $this->transformHeadersToServerVars($program),
                ),
            };
            $sent++;
            $problem = $this->wrongWith($answer);
            $refused = $answer->baseResponse->getStatusCode() >= 400 || session()->has('errors');
            if ($problem === null && $refused && $this->stored() !== $before) {
                $problem = 'was refused and left something behind';
            }
            if ($problem !== null) {
                $wrong[] = "{$method} {$name} "
                    . mb_substr(
                        (string) json_encode($spoiled, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
                        0,
                        160,
                    )
                    . ": {$problem}";
            }
        }
    }
    file_put_contents(base_path("var/malformed-{$group}.log"), implode("\n", $wrong));
    expect(array_slice($wrong, 0, 12))->toBe([])->and($sent)->toBeGreaterThan($group === 'read' ? 700 : 1050);
})->with(['read', 'write']);
