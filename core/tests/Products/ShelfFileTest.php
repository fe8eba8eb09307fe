<?php

declare(strict_types=1);

use Nagomi\Core\Products\InvalidShelf;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Products\ShelfFile;

/** @return list<array<int, string|null>> */
function linesOf(string $csv): array
{
    $stream = fopen('php://memory', 'w+');
    fwrite($stream, $csv);
    rewind($stream);
    $lines = [];
    while (($cells = fgetcsv($stream, escape: '')) !== false) {
        $lines[] = $cells;
    }

    return $lines;
}

it('reads a shelf as a salon gives it out', function (): void {
    $csv = "\u{FEFF}name,kind,ingredients,size_ml,left_ml,price,opened_on,months_open,label_minutes,unheard\n"
        . "\"Deep, soft mask\",mask,\"Aqua, Glycerin\",500,12.5,24.90,2026-01-31,1,20,x\n"
        . "\n"
        . "'=Plain,shampoo\n";
    [$mask, $plain] = ShelfFile::of(linesOf($csv));
    expect($mask->name)->toBe('Deep, soft mask')->and($mask->kind)->toBe(ProductKind::Mask)
        ->and($mask->ingredients)->toBe('Aqua, Glycerin')->and($mask->sizeMl)->toBe(500.0)
        ->and($mask->leftMl)->toBe(12.5)->and($mask->price)->toBe(24.9)->and($mask->labelMinutes)->toBe(20)
        ->and($mask->stock->goodUntil()?->format('Y-m-d'))->toBe('2026-02-28')
        // An apostrophe that kept a spreadsheet from reckoning is none of the name; what is not said is not known.
        ->and($plain->name)->toBe('=Plain')->and($plain->leftMl)->toBeNull()->and($plain->ingredients)->toBe('')
        ->and($plain->stock->goodUntil())->toBeNull();
    expect(ShelfFile::of(linesOf("kind,name\n")))->toBe([]);
});

it('says what to write instead of what it cannot read', function (string $csv, string $says): void {
    expect(fn (): array => ShelfFile::of(linesOf($csv)))->toRefuse(InvalidShelf::class, $says);
})->with([
    'nothing' => ['', 'the first line names the columns'],
    'no kind' => ["name,ingredients\nA,Aqua\n", 'name and kind among them'],
    'no name' => ["name,kind\n,mask\n", 'Shelf, line 2, name: type what it is called.'],
    'a kind nobody has' => ["name,kind\nA,soap\n", 'Shelf, line 2, kind: choose one of pre-wash, shampoo'],
    'no number' => ["name,kind,left_ml\nA,mask,much\n", 'Shelf, line 2, left_ml: type a number, 0 or more'],
    'less than nothing' => ["name,kind,size_ml\nA,mask,-5\n", 'size_ml: type a number, 0 or more'],
    'no minutes' => ["name,kind,label_minutes\nA,mask,0\n", 'label_minutes: type 1 to 720.'],
    'no day' => ["name,kind,opened_on\nA,mask,2026-02-30\n", 'opened_on: type a day that exists'],
    'the third line' => ["name,kind\nA,mask\nB,soap\n", 'Shelf, line 3, kind'],
]);
