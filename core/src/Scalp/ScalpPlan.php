<?php

declare(strict_types=1);

namespace Nagomi\Core\Scalp;

use Closure;
use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;

/** What the scalp asks for through a season: its rhythm, the days on which it is cared for, and where oil keeps off. */
final readonly class ScalpPlan
{
    /** Half-width of an 80 % range in standard deviations. */
    private const RANGE_SD = 1.2816;

    /** @param array<string, ScalpCareDay> $days by date, each wash day of the season */
    private function __construct(public ScalpRhythm $rhythm, private array $days)
    {
    }

    /**
     * @param list<int>                        $washDays days counted from the day of the estimate
     * @param Closure(int): (list<Step>|null)|null $done what is done on a wash day; null: what is usual
     */
    public static function over(
        ScalpEstimate $estimate,
        ScalpRhythm $rhythm,
        Head $head,
        Humidity $air,
        array $washDays,
        ?Closure $done = null,
    ): self {
        $needs = new ScalpNeeds($head);
        // Too oily with nothing put on, a scalp is given none on any day.
        $isOilyByItself = $rhythm->because === Sign::ScalpOil;
        $days = [];
        $stepsOn = static function (int $day, ScalpState $morning) use (
            $needs,
            $head,
            $estimate,
            $washDays,
            $done,
            $isOilyByItself,
            &$days,
        ): array {
            if (! in_array($day, $washDays, true)) {
                return [];
            }
            $one = self::day($morning, $needs, $head);
            $one = $isOilyByItself ? $one->withoutOil() : $one;
            $days[$estimate->date->modify("+{$day} days")->format('Y-m-d')] = $one;

            return ($done === null ? null : $done($day)) ?? self::usual($one, $head);
        };
        $last = $washDays === [] ? 0 : max($washDays);
        ScalpForecast::through($estimate, $stepsOn, $last, $air, $head->parameters->scalp);

        return new self($rhythm, $days);
    }

    /** @return list<Step> what is done to the scalp on a day that nothing else was decided for */
    private static function usual(ScalpCareDay $day, Head $head): array
    {
        $oils = $day->bearsOil && ! $head->method->says(MethodQuestion::Scalp, 'bare');
        $cleanse = match (true) {
            $day->for !== null => Step::cleanse(CleanseKind::ScalpCare, 1, $head->parameters->scalp->contactMinutes),
            $head->soreScalp || $head->redSign => Step::cleanse(CleanseKind::Gentle),
            default => Step::cleanse(CleanseKind::Shampoo),
        };

        return [$cleanse, ...$oils ? [Step::scalpOil()] : []];
    }

    /** What the scalp asks for on one morning. */
    public static function day(ScalpState $morning, ScalpNeeds $needs, Head $head): ScalpCareDay
    {
        $scalp = $head->parameters->scalp;
        $for = $needs->careFor($morning);
        $of = $for ?? Sign::ScalpFlakes;
        $expected = $morning->expected($of, $scalp) ?? 0.0;
        $half = self::RANGE_SD * $morning->sd($of, $scalp);
        [$least, $most] = $of->limits();

        return new ScalpCareDay(
            $for,
            $expected,
            max($least, $expected - $half),
            min($most, $expected + $half),
            $needs->bearsOil($morning),
            $needs->isOily($morning),
            $needs->isPast(Sign::ScalpFlakes, $morning),
        );
    }

    /** Whether it asks on no day for more than the other does. */
    public function asksNoMoreThan(self $other): bool
    {
        foreach ($this->days as $date => $day) {
            $theirs = $other->days[$date] ?? null;
            if ($theirs === null || $day->for !== null && $theirs->for === null || $day->isOily && ! $theirs->isOily) {
                return false;
            }
        }

        return true;
    }

    /** What either asks for. */
    public function and(self $other): self
    {
        $days = $this->days;
        foreach ($days as $date => $day) {
            $days[$date] = isset($other->days[$date]) ? $day->and($other->days[$date]) : $day;
        }

        return new self($this->rhythm, $days);
    }

    /** What the scalp asks for on a wash day; null for a day that is none of this season. */
    public function on(DateTimeImmutable $date): ?ScalpCareDay
    {
        return $this->days[$date->format('Y-m-d')] ?? null;
    }

    /** Whether scalp care is due on any of the days. */
    public function cares(): bool
    {
        return array_filter($this->days, static fn (ScalpCareDay $day): bool => $day->for !== null) !== [];
    }
}
