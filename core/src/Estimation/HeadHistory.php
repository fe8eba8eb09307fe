<?php

declare(strict_types=1);

namespace Nagomi\Core\Estimation;

use DateTimeImmutable;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\WashDay;

/** All that is known of a head: what it is like now and was before, what was done, what was read, and in what air. */
final readonly class HeadHistory
{
    /**
     * @param list<WashDay>     $washDays in any order
     * @param list<Reading>     $readings in any order
     * @param list<StrataTransition>       $remaps   days on which its zones were sorted anew, in any order
     * @param list<StylistBias> $biases
     * @param Humidity|null     $air      null: the head's usual humidity every day
     */
    public function __construct(
        public Head $head,
        public array $washDays = [],
        public array $readings = [],
        public array $remaps = [],
        public array $biases = [],
        public ?Humidity $air = null,
    ) {
    }

    public function withoutReadings(): self
    {
        return new self($this->head, $this->washDays, [], $this->remaps, $this->biases, $this->air);
    }

    /** The same, computed with other parameters. */
    public function under(Parameters $parameters): self
    {
        return new self(
            $this->head->under($parameters),
            $this->washDays,
            array_map(static fn (Reading $reading): Reading => $reading->under($parameters), $this->readings),
            $this->remaps,
            $this->biases,
            $this->air,
        );
    }

    /** The head as it was on a day: with the zones it had until the next time they were sorted anew. */
    public function headAt(DateTimeImmutable $date): Head
    {
        $next = null;
        foreach ($this->remaps as $remap) {
            if ($remap->date > $date && ($next === null || $remap->date < $next->date)) {
                $next = $remap;
            }
        }

        return $next === null ? $this->head : $this->head->withZones($next->before);
    }
}
