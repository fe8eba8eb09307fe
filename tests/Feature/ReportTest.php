<?php

declare(strict_types=1);

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Outlook;
use App\Models\Product;
use App\Models\Reading;
use App\Pages\Reports\BalanceReport;
use App\Pages\Reports\BreakageReport;
use App\Pages\Reports\ProductReport;
use App\Pages\Reports\ReportPeriod;
use App\Pages\Reports\TimeReport;
use Carbon\CarbonImmutable;
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

it('counts what lay in its band, by share of the hair', function (): void {
    $head = $this->aHead();
    // Two strata of 3/4 and 1/4; the first sure within its band on both days, the second sure outside on the second.
    $standing = json_encode([['share' => 0.75], ['share' => 0.25]]);
    Outlook::query()->whereKey($head->id)->update(['standing' => $standing, 'hair_balance' => json_encode([
        'from' => '2027-01-08', 'today' => '2027-01-09', 'strata' => [
        [
            'targets' => [60, 60],
            'days' => [[60, 0.1, 60, 0.1, 0, 0], [61, 0.1, 59, 0.1, 0, 0], [10, 0.1, 10, 0.1, 0, 0]],
        ],
        [
            'targets' => [60, 60],
            'days' => [[60, 0.1, 60, 0.1, 0, 0], [90, 0.1, 60, 0.1, 0, 0], [10, 0.1, 10, 0.1, 0, 0]],
        ],
    ]])]);
    $kept = app(BalanceReport::class)->of($this->salon, ReportPeriod::asked($this->salon, '', ''));
    expect($kept['share'])
        ->toEqualWithDelta((1.0 + 0.75) / 2, 1e-6)
        ->and($kept['heads'])
        ->toBe(1)
        ->and($kept['worst'][0]['name'])
        ->toBe($head->name)
        ->and(app(BalanceReport::class)->of(
            $this->salon,
            ReportPeriod::asked($this->salon, '2026-12-01', '2026-12-02'),
        )['share'])->toBeNull();
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
    $this->actingAs($this->stylist)->get('/reports')->assertSee('Of one visit nobody said when it began and ended');
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
