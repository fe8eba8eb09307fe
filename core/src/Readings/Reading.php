<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use DateTimeImmutable;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** One test taken on one head: the raw measures as typed, when, where on the head and by whom. */
final readonly class Reading
{
    /** @var non-empty-list<MeasuredSign> */
    public array $measured;

    /**
     * @param array<mixed> $raw
     * @param Zone|null    $zone      where it was taken; null for the whole head
     * @param bool         $confirmed taken again and found so, although it did not fit what was expected
     *
     * @param Parameters|null $parameters what the measures are turned into signs by; null: as shipped
     *
     * @throws RefusedInput for an unknown test or raw measures with a problem
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $date,
        public Moment $moment,
        public string $test,
        public array $raw,
        public ?Zone $zone = null,
        public string $by = '',
        public bool $confirmed = false,
        ?Parameters $parameters = null,
    ) {
        $reader = TestCatalogue::test($test)
            ?? throw new RefusedInput(
                Message::of('tests.problems.unknown-test', tests: array_keys(TestCatalogue::tests())),
            );
        if (! in_array($moment, $reader->moments(), true)) {
            throw new RefusedInput(Message::of(
                'tests.problems.moment',
                test: $test,
                moments: array_map(static fn (Moment $moment): string => $moment->value, $reader->moments()),
            ));
        }
        $problems = $reader->problems($raw);
        if ($problems !== []) {
            throw new RefusedInput(Message::inARow(array_values($problems)));
        }
        $this->measured = $reader->measure($raw, $parameters ?? Parameters::shipped());
    }

    /**
     * The same measures, turned into signs by other parameters.
     *
     * @throws RefusedInput never: what was taken once is taken again
     */
    public function under(Parameters $parameters): self
    {
        return new self(
            $this->id,
            $this->date,
            $this->moment,
            $this->test,
            $this->raw,
            $this->zone,
            $this->by,
            $this->confirmed,
            $parameters,
        );
    }
}
