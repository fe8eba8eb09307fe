<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use Nagomi\Core\Estimation\CellProbabilities;
use Nagomi\Core\Estimation\Snapshot;
use Nagomi\Core\Planning\Rules\ProgrammeIsKept;
use Nagomi\Core\Planning\Rules\ReferredFirst;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RulesInForce;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Planning\Rules\SoreScalpIsSpared;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Wording\Message;

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
     * @return list<Message> one sentence for each need that is held back; none where nothing is
     */
    public function sentences(
        WashOption $choice,
        array $options,
        RuleContext $standing,
        RulesInForce $inForce,
    ): array {
        $sides = $this->sides;
        $limits = $standing->limits();
        $needs = array_filter([
            'no-mask' =>
                $sides['moisture_low'] >= self::LIKELY && ! $choice->masks()
                    ? static fn (WashOption $option): bool => $option->masks()
                    : null,
            'no-protein' =>
                $sides['protein_low'] >= self::LIKELY && $choice->protein === null && ! self::isAtWork($standing)
                    ? static fn (WashOption $option): bool => $option->protein !== null
                    : null,
            'nothing-clarifies' =>
                self::buildUp($this->before) > $limits->buildUpLimit && ! $choice->cleanse->clarifies()
                    ? static fn (WashOption $option): bool => $option->cleanse->clarifies()
                    : null,
        ]);
        $sentences = self::ofTheScalp($choice, $standing);
        foreach ($needs as $need => $meets) {
            $rules = self::fewest(array_filter($options, $meets), $standing, $inForce);
            if ($rules !== []) {
                $sentences[] = self::inTheWay($need, $rules, $standing);
            }
        }

        return $sentences;
    }

    /** @param list<Rule> $rules */
    private static function inTheWay(string $need, array $rules, RuleContext $standing): Message
    {
        $told = array_map(static fn (Rule $rule): Message => Message::of(
            'planning.held-back.rule',
            says: RuleWords::inTheWay($rule, $standing),
            frees: RuleWords::frees($rule),
        ), $rules);

        return Message::of("planning.held-back.{$need}", rules: Message::inARow($told));
    }

    /** @return list<Message> that the scalp flakes and nothing is done about it, with what bars that */
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
                : [self::inTheWay('no-scalp-shampoo', [$bars], $standing)];
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
    private static function fewest(array $options, RuleContext $standing, RulesInForce $inForce): array
    {
        $least = PHP_INT_MAX;
        $barredLeast = null;
        foreach ($options as $option) {
            // What is barred as often as the one so far is not counted to its end.
            $breaks = $inForce->breaks($option, $standing, $least - 1);
            if ($breaks < $least) {
                [$least, $barredLeast] = [$breaks, $option];
            }
        }

        return $barredLeast === null ? [] : $inForce->barring($barredLeast, $standing);
    }
}
