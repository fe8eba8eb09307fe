<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Bridge\Learning\SalonParameters;
use App\Bridge\Plans\StoredSteps;
use App\Bridge\Products\LabelMinutes;
use App\Bridge\Trials\StoredProgrammes;
use App\Models\Head;
use App\Models\PlanItem;
use App\Models\Reading;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Models\ZonePart;
use App\Wording\Said;
use DateTimeInterface;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Head as Core;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\BookedWashDays;
use Nagomi\Core\Planning\Planner;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Readings\Reading as CoreReading;
use Nagomi\Core\Record\BottleFields;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\InvalidRecord;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Record\ZoneFields;
use Nagomi\Core\Treatments as CoreTreatment;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\WashDay\CareMinutes;
use Nagomi\Core\WashDay\Pace;

/** Turns a stored head into the core's care record. */
final readonly class HeadRecord
{
    public function __construct(
        private SalonClimate $salonClimate,
        private StoredClearances $storedClearances,
        private StoredScalp $storedScalp,
        private StoredProgrammes $storedProgrammes,
        private StoredBiases $storedBiases,
        private TakeDownDay $takeDownDay,
        private Parameters $parameters,
        private SalonParameters $salonParameters,
    ) {
    }

    /** @throws InvalidRecord when what is kept of the head is no record */
    public function of(Head $head): CareRecord
    {
        $head->loadMissing(['salon', 'zoneParts', 'zonesBefore', 'washDays.steps', 'readings']);

        $own = $this->salonParameters->of($head->salon);

        return new CareRecord(
            $head->id,
            $head->name,
            $this->core($head)->under($own),
            ClientDetails::toRecord($head),
            array_values($head->washDays->map($this->washDay(...))->all()),
            StoredReading::all($head->readings->all(), $own),
            $this->carried($head, 'products'),
            $this->storedBiases->ofReadersOf($head),
            $this->plan($head),
            $this->remaps($head),
            $this->salonClimate->year($head->salon),
            $this->booked($head, $head->season ?? [])
                ->keepingTo($this->storedProgrammes->of($head))
                ->takingDown($this->takeDownDay->of($head))
                ->labelled(LabelMinutes::of($head)),
            $this->storedClearances->ofRecord($head),
            SimilarHeads::keptMinutes($head, $this->parameters->washDay),
            StoredPace::history($head),
        );
    }

    /** As it is, by the numbers that ship: how its balance moves and shows is asked of {@see frame} and {@see of}. */
    public function core(Head $head): Core\Head
    {
        return new Core\Head(
            array_values($head->zoneParts->map(fn (ZonePart $part): Core\ZonePart => new Core\ZonePart(
                Core\Zone::from($part->zone),
                Core\Part::from($part->part),
                Core\Porosity::from($part->porosity),
                Core\StrandDiameter::from($part->strand),
                $part->chemically_treated,
            ))->all()),
            $head->hardness_mg_per_l,
            $head->humidity_percent,
            Core\StylingLoad::from($head->styling_load),
            $head->protein_sensitive,
            $head->sore_scalp,
            $head->swims,
            $head->length_mm,
            $head->sections,
            $head->wash_every_days,
            $head->minutes_limit,
            new Core\Method($head->method),
            $head->red_sign,
            $this->parameters,
            $head->born_on === null ? null : Calendar::dayOf($head->born_on),
            new Core\SectionsByWork(
                $head->washing_sections,
                $head->detangling_sections,
                $head->styling_sections,
            ),
            $head->tender_edges,
            Core\CurlPattern::of($head->ring_mm, $head->bends_without_ring),
        );
    }

    /** All a filter must know of a head but what happened to it. */
    public function frame(Head $head): HeadHistory
    {
        $head->loadMissing(['salon', 'zoneParts', 'zonesBefore']);

        return new HeadHistory(
            $this->core($head)->under($this->salonParameters->of($head->salon)),
            [],
            [],
            $this->remaps($head),
            $this->storedBiases->of($head),
            new Humidity($head->humidity_percent, $this->salonClimate->year($head->salon)),
        );
    }

    /** The frame with what happened after a day; null: with all that ever happened. */
    public function after(Head $head, HeadHistory $frame, ?DateTimeInterface $day): HeadHistory
    {
        $later = $day?->format('Y-m-d') ?? '0001-01-01';
        $washDays = $head->washDays()->with('steps')->where('date', '>', $later)->get()->all();
        $readings = $head->readings()->where('date', '>', $later)->get()->all();

        return new HeadHistory(
            $frame->head,
            array_map($this->washDay(...), array_values($washDays)),
            StoredReading::all($readings, $frame->head->parameters),
            $frame->remaps,
            $frame->biases,
            $frame->air,
        );
    }

    /** @return list<CoreTreatment\WashDay> as far back as any rule of the season looks */
    public function lately(Head $head, \DateTimeImmutable $today): array
    {
        $days = $head
            ->washDays()
            ->with('steps')
            ->where('date', '<=', $today->format('Y-m-d'))
            ->where('date', '>=', $today->modify('-' . Planner::LOOKS_BACK_DAYS . ' days')->format('Y-m-d'))
            ->get();

        return array_values($days->map($this->washDay(...))->all());
    }

    /**
     * How long detangling and drying take on this head, from what was booked and read before a day, not long ago.
     *
     * @param float|null $similarMinutes a section on heads like it; null: as it was planned with
     */
    public function pace(
        Head $head,
        Core\Head $core,
        \DateTimeImmutable $today,
        ?float $similarMinutes = null,
    ): Pace {
        $since = StoredPace::since($today);
        $from = $since->format('Y-m-d');
        $washed = $head->washDays()->where('date', '>=', $from)->with('steps')->get();
        $timed = $head->readings()->where('date', '>=', $from)->whereIn('test', StoredPace::TESTS)->get();

        return Pace::of(
            $core,
            array_map($this->washDay(...), array_values($washed->all())),
            array_map($this->reading(...), array_values($timed->all())),
            $similarMinutes ?? SimilarHeads::keptMinutes($head, $this->parameters->washDay),
            StoredPace::history($head, $since),
        );
    }

    /**
     * @param array<string, mixed>|null $season as it would be; null: as it is kept
     * @param Pace|null                 $pace   of this head, where it is known already
     *
     * @throws InvalidRecord when what is kept of the head is no record
     */
    public function terms(Head $head, ?array $season = null, ?Pace $pace = null): PlanTerms
    {
        $today = Calendar::dayOf($head->salon->today());
        $lastRead = $this->lastRead($head);
        $terms = $this->booked($head, $season ?? $head->season ?? [])
            ->keepingTo($this->storedProgrammes->of($head))
            ->takingDown($this->takeDownDay->of($head))
            ->labelled(LabelMinutes::of($head))
            ->readOn($lastRead, $today, $this->parameters->planning)
            ->knowing(StoredEvidence::of($head, $lastRead, $today, $this->parameters->planning))
            ->knowingScalp($this->storedScalp->of($head, $this, $today));

        return $terms->timedBy(new CareMinutes($pace ?? $this->pace($head, $this->core($head), $today)));
    }

    /** @param array<mixed> $season as it is kept */
    private function booked(Head $head, array $season): PlanTerms
    {
        $season = ['price_level' => $head->salon->price_level] + $season;
        $terms = PlanTermsFields::fromArray($season, $this->parameters->washDay);

        return BookedWashDays::within($terms, BookedDay::minutes($head), $this->parameters->washDay->movesDays);
    }

    /** Whether nobody has read this hair lately; no state of it is claimed then. */
    public function isNotReadYet(Head $head): bool
    {
        return (new PlanTerms())
            ->readOn($this->lastRead($head), Calendar::dayOf($head->salon->today()), $this->parameters->planning)
            ->notReadYet;
    }

    /** The last day, up to the given one, on which a sign of the balance was read; null: none was. */
    public function lastRead(Head $head, ?\DateTimeImmutable $until = null): ?\DateTimeImmutable
    {
        $until = $until?->format('Y-m-d') ?? '9999-12-31';

        return StoredEvidence::day($head->days()->where('was_read', true)->where('date', '<=', $until)->max('date'));
    }

    /**
     * @return list<StrataTransition>
     *
     * @throws InvalidRecord when what is kept of the head is no record
     */
    private function remaps(Head $head): array
    {
        $remaps = [];
        foreach ($head->zonesBefore as $before) {
            $zones = ZoneFields::fromArray($before->zones);
            if ($zones !== []) {
                $remaps[] = new StrataTransition(Calendar::dayOf($before->until), $zones);
            }
        }

        return $remaps;
    }

    public function washDay(WashDay $day): CoreTreatment\WashDay
    {
        return new CoreTreatment\WashDay(
            $day->key,
            Calendar::dayOf($day->date),
            array_values($day->steps->map(fn (WashStep $step): CoreTreatment\Step => (new CoreTreatment\Step(
                CoreTreatment\StepKind::from($step->kind),
                $step->minutes,
                $step->heat,
                $step->cleanse === null ? null : CoreTreatment\CleanseKind::from($step->cleanse),
                $step->passes,
                $step->how,
                $step->tool,
                $step->millimetres,
                $step->product,
                $step->evening_before,
            ))->with(BottleFields::stored($step->contents)))->all()),
            CoreTreatment\Place::from($day->place),
            $day->approximate,
            $day->planned === null ? null : array_values(StoredSteps::of($day->planned)),
        );
    }

    public function reading(Reading $reading): CoreReading
    {
        return StoredReading::of($reading, $this->parameters);
    }

    /** @return list<array<string, mixed>> */
    private function carried(Head $head, string $name): array
    {
        $carried = $head->carried[$name] ?? [];

        /** @var list<array<string, mixed>> */
        return is_array($carried) ? array_values($carried) : [];
    }

    /** @return array<string, mixed>|null */
    private function plan(Head $head): ?array
    {
        $items = $head->planItems()->where('status', 'planned')->get();

        return $items->isEmpty() ? null : ['items' => $items->map(fn (PlanItem $item): array => [
            'date' => $item->date->format('Y-m-d'),
            'steps' => $item->steps,
            'minutes' => $item->minutes,
            'reason' => implode(' ', Said::all($item->reasons)),
        ])->values()->all()];
    }
}
