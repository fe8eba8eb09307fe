<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\PlayedCase;
use Nagomi\Core\Practice\CalendarPlays;
use Nagomi\Core\Practice\PlannerPlays;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeGame;
use Nagomi\Core\Practice\PracticeLife;
use Nagomi\Core\Practice\PracticeScore;
use Nagomi\Core\Record\CareRecordWriter;

/**
 * What others come to on a practice case with the same luck, a part at a time: a fixed calendar, the planner, and the
 * case as it was played with one decision left to the planner, for each of its visits.
 */
final readonly class CaseBeside
{
    private const CALENDAR = 'calendar';
    private const PLANNER = 'planner';

    public function __construct(private PlayedLife $playedLife)
    {
    }

    /**
     * @param StoredCaseBeside|null $beside as far as it was worked out
     *
     * @return string|null the part that is next; null where all are there
     */
    public function next(?array $beside): ?string
    {
        foreach (self::parts() as $part) {
            if (! array_key_exists($part, $beside ?? [])) {
                return $part;
            }
        }

        return null;
    }

    /**
     * @param StoredCaseBeside|null $beside
     *
     * @return int whole percent of the parts that are there
     */
    public function percent(?array $beside): int
    {
        return intdiv(100 * count($beside ?? []), count(self::parts()));
    }

    /**
     * @param PlayedCase $played to its end, with its acts
     * @param string     $part   of those {@see next} names
     *
     * @return StoredCaseScore|StoredCaseChanged what it came to; of a changed decision, with what was asked for
     */
    public function work(PlayedCase $played, string $part): array
    {
        $case = $this->playedLife->caseOf($played);

        return match ($part) {
            self::CALENDAR => CaseScore::of(PracticeGame::played($case, new CalendarPlays())),
            self::PLANNER => CaseScore::of(PracticeGame::played($case, new PlannerPlays())),
            default => $this->changed($played, $case, (int) $part),
        };
    }

    /** @return StoredCaseChanged */
    private function changed(PlayedCase $played, PracticeCase $case, int $turn): array
    {
        $turns = $this->playedLife->turns($played);
        $other = PracticeGame::otherwise($case, $turns, $turn, new PlannerPlays());

        return [
            'lost' => round(PracticeScore::lost($other), 1),
            'own' => self::asked(PracticeGame::replayed($case, $turns), $turn),
            'planner' => self::asked($other, $turn),
        ];
    }

    /** @return list<StoredAsked> what was asked for at a visit, that day first */
    private static function asked(PracticeLife $life, int $turn): array
    {
        $from = $turn * PracticeCase::DAYS_A_TURN;
        $asked = [];
        foreach ($life->asked as [$day, $steps]) {
            if ($day >= $from && $day < $from + PracticeCase::DAYS_A_TURN) {
                $asked[] = ['after' => $day - $from, 'steps' => array_map(CareRecordWriter::step(...), $steps)];
            }
        }

        return $asked;
    }

    /** @return list<string> */
    private static function parts(): array
    {
        return [
            self::CALENDAR, self::PLANNER,
            ...array_map(static fn (int $turn): string => (string) $turn, range(0, PracticeCase::TURNS - 1)),
        ];
    }
}
