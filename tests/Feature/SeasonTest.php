<?php

declare(strict_types=1);

use App\Bridge\Plans\Outlooks;
use App\Models\PlanItem;
use App\Pages\History\LedgerScreen;
use App\Wording\Said;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\LedgerLine;
use Sabre\VObject\Reader;

function doneToday(array $with = []): array
{
    return array_replace([
        'date' => now('Europe/Lisbon')->format('Y-m-d'), 'place' => 'salon', 'pre_wash' => '', 'pre_wash_minutes' => '',
        'cleanse' => 'shampoo', 'passes' => '1', 'protein' => '', 'protein_minutes' => '',
        'conditioning' => 'mask', 'conditioning_minutes' => '25', 'heat' => '0', 'detangle_minutes' => '20',
        'tool' => 'comb', 'detangling' => 'wet-with-slip', 'leave_in' => '1', 'seal' => '0', 'trim_mm' => '',
    ], $with);
}

it('books a wash day, plans from it and undoes it', function (): void {
    $head = $this->aHead();
    $count = $head->washDays()->count();
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/wash-days", doneToday())->assertSessionHasNoErrors();
    expect($head->washDays()->count())->toBe($count + 1);
    $today = now('Europe/Lisbon');
    $next = $head->planItems()->where('status', 'planned')->first();
    expect($today->startOfDay()->diffInDays($next->date->shiftTimezone('Europe/Lisbon')))->toBeGreaterThanOrEqual(6);
    $this->delete(session('undo'))->assertRedirect();
    expect($head->washDays()->count())->toBe($count);
});

it('takes a detangling nobody timed for one that was done, and learns no pace from what was planned', function (): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    $planned = fn (): array => (array) $head->planItems()->where('status', 'planned')->orderBy('date')->first()->steps;
    expect(array_column($planned(), 'minutes', 'kind'))->toHaveKey('detangle');
    // The plan says how long it would take; that is not what the clock said.
    expect($this->get("/clients/{$head->id}/wash-days")->assertOk()->getContent())
        ->toMatch('/name="detangle_minutes"[^>]*value=""/');
    $pace = DB::table('outlooks')->where('head_id', $head->id)->first(['detangling_minutes', 'detangling_times']);
    $this->post("/clients/{$head->id}/wash-days", doneToday(['detangle_minutes' => '']))->assertSessionHasNoErrors();
    $untimed = $head->washDays()
        ->whereHas('steps', fn ($steps) => $steps->where('kind', 'detangle')->whereNull('minutes'));
    expect($untimed->count())->toBe(1)
        ->and(DB::table('outlooks')->where('head_id', $head->id)->first(['detangling_minutes', 'detangling_times']))
        ->toEqual($pace);
    foreach (['', '/wash-days', '/wash', '/history', '/plan', '/home-routine'] as $page) {
        $this->get("/clients/{$head->id}{$page}")->assertOk();
    }
});

it('refuses a wash day that cannot be', function (array $wrong, string $field, string $sentence): void {
    $head = $this->aHead();
    $count = $head->washDays()->count();
    $this
        ->actingAs($this->stylist)
        ->post("/clients/{$head->id}/wash-days", doneToday($wrong))
        ->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain($sentence)->and($head->washDays()->count())->toBe($count);
})->with([
    'a mask of 3,000 minutes' => [['conditioning_minutes' => '3000'], 'conditioning_minutes', '0.5 to 720'],
    'a mask without time' => [['conditioning_minutes' => ''], 'conditioning_minutes', '0.5 to 720'],
    'a protein in letters' => [
        ['protein' => 'strong-protein', 'protein_minutes' => 'ten'],
        'protein_minutes',
        '0.5 to 720',
    ],
    'nothing done' => [
        ['cleanse' => '', 'conditioning' => '', 'detangle_minutes' => '', 'tool' => '', 'leave_in' => '0'],
        'steps',
        'at least one thing',
    ],
    'minutes of detangling with nothing' => [['tool' => ''], 'tool', 'choose what with'],
    'tomorrow' => [['date' => '2099-01-01'], 'date', 'a day that exists and has been'],
]);

it('gives the plan as a calendar that an independent library reads without a fault', function (): void {
    $head = $this->aHead();
    $response = $this->actingAs($this->stylist)->get("/clients/{$head->id}/plan.ics")->assertOk();
    expect($response->headers->get('Content-Type'))->toContain('text/calendar');
    $calendar = Reader::read($response->getContent());
    expect($calendar->validate())->toBe([])
        ->and(count($calendar->VEVENT))->toBe($head->planItems()->where('status', 'planned')->count());
    foreach (explode("\r\n", $response->getContent()) as $line) {
        expect(strlen($line))->toBeLessThanOrEqual(75);
    }
});

it('is read by another calendar library as what was planned (Debian’s python3-icalendar)', function (): void {
    $head = $this->aHead();
    $file = tempnam(sys_get_temp_dir(), 'season');
    file_put_contents($file, $this->actingAs($this->stylist)->get("/clients/{$head->id}/plan.ics")->getContent());
    exec(
        '/usr/bin/python3 '
            . escapeshellarg(base_path('tests/Reference/scripts/read_calendar.py'))
            . ' '
            . escapeshellarg((string) $file)
            . ' 2>&1',
        $output,
        $exit,
    );
    unlink((string) $file);
    expect($exit)->toBe(0, implode("\n", $output));
    $events = collect(json_decode(implode('', $output), true))->keyBy('uid');
    $items = $head->planItems()->where('status', 'planned')->get();
    expect($events)->toHaveCount($items->count());
    foreach ($items as $item) {
        $event = $events[$item->uid];
        expect($event['start'])
            ->toBe($item->date->format('Y-m-d'))
            ->and($event['end'])
            ->toBe($item->date->addDay()->format('Y-m-d'))
            ->and($event['sequence'])->toBe($item->sequence)->and($event['status'])->toBe('CONFIRMED')
            ->and($event['summary'])->toBe($head->name . ': ' . App\Wording\StepWords::summary($item->steps))
            ->and($event['description'])->toContain(Said::of($item->reasons[0]));
    }
});

it('keeps uids and counts up sequences when the plan changes, and cancels what falls away', function (): void {
    $head = $this->aHead();
    $before = $head->planItems()->get()->keyBy('uid');
    $this->actingAs($this->stylist)->post("/clients/{$head->id}/wash-days", doneToday());
    $after = $head->planItems()->get()->keyBy('uid');
    $kept = $before->keys()->intersect($after->keys());
    expect($kept->count())->toBe($before->count());
    expect($after->where('status', 'planned')->keys()->intersect($before->keys()))->not->toBeEmpty();
    $changed = $kept->filter(fn (string $uid): bool => $after[$uid]->date->notEqualTo($before[$uid]->date));
    expect($changed)->not->toBeEmpty();
    foreach ($changed as $uid) {
        expect($after[$uid]->sequence)->toBeGreaterThan($before[$uid]->sequence);
    }
    // Nothing new happened: nothing changes, no calendar hears of it.
    $sequences = $head->planItems()->pluck('sequence', 'uid')->all();
    app(Outlooks::class)->of($head->refresh());
    expect($head->planItems()->pluck('sequence', 'uid')->all())->toBe($sequences);
    // A rhythm of three weeks leaves fewer days: the others are called off by name.
    $this->put("/clients/{$head->id}", $this->intake(['wash_every_days' => '21', 'consent' => '']));
    $calendar = Reader::read($this->get("/clients/{$head->id}/plan.ics")->getContent());
    $statuses = array_map(fn ($event): string => (string) $event->STATUS, iterator_to_array($calendar->VEVENT, false));
    expect($statuses)->toContain('CANCELLED')->toContain('CONFIRMED');
    expect($calendar->validate())->toBe([]);
});

it('holds whole days as dates, which a change of clocks cannot move', function (): void {
    // The clocks of Lisbon change on 28 March and 31 October 2027.
    foreach (['2027-03-26 23:30', '2027-10-30 23:30'] as $moment) {
        $this->travelTo(new DateTimeImmutable($moment, new DateTimeZone('Europe/Lisbon')));
        $head = $this->aHead();
        $days = $head
            ->planItems()
            ->where('status', 'planned')
            ->get()
            ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))
            ->all();
        foreach (array_slice($days, 1) as $i => $day) {
            expect((new DateTimeImmutable($days[$i]))->diff(new DateTimeImmutable($day))->days)->toBe(7);
        }
        expect($head->outlook->as_of->format('Y-m-d'))->toBe(substr($moment, 0, 10));
    }
});

it('takes the salon’s day, not the server’s', function (): void {
    $this->salon->update(['timezone' => 'Pacific/Auckland']);
    $this->travelTo(new DateTimeImmutable('2027-06-10 13:00', new DateTimeZone('UTC')));
    expect($this->aHead()->outlook->as_of->format('Y-m-d'))->toBe('2027-06-11');
});

it('shows a ledger whose lines and rounding add up to the balance', function (int $weeks): void {
    $head = $this->aHead();
    foreach ([0, 1] as $stratum) {
        $page = app(LedgerScreen::class)->of($head, $stratum, $weeks);
        foreach (['moisture', 'protein', 'build_up'] as $column) {
            $sum = $page->opening[$column] + array_sum(array_column(
                array_column($page->lines, 'amounts'),
                $column,
            )) + $page->rounding[$column];
            expect($sum)->toBe($page->closing[$column]);
            expect(round(
                $page->closingExact[$column] / LedgerLine::MILLIONTHS,
                1,
            ))->toEqualWithDelta($head->outlook->standing[$stratum][$column][0], 0.051);
        }
    }
    $this
        ->actingAs($this->stylist)
        ->get("/clients/{$head->id}/history/ledger?weeks={$weeks}&stratum=1")
        ->assertOk()
        ->assertSee('Balance today')
        ->assertSee('Rounding of the lines');
})->with([4, 12, 52]);

it('shows two futures of any change side by side and stores nothing', function (string $query, array $sees): void {
    $head = $this->aHead();
    $before = $head->planItems()->get()->map->getAttributes()->all();
    $response = $this->actingAs($this->stylist)->get("/clients/{$head->id}/plan/what-if?{$query}")->assertOk();
    foreach ($sees as $words) {
        $response->assertSee($words, false);
    }
    expect($head->planItems()->get()->map->getAttributes()->all())->toBe($before);
})->with([
    'no question yet' => ['', ['Your plan won’t change', 'from now on we wash every']],
    'no masks' => ['change=no-mask', ['with the change, and dashed', 'days out of balance expected']],
    'another rhythm' => ['change=wash-every&number=14', ['with the change, and dashed', 'wash days']],
    'softer water' => ['change=hardness&number=40,5', ['with the change, and dashed', 'value="40,5"']],
    'a rhythm of 90 days' => ['asked=wash-every&number=90', ['2 to 35 days', 'value="90"', 'aria-invalid="true"']],
    'letters' => ['asked=humidity&number=damp', ['Type a number of %', 'value="damp"']],
    'an unknown change' => ['change=dye', ['from now on we wash every', 'as planned']],
]);

it('takes an older wash day out of the book', function (): void {
    $head = $this->aHead();
    $day = $head->washDays()->reorder('date', 'desc')->skip(2)->first();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}/wash-days")->assertSee('Delete this wash');
    $this->delete("/clients/{$head->id}/wash-days/{$day->key}")->assertRedirect("/clients/{$head->id}");
    expect($head->washDays()->where('key', $day->key)->exists())->toBeFalse();
});

it('renews an outlook on a new day and not before', function (): void {
    $head = $this->aHead();
    $stamp = $head->outlook->updated_at;
    $this->travel(2)->minutes();
    $this->actingAs($this->stylist)->get("/clients/{$head->id}");
    expect($head->outlook()->first()->updated_at->equalTo($stamp))->toBeTrue();
    $this->travel(1)->days();
    $this->get("/clients/{$head->id}")->assertOk();
    expect($head->outlook()->first()->as_of->format('Y-m-d'))->toBe(now('Europe/Lisbon')->format('Y-m-d'));
});
