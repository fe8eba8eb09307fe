<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\DataTransfer\FeedCalendar;
use App\Models\CalendarFeed;
use App\Models\Head;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Calendars to subscribe to, at addresses that only their owner knows. */
final class CalendarFeedController extends Controller
{
    public function __construct(
        private readonly FeedCalendar $feedCalendar,
    ) {
    }

    public function show(Request $request, string $secret): Response
    {
        $feed = CalendarFeed::opened($secret)?->load('salon') ?? abort(404);
        $response = new Response(
            '',
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300'],
        );
        $response->setEtag($this->feedCalendar->version($feed));
        // A calendar program that asks a thousand times is told each time that nothing is new, without the calendar
        // being made.
        if (! $response->isNotModified($request)) {
            $response->setContent($this->feedCalendar->of($feed));
            $feed->update(['fetched_at' => CarbonImmutable::now()]);
        }

        return $response;
    }

    public function mine(): RedirectResponse
    {
        CalendarFeed::anew($this->salon()->id, ['user_id' => $this->stylist()->id]);

        return redirect()->route('salon.messages')->with(
            'said',
            Words::say('said.calendar-feed.mine'),
        );
    }

    public function dropMine(): RedirectResponse
    {
        CalendarFeed::current(['user_id' => $this->stylist()->id])?->update(['withdrawn_at' => CarbonImmutable::now()]);

        return redirect()->route('salon.messages')->with('said', Words::say('said.shared.withdrawn'));
    }

    public function ofHead(Head $head): RedirectResponse
    {
        CalendarFeed::anew($head->salon_id, ['head_id' => $head->id]);

        return redirect()->route('clients.home-routine', $head)->with(
            'said',
            Words::say('said.calendar-feed.mine'),
        );
    }

    public function dropOfHead(Head $head): RedirectResponse
    {
        CalendarFeed::current(['head_id' => $head->id])?->update(['withdrawn_at' => CarbonImmutable::now()]);

        return redirect()->route('clients.home-routine', $head)->with('said', Words::say('said.shared.withdrawn'));
    }
}
