<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Product;
use App\Models\Reading;
use App\Pages\Reports\BalanceReport;
use App\Pages\Reports\BreakageReport;
use App\Pages\Reports\ProductReport;
use App\Pages\Reports\ReportPeriod;
use App\Pages\Reports\TimeReport;
use App\Wording\ClientName;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

function doneBooking(
    FeatureTestCase $test,
    string $date,
    int $booked,
    ?int $used,
    BookingStatus $status = BookingStatus::Done,
): void {
    $starts = CarbonImmutable::parse("{$date} 10:00", 'UTC');
    $booking = new Booking([
        'head_id' => App\Models\Head::query()->value('id'),
        'user_id' => $test->stylist->id,
        'service' => 'Dry cut',
        'is_wash_day' => false,
        'date' => $date,
        'starts_at' => $starts,
        'stretches' => [],
        'minutes' => $booked,
        'price_cents' => 4800,
        'status' => $status,
        'begun_at' => $used === null ? null : $starts,
        'ended_at' => $used === null ? null : $starts->addMinutes($used),
        'changed_by' => 'Ilse',
    ]);
    $booking->forceFill(['salon_id' => $test->salon->id])->save();
}

it('tells of the last twelve weeks unless asked otherwise, and of no day that cannot be', function (string $from, string $until, string $is): void {
    $period = ReportPeriod::asked($this->salon, $from, $until);
    expect(implode(' ', $period->dates()))->toBe($is);
})->with([
    ['', '', '2026-10-18 2027-01-09'],
    ['2026-12-01', '2026-12-31', '2026-12-01 2026-12-31'],
    ['2026-12-01', '2030-01-01', '2026-12-01 2027-01-09'],
    ['2027-01-05', '2026-12-01', '2026-12-01 2026-12-01'],
    ['1900-01-01', '2027-01-09', '2025-01-09 2027-01-09'],
    ['soon', 'never', '2026-10-18 2027-01-09'],
]);

it('sees the same number of days before', function (): void {
    expect(ReportPeriod::asked(
        $this->salon,
        '2026-12-01',
        '2026-12-31',
    )->before()->dates())->toBe(['2026-10-31', '2026-11-30'])
        // Over the end of summer time a day is still a day.
        ->and(ReportPeriod::asked($this->salon, '2026-10-20', '2026-10-31')->days())->toBe(12);
});

/** @param array<string, float> $days how likely the hair was in balance, by day */
function daysInBalance(App\Models\Head $head, array $days): void
{
    DB::table('balance_days')->where('head_id', $head->id)->delete();
    foreach ($days as $date => $share) {
        DB::table('balance_days')->insert([
            'head_id' => $head->id, 'salon_id' => $head->salon_id, 'date' => $date, 'in_balance' => $share,
        ]);
    }
}

it('counts days in balance, clients alike however many days are known of them', function (): void {
    $head = $this->aHead();
    $other = $this->aNewHead();
    $other->update(['name' => 'Another Client']);
    // Mondays are 4 and 11 January 2027; the last day lies outside what is asked for.
    daysInBalance($head, ['2027-01-03' => 1.0, '2027-01-04' => 0.5, '2027-01-05' => 0.3, '2026-12-02' => 0.0]);
    daysInBalance($other, ['2027-01-04' => 0.1]);
    $asked = ReportPeriod::asked($this->salon, '2026-12-03', '2027-01-09');
    $kept = app(BalanceReport::class)->of($this->salon, $asked);
    expect($kept['share'])->toEqualWithDelta((0.6 + 0.1) / 2, 1e-9)
        ->and($kept['heads'])->toBe(2)
        ->and(array_column($kept['worst'], 'name'))
        ->toBe(array_map(ClientName::shown(...), [$other->name, $head->name]))
        ->and($kept['worst'][1]['share'])->toEqualWithDelta(0.6, 1e-9)
        ->and(array_column($kept['weeks'], 'from'))->toBe(['2026-12-28', '2027-01-04'])
        ->and($kept['weeks'][1]['share'])->toEqualWithDelta(0.3, 1e-9)
        ->and(app(BalanceReport::class)->of(
            $this->salon,
            ReportPeriod::asked($this->salon, '2026-12-01', '2026-12-01'),
        )['share'])->toBeNull();
});

it('halves the period by its days, not by those that are known', function (): void {
    foreach (range(1, 3) as $i) {
        $head = $this->aNewHead();
        $days = [];
        foreach (range(1, 20) as $day) {
            $days[sprintf('2026-12-%02d', $day)] = $day <= 10 ? 0.2 + 0.01 * $i : 0.7;
        }
        daysInBalance($head, $days);
    }
    $change = app(BalanceReport::class)->of(
        $this->salon,
        ReportPeriod::asked($this->salon, '2026-12-01', '2026-12-20'),
    )['change'];
    expect($change?->earlier)->toEqualWithDelta(0.22, 1e-9)->and($change?->lately)->toEqualWithDelta(0.7, 1e-9)
        // All that is known lies in the first half of these: nothing is said of a change.
        ->and(app(BalanceReport::class)->of(
            $this->salon,
            ReportPeriod::asked($this->salon, '2026-12-01', '2027-01-09'),
        )['change'])->toBeNull();
});

it('shows how far back is asked for most, and which of it is shown', function (): void {
    $this->actingAs($this->stylist)->get('/reports')->assertOk()
        ->assertSeeInOrder(['aria-current="true" >12 weeks', '6 months', '12 months', '18 months'], false);
    $shown = fn (string $from): string => (string) $this->get("/reports?from={$from}&until=2027-01-09")->getContent();
    expect($shown('2025-07-10'))->toContain('aria-current="true" >18 months')
        ->and($shown('2025-07-11'))->toContain('18 months')->not->toContain('aria-current="true" >18');
});

it('pools counts of broken hairs with an exact interval', function (): void {
    $head = $this->aHead();
    Reading::query()->where('salon_id', $this->salon->id)->where('test', 'broken-hairs')->delete();
    foreach ([['2027-01-05', 2, 48], ['2027-01-06', 1, 49], ['2026-09-01', 50, 50]] as $i => [$date, $broken, $shed]) {
        (new Reading())->forceFill([
            'salon_id' => $this->salon->id,
            'head_id' => $head->id,
            'key' => "r{$i}",
            'date' => $date,
            'moment' => 'before-cleansing',
            'test' => 'broken-hairs',
            'raw' => ['broken' => $broken, 'shed' => $shed, 'days_since_detangled' => 7],
        ])->save();
    }
    $report = app(BreakageReport::class)->of($this->salon, ReportPeriod::asked($this->salon, '', ''));
    // Clopper and Pearson (1934), 3 of 100 at 80 %: limits from the beta distribution, 0.01107 and 0.06559 by R's
    // qbeta(.1, 3, 98) and qbeta(.9, 4, 97).
    expect($report['broken'])
        ->toBe(3)
        ->and($report['all'])
        ->toBe(100)
        ->and($report['share'])
        ->toEqualWithDelta(0.03, 1e-12)
        ->and($report['least'])
            ->toEqualWithDelta(0.01107072, 1e-6)
            ->and($report['most'])
            ->toEqualWithDelta(0.06558575, 1e-6);
});

it('sets time booked beside time used', function (): void {
    $this->aHead();
    doneBooking($this, '2027-01-05', 60, 66);
    doneBooking($this, '2027-01-06', 60, 90);
    doneBooking($this, '2027-01-07', 60, null, BookingStatus::Cancelled);
    doneBooking($this, '2027-01-07', 60, null, BookingStatus::NoShow);
    doneBooking($this, '2026-01-07', 60, 60);
    // Nobody tapped when it began: it is earned and counted, and says nothing of its time.
    doneBooking($this, '2027-01-08', 60, null);
    expect(app(TimeReport::class)->of($this->salon, ReportPeriod::asked($this->salon, '', '')))->toBe([
        'rows' => [[
            'bookings' => 3, 'earned_cents' => 14400, 'tax_cents' => 0, 'timed' => 2, 'booked' => 120, 'used' => 156,
            'close' => 1, 'name' => 'Ilse',
        ]],
        'cancelled' => 1,
        'missed' => 1, 'unsaid' => 0, 'kept_cents' => 0,
    ]);
});

it('adds up what the wash took, by the price of each bottle', function (): void {
    $this->actingAs($this->stylist)->post(
        '/products',
        [
            'name' => 'Barrel', 'kind' => 'mask', 'ingredients' => 'Aqua, Cetyl Alcohol', 'size_ml' => '1000',
            'price' => '10',
        ],
    );
    $product = Product::query()->sole();
    app(App\Care\Products\Stockroom::class)->used($product, 50.0, 'Ilse', 'one');
    app(App\Care\Products\Stockroom::class)->used($product, 25.0, 'Ilse', 'two');
    $report = app(ProductReport::class)->of($this->salon, ReportPeriod::asked($this->salon, '', ''));
    expect($report['rows'])
        ->toEqual([['name' => 'Barrel', 'kind' => 'mask', 'ml' => 75.0, 'cents' => 75]])
        ->and($report['cents'])
        ->toBe(75);
    // At half past midnight in Lisbon's summer it is the day before in UTC: the salon's day counts.
    $this->travelTo(new DateTimeImmutable('2027-07-01 23:30', new DateTimeZone('UTC')));
    app(App\Care\Products\Stockroom::class)->used($product, 10.0, 'Ilse', 'three');
    expect(app(ProductReport::class)->of(
        $this->salon,
        ReportPeriod::asked($this->salon, '2027-07-02', '2027-07-02'),
    )['rows'][0]['ml'])->toBe(10.0)
        ->and(app(ProductReport::class)->of(
            $this->salon,
            ReportPeriod::asked($this->salon, '2027-07-01', '2027-07-01'),
        )['rows'])->toBe([]);
});

it('shows all of it as a page and as a table, of the own salon only', function (): void {
    $head = $this->aHead();
    doneBooking($this, '2027-01-05', 60, 66);
    doneBooking($this, '2027-01-06', 60, null);
    $this->actingAs($this->stylist)->get('/reports')->assertSee('One visit has no times');
    $this
        ->actingAs($this->stylist)
        ->get('/reports')
        ->assertOk()
        ->assertSee('Are we getting better?')
        ->assertSee($head->name)
        ->assertSee('€96.00');
    $csv = (string) $this
        ->get('/reports.csv')
        ->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->getContent();
    expect($csv)
        ->toStartWith("report,what,value,unit\r\n")
        ->toContain('time,"Ilse, used",66,min')
        ->toContain('time,"Ilse, earned",96.00,EUR');
    [, $stranger] = $this->salonWithStylist('maren@test.example');
    $this
        ->actingAs($stranger)
        ->get('/reports')
        ->assertOk()
        ->assertDontSee($head->name)
        ->assertSee(__('reports.news.none'))->assertSee(__('reports.balance.none'));
});
