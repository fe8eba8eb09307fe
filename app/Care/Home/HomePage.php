<?php

declare(strict_types=1);

namespace App\Care\Home;

use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\HomeAct;
use App\Models\HomeLink;

/** What belongs to a home card in the salon: its links, and what came back from home. */
final class HomePage
{
    private const CAME = 20;

    /** @return array<string, mixed> */
    public static function of(Head $head): array
    {
        return [
            'links' => HomeLink::query()->where('head_id', $head->id)->whereNull('withdrawn_at')->where('expires_at', '>', now())->orderByDesc('id')->get(),
            'feed' => CalendarFeed::current(['head_id' => $head->id]),
            'came' => HomeAct::query()->where('head_id', $head->id)->orderByDesc('id')->limit(self::CAME)->get(),
        ];
    }
}
