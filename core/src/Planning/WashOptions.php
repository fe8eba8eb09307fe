<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

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
            // Children grow up in a season: until then a mask of theirs has no heat.
            if ($head->bornOn !== null && self::heats($head)) {
                $conditionings[] = [StepKind::Mask, $minutes, false];
            }
        }
        $choices = [];
        foreach (self::cleanses($head, $terms) as $cleanse) {
            foreach ([null, StepKind::MildProtein, StepKind::StrongProtein] as $protein) {
                foreach ($conditionings as [$kind, $minutes, $heat]) {
                    $choices[] = new WashOption(
                        $cleanse,
                        self::passes($head, $cleanse),
                        $kind,
                        $minutes,
                        $heat,
                        $protein,
                        self::preWash($head),
                    );
                }
            }
        }

        return $choices;
    }

    /** @return list<float> minutes of a mask; where time is short, short ones as well */
    private static function maskMinutes(Head $head, PlanTerms $terms): array
    {
        $isShort = $head->minutesLimit !== null || $terms->homeMinutesLimit !== null || $head->bornOn !== null;
        $planning = $head->parameters->planning;

        return [...$isShort ? $planning->shortMaskMinutes : [], ...$planning->maskMinutes];
    }

    /** What a wash day is cleansed with when nothing calls for more or less. */
    public static function usualCleanse(Head $head): CleanseKind
    {
        return $head->soreScalp || $head->redSign ? CleanseKind::Gentle : CleanseKind::Shampoo;
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
    private static function preWash(Head $head): ?string
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
        if ($head->method->says(MethodQuestion::Cleansing, 'alternate-co-wash')) {
            array_unshift($kinds, CleanseKind::CoWash);
        }

        return array_values(array_unique($kinds, SORT_REGULAR));
    }

    private static function passes(Head $head, CleanseKind $cleanse): int
    {
        $twice = $head->method->says(MethodQuestion::Cleansing, 'two-passes', 'clarify-then-moisturise');

        return $twice && $cleanse !== CleanseKind::CoWash && ! $head->soreScalp ? 2 : 1;
    }
}
