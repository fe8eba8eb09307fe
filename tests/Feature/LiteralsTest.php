<?php

declare(strict_types=1);

/* Sentences stand in lang/ only: a view that says something by itself is found. */

use Symfony\Component\Finder\Finder;

/** Pieces of text that are no sentence of anybody's: the product's name, units, keys. */
const NO_SENTENCES = ['Nagomi', '· Nagomi', 'min', 'mg/L CaCO₃', '.csv'];

/** @return list<string> what a view says by itself */
function literalsOf(string $view): array
{
    $balanced = '(\((?:[^()\'"]++|\'(?:[^\'\\\\]|\\\\.)*\'|"[^"]*"|(?1))*\))';
    $view = (string) preg_replace('/\{\{--.*?--\}\}|@php\b(?!\s*\().*?@endphp|<(script|style|svg)\b.*?<\/\1>/s', ' ', $view);
    $view = (string) preg_replace('/\{\{.*?\}\}|\{!!.*?!!\}/s', ' ', $view);
    // What is bound is code; it may hold an arrow, which ends no tag.
    $view = (string) preg_replace('/\s:[\w-]+="[^"]*"/', ' ', $view);
    $view = (string) preg_replace("/@[a-zA-Z]+\\s*{$balanced}|@[a-zA-Z]+/", ' ', $view);
    preg_match_all('/\s(?:label|aria-label|title|placeholder|help|unit|empty|alt)="([^"]*)"/', $view, $attributes);
    $pieces = [...$attributes[1], ...(array) preg_split('/\s*<[^>]*>\s*/', $view)];

    return array_values(array_filter(
        array_map(fn (string $piece): string => trim((string) preg_replace('/\s+/', ' ', $piece)), $pieces),
        fn (string $piece): bool => preg_match('/\p{L}{3,}/u', $piece) === 1 && ! in_array($piece, NO_SENTENCES, true),
    ));
}

it('finds no view that says something by itself', function (): void {
    $found = [];
    foreach ((new Finder())->files()->in(resource_path('views'))->name('*.blade.php')->sortByName() as $file) {
        $literals = literalsOf($file->getContents());
        if ($literals !== []) {
            $found[$file->getRelativePathname()] = $literals;
        }
    }
    expect($found)->toBe([]);
});

it('notices a sentence wherever it is put', function (string $view, array $finds): void {
    expect(literalsOf($view))->toBe($finds);
})->with([
    ['<p>Choose a place</p>', ['Choose a place']],
    ['<p>{{ __("a.b") }}</p>', []],
    ['<x-field label="Day" :value="$day->format(\'j\')"/>', ['Day']],
    ['<x-choice :options="collect($a)->map(fn ($b) => [$b->c])->all()"/>', []],
    ['@if ($a->b(fn ($c) => $c > 1))<b>Book it</b>@endif', ['Book it']],
    ['{{-- nothing to say --}}<svg><title>drawn</title></svg>@foreach ($a as $b)@endforeach', []],
    ['<a aria-label="The day before">‹</a> Nagomi', ['The day before']],
]);
