<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** What stays the same of a head from week to week. */
final readonly class Head
{
    /** The shortest wash day there can be time for. */
    public const LEAST_MINUTES_LIMIT = 10;

    /** @var list<Stratum> one to three, largest share first */
    public array $strata;

    public Parameters $parameters;

    /**
     * @param list<ZonePart> $zoneParts
     * @param float|null     $hardnessMgPerL   water hardness in mg/L of CaCO₃, 0 to 1000; null: not measured
     * @param float          $humidityPercent  usual relative humidity around the head, 0 to 100
     * @param float|null     $lengthMm         stretched length, root to tip, 10 to 2000; null: not measured
     * @param int            $sections         sections a wash day is done in, 1 to 12
     * @param int            $washEveryDays    days between wash days, 2 to 35
     * @param int|null       $minutesLimit     longest wash day the client has time for, in minutes
     * @param bool           $soreScalp        bars heat and strong cleansing until cleared
     * @param bool           $redSign          something is for a clinician to see first; bars treatments until cleared
     * @param Parameters|null $parameters      what the computation goes by for this head; null: as shipped
     * @param DateTimeImmutable|null $bornOn   null: not said, taken for grown up
     * @param CurlPattern|null $curl           null: neither measured nor seen
     * @param bool           $tenderEdges      a hairline that is tender or bumpy bears no tension
     *
     * @throws RefusedInput where a number is outside its range
     */
    public function __construct(
        public array $zoneParts,
        public ?float $hardnessMgPerL = 100.0,
        public float $humidityPercent = 50.0,
        public StylingLoad $load = StylingLoad::Medium,
        public bool $proteinSensitive = false,
        public bool $soreScalp = false,
        public bool $swims = false,
        public ?float $lengthMm = 300.0,
        public int $sections = 4,
        public int $washEveryDays = 7,
        public ?int $minutesLimit = null,
        public Method $method = new Method(),
        public bool $redSign = false,
        ?Parameters $parameters = null,
        public ?DateTimeImmutable $bornOn = null,
        public SectionsByWork $sectionsByWork = new SectionsByWork(),
        public bool $tenderEdges = false,
        public ?CurlPattern $curl = null,
    ) {
        $this->parameters = $parameters ?? Parameters::shipped();
        self::within('hardness', $hardnessMgPerL ?? 0.0, 0, 1000);
        self::within('humidity', $humidityPercent, 0, 100);
        self::within('length', $lengthMm ?? 10.0, 10, 2000);
        self::within('sections', $sections, 1, 12);
        self::within('wash-every', $washEveryDays, 2, 35);
        if ($minutesLimit !== null) {
            self::within('minutes-limit', $minutesLimit, self::LEAST_MINUTES_LIMIT, 480);
        }
        $this->strata = Strata::of($zoneParts, $this->parameters);
    }

    /** What the arithmetic goes by: as measured, or what is usual where nobody has. */
    public function hardness(): float
    {
        return $this->hardnessMgPerL ?? $this->parameters->model->hardnessNotMeasuredMgPerL;
    }

    /** What the arithmetic goes by, in mm: as measured, or what is usual where nobody has. */
    public function length(): float
    {
        return $this->lengthMm ?? $this->parameters->model->lengthNotMeasuredMm;
    }

    /** In whole years on a day; null: not said. */
    public function ageOn(DateTimeImmutable $day): ?int
    {
        return $this->bornOn === null || $this->bornOn > $day ? null : $this->bornOn->diff($day)->y;
    }

    /** @param list<ZonePart> $zoneParts */
    public function withZones(array $zoneParts): self
    {
        return $this->with($zoneParts, $this->bornOn, $this->tenderEdges, $this->parameters, $this->curl);
    }

    /** The same head of somebody who was born on a day; null: not said. */
    public function born(?DateTimeImmutable $on): self
    {
        return $this->with($this->zoneParts, $on, $this->tenderEdges, $this->parameters, $this->curl);
    }

    public function tenderAtTheEdges(bool $tenderEdges): self
    {
        return $this->with($this->zoneParts, $this->bornOn, $tenderEdges, $this->parameters, $this->curl);
    }

    /** The same head with its curl; null: neither measured nor seen. */
    public function curled(?CurlPattern $curl): self
    {
        return $this->with($this->zoneParts, $this->bornOn, $this->tenderEdges, $this->parameters, $curl);
    }

    /** The same head, computed with other parameters. */
    public function under(Parameters $parameters): self
    {
        return $this->with($this->zoneParts, $this->bornOn, $this->tenderEdges, $parameters, $this->curl);
    }

    /** @param list<ZonePart> $zoneParts */
    private function with(
        array $zoneParts,
        ?DateTimeImmutable $bornOn,
        bool $tenderEdges,
        Parameters $parameters,
        ?CurlPattern $curl,
    ): self {
        return new self(
            $zoneParts,
            $this->hardnessMgPerL,
            $this->humidityPercent,
            $this->load,
            $this->proteinSensitive,
            $this->soreScalp,
            $this->swims,
            $this->lengthMm,
            $this->sections,
            $this->washEveryDays,
            $this->minutesLimit,
            $this->method,
            $this->redSign,
            $parameters,
            $bornOn,
            $this->sectionsByWork,
            $tenderEdges,
            $curl,
        );
    }

    /** @throws RefusedInput outside of them */
    private static function within(string $what, float $value, float $least, float $most): void
    {
        // NaN is asked for by name: compiled just in time, a comparison with it is not what the language says.
        if (is_nan($value) || $value < $least || $value > $most) {
            throw new RefusedInput(Message::of(
                "refusals.head.{$what}",
                least: new Figure($least),
                most: new Figure($most),
            ));
        }
    }
}
