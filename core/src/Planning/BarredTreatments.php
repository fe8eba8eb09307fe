<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Planning\Rules\ChildIsSpared;
use Nagomi\Core\Planning\Rules\ClarifyApart;
use Nagomi\Core\Planning\Rules\ColourIsFresh;
use Nagomi\Core\Planning\Rules\DayThatCountsIsSpared;
use Nagomi\Core\Planning\Rules\DryHairIsNotStripped;
use Nagomi\Core\Planning\Rules\MildFirstAfterAService;
use Nagomi\Core\Planning\Rules\MildProteinEveryOtherWash;
use Nagomi\Core\Planning\Rules\NotReadYet;
use Nagomi\Core\Planning\Rules\OneProteinThenALook;
use Nagomi\Core\Planning\Rules\ProteinByHandOnly;
use Nagomi\Core\Planning\Rules\ReferredFirst;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\SoreScalpIsSpared;
use Nagomi\Core\Planning\Rules\StrongProteinApart;
use Nagomi\Core\Planning\Rules\StrongProteinNotWhenHigh;
use Nagomi\Core\Planning\Rules\StyleStaysUp;
use Nagomi\Core\Treatments\StepKind;

/**
 * What must not be done on a wash day, whether or not the hair asks for it: treatments every way to which a rule of
 * caution bars. What is only not needed, or has no time or stock, is not among them.
 */
final class BarredTreatments
{
    /** Rules that keep hair or scalp from harm; what stays comes before what a few tests or days would change. */
    private const OF_CAUTION = [
        ReferredFirst::class, SoreScalpIsSpared::class, ChildIsSpared::class, ProteinByHandOnly::class,
        StyleStaysUp::class, NotReadYet::class, ColourIsFresh::class, DryHairIsNotStripped::class,
        DayThatCountsIsSpared::class, StrongProteinApart::class, OneProteinThenALook::class,
        MildFirstAfterAService::class,
        StrongProteinNotWhenHigh::class, MildProteinEveryOtherWash::class, ClarifyApart::class,
    ];

    /**
     * @param list<WashOption> $options all ways to wash
     *
     * @return array<'protein'|'strong-protein'|'clarifying'|'heat', Rule> by treatment, the rule that bars it;
     *     protein means of any strength, and strong protein is then not named beside it
     */
    public static function on(array $options, RuleContext $standing): array
    {
        $ways = [
            'protein' => static fn (WashOption $way): bool => $way->protein !== null,
            'strong-protein' => static fn (WashOption $way): bool => $way->protein === StepKind::StrongProtein,
            'clarifying' => static fn (WashOption $way): bool => $way->cleanse->clarifies(),
            'heat' => static fn (WashOption $way): bool => $way->heat,
        ];
        $barred = [];
        foreach ($ways as $treatment => $has) {
            $rule = self::barring(array_filter($options, $has), $standing);
            if ($rule !== null) {
                $barred[$treatment] = $rule;
            }
        }

        return isset($barred['protein']) ? array_diff_key($barred, ['strong-protein' => true]) : $barred;
    }

    /**
     * @param array<int, WashOption> $ways
     *
     * @return Rule|null the first rule of caution that bars all of them, or where each is barred by another, the first
     *     one; null where one way is open to caution
     */
    private static function barring(array $ways, RuleContext $standing): ?Rule
    {
        $all = $any = [];
        foreach (array_values($ways) as $i => $way) {
            $rules = [];
            foreach (RuleCatalogue::barring($way, $standing) as $rule) {
                $rules[(string) array_search($rule::class, self::OF_CAUTION, true)] = $rule;
            }
            unset($rules['']);
            if ($rules === []) {
                return null;
            }
            [$all, $any] = [$i === 0 ? $rules : array_intersect_key($all, $rules), $any + $rules];
        }
        $named = $all === [] ? $any : $all;

        ksort($named);

        return array_values($named)[0] ?? null;
    }
}
