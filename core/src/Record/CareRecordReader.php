<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use Nagomi\Core\Estimation\StrataTransition;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\PaceHistory;
use Nagomi\Core\Wording\Message;

/** Reads a care record from JSON. Either the whole record is right, or every problem is named with its path. */
final class CareRecordReader
{
    private readonly RecordProblems $problems;

    private function __construct(private readonly Parameters $parameters)
    {
        $this->problems = new RecordProblems();
    }

    /** @throws InvalidRecord */
    public static function read(string $json, Parameters $parameters): CareRecord
    {
        return (new self($parameters))->record($json);
    }

    /** @throws InvalidRecord with every problem found */
    private function record(string $json): CareRecord
    {
        $fields = new RecordFields(RecordJson::decoded($json), '', $this->problems);
        $this->checkFormat($fields);
        $headFields = $fields->object('head');
        $id = $headFields->id('id');
        $name = $headFields->string('name', '', 200);
        $head = HeadFields::read($headFields, $this->problems, $this->parameters);
        $remaps = array_values(array_filter(array_map($this->remap(...), $headFields->objects('zones_before'))));
        $this->idsOnce('head.zones_before', array_map(self::dateOf(...), $remaps));
        $headFields->nothingElse();
        $intake = $fields->raw('intake');
        $washDays = array_values(array_filter(array_map($this->washDay(...), $fields->objects('events'))));
        $readings = array_values(array_filter(array_map($this->reading(...), $fields->objects('readings'))));
        $this->eachOnce($washDays, $readings);
        $products = $this->carried($fields, 'products');
        $biases = array_values(array_filter(array_map(SalonFields::bias(...), $fields->objects('stylist_biases'))));
        $air = SalonFields::air($fields->object('air'));
        $terms = PlanTermsFields::read($fields->object('season'), $this->parameters->washDay);
        $clearances = array_values(array_filter(array_map(ClearanceFields::read(...), $fields->objects('clearances'))));
        $plan = $fields->has('plan') ? $fields->raw('plan') : $fields->nothing('plan');
        $paces = self::paces($fields);
        $fields->nothingElse();
        $this->problems->throwIfAny();
        $head ?? throw new InvalidRecord([new RecordProblem('head', Message::of('records.no-head'))]);

        return new CareRecord(
            $id,
            $name,
            HeadFields::told($head, $intake),
            $intake,
            $washDays,
            $readings,
            $products,
            $biases,
            $plan,
            $remaps,
            $air,
            $terms ?? new PlanTerms(),
            $clearances,
            ...$paces,
        );
    }

    /** @return array{float|null, PaceHistory} */
    private static function paces(RecordFields $fields): array
    {
        return [
            SalonFields::ofSimilarHeads($fields->object('similar_heads')),
            PaceFields::read($fields->object('pace')),
        ];
    }

    /**
     * @param list<WashDay> $washDays
     * @param list<Reading> $readings
     */
    private function eachOnce(array $washDays, array $readings): void
    {
        $this->idsOnce('events', array_map(static fn (WashDay $day): string => $day->id, $washDays));
        $this->idsOnce('readings', array_map(static fn (Reading $reading): string => $reading->id, $readings));
        $this->washDaysOnce($washDays);
    }

    private function checkFormat(RecordFields $fields): void
    {
        if ($fields->string('format') !== CareRecord::FORMAT) {
            $this->problems->add('format', Message::of('records.format', format: CareRecord::FORMAT));
        }
        if ($fields->integer('version', 0, PHP_INT_MIN, PHP_INT_MAX, '') !== CareRecord::VERSION) {
            $this->problems->add(
                'version',
                Message::of('records.version', version: CareRecord::VERSION),
            );
        }
    }

    private static function dateOf(StrataTransition $transition): string
    {
        return $transition->date->format('Y-m-d');
    }

    private function remap(RecordFields $fields): ?StrataTransition
    {
        $until = $fields->date('until');
        $zones = ZoneFields::read($fields, $this->problems);
        $fields->nothingElse();

        return $until === null || $zones === [] ? null : new StrataTransition($until, $zones);
    }

    private function washDay(RecordFields $fields): ?WashDay
    {
        $before = $this->problems->count();
        $id = $fields->id('id');
        $date = $fields->date('date');
        $place = $fields->choice('place', Place::class, Place::Salon);
        $approximate = $fields->boolean('approximate');
        $steps = array_values(array_filter(array_map($this->step(...), $fields->objects('steps'))));
        $planned = $fields->has('planned')
            ? array_values(array_filter(array_map($this->step(...), $fields->objects('planned'))))
            : $fields->nothing('planned');
        $fields->nothingElse();
        if ($steps === [] && $this->problems->count() === $before) {
            $fields->problem('steps', Message::of('records.no-step'));
        }

        return $this->problems->count() > $before || $date === null || $place === null
            ? null
            : new WashDay($id, $date, $steps, $place, $approximate, $planned);
    }

    private function step(RecordFields $fields): ?Step
    {
        $before = $this->problems->count();
        $kind = $fields->choice('kind', StepKind::class);
        $minutes = $fields->has('minutes')
            ? $fields->number('minutes', 1, Step::LEAST_MINUTES, Step::MOST_MINUTES, 'minutes')
            : $fields->nothing('minutes');
        $heat = $fields->boolean('heat');
        $cleanse = $fields->has('cleanse')
            ? $fields->choice('cleanse', CleanseKind::class)
            : $fields->nothing('cleanse');
        $passes = $fields->integer('passes', 1, 1, Step::MOST_PASSES, 'passes');
        $how = $fields->has('how') ? $fields->string('how', '', 40) : $fields->nothing('how');
        $tool = $fields->has('tool') ? $fields->string('tool', '', 40) : $fields->nothing('tool');
        $millimetres = $fields->has('millimetres')
            ? $fields->number('millimetres', 1, 0.5, 1000, 'mm')
            : $fields->nothing('millimetres');
        $product = $fields->has('product') ? $fields->string('product', '', 200) : $fields->nothing('product');
        $evening = $fields->boolean('evening_before');
        $contents = $fields->has('contents')
            ? BottleFields::read($fields->object('contents'))
            : $fields->nothing('contents');
        $fields->nothingElse();
        if ($this->problems->count() > $before || $kind === null) {
            return null;
        }
        try {
            return (new Step($kind, $minutes, $heat, $cleanse, $passes, $how, $tool, $millimetres, $product, $evening))
                ->with($contents);
        } catch (InvalidArgumentException $exception) {
            $fields->refused('', $exception);

            return null;
        }
    }

    private function reading(RecordFields $fields): ?Reading
    {
        $before = $this->problems->count();
        $id = $fields->id('id');
        $date = $fields->date('date');
        $moment = $fields->choice('moment', Moment::class, Moment::BeforeCleansing);
        $zone = $fields->has('zone') ? $fields->choice('zone', Zone::class) : $fields->nothing('zone');
        $by = $fields->string('by', '', 200);
        $confirmed = $fields->boolean('confirmed');
        $name = $fields->string('test', '', 64);
        $raw = $fields->raw('raw');
        $fields->nothingElse();
        $test = TestCatalogue::test($name);
        if ($test !== null && $moment !== null && ! in_array($moment, $test->moments(), true)) {
            $fields->problem(
                'moment',
                Message::of(
                    'records.moment',
                    test: $name,
                    moments: array_map(static fn (Moment $one): string => $one->value, $test->moments()),
                ),
            );
        }
        if ($test === null) {
            $fields->problem('test', Message::of('records.one-of', choices: array_keys(TestCatalogue::tests())));
        } else {
            foreach ($test->problems($raw) as $path => $problem) {
                $fields->problem('raw.' . preg_replace('/\.(\d+)/', '[$1]', $path), $problem);
            }
        }

        return $this->problems->count() > $before || $date === null || $moment === null
            ? null
            : new Reading($id, $date, $moment, $name, $raw, $zone, $by, $confirmed, $this->parameters);
    }

    /** @return list<array<string, mixed>> */
    private function carried(RecordFields $fields, string $name): array
    {
        $count = count($fields->objects($name));

        return array_map(
            static fn (int $i): array => self::named($fields->items($name)[$i]),
            $count === 0 ? [] : range(0, $count - 1),
        );
    }

    /** @return array<string, mixed> */
    private static function named(mixed $value): array
    {
        $named = [];
        foreach (is_array($value) ? $value : [] as $key => $item) {
            $named[(string) $key] = $item;
        }

        return $named;
    }

    /** @param list<string> $ids */
    private function idsOnce(string $list, array $ids): void
    {
        foreach (array_count_values($ids) as $id => $times) {
            if ($times > 1) {
                $this->problems->add($list, Message::of('records.id-twice', id: (string) $id, times: $times));
            }
        }
    }

    /**
     * The same day written down twice under two ids would count twice.
     *
     * @param list<WashDay> $washDays
     */
    private function washDaysOnce(array $washDays): void
    {
        $seen = [];
        foreach ($washDays as $day) {
            $what = json_encode(
                [$day->date->format('Y-m-d'), $day->place->value, array_map(CareRecordWriter::step(...), $day->steps)],
                JSON_THROW_ON_ERROR,
            );
            if (isset($seen[$what])) {
                $this->problems->add(
                    'events',
                    Message::of('records.same-day', id: $day->id, other: $seen[$what]),
                );
            }
            $seen[$what] = $day->id;
        }
    }
}
