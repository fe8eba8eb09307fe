<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use JsonException;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Balance\Remap;
use Nagomi\Core\Balance\StylistBias;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Reading\Bench;
use Nagomi\Core\Reading\Moment;
use Nagomi\Core\Reading\Reading;
use Nagomi\Core\Reading\Sign;
use Nagomi\Core\Season\Terms;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/** Reads a care record from JSON. Either the whole record is right, or every problem is named with its path. */
final class CareRecordReader
{
    private const MOST_BYTES = 5_000_000;

    private readonly Problems $problems;

    private function __construct()
    {
        $this->problems = new Problems();
    }

    /** @throws InvalidRecord */
    public static function read(string $json): CareRecord
    {
        return (new self())->record($json);
    }

    private function record(string $json): CareRecord
    {
        $fields = new Fields($this->decoded($json), '', $this->problems);
        if ($fields->string('format') !== CareRecord::FORMAT) {
            $this->problems->add('format', 'give "' . CareRecord::FORMAT . '".');
        }
        if ($fields->integer('version', 0, PHP_INT_MIN, PHP_INT_MAX, '') !== CareRecord::VERSION) {
            $this->problems->add('version', 'this release reads version ' . CareRecord::VERSION . '; export the record again from a release that writes it.');
        }
        $headFields = $fields->object('head');
        $id = $headFields->id('id');
        $name = $headFields->string('name', '', 200);
        $head = $this->head($headFields);
        $remaps = array_values(array_filter(array_map($this->remap(...), $headFields->objects('zones_before'))));
        $this->idsOnce('head.zones_before', array_map(static fn (Remap $remap): string => $remap->date->format('Y-m-d'), $remaps));
        $headFields->nothingElse();
        $intake = $fields->raw('intake');
        $washDays = array_values(array_filter(array_map($this->washDay(...), $fields->objects('events'))));
        $readings = array_values(array_filter(array_map($this->reading(...), $fields->objects('readings'))));
        $this->idsOnce('events', array_map(static fn (WashDay $day): string => $day->id, $washDays));
        $this->idsOnce('readings', array_map(static fn (Reading $reading): string => $reading->id, $readings));
        $this->washDaysOnce($washDays);
        $products = $this->carried($fields, 'products');
        $biases = array_values(array_filter(array_map($this->bias(...), $fields->objects('stylist_biases'))));
        $air = $this->air($fields->object('air'));
        $terms = SeasonFields::read($fields->object('season'));
        $clearances = array_values(array_filter(array_map(ClearanceFields::read(...), $fields->objects('clearances'))));
        $plan = $fields->has('plan') ? $fields->raw('plan') : $this->nothing($fields, 'plan');
        $fields->nothingElse();
        $this->problems->throwIfAny();
        if ($head === null) {
            throw new InvalidRecord([new Problem('head', 'give the head.')]);
        }

        return new CareRecord($id, $name, $head, $intake, $washDays, $readings, $products, $biases, $plan, $remaps, $air, $terms ?? new Terms(), $clearances);
    }

    /** @return array<mixed> */
    private function decoded(string $json): array
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw new InvalidRecord([new Problem('', 'the file is larger than 5 MB; a care record of one head is far smaller.')]);
        }
        try {
            $decoded = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw new InvalidRecord([new Problem('', 'this is not JSON: ' . $exception->getMessage() . '.')]);
        }
        if (! is_array($decoded) || array_is_list($decoded)) {
            throw new InvalidRecord([new Problem('', 'give one JSON object that holds the record.')]);
        }

        return $decoded;
    }

    private function head(Fields $fields): ?Head
    {
        $before = $this->problems->count();
        $parts = ZoneFields::read($fields, $this->problems);
        $hardness = $fields->has('hardness_mg_per_l') ? $fields->number('hardness_mg_per_l', 100, 0, 1000, 'mg/L') : $this->nothing($fields, 'hardness_mg_per_l');
        $humidity = $fields->number('humidity_percent', 50, 0, 100, '%');
        $load = $fields->choice('styling_load', StylingLoad::class, StylingLoad::NotMeasured);
        $sensitive = $fields->boolean('protein_sensitive');
        $sore = $fields->boolean('sore_scalp');
        $swims = $fields->boolean('swims');
        $redSign = $fields->boolean('red_sign');
        $length = $fields->has('length_mm') ? $fields->number('length_mm', 300, 10, 2000, 'mm') : $this->nothing($fields, 'length_mm');
        $sections = $fields->integer('sections', 4, 1, 12, 'sections');
        $every = $fields->integer('wash_every_days', 7, 2, 35, 'days');
        $limit = $fields->has('minutes_limit') ? $fields->integer('minutes_limit', 60, Head::LEAST_MINUTES_LIMIT, 480, 'minutes') : $this->nothing($fields, 'minutes_limit');
        $method = $this->method($fields->object('method'));
        if ($this->problems->count() > $before || $load === null) {
            return null;
        }

        return new Head($parts, $hardness, $humidity, $load, $sensitive, $sore, $swims, $length, $sections, $every, $limit, $method, $redSign);
    }

    private function remap(Fields $fields): ?Remap
    {
        $until = $fields->date('until');
        $zones = ZoneFields::read($fields, $this->problems);
        $fields->nothingElse();

        return $until === null || $zones === [] ? null : new Remap($until, $zones);
    }

    private function bias(Fields $fields): ?StylistBias
    {
        $by = $fields->string('by', '', 200);
        $sign = $fields->choice('sign', Sign::class);
        $mean = $fields->number('mean', 0, -100, 100, 'in the sign’s unit');
        $sd = $fields->number('sd', 0, 0, 100, 'in the sign’s unit');
        $fields->nothingElse();

        return $sign === null ? null : new StylistBias($by, $sign, $mean, $sd);
    }

    /** @return array<string, float> */
    private function air(Fields $fields): array
    {
        $days = $fields->object('humidity_percent_by_day');
        $fields->nothingElse();
        $air = [];
        foreach ($days->names() as $day) {
            if (Calendar::day("2028-{$day}") === null) {
                $days->problem($day, 'give a day of the year that exists, written as 01-31.');
            }
            $air[$day] = $days->number($day, 50, 0, 100, '%');
        }

        return $air;
    }

    private function method(Fields $fields): Method
    {
        $choices = [];
        foreach (MethodQuestion::cases() as $question) {
            $choice = $fields->string($question->value, $question->choices()[0]);
            if (! in_array($choice, $question->choices(), true)) {
                $fields->problem($question->value, 'choose one of ' . implode(', ', $question->choices()) . '.');
                $choice = $question->choices()[0];
            }
            $choices[$question->value] = $choice;
        }
        $fields->nothingElse();

        return new Method($choices);
    }

    private function washDay(Fields $fields): ?WashDay
    {
        $before = $this->problems->count();
        $id = $fields->id('id');
        $date = $fields->date('date');
        $place = $fields->choice('place', Place::class, Place::Salon);
        $approximate = $fields->boolean('approximate');
        $steps = array_values(array_filter(array_map($this->step(...), $fields->objects('steps'))));
        $fields->nothingElse();
        if ($steps === [] && $this->problems->count() === $before) {
            $fields->problem('steps', 'say at least one thing that was done.');
        }

        return $this->problems->count() > $before || $date === null || $place === null ? null : new WashDay($id, $date, $steps, $place, $approximate);
    }

    private function step(Fields $fields): ?Step
    {
        $before = $this->problems->count();
        $kind = $fields->choice('kind', StepKind::class);
        $minutes = $fields->has('minutes') ? $fields->number('minutes', 1, Step::LEAST_MINUTES, Step::MOST_MINUTES, 'minutes') : $this->nothing($fields, 'minutes');
        $heat = $fields->boolean('heat');
        $cleanse = $fields->has('cleanse') ? $fields->choice('cleanse', CleanseKind::class) : $this->nothing($fields, 'cleanse');
        $passes = $fields->integer('passes', 1, 1, Step::MOST_PASSES, 'passes');
        $how = $fields->has('how') ? $fields->string('how', '', 40) : $this->nothing($fields, 'how');
        $tool = $fields->has('tool') ? $fields->string('tool', '', 40) : $this->nothing($fields, 'tool');
        $millimetres = $fields->has('millimetres') ? $fields->number('millimetres', 1, 0.5, 1000, 'mm') : $this->nothing($fields, 'millimetres');
        $product = $fields->has('product') ? $fields->string('product', '', 200) : $this->nothing($fields, 'product');
        $fields->nothingElse();
        if ($this->problems->count() > $before || $kind === null) {
            return null;
        }
        try {
            return new Step($kind, $minutes, $heat, $cleanse, $passes, $how, $tool, $millimetres, $product);
        } catch (InvalidArgumentException $exception) {
            $fields->problem('', $exception->getMessage());

            return null;
        }
    }

    private function reading(Fields $fields): ?Reading
    {
        $before = $this->problems->count();
        $id = $fields->id('id');
        $date = $fields->date('date');
        $moment = $fields->choice('moment', Moment::class, Moment::BeforeCleansing);
        $zone = $fields->has('zone') ? $fields->choice('zone', Zone::class) : $this->nothing($fields, 'zone');
        $by = $fields->string('by', '', 200);
        $confirmed = $fields->boolean('confirmed');
        $name = $fields->string('test', '', 64);
        $raw = $fields->raw('raw');
        $fields->nothingElse();
        $test = Bench::test($name);
        if ($test !== null && $moment !== null && ! in_array($moment, $test->moments(), true)) {
            $fields->problem('moment', "{$name} is taken " . implode(' or ', array_map(static fn (Moment $one): string => $one->value, $test->moments())) . '.');
        }
        if ($test === null) {
            $fields->problem('test', 'choose one of ' . implode(', ', array_keys(Bench::tests())) . '.');
        } else {
            foreach ($test->problems($raw) as $path => $sentence) {
                $fields->problem('raw.' . preg_replace('/\.(\d+)/', '[$1]', $path), lcfirst($sentence));
            }
        }

        return $this->problems->count() > $before || $date === null || $moment === null ? null : new Reading($id, $date, $moment, $name, $raw, $zone, $by, $confirmed);
    }

    /** @return list<array<string, mixed>> */
    private function carried(Fields $fields, string $name): array
    {
        $count = count($fields->objects($name));

        return array_map(static fn (int $i): array => self::named($fields->items($name)[$i]), $count === 0 ? [] : range(0, $count - 1));
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
                $this->problems->add($list, "the id {$id} stands there {$times} times; give each its own.");
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
            $what = json_encode([$day->date->format('Y-m-d'), $day->place->value, array_map(CareRecordWriter::step(...), $day->steps)], JSON_THROW_ON_ERROR);
            if (isset($seen[$what])) {
                $this->problems->add('events', "{$day->id} is the same as {$seen[$what]}: same day, same place, same steps; give it once.");
            }
            $seen[$what] = $day->id;
        }
    }

    /** Marks a field that may be null as asked for. */
    private function nothing(Fields $fields, string $name): null
    {
        $fields->raw($name);

        return null;
    }
}
