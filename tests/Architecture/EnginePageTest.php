<?php

declare(strict_types=1);

/** @return array<string, string> text by page */
function enginePages(): array
{
    $pages = [
        'engine', 'hair-tests', 'judgement', 'practice', 'scalp', 'products-and-wash-day', 'scheduling-and-planning',
    ];
    $read = static fn (string $page): string => (string) file_get_contents(dirname(__DIR__, 2) . "/docs/{$page}.md");

    return array_combine($pages, array_map($read, $pages));
}

/** @return list<string> */
function parameterNames(): array
{
    $rows = file(dirname(__DIR__, 2) . '/core/data/parameters.csv', FILE_IGNORE_NEW_LINES) ?: [];
    $names = array_map(static fn (string $row): string => explode(',', $row, 2)[0], array_slice($rows, 1));

    return array_values(array_unique($names));
}

it('names the place of every number on the page where its equation is', function (): void {
    $all = implode("\n", enginePages());
    $isNamed = static fn (string $name): bool
        => preg_match('/(?<![a-z.-])' . preg_quote($name, '/') . '(?![a-z0-9-])/', $all) === 1;
    $unnamed = array_filter(parameterNames(), static fn (string $name): bool => ! $isNamed($name));

    expect(array_values($unnamed))->toBe([]);
});

it('names no number that the table does not have', function (): void {
    $names = parameterNames();
    $groups = implode('|', array_unique(array_map(
        static fn (string $name): string => preg_quote(explode('.', $name)[0], '/'),
        $names,
    )));
    $strange = [];
    foreach (enginePages() as $page => $text) {
        preg_match_all("/(?<![a-z.\/-])(?:{$groups})\.[a-z][a-z0-9-]*[a-z0-9]/", $text, $named);
        $ofPage = array_filter($named[0], static fn (string $name): bool => preg_match('/\.(md|csv)$/', $name) !== 1);
        $strange = [...$strange, ...array_diff($ofPage, $names)];
    }

    expect(array_values(array_unique($strange)))->toBe([]);
});

it('names no class that is not there', function (): void {
    $missing = [];
    foreach (enginePages() as $page => $text) {
        preg_match_all('/`((?:[A-Z][A-Za-z]+\\\\)+[A-Z][A-Za-z]+)(?:::\w+)?`/', $text, $named);
        foreach (array_unique($named[1]) as $class) {
            $path = dirname(__DIR__, 2) . '/%s/' . str_replace(['App\\', '\\'], ['', '/'], $class);
            $places = [...glob(sprintf($path, 'core/src') . '{,.php}', GLOB_BRACE) ?: []];
            $places = [...$places, ...glob(sprintf($path, 'app') . '{,.php}', GLOB_BRACE) ?: []];
            $missing = $places === [] ? [...$missing, "{$page}: {$class}"] : $missing;
        }
    }

    expect($missing)->toBe([]);
});
