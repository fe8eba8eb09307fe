<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Clients\SalonClimate;
use App\Models\Head;
use App\Models\Style;
use App\Models\WashSession;
use App\Wording\SalonClock;
use App\Wording\StepWords;
use App\Wording\Words;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Nagomi\Core\Climate\DewPoint;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Products\AirFeel;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StyledDay;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\WhatWorked;

/**
 * What went with the best wash days of a client: bottles, steps, drying, styling and sections, counted; and the best of
 * these days.
 */
final readonly class StyleMemory
{
    /** Amounts nearer than this to one another are the same to the hand. */
    private const AMOUNT_ML = 5;

    public function __construct(
        private SalonClimate $salonClimate,
        private WashResults $washResults,
        private Parameters $parameters,
    ) {
    }

    /**
     * @return array{
     *     lines: list<array{what: string, says: string}>, best: int, others: int,
     *     like: array{says: string, drying: string, styling: string, session: string|null}|null,
     * }|null null where too few wash days have a result to tell the best from the others, or nothing did
     */
    public function of(Head $head): ?array
    {
        $results = $this->washResults->of($head);
        $sessions = $this->sessions($head, $results);
        $air = $this->air($head);
        $worked = WhatWorked::of(array_map(static fn (StyledDay $result): array => [
            'score' => $result->score,
            'with' => [...self::with($result, $sessions[$result->day->id] ?? null), ...$air($result->day->date)],
        ], $results), $this->parameters->washDay);
        $like = $this->like($head, $results, $sessions);
        if ($worked->best === 0 || $like === null && $worked->wentWithBest() === []) {
            return null;
        }

        return [
            'lines' => array_map(static fn (string $what): array => [
                'what' => self::says($what),
                'says' => Words::say('wash.worked.counts', [
                    'times' => (int) $worked->times($what), 'best' => $worked->best,
                    'other' => (int) $worked->timesOfOthers($what), 'others' => $worked->others,
                ]),
            ], $worked->wentWithBest()),
            'best' => $worked->best,
            'others' => $worked->others,
            'like' => $like,
        ];
    }

    /**
     * @param list<StyledDay> $results
     *
     * @return array<string, WashSession> by key of the wash day; only those that were run here
     */
    private function sessions(Head $head, array $results): array
    {
        /** @var Collection<int, WashSession> $sessions */
        $sessions = $results === [] ? new Collection() : WashSession::query()
            ->where('head_id', $head->id)
            ->whereIn('wash_day', array_map(static fn (StyledDay $result): string => $result->day->id, $results))
            ->get(['id', 'salon_id', 'head_id', 'wash_day', 'plan', 'outcome']);

        return $sessions->keyBy(static fn (WashSession $session): string => (string) $session->wash_day)->all();
    }

    /** @return list<string> what a wash day was done with, as kind and name */
    private static function with(StyledDay $result, ?WashSession $session): array
    {
        $with = [
            ...array_map(static fn (string $name): string => "bottle|{$name}", WashResults::bottlesOf($result)),
            ...array_map(static fn (Step $step): string => 'step|' . StepWords::line([
                'kind' => $step->kind->value, 'cleanse' => $step->cleanse?->value, 'how' => $step->how,
                'tool' => $step->tool, 'heat' => $step->heat,
            ]), $result->day->steps),
        ];
        foreach ($session === null ? [] : ['drying', 'styling', 'sections'] as $kind) {
            $of = $session->plan[$kind] ?? null;
            if (is_scalar($of) && $of !== StylingMethod::NotToday->value && $of !== 0) {
                $with[] = "{$kind}|{$of}";
            }
        }

        return [...$with, ...self::hands($session)];
    }

    /** @return list<string> what the hands did, as kind and what; amounts to the nearest AMOUNT_ML */
    private static function hands(?WashSession $session): array
    {
        $hands = $session === null ? null : $session->outcome['hands'] ?? null;
        $hands = is_array($hands) ? $hands : [];
        $with = [];
        foreach (is_array($hands['amounts'] ?? null) ? $hands['amounts'] : [] as $name => $ml) {
            $about = is_numeric($ml) ? (int) (self::AMOUNT_ML * round((float) $ml / self::AMOUNT_ML)) : 0;
            if ($about > 0) {
                $with[] = "amount|{$about}|{$name}";
            }
        }
        foreach (is_array($hands['sections'] ?? null) ? $hands['sections'] : [] as $work => $sections) {
            if (is_int($sections)) {
                $with[] = "parted|{$sections}|{$work}";
            }
        }
        foreach (is_array($hands['extra'] ?? null) ? $hands['extra'] : [] as $extra) {
            $with[] = 'extra|' . (is_string($extra) ? $extra : '');
        }

        return is_string($hands['water'] ?? null) ? [...$with, "water|{$hands['water']}"] : $with;
    }

    /**
     * How the air of a day was to hair; where every day is as usual nothing is known of it.
     *
     * @return callable(DateTimeImmutable): list<string>
     */
    private function air(Head $head): callable
    {
        $year = $this->salonClimate->year($head->salon);
        $humidity = new Humidity($head->humidity_percent, $year);

        return fn (DateTimeImmutable $on): array => $year === [] ? [] : [
            'air|' . AirFeel::atDewPoint(
                DewPoint::celsius(DewPoint::ROOM_CELSIUS, max(1.0, $humidity->percentOn($on))),
                $this->parameters->products,
            )->value,
        ];
    }

    private static function says(string $what): string
    {
        [$kind, $of] = explode('|', $what, 2);

        return match ($kind) {
            'amount' => Words::say('wash.worked.amount', array_combine(['ml', 'name'], explode('|', $of, 2))),
            'parted' => trans_choice('wash.worked.parted.' . explode('|', $of, 2)[1], (int) $of),
            'extra' => Words::say("offline.wash.compose.palette.{$of}"),
            'water' => Words::say("wash.worked.water.{$of}"),
            'air' => Words::say("wash.worked.air.{$of}"),
            'drying' => Words::say('wash.worked.drying', ['how' => Words::of("dryings.{$of}")]),
            'styling' => Words::say('wash.worked.styling', ['how' => Words::of("stylings.{$of}")]),
            'sections' => Words::say('wash.worked.sections', ['count' => $of]),
            default => $of,
        };
    }

    /**
     * @param list<StyledDay>           $results
     * @param array<string, WashSession> $sessions
     *
     * @return array{says: string, drying: string, styling: string, session: string|null}|null the best of those that were run here
     */
    private function like(Head $head, array $results, array $sessions): ?array
    {
        usort($results, static fn (StyledDay $a, StyledDay $b): int => $b->score <=> $a->score);
        foreach ($results as $result) {
            $plan = $sessions[$result->day->id]->plan ?? [];
            $drying = DryingMethod::tryFrom(is_string($plan['drying'] ?? null) ? $plan['drying'] : '');
            $styling = StylingMethod::tryFrom(is_string($plan['styling'] ?? null) ? $plan['styling'] : '');
            if ($drying === null || $styling === null) {
                continue;
            }
            $lasted = $this->lasted($head, $result);
            $parts = [
                'day' => SalonClock::dayInWords($result->day->date, 'j M'),
                'score' => Words::rounded($result->score, 1),
            ];

            return [
                'says' => $lasted === null
                    ? Words::say('wash.worked.like', $parts)
                    : trans_choice('wash.worked.like-lasted', $lasted, $parts),
                'drying' => $drying->value,
                'styling' => $styling->value,
                'session' => self::isRepeatable($sessions[$result->day->id]) ? $sessions[$result->day->id]->id : null,
            ];
        }

        return null;
    }

    /** A wash day that was kept before steps had kinds is only dried and styled alike. */
    private static function isRepeatable(WashSession $session): bool
    {
        return $session->steps() !== [] && array_filter(
            $session->steps(),
            static fn (array $step): bool => ! is_string($step['kind'] ?? null),
        ) === [];
    }

    /** @return int|null days that the style of a wash day was good; null where nobody said when it ended */
    private function lasted(Head $head, StyledDay $result): ?int
    {
        /** @var Style|null $style */
        $style = Style::query()
            ->where('head_id', $head->id)
            ->whereDate('made_on', $result->day->date->format('Y-m-d'))
            ->whereNotNull('ended_on')
            ->first();

        return $style?->ended_on === null ? null : (int) $style->made_on->diffInDays($style->ended_on) + 1;
    }
}
