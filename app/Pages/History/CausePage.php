<?php

declare(strict_types=1);

namespace App\Pages\History;

use App\Models\Head;
use App\Pages\Page;

/** What is behind dryness, weakness or breakage: six weeks beside the six before. */
final readonly class CausePage extends Page
{
    /**
     * @param list<string> $choices
     * @param list<array{
     *     cause: string, words: string, before: float, lately: float, change: float,
     *     times: array{before: int, lately: int},
     * }> $causes
     * @param list<string> $ask
     */
    public function __construct(
        public Head $head,
        public string $of,
        public array $choices,
        public int $weeks,
        public array $causes,
        public ?string $next,
        public array $ask,
    ) {
    }
}
