<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Models\Head;
use App\Models\Salon;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Zone;

/** A client's details, new or to be changed. */
final readonly class ClientFormPage extends Page
{
    /**
     * @param array<string, string> $languages of messages, names by ISO 639-1
     * @param list<Zone> $zones
     * @param list<MethodQuestion> $questions
     */
    public function __construct(
        public ?Head $head,
        public Salon $salon,
        public ?SeenFields $seen,
        public array $languages,
        public array $zones,
        public array $questions,
    ) {
    }
}
