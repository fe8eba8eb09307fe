<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Salon;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;
use Nagomi\Core\Head\MethodQuestion;

/** What a salon does unless a client differs. */
final readonly class SalonPage extends Page
{
    /**
     * @param list<MethodQuestion> $questions
     * @param array<string, string> $currencies names by code
     */
    public function __construct(
        public Salon $salon,
        public SeenFields $seen,
        public array $questions,
        public array $currencies,
        public string $weatherHeader,
    ) {
    }
}
