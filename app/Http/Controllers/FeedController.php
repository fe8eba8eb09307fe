<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Calendars\FeedCalendar;
use App\Models\CalendarFeed;
use App\Models\Head;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Calendars to subscribe to, at addresses that only their owner knows. */
final class FeedController extends Controller
{
    public function show(Request $request, string $secret): Response
    {
        $feed = CalendarFeed::opened($secret)?->load('salon') ?? abort(404);
        $response = new Response('', 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300']);
        $response->setEtag(FeedCalendar::version($feed));
        // A calendar program that asks a thousand times is told each time that nothing is new, without the calendar being made.
        if (! $response->isNotModified($request)) {
            $response->setContent(FeedCalendar::of($feed));
            $feed->update(['fetched_at' => CarbonImmutable::now()]);
        }

        return $response;
    }

    public function mine(): RedirectResponse
    {
        CalendarFeed::anew($this->salon()->id, ['user_id' => $this->stylist()->id]);

        return redirect()->route('outbox')->with('said', 'A new address; the one before opens nothing any more.');
    }

    public function dropMine(): RedirectResponse
    {
        CalendarFeed::current(['user_id' => $this->stylist()->id])?->update(['withdrawn_at' => CarbonImmutable::now()]);

        return redirect()->route('outbox')->with('said', 'Withdrawn.');
    }

    public function ofHead(Head $head): RedirectResponse
    {
        CalendarFeed::anew($head->salon_id, ['head_id' => $head->id]);

        return redirect()->route('heads.home', $head)->with('said', 'A new address; the one before opens nothing any more.');
    }

    public function dropOfHead(Head $head): RedirectResponse
    {
        CalendarFeed::current(['head_id' => $head->id])?->update(['withdrawn_at' => CarbonImmutable::now()]);

        return redirect()->route('heads.home', $head)->with('said', 'Withdrawn.');
    }
}
