<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Planning\Rules\RuleWords;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\Message;

/** Puts the reasons of an item into one plain sentence each. */
final class ReasonWording
{
    /** What is left out with it: all of its kind. */
    private const SKIPPED = [
        'strong-protein' => 'protein', 'mild-protein' => 'protein', 'mask' => 'masks', 'cleanse' => 'clarifying',
    ];

    /** What brings it back on this day. */
    private const BRINGS = ['mask' => 'masks', 'cleanse' => 'clarifying'];

    /**
     * @param array<string, Counterfactual> $without by treatment
     * @param bool                   $several more than one stratum, so that each is named
     * @param FixedWashDay|null            $byHand  comes first
     * @param list<Message>          $heldBack what the hair needs and does not get, with the rules in its way
     * @param bool                   $isOut   the head is more likely out of balance than in it
     *
     * @return non-empty-list<Message> one sentence for each treatment, then what kept it from coming earlier
     */
    public static function reasons(
        array $without,
        ?Rule $movedBy,
        bool $several,
        PlanningParameters $limits,
        ?FixedWashDay $byHand = null,
        array $heldBack = [],
        bool $isOut = false,
    ): array {
        $sentences = $byHand === null ? [] : [self::byHand($byHand)];
        foreach ($without as $treatment => $leftOut) {
            $sentences[] = $leftOut->alreadyOutside
                ? self::isOutside(self::BRINGS[$treatment] ?? $treatment, $leftOut, $several, $limits->buildUpLimit)
                : self::skipped(self::SKIPPED[$treatment] ?? $treatment, $leftOut, $several, $limits->buildUpLimit);
        }
        if ($movedBy !== null) {
            $sentences[] = Message::of('planning.not-earlier', rule: RuleWords::sentence($movedBy, $limits));
        }

        $sentences = [...$sentences, ...$heldBack];

        return match (true) {
            $sentences !== [] => $sentences,
            $isOut => [Message::of('planning.usual-wash-while-out')],
            default => [Message::of('planning.usual-wash')],
        };
    }

    public static function notReadYet(): Message
    {
        return Message::of('planning.not-tested-yet');
    }

    private static function byHand(FixedWashDay $byHand): Message
    {
        $reason = rtrim(trim($byHand->reason), '.');

        return $byHand->by === ''
            ? Message::of('planning.by-hand', reason: $reason)
            : Message::of('planning.by-hand-by', by: $byHand->by, reason: $reason);
    }

    /** One treatment, and then a look at what it did. */
    public static function lookFirst(WashOption $choice): Message
    {
        return Message::of($choice->protein === null ? 'planning.test-before-the-next' : 'planning.test-before-this');
    }

    /** @return list<Message> what this day is for, of what is to come */
    public static function occasions(PlanTerms $terms, DateTimeImmutable $day): array
    {
        $sentences = [];
        foreach ($terms->of(OccasionKind::BestDay) as $best) {
            if (Calendar::daysBetween($best->washedOn(), $day) === 0) {
                $sentences[] = Message::of(
                    'planning.occasion.' . match ($best->styleDay) {
                        1 => 'that-day',
                        2 => 'day-before',
                        default => 'days-before',
                    },
                    days: $best->styleDay - 1,
                    what: $best->what === '' ? Message::of('planning.occasion.a-day') : lcfirst($best->what),
                    date: $best->from,
                );
            }
        }
        if ($terms->isSwimming($day)) {
            $sentences[] = Message::of('planning.occasion.swimming');
        }

        return $sentences;
    }

    /** @return list<Message> what of a wash day is not done on it: hair that stays up, styling that waits */
    public static function inParts(WashOption $choice, PlanTerms $terms, Head $head): array
    {
        $styling = $terms->minutes($choice->styled(false), $head) - $terms->minutes($choice, $head);

        return array_values(array_filter([
            $choice->inStyle && $terms->takeDownOn !== null
                ? Message::of('planning.washed-in-the-style', date: $terms->takeDownOn)
                : null,
            $choice->stylesAfter ? Message::of('planning.styled-after', minutes: (int) ceil($styling)) : null,
        ]));
    }

    private static function isOutside(
        string $treatment,
        Counterfactual $leftOut,
        bool $several,
        float $buildUpLimit,
    ): Message {
        return Message::of(
            $leftOut->what === 'build-up' ? 'planning.past' : "planning.low.{$treatment}",
            what: self::what($leftOut),
            where: self::where($leftOut, $several, 'in'),
            limit: new Figure($buildUpLimit),
        );
    }

    private static function skipped(
        string $treatment,
        Counterfactual $leftOut,
        bool $several,
        float $buildUpLimit,
    ): Message {
        $kind = $leftOut->what === 'build-up' ? 'build-up' : 'reserve';
        $skipped = Message::of("planning.treatments.{$treatment}");
        $limit = new Figure($buildUpLimit);

        return $leftOut->date === null
            ? Message::of(
                "planning.skip.{$kind}-stays",
                treatment: $skipped,
                what: self::what($leftOut),
                limit: $limit,
                certainty: self::certainty($leftOut, 'likely-not'),
            )
            : Message::of(
                "planning.skip.{$kind}",
                treatment: $skipped,
                what: self::what($leftOut),
                limit: $limit,
                where: self::where($leftOut, $several, 'first-in'),
                date: $leftOut->date,
                range: self::range($leftOut),
                certainty: self::certainty($leftOut, 'likely'),
            );
    }

    private static function what(Counterfactual $leftOut): Message
    {
        return Message::of("planning.quantities.{$leftOut->what}");
    }

    private static function where(Counterfactual $leftOut, bool $several, string $key): Message|string
    {
        return $several
            ? Message::of("planning.where.{$key}", stratum: StratumName::words($leftOut->stratum))
            : '';
    }

    /** Nothing where it is as good as sure, or hardly worth a thought. */
    private static function certainty(Counterfactual $leftOut, string $key): Message|string
    {
        return $leftOut->certainty >= 0.95 || $leftOut->certainty < 0.2
            ? ''
            : Message::of("planning.{$key}", percent: (int) round(100 * $leftOut->certainty));
    }

    private static function range(Counterfactual $leftOut): Message|string
    {
        [$earliest, $latest] = [$leftOut->earliest, $leftOut->latest];

        return match (true) {
            $earliest !== null && $latest !== null
                => Message::of('planning.range.between', earliest: $earliest, latest: $latest),
            $latest !== null => Message::of('planning.range.by', latest: $latest),
            $earliest !== null => Message::of('planning.range.not-before', earliest: $earliest),
            default => '',
        };
    }
}
