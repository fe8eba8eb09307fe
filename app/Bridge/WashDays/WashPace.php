<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Wording\Words;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\Pace;

/** How long detangling and drying are reckoned with on one day, and why, in the words of the wash day. */
final class WashPace
{
    /** What changes a time by less is not spoken of. */
    private const SPOKEN_FROM = 0.03;

    /**
     * @param list<Step> $doing
     *
     * @return array{minutes_a_section: float, of: int, says: list<string>}
     */
    public static function told(Pace $pace, array $doing, DryingMethod $drying): array
    {
        $detangles = array_values(array_filter(
            $doing,
            static fn (Step $step): bool => $step->kind === StepKind::Detangle,
        ))[0] ?? null;
        $day = $detangles === null ? null : $pace->doing($doing)->dayOf($detangles);
        $minutes = round($pace->detangling->minutes($day ?? $pace->day), 1);
        $of = $pace->detangling->days;

        return [
            'minutes_a_section' => $minutes,
            'of' => $of,
            'says' => array_values(array_filter([
                $day === null ? null : Words::say('wash.pace.detangling', [
                    'minutes' => (string) $minutes,
                    'from' => $of === 0 ? Words::say('wash.pace.usual') : trans_choice('wash.pace.from', $of),
                ]),
                $day === null ? null : self::because($pace->detangling->because($day)),
                ...self::dries($pace, $drying),
            ])),
        ];
    }

    /** @param array<string, array{times: float, isLearned: bool}> $because */
    private static function because(array $because): ?string
    {
        $says = [];
        foreach ($because as $what => ['times' => $times, 'isLearned' => $isLearned]) {
            if (abs($times - 1) >= self::SPOKEN_FROM) {
                $says[] = Words::say('wash.pace.because', [
                    'what' => Words::say("wash.pace.by.{$what}"),
                    'percent' => sprintf('%s%d %%', $times > 1 ? '+' : '−', (int) round(100 * abs($times - 1))),
                ]) . ($isLearned ? Words::say('wash.pace.own') : '');
            }
        }

        return $says === [] ? null : Words::say('wash.pace.today', ['because' => implode('; ', $says)]);
    }

    private static function lasting(int $minutes): string
    {
        return Words::say($minutes < 60 ? 'wash.pace.minutes' : 'wash.pace.hours', [
            'hours' => intdiv($minutes, 60), 'minutes' => $minutes < 60 ? $minutes : sprintf('%02d', $minutes % 60),
        ]);
    }

    /** @return list<string> */
    private static function dries(Pace $pace, DryingMethod $drying): array
    {
        if ($drying === DryingMethod::LeavesDamp) {
            return [];
        }
        $times = $pace->drying->times;

        return [
            Words::say('wash.pace.drying', [
                'by' => Words::say("wash.pace.dries-by.{$drying->value}"),
                'time' => self::lasting((int) round($pace->drying->minutes($drying->value))),
                'from' => $times === 0
                    ? Words::say('wash.pace.dries-usual')
                    : trans_choice('wash.pace.dries-from', $times),
            ]),
            ...$pace->drying->isHeavy ? [Words::say('wash.pace.heavy')] : [],
        ];
    }
}
