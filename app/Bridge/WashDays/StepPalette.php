<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Style;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\WashDay\WashStepPalette;

/** Every step that can be put into a client's wash day, with its bottle; what this head must not have is not there. */
final readonly class StepPalette
{
    public function __construct(
        private HeadRecord $headRecord,
        private KeptSteps $keptSteps,
        private PaceOnDay $paceOnDay,
        private Parameters $parameters,
        private StyleTakeDown $styleTakeDown,
    ) {
    }

    /** @return list<array<string, mixed>> */
    public function of(Head $head): array
    {
        $today = Calendar::dayOf($head->loadMissing(['salon', 'zoneParts'])->salon->today());
        $core = $this->headRecord->frame($head)->head;
        $style = Style::running($head);
        $bears = $this->bearsHeat($head);
        $palette = new WashStepPalette(
            $core,
            $this->paceOnDay->of($head, $core, $today),
            $bears,
            $bears,
            self::bearsOil($head),
            $style === null ? null : $this->styleTakeDown->of($style, $today)?->minutes,
        );

        return $this->keptSteps->palette($palette->steps(), $head, $today);
    }

    /** Neither a child nor a scalp that is sore or for a clinician: nothing hot, nothing strong. */
    public function bearsHeat(Head $head): bool
    {
        $age = $this->headRecord->frame($head)->head->ageOn(Calendar::dayOf($head->salon->today()));
        $isChild = $age !== null && $age < $this->parameters->planning->childUntilYears;

        return ! $isChild && ! $head->sore_scalp && ! $head->red_sign;
    }

    /** Where the house oils scalps, the plan leaves it out on one that flakes. */
    private static function bearsOil(Head $head): bool
    {
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();

        return in_array(StepKind::ScalpOil->value, array_column($item->steps ?? [], 'kind'), true);
    }
}
