<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\StoredPace;
use App\Bridge\Plans\OutlookRefresh;
use App\Care\Readings\Visits;
use App\Models\Head;
use App\Models\Style;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\StyleLook;
use Nagomi\Core\WashDay\StylingMethod;

/** Follows a style day by day until it is no longer good; then its life goes to the Bench. */
final readonly class WornStyles
{
    private const MOST_DAYS = 60;

    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private Visits $visits,
    ) {
    }

    /** A new style ends the one before. */
    public function begin(Head $head, StylingMethod $styling, DateTimeImmutable $on, ?int $staysDays = null): Style
    {
        return DB::transaction(function () use ($head, $styling, $on, $staysDays): Style {
            Style::query()
                ->where('head_id', $head->id)
                ->whereNull('ended_on')
                ->update(['ended_on' => $on->format('Y-m-d')]);
            $style = new Style([
                'head_id' => $head->id, 'styling' => $styling->value, 'made_on' => $on->format('Y-m-d'),
                'stays_days' => $staysDays, 'log' => [],
            ]);
            $style->salon_id = $head->salon_id;
            $style->save();
            // What is worn comes down, and is washed then.
            $this->outlookRefresh->after($head, $head->salon->today());

            return $style;
        });
    }

    /** What came down on a wash day is worn no more; when it was last good nobody said. */
    public function takenDown(Head $head, DateTimeImmutable $on): void
    {
        $ended = Style::query()
            ->where('head_id', $head->id)
            ->whereNull('ended_on')
            ->update(['ended_on' => $on->format('Y-m-d')]);
        if ($ended > 0) {
            StoredPace::takenDown($head, $on);
            $this->outlookRefresh->after($head, $head->salon->today());
        }
    }

    public function keep(Style $style, DateTimeImmutable $on, string $what): void
    {
        DB::transaction(function () use ($style, $on, $what): void {
            $locked = self::locked($style);
            $log = $locked->log;
            $day = $on->format('Y-m-d');
            $log[$day] = array_values(array_unique([...$log[$day] ?? [], $what]));
            ksort($log);
            $locked->update(['log' => $log]);
        });
    }

    /** Looked at again on a day, the later look stands. */
    public function look(Style $style, DateTimeImmutable $on, StyleLook $look): void
    {
        DB::transaction(function () use ($style, $on, $look): void {
            $locked = self::locked($style);
            $looks = [$on->format('Y-m-d') => [
                'definition' => $look->definition, 'frizz' => $look->frizz, 'moisture' => $look->moisture,
            ]] + ($locked->looks ?? []);
            ksort($looks);
            $locked->update(['looks' => $looks]);
        });
    }

    /** Two who note something of one style: one after the other, and nothing is lost. */
    private static function locked(Style $style): Style
    {
        /** @var Style */
        return Style::query()->whereKey($style->id)->lockForUpdate()->sole();
    }

    /** The style was last good on a day: its days and refreshes are a reading like any other, taken at home. */
    public function end(Head $head, Style $style, DateTimeImmutable $lastGood, string $by): void
    {
        DB::transaction(function () use ($head, $style, $lastGood, $by): void {
            $style->update(['ended_on' => $lastGood->format('Y-m-d')]);
            $this->outlookRefresh->after($head, $head->salon->today());
            $days = (int) Calendar::dayOf($style->made_on)->diff($lastGood)->days + 1;
            $refreshes = count(array_filter(
                $style->log,
                static fn (array $done): bool => array_intersect(Style::REFRESHING, $done) !== [],
            ));
            if ($days <= self::MOST_DAYS) {
                $this->visits->take(
                    $head,
                    strtolower((string) Str::ulid()),
                    [new Reading(
                        strtolower((string) Str::ulid()),
                        $lastGood,
                        Moment::Home,
                        'style-life',
                        ['days' => $days, 'refreshes' => min(30, $refreshes)],
                        null,
                        $by,
                    )],
                    $by,
                );
            }
        });
    }
}
