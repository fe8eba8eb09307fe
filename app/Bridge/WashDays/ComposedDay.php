<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\Head;
use App\Models\WashSession;
use DateTimeInterface;
use Nagomi\Core\WashDay\WashDayPlan;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\WashDay\WashStepKind;
use Nagomi\Core\Wording\KeptMessage;

/** A wash day that was laid out by hand, as the core lays one out: booking and plan say its minutes. */
final class ComposedDay
{
    /** @return WashDayPlan|null null where none is laid out for that day */
    public static function on(Head $head, DateTimeInterface $date): ?WashDayPlan
    {
        $draft = WashSession::draft($head);

        return $draft !== null && ($draft->plan['planned_for'] ?? null) === $date->format('Y-m-d')
            ? self::of($draft)
            : null;
    }

    public static function of(WashSession $washSession): ?WashDayPlan
    {
        $state = WashSessionState::of($washSession, array_values($washSession->acts()->get()->all()));
        $steps = [];
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $kind = WashStepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            if ($kind !== null && ! $state->isSkipped($key)) {
                $steps[] = self::step($kind, $key, $step);
            }
        }

        return $steps === [] ? null : new WashDayPlan($steps);
    }

    /** @param array<string, mixed> $step */
    private static function step(WashStepKind $kind, string $key, array $step): WashDayStep
    {
        $number = static fn (string $name): float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;

        return new WashDayStep(
            $kind,
            $key,
            KeptMessage::read($step['label'] ?? $key),
            $number('hands_on_minutes'),
            $number('spread'),
            $number('waiting_minutes'),
            $number('wait_spread'),
            beside: ($step['beside'] ?? false) === true,
            heat: ($step['heat'] ?? false) === true,
            afterClient: ($step['after_client'] ?? false) === true,
            mostMinutes: is_numeric($step['most_minutes'] ?? null) ? (float) $step['most_minutes'] : null,
        );
    }
}
