<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Estimation\LedgerLine;
use Nagomi\Core\Estimation\ReadingCheck;
use Nagomi\Core\Estimation\RetainedLength;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Products\IngredientBook;
use Nagomi\Core\Products\InvalidIngredientList;
use Nagomi\Core\Products\ShelfBottle;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;
use Nagomi\Core\WashDay\CareMinutes;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\TimeLimitFitter;
use Nagomi\Core\WashDay\WashDayStep;
use Nagomi\Core\Wording\Sentences;

/** What the engine says of a record, as arrays ready to be written as JSON. */
final readonly class EngineAnswer
{
    private const QUANTITIES = [
        StateLayout::MOISTURE => 'moisture', StateLayout::PROTEIN => 'protein',
        StateLayout::WASHABLE => 'washable_build_up',
        StateLayout::STUBBORN => 'stubborn_build_up', StateLayout::WEAR => 'wear',
    ];

    private FilterRun $trace;
    private Plan $plan;
    private RecordPace $pace;

    /** @param Sentences $sentences in whose language it answers */
    public function __construct(
        private CareRecord $record,
        private DateTimeImmutable $today,
        private Sentences $sentences,
        int $weeks = 12,
    ) {
        $this->pace = new RecordPace($record, $today);
        $this->trace = KalmanFilter::through($record->history(), $today);
        $this->plan = Planner::plan(
            $this->trace->last(),
            $record->washDaysUntil($today),
            $weeks,
            $record->terms
                ->readOn($this->trace->lastRead(), $today, $record->head->parameters->planning)
                ->knowing(ProteinEvidence::ofRun(
                    $this->trace,
                    $record->washDaysUntil($today),
                    $today,
                    $record->head->parameters->planning,
                )->afterOverload(isset($record->intake['overloaded_on']) || isset($record->intake['overloaded_by'])))
                ->knowingScalp($this->scalp())
                ->timedBy(new CareMinutes($this->pace->usual())),
        );
    }

    /** What is known of the scalp; null where nobody read it, or too long ago to go by. */
    private function scalp(): ?ScalpEstimate
    {
        $head = $this->record->head;
        $history = $this->record->history();
        $air = $history->air ?? new Humidity($head->humidityPercent);
        [$washDays, $readings] = [$history->washDays, $history->readings];
        $scalp = ScalpFilter::through($washDays, $readings, $this->today, $air, $head->parameters);

        return $scalp?->isFresh($head->parameters->scalp->readWithinDays) === true ? $scalp : null;
    }

    /** @return array<string, mixed> */
    public function forecast(): array
    {
        $strata = [];
        foreach ($this->record->head->strata as $s => $stratum) {
            $strata[] = [
                'name' => $this->sentences->say(StratumName::words($stratum->name)),
                // Today's own place among the days is after the wash that is planned for it, where there is one.
                'now' => self::standing($this->trace->last(), $s),
                'days' => array_map(
                    static fn (Snapshot $point): array => ['date' => $point->date->format('Y-m-d')]
                        + self::standing($point, $s),
                    $this->plan->forecast,
                ),
            ];
        }

        return ['head' => $this->record->id, 'today' => $this->today->format('Y-m-d'), 'strata' => $strata];
    }

    /** @return array<string, array{mean: float, sd: float}> */
    private static function standing(Snapshot $point, int $s): array
    {
        $state = $point->state;

        return [
            'moisture' => [
                'mean' => $state->value($s, StateLayout::MOISTURE),
                'sd' => $state->sd($s, StateLayout::MOISTURE),
            ],
            'protein' => [
                'mean' => $state->value($s, StateLayout::PROTEIN),
                'sd' => $state->sd($s, StateLayout::PROTEIN),
            ],
            'build_up' => ['mean' => $state->buildUp($s), 'sd' => $state->buildUpSd($s)],
        ];
    }

    /** @return array<string, mixed> */
    public function plan(): array
    {
        $paced = $this->pace->planned($this->plan->items);

        return [
            'head' => $this->record->id,
            'today' => $this->today->format('Y-m-d'),
            'cost' => $this->plan->cost,
            'minutes' => $this->plan->minutes,
            'price' => $this->plan->price,
            'items' => array_map(
                fn (array $paced): array => PlanItemFields::write(
                    $paced['item'],
                    $this->record->head,
                    $paced['pace'],
                    $this->sentences,
                ),
                $paced,
            ),
            'scalp' => $this->plan->scalpRhythm === null ? null : [
                'every_days' => $this->plan->scalpRhythm->days,
                'because' => $this->plan->scalpRhythm->because?->value,
            ],
            'rules_broken' => array_merge(...array_map(fn (PlanItem $item): array => array_map(
                fn (Rule $rule): array => [
                    'date' => $item->date->format('Y-m-d'),
                    'rule' => $rule->key(),
                    'sentence' => $this->sentences->say(RuleWords::sentence(
                        $rule,
                        $this->record->head->parameters->planning,
                    )),
                ],
                $item->broken,
            ), $this->plan->items)),
        ];
    }

    /**
     * The next wash day of the plan as steps, with their times.
     *
     * @param float|null             $limitMinutes to be fitted into
     * @param list<ShelfBottle>|null $shelf        to choose bottles from; null: none are named
     *
     * @return array<string, mixed>
     *
     * @throws InvalidIngredientList where a list of the shelf cannot be read
     */
    public function washDay(?float $limitMinutes, DryingMethod $drying, ?array $shelf = null): array
    {
        $paced = $this->pace->planned($this->plan->items)[0] ?? null;
        $item = $paced['item'] ?? null;
        $pace = $paced['pace'] ?? $this->pace->usual();
        $head = $this->record->head;
        $doing = $item === null ? [] : $item->choice->steps($head);
        $styling = $item?->choice->stylesAfter === true ? StylingMethod::NotToday : StylingMethod::Rake;
        $state = $this->trace->last()->state;
        $fitting = TimeLimitFitter::within($limitMinutes, $state, $doing, $pace, $drying, $styling);

        $told = $fitting->plan->toArray();
        if ($shelf !== null) {
            $bottles = new RecordShelf($this->record, $this->today, $shelf, IngredientBook::shipped());
            $on = $item->date ?? $this->today;
            $told['steps'] = array_map(static fn (array $told, WashDayStep $step): array
                => $told + $bottles->ofStep($step, $fitting->plan->steps, $on), $told['steps'], $fitting->plan->steps);
        }

        /** @var array<string, mixed> $said */
        $said = $this->sentences->within($told);

        return ['head' => $this->record->id, 'date' => $item?->date->format('Y-m-d')] + $said + [
            'limit_minutes' => $limitMinutes,
            'fits' => $fitting->fits,
            'changed' => $fitting->ways,
            'costs' => array_map(static fn (float $points): float => round($points, 2), $fitting->costs),
        ];
    }

    /** @return array<string, mixed> the ledger, the checks of the readings and where the head stands */
    public function explain(): array
    {
        $state = $this->trace->last()->state;
        $strata = [];
        foreach ($this->record->head->strata as $s => $stratum) {
            $standing = [];
            foreach (self::QUANTITIES as $quantity => $name) {
                $standing[$name] = ['mean' => $state->value($s, $quantity), 'sd' => $state->sd($s, $quantity)];
            }
            $strata[] = [
                'name' => $this->sentences->say(StratumName::words($stratum->name)),
                'share' => $stratum->share,
                'target' => [
                    'moisture' => $stratum->targetMoisture(),
                    'protein' => $stratum->targetProtein($this->record->head->proteinSensitive),
                ],
                'state' => $standing,
                'probabilities' => CellProbabilities::ofStratum($state, $s),
                'ledger' => array_map(static fn (LedgerLine $line): array => [
                    'date' => $line->date->format('Y-m-d'),
                    'kind' => $line->kind->value,
                    'subject' => $line->subject,
                    'source' => $line->source,
                    'as_told' => $line->asTold,
                    'millionths' => array_combine(
                        self::QUANTITIES,
                        $line->amounts[$s] ?? array_fill(0, count(self::QUANTITIES), 0),
                    ),
                ], $this->trace->ledger),
            ];
        }

        return [
            'head' => $this->record->id,
            'today' => $this->today->format('Y-m-d'),
            'probabilities' => CellProbabilities::ofHead($state),
            'strata' => $strata,
            'length' => $this->length(),
            'readings' => array_map($this->check(...), $this->trace->checks),
        ];
    }

    /** @return array<string, string|float|bool> what a reading said beside what was expected */
    private function check(ReadingCheck $check): array
    {
        return [
            'id' => $check->reading->id,
            'date' => $check->reading->date->format('Y-m-d'),
            'sign' => $check->measured->sign->value,
            'value' => $check->measured->value,
            'unit' => $this->sentences->say($check->measured->sign->unit()),
            'means' => $this->sentences->say($check->measured->means),
            'expected' => $check->expected,
            'expected_sd' => $check->measured->sign->isCount()
                ? $check->expectedSd * $check->expected
                : $check->expectedSd,
            'standard_deviations_apart' => $check->zScore,
            'check_again' => $check->again,
        ];
    }

    /**
     * @return array<string, float|list<float>>|null what grew, was cut, kept and broken off, in mm; null with fewer
     *     than two lengths
     */
    private function length(): ?array
    {
        $length = RetainedLength::ofHistory(
            array_values(array_filter(
                $this->record->readings,
                fn (Reading $reading): bool => $reading->date <= $this->today,
            )),
            $this->record->washDaysUntil($this->today),
            $this->record->head->curl,
            $this->record->head->parameters,
        );

        return $length === null ? null : [
            'days' => $length->days,
            'grown_mm' => $length->grownMm,
            'trimmed_mm' => $length->trimmedMm,
            'retained_mm' => $length->retainedMm,
            'broken_mm' => $length->brokenMm(),
            'broken_range_80_mm' => $length->brokenRangeMm(),
            'breaks_off_probability' => $length->breaksOff(),
        ];
    }
}
