<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Drawings\HairBalance;
use App\Drawings\SaidPlot;
use App\Models\PlayedCase;
use App\Pages\Page;

/** What a practice case came to, beside what others came to on it, and what the hair really was. */
final readonly class PracticeResultPage extends Page
{
    /**
     * @param string       $title what the client is called
     * @param array{string, string|int}|null $again field and value that begin the same case again; null: it is gone
     * @param int|null     $percent  of what others come to that is worked out; null: all is there
     * @param string       $verdict  in words
     * @param list<array{name: string, lost: int, share: int, parts: list<string>}> $players what each came to, and its
     *     days lost in percent of the most
     * @param list<string> $columns  what the parts are
     * @param list<array{says: string, ways: array<string, list<string>>}> $mattered decisions that mattered most, and
     *     what was asked for by each
     * @param list<string> $truth    what was told otherwise than it is, in words
     */
    public function __construct(
        public PlayedCase $played,
        public string $title,
        public ?array $again,
        public ?int $percent,
        public string $verdict,
        public array $players,
        public array $columns,
        public array $mattered,
        public array $truth,
        public HairBalance $balance,
        public HairBalance $really,
        public float $top,
        public SaidPlot $plot,
        public string $certain,
    ) {
    }
}
