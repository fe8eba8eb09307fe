<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\WashSession;
use App\Models\WashSessionAct;
use Carbon\CarbonImmutable;

/** Where a running wash day stands, from its acts alone. */
final class WashSessionState
{
    /**
     * @var array<string, array{
     *     status: string, at: CarbonImmutable|null, by: string, device: string, sections: array<int, true>,
     *     repeats: int, ml: float|null, bottle: string|null, notes: array<string, int>,
     * }> by step
     */
    private array $steps = [];

    /** @var list<string> keys in the order they are done in */
    private array $order = [];

    /**
     * @param list<array<string, mixed>> $plan
     * @param list<WashSessionAct>             $acts
     */
    private function __construct(private readonly array $plan, array $acts, private readonly CarbonImmutable $began)
    {
        foreach ($plan as $step) {
            $this->steps[is_string($step['key'] ?? null) ? $step['key'] : ''] = [
                'status' => 'open', 'at' => null, 'by' => '', 'device' => '', 'sections' => [], 'repeats' => 0,
                'ml' => null, 'bottle' => null, 'notes' => [],
            ];
        }
        $this->order = array_keys($this->steps);
        foreach ($acts as $act) {
            $this->apply($act);
        }
    }

    /** @param list<WashSessionAct> $acts in the order they were taken in */
    public static function of(WashSession $washSession, array $acts): self
    {
        return new self($washSession->steps(), $acts, $washSession->created_at);
    }

    /** One act more, after those it was made of. */
    public function apply(WashSessionAct $act): void
    {
        if ($act->refused !== null || ! isset($this->steps[$act->step])) {
            return;
        }
        $step = &$this->steps[$act->step];
        switch ($act->kind) {
            case 'done':
            case 'skip':
                [$step['status'], $step['at'], $step['by'], $step['device']] = [
                    $act->kind === 'done' ? 'done' : 'skipped',
                    $act->acted_at,
                    $act->by,
                    $act->device,
                ];
                break;
            case 'back':
                [$step['status'], $step['at']] = ['open', null];
                break;
            case 'repeat':
                [$step['status'], $step['at'], $step['sections']] = ['open', null, []];
                $step['repeats']++;
                break;
            case 'swap':
                $this->swap($act->step);
                break;
            case 'section':
                $section = is_int($act->value['section'] ?? null) ? $act->value['section'] : 0;
                $step['sections'][$section] = true;
                break;
            case 'amount':
                $step['ml'] = is_numeric($act->value['ml'] ?? null) ? max(0.0, (float) $act->value['ml']) : $step['ml'];
                break;
            case 'bottle':
                // What was said of the first bottle's amount is not the other's.
                [$step['ml'], $step['bottle']] = [null, $act->value['product'] ?? null];
                break;
            case 'note':
                $note = is_string($act->value['note'] ?? null) ? $act->value['note'] : '';
                $step['notes'][$note] = ($step['notes'][$note] ?? 0) + 1;
                break;
        }
    }

    /** The step trades places with the next one that is still open. */
    private function swap(string $key): void
    {
        $at = (int) array_search($key, $this->order, true);
        for ($next = $at + 1; $next < count($this->order); $next++) {
            if ($this->steps[$this->order[$next]]['status'] === 'open') {
                $this->order = array_values(array_replace($this->order, [$at => $this->order[$next], $next => $key]));

                return;
            }
        }
    }

    /** @return list<string> keys in the order they are done in */
    public function order(): array
    {
        return $this->order;
    }

    /**
     * Why an act does not count, as a key of lang/en/acts.php; null where it does. A step that is done or skipped
     * stays as it is until somebody takes it back; the tablet that did it may do it once more.
     */
    public function refuses(string $kind, string $step, string $device): ?string
    {
        $of = $this->steps[$step] ?? null;
        if ($of === null) {
            return 'no-step';
        }
        $isThere = $of['status'] !== 'open' && in_array($kind, ['done', 'skip', 'repeat'], true);

        return $isThere && ($kind !== 'repeat' || $of['device'] !== $device) ? $of['status'] : null;
    }

    /** @return array{by: string, at: CarbonImmutable|null} who did or skipped a step, and when */
    public function doneBy(string $step): array
    {
        return ['by' => $this->steps[$step]['by'] ?? '', 'at' => $this->steps[$step]['at'] ?? null];
    }

    public function isDone(string $step): bool
    {
        return ($this->steps[$step]['status'] ?? '') === 'done';
    }

    public function repeats(string $step): int
    {
        return $this->steps[$step]['repeats'] ?? 0;
    }

    public function count(string $step, string $note): int
    {
        return $this->steps[$step]['notes'][$note] ?? 0;
    }

    /** @return array{bottle: string|null, ml: float|null} what was said of a step's bottle; null: as planned */
    public function said(string $step): array
    {
        return ['bottle' => $this->steps[$step]['bottle'] ?? null, 'ml' => $this->steps[$step]['ml'] ?? null];
    }

    /**
     * Minutes of hands on a step: from the end of the one before, or of what it had to wait for, to its own; null where
     * it was not done.
     */
    public function handsMinutes(string $key): ?float
    {
        $end = $this->steps[$key]['at'] ?? null;
        if ($end === null) {
            return null;
        }
        $start = $this->began;
        foreach ($this->steps as $other => $step) {
            if (
                $other !== $key
                    && $step['at'] !== null
                    && $step['at']->lessThan($end)
                    && $step['at']->greaterThan($start)
            ) {
                $start = $step['at'];
            }
        }

        $due = $this->waitedForUntil($key);
        $start = $due !== null && $due->greaterThan($start) ? $due->min($end) : $start;

        return max(0.0, $start->diffInSeconds($end) / 60);
    }

    /** When all that a step had to wait for was due; null where there was nothing. */
    private function waitedForUntil(string $key): ?CarbonImmutable
    {
        $due = null;
        $open = [];
        foreach ($this->plan as $step) {
            $name = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (($step['beside'] ?? false) !== true) {
                if ($name === $key) {
                    foreach ($open as $one) {
                        $due = $due === null || $one->greaterThan($due) ? $one : $due;
                    }

                    return $due;
                }
                $open = $this->steps[$name]['status'] === 'skipped' ? $open : [];
            }
            $at = $this->steps[$name]['status'] === 'done' ? $this->steps[$name]['at'] : null;
            if ($at !== null && is_numeric($step['waiting_minutes'] ?? null) && $step['waiting_minutes'] > 0) {
                $open[] = $at->addSeconds((int) round(60 * (float) $step['waiting_minutes']));
            }
        }

        return null;
    }

    /** Minutes a treatment was on: from the end of putting it on to the end of the step that had to wait for it. */
    public function contactMinutes(string $key): ?float
    {
        $on = $this->steps[$key]['at'] ?? null;
        $found = false;
        foreach ($this->plan as $step) {
            $name = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (
                $found
                    && ($step['beside'] ?? false) !== true
                    && ($this->steps[$name]['at'] ?? null) !== null
                    && $this->steps[$name]['status'] === 'done'
            ) {
                $off = $this->steps[$name]['at']->subSeconds((int) round(60 * ($this->handsMinutes($name) ?? 0.0)));

                return $on === null ? null : max(0.0, $on->diffInSeconds($off) / 60);
            }
            $found = $found || $name === $key;
        }

        $planned = $this->planned($key)['waiting_minutes'] ?? null;

        // Nobody said when it came off: as long as it was meant to be on, and no longer than until now.
        return $on === null || ! is_numeric($planned)
            ? null
            : min((float) $planned, max(0.0, $on->diffInSeconds(CarbonImmutable::now()) / 60));
    }

    /** @return array<string, mixed> */
    private function planned(string $key): array
    {
        foreach ($this->plan as $step) {
            if (($step['key'] ?? null) === $key) {
                return $step;
            }
        }

        return [];
    }

    public function minutesInAll(): ?float
    {
        $last = null;
        foreach ($this->plan as $step) {
            $at = ($step['after_client'] ?? false) === true
                ? null
                : $this->steps[is_string($step['key'] ?? null) ? $step['key'] : '']['at'] ?? null;
            $last = $at !== null && ($last === null || $at->greaterThan($last)) ? $at : $last;
        }

        return $last === null ? null : round($this->began->diffInSeconds($last) / 60, 1);
    }

    /**
     * @return list<array{
     *     key: string, label: string, planned: float, actual: float|null, status: string,
     * }> hands-on minutes, planned and actual
     */
    public function compared(): array
    {
        return array_map(function (array $step): array {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $actual = $this->handsMinutes($key);

            return [
                'key' => $key,
                'label' => is_string($step['label'] ?? null) ? $step['label'] : '',
                'planned' => is_numeric($step['hands_on_minutes'] ?? null) ? (float) $step['hands_on_minutes'] : 0.0,
                'actual' => $actual === null ? null : round($actual, 1),
                'status' => $this->steps[$key]['status'],
            ];
        }, $this->plan);
    }

    /** @return array<string, array<string, mixed>> by step, as the tablet shows it */
    public function toArray(): array
    {
        return array_map(
            fn (array $step): array => [
                'status' => $step['status'], 'at' => $step['at']?->format('Y-m-d\TH:i:s.vP'), 'by' => $step['by'],
                'device' => $step['device'],
                'sections' => array_keys($step['sections']), 'repeats' => $step['repeats'], 'ml' => $step['ml'],
                'bottle' => $step['bottle'], 'notes' => (object) $step['notes'],
            ],
            $this->steps,
        );
    }
}
