<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;

/** How a practice client keeps to what was asked for at home, and what is told of it. */
final readonly class PracticeHome
{
    /**
     * @param float $keeps     probability that a treatment planned at home is done
     * @param float $forgotten probability that one that was done is not told
     */
    public function __construct(private float $keeps, private float $forgotten, private PracticeLuck $luck)
    {
    }

    /**
     * What is done of what was asked for: treatments are left out now and then.
     *
     * @param list<Step> $asked
     *
     * @return list<Step>
     */
    public function done(array $asked, int $day): array
    {
        return array_values(array_filter($asked, fn (Step $step): bool => match ($step->kind) {
            StepKind::PreWash, StepKind::Conditioner, StepKind::Mask, StepKind::MildProtein, StepKind::StrongProtein,
            StepKind::LeaveIn, StepKind::Seal => $this->luck->of("keeps {$step->kind->value}", $day)
                ->happens($this->keeps),
            default => true,
        }));
    }

    /**
     * What is told of a wash: from memory, of which some is lost.
     *
     * @param list<Step> $done
     *
     * @return list<Step>
     */
    public function told(array $done, int $day): array
    {
        return array_values(array_filter(
            $done,
            fn (Step $step): bool => ! $this->luck->of("tells {$step->kind->value}", $day)->happens($this->forgotten),
        ));
    }
}
