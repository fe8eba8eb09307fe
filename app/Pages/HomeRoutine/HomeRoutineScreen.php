<?php

declare(strict_types=1);

namespace App\Pages\HomeRoutine;

use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;
use App\Wording\MessageLanguage;
use App\Wording\Words;

/** What belongs to a home routine in the salon: its links, and what came back from home. */
final readonly class HomeRoutineScreen
{
    private const CAME = 20;

    public function of(Head $head): HomeRoutinePage
    {
        return new HomeRoutinePage(
            links: HomeLink::query()
                ->where('head_id', $head->id)
                ->whereNull('withdrawn_at')
                ->where('expires_at', '>', now())
                ->orderByDesc('id')
                ->get(),
            feed: CalendarFeed::current(['head_id' => $head->id]),
            came: HomeAct::query()->where('head_id', $head->id)->orderByDesc('id')->limit(self::CAME)->get(),
            language: Words::say('messages.language.names.' . MessageLanguage::of($head)->code),
        );
    }
}
