<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Bridge\Clients\ConsentText;
use App\Models\Consent;
use App\Models\Head;
use App\Pages\Page;
use Illuminate\Support\Collection;

/** What a client agreed to, and what there is to agree to. */
final readonly class ConsentPage extends Page
{
    /**
     * @param list<array{text: ConsentText, held: Consent|null, isOld: bool}> $purposes isOld: the words are others now
     * @param Collection<int, Consent>                                         $before   taken back, the latest first
     */
    public function __construct(
        public Head $head,
        public array $purposes,
        public Collection $before,
        public string $givenBy,
    ) {
    }
}
