<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\Programme;
use Nagomi\Core\Planning\ProgrammeKind;
use Nagomi\Core\Planning\Wish;
use Nagomi\Core\Planning\Wishes;
use Nagomi\Core\Planning\WishKind;

/** What holds for a span of days as it stands in a care record: programmes, and what was wished. */
final class SpanFields
{
    /** @return array{programmes: list<Programme>, wishes: Wishes} */
    public static function read(RecordFields $fields): array
    {
        return [
            'programmes' => array_values(array_filter(array_map(
                self::programme(...),
                $fields->objects('programmes'),
            ))),
            'wishes' => new Wishes(array_values(array_filter(array_map(self::wish(...), $fields->objects('wishes'))))),
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    public static function write(PlanTerms $terms): array
    {
        return [
            'programmes' => array_map(static fn (Programme $programme): array => [
                'kind' => $programme->kind->value,
                'from' => $programme->from->format('Y-m-d'),
                'until' => $programme->until->format('Y-m-d'),
            ], $terms->programmes),
            'wishes' => array_map(self::writtenWish(...), $terms->wishes->all),
        ];
    }

    private static function programme(RecordFields $fields): ?Programme
    {
        $kind = $fields->choice('kind', ProgrammeKind::class);
        $from = $fields->date('from');
        $until = $fields->date('until');
        $fields->nothingElse();
        if ($kind === null || $from === null || $until === null) {
            return null;
        }
        try {
            return new Programme($kind, $from, $until);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('until', $wrong);

            return null;
        }
    }

    private static function wish(RecordFields $fields): ?Wish
    {
        $kind = $fields->choice('kind', WishKind::class);
        $from = $fields->date('from');
        $until = $fields->date('until');
        $what = $fields->has('what') ? $fields->string('what', '', 40) : null;
        $days = $fields->has('days')
            ? $fields->integer('days', Wish::FEWEST_DAYS, Wish::FEWEST_DAYS, Wish::MOST_DAYS, 'days')
            : null;
        foreach (['what', 'days'] as $name) {
            $fields->asked($name);
        }
        $fields->nothingElse();
        if ($kind === null || $from === null || $until === null) {
            return null;
        }
        try {
            return new Wish($kind, $from, $until, $what, $days);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('kind', $wrong);

            return null;
        }
    }

    /** @return array<string, mixed> */
    private static function writtenWish(Wish $wish): array
    {
        return array_filter([
            'kind' => $wish->kind->value,
            'from' => $wish->from->format('Y-m-d'),
            'until' => $wish->until->format('Y-m-d'),
            'what' => $wish->what,
            'days' => $wish->days,
        ]);
    }
}
