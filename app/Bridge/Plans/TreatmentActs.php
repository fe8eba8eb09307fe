<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Models\Head;
use App\Models\PlanItem;
use App\Wording\SalonClock;
use App\Wording\Words;
use Illuminate\Support\Collection;
use InvalidArgumentException;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** What is done to one treatment of a planned wash day, while the rest of the day stays. Nothing is stored. */
final readonly class TreatmentActs
{
    public const TREATMENTS = ['mask', 'protein', 'clarifying'];

    private const FURTHEST = 3;

    public function __construct(private HandSetDays $handSetDays)
    {
    }

    /**
     * A treatment is done on a later or an earlier wash day instead.
     *
     * @param Collection<int, PlanItem> $items
     * @param string                    $value treatment and how many wash days on, such as mask:1 or protein:-2
     *
     * @throws InvalidArgumentException with a sentence that says what can be done instead
     */
    public function carried(Head $head, Collection $items, PlanItem $item, string $value, string $by): PlanAct
    {
        [$treatment, $on] = self::asked($value);
        $to = $this->target($items, $item, $on);
        $says = Words::say('plan.acts.carried', [
            'what' => Words::say("plan.acts.{$treatment}"),
            'from' => SalonClock::dayInWords($item->date, 'j M'),
            'to' => SalonClock::dayInWords($to->date, 'j M'),
        ]);
        $source = $this->handSetDays->set($item, $item->date, $says, $by);
        $target = $this->handSetDays->set($to, $to->date, $says, $by);
        if (! self::has($source, $treatment)) {
            throw new InvalidArgumentException(Words::say('plan.acts.not-planned'));
        }
        if (self::has($target, $treatment)) {
            throw new InvalidArgumentException(Words::say('plan.acts.there-already', [
                'day' => SalonClock::dayInWords($to->date, 'j M'),
                'what' => Words::say("plan.acts.{$treatment}"),
            ]));
        }
        [$source, $target] = $this->exchanged($head, $source, $target, $treatment);
        $dates = [$item->date->format('Y-m-d'), $to->date->format('Y-m-d')];

        return new PlanAct($this->handSetDays->season($head, $dates, [$source, $target]), ucfirst($says) . '.');
    }

    /**
     * Protein of a day is done mild or strong instead.
     *
     * @throws InvalidArgumentException with a sentence that says what can be done instead
     */
    public function strengthened(Head $head, PlanItem $item, string $value, string $by): PlanAct
    {
        $says = Words::say("plan.acts.{$value}", ['day' => SalonClock::dayInWords($item->date, 'j M')]);
        $set = $this->handSetDays->set($item, $item->date, $says, $by);
        $kind = StepKind::tryFrom($value);
        if ($kind === null || ! $kind->isProtein() || ($set['protein'] ?? $value) === $value) {
            throw new InvalidArgumentException(Words::say('plan.acts.no-strength'));
        }
        if ($kind === StepKind::StrongProtein && ! isset($set['mask_minutes'])) {
            throw new InvalidArgumentException(Words::say('plan.acts.strong-needs-a-mask'));
        }

        return new PlanAct(
            $this->handSetDays->season($head, [$item->date->format('Y-m-d')], [['protein' => $value] + $set]),
            ucfirst($says) . '.',
        );
    }

    /** @return array{string, int} treatment and wash days on */
    private static function asked(string $value): array
    {
        $isRead = preg_match('/^([a-z]+):(-?[1-9])$/', $value, $parts) === 1;
        if (! $isRead || ! in_array($parts[1], self::TREATMENTS, true)) {
            throw new InvalidArgumentException(Words::say('plan.acts.what'));
        }

        return [$parts[1], (int) $parts[2]];
    }

    /** @param Collection<int, PlanItem> $items */
    private function target(Collection $items, PlanItem $item, int $on): PlanItem
    {
        $planned = $items->sortBy(fn (PlanItem $one): string => $one->date->format('Y-m-d'))->values();
        $at = $planned->search(fn (PlanItem $one): bool => $one->id === $item->id);
        $to = abs($on) > self::FURTHEST || ! is_int($at) ? null : $planned->get($at + $on);

        return $to ?? throw new InvalidArgumentException(
            Words::say('plan.acts.no-wash-day', ['most' => self::FURTHEST]),
        );
    }

    /** @param array<string, mixed> $set */
    private static function has(array $set, string $treatment): bool
    {
        return match ($treatment) {
            'mask' => isset($set['mask_minutes']),
            'protein' => isset($set['protein']),
            default => is_string($set['cleanse']) && CleanseKind::tryFrom($set['cleanse'])?->clarifies() === true,
        };
    }

    /**
     * @param array<string, mixed> $source
     * @param array<string, mixed> $target
     *
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    private function exchanged(Head $head, array $source, array $target, string $treatment): array
    {
        $isStrong = ($source['protein'] ?? null) === StepKind::StrongProtein->value;
        if ($treatment === 'mask') {
            if ($isStrong) {
                throw new InvalidArgumentException(Words::say('plan.acts.mask-of-strong'));
            }
            $mask = ['mask_minutes' => true, 'heat' => true];

            return [array_diff_key($source, $mask), array_intersect_key($source, $mask) + $target];
        }
        if ($treatment === 'protein') {
            // Strong protein is never without its mask: where it comes to a day without one, a mask comes along.
            $along = $isStrong && ! isset($target['mask_minutes'])
                ? array_intersect_key($source, ['mask_minutes' => true, 'heat' => true])
                : [];

            return [array_diff_key($source, ['protein' => true]), ['protein' => $source['protein']] + $along + $target];
        }
        $usual = $head->sore_scalp || $head->red_sign ? CleanseKind::Gentle : CleanseKind::Shampoo;

        return [['cleanse' => $usual->value] + $source, ['cleanse' => $source['cleanse']] + $target];
    }
}
