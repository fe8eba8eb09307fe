<?php

declare(strict_types=1);

namespace Nagomi\Core\Planning;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\Rules\Rule;
use Nagomi\Core\Treatments\Calendar;

/** Puts the reasons of an item into one plain sentence. */
final class ReasonWording
{
    public const NOT_READ_YET = 'Not tested yet: the usual gentle care, and test the hair on this day.';

    private const NAMES = [
        'strong-protein' => 'protein of any strength',
        'mild-protein' => 'protein of any strength',
        'mask' => 'masks',
        'cleanse' => 'clarifying',
    ];

    /** What brings it back on this day; left out, all of its kind would be. */
    private const BRINGS = [
        'strong-protein' => 'the strong protein', 'mild-protein' => 'the mild protein', 'mask' => 'masks',
        'cleanse' => 'clarifying',
    ];

    /**
     * @param array<string, Counterfactual> $without by treatment
     * @param bool                   $several more than one stratum, so that each is named
     * @param FixedWashDay|null            $byHand  comes first
     * @param list<string>           $heldBack what the hair needs and does not get, with the rules in its way
     * @param bool                   $isOut   the head is more likely out of balance than in it
     *
     * @return non-empty-list<string> one sentence for each treatment, then what kept it from coming earlier
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
        $sentences = $byHand === null
            ? []
            : [
                'Set by hand'
                    . ($byHand->by === '' ? '' : " by {$byHand->by}")
                    . ': '
                    . rtrim(trim($byHand->reason), '.')
                    . '.',
            ];
        foreach ($without as $treatment => $leftOut) {
            $sentences[] = self::sentence(
                ($leftOut->alreadyOutside ? self::BRINGS : self::NAMES)[$treatment] ?? $treatment,
                $leftOut,
                $several ? ' ' . ($leftOut->alreadyOutside ? 'in' : 'first in') . ' ' . $leftOut->stratum : '',
                $limits->buildUpLimit,
            );
        }
        if ($movedBy !== null) {
            $sentences[] = 'Not earlier: ' . lcfirst($movedBy->sentence($limits));
        }

        $sentences = [...$sentences, ...$heldBack];

        return match (true) {
            $sentences !== [] => $sentences,
            $isOut => ['The usual wash; other days bring the balance back.'],
            default => ['The usual wash; nothing else is due.'],
        };
    }

    /** One treatment, and then a look at what it did. */
    public static function lookFirst(WashOption $choice): string
    {
        return $choice->protein === null
            ? 'Test the hair first: nobody has since its last protein, and that decides about the next.'
            : 'Test the hair first: this protein is given only if the hair still needs it after the last.';
    }

    /** @return list<string> what this day is for, of what is to come */
    public static function occasions(PlanTerms $terms, DateTimeImmutable $day): array
    {
        $sentences = [];
        foreach ($terms->of(OccasionKind::BestDay) as $best) {
            if (Calendar::daysBetween($best->washedOn(), $day) === 0) {
                $when = match ($best->styleDay) {
                    1 => 'For',
                    2 => 'The day before',
                    default => ($best->styleDay - 1) . ' days before',
                };
                $sentences[] = "{$when} "
                    . ($best->what === '' ? 'the day that counts' : lcfirst($best->what))
                    . ", {$best->from->format('j M')}: washed and styled so that it is at its best then.";
            }
        }
        if ($terms->isSwimming($day)) {
            $sentences[] = 'Swimming these days: a chelating cleanse may come sooner than usual.';
        }

        return $sentences;
    }

    /** @return list<string> what of a wash day is not done on it: hair that stays up, styling that waits */
    public static function inParts(WashOption $choice, PlanTerms $terms, Head $head): array
    {
        $styling = $terms->minutes($choice->styled(false), $head) - $terms->minutes($choice, $head);

        return array_values(array_filter([
            $choice->inStyle && $terms->takeDownOn !== null
                ? 'Washed in the style: cleanse along the partings, let the rest run through, do not detangle. '
                    . "It comes down on {$terms->takeDownOn->format('j M')}."
                : null,
            $choice->stylesAfter
                ? sprintf('Styled on the day after, about %d min: this day is too short for all of it.', ceil($styling))
                : null,
        ]));
    }

    private static function sentence(
        string $treatment,
        Counterfactual $leftOut,
        string $where,
        float $buildUpLimit,
    ): string {
        $what = ucfirst($leftOut->what);
        $buildUp = $leftOut->what === 'build-up';
        $about = $leftOut->date === null
            ? ''
            : "about {$leftOut->date->format('j M')}" . self::range($leftOut) . self::certainty($leftOut);

        return match (true) {
            $leftOut->alreadyOutside && $buildUp => "Build-up is past {$buildUpLimit}{$where}; {$treatment} brings it down.",
            $leftOut->alreadyOutside => "{$what} is low{$where}; {$treatment} "
                . ($treatment === 'masks' ? 'bring' : 'brings')
                . ' it back.',
            $leftOut->date === null && $buildUp =>
                "Skip {$treatment} and build-up stays under {$buildUpLimit} these weeks, but lets less of each treatment "
                . 'through.',
            $leftOut->date === null =>
                "Skip {$treatment} and {$leftOut->what} stays in balance these weeks, but only just"
                . self::certainty($leftOut, 'that it would not')
                . '.',
            $buildUp => "Skip {$treatment} and build-up passes {$buildUpLimit}{$where} {$about}.",
            default => "Skip {$treatment} and {$leftOut->what} runs low{$where} {$about}.",
        };
    }

    /** Nothing where it is as good as sure, or hardly worth a thought. */
    private static function certainty(Counterfactual $leftOut, string $of = ''): string
    {
        return $leftOut->certainty >= 0.95 || $leftOut->certainty < 0.2
            ? ''
            : sprintf('; %d %% likely%s', (int) round(100 * $leftOut->certainty), $of === '' ? '' : " {$of}");
    }

    private static function range(Counterfactual $leftOut): string
    {
        [$earliest, $latest] = [$leftOut->earliest?->format('j M'), $leftOut->latest?->format('j M')];

        return match (true) {
            $earliest !== null && $latest !== null => " ({$earliest} to {$latest})",
            $latest !== null => " (by {$latest})",
            $earliest !== null => " (not before {$earliest})",
            default => '',
        };
    }
}
