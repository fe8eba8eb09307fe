<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSteps;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\WashSession;
use App\Wording\SalonClock;
use App\Wording\Words;
use DateTimeInterface;
use Nagomi\Core\Head\Head as CoreHead;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\ZoneNeeds;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\TimeLimitFitter;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\WashDay\WashDayPlan;

/** Lays out a head's next wash day for the Basin: steps, times, products and doses, fitted into the time there is. */
final readonly class WashSessionPlanner
{
    private const FORETOLD = 8;

    /** A medium strand, where none was measured. */
    private const STRAND_UM = 70.0;

    public function __construct(
        private HeadRecord $headRecord,
        private Outlooks $outlooks,
        private HeadOnDay $headOnDay,
        private KeptSteps $keptSteps,
        private PaceOnDay $paceOnDay,
        private Parameters $parameters,
        private StepPalette $stepPalette,
        private UsualDrying $usualDrying,
    ) {
    }

    /**
     * @return array<string, mixed> the plan as the WashSession keeps it, with what was changed to fit and what that
     *     costs
     */
    public function of(
        Head $head,
        ?float $limitMinutes,
        ?DryingMethod $drying = null,
        ?StylingMethod $styling = null,
    ): array {
        $head->loadMissing(['salon', 'zoneParts', 'outlook']);
        $this->outlooks->current($head);
        $today = Calendar::dayOf($head->salon->today());
        $frame = $this->headRecord->frame($head);
        $state = $this->headOnDay->of($head, $frame, $today);
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();
        $on = max($today, Calendar::dayOf($item->date ?? $head->salon->today()));
        $pace = $this->paceOnDay->of($head, $frame->head, $on);
        $styling ??= self::styling($item);
        $drying ??= $this->usualDrying->on($head, $today);
        $fitting = TimeLimitFitter::within(
            $limitMinutes,
            $state,
            $this->doing($item->steps ?? []),
            $pace,
            $drying,
            $styling,
        );

        return [
            'steps' => $this->keptSteps->of(
                $fitting->plan,
                $state,
                $head,
                Calendar::dayOf($item->date ?? $head->salon->today()),
            ),
            ...self::minutes($fitting->plan, $drying),
            'styling' => $styling->value,
            'drying' => $drying->value,
            'sections' => $head->sections,
            'limit_minutes' => $limitMinutes,
            'fits' => $fitting->fits,
            'changed' => $fitting->ways,
            'costs' => $fitting->costs,
            'planned_steps' => self::mark($item),
            'planned_for' => $item?->date->format('Y-m-d'),
            'pace' => WashPace::told($pace, $this->doing($item->steps ?? []), $drying),
        ];
    }

    /** @return array<string, mixed> how long it takes and when it is likely to be done, in minutes */
    private static function minutes(WashDayPlan $plan, DryingMethod $drying): array
    {
        $minutes = $plan->minutes();

        return [
            'finish_minutes' => array_map(
                static fn (float $at): float => round($at, 1),
                $plan->finishMinutes(),
            ),
            'care_minutes' => $minutes->care,
            'done_minutes' => $minutes->whole(),
            'minutes' => PlannedMinutes::says($minutes, $drying->value),
        ];
    }

    /** @return array<string, array{need: float, says: string}> by zone; a tablet shows where more goes, and why */
    private static function zones(CoreHead $head): array
    {
        return array_map(static fn (array $zone): array => [
            'need' => $zone['need'],
            'says' => $zone['porosity'] === Porosity::Low->value ? Words::say('wash.low-porosity') : '',
        ], ZoneNeeds::of($head));
    }

    /** Whether what is planned is something else by now than it was when a wash day was laid out. */
    public function isOlder(Head $head, WashSession $washSession): bool
    {
        $this->outlooks->current($head);
        /** @var PlanItem|null $item */
        $item = $head->planItems()->where('status', 'planned')->first();

        return ($washSession->plan['planned_steps'] ?? null) !== self::mark($item);
    }

    private static function mark(?PlanItem $item): string
    {
        return hash('xxh128', json_encode($item?->steps, JSON_THROW_ON_ERROR));
    }

    /**
     * The plan as a wash day begins with it: with every step that can be put in, so that a tablet needs nobody for it.
     *
     * @return array<string, mixed>
     */
    public function laidOut(
        Head $head,
        ?float $limitMinutes,
        ?DryingMethod $drying = null,
        ?StylingMethod $styling = null,
    ): array {
        return $this->of($head, $limitMinutes, $drying, $styling) + [
            'palette' => $this->stepPalette->of($head),
            'zones' => self::zones($this->headRecord->frame($head)->head),
            'bears_heat' => $this->stepPalette->bearsHeat($head),
            'part_minutes' => $this->parameters->washDay->sectionMinutes['section'],
        ];
    }

    /**
     * The wash day planned for a date, or near it, at this head's own pace: how long hands are on it, and when they
     * are free.
     */
    public function planned(Head $head, DateTimeInterface $date, ?DryingMethod $drying = null): WashDayPlan
    {
        return $this->plannedDried($head, $date, [$drying ?? $this->usualDrying->on($head, $date)])[0];
    }

    /**
     * @param non-empty-list<DryingMethod> $dryings
     *
     * @return non-empty-list<WashDayPlan> the same wash day, dried in each of these ways; one laid out by hand is
     *     dried as it is laid out
     */
    public function plannedDried(Head $head, DateTimeInterface $date, array $dryings): array
    {
        $head->loadMissing(['salon', 'zoneParts']);
        $frame = $this->headRecord->frame($head);
        $item = PlanItem::near($head->planItems()->where('status', 'planned')->get(), $date);
        $composed = $item === null ? null : ComposedDay::on($head, $item->date);
        $doing = $this->doing($item->steps ?? []);
        $pace = $this->paceOnDay->of($head, $frame->head, Calendar::dayOf($item->date ?? $date));

        return array_map(
            static fn (DryingMethod $drying): WashDayPlan => $composed
                ?? WashDayBuilder::plan($frame->head, $doing, $pace, $drying, styling: self::styling($item)),
            $dryings,
        );
    }

    private static function styling(?PlanItem $item): StylingMethod
    {
        return $item?->styles_after === true ? StylingMethod::NotToday : StylingMethod::Rake;
    }

    /**
     * What is to be done, as planned; a gentle wash where nothing is.
     *
     * @param array<mixed> $stored
     *
     * @return list<Step>
     */
    private function doing(array $stored): array
    {
        $steps = array_values(StoredSteps::of($stored));

        return $steps === []
            ? [
                Step::cleanse(CleanseKind::Gentle),
                Step::conditioner(3),
                Step::detangle(20, 'comb', 'wet-with-slip'),
                Step::leaveIn(),
            ]
            : $steps;
    }

    /**
     * How well the last wash days of this head were foretold.
     *
     * @return list<array{date: string, expected: float, actual: float, within: bool}>
     */
    public function foretold(Head $head): array
    {
        $foretold = [];
        /** @var iterable<WashSession> $washSessions */
        $washSessions = $head->washSessions()->whereNotNull('finished_at')->latest('id')->limit(self::FORETOLD)->get();
        foreach ($washSessions as $washSession) {
            $planned = is_array($washSession->outcome['planned_minutes'] ?? null)
                ? $washSession->outcome['planned_minutes']
                : [];
            $actual = $washSession->outcome['actual_minutes'] ?? null;
            if (
                is_numeric($planned['p50'] ?? null)
                    && is_numeric($planned['p10'] ?? null)
                    && is_numeric($planned['p90'] ?? null)
                    && is_numeric($actual)
            ) {
                $foretold[] = [
                    'date' => SalonClock::dayInWords($washSession->date, 'j M Y'),
                    'expected' => (float) $planned['p50'],
                    'actual' => (float) $actual,
                    'within' => $actual >= $planned['p10'] && $actual <= $planned['p90'],
                ];
            }
        }

        return $foretold;
    }

    /**
     * What the weight of the shed ball is read with: the head's own length and strand, and the days since it was last
     * detangled; null: nobody noted a wash day before this.
     *
     * @return array{
     *     length_mm: int|null, diameter_um: float, days_since_detangled: int|null,
     * }|null null where it was weighed already
     */
    public function shedBall(Head $head, WashSession $washSession): ?array
    {
        $day = $washSession->date->format('Y-m-d');
        if ($head->readings()->where('test', 'shed-ball')->where('date', $day)->exists()) {
            return null;
        }
        $before = $head->washDays()->reorder()->where('date', '<', $day)->max('date');

        return [
            'length_mm' => $head->length_mm,
            'diameter_um' => $head->strand_um ?? self::STRAND_UM,
            'days_since_detangled' => is_string($before)
                ? (int) Calendar::dayOf(new \DateTimeImmutable($before))->diff(Calendar::dayOf(
                    $washSession->date,
                ))->days
                : null,
        ];
    }
}
