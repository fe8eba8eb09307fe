<?php

declare(strict_types=1);

namespace App\Bridge\Products;

use App\Wording\Words;
use DateTimeImmutable;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\BottleCandidate;
use Nagomi\Core\Products\BottleChoice;
use Nagomi\Core\Products\BottleMiss;
use Nagomi\Core\Products\BottleNeed;
use Nagomi\Core\Products\BottleReason;
use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;

/**
 * Which bottle a step is done with, said the same wherever it is asked: on the plan, at the wash, at home.
 *
 * @phpstan-import-type ProductChoice from ClientProducts
 */
final readonly class BottleChooser
{
    public function __construct(
        private Parameters $parameters,
    ) {
    }

    /**
     * @param array<int, Step> $day all steps of the day, by their place
     *
     * @return array<int, ChosenBottle> by the place of the step; what takes no bottle is left out
     */
    public function ofSteps(ClientShelf $shelf, array $day, DateTimeImmutable $on, Place $place): array
    {
        $chosen = [];
        foreach ($day as $i => $step) {
            $kind = ProductKind::of($step);
            if ($kind !== null) {
                $chosen[$i] = $this->of($shelf, $kind, $step, array_values($day), $on, $place);
            }
        }

        return $chosen;
    }

    /**
     * @param Step|null  $step null for what no plan asks for, such as a styler
     * @param list<Step> $day  all steps of the day
     */
    public function of(
        ClientShelf $shelf,
        ProductKind $kind,
        ?Step $step,
        array $day,
        DateTimeImmutable $on,
        Place $place,
    ): ChosenBottle {
        $bottles = ($place === Place::Home ? $shelf->own : $shelf->salon)[$kind->value] ?? [];
        $ml = $shelf->ml($kind);
        $needed = $ml * BottleNeed::times($kind, $step, $day);
        $worked = $shelf->worked[$kind->value] ?? [];
        $choice = BottleChoice::of(
            $bottles,
            $step === null
                ? new BottleNeed($kind, $on, $needed)
                : BottleNeed::of($step, $day, $kind, $on, $needed, $shelf->isFreeOfProtein),
            array_values($worked),
            array_map(strval(...), array_keys($worked)),
            $this->isSpared($shelf, $on),
            $this->parameters->contents,
        );
        $row = $shelf->rows[$choice->taken->id ?? ''] ?? null;
        $passed = implode(', ', array_map(self::against(...), $choice->passed));

        return new ChosenBottle(
            $row['product'] ?? null,
            round($ml, 1),
            $row['pumps'] ?? null,
            $row['cost_cents'] ?? null,
            $row === null ? '' : self::care($row),
            $row === null || $choice->taken === null ? '' : self::patchTest($row, $choice->taken, $place),
            $row === null ? '' : $this->because($choice->because, $row['product']->name, $shelf),
            $row === null || $passed === '' ? '' : Words::say('bottles.passed', ['what' => $passed]),
            $row !== null || $passed === '' ? '' : Words::say('bottles.missing', ['what' => $passed]),
            $bottles === [] && $place === Place::Salon ? self::absent($shelf, $kind) : '',
            $this->with($step, $choice->nearest),
            $this->with($step, $choice->taken),
            $this->others($shelf, $step, $choice, $place),
        );
    }

    /** @return list<OtherBottle> what does it first; nothing that must not touch this client, or is past its time */
    private function others(ClientShelf $shelf, ?Step $step, BottleChoice $choice, Place $place): array
    {
        $others = [];
        $fit = array_map(static fn (BottleCandidate $one): array => [$one, null], $choice->others);
        foreach ([...$fit, ...$choice->passed] as [$one, $miss]) {
            $row = $shelf->rows[$one->id] ?? null;
            if ($row !== null && $one->refusal === null && $miss !== BottleMiss::PastItsTime) {
                $others[] = new OtherBottle(
                    $row['product'],
                    $row['pumps'],
                    $row['cost_cents'],
                    trim(self::care($row) . ' ' . self::patchTest($row, $one, $place)),
                    $miss === null ? '' : Words::say("bottles.misses.{$miss->value}"),
                    $this->with($step, $one),
                );
            }
        }

        return $others;
    }

    /** @param ProductChoice $row */
    private static function care(array $row): string
    {
        return $row['verdict'] === 'with-care' ? $row['reasons'][0]['says'] ?? '' : '';
    }

    /**
     * What is used at home already is new to nobody there.
     *
     * @param ProductChoice $row
     */
    private static function patchTest(array $row, BottleCandidate $bottle, Place $place): string
    {
        return $place === Place::Salon && ! $bottle->isKnown ? $row['patch_test'] : '';
    }

    /** Of a salon that keeps no products here nothing is known. */
    private static function absent(ClientShelf $shelf, ProductKind $kind): string
    {
        return $shelf->salon === [] ? '' : Words::say('bottles.absent', [
            'kind' => Words::say("nagomi.kinds.{$kind->value}"),
        ]);
    }

    /** @param array{BottleCandidate, BottleMiss} $passed */
    private static function against(array $passed): string
    {
        return Words::say('bottles.against', [
            'name' => $passed[0]->name, 'why' => Words::say("bottles.misses.{$passed[1]->value}"),
        ]);
    }

    private function because(?BottleReason $reason, string $name, ClientShelf $shelf): string
    {
        return $reason === null ? '' : Words::say("bottles.because.{$reason->value}", [
            'times' => (int) $shelf->results->times($name), 'best' => $shelf->results->best,
        ]);
    }

    /** Shortly before a day that counts nothing is tried out. */
    private function isSpared(ClientShelf $shelf, DateTimeImmutable $on): bool
    {
        $until = $on->modify("+{$this->parameters->planning->beforeADayThatCountsDays} days")->format('Y-m-d');

        return array_filter(
            $shelf->countingDays,
            static fn (string $day): bool => $day >= $on->format('Y-m-d') && $day <= $until,
        ) !== [];
    }

    /** A step as it would be with another bottle, no longer than that one's label lets it sit. */
    private function with(?Step $step, ?BottleCandidate $bottle): ?Step
    {
        if ($step === null || $bottle === null) {
            return null;
        }
        $label = $bottle->facts->labelMinutes;
        $shorter = $label === null || $step->minutes === null || $step->minutes <= $label
            ? $step
            : $step->lasting((float) $label);

        return $shorter->from($bottle->name)->with($bottle->profile->contents);
    }
}
