<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use Carbon\CarbonImmutable;

/** How long the steps of a wash day really took, from when they were ended. */
final readonly class WashSessionTimes
{
    /** @var array<string, array<string, mixed>> by key, in the order they are done in */
    private array $steps;

    public function __construct(private WashSessionState $state)
    {
        $steps = [];
        foreach ($state->steps() as $step) {
            $steps[is_string($step['key'] ?? null) ? $step['key'] : ''] = $step;
        }
        $this->steps = $steps;
    }

    /**
     * Minutes of hands on a step: from the end of the one before, or of what it had to wait for, to its own; null where
     * it was not done.
     */
    public function hands(string $key): ?float
    {
        $end = $this->state->endedAt($key);
        if ($end === null) {
            return null;
        }
        $start = $this->state->began;
        foreach (array_keys($this->steps) as $other) {
            $at = $this->state->endedAt($other);
            if ($other !== $key && $at !== null && $at->lessThan($end) && $at->greaterThan($start)) {
                $start = $at;
            }
        }
        $due = $this->waitedForUntil($key);
        $start = $due !== null && $due->greaterThan($start) ? $due->min($end) : $start;

        return max(0.0, $start->diffInSeconds($end) / 60 - $this->state->pauses()->minutes($start, $end));
    }

    /** When all that a step had to wait for was due; null where there was nothing. */
    private function waitedForUntil(string $key): ?CarbonImmutable
    {
        $due = null;
        $open = [];
        foreach ($this->steps as $name => $step) {
            if (($step['beside'] ?? false) !== true) {
                if ($name === $key) {
                    foreach ($open as $one) {
                        $due = $due === null || $one->greaterThan($due) ? $one : $due;
                    }

                    return $due;
                }
                $open = $this->state->isSkipped($name) ? $open : [];
            }
            $at = $this->state->isDone($name) ? $this->state->endedAt($name) : null;
            if ($at !== null && is_numeric($step['waiting_minutes'] ?? null) && $step['waiting_minutes'] > 0) {
                $open[] = $at->addSeconds((int) round(60 * (float) $step['waiting_minutes']));
            }
        }

        return null;
    }

    /** Minutes a treatment was on: from the end of putting it on to the end of the step that had to wait for it. */
    public function contact(string $key): ?float
    {
        $on = $this->state->endedAt($key);
        $found = false;
        foreach ($this->steps as $name => $step) {
            $end = $this->state->endedAt($name);
            if ($found && ($step['beside'] ?? false) !== true && $end !== null && $this->state->isDone($name)) {
                $off = $end->subSeconds((int) round(60 * ($this->hands($name) ?? 0.0)));

                return $on === null ? null : max(0.0, $on->diffInSeconds($off) / 60);
            }
            $found = $found || $name === $key;
        }
        $planned = $this->steps[$key]['waiting_minutes'] ?? null;

        // Nobody said when it came off: as long as it was meant to be on, and no longer than until now.
        return $on === null || ! is_numeric($planned)
            ? null
            : min((float) $planned, max(0.0, $on->diffInSeconds(CarbonImmutable::now()) / 60));
    }

    /**
     * Of the minutes something was on those that count: hair detangled under its conditioner keeps it on for longer than
     * its own time, as it was planned, and is not conditioned for longer by it.
     *
     * @param float                $contact minutes it was on
     * @param array<string, float> $said    minutes of steps as somebody said they were, by key
     */
    public function counted(string $key, float $contact, array $said): float
    {
        $waits = $this->steps[$key]['waiting_minutes'] ?? null;
        $waits = is_numeric($waits) ? (float) $waits : 0.0;
        $under = 0.0;
        $names = array_keys($this->steps);
        foreach (array_slice($names, (int) array_search($key, $names, true) + 1) as $name) {
            if (($this->steps[$name]['beside'] ?? false) !== true) {
                break;
            }
            $under += $this->state->isDone($name) ? $said[$name] ?? $this->hands($name) ?? 0.0 : 0.0;
        }

        return max($contact - max(0.0, $under - $waits), min($contact, $waits));
    }

    /**
     * Minutes a drying took: held, those of the hands; else from when it was left to when somebody went on with it, less
     * what that usually takes. Null where nobody did: that it is dry by now nobody saw.
     */
    public function dried(string $key): ?float
    {
        $waits = $this->steps[$key]['waiting_minutes'] ?? null;
        if (! is_numeric($waits) || $waits <= 0) {
            return $this->hands($key);
        }
        [$on, $names] = [$this->state->endedAt($key), array_keys($this->steps)];
        foreach (array_slice($names, (int) array_search($key, $names, true) + 1) as $name) {
            $end = $this->state->isDone($name) ? $this->state->endedAt($name) : null;
            if ($on !== null && $end !== null && ($this->steps[$name]['beside'] ?? false) !== true) {
                $hands = $this->steps[$name]['hands_on_minutes'] ?? null;

                return $on->diffInSeconds($end) / 60 - (is_numeric($hands) ? (float) $hands : 0.0);
            }
        }

        return null;
    }

    /** Minutes from the begin to the last tap; null where a step was left open, or done and nobody tapped when. */
    public function inAll(): ?float
    {
        $last = null;
        foreach ($this->steps as $name => $step) {
            if (($step['after_client'] ?? false) === true) {
                continue;
            }
            $at = $this->state->endedAt($name);
            if ($at === null) {
                return null;
            }
            $last = $last === null || $at->greaterThan($last) ? $at : $last;
        }

        return $last === null ? null : round($this->state->began->diffInSeconds($last) / 60, 1);
    }

    /**
     * @return list<array{
     *     key: string, label: mixed, planned: float, actual: float|null, status: string,
     * }> hands-on minutes, planned and actual
     */
    public function compared(): array
    {
        $compared = [];
        foreach ($this->steps as $key => $step) {
            $actual = $this->hands($key);
            $compared[] = [
                'key' => $key,
                'label' => $step['label'] ?? '',
                'planned' => is_numeric($step['hands_on_minutes'] ?? null) ? (float) $step['hands_on_minutes'] : 0.0,
                'actual' => $actual === null ? null : round($actual, 1),
                'status' => $this->state->status($key),
            ];
        }

        return $compared;
    }
}
