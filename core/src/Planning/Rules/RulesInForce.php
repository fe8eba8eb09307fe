<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning\Rules;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\RuleContext;
use Nagomi\Core\Planning\WashOption;

/**
 * The rules that can bar any way of one season at all: without an occasion nothing is spared before one. A search asks
 * them tens of thousands of times; what a finished plan breaks is said by {@see RuleCatalogue}.
 */
final readonly class RulesInForce
{
    /** @param list<Rule> $rules */
    private function __construct(private array $rules)
    {
    }

    public static function of(Head $head, PlanTerms $terms): self
    {
        return new self(array_values(array_filter(
            RuleCatalogue::rules(),
            static fn (Rule $rule): bool => self::isInForce($rule, $head, $terms),
        )));
    }

    private static function isInForce(Rule $rule, Head $head, PlanTerms $terms): bool
    {
        $says = $head->method->says(...);

        return match ($rule::class) {
            ReferredFirst::class => $head->redSign,
            ChildIsSpared::class => $head->bornOn !== null,
            NotReadYet::class => $terms->notReadYet,
            StyleStaysUp::class => $terms->takeDownOn !== null,
            ProteinByHandOnly::class => $head->proteinSensitive || $says(MethodQuestion::Protein, 'avoided'),
            ProteinByEvidence::class => $says(MethodQuestion::Protein, 'by-signs'),
            DayThatCountsIsSpared::class => $terms->occasions !== [],
            MaskByCalendar::class => $says(MethodQuestion::MaskRhythm, 'by-calendar'),
            ProteinByCalendar::class => $says(MethodQuestion::Protein, 'by-calendar'),
            SoreScalpIsSpared::class => $head->soreScalp,
            ScalpCareWhenDue::class, OilyScalpIsShampooed::class => $terms->scalpPlan !== null,
            CoWashAlternates::class => $says(MethodQuestion::Cleansing, 'alternate-co-wash') || array_filter(
                $terms->programmes,
                static fn (Programme $programme): bool => $programme->kind === ProgrammeKind::AlternateCoWash,
            ) !== [],
            ProgrammeIsKept::class => $terms->programmes !== [],
            WishIsKept::class => $terms->wishes->all !== [],
            // No way of a season has a third pass; a hand may.
            TwoPasses::class => false,
            NoOil::class => $says(MethodQuestion::Oils, 'none'),
            PreWashOnTheDay::class, StylingOnTheDay::class, WithinMinutes::class => $terms->limitMinutes($head),
            PatchTestFirst::class => $terms->barredUntil !== [],
            InStock::class => $terms->stock !== [],
            NotAtHome::class => $terms->notAtHome !== [],
            default => true,
        };
    }

    /**
     * @param int $most where more bar it, it is not counted how many more
     *
     * @return int how many rules bar this choice on this day
     */
    public function breaks(WashOption $choice, RuleContext $standing, int $most = PHP_INT_MAX): int
    {
        $breaks = 0;
        foreach ($this->rules as $rule) {
            if (! $rule->allows($choice, $standing) && ++$breaks > $most) {
                break;
            }
        }

        return $breaks;
    }

    /** @return list<Rule> the rules that bar this choice on this day */
    public function barring(WashOption $choice, RuleContext $standing): array
    {
        $barring = [];
        foreach ($this->rules as $rule) {
            if (! $rule->allows($choice, $standing)) {
                $barring[] = $rule;
            }
        }

        return $barring;
    }
}
