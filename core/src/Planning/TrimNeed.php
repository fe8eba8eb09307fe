<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;

/**
 * When hair is to be trimmed, and by how much: by rhythm where the goal is known, sooner where the ends say so. Common
 * practice, no source; how far the thin tips reach up follows from the circumferences, taken to fall evenly from root to
 * tip.
 */
final readonly class TrimNeed
{
    /** z of the 10 % and 90 % points: between them lies 80 %. */
    private const Z_80 = 1.2815515655446004;

    /**
     * @param float        $mm      to be cut, at least a dusting, at most what the goal bears at a time
     * @param float        $leastMm and its 80 % range, which is that of the reading it follows from
     * @param float|null   $thinMm  as far as the tips are thin, where that is more than is cut at a time
     * @param list<string> $because rhythm, ends-worn, ends-much-worn, taper; what calls for it soonest comes first
     */
    private function __construct(
        public DateTimeImmutable $dueOn,
        public float $mm,
        public float $leastMm,
        public float $mostMm,
        public ?float $thinMm,
        public float $minutes,
        public array $because,
    ) {
    }

    /** @return self|null null where nothing known of this head calls for a trim: not read, and no goal or no trim */
    public static function of(
        TrimEvidence $evidence,
        ?TrimGoal $goal,
        DateTimeImmutable $today,
        Parameters $parameters,
    ): ?self {
        $limits = $parameters->trim;
        $asked = self::asked($evidence, $goal, $today, $parameters);
        if ($asked === []) {
            return null;
        }
        asort($asked);
        $goal ??= TrimGoal::Keep;
        [$thin, $thinLeast, $thinMost] = isset($asked['taper']) ? self::thin($evidence, $parameters) : [0.0, 0.0, 0.0];
        $worn = match (true) {
            isset($asked['ends-much-worn']) => $limits->wornMm['much-worn'],
            isset($asked['ends-worn']) => $limits->wornMm['worn'],
            default => 0.0,
        };
        $due = max($today, array_values($asked)[0]);
        $usual = max($limits->dustingMm, $worn, $goal === TrimGoal::Grow ? 0.0 : self::grown($evidence, $due));
        $bear = static fn (float $mm): float => min($limits->portionMm[$goal->value], max($usual, $mm));

        return new self(
            $due,
            $bear($thin),
            $bear($thinLeast),
            $bear($thinMost),
            $thin > $bear($thin) ? $thin : null,
            $limits->minutes[$goal->value],
            array_keys($asked),
        );
    }

    /** @return array<string, DateTimeImmutable> what calls for a trim, and for when */
    private static function asked(
        TrimEvidence $evidence,
        ?TrimGoal $goal,
        DateTimeImmutable $today,
        Parameters $parameters,
    ): array {
        $limits = $parameters->trim;
        $counts = static fn (?DateTimeImmutable $on): bool => $on !== null
            && Calendar::daysBetween($on, $today) <= $parameters->planning->notReadAfterDays
            && ($evidence->lastTrim === null || $on > $evidence->lastTrim);
        $asked = [];
        if ($evidence->ends !== null && $evidence->endsOn !== null && $counts($evidence->endsOn)) {
            $times = $evidence->ends / $parameters->signs->countAtTarget['ends'];
            $state = match (true) {
                $times > $limits->wornFromTimes['much-worn'] => 'much-worn',
                $times > $limits->wornFromTimes['worn'] => 'worn',
                default => null,
            };
            if ($state !== null) {
                $asked["ends-{$state}"] = $evidence->endsOn->modify("+{$limits->withinDays[$state]} days");
            }
        }
        if ($evidence->taper !== null && $evidence->taperOn !== null && $counts($evidence->taperOn)) {
            if ($evidence->taper < $limits->thinBelowPercent) {
                $asked['taper'] = $evidence->taperOn->modify("+{$limits->withinDays['thin']} days");
            }
        }
        if ($goal !== null && $evidence->lastTrim !== null) {
            $asked['rhythm'] = $evidence->lastTrim->modify("+{$limits->everyDays[$goal->value]} days");
        }

        return $asked;
    }

    /** What grew since the last trim until a day, in mm; 0 where none is on record. */
    private static function grown(TrimEvidence $evidence, DateTimeImmutable $until): float
    {
        return $evidence->lastTrim === null
            ? 0.0
            : $evidence->growthMmADay * max(0, Calendar::daysBetween($evidence->lastTrim, $until));
    }

    /**
     * How far up from the tips less than the usual share of the hair is left, in mm, with its 80 % range. A braid's
     * circumference falls from the root to the tip by the square root of the thickness kept.
     *
     * @return array{float, float, float} of the usual length where none was measured
     */
    private static function thin(TrimEvidence $evidence, Parameters $parameters): array
    {
        $length = $evidence->lengthMm ?? $parameters->model->lengthNotMeasuredMm;
        $sd = $parameters->signs->readingSd['taper'];
        $reaches = static function (float $kept) use ($length, $parameters): float {
            $tip = sqrt(max(0.0, min(99.0, $kept)) / 100);

            return max(0.0, $length * (sqrt($parameters->trim->thinBelowPercent / 100) - $tip) / (1 - $tip));
        };
        $kept = (float) $evidence->taper;

        return [$reaches($kept), $reaches($kept + self::Z_80 * $sd), $reaches($kept - self::Z_80 * $sd)];
    }
}
