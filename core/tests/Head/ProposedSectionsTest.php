<?php

declare(strict_types=1);

use Nagomi\Core\Head\ProposedSections;
use Nagomi\Core\Parameters\Parameters;

it('proposes few sections for short hair, fewer for what hangs, more for dense hair', function (): void {
    $of = fn (?float $mm, string $density): int => ProposedSections::of($mm, $density, Parameters::shipped()->washDay);
    expect($of(null, 'not-measured'))->toBe(4)
        ->and($of(300, 'medium'))->toBe(4)
        ->and($of(80, 'medium'))->toBeLessThan($of(300, 'medium'))
        ->and($of(700, 'medium'))->toBeLessThan($of(300, 'medium'))
        ->and($of(300, 'high'))->toBeGreaterThan($of(300, 'medium'))
        ->and($of(300, 'low'))->toBeLessThan($of(300, 'medium'));
    foreach ([null, 1, 99, 100, 449, 450, 2000] as $mm) {
        foreach (['low', 'medium', 'high', 'not-measured'] as $density) {
            expect($of($mm, $density))->toBeGreaterThanOrEqual(1)->toBeLessThanOrEqual(8);
        }
    }
});
