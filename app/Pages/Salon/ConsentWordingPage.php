<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Clients\ConsentText;
use App\Pages\Page;

/** How a salon words what its clients agree to. */
final readonly class ConsentWordingPage extends Page
{
    /** @param list<array{text: ConsentText, field: string, language: string}> $texts by purpose and language */
    public function __construct(public array $texts)
    {
    }
}
