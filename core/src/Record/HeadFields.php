<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use DateTimeImmutable;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\SectionsByWork;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Message;

/** A head as it stands in a care record; null where something of it is wrong, which the problems then say. */
final class HeadFields
{
    public static function read(RecordFields $fields, RecordProblems $problems, Parameters $parameters): ?Head
    {
        $before = $problems->count();
        $parts = ZoneFields::read($fields, $problems);
        $hardness = $fields->has('hardness_mg_per_l')
            ? $fields->number('hardness_mg_per_l', 100, 0, 1000, 'mg/L')
            : $fields->nothing('hardness_mg_per_l');
        $humidity = $fields->number('humidity_percent', 50, 0, 100, '%');
        $load = $fields->choice('styling_load', StylingLoad::class, StylingLoad::NotMeasured);
        [$sensitive, $sore] = [$fields->boolean('protein_sensitive'), $fields->boolean('sore_scalp')];
        $swims = $fields->boolean('swims');
        $redSign = $fields->boolean('red_sign');
        $length = $fields->has('length_mm')
            ? $fields->number('length_mm', 300, 10, 2000, 'mm')
            : $fields->nothing('length_mm');
        $sections = $fields->integer('sections', 4, 1, 12, 'sections');
        $every = $fields->integer('wash_every_days', 7, 2, 35, 'days');
        $limit = $fields->has('minutes_limit')
            ? $fields->integer('minutes_limit', 60, Head::LEAST_MINUTES_LIMIT, 480, 'minutes')
            : $fields->nothing('minutes_limit');
        [$method, $byWork] = [self::method($fields->object('method')), self::byWork($fields, $sections)];
        if ($problems->count() > $before || $load === null) {
            return null;
        }

        return new Head(
            $parts,
            $hardness,
            $humidity,
            $load,
            $sensitive,
            $sore,
            $swims,
            $length,
            $sections,
            $every,
            $limit,
            $method,
            $redSign,
            $parameters,
            sectionsByWork: $byWork,
        );
    }

    /** @param array<mixed> $intake what was told and measured of whose head it is */
    public static function told(Head $head, array $intake): Head
    {
        $ring = $intake['ring_mm'] ?? null;

        return $head
            ->born(self::bornOn($intake))
            ->tenderAtTheEdges(($intake['tender_edges'] ?? false) === true)
            ->curled(CurlPattern::of(
                is_numeric($ring) ? (float) $ring : null,
                ($intake['bends_without_ring'] ?? false) === true,
            ));
    }

    /** @param array<mixed> $intake */
    private static function bornOn(array $intake): ?DateTimeImmutable
    {
        return is_string($intake['born_on'] ?? null) ? Calendar::day($intake['born_on']) : null;
    }

    private static function byWork(RecordFields $fields, int $sections): SectionsByWork
    {
        return new SectionsByWork(...array_map(
            static fn (string $work): ?int => $fields->has("{$work}_sections")
                ? $fields->integer("{$work}_sections", $sections, 1, SectionsByWork::MOST, 'sections')
                : $fields->nothing("{$work}_sections"),
            ['washing', 'detangling', 'styling'],
        ));
    }

    private static function method(RecordFields $fields): Method
    {
        $choices = [];
        foreach (MethodQuestion::cases() as $question) {
            $choice = $fields->string($question->value, $question->choices()[0]);
            if (! in_array($choice, $question->choices(), true)) {
                $fields->problem($question->value, Message::of('records.one-of', choices: $question->choices()));
                $choice = $question->choices()[0];
            }
            $choices[$question->value] = $choice;
        }
        $fields->nothingElse();

        return new Method($choices);
    }

}
