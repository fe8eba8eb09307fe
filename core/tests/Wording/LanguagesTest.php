<?php

declare(strict_types=1);

/* What the core can say stands in every language, with the same places; and nothing stands there that nobody says. */

use Symfony\Component\Finder\Finder;

const LANGUAGES = __DIR__ . '/../../../lang';

/**
 * @param array<array-key, mixed> $lines
 *
 * @return array<string, string> by key
 */
function linesBelow(array $lines, string $path): array
{
    $all = [];
    foreach ($lines as $name => $line) {
        $key = "{$path}.{$name}";
        $all = [...$all, ...is_array($line) ? linesBelow($line, $key) : [$key => (string) $line]];
    }

    return $all;
}

/** @return array<string, string> by key */
function linesOfCore(string $language): array
{
    $all = [];
    foreach ((new Finder())->files()->in(LANGUAGES . "/{$language}/core")->name('*.php')->sortByName() as $file) {
        $all = [...$all, ...linesBelow(require $file->getPathname(), $file->getBasename('.php'))];
    }

    return $all;
}

/** @return list<string> names of the places of a line, each once */
function placesOf(string $line): array
{
    preg_match_all('/:([A-Za-z][A-Za-z0-9]*)/', $line, $found);
    $names = array_values(array_unique(array_map(lcfirst(...), $found[1])));
    sort($names);

    return $names;
}

/** @return list<string> keys the core says, as patterns: what is put together while it runs may be any word */
function keysInCode(): array
{
    $keys = [];
    foreach ((new Finder())->files()->in(__DIR__ . '/../../src')->notPath('Parameters')->name('*.php') as $file) {
        $code = $file->getContents();
        preg_match_all('/[\'"]([a-z][a-z-]*(?:\.(?:[a-z0-9-]|\{[^}]+\})+)+\.?)[\'"]/', $code, $found);
        $keys = [...$keys, ...$found[1]];
    }

    return array_values(array_unique($keys));
}

it('has every line in both languages, with the same places and the same ways of counting', function (): void {
    $english = linesOfCore('en');
    $spanish = linesOfCore('es');
    expect(array_keys($spanish))->toBe(array_keys($english))->and(count($english))->toBeGreaterThan(400);
    foreach ($english as $key => $line) {
        expect(placesOf($spanish[$key]))->toBe(placesOf($line), $key)
            ->and(substr_count($spanish[$key], '|'))->toBe(substr_count($line, '|'), $key)
            ->and(trim($spanish[$key]))->not->toBe('', $key);
    }
});

it('has a line for every key the core says, and says every line it has', function (): void {
    $lines = array_keys(linesOfCore('en'));
    $files = array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $lines));
    $keys = array_filter(
        keysInCode(),
        static fn (string $key): bool => in_array(explode('.', $key)[0], $files, true),
    );
    $patterns = array_map(static fn (string $key): string => '/^' . preg_replace(
        ['/\\\\\{[^}]+\\\\\}/', '/\\\\\.$/'],
        ['[A-Za-z0-9 -]+', '\\..+'],
        preg_quote($key, '/'),
    ) . '$/', $keys);
    $unsaid = array_filter($patterns, static fn (string $pattern): bool => preg_grep($pattern, $lines) === []);
    expect(array_values($unsaid))->toBe([]);
    $said = array_unique(array_merge(...array_map(
        static fn (string $pattern): array => array_values((array) preg_grep($pattern, $lines)),
        array_values($patterns),
    )));
    // Said no more: wash days stored before their steps named what they are done with still say these.
    $stored = [
        'wash-day.pre-wash-before', 'wash-day.detangle', 'wash-day.cleanse', 'wash-day.cleanse-pass',
        'wash-day.scalp-shampoo', 'wash-day.scalp-shampoo-pass',
    ];
    expect(array_values(array_diff($lines, $said)))->toBe($stored);
});

it('finds a key without a line', function (): void {
    expect(placesOf('Skip :treatment and :What runs low:where.'))->toBe(['treatment', 'what', 'where'])
        ->and(linesBelow(['a' => ['b' => 'c']], 'x'))->toBe(['x.a.b' => 'c'])
        ->and(keysInCode())->toContain('planning.usual-wash')->not->toContain('planning.no-such-line');
});
