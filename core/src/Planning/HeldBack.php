<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\ProgrammeIsKept;
use Nagomi\Core\Planning\Rules\ReferredFirst;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleCatalogue;
use Nagomi\Core\Planning\Rules\SoreScalpIsSpared;
use Nagomi\Core\Treatments\CleanseKind;

/** What the hair needs on a wash day and does not get: which rules hold it back. */
final readonly class HeldBack
{
    /** From here on a shortage is more likely than not. */
    private const LIKELY = 0.5;

    /** @var array<string, float> how likely the head is out of balance on each side, 0 to 1 */
    private array $sides;

    /** @param Snapshot $before the head on the morning of the day */
    public function __construct(private Snapshot $before)
    {
        $this->sides = CellProbabilities::sides(CellProbabilities::ofHead($before->state));
    }

    /**
     * @param WashOption       $choice   what is done
     * @param list<WashOption> $options  what could be done
     *
     * @return list<string> one sentence for each need that is held back; none where nothing is
     */
    public function sentences(
        WashOption $choice,
        array $options,
        RuleContext $standing,
    ): array {
        $sides = $this->sides;
        $limits = $standing->limits();
        $needs = array_filter([
            'Moisture is low and there is no mask' =>
                $sides['moisture_low'] >= self::LIKELY && ! $choice->masks()
                    ? static fn (WashOption $option): bool => $option->masks()
                    : null,
            'Protein is low and there is none' =>
                $sides['protein_low'] >= self::LIKELY && $choice->protein === null && ! self::isAtWork($standing)
                    ? static fn (WashOption $option): bool => $option->protein !== null
                    : null,
            'Build-up is past its limit and nothing clarifies' =>
                self::buildUp($this->before) > $limits->buildUpLimit && ! $choice->cleanse->clarifies()
                    ? static fn (WashOption $option): bool => $option->cleanse->clarifies()
                    : null,
        ]);
        $sentences = self::ofTheScalp($choice, $standing);
        foreach ($needs as $words => $meets) {
            $rules = self::fewest(array_filter($options, $meets), $standing);
            if ($rules !== []) {
                $sentences[] = self::inTheWay($words, $rules, $standing);
            }
        }

        return $sentences;
    }

    /** @param list<Rule> $rules */
    private static function inTheWay(string $words, array $rules, RuleContext $standing): string
    {
        return "{$words}. What stands in the way: " . implode(' ', array_map(
            static fn (Rule $rule): string =>
                $rule->sentence($standing->limits()) . " To change that: {$rule->frees()}.",
            $rules,
        ));
    }

    /** @return list<string> that the scalp flakes and nothing is done about it, with what bars that */
    private static function ofTheScalp(WashOption $choice, RuleContext $standing): array
    {
        $scalp = $standing->terms->scalpPlan?->on($standing->date());
        $bars = match (true) {
            $standing->head->redSign => new ReferredFirst(),
            $standing->head->soreScalp => new SoreScalpIsSpared(),
            $standing->terms->keepsTo(ProgrammeKind::GentleCleansing, $standing->date()) => new ProgrammeIsKept(),
            default => null,
        };

        return $scalp === null
            || $bars === null
            || ! $scalp->flakes
            || $choice->cleanse === CleanseKind::ScalpCare
            || $choice->cleanse->clarifies()
                ? []
                : [self::inTheWay('The scalp flakes and there is no scalp shampoo', [$bars], $standing)];
    }

    /** Whether the head is more likely out of balance than in it. */
    public function isOut(): bool
    {
        return max($this->sides) >= self::LIKELY;
    }

    /** Protein that was given lately is left to do its work: one treatment, and then a look. */
    private static function isAtWork(RuleContext $standing): bool
    {
        return $standing->lastProtein !== null
            && $standing->day - $standing->lastProtein < ($standing->isReadSinceProtein()
                ? $standing->limits()->mildAfterStrongDays
                : $standing->limits()->looksApartDays);
    }

    private static function buildUp(Snapshot $before): float
    {
        $buildUp = 0.0;
        foreach ($before->state->layout->head->strata as $s => $stratum) {
            $buildUp += $stratum->share * $before->state->buildUp($s);
        }

        return $buildUp;
    }

    /**
     * @param array<int, WashOption> $options ways that would meet the need
     *
     * @return list<Rule> those that bar the way that is barred least; none where one is open, or there is none
     */
    private static function fewest(array $options, RuleContext $standing): array
    {
        $fewest = null;
        foreach ($options as $option) {
            $rules = RuleCatalogue::barring($option, $standing);
            $fewest = $fewest === null || count($rules) < count($fewest) ? $rules : $fewest;
        }

        return $fewest ?? [];
    }
}
