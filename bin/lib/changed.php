<?php

declare(strict_types=1);

/*
 * Says what hangs on the files changed since the last commit: "suite NAME" or "file PATH" a line.
 * A folder of the core hangs on the tests that mirror it; a class of the application on the feature tests that name it;
 * a view on those that open its screen. The long suites are for a whole run.
 */

$lines = explode("\n", (string) shell_exec('git status --porcelain --untracked-files=all | cut -c4- | sed "s/.* -> //"'));
$changed = array_values(array_filter(array_map(static fn (string $line): string => trim($line, ' "'), $lines)));

/** @return list<string> feature tests in which a pattern is found */
$naming = static function (string $pattern): array {
    return array_values(array_filter((array) glob('tests/Feature/*Test.php'), static fn (mixed $test): bool => is_string($test) && preg_match($pattern, (string) file_get_contents($test)) === 1));
};

$suites = ['style' => true];
$files = [];
foreach ($changed as $path) {
    $class = preg_quote(basename($path, '.php'), '/');
    if (str_ends_with($path, '.php') && preg_match('~^(app|core/src|database)/~', $path) === 1) {
        $suites += ['analysis' => true, 'architecture' => true];
    }
    $found = match (true) {
        preg_match('~^core/src/(\w+)/~', $path, $room) === 1 => (array) glob("core/tests/{$room[1]}/*Test.php"),
        preg_match('~^(app|database/seeders)/~', $path) === 1 => $naming("/\\b{$class}\\b/"),
        preg_match('~^resources/views/([\w-]+)/~', $path, $screen) === 1 => $naming('~/' . preg_quote($screen[1], '~') . '\b~'),
        preg_match('~^(core/tests|tests/(Feature|Architecture|Reference))/.*Test\.php$~', $path) === 1 => is_file($path) ? [$path] : [],
        default => [],
    };
    foreach ($found as $file) {
        $files[(string) $file] = true;
    }
    if (str_starts_with($path, 'core/data/')) {
        $suites['core'] = true;
    }
    if (preg_match('~^(public/|tests/js/|tests/fixtures/|package|eslint|vitest|resources/)~', $path) === 1) {
        $suites['scripts'] = true;
    }
    if (preg_match('~^(resources/views|tests/Architecture)~', $path) === 1) {
        $suites['architecture'] = true;
    }
}
foreach (array_keys($suites) as $suite) {
    echo "suite {$suite}\n";
}
foreach (array_keys($files) as $file) {
    echo "file {$file}\n";
}
