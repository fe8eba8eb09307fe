<?php

declare(strict_types=1);

use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\Ingredient;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientName;

it('brings spellings down to one', function (string $one, string $other): void {
    expect(IngredientName::key($one))->toBe(IngredientName::key($other));
})->with([
    ['Hydrolysed Keratin', 'HYDROLYZED KERATIN'],
    ['Sodium Laureth Sulphate', 'sodium laureth sulfate'],
    ['Glycerine', 'glycerin'],
    ['Açaí Oil', 'acai oil'],
    ['Salt & Honey', 'salt and honey'],
    ['Aluminium-free', 'aluminum free'], ['Colour', 'color'], ['C12-15  Alkyl   Benzoate', 'c12 15 alkyl benzoate'],
]);

it('offers each way an entry can be meant, the whole of it first', function (): void {
    $ways = IngredientName::ways('Organic Butyrospermum Parkii (Shea) Butter / Karité');
    expect($ways[0])
        ->toBe('organic butyrospermum parkii shea butter karite')
        ->and($ways)
        ->toContain('shea')
        ->and($ways)
        ->toContain('butyrospermum parkii butter')
        ->and($ways)
        ->toContain('karite');
    foreach ($ways as $way) {
        expect($way)->toBe(trim($way))->and(strlen($way))->toBeGreaterThan(1);
    }
});

it('forgives one slip in every long name of the book, unless two names are as near', function (): void {
    mt_srand(5);
    $book = IngredientBook::shipped();
    $found = $tried = 0;
    foreach ($book->ingredients() as $one) {
        $key = IngredientName::key($one->name);
        // Letters alone may slip; a number that is off is another ingredient.
        if (strlen($key) < 9 || preg_match('/\d/', $key) === 1) {
            continue;
        }
        $tried++;
        $at = mt_rand(1, strlen($key) - 2);
        $slip = substr($key, 0, $at) . substr($key, $at + 1);
        [$guess] = $book->find($slip) ?? [null];
        $found += $guess?->name === $one->name ? 1 : 0;
        // A guess that is wrong is worse than none; it happens only where another name is as near as the slip.
        if ($guess !== null && $guess->name !== $one->name) {
            $names = array_map(IngredientName::key(...), $book->namesOf($guess->name));
            expect(min(array_map(
                fn (string $name): int => levenshtein($slip, $name),
                $names,
            )))->toBeLessThanOrEqual(1, "{$one->name} read as {$guess->name}");
        }
    }
    expect($tried)->toBeGreaterThan(400)->and($found / $tried)->toBeGreaterThan(0.95);
});

it('holds no name twice, and no alias that is another ingredient’s own name', function (): void {
    $rows = array_map(
        fn (string $line): array => str_getcsv($line, escape: ''),
        file(__DIR__ . '/../../data/ingredients.csv', FILE_IGNORE_NEW_LINES) ?: [],
    );
    array_shift($rows);
    $owner = [];
    foreach ($rows as [$name, $also]) {
        foreach ([$name, ...$also === '' ? [] : explode('|', $also)] as $one) {
            $key = IngredientName::key($one);
            expect($owner[$key] ?? $name)->toBe($name, $one);
            $owner[$key] = $name;
        }
    }
    expect(count($rows))->toBe(count(IngredientBook::shipped()->ingredients()));
});

it('hears in an allergy list only what ingredients are called by', function (): void {
    $book = IngredientBook::shipped();
    expect(Allergies::of('', $book)->isEmpty())
        ->toBeTrue()
        ->and(Allergies::of('None known; no allergies.', $book)->isEmpty())
        ->toBeTrue()
        ->and(Allergies::of('None known; be gentle.', $book)->unread)
        ->toBe(['be gentle'])
        ->and(Allergies::of('limonene', $book)->isEmpty())->toBeFalse();
    expect(IngredientName::singular('nuts'))
        ->toBe('nut')
        ->and(IngredientName::singular('grass'))
        ->toBe('grass')
        ->and(IngredientName::singular('ficus'))
        ->toBe('ficus');
    // Every known sensitiser is found when somebody names it.
    foreach (
        array_filter(
            $book->ingredients(),
            fn (Ingredient $one): bool => $one->does(Nagomi\Core\Products\IngredientFunction::FragranceAllergen),
        ) as $one
    ) {
        $entry = Nagomi\Core\Products\IngredientList::read("Aqua, {$one->name}", $book)[1];
        expect(Allergies::of($one->name, $book)->name($entry, $book))->toBeTrue($one->name);
    }
});
