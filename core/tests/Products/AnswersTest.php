<?php

declare(strict_types=1);

use Nagomi\Core\Tests\Support\ProductAnswers;

/*
 * What was once read over and found right is said again, word for word and number for number. Where an answer is meant to
 * change, the file is written anew, and the change is read in its difference:
 * php -r 'require "vendor/autoload.php"; echo json_encode(Nagomi\Core\Tests\Support\ProductAnswers::all(), 4194752), "\n";' \
 *     >core/tests/fixtures/product-answers.json
 */

it('says of a shelf what it said when that was read over', function (): void {
    $kept = json_decode(
        (string) file_get_contents(dirname(__DIR__) . '/fixtures/product-answers.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    $now = json_decode((string) json_encode(ProductAnswers::all(), JSON_THROW_ON_ERROR), true);
    expect(array_keys($now))->toBe(array_keys($kept));
    foreach ($kept as $asked => $answer) {
        expect($now[$asked])->toBe($answer, $asked);
    }
});
