<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Readings\MeasuredSigns;
use App\Bridge\Readings\SignsOverTime;
use App\Models\Head;
use App\Models\Reading;
use App\Models\WashDay;
use App\Models\WashStep;
use App\Wording\StepWords;
use Illuminate\Support\Collection;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\WashDay\WhatWorked;

/** How the wash days of a client came out, by the result that was read once styled, and what each was done with. */
final readonly class WashResults
{
    /** A result is of the wash day it is read on, or of one so many days before. */
    private const READ_WITHIN_DAYS = 2;

    /** Of these more is worse. */
    private const AGAINST = [Sign::Frizz->value => 10.0];

    public function __construct(
        private MeasuredSigns $measuredSigns,
        private Parameters $parameters,
    ) {
    }

    /** Which bottles, by name, went with this client's best wash days. */
    public function bottles(Head $head): WhatWorked
    {
        return WhatWorked::of(array_map(
            static fn (WashResult $result): array => ['score' => $result->score, 'with' => $result->bottles],
            $this->of($head),
        ), $this->parameters->washDay);
    }

    /** @return list<WashResult> wash days with a result, oldest first */
    public function of(Head $head): array
    {
        $from = SignsOverTime::from($head->salon->today())->format('Y-m-d');
        /** @var Collection<int, Reading> $readings */
        $readings = $head->readings()->where('test', 'result')->where('date', '>=', $from)
            ->get(['id', 'head_id', 'salon_id', 'date', 'moment', 'test', 'raw', 'zone', 'by']);
        if ($readings->isEmpty()) {
            return [];
        }
        /** @var Collection<int, WashDay> $washDays */
        $washDays = $head->washDays()->where('date', '>=', $from)->with('steps')->reorder('date')->get();
        $results = [];
        foreach ($washDays as $i => $washDay) {
            $points = $readings
                ->filter(fn (Reading $reading): bool => $this->isOf($reading, $washDay, $washDays[$i + 1] ?? null))
                ->flatMap($this->points(...));
            if ($points->isNotEmpty()) {
                $results[] = new WashResult(
                    $washDay->key,
                    $washDay->date,
                    (float) $points->avg(),
                    array_values(array_filter($washDay->steps->pluck('product')->all(), is_string(...))),
                    array_values(array_unique($washDay->steps->map(self::done(...))->all())),
                );
            }
        }

        return $results;
    }

    private static function done(WashStep $step): string
    {
        return StepWords::line([
            'kind' => $step->kind, 'cleanse' => $step->cleanse, 'how' => $step->how, 'tool' => $step->tool,
            'heat' => $step->heat,
        ]);
    }

    private function isOf(Reading $reading, WashDay $washDay, ?WashDay $next): bool
    {
        $until = $washDay->date->addDays(self::READ_WITHIN_DAYS);

        return $reading->date->greaterThanOrEqualTo($washDay->date) && $reading->date->lessThanOrEqualTo($until)
            && ($next === null || $reading->date->lessThan($next->date));
    }

    /** @return list<float> of 0 to 10, more is better */
    private function points(Reading $reading): array
    {
        $points = [];
        foreach ($this->measuredSigns->of($reading) as $measured) {
            $worst = self::AGAINST[$measured->sign->value] ?? null;
            $points[] = $worst === null ? $measured->value : $worst - $measured->value;
        }

        return $points;
    }
}
