<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\CalendarFeed;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Pages\Page;
use Illuminate\Database\Eloquent\Collection;

/** What belongs to a home routine in the salon: its links, and what came back. */
final readonly class HomeRoutinePage extends Page
{
    /**
     * @param Collection<int, HomeLink> $links
     * @param array{id: string, svg: string}|null $scanned the link held before the client's phone, as a picture
     * @param Collection<int, HomeAct>  $came
     * @param string $language the client's, by its own name
     */
    public function __construct(
        public Collection $links,
        public ?array $scanned,
        public ?CalendarFeed $feed,
        public Collection $came,
        public string $language,
    ) {
    }
}
