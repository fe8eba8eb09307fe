<?php

declare(strict_types=1);

namespace Nagomi\Core\Products;

use Nagomi\Core\Parameters\ContentParameters;

/**
 * Which of the bottles a step is done with: what was never disliked first, then what suits before what does not quite, then what does just what is
 * planned, then what is like the bottles of this client's best wash days, then what there is surely enough of, then
 * what costs less.
 */
final readonly class BottleChoice
{
    /** A bottle with the least of these against it is the nearest where none fits; what is not named here never is. */
    private const NEARNESS = [
        BottleMiss::SitsTooShort, BottleMiss::ProteinTooMild, BottleMiss::TooMildACleanse, BottleMiss::DoesNotChelate,
        BottleMiss::NoScalpCare,
        BottleMiss::TooHarsh, BottleMiss::ProteinTooStrong, BottleMiss::HoldsProtein, BottleMiss::NoProtein,
    ];

    /**
     * @param list<BottleCandidate>                   $others  what would do as well, the next best first
     * @param BottleReason|null                       $because null where there was no other, or nothing told them apart
     * @param list<array{BottleCandidate, BottleMiss}> $passed  what does not do it, and why
     * @param BottleCandidate|null                    $nearest where none fits, what comes nearest to it
     */
    private function __construct(
        public ?BottleCandidate $taken,
        public array $others,
        public ?BottleReason $because,
        public array $passed,
        public ?BottleCandidate $nearest,
    ) {
    }

    /**
     * @param list<BottleCandidate> $bottles of the kind
     * @param list<BottleProfile>   $worked  bottles of this kind that went with the client's best wash days
     * @param list<string>          $workedIds of these, the ones that are still there
     * @param bool                  $isSpared shortly before a day that counts, when nothing is tried out
     */
    public static function of(
        array $bottles,
        BottleNeed $need,
        array $worked,
        array $workedIds,
        bool $isSpared,
        ContentParameters $parameters,
    ): self {
        $fit = $passed = [];
        foreach ($bottles as $bottle) {
            $miss = $bottle->refusal ?? BottleMiss::of($need, $bottle->facts);
            if ($miss === null) {
                $fit[] = $bottle;
            } else {
                $passed[] = [$bottle, $miss];
            }
        }
        $places = array_map(static fn (BottleCandidate $bottle): array => [
            BottleReason::KnownBeforeTheDay->value => $isSpared && ! $bottle->isKnown ? 1.0 : 0.0,
            BottleReason::Liked->value => $bottle->isDisliked ? 1.0 : 0.0,
            BottleReason::SuitsBetter->value => $bottle->suitsWell ? 0.0 : 1.0,
            BottleReason::AsPlanned->value => (float) BottleFit::stepsAway($need, $bottle->facts),
            BottleReason::Worked->value => in_array($bottle->id, $workedIds, true) ? 0.0 : 1.0,
            BottleReason::LikeWhatWorked->value => -self::likeness($bottle, $worked, $parameters),
            BottleReason::SurelyEnough->value => $bottle->facts->leftMl === null ? 1.0 : 0.0,
            BottleReason::Cheaper->value => (float) ($bottle->centsADose ?? PHP_INT_MAX),
        ], $fit);
        uksort($places, static fn (int $a, int $b): int
            => [...array_values($places[$a]), $fit[$a]->name] <=> [...array_values($places[$b]), $fit[$b]->name]);
        $order = array_keys($places);
        $taken = $fit[$order[0] ?? -1] ?? null;
        $because = isset($order[1]) ? self::differ($places[$order[0]], $places[$order[1]]) : null;

        $others = array_map(static fn (int $i): BottleCandidate => $fit[$i], array_slice($order, 1));

        return new self($taken, $others, $because, $passed, $taken === null ? self::nearest($passed) : null);
    }

    /** @param list<BottleProfile> $worked */
    private static function likeness(BottleCandidate $bottle, array $worked, ContentParameters $parameters): float
    {
        return array_reduce(
            $worked,
            static fn (float $most, BottleProfile $one): float
                => max($most, round(BottleLikeness::of($one, $bottle->profile, $parameters)->share(), 2)),
            0.0,
        );
    }

    /**
     * @param array<string, float> $first
     * @param array<string, float> $second
     */
    private static function differ(array $first, array $second): ?BottleReason
    {
        foreach ($first as $reason => $place) {
            if ($place !== $second[$reason]) {
                return BottleReason::from($reason);
            }
        }

        return null;
    }

    /** @param list<array{BottleCandidate, BottleMiss}> $passed */
    private static function nearest(array $passed): ?BottleCandidate
    {
        foreach (self::NEARNESS as $miss) {
            foreach ($passed as [$bottle, $of]) {
                if ($of === $miss) {
                    return $bottle;
                }
            }
        }

        return null;
    }
}
