<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Pages\Shared\ScanPicture;
use App\Wording\MessageLanguage;
use App\Wording\Words;

/** What belongs to a home routine in the salon: its links, and what came back from home. */
final readonly class HomeRoutineScreen
{
    private const CAME = 20;

    public function __construct(private ScanPicture $scanPicture)
    {
    }

    /** @param string $scanned id of the link whose picture is shown; of none where it is no open link of this client */
    public function of(Head $head, string $scanned): HomeRoutinePage
    {
        $links = HomeLink::query()
            ->where('head_id', $head->id)
            ->whereNull('withdrawn_at')
            ->where('expires_at', '>', now())
            ->orderByDesc('id')
            ->get();
        $shown = $links->firstWhere('id', $scanned);

        return new HomeRoutinePage(
            links: $links,
            scanned: $shown === null
                ? null
                : ['id' => $shown->id, 'svg' => $this->scanPicture->of(url($shown->path()))],
            feed: CalendarFeed::current(['head_id' => $head->id]),
            came: HomeAct::query()->where('head_id', $head->id)->orderByDesc('id')->limit(self::CAME)->get(),
            language: Words::say('messages.language.names.' . MessageLanguage::of($head)->code),
        );
    }
}
