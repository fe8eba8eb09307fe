<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Desk\Clock;
use App\Care\Words;
use App\Http\Requests\OutboxRequest;
use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\OutboxMessage;
use App\Models\Reminder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What went out and what will: reminders, the stand-in they are handed to, and calendars. */
final class OutboxController extends Controller
{
    private const SHOWN = 60;

    public function show(): View
    {
        $salon = $this->salon();

        return view('house.outbox', [
            'salon' => $salon,
            'messages' => OutboxMessage::query()->with('head:id,salon_id,name')->where('salon_id', $salon->id)->latest('id')->limit(self::SHOWN)->get(),
            'reminders' => Reminder::query()->with('head:id,salon_id,name')->where('salon_id', $salon->id)->whereIn('status', ['due', 'sending', 'failed'])->orderBy('due_at')->limit(self::SHOWN)->get(),
            'quiet' => [Clock::shown($salon->quiet_from_minute), Clock::shown($salon->quiet_until_minute)],
            'feed' => CalendarFeed::current(['user_id' => $this->stylist()->id]),
        ]);
    }

    public function update(OutboxRequest $request): RedirectResponse
    {
        $this->salon()->update($request->columns());

        return redirect()->route('outbox')->with('said', 'Saved.');
    }

    /** Sends once more what was given up, or handed over by a worker that has not been heard of since: a person decides that. */
    public function again(Reminder $reminder): RedirectResponse
    {
        $sent = $reminder->isStuck() && $reminder->sendAgain();

        return redirect()->route('outbox')->with('said', Words::say($sent ? 'outbox.again' : 'outbox.not-stuck'));
    }

    /** The client's own no to reminders, from the address in each of them. Nobody is signed in. */
    public function askStop(string $head): View
    {
        return view('card.stop', ['head' => Head::query()->with('salon')->findOrFail($head), 'stopped' => false]);
    }

    public function stop(string $head): View
    {
        $row = Head::query()->with('salon')->findOrFail($head);
        $row->update(['reminded_by' => 'nobody']);

        return view('card.stop', ['head' => $row, 'stopped' => true]);
    }
}
