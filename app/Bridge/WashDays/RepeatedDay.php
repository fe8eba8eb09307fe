<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\WashSession;

/**
 * A wash day laid out like one before: parted, layered, styled and dried as then, with its bottles and amounts where they
 * are still there. What is done to the balance stays as it is planned now: protein that was due then is not due again.
 */
final class RepeatedDay
{
    private const AS_PLANNED = ['pre-wash', 'cleanse', 'protein', 'conditioner', 'mask', 'rinse', 'check-stripping'];
    /** Beginning and end of any day. */
    private const ALWAYS = ['ready', 'part', 'wet-through', 'squeeze', 'tools', 'trim', 'take-down'];

    /**
     * @param array<string, mixed> $plan as it is laid out now, with its palette
     *
     * @return array<string, mixed> with which day it is like
     */
    public static function like(array $plan, WashSession $past): array
    {
        $state = WashSessionState::of($past, array_values($past->acts()->get()->all()));

        return ['like' => $past->id] + self::of($plan, $state);
    }

    /**
     * @param array<string, mixed> $plan as it is laid out now, with its palette
     *
     * @return array<string, mixed>
     */
    private static function of(array $plan, WashSessionState $past): array
    {
        $then = array_values(array_filter(
            $past->steps(),
            static fn (array $step): bool => $past->isDone(is_string($step['key'] ?? null) ? $step['key'] : ''),
        ));
        $steps = self::list($plan['steps'] ?? null);
        $kinds = array_column($then, 'kind');
        $kept = [];
        foreach ($steps as $step) {
            $kind = $step['kind'] ?? '';
            $stays = in_array($kind, self::AS_PLANNED, true) || in_array($kind, self::ALWAYS, true);
            if ($stays || in_array($kind, $kinds, true)) {
                $like = self::first($then, $kind);
                $kept[] = $like === null ? $step : self::stepLike($step, $like, $past);
            }
        }

        return ['steps' => self::withMore($kept, $then, self::list($plan['palette'] ?? null), $past)] + $plan;
    }

    /** @return list<array<string, mixed>> */
    private static function list(mixed $steps): array
    {
        /** @var list<array<string, mixed>> */
        return is_array($steps) ? array_values(array_filter($steps, is_array(...))) : [];
    }

    /**
     * @param list<array<string, mixed>> $then
     *
     * @return array<string, mixed>|null
     */
    private static function first(array $then, mixed $kind): ?array
    {
        foreach ($then as $step) {
            if (($step['kind'] ?? null) === $kind) {
                return $step;
            }
        }

        return null;
    }

    /**
     * @param array<string, mixed> $step as it is laid out now
     * @param array<string, mixed> $like the same work then
     *
     * @return array<string, mixed>
     */
    private static function stepLike(array $step, array $like, WashSessionState $past): array
    {
        $set = [];
        if (is_int($step['sections'] ?? null) && is_int($like['sections'] ?? null)) {
            $set['sections'] = $like['sections'];
        }
        if (($step['tool'] ?? null) !== null && is_string($like['tool'] ?? null)) {
            $set['tool'] = $like['tool'];
        }
        $step = WashStepChange::applied($step, $set, 0.0);
        $taken = StepBottle::taken($like, $past);
        if ($taken === null || in_array($step['kind'] ?? '', self::AS_PLANNED, true)) {
            return $step;
        }
        $bottles = array_filter([$step['product'] ?? null, ...self::list($step['others'] ?? null)]);
        foreach ($bottles as $bottle) {
            if (is_array($bottle) && ($bottle['id'] ?? null) === $taken->id) {
                return [
                    'product' => ['ml' => $taken->ml] + $bottle,
                    'others' => array_values(array_filter(
                        $bottles,
                        static fn (mixed $other): bool => $other !== $bottle,
                    )),
                ] + $step;
            }
        }

        return $step;
    }

    /**
     * What was done then and is not laid out now comes after what it came after then.
     *
     * @param list<array<string, mixed>> $kept
     * @param list<array<string, mixed>> $then
     * @param list<array<string, mixed>> $palette
     *
     * @return list<array<string, mixed>>
     */
    private static function withMore(array $kept, array $then, array $palette, WashSessionState $past): array
    {
        foreach ($then as $i => $step) {
            $kind = is_string($step['kind'] ?? null) ? $step['kind'] : '';
            $isThere = count(array_keys(array_column($kept, 'kind'), $kind, true))
                >= count(array_keys(array_column(array_slice($then, 0, $i + 1), 'kind'), $kind, true));
            if ($isThere || in_array($kind, self::AS_PLANNED, true) || in_array($kind, self::ALWAYS, true)) {
                continue;
            }
            $of = $past->templateOf(is_string($step['key'] ?? null) ? $step['key'] : '');
            $template = self::named($palette, $of) ?? self::first($palette, $kind);
            if ($template === null) {
                continue;
            }
            $after = array_search($then[$i - 1]['kind'] ?? '', array_reverse(array_column($kept, 'kind'), true), true);
            $new = self::stepLike(['key' => "{$kind}-again-{$i}"] + $template, $step, $past);
            array_splice($kept, $after === false ? count($kept) - 1 : $after + 1, 0, [$new]);
        }

        return $kept;
    }

    /**
     * @param list<array<string, mixed>> $palette
     *
     * @return array<string, mixed>|null
     */
    private static function named(array $palette, ?string $key): ?array
    {
        foreach ($palette as $step) {
            if (($step['key'] ?? null) === $key) {
                return $step;
            }
        }

        return null;
    }
}
