<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Bridge\WashDays\StyleTakeDown;
use App\Models\Head;
use App\Models\Style;
use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\BookedWashDays;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Treatments\Calendar;

/** The day on which the style that is worn comes down: when it is due, or at the salon wash near that day. */
final readonly class TakeDownDay
{
    public function __construct(private StyleTakeDown $styleTakeDown, private Parameters $parameters)
    {
    }

    /** @return DateTimeImmutable|null today where it is late; null: no style is worn that protects */
    public function of(Head $head): ?DateTimeImmutable
    {
        $today = Calendar::dayOf($head->salon->today());
        $style = Style::running($head);
        $takeDown = $style === null ? null : $this->styleTakeDown->of($style, $today);
        if ($takeDown === null) {
            return null;
        }
        $due = (new PlanTerms())->takingDown(max($takeDown->dueOn, $today));

        $booked = BookedDay::minutes($head);

        return BookedWashDays::within($due, $booked, $this->parameters->washDay->movesDays)->takeDownOn;
    }
}
