<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MessageSettingsRequest;
use App\Models\CalendarFeed;
use App\Models\Head;
use App\Models\OutboxMessage;
use App\Models\Reminder;
use App\Pages\HomeRoutine\StopPage;
use App\Pages\Salon\MessagesForm;
use App\Pages\Salon\MessagesPage;
use App\Wording\MessageLanguage;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What went out and what will: reminders, the stand-in they are handed to, and calendars. */
final class MessagesController extends Controller
{
    private const SHOWN = 60;

    public function __construct(
        private readonly MessagesForm $messagesForm,
    ) {
    }

    public function show(): View
    {
        $salon = $this->salon();

        return view('salon.messages', new MessagesPage(
            salon: $salon,
            messages: OutboxMessage::query()
                ->with('head:id,salon_id,name')
                ->where('salon_id', $salon->id)
                ->latest('id')
                ->limit(self::SHOWN)
                ->get(),
            reminders: Reminder::query()
                ->with('head:id,salon_id,name,phone')
                ->where('salon_id', $salon->id)
                ->whereIn('status', ['due', 'sending', 'failed'])
                ->orderBy('due_at')
                ->limit(self::SHOWN)
                ->get(),
            quiet: [SalonClock::shown($salon->quiet_from_minute), SalonClock::shown($salon->quiet_until_minute)],
            feed: CalendarFeed::current(['user_id' => $this->stylist()->id]),
            languages: MessageLanguage::NAMES,
            seen: $this->messagesForm->seen($salon),
        ));
    }

    public function update(MessageSettingsRequest $request): RedirectResponse
    {
        $this->salon()->update($request->columns());

        return redirect()->route('salon.messages')->with('said', Words::say('said.shared.saved'));
    }

    /**
     * Sends once more what was given up, or handed over by a worker that has not been heard of since: a person decides
     * that.
     */
    public function again(Reminder $reminder): RedirectResponse
    {
        $sent = $reminder->isStuck() && $reminder->sendAgain();

        return redirect()->route('salon.messages')->with(
            'said',
            Words::say($sent ? 'messages.again' : 'messages.not-stuck'),
        );
    }

    /** The client's own no to reminders, from the address in each of them. Nobody is signed in. */
    public function askStop(string $head): View
    {
        $row = Head::query()->with('salon')->findOrFail($head);
        $page = new StopPage(head: $row, stopped: false, language: MessageLanguage::of($row));

        return view('home-routine.client.stop', $page);
    }

    public function stop(string $head): View
    {
        $row = Head::query()->with('salon')->findOrFail($head);
        $row->update(['reminded_by' => 'nobody']);

        $page = new StopPage(head: $row, stopped: true, language: MessageLanguage::of($row));

        return view('home-routine.client.stop', $page);
    }
}
