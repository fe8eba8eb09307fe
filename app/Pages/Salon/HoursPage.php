<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Models\Leave;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Pages\Page;
use App\Pages\Shared\SeenFields;
use Illuminate\Support\Collection;

/** Whose hands are there when, and what they can be booked for. */
final readonly class HoursPage extends Page
{
    /**
     * @param Collection<int, User>          $stylists
     * @param array<int, array<int, string>> $week
     * @param Collection<int, Service>       $services
     * @param list<array{leave: Leave, from: string, until: string}> $leaves with the days as words
     */
    public function __construct(
        public Salon $salon,
        public Collection $stylists,
        public array $week,
        public Collection $services,
        public array $leaves,
        public SeenFields $seen,
    ) {
    }
}
