<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/** All hard rules of the season, in one list. */
final class RuleCatalogue
{
    /** @var list<Rule>|null */
    private static ?array $rules = null;

    /** @return list<Rule> */
    public static function rules(): array
    {
        return self::$rules ??= [
            new ReferredFirst(), new ChildIsSpared(), new NotReadYet(), new StyleStaysUp(),
            new StrongProteinApart(), new MildProteinEveryOtherWash(), new ProteinByHandOnly(), new ProteinByEvidence(),
            new OneProteinThenALook(), new MildFirstAfterAService(), new StrongProteinNotWhenHigh(),
            new StrongProteinThenMask(), new ClarifyApart(), new DryHairIsNotStripped(), new ColourIsFresh(),
            new DayThatCountsIsSpared(), new MaskNoLater(), new MaskByCalendar(), new ProteinByCalendar(),
            new SoreScalpIsSpared(), new ScalpCareWhenDue(),
            new OilyScalpIsShampooed(), new CoWashAlternates(), new ProgrammeIsKept(), new WishIsKept(),
            new TwoPasses(), new NoOil(), new PreWashOnTheDay(), new StylingOnTheDay(), new PatchTestFirst(),
            new InStock(), new NotAtHome(), new WithinMinutes(),
        ];
    }

    /** @return list<Rule> the rules that bar this choice on this day */
    public static function barring(WashOption $choice, RuleContext $standing): array
    {
        $barring = [];
        foreach (self::rules() as $rule) {
            if (! $rule->allows($choice, $standing)) {
                $barring[] = $rule;
            }
        }

        return $barring;
    }
}
