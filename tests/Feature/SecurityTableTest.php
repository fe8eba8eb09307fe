<?php

declare(strict_types=1);

/* docs/security.md names what holds each of its lines; a test that is renamed would leave a line with nothing. */

/** @return list<array{string, string}> section, and what holds it */
function linesOfSecurity(): array
{
    $lines = [];
    foreach (file(base_path('docs/security.md'), FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (preg_match('/^\| (\d[^|]*) \|[^|]+\|[^|]+\| ([^|]+) \|$/', $line, $found) === 1) {
            $lines[] = [$found[1], $found[2]];
        }
    }

    return $lines;
}

/** @return array<string, list<string>> what each test says, by the name of its file */
function testsByFile(): array
{
    $tests = [];
    foreach (glob(base_path('tests/*/*Test.php')) ?: [] as $file) {
        $code = (string) file_get_contents($file);
        preg_match_all("/^\s*(?:it|test)\('((?:[^'\\\\]|\\\\.)+)'/m", $code, $found);
        $tests[basename($file, '.php')] = array_map(stripslashes(...), $found[1]);
    }

    return $tests;
}

it('names a test that there is, or a reason, in each line', function (): void {
    $tests = testsByFile();
    $wrong = [];
    foreach (linesOfSecurity() as [$section, $holds]) {
        if (str_starts_with($holds, 'Reason: ')) {
            continue;
        }
        $named = preg_match('/^`(\w+)`: (.+)$/', $holds, $found) === 1 ? [$found[1], $found[2]] : ['', ''];
        $isThere = isset($tests[$named[0]])
            && ($named[1] === 'all of it' || in_array($named[1], $tests[$named[0]], true));
        if (! $isThere) {
            $wrong[] = "{$section}: {$holds}";
        }
    }
    expect($wrong)->toBe([])->and(count(linesOfSecurity()))->toBeGreaterThan(60);
});

it('goes through every chapter that asks for something here', function (): void {
    $chapters = [];
    foreach (linesOfSecurity() as [$section]) {
        preg_match_all('/(?<=^|, )(\d+)\./', $section, $found);
        $chapters = [...$chapters, ...array_map(intval(...), $found[1])];
    }
    $chapters = array_values(array_unique($chapters));
    sort($chapters);
    expect($chapters)->toBe(range(1, 14));
});

it('would notice a name that is none', function (): void {
    expect(in_array('hashes passwords', testsByFile()['SignInTest'], true))->toBeTrue()
        ->and(in_array('hashes nothing', testsByFile()['SignInTest'], true))->toBeFalse();
});
