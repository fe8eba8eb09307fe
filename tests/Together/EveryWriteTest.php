<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Together\Answered;
use Tests\Together\Device;
use Tests\Together\Scenarios;

/*
 * Every route that changes something, sent from several hands at once and twice by the same: nothing is doubled,
 * nothing lost,
 * nothing answered with an error of ours.
 */

/** Rounds of each; bin/test says how many. */
define('ROUNDS', (int) (getenv('NAGOMI_ROUNDS') ?: 5));

it('takes in once what is sent twice, and everything that is sent at once', function (string $name): void {
    $scenario = Scenarios::all()[$name];
    for ($round = 1; $round <= ROUNDS; $round++) {
        $about = ($scenario->prepare)($this);
        $before = ($scenario->measure)($about, $this);
        $keys = [1 => (string) Str::ulid(), 2 => (string) Str::ulid(), 3 => (string) Str::ulid()];
        [$one, $other] = $scenario->link
            ? [new Device($this->url()), new Device($this->url())]
            : [$this->one, $this->other];
        $sent = fn (int $i) => ($scenario->sent)($about, $i, $this)->under($keys[$i]);
        $answers = Device::together([[$one, $sent(1)], [$other, $sent(1)], [$one, $sent(2)], [$other, $sent(3)]]);
        $after = ($scenario->measure)($about, $this);

        expect(max(array_map(
            fn (Answered $answer): int => $answer->status === 0 ? 999 : $answer->status,
            $answers,
        )))->toBeLessThan(500, "{$name}, round {$round}")
            ->and($answers[0]->status)->toBe(
                $answers[1]->status,
                "{$name}, round {$round}: the second answer is not the first",
            )
            ->and(
                is_int($after) && is_int($before) ? $after - $before : $after,
            )->toBe($scenario->comes, "{$name}, round {$round}");
    }
})->with(array_keys(Scenarios::all()));

it('leaves no route out that changes something', function (): void {
    $routes = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $changes = array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS']) !== [];
        if (
            $changes
                && $route->uri() !== 'sign-in'
                && ! str_starts_with($route->uri(), '_')
                && ! str_starts_with($route->uri(), 'storage')
        ) {
            $routes[implode(' ', $route->methods()) . ' ' . $route->uri()] = (string) $route->getName();
        }
    }
    $methods = array_diff(
        $routes,
        array_keys(Scenarios::all()),
        Scenarios::ONLY_ASK,
        Scenarios::SESSIONS,
        Scenarios::BEFORE_ALL,
    );
    expect($methods)->toBe([])
        ->and(count($routes))->toBeGreaterThan(55);
});
