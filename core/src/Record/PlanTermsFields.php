<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use InvalidArgumentException;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\WashDayParameters;
use Nagomi\Core\Planning\FixedWashDay;
use Nagomi\Core\Planning\Occasion;
use Nagomi\Core\Planning\OccasionKind;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Wording\Message;

/** The terms of a season as they stand in a care record, read and written. */
final class PlanTermsFields
{
    private const MOST_LEVEL = 1_000_000;
    private const UNIT = 'currency units';

    /**
     * @param array<mixed> $season as written by {@see self::write}
     *
     * @throws InvalidRecord
     */
    public static function fromArray(array $season, WashDayParameters $minutes): PlanTerms
    {
        $problems = new RecordProblems();
        $terms = self::read(new RecordFields($season, '', $problems), $minutes);
        $problems->throwIfAny();

        return $terms ?? new PlanTerms();
    }

    /** @return PlanTerms|null null where something is wrong; the problems say what */
    public static function read(RecordFields $fields, WashDayParameters $minutes): ?PlanTerms
    {
        $away = array_values(array_filter(array_map(self::absence(...), $fields->objects('away'))));
        $salonDays = $fields->has('salon_days') ? $fields->dates('salon_days') : null;
        $fields->items('salon_days');
        $notAtHome = $fields->strings('not_at_home');
        $limit = $fields->has('home_minutes_limit')
            ? $fields->integer('home_minutes_limit', 60, Head::LEAST_MINUTES_LIMIT, 480, 'minutes')
            : null;
        $fields->asked('home_minutes_limit');
        $more = ChairFields::read($fields) + self::house($fields);
        $stock = self::byTreatment(
            $fields->object('stock'),
            static fn (RecordFields $of, string $name): int => $of->integer($name, 0, 0, 100_000, 'uses'),
        );
        $prices = self::byTreatment(
            $fields->object('prices'),
            static fn (RecordFields $of, string $name): float => $of->number($name, 0, 0, 10_000_000, self::UNIT),
        );
        $barred = array_filter(self::byTreatment(
            $fields->object('patch_test_until'),
            static fn (RecordFields $of, string $name): ?DateTimeImmutable => $of->date($name),
        ));
        $promised = array_values(array_filter(array_map(self::promise(...), $fields->objects('promised'))));
        $byHand = array_values(array_filter(array_map(
            static fn (RecordFields $set): ?FixedWashDay => self::byHand($set, $minutes->stepMinutes['conditioner']),
            $fields->objects('by_hand'),
        )));
        $occasions = array_values(array_filter(array_map(self::occasion(...), $fields->objects('occasions'))));
        $spans = SpanFields::read($fields);
        $fields->nothingElse();
        try {
            $said = [$away, $salonDays, $notAtHome, $limit, $stock, $prices, $barred, $promised, $byHand, $occasions];

            return new PlanTerms(...$said, ...[...$spans, ...$more]);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('', $wrong);

            return null;
        }
    }

    /** @return array{keepsRhythm: bool, priceLevel: int} */
    private static function house(RecordFields $fields): array
    {
        return [
            'keepsRhythm' => $fields->boolean('keeps_rhythm'),
            'priceLevel' => $fields->integer('price_level', 1, 1, self::MOST_LEVEL, self::UNIT),
        ];
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable}|null first and last day away */
    private static function absence(RecordFields $absence): ?array
    {
        $from = $absence->date('from');
        $until = $absence->date('until');
        $absence->nothingElse();

        return $from === null || $until === null ? null : [$from, $until];
    }

    /** @return array{DateTimeImmutable, string}|null the day, and the treatment promised for it */
    private static function promise(RecordFields $promise): ?array
    {
        $date = $promise->date('date');
        $treatment = $promise->string('treatment', '', 40);
        $promise->nothingElse();

        return $date === null ? null : [$date, $treatment];
    }

    /**
     * @template T
     *
     * @param callable(RecordFields, string): T $read
     *
     * @return array<string, T>
     */
    private static function byTreatment(RecordFields $fields, callable $read): array
    {
        $values = [];
        foreach ($fields->names() as $name) {
            $values[$name] = $read($fields, $name);
        }

        return $values;
    }

    private static function occasion(RecordFields $fields): ?Occasion
    {
        $kind = $fields->choice('kind', OccasionKind::class);
        $from = $fields->date('from');
        $until = $fields->date('until');
        $what = $fields->string('what', '', 80);
        $styleDay = $fields->integer('style_day', Occasion::USUAL_STYLE_DAY, 1, Occasion::LAST_STYLE_DAY, '');
        $fields->nothingElse();
        if ($kind === null || $from === null || $until === null) {
            return null;
        }
        try {
            return new Occasion($kind, $from, $until, $what, $styleDay);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('until', $wrong);

            return null;
        }
    }

    private static function byHand(RecordFields $fields, float $conditionerMinutes): ?FixedWashDay
    {
        $date = $fields->date('date');
        $cleanse = $fields->choice('cleanse', CleanseKind::class);
        $passes = $fields->integer('passes', 1, 1, Step::MOST_PASSES, 'passes');
        $mask = $fields->has('mask_minutes')
            ? $fields->number('mask_minutes', 25, Step::LEAST_MINUTES, Step::MOST_MINUTES, 'minutes')
            : null;
        $heat = $fields->boolean('heat');
        $protein = $fields->has('protein') ? $fields->choice('protein', StepKind::class) : null;
        $preWash = $fields->has('pre_wash') ? $fields->string('pre_wash', '', 40) : null;
        foreach (['mask_minutes', 'protein', 'pre_wash'] as $name) {
            $fields->asked($name);
        }
        $evening = $fields->boolean('pre_wash_before');
        $reason = $fields->string('reason', '', 500);
        $by = $fields->string('by', '', 200);
        $fields->nothingElse();
        self::checkChoices($fields, $protein, $preWash);
        if ($date === null || $cleanse === null) {
            return null;
        }
        [$conditioning, $minutes] = $mask === null
            ? [StepKind::Conditioner, $conditionerMinutes]
            : [StepKind::Mask, $mask];
        try {
            $way = [$cleanse, $passes, $conditioning, $minutes, $heat, $protein, $preWash];
            $choice = new WashOption(...$way, preWashBefore: $evening && $preWash !== null);

            return new FixedWashDay($date, $choice, $reason, $by);
        } catch (InvalidArgumentException $wrong) {
            $fields->refused('reason', $wrong);

            return null;
        }
    }

    private static function checkChoices(RecordFields $fields, ?StepKind $protein, ?string $preWash): void
    {
        if ($protein !== null && ! $protein->isProtein()) {
            $fields->problem('protein', Message::of('records.one-of', choices: ['mild-protein', 'strong-protein']));
        }
        if ($preWash !== null && ! in_array($preWash, ['oil', 'conditioner', 'mix'], true)) {
            $fields->problem('pre_wash', Message::of('records.one-of', choices: ['oil', 'conditioner', 'mix']));
        }
    }

    /** @return array<string, mixed> only what was said */
    public static function write(PlanTerms $terms): array
    {
        $day = static fn (DateTimeImmutable $date): string => $date->format('Y-m-d');

        return array_filter([
            'away' => array_map(
                static fn (array $absence): array => ['from' => $day($absence[0]), 'until' => $day($absence[1])],
                $terms->away,
            ),
            'salon_days' => $terms->salonDays === null ? null : array_map($day, $terms->salonDays),
            'not_at_home' => $terms->notAtHome,
            'home_minutes_limit' => $terms->homeMinutesLimit,
            'keeps_rhythm' => $terms->keepsRhythm ? true : null,
            ...ChairFields::write($terms),
            'stock' => $terms->stock,
            'prices' => $terms->prices,
            'price_level' => $terms->priceLevel === 1 ? null : $terms->priceLevel,
            'patch_test_until' => array_map($day, $terms->barredUntil),
            'promised' => array_map(
                static fn (array $promise): array => ['date' => $day($promise[0]), 'treatment' => $promise[1]],
                $terms->promised,
            ),
            'by_hand' => array_map(self::writtenByHand(...), $terms->byHand),
            ...SpanFields::write($terms),
            'occasions' => array_map(
                static fn (Occasion $occasion): array => array_filter([
                    'kind' => $occasion->kind->value,
                    'from' => $day($occasion->from),
                    'until' => $day($occasion->until),
                    'what' => $occasion->what,
                    'style_day' => $occasion->styleDay === Occasion::USUAL_STYLE_DAY ? null : $occasion->styleDay,
                ]),
                $terms->occasions,
            ),
        ], static fn (mixed $value): bool => $value !== null && $value !== [])
            + ($terms->salonDays === [] ? ['salon_days' => []] : []);
    }

    /** @return array<string, mixed> */
    private static function writtenByHand(FixedWashDay $set): array
    {
        return array_filter([
            'date' => $set->date->format('Y-m-d'),
            'cleanse' => $set->choice->cleanse->value,
            'passes' => $set->choice->passes,
            'mask_minutes' => $set->choice->masks() ? $set->choice->conditioningMinutes : null,
            'heat' => $set->choice->heat,
            'protein' => $set->choice->protein?->value,
            'pre_wash' => $set->choice->preWash,
            'pre_wash_before' => $set->choice->preWashBefore ?: null,
            'reason' => $set->reason,
            'by' => $set->by,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
