<?php

declare(strict_types=1);

/* Days in balance as they were known then: from the second tests on, every day once, and again where a day changes. */

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\Outlooks;
use App\Models\Head;
use App\Models\Reading;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Estimation\BalanceCell;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/** @return array<string, float> by day */
function daysKept(Head $head): array
{
    return DB::table('balance_days')->where('head_id', $head->id)->orderBy('date')->pluck('in_balance', 'date')->all();
}

it('keeps each day from the second tests on, as the filter knew it then', function (): void {
    $head = $this->aNewHead();
    $kept = daysKept($head);
    $tested = DB::table('head_snapshots')->where('head_id', $head->id)->where('was_read', true)->orderBy('date')
        ->pluck('date');
    $longest = Parameters::shipped()->planning->notReadAfterDays;
    expect(count($tested))->toBeGreaterThan(1)->and(array_key_first($kept))->toBe($tested[1]);
    $record = app(HeadRecord::class);
    $today = Calendar::dayOf($this->salon->today());
    $run = KalmanFilter::through($record->after($head, $record->frame($head), null), $today);
    $days = 0;
    foreach ($run->daily($run->points[0]->date, $today) as $day) {
        $date = $day->date->format('Y-m-d');
        $last = $tested->filter(fn (string $one): bool => $one <= $date)->last();
        $counts = $date >= $tested[1] && Calendar::daysBetween(Calendar::day($last), $day->date) <= $longest;
        expect(isset($kept[$date]))->toBe($counts, $date);
        if ($counts) {
            $days++;
            expect($kept[$date])->toEqualWithDelta(
                CellProbabilities::ofHead($day->state)[BalanceCell::InBalance->value],
                1e-6,
            );
        }
    }
    expect($days)->toBe(count($kept))->toBeGreaterThan(20);
});

it('goes on where nobody looked for days, and comes to the same as from the start', function (): void {
    $head = $this->aNewHead();
    $this->travel(5)->days();
    app(Outlooks::class)->current($head->fresh());
    $went = daysKept($head);
    app(Outlooks::class)->of($head->fresh());
    expect(array_keys($went))->toBe(array_keys(daysKept($head)));
    foreach (daysKept($head) as $date => $share) {
        expect($went[$date])->toEqualWithDelta($share, 1e-9);
    }
});

it('keeps no day of hair untested for long, whichever day the filter goes on from', function (): void {
    $head = $this->aNewHead();
    $last = array_key_last(daysKept($head));
    $this->travel(200)->days();
    // A wash day long after the last tests, and one more the day after: the filter goes on from the first.
    foreach ([1, 0] as $ago) {
        $day = Calendar::dayOf($this->salon->today())->modify("-{$ago} days");
        app(RecordImporter::class)->washDays($head, [
            new WashDay(strtolower((string) Str::ulid()), $day, [Step::cleanse(CleanseKind::Shampoo)]),
        ]);
        app(Outlooks::class)->of($head->fresh(), $day);
    }
    $longest = Parameters::shipped()->planning->notReadAfterDays;
    $kept = daysKept($head);
    expect(array_key_first($kept))->not->toBeNull()
        ->and(array_filter($kept, fn (float $share): bool => is_nan($share) || $share < 0 || $share > 1))->toBe([])
        ->and(Calendar::daysBetween(Calendar::day($last), Calendar::day(array_key_last($kept))))
        ->toBeLessThanOrEqual($longest);
    app(Outlooks::class)->of($head->fresh());
    expect(array_keys(daysKept($head)))->toBe(array_keys($kept));
});

it('reckons anew from the day that changed, and forgets hair whose tests are taken back', function (): void {
    $head = $this->aNewHead();
    $before = daysKept($head);
    $read = Reading::query()->where('head_id', $head->id)->orderBy('date')->skip(3)->firstOrFail();
    $changed = $read->date->format('Y-m-d');
    Reading::query()->where('head_id', $head->id)->where('date', '>=', $changed)->delete();
    app(Outlooks::class)->of($head->fresh(), new DateTimeImmutable($changed));
    $after = daysKept($head);
    expect(array_filter($after, fn (float $share, string $date): bool => $date < $changed, ARRAY_FILTER_USE_BOTH))
        ->toBe(array_filter($before, fn (float $share, string $date): bool => $date < $changed, ARRAY_FILTER_USE_BOTH))
        ->and(count($after))->toBeLessThan(count($before));
    Reading::query()->where('head_id', $head->id)->delete();
    app(Outlooks::class)->of($head->fresh());
    expect(daysKept($head))->toBe([]);
});
