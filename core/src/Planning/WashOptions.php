<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Climate\WaterHardness;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;

/** The ways a wash day of one head can be done, by its house method; the rules then say which are open on which day. */
final class WashOptions
{
    /** @return non-empty-list<WashOption> */
    public static function of(Head $head, PlanTerms $terms = new PlanTerms()): array
    {
        $conditionings = [[StepKind::Conditioner, $head->parameters->washDay->stepMinutes['conditioner'], false]];
        foreach (self::maskMinutes($head, $terms) as $minutes) {
            $conditionings[] = [StepKind::Mask, $minutes, self::heats($head)];
            // Children grow up in a season, and what was agreed or wished ends: until then a mask has no heat.
            $mayGoWithout = $head->bornOn !== null || $terms->programmes !== [] || $terms->wishes->all !== [];
            if ($mayGoWithout && self::heats($head)) {
                $conditionings[] = [StepKind::Mask, $minutes, false];
            }
        }
        $choices = [];
        foreach (self::cleanses($head, $terms) as $cleanse) {
            foreach ([null, StepKind::MildProtein, StepKind::StrongProtein] as $protein) {
                foreach ($conditionings as [$kind, $minutes, $heat]) {
                    foreach (self::oilings($head, $terms) as [$preWash, $oils]) {
                        $passes = self::passes($head, $cleanse);
                        $choices[] = new WashOption(
                            $cleanse,
                            $passes,
                            $kind,
                            $minutes,
                            $heat,
                            $protein,
                            $preWash,
                            oils: $oils,
                            proteinMinutes: self::proteinMinutes($protein, $head, $terms),
                        );
                    }
                }
            }
        }

        $choices = $terms->limitMinutes($head)
            ? self::withMornings(self::withEvenings($choices), $head, $terms)
            : $choices;

        return $terms->takeDownOn === null ? $choices : [...$choices, ...self::inStyle($head, $terms)];
    }

    /** @return list<WashOption> ways to wash a style that stays up */
    private static function inStyle(Head $head, PlanTerms $terms): array
    {
        $minutes = $head->parameters->washDay->stepMinutes['conditioner'];
        $ways = [];
        foreach (self::cleanses($head, $terms) as $cleanse) {
            foreach (array_unique(array_column(self::oilings($head, $terms), 1)) as $oils) {
                $passes = self::passes($head, $cleanse);
                $ways[] = new WashOption(
                    $cleanse,
                    $passes,
                    StepKind::Conditioner,
                    $minutes,
                    oils: $oils,
                    inStyle: true,
                );
            }
        }

        return $ways;
    }

    /**
     * Where time is short, a pre-wash can also be put on the evening before.
     *
     * @param non-empty-list<WashOption> $choices
     *
     * @return non-empty-list<WashOption>
     */
    private static function withEvenings(array $choices): array
    {
        $before = array_filter($choices, static fn (WashOption $choice): bool => $choice->preWash !== null);

        return [
            ...$choices,
            ...array_map(static fn (WashOption $choice): WashOption => $choice->preWashed(true), $before),
        ];
    }

    /**
     * What no short day has the time for can be styled on the day after.
     *
     * @param non-empty-list<WashOption> $choices
     *
     * @return non-empty-list<WashOption>
     */
    private static function withMornings(array $choices, Head $head, PlanTerms $terms): array
    {
        $least = $terms->leastMinutes($head);
        $long = array_filter(
            $choices,
            static fn (WashOption $choice): bool => $terms->minutes($choice, $head) > $least,
        );

        return [...$choices, ...array_map(static fn (WashOption $choice): WashOption => $choice->styled(true), $long)];
    }

    /** @return non-empty-list<array{string|null, bool}> pre-wash, and whether the house's oils are used */
    private static function oilings(Head $head, PlanTerms $terms): array
    {
        $has = static fn (ProgrammeKind $kind): bool => array_filter(
            $terms->programmes,
            static fn (Programme $programme): bool => $programme->kind === $kind,
        ) !== [];
        $usual = self::preWash($head);
        $ways = [[$usual, true]];
        if ($has(ProgrammeKind::PreWash) && $usual === null) {
            $ways[] = ['conditioner', true];
        }
        if ($has(ProgrammeKind::NoOils)) {
            foreach ($ways as [$preWash]) {
                $ways[] = [$preWash === 'oil' ? null : $preWash, false];
            }
            if ($usual === 'oil' && $has(ProgrammeKind::PreWash)) {
                $ways[] = ['conditioner', false];
            }
        }

        return $ways;
    }

    /**
     * @return non-empty-list<float> minutes of a mask, never longer than its label says; where time is short or long
     *     ones are left out, short ones as well, and long ones where hair takes little in and has no warmth but its own
     */
    private static function maskMinutes(Head $head, PlanTerms $terms): array
    {
        // Also the fullest day there may be has a mask in it: strong protein is never left without.
        $fullest = self::houseRhythm($head)->strengthened();
        $isShort = $terms->leastMinutes($head) < $terms->minutes($fullest, $head);
        $planning = $head->parameters->planning;

        $isSlow = in_array(Porosity::Low, array_column($head->strata, 'porosity'), true)
            && ! $head->method->says(MethodQuestion::MaskHeat, 'cap-or-hood');
        $longest = $isSlow ? $planning->longMaskMinutes : max([1.0, ...$planning->maskMinutes]);
        $minutes = [
            ...$isShort || $terms->offersShortMasks ? $planning->shortMaskMinutes : [],
            ...$planning->maskMinutes,
            ...$isSlow ? [$planning->longMaskMinutes] : [],
        ];
        $label = $terms->labelMinutes['mask'] ?? null;
        if ($label === null) {
            return $minutes === [] ? [$longest] : $minutes;
        }
        $within = array_filter($minutes, static fn (float $one): bool => $one < $label);
        $most = min((float) $label, $longest);

        return array_values(array_unique([...$within, $most]));
    }

    /** @return float|null minutes of a protein treatment, never longer than its label says; null without one */
    private static function proteinMinutes(?StepKind $protein, Head $head, PlanTerms $terms): ?float
    {
        return $protein === null ? null : min(
            $head->parameters->washDay->stepMinutes[$protein->value],
            (float) ($terms->labelMinutes['protein'] ?? INF),
        );
    }

    /** What a wash day is cleansed with when nothing calls for more or less. */
    public static function usualCleanse(Head $head): CleanseKind
    {
        return $head->soreScalp || $head->redSign ? CleanseKind::Gentle : CleanseKind::Shampoo;
    }

    /** The same on one day of a season: a scalp that flakes is cared for. */
    public static function usualCleanseOn(DateTimeImmutable $date, Head $head, PlanTerms $terms): CleanseKind
    {
        return ($terms->scalpPlan?->on($date)->for ?? null) === null
            ? self::usualCleanse($head)
            : CleanseKind::ScalpCare;
    }

    /** The wash day that goes on by itself, with a mask each time: the house rhythm. */
    public static function houseRhythm(Head $head): WashOption
    {
        $cleanse = self::usualCleanse($head);

        return new WashOption(
            $cleanse,
            self::passes($head, $cleanse),
            StepKind::Mask,
            25.0,
            self::heats($head),
            null,
            self::preWash($head),
        );
    }

    /** The pre-wash of the house method; a method without oils has none with oil. */
    public static function preWash(Head $head): ?string
    {
        $with = $head->method->choice(MethodQuestion::PreWash);

        return $with === 'none' || ($with === 'oil' && $head->method->says(MethodQuestion::Oils, 'none'))
            ? null
            : $with;
    }

    /** Only hair of low porosity gains from heat under the mask, and never a sore scalp. */
    private static function heats(Head $head): bool
    {
        foreach ($head->strata as $stratum) {
            if ($stratum->porosity === Porosity::Low) {
                return ! $head->soreScalp
                    && ! $head->redSign
                    && $head->method->says(MethodQuestion::MaskHeat, 'cap-or-hood');
            }
        }

        return false;
    }

    /** @return non-empty-list<CleanseKind> */
    private static function cleanses(Head $head, PlanTerms $terms): array
    {
        $minerals = $head->swims
            || $terms->of(OccasionKind::Swimming) !== []
            || ! in_array(
                WaterHardness::fromMgPerL($head->hardness()),
                [WaterHardness::Soft, WaterHardness::Moderate],
                true,
            );
        $kinds = [
            CleanseKind::Gentle,
            self::usualCleanse($head),
            $minerals ? CleanseKind::Chelating : CleanseKind::Clarifying,
        ];
        $alternates = array_filter(
            $terms->programmes,
            static fn (Programme $programme): bool => $programme->kind === ProgrammeKind::AlternateCoWash,
        ) !== [];
        if ($terms->scalpPlan?->cares() === true) {
            $kinds[] = CleanseKind::ScalpCare;
        }
        if ($alternates || $head->method->says(MethodQuestion::Cleansing, 'alternate-co-wash')) {
            array_unshift($kinds, CleanseKind::CoWash);
        }

        return array_values(array_unique($kinds, SORT_REGULAR));
    }

    private static function passes(Head $head, CleanseKind $cleanse): int
    {
        $twice = $head->method->says(MethodQuestion::Cleansing, 'two-passes', 'clarify-then-moisturise');

        return $twice
            && ! in_array($cleanse, [CleanseKind::CoWash, CleanseKind::ScalpCare], true)
            && ! $head->soreScalp ? 2 : 1;
    }
}
