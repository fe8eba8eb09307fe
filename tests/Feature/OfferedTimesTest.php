<?php

declare(strict_types=1);

/* Booking: every time there is room for is offered, the good ones first, and each that is offered can be had. */

use App\Models\Booking;
use App\Models\PlanItem;
use App\Models\User;
use Tests\Feature\FeatureTestCase;

require_once __DIR__ . '/OpenSalon.php';

/** @return list<string> day, time and stylist of every time on a booking page, in the order of the page */
function offeredOn(FeatureTestCase $test, string $query): array
{
    $page = (string) $test->get("/bookings/new?{$query}")->assertOk()->getContent();
    preg_match_all('/name="slot" value="([^"]+)"/', $page, $found);

    return $found[1];
}

function askFor(string $head, string $more = ''): string
{
    return "head={$head}&service=" . service('Dry cut')->id . "&date=2027-01-11{$more}";
}

it('offers every time on a free day, afternoon and all, grouped by part of the day', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $all = offeredOn($this, askFor($head->id, '&all=1'));
    // 45 minutes and five for the tools, begun on the five minutes: 9:00 to 11:40 and 13:15 to 17:10, two stylists.
    $expected = [];
    foreach ([[540, 750 - 50], [795, 1080 - 50]] as [$first, $last]) {
        for ($minute = $first; $minute <= $last; $minute += 5) {
            $expected[] = $minute;
        }
    }
    expect($all)->toHaveCount(2 * count($expected))
        ->and(array_unique($all))->toHaveCount(count($all));
    $this->get('/bookings/new?' . askFor($head->id, '&all=1'))
        ->assertSeeInOrder(['Morning', 'Midday', 'Afternoon', 'Evening']);
    // Of a whole day the best few of each part are shown: those that leave no gap which is of no use.
    $best = array_values(array_filter(
        offeredOn($this, askFor($head->id)),
        static fn (string $slot): bool => str_starts_with($slot, '2027-01-11'),
    ));
    expect($best)->toContain("2027-01-11 9:00 {$this->stylist->id}")
        ->and($best)->toContain("2027-01-11 17:10 {$this->stylist->id}")
        ->and($best)->not->toContain("2027-01-11 9:10 {$this->stylist->id}")
        ->and(count($best))->toBeLessThanOrEqual(16)->toBeGreaterThanOrEqual(10);
    $this->get('/bookings/new?' . askFor($head->id))->assertSee(count($all) . ' times on Mon 11 Jan');
});

it('keeps to whose hands and which part of the day are wished for', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $quim = User::query()->where('name', 'Quim')->firstOrFail();
    $slots = offeredOn($this, askFor($head->id, "&all=1&with={$quim->id}&part=afternoon"));
    expect($slots)->not->toBe([]);
    foreach ($slots as $slot) {
        [, $time, $user] = explode(' ', $slot);
        expect((int) $user)->toBe($quim->id)->and((int) $time)->toBeGreaterThanOrEqual(14)->toBeLessThan(17);
    }
    // What is none of the salon's is no wish, and no error either.
    $any = offeredOn($this, askFor($head->id, '&all=1'));
    [, $stranger] = $this->salonWithStylist('other@test.example');
    foreach (["&with={$stranger->id}", '&with=junk', '&part=dawn'] as $wrong) {
        expect(offeredOn($this, askFor($head->id, "&all=1{$wrong}")))->toBe($any);
    }
});

it('offers the plan’s own day first, and says that it is', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->get(route('clients.now', $head))->assertOk();
    $item = PlanItem::query()->where('head_id', $head->id)->where('status', 'planned')->orderBy('date')->firstOrFail();
    $from = $item->date->subDays(2)->max($this->salon->today()->shiftTimezone('UTC'));
    $slots = offeredOn($this, "head={$head->id}&service=" . service('Wash day')->id . "&date={$from->format('Y-m-d')}");
    expect($slots[0])->toStartWith($item->date->format('Y-m-d'));
    $this->get("/bookings/new?head={$head->id}&service=" . service('Wash day')->id . "&date={$from->format('Y-m-d')}")
        ->assertSeeInOrder([$item->date->format('D j M'), 'the plan’s own day', $from->format('D j M')], false);
});

it('gives what it offers, until the day is full', function (): void {
    openSalon($this);
    $heads = array_map(fn (int $i): string => $this->aHead()->id, range(0, 25));
    $taken = 0;
    foreach ($heads as $i => $head) {
        $slots = array_values(array_filter(
            offeredOn($this, askFor($head, '&all=1')),
            static fn (string $slot): bool => str_starts_with($slot, '2027-01-11'),
        ));
        if ($slots === []) {
            break;
        }
        $this->post('/bookings', [
            'head' => $head, 'service' => (string) service('Dry cut')->id,
            'slot' => $slots[(7 * $i) % count($slots)],
        ])->assertSessionHasNoErrors()->assertRedirect();
        $taken++;
    }
    // Taken at will, some time is lost; what is left by then is too short for a cut.
    expect($taken)->toBeGreaterThanOrEqual(8)
        ->and($taken)->toBeLessThan(count($heads))
        ->and(Booking::query()->count())->toBe($taken);
    $this->get('/bookings/new?' . askFor($heads[25], '&all=1'))->assertSee('There is no room on Mon 11 Jan');
});

it('offers no time at which the client sits in another chair', function (): void {
    openSalon($this);
    $head = $this->aHead();
    $this->post('/bookings', bookingForm($head, 'Dry cut', '10:00'))->assertSessionHasNoErrors();
    $minutes = array_map(static function (string $slot): int {
        [$hours, $rest] = explode(':', explode(' ', $slot)[1]);

        return 60 * (int) $hours + (int) $rest;
    }, offeredOn($this, askFor($head->id, '&all=1')));
    expect(array_filter($minutes, static fn (int $minute): bool => $minute > 555 && $minute < 645))->toBe([])
        ->and($minutes)->toContain(555)->toContain(645);
});
