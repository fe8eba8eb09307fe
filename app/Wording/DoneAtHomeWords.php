<?php

declare(strict_types=1);

namespace App\Wording;

/** What comes of plans at home, in words. */
final class DoneAtHomeWords
{
    /** What is left out seldomer is nothing to speak of beside the hair; nor is what was planned seldomer. */
    private const LEFT_OUT_BELOW = 0.75;
    private const FROM_TIMES = 3;

    /**
     * @param list<StoredDoneAtHome>|null $done
     * @param float $shortMaskMinutes up to which a mask is a short one
     *
     * @return array{
     *     lines: list<array{step: string, done: string, range: string, percent: int}>, leftOut: list<string>,
     * } of each step, and what is left out most
     */
    public static function of(?array $done, float $shortMaskMinutes): array
    {
        return [
            'lines' => self::lines($done, $shortMaskMinutes), 'leftOut' => self::leftOut($done, $shortMaskMinutes),
        ];
    }

    /**
     * @param list<StoredDoneAtHome>|null $done
     *
     * @return list<array{step: string, done: string, range: string, percent: int}>
     */
    private static function lines(?array $done, float $shortMaskMinutes): array
    {
        return array_map(static fn (array $of): array => [
            'step' => ucfirst(self::step($of, $shortMaskMinutes)),
            'done' => trans_choice('done-at-home.row', $of['times'], self::counts($of)),
            'range' => Words::say('done-at-home.range', array_map(
                static fn (float|int $share): string => Words::number(round(100 * $share)),
                ['share' => $of['share'], 'least' => $of['least'], 'most' => $of['most']],
            )),
            'percent' => (int) round(100 * $of['share']),
        ], $done ?? []);
    }

    /**
     * @param list<StoredDoneAtHome>|null $done
     * @param float $shortMaskMinutes up to which a mask is a short one
     *
     * @return list<string> a sentence on the step that is left out most, or none where none is
     */
    public static function leftOut(?array $done, float $shortMaskMinutes): array
    {
        $often = array_filter(
            $done ?? [],
            static fn (array $of): bool => $of['share'] < self::LEFT_OUT_BELOW && $of['times'] >= self::FROM_TIMES,
        );
        usort($often, static fn (array $one, array $other): int => $one['share'] <=> $other['share']);

        return array_map(
            static fn (array $of): string => Words::say('done-at-home.way', [
                'step' => self::step($of, $shortMaskMinutes),
            ] + self::counts($of)),
            array_slice($often, 0, 1),
        );
    }

    /** @param StoredDoneAtHome $of */
    private static function step(array $of, float $shortMaskMinutes): string
    {
        return Words::say("done-at-home.steps.{$of['step']}", [
            'minutes' => Words::number($shortMaskMinutes),
        ]);
    }

    /**
     * @param StoredDoneAtHome $of
     *
     * @return array{told: string, times: string}
     */
    private static function counts(array $of): array
    {
        return ['told' => Words::number($of['told']), 'times' => Words::number($of['times'])];
    }
}
