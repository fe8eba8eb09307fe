<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Treatments\WashDay;

/** A client to practise on: what is told of the hair, what it really is, and how well things are kept to at home. */
final readonly class PracticeCase
{
    public const TURNS = 8;
    public const DAYS_A_TURN = 28;

    /**
     * @param int           $seed    of all its luck
     * @param Head          $told    as somebody new hears it: partly wrong
     * @param PracticeHair  $hair    as it really is on the first day
     * @param PracticeScalp $scalp   as it really is on the first day
     * @param list<WashDay> $past    as it is told, before the first day
     * @param float         $ringMm  diameter of its curls
     * @param float         $keeps   probability that a treatment planned at home is done
     * @param list<PracticeComplaint> $says what brings the client; []: as the hair and the scalp are
     */
    public function __construct(
        public int $seed,
        public DateTimeImmutable $from,
        public Head $told,
        public PracticeHair $hair,
        public PracticeScalp $scalp,
        public array $past,
        public float $keeps,
        public float $ringMm,
        public PracticeBudget $budget,
        public array $says = [],
    ) {
    }

    public function luck(): PracticeLuck
    {
        return new PracticeLuck($this->seed);
    }

    public function home(): PracticeHome
    {
        return new PracticeHome($this->keeps, $this->told->parameters->habits->forgotten, $this->luck());
    }
}
