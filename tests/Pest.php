<?php

declare(strict_types=1);

use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Wording\Refusal;
use Tests\Feature\FeatureTestCase;
use Tests\Malformed\MalformedTestCase;
use Tests\Strangers\StrangersTestCase;
use Tests\Together\TogetherTestCase;

pest()->extend(FeatureTestCase::class)->in('Feature');
pest()->extend(TogetherTestCase::class)->in('Together');
pest()->extend(StrangersTestCase::class)->in('Strangers');
pest()->extend(MalformedTestCase::class)->in('Malformed');

// What is refused says why: in English, as the language files have it.
expect()->extend('toRefuse', function (string $class, string $words): Pest\Expectation {
    $says = null;
    try {
        ($this->value)();
    } catch (Throwable $refused) {
        expect($refused)->toBeInstanceOf($class);
        $says = $refused instanceof Refusal ? English::say($refused->saying()) : $refused->getMessage();
    }
    expect($says)->not->toBeNull('Nothing was refused.')->and($says)->toContain($words);

    return $this;
});
