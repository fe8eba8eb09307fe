<?php

declare(strict_types=1);

namespace App\Pages\Salon;

use App\Bridge\Learning\ForetoldPlans;
use App\Bridge\Learning\ForetoldResults;
use App\Bridge\Plans\PlanForetold;
use App\Drawings\ResultTenths;
use App\Models\Salon;
use App\Wording\ResultWords;
use App\Wording\Words;
use Nagomi\Core\Learning\Calibration;
use Nagomi\Core\Learning\ResultsAlarm;
use Nagomi\Core\Learning\ResultsBy;
use Nagomi\Core\Learning\ResultsFinding;
use Nagomi\Core\Learning\ResultsGroup;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;

/** Says whether a salon's hair tests come out as they were foretold, and what it is where they do not. */
final readonly class ResultsPartScreen
{
    public function __construct(
        private ForetoldPlans $foretoldPlans,
        private ForetoldResults $foretoldResults,
        private Parameters $parameters,
    ) {
    }

    public function of(Salon $salon): ResultsPart
    {
        $calibration = $this->foretoldResults->calibration($salon);
        $whole = $calibration->whole;
        if ($whole === null) {
            return new ResultsPart($this->say('none'), '', [], [], '', null, []);
        }
        $isNarrow = static fn (ResultsAlarm $alarm): bool => $alarm->group->finding === ResultsFinding::Narrow;
        $notes = array_filter($calibration->alarms, $isNarrow);
        $says = array_map($this->alarm(...), array_values(array_diff_key($calibration->alarms, $notes)));

        return new ResultsPart(
            all: $this->say('all', [
                'held' => self::percent($whole->held), 'results' => $whole->results, 'clients' => $whole->heads,
            ]),
            verdict: $says === [] ? $this->verdict($whole, $notes === [] ? 'well' : 'close') : '',
            says: $says !== [] && $calibration->isGeneral ? [...$says, $this->say('general')] : $says,
            notes: array_map($this->alarm(...), array_values($notes)),
            plans: $this->plans($salon),
            picture: ResultTenths::of($calibration->tenths),
            tables: self::tables($calibration),
        );
    }

    private function plans(Salon $salon): string
    {
        $plans = $this->foretoldPlans->of($salon);

        return $plans === null ? '' : $this->say('plans.' . match (true) {
            $plans->isChance => 'chance',
            $plans->came > $plans->foretold => 'more',
            default => 'less',
        }, [
            'foretold' => self::percent($plans->foretold), 'came' => self::percent($plans->came),
            'plans' => $plans->plans, 'clients' => $plans->clients, 'weeks' => intdiv(PlanForetold::DAYS, 7),
        ]);
    }

    private function verdict(ResultsGroup $whole, string $well): string
    {
        $learning = $this->parameters->learning;

        return $whole->results < $learning->fewestResults || $whole->heads < $learning->fewestClients
            ? $this->say('few', ['results' => $learning->fewestResults, 'clients' => $learning->fewestClients])
            : $this->say($well);
    }

    private function alarm(ResultsAlarm $alarm): string
    {
        $finding = $alarm->group->finding ?? ResultsFinding::Scattered;

        return implode(' ', [
            ResultWords::standsOut($alarm->by->value, $alarm->which, $finding->value),
            $this->say(match ($finding) {
                ResultsFinding::Higher, ResultsFinding::Lower => 'above-says',
                ResultsFinding::Scattered, ResultsFinding::Narrow => 'held-says',
            }, [
                'above' => self::percent($alarm->group->above), 'held' => self::percent($alarm->group->held),
            ]),
            $this->say('advice.' . match (true) {
                $alarm->by === ResultsBy::Test && ! $this->isLearned($alarm->which)
                    => $finding === ResultsFinding::Narrow ? 'narrow-besides' : 'besides',
                $finding === ResultsFinding::Narrow => $finding->value,
                default => $alarm->by->value,
            }),
        ]);
    }

    /** Whether a salon's own numbers bear on a sign; on scalp and minutes they do not. */
    private function isLearned(string $sign): bool
    {
        return Sign::tryFrom($sign)?->tellsOfBalance($this->parameters->signs) === true;
    }

    /** @return list<array{name: string, rows: list<array{name: string, results: int, held: int, above: int}>}> */
    private static function tables(Calibration $calibration): array
    {
        $tables = [];
        foreach (ResultsBy::cases() as $by) {
            $rows = [];
            foreach ($calibration->groups[$by->value] ?? [] as $which => $group) {
                $rows[] = self::row(ResultWords::which($by->value, (string) $which), $group);
            }
            if ($rows !== []) {
                $tables[] = ['name' => Words::say("learned.results.by.{$by->value}"), 'rows' => $rows];
            }
        }

        return $tables;
    }

    /** @return array{name: string, results: int, held: int, above: int} */
    private static function row(string $name, ResultsGroup $group): array
    {
        return [
            'name' => $name, 'results' => $group->results, 'held' => self::percent($group->held),
            'above' => self::percent($group->above),
        ];
    }

    private static function percent(float $share): int
    {
        return (int) round(100 * $share);
    }

    /** @param array<string, string|int> $with */
    private function say(string $key, array $with = []): string
    {
        return Words::say("learned.results.{$key}", $with + ['months' => ForetoldResults::MONTHS_LOOKED_BACK]);
    }
}
