<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** The line other programs put under a table: sums up what stands above, and is nobody. */
final readonly class TotalsLine
{
    /** @var array<string, string> what such a line is called */
    private array $words;

    public function __construct()
    {
        $this->words = TableWords::of('totals');
    }

    /** @param string $name what stands where a client's name does */
    public function isCalled(string $name): bool
    {
        $plain = trim((string) preg_replace('/[\d ]+/', ' ', KnownClients::plain($name)));

        return isset($this->words[$plain]);
    }
}
