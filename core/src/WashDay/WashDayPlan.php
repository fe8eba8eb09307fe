<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Statistics\SeededRandom;

/**
 * The steps of a wash day in their order, with when each begins, which of them the finish hangs on, and when that is
 * likely to be.
 */
final class WashDayPlan
{
    /** Draws the range of the finish is told from; the same seed each time, so that the same day says the same. */
    private const DRAWS = 400;
    private const SEED = 20;

    public readonly CriticalPath $network;

    /** @var array{p10: float, p50: float, p90: float}|null */
    private ?array $finish = null;

    /**
     * @param non-empty-list<WashDayStep> $steps
     * @param int $timed washes and dryings of this client that were timed, and that its minutes rest on
     */
    public function __construct(public readonly array $steps, public readonly int $timed = 0)
    {
        $this->network = new CriticalPath(self::tasks(
            $steps,
            static fn (WashDayStep $step): array => [$step->handsOnMinutes, $step->waitingMinutes],
        ));
    }

    /**
     * Hands do one thing after another; what waits goes on beside them, unless the next step needs it done.
     *
     * @param list<WashDayStep>                        $steps
     * @param callable(WashDayStep): array{float, float} $minutes hands and waiting
     *
     * @return list<PathTask>
     */
    private static function tasks(array $steps, callable $minutes): array
    {
        $tasks = $open = [];
        $hands = null;
        foreach ($steps as $step) {
            if ($step->afterClient) {
                continue;
            }
            [$handsOn, $waiting] = $minutes($step);
            $before = $hands === null ? [] : [$hands];
            if (! $step->beside) {
                $before = [...$before, ...$open];
                $open = [];
            }
            $tasks[] = new PathTask($step->key, $handsOn, 0.0, $before);
            $hands = $step->key;
            if ($step->waitingMinutes > 0) {
                $tasks[] = new PathTask("{$step->key}~", 0.0, $waiting, [$step->key]);
                $open[] = "{$step->key}~";
            }
        }

        return $tasks;
    }

    /** Minutes from the first step to the end of styling, as likely more as less; drying comes after them. */
    public function careMinutes(): float
    {
        $care = [];
        foreach ($this->steps as $step) {
            if ($step->kind === WashStepKind::Dry) {
                break;
            }
            $care[] = $step;
        }

        // To the tenth, so that whoever rounds it on rounds the same number.
        return round(
            self::finishOf(self::tasks(
                $care,
                static fn (WashDayStep $step): array => [$step->handsOnMinutes, $step->waitingMinutes],
            )),
            1,
        );
    }

    /** What the minutes are made of, each as likely more as less. */
    public function minutes(): WashMinutes
    {
        $hands = 0.0;
        foreach ($this->steps as $step) {
            if ($step->kind === WashStepKind::Dry) {
                break;
            }
            $hands += $step->afterClient ? 0.0 : $step->handsOnMinutes;
        }
        $care = $this->careMinutes();

        return new WashMinutes($care, round($hands, 1), round(max(0.0, $this->network->finishMinutes - $care), 1));
    }

    /** @return array{p10: float, p50: float, p90: float} minutes after the start */
    public function finishMinutes(): array
    {
        return $this->finish ??= $this->range();
    }

    /** @return array{p10: float, p50: float, p90: float} */
    private function range(): array
    {
        $chance = new SeededRandom(self::SEED);
        $finishes = [];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $finishes[] = self::finishOf(self::tasks($this->steps, static fn (WashDayStep $step): array => [
                $step->handsOnMinutes * exp($step->spread * $chance->normal()),
                $step->waitSpread > 0
                    ? $step->waitingMinutes * exp($step->waitSpread * $chance->normal())
                    : $step->waitingMinutes,
            ]));
        }
        sort($finishes);
        $at = static fn (float $share): float => $finishes[(int) round($share * (self::DRAWS - 1))];

        return ['p10' => $at(0.1), 'p50' => $at(0.5), 'p90' => $at(0.9)];
    }

    /**
     * The finish of tasks that stand in an order in which they can be done.
     *
     * @param list<PathTask> $tasks
     */
    private static function finishOf(array $tasks): float
    {
        $done = [];
        foreach ($tasks as $task) {
            $start = 0.0;
            foreach ($task->after as $before) {
                $start = max($start, $done[$before]);
            }
            $done[$task->key] = $start + $task->minutes();
        }

        return $done === [] ? 0.0 : max($done);
    }

    public function startMinutes(WashDayStep $step): ?float
    {
        return $this->network->times[$step->key]['start'] ?? null;
    }

    public function isCritical(WashDayStep $step): bool
    {
        $path = $this->network->criticalPath();

        return in_array($step->key, $path, true) || in_array("{$step->key}~", $path, true);
    }

    /**
     * @return array{
     *     steps: list<array<string, mixed>>, care_minutes: float, finish_minutes: array<string, float>,
     * } as bin/core prints it
     */
    public function toArray(): array
    {
        return [
            'steps' => array_map(fn (WashDayStep $step): array => [
                'start_minutes' => $this->startMinutes($step) === null ? null : round($this->startMinutes($step), 2),
                'critical' => $this->isCritical($step),
                ...$step->toArray(),
            ], $this->steps),
            'care_minutes' => $this->careMinutes(),
            'finish_minutes' => array_map(
                static fn (float $minutes): float => round($minutes, 1),
                $this->finishMinutes(),
            ),
        ];
    }
}
