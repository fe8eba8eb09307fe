<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Pages\Page;

/** A round of drills, or how the last one went. */
final readonly class DrillsPage extends Page
{
    /**
     * @param list<array{kind: string, name: string, says: string, due: int}> $kinds what there is to drill
     * @param string|null $kind of the round; null: none is chosen
     * @param list<array{item: int, asks: string, choices: array<string, string>}> $questions of the round
     * @param list<array{asks: string, was: string, right: string, isRight: bool}> $marked answers of the last round
     */
    public function __construct(
        public array $kinds,
        public ?string $kind,
        public array $questions,
        public array $marked,
        public int $seconds,
    ) {
    }
}
