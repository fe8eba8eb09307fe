<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Plans\StoredSteps;
use App\Models\WashSessionAct;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\OrderedStep;
use Nagomi\Core\WashDay\WashOrder;
use Nagomi\Core\WashDay\WashRule;
use Nagomi\Core\WashDay\WashStepKind;

/** Which rules a change of a wash day breaks that held before it. */
final class SessionOrder
{
    /** Acts that change what is done, or when. */
    public const CHANGES = ['add', 'move', 'set', 'skip', 'swap'];

    public static function breaks(WashSessionState $state, WashSessionAct $act): ?WashRule
    {
        $before = self::broken($state);
        $changed = clone $state;
        $changed->apply($act);
        $names = array_map(self::name(...), $before);
        foreach (self::broken($changed) as $broken) {
            if (! in_array(self::name($broken), $names, true)) {
                return $broken['rule'];
            }
        }

        return null;
    }

    /** @param array{rule: WashRule, key: string} $broken */
    private static function name(array $broken): string
    {
        return "{$broken['rule']->value} {$broken['key']}";
    }

    /** @return list<array{rule: WashRule, key: string}> none for a day that was kept before steps had kinds */
    public static function broken(WashSessionState $state): array
    {
        $steps = [];
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $kind = WashStepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            if ($kind === null) {
                return [];
            }
            if (! $state->isSkipped($key)) {
                $steps[] = self::ordered($step, $key, $kind, $state);
            }
        }

        return WashOrder::broken($steps);
    }

    /** @param array<string, mixed> $step */
    private static function ordered(
        array $step,
        string $key,
        WashStepKind $kind,
        WashSessionState $state,
    ): OrderedStep {
        $books = is_array($step['books'] ?? null) ? $step['books'] : [];
        $number = static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null;

        return new OrderedStep(
            $key,
            $kind,
            $number($step['waiting_minutes'] ?? null) ?? 0.0,
            $number($step['least_minutes'] ?? null),
            StepBottle::taken($step, $state)->labelMinutes ?? $number($step['most_minutes'] ?? null),
            ($books['kind'] ?? '') === StepKind::StrongProtein->value,
            StoredSteps::isBefore($books),
        );
    }
}
