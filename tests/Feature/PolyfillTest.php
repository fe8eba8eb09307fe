<?php

declare(strict_types=1);

it('gives what PHP 8.5 gives', function (): void {
    expect(array_first([3 => 'a', 1 => 'b']))->toBe('a')->and(array_last([3 => 'a', 1 => 'b']))->toBe('b')
        ->and(array_first([]))->toBeNull()->and(array_last([]))->toBeNull();
    $handler = fn (): bool => true;
    set_error_handler($handler);
    expect(get_error_handler())->toBe($handler);
    restore_error_handler();
    set_exception_handler($handler);
    expect(get_exception_handler())->toBe($handler);
    restore_exception_handler();
});
