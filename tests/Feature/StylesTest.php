<?php

declare(strict_types=1);

/* Styles of a few screens come with those only: no page may use what only a file it does not load knows. */

use App\Bridge\Plans\Outlooks;

/** @return list<string> classes that a file of styles knows */
function classesOf(string $file): array
{
    $css = (string) preg_replace('~/\*.*?\*/~s', '', (string) file_get_contents(public_path("css/{$file}.css")));
    preg_match_all('/\.([a-z][\w-]*)/', (string) preg_replace('/\{[^{}]*\}/', '{}', $css), $found);

    return array_values(array_unique($found[1]));
}

it('loads what each page is dressed in', function (): void {
    $head = $this->aHead();
    app(Outlooks::class)->current($head);
    $this->actingAs($this->stylist);
    $known = [];
    foreach (glob(public_path('css/*.css')) as $path) {
        $known[basename($path, '.css')] = classesOf(basename($path, '.css'));
    }
    $of = "/clients/{$head->id}";
    foreach (
        [
            $of, "{$of}/hair-tests", "{$of}/hair-tests/zones", "{$of}/history", "{$of}/history/ledger",
            "{$of}/history/cause",
            "{$of}/plan", "{$of}/plan/terms", "{$of}/plan/what-if?change=seal", "{$of}/home-routine", "{$of}/wash",
            "{$of}/wash-days", "{$of}/style", "{$of}/trends", "{$of}/trends/trials", "{$of}/products", "{$of}/edit",
            '/today',
            '/clients', '/clients/new', '/products', '/reports',
            '/reports/team', '/salon', '/salon/hours', '/bookings/new',
        ] as $page
    ) {
        $html = (string) $this->get($page)->assertOk()->getContent();
        preg_match_all('/class="([^"]*)"/', $html, $found);
        $used = array_unique(array_filter(explode(' ', implode(' ', $found[1]))));
        $isAskedFor = fn (string $file): bool => str_contains($html, "css/{$file}.css");
        $dressed = array_merge(...array_values(array_filter($known, $isAskedFor, ARRAY_FILTER_USE_KEY)));
        foreach (array_diff_key($known, array_filter($known, $isAskedFor, ARRAY_FILTER_USE_KEY)) as $file => $classes) {
            $lacking = array_values(array_diff(array_intersect($used, $classes), $dressed));
            expect($lacking)->toBe([], "{$page} does without {$file}.css");
        }
    }
});
