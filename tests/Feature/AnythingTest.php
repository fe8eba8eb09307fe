<?php

declare(strict_types=1);


/*
 * Whatever is done in whatever order: what must always hold, does.
 */

use App\Bridge\Plans\PlanAct;
use App\Bridge\Plans\PlanActs;
use App\Bridge\Scheduling\SalonSchedule;
use App\Care\DataTransfer\ClientCards;
use App\Care\Imports\Imports;
use App\Care\Plans\PlanEdits;
use App\Care\Scheduling\BookingConflict;
use App\Care\Scheduling\Bookings;
use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Service;
use App\Models\User;
use App\Models\WorkingHours;
use Nagomi\Core\Statistics\SeededRandom;

/** @return list<string> days planned */
function daysPlanned(Head $head): array
{
    return $head
        ->planItems()
        ->where('status', 'planned')
        ->get()
        ->map(fn (PlanItem $item): string => $item->date->format('Y-m-d'))
        ->all();
}

it('keeps every hand on one head at a time through any forty bookings, moves and cancellations', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $this->salon->update(['chairs' => 2]);
    $stylists = [
        $this->stylist,
        User::query()->create([
            'salon_id' => $this->salon->id,
            'name' => 'Quim',
            'email' => 'quim@test.example',
            'password' => 'a-long-password',
        ])->refresh(),
    ];
    foreach ($stylists as $stylist) {
        foreach ([[540, 750], [795, 1080]] as [$from, $until]) {
            WorkingHours::query()->create([
                'salon_id' => $this->salon->id, 'user_id' => $stylist->id, 'weekday' => 1, 'from_minute' => $from,
                'until_minute' => $until,
            ]);
        }
    }
    $offers = [];
    foreach ([['Dry cut', 45], ['Readings', 20], ['Take-down', 75]] as [$name, $minutes]) {
        $offers[] = $offer = (new Service())->forceFill([
            'salon_id' => $this->salon->id, 'name' => $name, 'is_wash_day' => false, 'minutes' => $minutes,
            'price_cents' => 0,
        ]);
        $offer->save();
    }
    $heads = [$this->aHead(), $this->aHead('protein-sensitive'), $this->aHead('growing-out-bleach')];
    $monday = $this->salon->today()->next('monday');
    $made = $refused = 0;
    for ($i = 0; $i < 40; $i++) {
        $stylist = $stylists[$chance->between(0, 1)];
        $minute = 540 + 5 * $chance->between(0, 107);
        $booking = Booking::query()->where('status', BookingStatus::Booked)->inRandomOrder($seed + $i)->first();
        try {
            match ($booking instanceof Booking ? $chance->between(0, 3) : 0) {
                0,
                1 => app(Bookings::class)->take(
                    $this->salon,
                    $heads[$chance->between(0, 2)],
                    $offers[$chance->between(0, 2)],
                    $stylist,
                    $monday,
                    $minute,
                    'Ilse',
                ),
                2 => app(Bookings::class)->move(
                    $this->salon,
                    $booking,
                    $booking->sequence,
                    $stylist,
                    $monday,
                    $minute,
                    'Ilse',
                    Nagomi\Core\WashDay\DryingMethod::tryFrom($booking->drying ?? ''),
                ),
                default => app(Bookings::class)->note(
                    $this->salon,
                    $booking,
                    $booking->sequence,
                    ['status' => BookingStatus::Cancelled],
                    'Ilse',
                ),
            };
            $made++;
        } catch (BookingConflict $conflict) {
            expect($conflict->getMessage())->not->toBe('');
            $refused++;
        }
    }
    expect($made)->toBeGreaterThan(5)->and($refused)->toBeGreaterThan(0);
    $open = app(SalonSchedule::class)->bookings($this->salon, $monday)->filter(
        fn (Booking $booking): bool => $booking->status->isOpen(),
    );
    $line = app(SalonSchedule::class)->of($this->salon, $monday, $open);
    expect($line->without())->toBe([])->and($line->brokenPromises())->toBe([])->and($line->cost())->toBe(0.0);
    $busy = [];
    foreach ($open as $booking) {
        for ($minute = 0; $minute < $booking->minutes; $minute++) {
            $at = $booking->user_id . ' ' . $booking->starts_at->addMinutes($minute)->format('H:i');
            expect($busy)->not->toHaveKey($at);
            $busy[$at] = true;
        }
    }
})->with([1, 2, 3, 4]);

it('takes any acts on a season or says what can be done instead, and undoes all of them', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $head = $this->aNewHead([
        'mixed-porosity',
        'protein-sensitive',
        'growing-out-bleach',
        'overdone-with-protein',
    ][$seed % 4]);
    $before = daysPlanned($head);
    $steps = json_encode($head->planItems()->where('status', 'planned')->get()->pluck('steps'));
    $made = 0;
    for ($i = 0; $i < 6; $i++) {
        $days = daysPlanned($head);
        expect($days)->not->toBe([]);
        $kind = PlanAct::KINDS[$chance->between(0, 3)];
        $value = [
            'move' => (string) $chance->between(-4, 4),
            'swap' => '',
            'mask' => (string) (5 * $chance->between(-4, 4)),
            'leave-out' => ['mask', 'protein', 'clarifying'][$chance->between(0, 2)],
        ][$kind];
        try {
            $act = app(PlanActs::class)->of($head, $days[$chance->between(0, count($days) - 1)], $kind, $value, 'Ilse');
        } catch (InvalidArgumentException $cannot) {
            expect($cannot->getMessage())->toEndWith('.');
            continue;
        }
        app(PlanEdits::class)->keep($head, $act->season, $act->says, 'Ilse');
        $made++;
        $now = daysPlanned($head);
        $sorted = $now;
        sort($sorted);
        expect($now)->toBe($sorted)->and(array_unique($now))->toHaveCount(count($now));
    }
    for ($i = 0; $i < $made; $i++) {
        expect(app(PlanEdits::class)->undo($head, null))->not->toBeNull();
    }
    expect(app(PlanEdits::class)->undo($head, null))->toBeNull()->and(daysPlanned($head))->toBe($before)
        ->and(json_encode($head->planItems()->where('status', 'planned')->get()->pluck('steps')))->toBe($steps);
})->with([1, 2, 3, 4]);

it('reads any file without falling over, and says of each what it is or what is wrong', function (int $seed): void {
    $chance = new SeededRandom($seed);
    $example = $this->example();
    $card = "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Vesla\r\nEND:VCARD\r\n";
    for ($i = 0; $i < 12; $i++) {
        $file = match ($chance->between(0, 4)) {
            0 => random_bytes($chance->between(1, 400)),
            1 => substr($example, 0, $chance->between(1, strlen($example) - 1)),
            2 => substr_replace($card, chr($chance->between(1, 255)), $chance->between(0, strlen($card) - 1), 1),
            3 => "PK\x03\x04" . random_bytes($chance->between(0, 200)),
            default => (string) preg_replace(
                '/"points": \d+/',
                '"points": ' . $chance->between(-99, 99),
                $example,
                $chance->between(1, 3),
            ),
        };
        foreach (app(Imports::class)->look($file, 'file', $this->salon, $this->stylist)->found as $one) {
            expect($one['problems'] !== [] || $one['payload'] !== '')->toBeTrue();
            foreach ($one['problems'] as $problem) {
                expect($problem)->not->toBe('');
            }
        }
    }
    expect(app(ClientCards::class)->read(''))->toBe([])->and(Head::query()->count())->toBe(0);
})->with([1, 2, 3]);
