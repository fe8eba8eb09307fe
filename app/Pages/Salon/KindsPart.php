<?php

declare(strict_types=1);

namespace App\Pages\Salon;

/** In what a salon's clients of one kind of hair are otherwise than its clients as a whole. */
final readonly class KindsPart
{
    /**
     * @param list<string> $says  what is clearly otherwise, in words; that nothing is
     * @param bool         $isClear whether something is
     * @param list<array{
     *     name: string, clients: string, rates: array<string, array{times: string, between: string}>,
     * }> $rows by kind
     * @param list<string> $rates in the order of the columns
     */
    public function __construct(public array $says, public bool $isClear, public array $rows, public array $rates)
    {
    }
}
