<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use InvalidArgumentException;

/** The steps of a wash day as a network: when each can begin, when it must, and which of them the finish hangs on. */
final readonly class CriticalPath
{
    /** A task with less slack than this is on the critical path: a second. */
    private const CRITICAL_BELOW_MINUTES = 1 / 60;

    /**
     * @var array<string, array{
     *     start: float, latest: float, finish: float,
     * }> by key, in an order in which they can be done
     */
    public array $times;

    public float $finishMinutes;

    /**
     * @param list<PathTask> $tasks
     *
     * @throws InvalidArgumentException for a key that stands twice, a task that waits for one that is not there, or
     *     tasks that wait for one another
     */
    public function __construct(array $tasks)
    {
        $byKey = [];
        foreach ($tasks as $task) {
            if (isset($byKey[$task->key])) {
                throw new InvalidArgumentException("{$task->key} stands there twice.");
            }
            $byKey[$task->key] = $task;
        }
        $order = self::ordered($byKey);
        $start = $finish = [];
        foreach ($order as $key) {
            $start[$key] = max([
                0.0,
                ...array_map(static fn (string $before): float => $finish[$before], $byKey[$key]->after),
            ]);
            $finish[$key] = $start[$key] + $byKey[$key]->minutes();
        }
        $end = $finish === [] ? 0.0 : max($finish);
        $latest = array_map(static fn (PathTask $task): float => $end - $task->minutes(), $byKey);
        foreach (array_reverse($order) as $key) {
            foreach ($byKey[$key]->after as $before) {
                $latest[$before] = min($latest[$before], $latest[$key] - $byKey[$before]->minutes());
            }
        }
        $times = [];
        foreach ($order as $key) {
            $times[$key] = ['start' => $start[$key], 'latest' => $latest[$key], 'finish' => $finish[$key]];
        }
        $this->times = $times;
        $this->finishMinutes = $end;
    }

    /**
     * @param array<string, PathTask> $tasks
     *
     * @return list<string> each after all it waits for; where several could be next, in the order they were given
     */
    private static function ordered(array $tasks): array
    {
        $order = [];
        $done = [];
        while (count($order) < count($tasks)) {
            $before = count($order);
            foreach ($tasks as $key => $task) {
                foreach ($task->after as $waitsFor) {
                    if (! isset($tasks[$waitsFor])) {
                        throw new InvalidArgumentException("{$key} waits for {$waitsFor}, which is not there.");
                    }
                }
                if (! isset($done[$key]) && array_diff($task->after, array_keys($done)) === []) {
                    $order[] = $key;
                    $done[$key] = true;
                }
            }
            if (count($order) === $before) {
                throw new InvalidArgumentException(
                    'These wait for one another: ' . implode(', ', array_keys(array_diff_key($tasks, $done))) . '.',
                );
            }
        }

        return $order;
    }

    /** Minutes a task may slip before the finish does. */
    public function slackMinutes(string $key): float
    {
        return $this->times[$key]['latest'] - $this->times[$key]['start'];
    }

    /** @return list<string> keys of the tasks the finish hangs on */
    public function criticalPath(): array
    {
        return array_values(array_filter(
            array_keys($this->times),
            fn (string $key): bool => $this->slackMinutes($key) < self::CRITICAL_BELOW_MINUTES,
        ));
    }
}
