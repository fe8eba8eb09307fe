<?php

declare(strict_types=1);

namespace Nagomi\Core\WashDay;

use Nagomi\Core\Products\ProductKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Wording\Message;

/** One step of a wash day as it is done: hands first, then what goes on by itself. */
final readonly class WashDayStep
{
    /**
     * @param string|null      $water          warm, lukewarm, or warm-then-cool; null: without water
     * @param float            $handsOnMinutes median
     * @param float            $spread         of the logarithm of the hands-on time
     * @param float            $waitingMinutes median; hands are free
     * @param float            $waitSpread     of the logarithm of the waiting time; 0 where the clock decides
     * @param bool             $beside         is done while what waits goes on; every other step waits for all of it
     * @param ProductKind|null $uses           what it takes from the shelf
     * @param list<Message>    $watch          what must be watched, a sentence each
     * @param Step|null        $books          what it leaves in the book
     * @param bool             $afterClient    done when the client has left: no part of the finish
     * @param float|null       $leastMinutes   it has to be on before what waits for it; null: none
     * @param float|null       $mostMinutes    it may be on; null: no limit
     * @param int|null         $sections       it is done in; null: not by section
     */
    public function __construct(
        public WashStepKind $kind,
        public string $key,
        public Message $label,
        public float $handsOnMinutes,
        public float $spread = 0.2,
        public float $waitingMinutes = 0.0,
        public float $waitSpread = 0.0,
        public bool $beside = false,
        public bool $bySection = false,
        public ?ProductKind $uses = null,
        public ?string $tool = null,
        public ?string $water = null,
        public bool $heat = false,
        public array $watch = [],
        public ?Step $books = null,
        public bool $afterClient = false,
        public ?float $leastMinutes = null,
        public ?float $mostMinutes = null,
        public ?int $sections = null,
    ) {
    }

    /** The same step under another key, told apart from one of its kind. */
    public function keyed(string $key): self
    {
        return new self(
            $this->kind,
            $key,
            $this->label,
            $this->handsOnMinutes,
            $this->spread,
            $this->waitingMinutes,
            $this->waitSpread,
            $this->beside,
            $this->bySection,
            $this->uses,
            $this->tool,
            $this->water,
            $this->heat,
            $this->watch,
            $this->books,
            $this->afterClient,
            $this->leastMinutes,
            $this->mostMinutes,
            $this->sections,
        );
    }

    /** @return array<string, mixed> as bin/core prints it and a wash day keeps it; minutes and mL */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'kind' => $this->kind->value,
            'label' => $this->label,
            'hands_on_minutes' => round($this->handsOnMinutes, 2),
            'waiting_minutes' => round($this->waitingMinutes, 2),
            'spread' => round($this->spread, 3),
            'wait_spread' => round($this->waitSpread, 3),
            'by_section' => $this->bySection,
            'sections' => $this->sections,
            'least_minutes' => $this->leastMinutes,
            'most_minutes' => $this->mostMinutes,
            'uses' => $this->uses?->value,
            'tool' => $this->tool,
            'water' => $this->water === null ? null : Message::of("wash-day.water.{$this->water}"),
            'heat' => $this->heat,
            'watch' => $this->watch,
        ];
    }
}
