<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Estimation\HeadHistory;
use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Estimation\StylistBias;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Safety\Clearance;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\PaceHistory;

/** One head's history as one document: what it is like, what was done, what was read, what is planned. */
final readonly class CareRecord
{
    public const FORMAT = 'nagomi-care-record';
    public const VERSION = 1;

    /**
     * @param array<string, mixed>       $intake   what was written down of the person; carried through as it is
     * @param list<WashDay>              $washDays in the order they were given
     * @param list<Reading>              $readings in the order they were given
     * @param list<array<string, mixed>> $products products the steps refer to, carried through
     * @param list<StylistBias>          $biases   how far each stylist reads above the salon's usual
     * @param array<string, mixed>|null  $plan     the plan as it stood, carried through
     * @param list<StrataTransition>                $remaps   days on which the zones were sorted anew
     * @param array<string, float> $air daily humidity in % by day of the year, of the salon's weather station; [] for
     *     none
     * @param PlanTerms                      $terms    what a plan must keep to
     * @param list<Clearance>            $clearances signs that barred treatments
     * @param float|null                 $detangleASectionMinutes what detangling a section takes on other heads of the
     *     salon as dense and as long; null: the trade's usual
     * @param PaceHistory                $pace     what was dried by the clock, and when styles came down
     */
    public function __construct(
        public string $id,
        public string $name,
        public Head $head,
        public array $intake = [],
        public array $washDays = [],
        public array $readings = [],
        public array $products = [],
        public array $biases = [],
        public ?array $plan = null,
        public array $remaps = [],
        public array $air = [],
        public PlanTerms $terms = new PlanTerms(),
        public array $clearances = [],
        public ?float $detangleASectionMinutes = null,
        public PaceHistory $pace = new PaceHistory(),
    ) {
    }

    public function history(): HeadHistory
    {
        return new HeadHistory(
            $this->head,
            $this->washDays,
            $this->readings,
            $this->remaps,
            $this->biases,
            new Humidity($this->head->humidityPercent, $this->air),
        );
    }

    /** @return list<WashDay> those that have been by the given day */
    public function washDaysUntil(DateTimeImmutable $today): array
    {
        return array_values(array_filter($this->washDays, static fn (WashDay $day): bool => $day->date <= $today));
    }
}
