<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use DateTimeImmutable;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** What a step of a wash day asks of its bottle. */
final readonly class BottleNeed
{
    /**
     * @param 'strong'|'mild'|'none'|null $protein what it must hold of protein; null: it does not matter
     * @param CleanseKind|null            $cleanse null for what does not cleanse
     * @param float                       $minutes it sits, 0 or more
     * @param float                       $ml      for the whole head, 0 or more
     */
    public function __construct(
        public ProductKind $kind,
        public DateTimeImmutable $on,
        public float $ml,
        public ?string $protein = null,
        public ?CleanseKind $cleanse = null,
        public float $minutes = 0.0,
    ) {
    }

    /**
     * @param list<Step> $day         all steps of the day
     * @param bool       $freeOfProtein the head is to have none beside what is planned
     * @param float      $minutes     it must bear at least, on other days
     */
    public static function of(
        Step $step,
        array $day,
        ProductKind $kind,
        DateTimeImmutable $on,
        float $ml,
        bool $freeOfProtein,
        float $minutes = 0.0,
    ): self {
        $kinds = array_map(static fn (Step $one): StepKind => $one->kind, $day);
        // A mask after strong protein gives back moisture; more protein on top would undo it.
        $free = $freeOfProtein || in_array(StepKind::StrongProtein, $kinds, true);

        return new self($kind, $on, $ml, match (true) {
            $step->kind === StepKind::StrongProtein => 'strong',
            $step->kind === StepKind::MildProtein => 'mild',
            $step->kind === StepKind::Mask && $free => 'none',
            default => null,
        }, $step->cleanse, max($minutes, $step->minutes ?? 0.0));
    }

    /**
     * How often a day takes its bottle: every pass of every step of the kind counts.
     *
     * @param Step|null  $step the one that asks, which need not be among them; null for what no plan asks for
     * @param list<Step> $day  all steps of the day
     *
     * @return int 1 or more
     */
    public static function times(ProductKind $kind, ?Step $step, array $day): int
    {
        $passes = array_map(static fn (Step $one): int => ProductKind::of($one) === $kind ? $one->passes : 0, $day);

        return max(1, $step->passes ?? 1, (int) array_sum($passes));
    }
}
