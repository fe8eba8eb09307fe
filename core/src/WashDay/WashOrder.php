<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

/**
 * Which rules the order of a wash day breaks, and at which step. The tablet asks the same without a network
 * (public/js/screens/parts/wash-order.js); core/tests/fixtures/wash-order.json holds both.
 */
final class WashOrder
{
    /** Passes of cleansing after which the hair is looked at. */
    private const PASSES_UNCHECKED = 2;

    /**
     * @param list<OrderedStep> $steps in the order they are done in, without what is skipped
     *
     * @return list<array{rule: WashRule, key: string}> in the order of the steps
     */
    public static function broken(array $steps): array
    {
        $broken = [];
        foreach ($steps as $i => $step) {
            $breaks = self::breaks($step, array_slice($steps, 0, $i), array_slice($steps, $i + 1));
            foreach (WashRule::cases() as $rule) {
                if ($breaks[$rule->value] ?? false) {
                    $broken[] = ['rule' => $rule, 'key' => $step->key];
                }
            }
        }
        if (! self::has($steps, WashStepKind::Tools)) {
            $broken[] = ['rule' => WashRule::ToolsCleaned, 'key' => WashStepKind::Tools->value];
        }

        return $broken;
    }

    /**
     * @param list<OrderedStep> $before
     * @param list<OrderedStep> $after
     *
     * @return array<string, bool> by rule
     */
    private static function breaks(OrderedStep $step, array $before, array $after): array
    {
        $is = static fn (WashStepKind ...$kinds): bool => in_array($step->kind, $kinds, true);
        $isWet = self::has($before, WashStepKind::WetThrough);
        $isTimed = ! $step->isBefore;

        return [
            WashRule::MaskAfterStrongProtein->value => $step->isStrong
                && ! self::has($after, WashStepKind::Mask, WashStepKind::Conditioner),
            WashRule::ProteinOnce->value => $is(WashStepKind::Protein) && self::has($before, WashStepKind::Protein),
            WashRule::PreWashBeforeWater->value => $is(WashStepKind::PreWash)
                && ($isWet || self::has($before, WashStepKind::Cleanse)),
            WashRule::LongEnough->value => $isTimed && $step->onMinutes < ($step->leastMinutes ?? 0.0),
            WashRule::NotTooLong->value => $isTimed && $step->onMinutes > ($step->mostMinutes ?? INF),
            WashRule::WetFirst->value => $step->kind->isRinsedOut() && ! $isWet,
            WashRule::RinsedOut->value => ($step->kind->staysIn() || $is(WashStepKind::Dry))
                && self::last($before)?->isRinsedOut() === true,
            WashRule::CheckBeforeThirdPass->value => $is(WashStepKind::Cleanse) && self::isUnchecked($before),
            WashRule::WaterBeforeStyle->value => $is(WashStepKind::WetThrough, WashStepKind::Cleanse)
                && self::has($before, WashStepKind::Style),
            WashRule::CastWhenDry->value => $is(WashStepKind::BreakCast) && self::has($after, WashStepKind::Dry),
        ];
    }

    /** @param list<OrderedStep> $steps */
    private static function has(array $steps, WashStepKind ...$kinds): bool
    {
        foreach ($steps as $step) {
            if (in_array($step->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The last that put something on, or took it off.
     *
     * @param list<OrderedStep> $before
     */
    private static function last(array $before): ?WashStepKind
    {
        foreach (array_reverse($before) as $step) {
            if ($step->kind === WashStepKind::Rinse || $step->kind->isRinsedOut() || $step->kind->staysIn()) {
                return $step->kind;
            }
        }

        return null;
    }

    /** @param list<OrderedStep> $before */
    private static function isUnchecked(array $before): bool
    {
        $passes = 0;
        $isChecked = false;
        foreach ($before as $step) {
            if ($step->kind === WashStepKind::Cleanse) {
                $passes++;
                $isChecked = false;
            }
            $isChecked = $isChecked || $step->kind === WashStepKind::CheckStripping;
        }

        return $passes >= self::PASSES_UNCHECKED && ! $isChecked;
    }
}
