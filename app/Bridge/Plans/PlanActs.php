<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use InvalidArgumentException;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** Works out what an act on a planned wash day makes of the season's terms. Nothing is stored. */
final readonly class PlanActs
{
    public function __construct(
        private StoredPlanTerms $storedPlanTerms,
    ) {
    }

    /**
     * @param string $value days to move by, minutes of mask to add, treatment to leave out
     *
     * @throws InvalidArgumentException with a sentence that says what can be done instead
     */
    public function of(Head $head, string $date, string $kind, string $value, string $by): PlanAct
    {
        $items = $this->items($head);
        $item = $items->first(fn (PlanItem $planned): bool => $planned->date->format('Y-m-d') === $date)
            ?? throw new InvalidArgumentException('That wash day is not planned any more; look at the season anew.');

        return match ($kind) {
            'move' => $this->moved($head, $items, $item, (int) $value, $by),
            'swap' => $this->swapped($head, $items, $item, $by),
            'mask' => $this->masked($head, $item, (int) $value, $by),
            'leave-out' => $this->leftOut($head, $item, $value, $by),
            default => throw new InvalidArgumentException('That cannot be done to a wash day.'),
        };
    }

    /** @return Collection<int, PlanItem> */
    private function items(Head $head): Collection
    {
        /** @var Collection<int, PlanItem> */
        return $head->planItems()->where('status', 'planned')->get();
    }

    /**
     * How far an item can be moved: not onto the wash day before or after, and not into the past.
     *
     * @param Collection<int, PlanItem> $items
     *
     * @return array{int, int} days earlier as a number below 0, days later
     */
    public function room(Collection $items, PlanItem $item, Head $head): array
    {
        $before = $items->filter(fn (PlanItem $other): bool => $other->date < $item->date)->last()?->date->addDays(2);
        $first = ($before ?? $head->salon->today())->max($head->salon->today());
        // Further on the day that falls due in between would be washed as well.
        $later = intdiv($head->wash_every_days, 2);

        return [min(0, (int) round($item->date->diffInDays($first->format('Y-m-d'), false))), $later];
    }

    /** @param Collection<int, PlanItem> $items */
    private function moved(Head $head, Collection $items, PlanItem $item, int $days, string $by): PlanAct
    {
        [$least, $most] = $this->room($items, $item, $head);
        if ($days === 0 || $days < $least || $days > $most) {
            throw new InvalidArgumentException(
                "That wash day can move from {$item->date->addDays($least)->format('j M')} to {$item->date->addDays($most)->format('j M')}; beyond that it would meet the next.",
            );
        }
        $to = $item->date->addDays($days);
        $says = "moved from {$item->date->format('j M')} to {$to->format('j M')}";

        return new PlanAct(
            $this->season($head, [$item->date->format('Y-m-d')], [$this->set($item, $to, $says, $by)]),
            ucfirst($says) . '.',
        );
    }

    /** @param Collection<int, PlanItem> $items */
    private function swapped(Head $head, Collection $items, PlanItem $item, string $by): PlanAct
    {
        $next = $items->first(fn (PlanItem $other): bool => $other->date > $item->date)
            ?? throw new InvalidArgumentException('There is no later wash day to swap with.');
        $says = "swapped {$item->date->format('j M')} with {$next->date->format('j M')}";
        $dates = [$item->date->format('Y-m-d'), $next->date->format('Y-m-d')];

        return new PlanAct(
            $this->season(
                $head,
                $dates,
                [$this->set($next, $item->date, $says, $by), $this->set($item, $next->date, $says, $by)],
            ),
            ucfirst($says) . '.',
        );
    }

    private function masked(Head $head, PlanItem $item, int $minutes, string $by): PlanAct
    {
        $now = $this->set($item, $item->date, '', $by)['mask_minutes'] ?? null;
        if (! is_float($now)) {
            throw new InvalidArgumentException('There is no mask on that day to make longer or shorter.');
        }
        $then = $now + $minutes;
        if ($minutes === 0 || $then < Step::LEAST_MINUTES || $then > 60) {
            throw new InvalidArgumentException(
                'A mask sits up to 60 minutes; leave it out instead of making it shorter than this.',
            );
        }
        $says = sprintf('mask of %s %d instead of %d minutes', $item->date->format('j M'), (int) $then, (int) $now);

        return new PlanAct(
            $this->season(
                $head,
                [$item->date->format('Y-m-d')],
                [['mask_minutes' => $then] + $this->set($item, $item->date, $says, $by)],
            ),
            ucfirst($says) . '.',
        );
    }

    private function leftOut(Head $head, PlanItem $item, string $treatment, string $by): PlanAct
    {
        $says = str_replace('-', ' ', $treatment) . " of {$item->date->format('j M')} left out";
        $set = $this->set($item, $item->date, $says, $by);
        $usual = $head->sore_scalp || $head->red_sign ? CleanseKind::Gentle : CleanseKind::Shampoo;
        [$there, $set] = match ($treatment) {
            'mask' => [isset($set['mask_minutes']), array_diff_key($set, ['mask_minutes' => true, 'heat' => true])],
            'protein' => [isset($set['protein']), array_diff_key($set, ['protein' => true])],
            'clarifying' => [
                is_string($set['cleanse']) && CleanseKind::tryFrom($set['cleanse'])?->clarifies() === true,
                ['cleanse' => $usual->value] + $set,
            ],
            default => throw new InvalidArgumentException('Mask, protein or clarifying can be left out.'),
        };
        if (! $there) {
            throw new InvalidArgumentException('That is not planned for that day.');
        }
        if ($treatment === 'mask' && ($set['protein'] ?? '') === StepKind::StrongProtein->value) {
            throw new InvalidArgumentException('Strong protein is never left without its mask; leave the protein out.');
        }

        return new PlanAct($this->season($head, [$item->date->format('Y-m-d')], [$set]), ucfirst($says) . '.');
    }

    /**
     * The season with some days set anew.
     *
     * @param list<string>               $dates that are set no longer as they were
     * @param list<array<string, mixed>> $sets
     *
     * @return array<string, mixed>
     */
    private function season(Head $head, array $dates, array $sets): array
    {
        $new = array_column($sets, 'date');
        $kept = array_filter(
            $this->storedPlanTerms->byHand($head),
            fn (array $set): bool => ! in_array($set['date'] ?? null, [...$dates, ...$new], true),
        );

        return $this->storedPlanTerms->with($head, ['by_hand' => [...array_values($kept), ...$sets]]);
    }

    /** @return array<string, mixed> an item as a day set by hand */
    private function set(PlanItem $item, CarbonImmutable $date, string $reason, string $by): array
    {
        $set = [
            'date' => $date->format('Y-m-d'), 'cleanse' => CleanseKind::Shampoo->value, 'passes' => 1, 'heat' => false,
            'reason' => $reason, 'by' => $by,
        ];
        $passes = 0;
        foreach ($item->steps as $step) {
            $kind = StepKind::tryFrom(is_string($step['kind'] ?? null) ? $step['kind'] : '');
            $minutes = is_numeric($step['minutes'] ?? null) ? (float) $step['minutes'] : null;
            $set = match (true) {
                // Clear, then moisturise: two kinds in one day are set by the first, each pass counted.
                $kind === StepKind::Cleanse => [
                    'cleanse' => $passes > 0 ? $set['cleanse'] : $step['cleanse'] ?? $set['cleanse'],
                    'passes' => $passes += is_int($step['passes'] ?? null) ? $step['passes'] : 1,
                ] + $set,
                $kind === StepKind::Mask => ['mask_minutes' => $minutes, 'heat' => $step['heat'] ?? false] + $set,
                $kind !== null && $kind->isProtein() => ['protein' => $kind->value] + $set,
                $kind === StepKind::PreWash => [
                    'pre_wash' => $step['how'] ?? 'oil',
                    'pre_wash_before' => ($step['evening_before'] ?? false) === true ? true : null,
                ] + $set,
                default => $set,
            };
        }

        return $set;
    }
}
