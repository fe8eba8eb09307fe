<?php

declare(strict_types=1);

it('is', function (): void {
    expect(true)->toBeTrue();
});
