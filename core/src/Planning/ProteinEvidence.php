<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Estimation\FilterRun;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** What is known of a head that speaks for protein or against it. */
final readonly class ProteinEvidence
{
    /** The test whose points say stiff or mushy. */
    public const FEEL = 'feel';

    /**
     * @param bool $isRecent             the hair was read, or had a chemical service, within the days that count
     * @param bool $isStiff              of the readings of those days the last says stiff
     * @param bool $isUnreadSinceProtein nobody has read the hair since its last protein
     * @param bool $wasOverloaded        protein was too much for it once
     * @param int|null $readDaysAgo      days since a sign of the balance was read; null: not since the last chemical
     *     service, or nobody knows
     */
    public function __construct(
        public bool $isRecent = true,
        public bool $isStiff = false,
        public bool $isUnreadSinceProtein = false,
        public bool $wasOverloaded = false,
        public ?int $readDaysAgo = null,
    ) {
    }

    /**
     * @param DateTimeImmutable|null $lastRead    day on which a sign of the balance was read; null: never
     * @param DateTimeImmutable|null $lastProtein day of the last protein of any strength; null: none
     * @param DateTimeImmutable|null $lastService day of the last chemical service; null: none
     * @param list<array{DateTimeImmutable, float}> $feels days and points of the feel between the fingers, as read
     */
    public static function of(
        ?DateTimeImmutable $lastRead,
        ?DateTimeImmutable $lastProtein,
        ?DateTimeImmutable $lastService,
        array $feels,
        DateTimeImmutable $today,
        PlanningParameters $limits,
    ): self {
        return new self(
            self::isWithin($lastRead, $today, $limits) || self::isWithin($lastService, $today, $limits),
            self::isStiff($feels, $today, $limits),
            $lastProtein !== null && ($lastRead === null || $lastRead <= $lastProtein),
            // What was read before a chemical service says little of the hair after it.
            readDaysAgo: $lastRead === null || $lastService > $lastRead
                ? null
                : max(0, Calendar::daysBetween($lastRead, $today)),
        );
    }

    /**
     * The same from what a filter went through.
     *
     * @param list<WashDay> $washDays until today
     */
    public static function ofRun(
        FilterRun $run,
        array $washDays,
        DateTimeImmutable $today,
        PlanningParameters $limits,
    ): self {
        return self::of(
            $run->lastRead(),
            self::lastOf($washDays, StepKind::MildProtein, StepKind::StrongProtein),
            self::lastOf($washDays, StepKind::ChemicalService),
            $run->valuesOf(self::FEEL),
            $today,
            $limits,
        );
    }

    /** @param list<WashDay> $washDays */
    private static function lastOf(array $washDays, StepKind ...$kinds): ?DateTimeImmutable
    {
        $days = [];
        foreach ($washDays as $washDay) {
            if ($washDay->has(...$kinds)) {
                $days[] = $washDay->date;
            }
        }

        return $days === [] ? null : max($days);
    }

    /** The same of a head for which protein was too much once. */
    public function afterOverload(bool $wasOverloaded): self
    {
        return new self(
            $this->isRecent,
            $this->isStiff,
            $this->isUnreadSinceProtein,
            $wasOverloaded,
            $this->readDaysAgo,
        );
    }

    private static function isWithin(
        ?DateTimeImmutable $day,
        DateTimeImmutable $today,
        PlanningParameters $limits,
    ): bool {
        return $day !== null && Calendar::daysBetween($day, $today) <= $limits->evidenceDays;
    }

    /** @param list<array{DateTimeImmutable, float}> $feels */
    private static function isStiff(array $feels, DateTimeImmutable $today, PlanningParameters $limits): bool
    {
        $last = null;
        $stiff = false;
        foreach ($feels as [$date, $points]) {
            $age = Calendar::daysBetween($date, $today);
            if ($age < 0 || $age > $limits->evidenceDays || $date < $last) {
                continue;
            }
            // Several on one day, as of zones: one that is stiff is enough.
            $stiff = $points <= $limits->stiffFeel || $stiff && $date === $last;
            $last = $date;
        }

        return $stiff;
    }
}
