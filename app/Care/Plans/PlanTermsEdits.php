<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Bridge\Plans\StoredPlanTerms;
use App\Bridge\Plans\WishedFor;
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

    /**
     * A wish makes the plan from now on, until it is taken out or undone.
     *
     * @throws DomainException where somebody else changed the plan's terms meanwhile
     */
    public function wish(Head $head, WishedFor $wished, string $by, ?int $seen): void
    {
        $this->planEdits->keep($head, $this->storedPlanTerms->wishing($head, $wished->wish), $wished->says, $by, $seen);
    }

    /**
     * @param int $place of the wish among those that are kept
     *
     * @throws DomainException where there is no such wish any more, or somebody else changed the terms meanwhile
     */
    public function withoutWish(Head $head, int $place, string $said, string $by, ?int $seen): void
    {
        $this->planEdits->keep($head, $this->storedPlanTerms->withoutWish($head, $place), $said, $by, $seen);
    }

    public function release(Head $head, string $said, string $by): void
    {
        $this->promises->release($head);
        $this->planEdits->keep($head, $this->storedPlanTerms->released($head), $said, $by);
    }

    /**
     * @param list<array<string, string|int>> $occasions that stay
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
