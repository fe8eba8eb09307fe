<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Scalp\ScalpState;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/**
 * What is kept of hair that was really met, to practise on: measures of it, rounded, and how long ago what kind of
 * treatment was. No name, no date, no word anybody typed, no picture and no bottle can be in it: there is no place for
 * them.
 *
 * @phpstan-type Hair array{
 *     parts: list<array{zone: string, part: string, porosity: string, strand: string, treated: bool}>,
 *     hardness: int, humidity: int, load: string, length_cm: int, wash_every: int, oils: string, child: bool,
 *     stands: list<list<int>>, scalp: array<int, int>, ring_mm: int, keeps: int, visit_minutes: int, home_minutes: int,
 *     past: list<array{days: int, cleanse: string, mask: bool, protein: bool}>,
 * }
 */
final class LivedHair
{
    private const WASHES = 6;

    /** Rounded so far, in their units. */
    private const HARDNESS = 20;
    private const HUMIDITY = 5;
    private const LENGTH_CM = 5;
    private const RING_MM = 5;
    private const MINUTES = 15;
    private const KEEPS = 5;

    private const USUAL_RING_MM = 15;
    private const MOST_VISIT = 240;
    private const LEAST_VISIT = 90;
    private const LEAST_HOME = 75;
    private const USUAL_VISIT = 150;
    private const USUAL_HOME = 90;

    /**
     * @param Head               $head    as it is known
     * @param State              $state   as it is thought to stand
     * @param ScalpState|null    $scalp   null: nobody read it
     * @param list<WashDay>      $past    in any order
     * @param float|null         $keeps   share of what is planned at home that is done, 0 to 1; null: not known
     * @param float|null         $ringMm  null: not measured
     * @param int|null           $minutes longest wash day there is time for; null: no limit
     *
     * @return Hair
     */
    public static function of(
        Head $head,
        State $state,
        ?ScalpState $scalp,
        array $past,
        DateTimeImmutable $today,
        ?float $keeps,
        ?float $ringMm,
        ?int $minutes,
    ): array {
        $limit = self::near($minutes ?? self::USUAL_VISIT, self::MINUTES);

        return [
            'parts' => self::parts($head),
            'hardness' => self::near($head->hardness(), self::HARDNESS),
            'humidity' => self::near($head->humidityPercent, self::HUMIDITY),
            'load' => $head->load === StylingLoad::NotMeasured ? StylingLoad::Medium->value : $head->load->value,
            'length_cm' => max(self::LENGTH_CM, self::near($head->length() / 10, self::LENGTH_CM)),
            'wash_every' => max(2, min(PracticeCase::DAYS_A_TURN, $head->washEveryDays)),
            'oils' => $head->method->choice(MethodQuestion::Oils),
            'child' => ($head->ageOn($today) ?? PHP_INT_MAX) < $head->parameters->planning->childUntilYears,
            'stands' => self::stands($head, $state),
            'scalp' => $scalp === null ? [] : [
                ScalpState::OIL => (int) round($scalp->mean[ScalpState::OIL]),
                ScalpState::FLAKES => (int) round($scalp->mean[ScalpState::FLAKES]),
                ScalpState::DRYNESS => (int) round($scalp->mean[ScalpState::DRYNESS]),
            ],
            'ring_mm' => $ringMm === null
                ? self::USUAL_RING_MM
                : max(self::RING_MM, min(60, self::near($ringMm, self::RING_MM))),
            'keeps' => max(50, min(95, self::near(100 * ($keeps ?? 0.85), self::KEEPS))),
            'visit_minutes' => max(self::LEAST_VISIT, min(self::MOST_VISIT, $limit)),
            'home_minutes' => max(self::LEAST_HOME, $minutes === null ? self::USUAL_HOME : $limit),
            'past' => self::past($past, $today),
        ];
    }

    private static function near(float $value, int $step): int
    {
        return $step * (int) round($value / $step);
    }

    /** @return list<array{zone: string, part: string, porosity: string, strand: string, treated: bool}> */
    private static function parts(Head $head): array
    {
        return array_map(static fn (ZonePart $part): array => [
            'zone' => $part->zone->value, 'part' => $part->part->value,
            // Hair to practise on has a porosity and a strand, whoever measured it.
            'porosity' => ($part->porosity === Porosity::NotMeasured ? Porosity::Medium : $part->porosity)->value,
            'strand' => ($part->strand === StrandDiameter::NotMeasured ? StrandDiameter::Medium : $part->strand)->value,
            'treated' => $part->chemicallyTreated,
        ], $head->zoneParts);
    }

    /** @return list<list<int>> by stratum, whole points: moisture and protein beside what it likes, build-ups, wear */
    private static function stands(Head $head, State $state): array
    {
        $stands = [];
        foreach ($head->strata as $s => $stratum) {
            $stands[] = array_map(static fn (float $points): int => (int) round($points), [
                $state->value($s, StateLayout::MOISTURE) - $stratum->targetMoisture(),
                $state->value($s, StateLayout::PROTEIN) - $stratum->targetProtein($head->proteinSensitive),
                $state->value($s, StateLayout::WASHABLE),
                $state->value($s, StateLayout::STUBBORN),
                $state->value($s, StateLayout::WEAR),
            ]);
        }

        return $stands;
    }

    /**
     * @param list<WashDay> $washDays
     *
     * @return list<array{days: int, cleanse: string, mask: bool, protein: bool}> the last washes, earliest first
     */
    private static function past(array $washDays, DateTimeImmutable $today): array
    {
        $past = [];
        foreach ($washDays as $washDay) {
            $days = Calendar::daysBetween($washDay->date, $today);
            if ($days > 0 && $washDay->has(StepKind::Cleanse)) {
                $past[$days] = [
                    'days' => $days, 'cleanse' => self::cleanse($washDay), 'mask' => $washDay->has(StepKind::Mask),
                    'protein' => $washDay->has(StepKind::MildProtein, StepKind::StrongProtein),
                ];
            }
        }
        krsort($past);

        return array_slice(array_values($past), -self::WASHES);
    }

    private static function cleanse(WashDay $washDay): string
    {
        $kinds = array_filter(array_map(static fn (Step $step): ?CleanseKind => $step->cleanse, $washDay->steps));

        return (reset($kinds) ?: CleanseKind::Gentle)->value;
    }
}
