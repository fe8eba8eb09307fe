<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Arr;
use Nagomi\Core\Parameters\SchedulingParameters;

/** A week of hours as it was typed: 9:00–12:30 13:30–18:00, or past midnight 18:00–2:00. */
final readonly class TypedWeek
{
    private const DAY_MINUTES = 1440;
    private const LONGEST_DAY_MINUTES = 900;
    private const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7];

    /** @param array<array-key, mixed> $typed by stylist and weekday, 1 Monday */
    public function __construct(private array $typed, private SchedulingParameters $parameters)
    {
    }

    /** @return array<string, string> what to type instead, by field */
    public function problems(): array
    {
        $problems = $opens = $closes = [];
        foreach ($this->typed as $user => $days) {
            foreach (self::WEEKDAYS as $weekday) {
                $spans = $this->spans($user, $weekday);
                if ($spans === null) {
                    $problems["hours.{$user}.{$weekday}"] = Words::say('hours.wrong', [
                        'day' => self::name($weekday),
                        'latest' => SalonClock::shown($this->parameters->latestClosingMinute),
                    ]);
                }
                foreach ($spans ?? [] as [$from, $until]) {
                    $opens[$weekday] = min($opens[$weekday] ?? $from, $from);
                    $closes[$weekday] = max($closes[$weekday] ?? $until, $until);
                }
            }
        }

        return $problems + $this->acrossTheDay($opens, $closes);
    }

    /**
     * @param array<int, int> $opens  minute of the day by weekday
     * @param array<int, int> $closes the same
     *
     * @return array<string, string>
     */
    private function acrossTheDay(array $opens, array $closes): array
    {
        $last = max([0, ...$closes]);
        $turns = $this->parameters->dayTurnsMinute($last);
        foreach ($opens as $weekday => $from) {
            if ($from < $turns) {
                return ['hours' => Words::say('hours.in-the-night', [
                    'day' => self::name($weekday), 'closes' => SalonClock::shown($last),
                    'turns' => SalonClock::shown($turns),
                ])];
            }
            if ($closes[$weekday] - $from > self::LONGEST_DAY_MINUTES) {
                return ['hours' => Words::say('hours.too-long', ['day' => self::name($weekday)])];
            }
        }

        return [];
    }

    /** @return string which days last past midnight, and until when; '' none */
    public function late(): string
    {
        $closes = [];
        foreach (self::WEEKDAYS as $weekday) {
            foreach (array_keys($this->typed) as $user) {
                foreach ($this->spans($user, $weekday) ?? [] as [, $until]) {
                    $closes[$weekday] = max($closes[$weekday] ?? 0, $until);
                }
            }
        }
        $says = [];
        foreach (array_unique($closes) as $until) {
            if ($until > self::DAY_MINUTES) {
                $days = array_map(self::name(...), array_keys($closes, $until, true));
                $says[] = Words::say(isset($days[1]) ? 'hours.late' : 'hours.late-one', [
                    'days' => Arr::join($days, ', ', Words::say('hours.and')),
                    'until' => SalonClock::shown($until),
                ]);
            }
        }

        return implode(' ', $says);
    }

    private static function name(int $weekday): string
    {
        return Words::say("weekdays.names.{$weekday}");
    }

    /**
     * @return list<array{int, int}>|null minutes of the day, from 1440 on of the night after; none where nothing was
     *     typed, null where it cannot be read
     */
    public function spans(int|string $user, int $weekday): ?array
    {
        $days = $this->typed[$user] ?? null;
        $typed = is_array($days) && is_string($days[$weekday] ?? null) ? $days[$weekday] : '';
        $dashed = trim((string) preg_replace('/\s*[-–—]\s*/u', '–', $typed));
        $spans = [];
        $before = -1;
        foreach (preg_split('/[\s,;]+/u', $dashed, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $span) {
            $ends = explode('–', $span);
            $from = SalonClock::typed($ends[0]);
            $until = self::until($from ?? 0, $ends[1] ?? '');
            $isSpan = count($ends) === 2 && $from !== null && $until !== null;
            if (! $isSpan || $from <= $before || $until > $this->parameters->latestClosingMinute) {
                return null;
            }
            $spans[] = [$from, $until];
            $before = $until;
        }

        return $spans;
    }

    /** What ends before it begins ends in the night after. */
    private static function until(int $from, string $typed): ?int
    {
        $until = preg_match('/^24(?:[:.h ]?00)?$/', trim($typed)) === 1 ? 0 : SalonClock::typed($typed);

        return match (true) {
            $until === null || $until === $from => null,
            $until < $from => self::DAY_MINUTES + $until,
            default => $until,
        };
    }
}
