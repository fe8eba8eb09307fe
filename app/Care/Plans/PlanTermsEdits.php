<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Bridge\Plans\StoredPlanTerms;
use App\Models\Head;
use DomainException;

/** Changes of what a plan must keep to that are worked out from the plan as it stands; each can be undone. */
final readonly class PlanTermsEdits
{
    public function __construct(
        private PlanEdits $planEdits,
        private Promises $promises,
        private StoredPlanTerms $storedPlanTerms,
    ) {
    }

    /** @param string $date of the day that was set by hand; the plan decides on it again */
    public function takeBack(Head $head, string $date, string $said, string $by): void
    {
        $this->planEdits->keep($head, $this->storedPlanTerms->withoutByHand($head, $date), $said, $by);
    }

    /** Promises every treatment of the plan as it stands. */
    public function promise(Head $head, string $said, string $by): void
    {
        $promised = $this->storedPlanTerms->treatments($head);
        $this->promises->make($head, $promised, $by);
        $this->planEdits->keep($head, $this->storedPlanTerms->promised($head, $promised), $said, $by);
    }

    public function release(Head $head, string $said, string $by): void
    {
        $this->promises->release($head);
        $this->planEdits->keep($head, $this->storedPlanTerms->released($head), $said, $by);
    }

    /**
     * @param list<array<string, string>> $occasions that stay
     *
     * @throws DomainException where somebody else changed the plan's terms meanwhile
     */
    public function keepOccasions(Head $head, array $occasions, string $said, string $by, ?int $seen): void
    {
        $this->planEdits->keep(
            $head,
            $this->storedPlanTerms->with($head, ['occasions' => $occasions]),
            $said,
            $by,
            $seen,
        );
    }
}
