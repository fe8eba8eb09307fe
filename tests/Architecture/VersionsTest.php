<?php

declare(strict_types=1);

/*
 * What is installed is what is written down: every package, wanted by us or by another, in exactly the version of
 * versions.txt.
 */

/** @return array<string, string> version by package, as written down */
function writtenDown(): array
{
    $versions = [];
    foreach (file(__DIR__ . '/../../versions.txt', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (! str_starts_with($line, '#')) {
            [$name, $version] = explode(' ', $line);
            $versions[$name] = $version;
        }
    }

    return $versions;
}

it('has every package in the version that is written down, and no other', function (): void {
    $installed = [];
    /** @var array{packages: list<array{name: string, version: string}>} $told */
    $told = json_decode((string) file_get_contents(__DIR__ . '/../../vendor/composer/installed.json'), true);
    foreach ($told['packages'] as $package) {
        $installed[$package['name']] = ltrim($package['version'], 'v');
    }
    ksort($installed);
    $written = writtenDown();
    ksort($written);
    expect($installed)->toBe($written)->and(count($written))->toBeGreaterThan(100);
});

it('wants exact versions only, and names no address', function (): void {
    /** @var array{require: array<string, string>, require-dev: array<string, string>} $composer */
    $composer = json_decode((string) file_get_contents(__DIR__ . '/../../composer.json'), true);
    foreach ([...$composer['require'], ...$composer['require-dev']] as $name => $version) {
        if ($name !== 'php' && ! str_starts_with($name, 'ext-')) {
            expect($version)->toMatch('/^\d+\.\d+\.\d+$/')->and(writtenDown()[$name] ?? null)->toBe($version, $name);
        }
    }
    expect((string) file_get_contents(__DIR__ . '/../../versions.txt'))->not->toContain('://')->not->toContain('/dist');
});

it('tells the packages of development apart, so that a salon runs without them', function (): void {
    $lines = file(__DIR__ . '/../../versions.txt', FILE_IGNORE_NEW_LINES) ?: [];
    $development = array_values(array_filter($lines, fn (string $line): bool => str_ends_with($line, ' dev')));
    foreach (
        ['pestphp/pest', 'phpunit/phpunit', 'mockery/mockery', 'phpstan/phpstan', 'php-webdriver/webdriver'] as $name
    ) {
        expect(array_filter(
            $development,
            fn (string $line): bool => str_starts_with($line, "{$name} "),
        ))->toHaveCount(1);
    }
    expect(array_filter(
        $development,
        fn (string $line): bool => str_starts_with($line, 'laravel/framework '),
    ))->toBe([]);
});
