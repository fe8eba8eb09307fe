<?php

declare(strict_types=1);

/*
 * Lines end by column 120. What cannot be broken may pass it: one string, pattern or type that is long by itself, and
 * rows of data in tests.
 */

const COLUMNS = 120;

/** From so many characters on a string or a type is what makes its line long. */
const LONG_BY_ITSELF = 56;

/** Rows of cases, one a line, so that they can be read down the page. */
const DATA = [
    'core/tests/Products/IngredientListTest.php', 'core/tests/Products/SuitabilityTest.php',
    'database/seeders/DemoHeads.php',
    'tests/Feature/AddressTest.php', 'tests/Feature/SeasonWorkTest.php', 'tests/Browser/ScreensTest.php',
    'tests/Architecture/arrows.php', 'tests/Architecture/broken-arrows.php', 'tests/Malformed/Forms.php',
    'tests/Together/Scenarios.php', 'tests/Feature/PictureTest.php', 'routes/web.php',
];

it('ends every line by column 120', function (): void {
    $long = [];
    $root = dirname(__DIR__, 2);
    $found = trim((string) shell_exec("cd {$root} && find app core database routes config bootstrap/app.php tests -name '*.php'"));
    foreach (array_diff(explode("\n", $found), DATA) as $path) {
        foreach (file("{$root}/{$path}", FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            if (mb_strlen($line) <= COLUMNS || str_starts_with($path, 'tests/') && str_contains($line, '->with([')) {
                continue;
            }
            preg_match_all('/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"|\S+\{.*\}|[<|][^ ]{30,}|https?:\S+|^ *\*.*$|^[^\'"]*<.*$/u', $line, $parts);
            if (max([0, ...array_map(mb_strlen(...), $parts[0])]) < LONG_BY_ITSELF) {
                $long[] = $path . ':' . ($i + 1);
            }
        }
    }
    expect($long)->toBe([]);
});
