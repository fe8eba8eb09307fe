<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\WashSession;
use App\Models\WashSessionAct;
use Carbon\CarbonImmutable;

/**
 * Where a running wash day stands, from its acts alone.
 *
 * @phpstan-type StepStands array{
 *     status: string, at: CarbonImmutable|null, by: string, device: string, sections: array<int, true>,
 *     repeats: int, ml: float|null, bottle: string|null, notes: array<string, int>, of: string|null,
 *     set: array<string, mixed>,
 * }
 */
final class WashSessionState
{
    /** Steps of a day, beyond which somebody is playing. */
    private const MOST_STEPS = 60;

    /** @var array<string, StepStands> by key */
    private array $steps = [];

    /** @var list<string> keys in the order they are done in */
    private array $order = [];

    private WashPauses $pauses;

    /** @var array<string, array<string, mixed>> what was planned, by key */
    private readonly array $planned;

    /**
     * @param list<array<string, mixed>>          $plan
     * @param array<string, array<string, mixed>> $palette what can be put in, by key
     * @param list<WashSessionAct>                $acts
     */
    private function __construct(
        array $plan,
        private readonly array $palette,
        array $acts,
        public readonly CarbonImmutable $began,
        private readonly float $partMinutes,
    ) {
        $this->pauses = new WashPauses();
        $planned = [];
        foreach ($plan as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            $planned[$key] = $step;
            $this->steps[$key] = self::open(null);
        }
        $this->planned = $planned;
        $this->order = array_keys($this->steps);
        foreach ($acts as $act) {
            $this->apply($act);
        }
    }

    /** @param list<WashSessionAct> $acts in the order they were taken in */
    public static function of(WashSession $washSession, array $acts): self
    {
        return new self(
            $washSession->steps(),
            $washSession->palette(),
            $acts,
            $washSession->began(),
            $washSession->partMinutes(),
        );
    }

    /** @return StepStands */
    private static function open(?string $of): array
    {
        return [
            'status' => 'open', 'at' => null, 'by' => '', 'device' => '', 'sections' => [], 'repeats' => 0,
            'ml' => null, 'bottle' => null, 'notes' => [], 'of' => $of, 'set' => [],
        ];
    }

    /** One act more, after those it was made of. */
    public function apply(WashSessionAct $act): void
    {
        if ($act->refused !== null) {
            return;
        }
        $value = $act->value ?? [];
        if ($act->kind === 'add') {
            $this->steps[$act->step] = self::open(is_string($value['of'] ?? null) ? $value['of'] : '');
        }
        match (true) {
            $act->kind === 'pause', $act->kind === 'resume'
                => $this->pauses = $this->pauses->with($act->kind === 'pause', $act->acted_at),
            ! isset($this->steps[$act->step]) => null,
            $act->kind === 'swap' => $this->swap($act->step),
            $act->kind === 'add', $act->kind === 'move' => $this->move($act->step, $value['after'] ?? null),
            in_array($act->kind, ['done', 'skip', 'back', 'repeat'], true) => $this->end($act),
            default => $this->say($act->step, $act->kind, $value),
        };
    }

    private function end(WashSessionAct $act): void
    {
        $step = &$this->steps[$act->step];
        $isEnd = $act->kind === 'done' || $act->kind === 'skip';
        $step['status'] = ['done' => 'done', 'skip' => 'skipped'][$act->kind] ?? 'open';
        // Said when the day ended, of what nobody tapped: it was done, and when is not known.
        $step['at'] = $isEnd && ($act->value['untimed'] ?? false) !== true ? $act->acted_at : null;
        if ($isEnd) {
            // Whoever ends a step goes on.
            $this->pauses = $this->pauses->with(false, $act->acted_at);
            [$step['by'], $step['device']] = [$act->by, $act->device];
        }
        if ($act->kind === 'repeat') {
            $step['sections'] = [];
            $step['repeats']++;
        }
    }

    /** @param array<string, mixed> $value what was said of a step beside that it is done */
    private function say(string $key, string $kind, array $value): void
    {
        $step = &$this->steps[$key];
        switch ($kind) {
            case 'set':
                $step['set'] = array_diff_key($value, ['because' => 0, 'rule' => 0]) + $step['set'];
                break;
            case 'section':
                $step['sections'][is_int($value['section'] ?? null) ? $value['section'] : 0] = true;
                break;
            case 'amount':
                $step['ml'] = is_numeric($value['ml'] ?? null) ? max(0.0, (float) $value['ml']) : $step['ml'];
                break;
            case 'bottle':
                // What was said of the first bottle's amount is not the other's.
                $product = $value['product'] ?? null;
                [$step['ml'], $step['bottle']] = [null, is_string($product) ? $product : null];
                break;
            case 'note':
                $note = is_string($value['note'] ?? null) ? $value['note'] : '';
                $step['notes'][$note] = ($step['notes'][$note] ?? 0) + 1;
                break;
        }
    }

    /** @param mixed $after key of the step it comes after; null: before all others */
    private function move(string $key, mixed $after): void
    {
        $order = array_values(array_filter($this->order, static fn (string $other): bool => $other !== $key));
        $at = is_string($after) ? array_search($after, $order, true) : -1;
        array_splice($order, $at === false ? count($order) : $at + 1, 0, [$key]);
        $this->order = $order;
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
     *
     * @param array<array-key, mixed> $value of the act
     */
    public function refuses(string $kind, string $step, string $device, array $value = []): ?string
    {
        $after = $value['after'] ?? null;
        $hasPlace = $after === null || (is_string($after) && isset($this->steps[$after]) && $after !== $step);
        if ($kind === 'add') {
            return match (true) {
                isset($this->steps[$step]) => 'there',
                ! isset($this->palette[is_string($value['of'] ?? null) ? $value['of'] : '']) => 'no-template',
                count($this->steps) >= self::MOST_STEPS => 'too-many',
                default => $hasPlace ? null : 'no-step',
            };
        }
        if ($kind === 'pause' || $kind === 'resume') {
            return null;
        }
        $of = $this->steps[$step] ?? null;
        if ($of === null || ($kind === 'move' && ! $hasPlace)) {
            return 'no-step';
        }
        $isThere = $of['status'] !== 'open' && in_array($kind, ['done', 'skip', 'repeat', 'move', 'set'], true);

        return $isThere && ($kind !== 'repeat' || $of['device'] !== $device) ? $of['status'] : null;
    }

    /** @return array<string, mixed> the step as it is done: planned or put in, and as it was changed; [] for none */
    public function step(string $key): array
    {
        $of = $this->steps[$key]['of'] ?? null;
        $step = $of === null ? $this->planned[$key] ?? [] : $this->palette[$of] ?? [];

        return $step === [] ? [] : ['key' => $key] + WashStepChange::applied(
            $step,
            $this->steps[$key]['set'],
            $this->partMinutes,
        );
    }

    /** @return list<array<string, mixed>> in the order they are done in, those skipped among them */
    public function steps(): array
    {
        return array_map($this->step(...), $this->order);
    }

    /** @return string|null what a step was put in as; null where it was planned */
    public function templateOf(string $step): ?string
    {
        return $this->steps[$step]['of'] ?? null;
    }

    /** @return int|null sections a step is done in; null where it is not done by section, or is no step */
    public function sectionsOf(string $step): ?int
    {
        $sections = $this->step($step)['sections'] ?? null;

        return is_int($sections) ? $sections : null;
    }

    public function pauses(): WashPauses
    {
        return $this->pauses;
    }

    public function status(string $step): string
    {
        return $this->steps[$step]['status'] ?? '';
    }

    public function isSkipped(string $step): bool
    {
        return ($this->steps[$step]['status'] ?? '') === 'skipped';
    }

    public function endedAt(string $step): ?CarbonImmutable
    {
        return $this->steps[$step]['at'] ?? null;
    }

    /** @return array{by: string, at: CarbonImmutable|null} */
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

    /** @return array<string, array<string, mixed>> by step, as the tablet shows it */
    public function toArray(): array
    {
        return array_map(
            fn (array $step): array => [
                'status' => $step['status'], 'at' => $step['at']?->format('Y-m-d\TH:i:s.vP'), 'by' => $step['by'],
                'device' => $step['device'],
                'sections' => array_keys($step['sections']), 'repeats' => $step['repeats'], 'ml' => $step['ml'],
                'bottle' => $step['bottle'], 'notes' => (object) $step['notes'], 'of' => $step['of'],
                'set' => (object) $step['set'],
            ],
            $this->steps,
        );
    }
}
