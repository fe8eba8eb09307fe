<?php

declare(strict_types=1);

/* Each test a hand does is drawn, within its picture and with words for who does not see it. */

use App\Drawings\HandPicture;
use Nagomi\Core\Readings\TestCatalogue;

it('draws the hand of every test that one does, and of nothing that an instrument does alone', function (): void {
    $without = [];
    foreach (array_keys(TestCatalogue::tests()) as $test) {
        $picture = HandPicture::of($test);
        if ($picture === null) {
            $without[] = $test;
            continue;
        }
        expect($picture->says)->toBe(trans("nagomi.hows.{$test}"))
            ->and(array_column($picture->strokes, 'kind'))->not->toBe([]);
        foreach ($picture->strokes as $stroke) {
            expect($stroke['kind'])->toBeIn(['hand', 'hair', 'water', 'mark'])->and($stroke['path'])->toStartWith('M');
            preg_match('/translate\((\d+) (\d+)\)/', $stroke['transform'], $at);
            expect((float) $at[1])->toBeLessThanOrEqual(HandPicture::WIDTH)
                ->and((float) $at[2])->toBeLessThanOrEqual(HandPicture::HEIGHT);
        }
    }
    expect($without)->toEqualCanonicalizing(['scalp', 'scalp-at-home', 'hardness', 'air', 'moisture-meter']);
});

it('draws different tests apart where the hand does something else', function (): void {
    $paths = array_map(
        static fn (string $test): string => serialize(HandPicture::of($test)?->strokes),
        ['wet-stretch', 'feel', 'dryness', 'build-up-signs', 'curl-memory', 'broken-hairs', 'ends', 'curl', 'length'],
    );
    expect(array_unique($paths))->toHaveCount(9);
});
