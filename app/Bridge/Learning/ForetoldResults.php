<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use App\Models\HeadSnapshot;
use App\Models\Outlook;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Learning\Calibration;
use Nagomi\Core\Learning\ForetoldResult;
use Nagomi\Core\Learning\ResultsBy;
use Nagomi\Core\Learning\ResultsFinding;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;

/** The results of a salon's hair tests beside what was foretold of each, from its clients' stored days. */
final readonly class ForetoldResults
{
    public const MONTHS_LOOKED_BACK = 6;

    /** Test days that are enough to tell by; a large salon has so many in a few weeks. */
    private const MOST_DAYS = 1000;

    private const DAY_SECONDS = 86_400;

    /** Whether hair was tested a short while ago, by the days since; beyond the last it is long. */
    private const SINCE_DAYS = ['days' => 10, 'weeks' => 35, 'months' => 100];

    public function __construct(private Parameters $parameters)
    {
    }

    public function calibration(Salon $salon): Calibration
    {
        return Calibration::of($this->of($salon), $this->parameters->learning);
    }

    /** @return list<StoredStandsOut> what is to be looked into, the likeliest culprit first; what comes closer is not */
    public function standOut(Salon $salon): array
    {
        $standsOut = [];
        foreach ($this->calibration($salon)->alarms as $alarm) {
            $finding = $alarm->group->finding;
            if ($finding !== null && $finding !== ResultsFinding::Narrow) {
                $standsOut[] = [
                    'by' => $alarm->by->value, 'which' => $alarm->which, 'finding' => $finding->value,
                    'on' => $salon->today()->format('Y-m-d'),
                ];
            }
        }

        return $standsOut;
    }

    /** @return list<ForetoldResult> */
    private function of(Salon $salon): array
    {
        $days = HeadSnapshot::query()->where('salon_id', $salon->id)->where('was_read', true)
            ->where('date', '>=', $salon->today()->subMonths(self::MONTHS_LOOKED_BACK)->format('Y-m-d'))
            ->orderByDesc('date')->orderByDesc('id')->limit(self::MOST_DAYS)
            ->get(['id', 'head_id', 'date', 'checks'])->reverse();
        $porosities = $this->porosities($salon);
        $lastRead = $this->lastReadBefore($salon, $days->first()?->date);
        $results = [];
        foreach ($days as $day) {
            $of = array_filter([
                ResultsBy::Porosity->value => $porosities[$day->head_id] ?? null,
                ResultsBy::Since->value => self::since($lastRead[$day->head_id] ?? null, $day->date),
            ]);
            foreach ($day->checks as $check) {
                $by = $check['by'] === '' ? [] : [ResultsBy::Stylist->value => $check['by']];
                $results[] = new ForetoldResult(
                    $day->head_id,
                    (float) $check['apart'],
                    [ResultsBy::Test->value => $check['sign']] + $by + $of,
                );
            }
            $lastRead[$day->head_id] = $day->date;
        }

        return [...$results, ...$this->besides($salon, $porosities)];
    }

    /**
     * The scalp and the minutes of detangling, which no stored day tells of.
     *
     * @param array<string, string> $porosities by head
     *
     * @return list<ForetoldResult>
     */
    private function besides(Salon $salon, array $porosities): array
    {
        $since = $salon->today()->subMonths(self::MONTHS_LOOKED_BACK)->format('Y-m-d');
        $results = [];
        $outlooks = Outlook::query()->where('salon_id', $salon->id)->whereNotNull('foretold')
            ->get(['head_id', 'foretold']);
        foreach ($outlooks as $outlook) {
            foreach ($outlook->foretold ?? [] as $check) {
                if ($check['on'] >= $since) {
                    $results[] = new ForetoldResult($outlook->head_id, (float) $check['apart'], array_filter([
                        ResultsBy::Test->value => $check['sign'], ResultsBy::Stylist->value => $check['by'],
                        // How fast hair detangles goes by what it is; how a scalp does hardly.
                        ResultsBy::Porosity->value => $check['sign'] === Sign::DetanglingMinutes->value
                            ? $porosities[$outlook->head_id] ?? ''
                            : '',
                    ]));
                }
            }
        }

        return $results;
    }

    private static function since(?CarbonImmutable $last, CarbonImmutable $day): string
    {
        if ($last === null) {
            return 'first';
        }
        foreach (self::SINCE_DAYS as $name => $most) {
            if ($day->getTimestamp() - $last->getTimestamp() <= $most * self::DAY_SECONDS) {
                return $name;
            }
        }

        return 'long';
    }

    /** @return array<string, CarbonImmutable> by head, the last day it was read before a day */
    private function lastReadBefore(Salon $salon, ?CarbonImmutable $before): array
    {
        return $before === null ? [] : HeadSnapshot::query()->where('salon_id', $salon->id)->where('was_read', true)
            ->where('date', '<', $before->format('Y-m-d'))
            ->groupBy('head_id')->select(['head_id'])->selectRaw('max(`date`) as `date`')->get()
            ->mapWithKeys(static fn (HeadSnapshot $day): array => [$day->head_id => $day->date])->all();
    }

    /** @return array<string, string> by head, what most of its lengths are */
    private function porosities(Salon $salon): array
    {
        $most = [];
        $parts = DB::table('zone_parts')->join('heads', 'heads.id', '=', 'zone_parts.head_id')
            ->where('heads.salon_id', $salon->id)->where('zone_parts.part', Part::Length->value)
            ->groupBy('zone_parts.head_id', 'zone_parts.porosity')
            ->orderByRaw('count(*)')->orderByDesc('zone_parts.porosity')
            ->get(['zone_parts.head_id', 'zone_parts.porosity']);
        /** @var object{head_id: string, porosity: string} $part those with most places come last */
        foreach ($parts as $part) {
            $most[$part->head_id] = $part->porosity;
        }

        return $most;
    }
}
