<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\PlayedCase;
use Nagomi\Core\Practice\DrawnCase;
use Nagomi\Core\Practice\LivedCase;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeTurn;
use Nagomi\Core\Practice\WrittenCases;

/** A practice case as far as somebody played it, from the acts that are kept. */
final readonly class PlayedLife
{
    public const VISITS = PracticeCase::TURNS;

    /** Beyond the seeds of drawn and written cases. */
    private const LIVED_SEED = 2_000_000;

    public function __construct(private PlayedDecision $playedDecision)
    {
    }

    public function caseOf(PlayedCase $played): PracticeCase
    {
        return match (true) {
            $played->lived !== null => (new LivedCase($played->lived))
                ->from($played->from_on, self::LIVED_SEED + $played->seed),
            $played->name === '' => DrawnCase::of($played->seed, $played->from_on),
            default => WrittenCases::of($played->name, $played->from_on),
        };
    }

    /** @param PlayedCase $played with its acts */
    public function of(PlayedCase $played): PracticeLife
    {
        return $this->through($played)[0];
    }

    /**
     * @param PlayedCase $played with its acts
     *
     * @return list<PracticeTurn> the visits, the last of which may still be open
     */
    public function turns(PlayedCase $played): array
    {
        return $this->through($played)[1];
    }

    /** @return array{PracticeLife, list<PracticeTurn>} */
    private function through(PlayedCase $played): array
    {
        $life = PracticeLife::begun($this->caseOf($played));
        [$turns, $tests] = [[], []];
        foreach ($played->acts as $act) {
            $content = $act->content;
            if (isset($content['tests'])) {
                // What there was time and money for then is done as near to it as there is by now.
                $life = $life->read($life->inTime($content['tests']));
                $tests = [...$tests, ...$content['tests']];
            } else {
                $decision = $life->affordable($this->playedDecision->of($content, $life->told));
                $turns[] = new PracticeTurn($tests, $decision);
                $life = $life->decided($decision);
                $tests = [];
            }
        }

        return [$life, $tests === [] ? $turns : [...$turns, new PracticeTurn($tests)]];
    }
}
