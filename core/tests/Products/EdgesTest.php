<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\Allergies;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\IngredientList;
use Nagomi\Core\Products\IngredientName;
use Nagomi\Core\Products\ListedIngredient;
use Nagomi\Core\Products\ListPart;
use Nagomi\Core\Products\Mix;
use Nagomi\Core\Products\MixKind;
use Nagomi\Core\Products\MixPart;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\Stock;
use Nagomi\Core\Tests\Support\Make;

/** @return list<string> each entry as printed, behind a mark for a part that is not the ordered one */
function printed(string $text): array
{
    return array_map(
        static fn (ListedIngredient $entry): string => match ($entry->part) {
            ListPart::Ordered => '',
            ListPart::MayContain => '± ',
            ListPart::Active => '! ',
        } . $entry->listed,
        IngredientList::read($text, IngredientBook::shipped()),
    );
}

it('cuts a list at what ends an entry, and nowhere else', function (string $text, array $entries): void {
    expect(printed($text))->toBe($entries);
})->with([
    'lines of one system' => ["Aqua\r\nGlycerin", ['Aqua', 'Glycerin']],
    'lines of another' => ["Aqua\rGlycerin\nPanthenol", ['Aqua', 'Glycerin', 'Panthenol']],
    'a blank that does not break' => ["Aqua,\u{00A0}Cetyl\u{00A0}Alcohol", ['Aqua', 'Cetyl Alcohol']],
    'a sign for may contain' => ['Aqua ± Mica, CI 77891', ['Aqua', '± Mica', '± CI 77891']],
    'round brackets' => ['Aqua (Water, Eau), Glycerin', ['Aqua (Water, Eau)', 'Glycerin']],
    'square brackets' => ['Aqua [Water; Eau], Glycerin', ['Aqua [Water; Eau]', 'Glycerin']],
    'curly brackets' => ['Aqua {Water. Eau}, Glycerin', ['Aqua {Water. Eau}', 'Glycerin']],
    'a bracket never closed' => [
        "Aqua (Water, Eau\nGlycerin, Panthenol",
        ['Aqua (Water, Eau', 'Glycerin', 'Panthenol'],
    ],
    'a bracket never opened' => ['Aqua Water), Glycerin, Panthenol', ['Aqua Water)', 'Glycerin', 'Panthenol']],
    'a comma within a number' => ['Aqua, 1,2-Hexanediol, Glycerin', ['Aqua', '1,2-Hexanediol', 'Glycerin']],
    'a comma after a number' => ['CI 19140,Glycerin', ['CI 19140', 'Glycerin']],
    'dots and bullets' => [
        'Aqua. Glycerin • Panthenol · Mica | Betaine',
        ['Aqua', 'Glycerin', 'Panthenol', 'Mica', 'Betaine'],
    ],
    'a dot that ends nothing' => ['Alcohol Denat. Aqua', ['Alcohol Denat. Aqua']],
]);

it('takes a share that is printed, and no share above the whole', function (string $text, ?float $percent): void {
    expect(IngredientList::read($text, IngredientBook::shipped())[0]->statedPercent)->toBe($percent);
})->with([['Aloe 2,5 %', 2.5], ['Glycerin 100%', 100.0], ['Glycerin 101 %', null], ['Glycerin', null]]);

it('knows of each kind of product whether it stays on and whether it reaches the skin', function (): void {
    $are = fn (callable $so): array => array_values(array_map(
        static fn (ProductKind $kind): string => $kind->value,
        array_filter(ProductKind::cases(), $so),
    ));
    expect($are(static fn (ProductKind $kind): bool => $kind->staysOn()))
        ->toBe(['leave-in', 'styler', 'oil', 'scalp-care'])
        ->and($are(static fn (ProductKind $kind): bool => $kind->reachesScalp()))
        ->toBe(['shampoo', 'co-wash', 'clarifier', 'rinse', 'scalp-care']);
});

it('says of stock only what it can know, in whole days that are over', function (): void {
    $day = Make::day('2026-01-31');
    expect((new Stock(39.9))->daysLeft(10.0))->toBe(3)
        ->and((new Stock(39.9))->daysLeft(0.0))->toBeNull()
        ->and((new Stock(10.0))->daysLeft(0.5))->toBe(20)
        ->and((new Stock(1.0, $day))->goodUntil())->toBeNull()
        ->and((new Stock(1.0, monthsOpen: 6))->goodUntil())->toBeNull()
        ->and((new Stock(1.0, madeOn: $day))->goodUntil())->toBeNull()
        ->and((new Stock(1.0, keepsDays: 5))->goodUntil())->toBeNull()
        ->and((new Stock(1.0, $day, 1))->goodUntil()?->format('Y-m-d'))->toBe('2026-02-28')
        ->and((new Stock(1.0, $day, 6, $day, 5))->goodUntil()?->format('Y-m-d'))->toBe('2026-02-05');
});

it('takes the mix to the brim and to its caps, and rounds what is poured', function (): void {
    $of = static fn (float ...$percents): Mix => new Mix(
        array_map(
            static fn (float $percent): MixPart => new MixPart('Castor Oil', $percent, MixKind::Oil),
            array_values($percents),
        ),
        new MixPart('Water', 0.0, MixKind::Water),
        30.0,
        Parameters::shipped()->products,
    );
    expect($of(60.0, 40.0)->scaled()[2]['ml'])->toBe(0.0)
        ->and($of(3.3333)->scaled()[0])
        ->toBe(['name' => 'Castor Oil', 'percent' => 3.333, 'ml' => 1.0, 'drops' => 19])
        ->and($of(1.2345)->scaled()[0]['ml'])
        ->toBe(0.37);
});

it('hears plurals and short names in a list of allergies', function (): void {
    expect(IngredientName::singular('oats'))->toBe('oat')
        ->and(IngredientName::singular('gas'))->toBe('gas')
        ->and(IngredientName::singular('nuts'))->toBe('nut')
        ->and(IngredientName::singular('moss'))->toBe('moss')
        ->and(IngredientName::singular('citrus'))->toBe('citrus')
        ->and(Allergies::of('', IngredientBook::shipped())->isEmpty())->toBeTrue()
        ->and(Allergies::of('moonbeams', IngredientBook::shipped())->unread)->toBe(['moonbeams'])
        ->and(Allergies::of('oats', IngredientBook::shipped())->isEmpty())->toBeFalse();
});
