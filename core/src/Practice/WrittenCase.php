<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/**
 * One of the troubles a stylist meets again and again, written down: what the hair is like, what led to it and what is
 * told. The numbers are our own; what leads to what is common practice, no source.
 */
final readonly class WrittenCase
{
    /** A child of so many years, where it is one. */
    private const CHILD_YEARS = 8;

    /**
     * @param string   $name     by which it is found, and said
     * @param int      $grade    1 plain, 2 with a twist, 3 against what is told
     * @param Porosity $lengths  as they really are
     * @param Porosity|null $told what the lengths are told to be; null: as they are
     * @param Porosity|null $roots of new growth, where it differs
     * @param Porosity|null $edges of edges and nape, where they differ
     * @param float    $moisture points above what the hair likes on the first day
     * @param float    $protein  points above what the hair likes on the first day
     * @param float    $washable build-up that a cleanse takes, points of 100
     * @param float    $stubborn build-up that only clarifying takes, points of 100
     * @param float    $wear     points of 100
     * @param array<int, float> $scalp points of 10, by quantity of {@see ScalpState}; what is not named is as usual
     * @param int      $washEveryDays 2 to 35
     * @param int      $maskEvery     the mask at each so-manieth wash of the past; 0: none
     * @param int      $proteinEvery  protein at each so-manieth wash of the past; 0: none
     * @param int      $lastWash      days before the first visit
     * @param list<PracticeComplaint> $says what brings the client
     */
    public function __construct(
        public string $name,
        public int $grade,
        private PracticeBudget $budget,
        private Porosity $lengths,
        private StrandDiameter $strand = StrandDiameter::Medium,
        private ?Porosity $told = null,
        private ?Porosity $roots = null,
        private ?Porosity $edges = null,
        private float $moisture = 0.0,
        private float $protein = 0.0,
        private float $washable = 15.0,
        private float $stubborn = 5.0,
        private float $wear = 15.0,
        private array $scalp = [],
        private float $hardnessMgPerL = 120.0,
        private float $humidityPercent = 50.0,
        private StylingLoad $load = StylingLoad::Medium,
        private float $lengthMm = 300.0,
        private int $washEveryDays = 7,
        private string $oils = 'seal',
        private CleanseKind $cleanse = CleanseKind::Gentle,
        private int $maskEvery = 2,
        private int $proteinEvery = 0,
        private int $lastWash = 7,
        private bool $isChild = false,
        private float $ringMm = 14.0,
        private float $keeps = 0.85,
        private array $says = [],
    ) {
    }

    /** @param int $seed of its luck */
    public function from(DateTimeImmutable $from, int $seed): PracticeCase
    {
        $really = $this->head($from, $this->lengths);

        return new PracticeCase(
            $seed,
            $from,
            $this->head($from, $this->told ?? $this->lengths),
            $this->hair($really),
            $this->scalp($really),
            $this->past($from),
            $this->keeps,
            $this->ringMm,
            $this->budget,
            $this->says,
        );
    }

    private function head(DateTimeImmutable $from, Porosity $lengths): Head
    {
        return new Head(
            $this->parts($lengths),
            hardnessMgPerL: $this->hardnessMgPerL,
            humidityPercent: $this->humidityPercent,
            load: $this->load,
            lengthMm: $this->lengthMm,
            washEveryDays: $this->washEveryDays,
            method: new Method(['oils' => $this->oils]),
            bornOn: $this->isChild ? $from->modify('-' . self::CHILD_YEARS . ' years') : null,
        );
    }

    /** @return list<ZonePart> */
    private function parts(Porosity $lengths): array
    {
        $parts = [];
        foreach (Zone::cases() as $zone) {
            $isEdge = $zone === Zone::Edges || $zone === Zone::Nape;
            $kind = $isEdge && $this->edges !== null ? $this->edges : $lengths;
            $parts[] = new ZonePart($zone, Part::Length, $kind, $this->strand, $this->roots !== null);
            if ($this->roots !== null) {
                $parts[] = new ZonePart($zone, Part::Root, $this->roots, $this->strand);
            }
        }

        return $parts;
    }

    /** As it really is on the first day; its own ways are those of anybody. */
    private function hair(Head $head): PracticeHair
    {
        $prior = Prior::of($head)->withSigns(PracticeReadings::signs());
        $mean = $prior->mean;
        foreach ($head->strata as $s => $stratum) {
            $stands = [
                StateLayout::MOISTURE => $stratum->targetMoisture() + $this->moisture,
                StateLayout::PROTEIN => $stratum->targetProtein($head->proteinSensitive) + $this->protein,
                StateLayout::WASHABLE => $this->washable,
                StateLayout::STUBBORN => $this->stubborn,
                StateLayout::WEAR => $this->wear,
            ];
            foreach ($stands as $quantity => $points) {
                $mean[$prior->layout->of($s, $quantity)] = $points;
            }
        }

        return (new PracticeHair(new State($prior->layout, $mean, $prior->covariance)))->settled();
    }

    private function scalp(Head $head): PracticeScalp
    {
        $mean = array_replace(ScalpState::usual($head->parameters->scalp)->mean, $this->scalp);
        ksort($mean);

        return PracticeScalp::of(array_values($mean), oiled: $this->oils !== 'none');
    }

    /** @return list<WashDay> what is told of the last weeks at home */
    private function past(DateTimeImmutable $from): array
    {
        $past = [];
        for ($wash = 6; $wash >= 1; $wash--) {
            $days = $this->lastWash + ($wash - 1) * $this->washEveryDays;
            $isDue = static fn (int $every): bool => $every > 0 && $wash % $every === 0;
            $past[] = new WashDay("past-{$wash}", $from->modify("-{$days} days"), array_values(array_filter([
                Step::cleanse($this->cleanse),
                $isDue($this->proteinEvery) ? Step::mildProtein(5) : null,
                $isDue($this->maskEvery) ? Step::mask(20) : Step::conditioner(3),
            ])));
        }

        return $past;
    }
}
