<?php

declare(strict_types=1);

/*
 * Who may do what: every route, as each role, in one's own salon and another's; and no page leads anybody to what they
 * may not open.
 */

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Places;

/** @return array<string, list<string>> roles by what a route takes */
function rolesThatMay(): array
{
    return [
        'everybody' => ['owner', 'stylist', 'apprentice', 'front-desk'],
        'care' => ['owner', 'stylist', 'apprentice'],
        'decide' => ['owner', 'stylist'],
        'lead' => ['owner'],
    ];
}

/** @return array<string, string> what it takes, by route */
function whatItTakes(): array
{
    $takes = [];
    foreach (require __DIR__ . '/WhoMay.php' as $what => $routes) {
        $takes += array_fill_keys($routes, $what);
    }

    return $takes;
}

/** What went wrong, where something did. */
function thrown(mixed $answer): string
{
    $wrong = $answer->baseResponse->exception ?? null;

    return $wrong === null ? '' : ": {$wrong->getMessage()}";
}

function actAs(FeatureTestCase $test, string $role): User
{
    $test->stylist->update(['role' => Role::from($role)]);
    $user = $test->stylist->fresh();
    $test->actingAs($user);

    return $user;
}

it('names every route that asks for somebody, once', function (): void {
    $named = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (in_array('auth', $route->gatherMiddleware(), true)) {
            $named[] = $route->getName();
        }
    }
    $listed = array_merge(...array_values(require __DIR__ . '/WhoMay.php'));
    expect(array_values(array_diff($named, $listed)))->toBe([])
        ->and(array_values(array_diff($listed, $named)))->toBe([])
        ->and(count($listed))->toBe(count(array_unique($listed)));
});

it('lets each role do what it may on every route, and nothing in another salon', function (string $role): void {
    [$takes, $places] = [whatItTakes(), new Places($this)];
    [$salon] = $this->salonWithStylist('maren@test.example');
    $theirs = new Places($this, $salon);
    $user = actAs($this, $role);
    $tried = ['own' => 0, 'other' => 0];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $name = (string) $route->getName();
        if (! isset($takes[$name]) || in_array($name, ['sign-out', 'moved'], true)) {
            continue;
        }
        $may = in_array($role, rolesThatMay()[$takes[$name]], true);
        foreach (['own' => $places, 'other' => $theirs] as $whose => $of) {
            $path = $of->path($route->uri());
            if ($whose === 'other' && $path === $places->path($route->uri())) {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD', 'PATCH', 'OPTIONS']) as $method) {
                DB::beginTransaction();
                $this->actingAs($user->fresh());
                $answer = $this->call($method, $path, ['acts' => [['key' => 'a', 'kind' => 'done']]]);
                $status = $answer->baseResponse->getStatusCode();
                DB::rollBack();
                $says = "{$role}, {$whose} salon: {$method} {$path} answered {$status}" . thrown($answer);
                expect($status)->toBeLessThan(500, $says);
                match (true) {
                    // Acts are answered one by one, in the words for a client whom nobody here knows.
                    $whose === 'other' && in_array($name, ['clients.wash.acts', 'clients.hair-tests.acts'], true) =>
                        expect($status)->toBeIn([200, 403], $says),
                    $whose === 'other' => expect($status)->toBeIn($may ? [404] : [403, 404], $says),
                    $may => expect($status)->not->toBe(403, $says),
                    default => expect($status)->toBe(403, $says),
                };
                $tried[$whose]++;
            }
        }
    }
    expect($tried['own'])->toBeGreaterThan(155)->and($tried['other'])->toBeGreaterThan(100);
})->with(array_map(fn (Role $role): string => $role->value, Role::cases()));

it('shows nobody a way to what they may not open', function (string $role, int $least): void {
    [$takes, $places] = [whatItTakes(), new Places($this)];
    $user = actAs($this, $role);
    [$wrong, $ways] = [[], 0];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $name = (string) $route->getName();
        $isOpen = isset($takes[$name]) && in_array($role, rolesThatMay()[$takes[$name]], true);
        if (! $isOpen || ! in_array('GET', $route->methods(), true) || $name === 'moved') {
            continue;
        }
        $this->actingAs($user->fresh());
        $page = $this->followingRedirects()->get($places->path($route->uri()));
        foreach (Places::waysOf($page) as [$method, $address]) {
            $to = Places::routeOf($method, $address);
            $ways++;
            if ($to !== null && isset($takes[$to]) && ! in_array($role, rolesThatMay()[$takes[$to]], true)) {
                $wrong["{$name} leads to {$to}"] = true;
            }
        }
    }
    expect(array_keys($wrong))->toBe([])->and($ways)->toBeGreaterThan($least);
})->with([['stylist', 500], ['apprentice', 400], ['front-desk', 150]]);
