<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Wording\Message;

/** What tests share that ask for a few plain numbers. */
trait AsksForNumbers
{
    public function problems(array $raw): array
    {
        return $this->problemsOfNumbers($raw);
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, Message>
     */
    private function problemsOfNumbers(array $raw): array
    {
        $problems = [];
        foreach ($this->rawMeasures() as $measure) {
            $problem = $measure->problem($raw[$measure->name] ?? null);
            if ($problem !== null) {
                $problems[$measure->name] = $problem;
            }
        }
        foreach (
            array_diff(
                array_keys($raw),
                array_map(static fn (RawMeasure $measure): string => $measure->name, $this->rawMeasures()),
            ) as $unknown
        ) {
            $problems[(string) $unknown] = Message::of('tests.problems.not-asked');
        }

        return $problems === [] ? $this->contradictions($raw) : $problems;
    }

    public function questions(array $raw): array
    {
        $questions = [];
        foreach ($this->rawMeasures() as $measure) {
            $question = $this->given($raw, $measure->name)
                ? $measure->question($this->number($raw, $measure->name))
                : null;
            if ($question !== null) {
                $questions[$measure->name] = $question;
            }
        }

        return $questions;
    }

    /**
     * Numbers that are possible each by itself and not together.
     *
     * @param array<mixed> $raw
     *
     * @return array<string, Message>
     */
    private function contradictions(array $raw): array
    {
        return [];
    }

    /** @param array<mixed> $raw */
    private function given(array $raw, string $name): bool
    {
        return ($raw[$name] ?? null) !== null && $raw[$name] !== '';
    }

    /** @param array<mixed> $raw */
    private function number(array $raw, string $name): float
    {
        $value = $raw[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }
}
