<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Planning\Counterfactual;
use Nagomi\Core\Planning\PlanItem;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\PacedSteps;
use Nagomi\Core\Wording\Sentences;

/** A planned wash day as an array ready to be written as JSON. */
final class PlanItemFields
{
    /** @return array<string, mixed> */
    public static function write(PlanItem $item, Head $head, Pace $pace, Sentences $sentences): array
    {
        $main = $item->mainWithout();

        return [
            'date' => $item->date->format('Y-m-d'),
            'steps' => array_map(
                CareRecordWriter::step(...),
                PacedSteps::of($item->choice->steps($head), $head, $pace),
            ),
            'minutes' => $item->minutes,
            'reason' => implode(' ', $sentences->sayAll($item->reasons)),
            'without' => $main === null ? null : self::without($main, $sentences),
            'without_each' => (object) array_map(
                static fn (Counterfactual $without): array => self::without($without, $sentences),
                $item->without,
            ),
            'moved_by' => $item->movedBy?->key(),
            'look' => $item->look,
            'scalp_care_for' => $item->scalp?->for?->value,
            'broken_hairs' => $item->brokenHairs,
            'by_hand' => $item->byHand === null ? null : ['reason' => $item->byHand->reason, 'by' => $item->byHand->by],
            'clash' => $item->clash === null ? null : [
                'rules' => $sentences->sayAll($item->clash->rules),
                'frees' => $sentences->sayAll($item->clash->frees),
            ],
        ];
    }

    /**
     * @return array{
     *     what: string, stratum: string, date: string|null, earliest: string|null, latest: string|null,
     *     already_outside: bool, certainty: float,
     * }
     */
    private static function without(Counterfactual $without, Sentences $sentences): array
    {
        return [
            'what' => $without->what,
            'stratum' => $sentences->say(StratumName::words($without->stratum)),
            'date' => $without->date?->format('Y-m-d'),
            'earliest' => $without->earliest?->format('Y-m-d'),
            'latest' => $without->latest?->format('Y-m-d'),
            'already_outside' => $without->alreadyOutside,
            'certainty' => $without->certainty,
        ];
    }
}
