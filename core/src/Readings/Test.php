<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;

/** A test of the Bench: from what was typed to signs with their doubt. */
interface Test
{
    /** The key of the test in records and addresses. */
    public function name(): string;

    /** @return non-empty-list<Moment> when it can be taken */
    public function moments(): array;

    /** @return list<RawMeasure> what it asks for; a wet stretch asks it of each hair */
    public function rawMeasures(): array;

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, Message> by path within the raw measures: a sentence that says what to type instead
     */
    public function problems(array $raw): array;

    /**
     * What is possible, and yet so far from the usual that it is asked about once more.
     *
     * @param array<mixed> $raw raw measures without problems
     *
     * @return array<string, Message> by path within the raw measures: the question
     */
    public function questions(array $raw): array;

    /**
     * @param array<mixed> $raw raw measures without problems
     *
     * @return non-empty-list<MeasuredSign>
     */
    public function measure(array $raw, Parameters $parameters): array;
}
