<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\TrimGoal;
use Nagomi\Core\Planning\WeekTime;

/** Time by weekday, what is wanted of the length, what is worn and how long masks may sit, as in a care record. */
final class ChairFields
{
    private const LABELS = ['mask', 'protein'];

    /**
     * @return array{
     *     week: WeekTime, trimGoal: TrimGoal|null, takeDownOn: DateTimeImmutable|null,
     *     labelMinutes: array<string, int>,
     * }
     */
    public static function read(RecordFields $fields): array
    {
        $read = [
            'week' => self::week($fields),
            'trimGoal' => $fields->has('trim_goal') ? $fields->choice('trim_goal', TrimGoal::class) : null,
            'takeDownOn' => $fields->has('take_down_on') ? $fields->date('take_down_on') : null,
            'labelMinutes' => [],
        ];
        foreach (self::LABELS as $of) {
            if ($fields->has("{$of}_label_minutes")) {
                $read['labelMinutes'][$of] = $fields->integer("{$of}_label_minutes", 25, 1, 720, 'minutes');
            }
            $fields->asked("{$of}_label_minutes");
        }
        foreach (['trim_goal', 'take_down_on'] as $name) {
            $fields->asked($name);
        }

        return $read;
    }

    private static function week(RecordFields $fields): WeekTime
    {
        $week = WeekFields::read($fields->object('weekday_minutes'));
        $dates = array_filter(
            WeekFields::dates($fields->object('salon_minutes')),
            static fn (int $minutes): bool => $minutes > 0 && WeekTime::isTime($minutes),
        );

        return $week->withDates($dates);
    }

    /** @return array<string, mixed> */
    public static function write(PlanTerms $terms): array
    {
        return [
            'weekday_minutes' => WeekFields::write($terms->week),
            'salon_minutes' => $terms->week->dates,
            'trim_goal' => $terms->trimGoal?->value,
            'take_down_on' => $terms->takeDownOn?->format('Y-m-d'),
            'mask_label_minutes' => $terms->labelMinutes['mask'] ?? null,
            'protein_label_minutes' => $terms->labelMinutes['protein'] ?? null,
        ];
    }
}
