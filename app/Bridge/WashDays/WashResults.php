<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Readings\SignsOverTime;
use App\Models\Head;
use App\Models\Reading;
use App\Models\WashDay;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\StyledDay;
use Nagomi\Core\WashDay\StyledDays;
use Nagomi\Core\WashDay\WhatWorked;

/** How the wash days of a client came out lately, by the result that was read once styled. */
final readonly class WashResults
{
    public function __construct(
        private HeadRecord $headRecord,
        private Parameters $parameters,
    ) {
    }

    /** Which bottles, by name, went with this client's best wash days. */
    public function bottles(Head $head): WhatWorked
    {
        return WhatWorked::of(array_map(static fn (StyledDay $styled): array => [
            'score' => $styled->score, 'with' => self::bottlesOf($styled),
        ], $this->of($head)), $this->parameters->washDay);
    }

    /** @return list<string> by name */
    public static function bottlesOf(StyledDay $styled): array
    {
        return array_values(array_filter(array_map(
            static fn (Step $step): ?string => $step->product,
            $styled->day->steps,
        )));
    }

    /** @return list<StyledDay> wash days with a result, oldest first */
    public function of(Head $head): array
    {
        $from = SignsOverTime::from($head->salon->today())->format('Y-m-d');
        /** @var Collection<int, Reading> $readings */
        $readings = $head->readings()->where('test', 'result')->where('date', '>=', $from)->get();
        if ($readings->isEmpty()) {
            return [];
        }
        /** @var Collection<int, WashDay> $washDays */
        $washDays = $head->washDays()->where('date', '>=', $from)->with('steps')->get();

        return StyledDays::of(
            array_values($washDays->map($this->headRecord->washDay(...))->all()),
            array_values($readings->map($this->headRecord->reading(...))->all()),
            $this->parameters->washDay,
        );
    }
}
