<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\TestSelection;

/**
 * Chooses the tests that may change what is done next: the one whose look is worth most for each minute, then the next
 * beside it. A test that narrows much and changes nothing is no such test.
 */
final class DecidingTests
{
    /**
     * @param array<string, float> $minutesOf minutes by test that could be taken now
     * @param float                $minutes   that there are in all
     * @param list<NextDecision>   $decisions
     * @param float                $least     how likely it must be that something else is done then, 0 to 1
     *
     * @return list<array{test: string, minutes: float, share: float, decision: NextDecision}> in the order to take them;
     *     what may be done instead, and how likely that is once it was taken
     */
    public static function order(
        State $state,
        array $minutesOf,
        float $minutes,
        array $decisions,
        float $least,
    ): array {
        $order = [];
        [$now, $worth] = [$state, 0.0];
        while ($decisions !== []) {
            $best = null;
            foreach ($minutesOf as $test => $takes) {
                $after = $takes > 0.0 && $takes <= $minutes ? TestSelection::narrowed($now, $test) : $now;
                $gain = $after === $now ? 0.0 : (self::worth($state, $after, $decisions) - $worth) / $takes;
                if ($gain > ($best['gain'] ?? 0.0)) {
                    $best = ['test' => $test, 'gain' => $gain, 'after' => $after, 'minutes' => $takes];
                }
            }
            // What is said of a test is its own, whatever was taken before it.
            $alone = $best === null ? $state : TestSelection::narrowed($state, $best['test']);
            $turns = self::turned($state, $alone, $decisions);
            $share = $turns?->share($state, $alone) ?? 0.0;
            if ($best === null || $turns === null || $share < $least) {
                break;
            }
            [$now, $worth] = [$best['after'], self::worth($state, $best['after'], $decisions)];
            $minutes -= $best['minutes'];
            unset($minutesOf[$best['test']]);
            $order[] = [
                'test' => $best['test'], 'minutes' => $best['minutes'], 'share' => $share, 'decision' => $turns,
            ];
        }

        return $order;
    }

    /**
     * @param list<NextDecision> $decisions
     *
     * @return float days of a whole head one band width outside; of what can be done on one day only one is
     */
    private static function worth(State $before, State $after, array $decisions): float
    {
        $days = [];
        foreach ($decisions as $decision) {
            $on = $decision->date->format('Y-m-d');
            $days[$on] = max($days[$on] ?? 0.0, $decision->worth($before, $after));
        }

        return array_sum($days);
    }

    /** @param list<NextDecision> $decisions */
    private static function turned(State $before, State $after, array $decisions): ?NextDecision
    {
        $turned = null;
        $most = 0.0;
        foreach ($decisions as $decision) {
            $worth = $decision->worth($before, $after);
            [$turned, $most] = $worth > $most ? [$decision, $worth] : [$turned, $most];
        }

        return $turned;
    }
}
