<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use App\Models\Head;
use App\Models\Reading;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Readings\TestCatalogue;

/** The signs of a head over the last months: the one source of what is usual of it and what has changed. */
final readonly class SignsOverTime
{
    public const MONTHS = 18;

    public function __construct(private MeasuredSigns $measuredSigns)
    {
    }

    public static function from(CarbonImmutable $today): CarbonImmutable
    {
        return $today->subMonths(self::MONTHS);
    }

    /**
     * @param list<Sign>|null $signs only these; null: every sign there is
     *
     * @return array<string, list<SignSeries>> by sign, of the whole head first
     */
    public function of(Head $head, ?array $signs = null): array
    {
        $head->loadMissing('salon');
        $moments = array_flip(array_map(fn (Moment $moment): string => $moment->value, Moment::cases()));
        /** @var array<string, array<string, non-empty-list<SignPoint>>> $points by sign and zone */
        $points = [];
        /** @var iterable<Reading> $readings */
        $readings = $head->readings()
            ->where('date', '>=', self::from($head->salon->today())->format('Y-m-d'))
            ->when($signs !== null, fn (Builder $of): Builder => $of->whereIn(
                'test',
                TestCatalogue::giving(...$signs ?? []),
            ))
            ->get(['id', 'head_id', 'salon_id', 'date', 'moment', 'test', 'raw', 'zone', 'by'])
            ->sortBy(fn (Reading $reading): array => [
                $reading->date->format('Y-m-d'), $moments[$reading->moment] ?? 0, $reading->id,
            ]);
        foreach ($readings as $reading) {
            foreach ($this->measuredSigns->of($reading) as $measured) {
                $points[$measured->sign->value][(string) $reading->zone][] = new SignPoint(
                    $reading->date->format('Y-m-d'),
                    $measured,
                    $reading->by,
                );
            }
        }
        $series = [];
        foreach ($points as $sign => $byZone) {
            ksort($byZone);
            foreach ($byZone as $zone => $of) {
                $series[$sign][] = new SignSeries(Sign::from($sign), Zone::tryFrom((string) $zone), $of);
            }
        }

        return $series;
    }

    /**
     * @param non-empty-array<string, list<Sign>> $groups
     *
     * @return string the first group of which anything was read; the first of all where nothing was
     */
    public function firstRead(Head $head, array $groups): string
    {
        /** @var list<string> $taken */
        $taken = $head->readings()
            ->where('date', '>=', self::from($head->salon->today())->format('Y-m-d'))
            ->distinct()
            ->pluck('test')
            ->all();
        foreach ($groups as $name => $signs) {
            if (array_intersect($taken, TestCatalogue::giving(...$signs)) !== []) {
                return $name;
            }
        }

        return array_key_first($groups);
    }
}
