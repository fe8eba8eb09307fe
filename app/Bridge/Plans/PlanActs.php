<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\BookedDay;
use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Works out what an act on a planned wash day makes of the season's terms. Nothing is stored. */
final readonly class PlanActs
{
    public function __construct(
        private HandSetDays $handSetDays,
        private TreatmentActs $treatmentActs,
        private Parameters $parameters,
    ) {
    }

    /**
     * @param string $value days to move by, minutes of mask to add, treatment to leave out, treatment and how many
     *     wash days later or earlier it is to be done, or strength of protein
     *
     * @throws InvalidArgumentException with a sentence that says what can be done instead
     */
    public function of(Head $head, string $date, string $kind, string $value, string $by): PlanAct
    {
        $items = $this->items($head);
        $item = $items->first(fn (PlanItem $planned): bool => $planned->date->format('Y-m-d') === $date)
            ?? throw new InvalidArgumentException(Words::say('refusals.plan-act.gone'));

        return match ($kind) {
            'move' => $this->moved($head, $items, $item, (int) $value, $by),
            'swap' => $this->swapped($head, $items, $item, $by),
            'mask' => $this->masked($head, $item, (int) $value, $by),
            'leave-out' => $this->leftOut($head, $item, $value, $by),
            'carry' => $this->treatmentActs->carried($head, $items, $item, $value, $by),
            'strength' => $this->treatmentActs->strengthened($head, $item, $value, $by),
            default => throw new InvalidArgumentException(Words::say('refusals.plan-act.unknown')),
        };
    }

    private static function day(CarbonImmutable $day): string
    {
        return SalonClock::dayInWords($day, 'j M');
    }

    private function movesDays(): int
    {
        return $this->parameters->washDay->movesDays;
    }

    /** @return Collection<int, PlanItem> */
    private function items(Head $head): Collection
    {
        /** @var Collection<int, PlanItem> */
        return $head->planItems()->where('status', 'planned')->get();
    }

    /**
     * @param Collection<int, PlanItem> $items
     * @param array<string, BookedDay>  $booked in the salon, by day
     *
     * @return array<string, array{int, int}> how far each can be moved, by its day
     */
    public function rooms(Collection $items, Head $head, array $booked): array
    {
        $rooms = [];
        foreach ($items as $item) {
            $rooms[$item->date->format('Y-m-d')] = $this->room($items, $item, $head, $booked);
        }

        return $rooms;
    }

    /**
     * How far an item can be moved: not onto the wash day before or after, and not into the past.
     *
     * @param Collection<int, PlanItem> $items
     *
     * @param array<string, BookedDay>  $booked in the salon, by day
     *
     * @return array{int, int} days earlier as a number below 0, days later
     */
    private function room(Collection $items, PlanItem $item, Head $head, array $booked): array
    {
        if (isset($booked[$item->date->format('Y-m-d')])) {
            return [0, 0];
        }
        $before = $items->filter(fn (PlanItem $other): bool => $other->date < $item->date)->last()?->date->addDays(2);
        $first = ($before ?? $head->salon->today())->max($head->salon->today());
        // Further on the day that falls due in between would be washed as well.
        $later = intdiv($head->wash_every_days, 2);

        $least = min(0, (int) round($item->date->diffInDays($first->format('Y-m-d'), false)));
        // Nearer to a salon wash it would be that one.
        foreach (array_keys($booked) as $day) {
            $apart = (int) round($item->date->diffInDays($day, false));
            $later = $apart > 0 ? min($later, max(0, $apart - $this->movesDays() - 1)) : $later;
            $least = $apart < 0 ? max($least, min(0, $apart + $this->movesDays() + 1)) : $least;
        }

        return [$least, $later];
    }

    /** @param Collection<int, PlanItem> $items */
    private function moved(Head $head, Collection $items, PlanItem $item, int $days, string $by): PlanAct
    {
        $booked = BookedDay::of($head);
        $salon = $booked[$item->date->format('Y-m-d')] ?? null;
        if ($salon !== null) {
            throw new InvalidArgumentException($salon->says('booking.move-booking'));
        }
        [$least, $most] = $this->room($items, $item, $head, $booked);
        if ($days === 0 || $days < $least || $days > $most) {
            throw new InvalidArgumentException(Words::say('refusals.plan-act.room', [
                'from' => self::day($item->date->addDays($least)), 'until' => self::day($item->date->addDays($most)),
            ]));
        }
        $to = $item->date->addDays($days);
        $says = Words::say('plan-acts.moved', ['from' => self::day($item->date), 'until' => self::day($to)]);

        return new PlanAct(
            $this->handSetDays->season(
                $head,
                [$item->date->format('Y-m-d')],
                [$this->handSetDays->set($item, $to, $says, $by)],
            ),
            ucfirst($says) . '.',
        );
    }

    /** @param Collection<int, PlanItem> $items */
    private function swapped(Head $head, Collection $items, PlanItem $item, string $by): PlanAct
    {
        $next = $items->first(fn (PlanItem $other): bool => $other->date > $item->date)
            ?? throw new InvalidArgumentException(Words::say('refusals.plan-act.no-later'));
        $says = Words::say('plan-acts.swapped', [
            'from' => self::day($item->date), 'until' => self::day($next->date),
        ]);
        $dates = [$item->date->format('Y-m-d'), $next->date->format('Y-m-d')];

        return new PlanAct(
            $this->handSetDays->season(
                $head,
                $dates,
                [
                    $this->handSetDays->set($next, $item->date, $says, $by),
                    $this->handSetDays->set($item, $next->date, $says, $by),
                ],
            ),
            ucfirst($says) . '.',
        );
    }

    private function masked(Head $head, PlanItem $item, int $minutes, string $by): PlanAct
    {
        $now = $this->handSetDays->set($item, $item->date, '', $by)['mask_minutes'] ?? null;
        if (! is_float($now)) {
            throw new InvalidArgumentException(Words::say('refusals.plan-act.no-mask'));
        }
        $then = $now + $minutes;
        if ($minutes === 0 || $then < Step::LEAST_MINUTES || $then > 60) {
            throw new InvalidArgumentException(Words::say('refusals.plan-act.mask-minutes'));
        }
        $says = Words::say('plan-acts.masked', [
            'day' => self::day($item->date), 'then' => (int) $then, 'now' => (int) $now,
        ]);

        return new PlanAct(
            $this->handSetDays->season(
                $head,
                [$item->date->format('Y-m-d')],
                [['mask_minutes' => $then] + $this->handSetDays->set($item, $item->date, $says, $by)],
            ),
            ucfirst($says) . '.',
        );
    }

    private function leftOut(Head $head, PlanItem $item, string $treatment, string $by): PlanAct
    {
        $says = Words::say('plan-acts.left-out', [
            'what' => Words::say("plan-acts.treatments.{$treatment}"), 'day' => self::day($item->date),
        ]);
        $set = $this->handSetDays->set($item, $item->date, $says, $by);
        $usual = $head->sore_scalp || $head->red_sign ? CleanseKind::Gentle : CleanseKind::Shampoo;
        [$there, $set] = match ($treatment) {
            'mask' => [isset($set['mask_minutes']), array_diff_key($set, ['mask_minutes' => true, 'heat' => true])],
            'protein' => [isset($set['protein']), array_diff_key($set, ['protein' => true])],
            'clarifying' => [
                is_string($set['cleanse']) && CleanseKind::tryFrom($set['cleanse'])?->clarifies() === true,
                ['cleanse' => $usual->value] + $set,
            ],
            default => throw new InvalidArgumentException(Words::say('refusals.plan-act.left-out')),
        };
        if (! $there) {
            throw new InvalidArgumentException(Words::say('refusals.plan-act.not-that-day'));
        }
        if ($treatment === 'mask' && ($set['protein'] ?? '') === StepKind::StrongProtein->value) {
            throw new InvalidArgumentException(Words::say('refusals.plan-act.pair'));
        }

        return new PlanAct(
            $this->handSetDays->season($head, [$item->date->format('Y-m-d')], [$set]),
            ucfirst($says) . '.',
        );
    }
}
