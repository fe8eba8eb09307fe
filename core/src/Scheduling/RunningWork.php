<?php

declare(strict_types=1);

namespace Nagomi\Core\Scheduling;

use Nagomi\Core\Parameters\SchedulingParameters;

/**
 * What is left of a wash day that is tapped through as it goes: the steps that are open, from where it stands, not from
 * what the clock would make of the plan.
 */
final readonly class RunningWork
{
    /**
     * @param list<WorkSegment> $stretches
     * @param float             $wanted    minute of the day at which hands are wanted next
     * @param float             $until     minute of the day at which it is through, as likely more as less
     * @param float|null        $hold      minutes that what sits may wait beyond; null: hands are at it
     * @param HeatedWait|null   $heat      under which it sits
     */
    private function __construct(
        public array $stretches,
        public float $wanted,
        public float $until,
        private ?float $hold,
        public ?HeatedWait $heat = null,
    ) {
    }

    /**
     * @param list<OpenStep> $open      in their order
     * @param float          $now       minute of the day
     * @param float          $since     minute of the day from which hands have been at the first open step, or free
     * @param float|null     $due       minute of the day at which all that waits already is through; null: nothing waits
     * @param float|null     $dueHold   minutes that what waits already may sit on; null: as anything may
     * @param HeatedWait|null $dueHeat  under which it waits; null: under none
     */
    public static function of(
        array $open,
        float $now,
        float $since,
        SchedulingParameters $parameters,
        ?float $due = null,
        ?float $dueHold = null,
        ?HeatedWait $dueHeat = null,
    ): self {
        $hands = $since;
        $waits = $due ?? $since;
        $pieces = [];
        foreach ($open as $i => $step) {
            $start = $step->isBeside ? $hands : max($hands, $waits);
            $length = $step->handsMinutes;
            if ($i === 0) {
                // What is begun takes what is left of it; where that is over, hands are taken to be at it still.
                $length = $start < $now ? max(1.0, $start + $length - $now) : $length;
                $start = max($now, $start);
            }
            $hands = $start + $length;
            if ($length > 0) {
                $pieces[] = [$start, $length, $step];
            }
            $own = $step->waitingMinutes > 0 ? $hands + $step->waitingMinutes : 0.0;
            $waits = max($step->isBeside ? $waits : 0.0, $own);
        }
        $until = max($now, $hands, $waits);
        $wanted = $pieces[0][0] ?? $until;

        return new self(
            self::stretches($pieces, $until, $parameters),
            $wanted,
            $until,
            $wanted > $now ? $dueHold ?? (float) $parameters->mostHoldMinutes : null,
            $wanted > $now ? $dueHeat : null,
        );
    }

    /** As it is laid out with all others; null where only waiting is left, which needs no hands. */
    public function appointment(string $key, string $hands, int $begun, SchedulingParameters $parameters): ?Appointment
    {
        return $this->stretches === [] ? null : RemainingWork::work(
            $key,
            $hands,
            $begun,
            $this->stretches,
            RemainingWork::onGrid((int) floor($this->wanted), $parameters),
            $parameters,
            (int) min($this->hold ?? 0.0, $parameters->mostHoldMinutes),
            $this->heat,
        );
    }

    /**
     * @param list<array{float, float, OpenStep}> $pieces start, length and what it is
     *
     * @return list<WorkSegment> what follows on one another is one stretch
     */
    private static function stretches(array $pieces, float $until, SchedulingParameters $parameters): array
    {
        $joined = $holds = $heats = $uses = [];
        foreach ($pieces as [$start, $length, $step]) {
            $last = count($joined) - 1;
            if ($last < 0 || $start - $joined[$last]['end'] >= $parameters->shortestWaitMinutes) {
                $joined[] = ['start' => $start, 'variance' => 0.0, 'waiting' => 0.0];
                $last++;
            }
            $from = $start - $joined[$last]['start'];
            $uses[$last] = EquipmentUse::joined($uses[$last] ?? [], $step->equipment, $from, $from + $length);
            $joined[$last]['end'] = $start + $length;
            $joined[$last]['variance'] += ($step->spread * $length) ** 2;
            if ($step->waitingMinutes > 0) {
                $joined[$last]['waiting'] = $step->waitingSpread;
                $holds[$last] = ContactLimit::shorter($holds[$last] ?? null, $step->holdMinutes);
                $heats[$last] = HeatedWait::scarcer($heats[$last] ?? null, $step->heat);
            }
        }

        return array_map(
            static fn (int $i, array $piece): WorkSegment => new WorkSegment(
                $piece['end'] - $piece['start'],
                max(0.0, ($joined[$i + 1]['start'] ?? $until) - $piece['end']),
                sqrt($piece['variance']) / ($piece['end'] - $piece['start']),
                $piece['waiting'],
                $holds[$i] ?? null,
                $heats[$i] ?? null,
                $uses[$i] ?? [],
            ),
            array_keys($joined),
            $joined,
        );
    }
}
