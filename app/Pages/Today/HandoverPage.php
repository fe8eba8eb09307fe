<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Drawings\HandsPicture;
use App\Models\User;
use App\Pages\Page;
use Carbon\CarbonImmutable;

/** A stylist's whole day, handed over to the others. */
final readonly class HandoverPage extends Page
{
    /**
     * @param list<HandoverRow> $rows    in the order of their times
     * @param HandsPicture|null $picture the day as it stands; null where nobody works on it
     */
    public function __construct(
        public User $from,
        public CarbonImmutable $date,
        public array $rows,
        public ?HandsPicture $picture,
    ) {
    }
}
