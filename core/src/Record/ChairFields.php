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
    /**
     * @return array{
     *     week: WeekTime, trimGoal: TrimGoal|null, takeDownOn: DateTimeImmutable|null, maskLabelMinutes: int|null,
     * }
     */
    public static function read(RecordFields $fields): array
    {
        $read = [
            'week' => WeekFields::read($fields->object('weekday_minutes')),
            'trimGoal' => $fields->has('trim_goal') ? $fields->choice('trim_goal', TrimGoal::class) : null,
            'takeDownOn' => $fields->has('take_down_on') ? $fields->date('take_down_on') : null,
            'maskLabelMinutes' => $fields->has('mask_label_minutes')
                ? $fields->integer('mask_label_minutes', 25, 1, 720, 'minutes')
                : null,
        ];
        foreach (['trim_goal', 'take_down_on', 'mask_label_minutes'] as $name) {
            $fields->asked($name);
        }

        return $read;
    }

    /** @return array<string, mixed> */
    public static function write(PlanTerms $terms): array
    {
        return [
            'weekday_minutes' => WeekFields::write($terms->week),
            'trim_goal' => $terms->trimGoal?->value,
            'take_down_on' => $terms->takeDownOn?->format('Y-m-d'),
            'mask_label_minutes' => $terms->maskLabelMinutes,
        ];
    }
}
