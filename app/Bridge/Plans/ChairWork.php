<?php

declare(strict_types=1);

namespace App\Bridge\Plans;

use App\Bridge\Clients\LengthHistory;
use App\Bridge\Learning\SalonParameters;
use App\Bridge\WashDays\StyleTakeDown;
use App\Models\Head;
use App\Models\Reading;
use App\Models\Style;
use DateTimeImmutable;
use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\Plan;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\TrimEvidence;
use Nagomi\Core\Planning\TrimNeed;
use Nagomi\Core\Treatments\Calendar;

/** What is to come in the chair beside washing: trims and take-downs, with their day, minutes and millimetres. */
final readonly class ChairWork
{
    public const TRIM = 'trim';
    public const TAKE_DOWN = 'take-down';

    /** Hair is trimmed on the wash day that is so near the day it is due. */
    private const WITH_A_WASH_WITHIN_DAYS = 14;

    public function __construct(
        private LengthHistory $lengthHistory,
        private StyleTakeDown $styleTakeDown,
        private Parameters $parameters,
        private SalonParameters $salonParameters,
    ) {
    }

    /** @return list<StoredChairWork> the soonest first */
    public function of(Head $head, Plan $plan, PlanTerms $terms, DateTimeImmutable $today): array
    {
        $washDays = [];
        foreach ($plan->items as $item) {
            $washDays[$item->date->format('Y-m-d')] = $item->minutes;
        }
        $work = array_values(array_filter([
            $this->takeDown($head, $terms, $washDays, $today),
            $this->trim($head, $terms, array_keys($washDays), $today),
        ]));
        usort($work, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $work;
    }

    /**
     * @param array<string, float> $washDays minutes by day
     *
     * @return StoredChairWork|null
     */
    private function takeDown(Head $head, PlanTerms $terms, array $washDays, DateTimeImmutable $today): ?array
    {
        $style = Style::running($head);
        $takeDown = $style === null ? null : $this->styleTakeDown->of($style, $today);
        if ($style === null || $takeDown === null) {
            return null;
        }
        $day = max($takeDown->dueOn, $today);
        $both = $takeDown->minutes + ($washDays[$day->format('Y-m-d')] ?? 0.0);
        $limits = array_filter(
            [
                $head->minutes_limit,
                $terms->isInSalon($day) ? null : $terms->homeMinutesLimit,
                $terms->weekdayMinutes($day),
            ],
            is_int(...),
        );
        // What does not fit into one day is begun on the evening before.
        $isEve = $limits !== [] && $both > min($limits) && $day > $today;

        return [
            'kind' => self::TAKE_DOWN,
            'due_on' => $takeDown->dueOn->format('Y-m-d'),
            'on' => ($isEve ? $day->modify('-1 day') : $day)->format('Y-m-d'),
            'minutes' => round($takeDown->minutes, 1),
            'because' => $takeDown->daysLate > 0 ? ['late'] : [$isEve ? 'eve' : 'due'],
            'style' => $style->styling,
            'days' => Calendar::daysBetween(Calendar::dayOf($style->made_on), $day),
        ];
    }

    /**
     * @param list<string> $washDays
     *
     * @return StoredChairWork|null
     */
    private function trim(Head $head, PlanTerms $terms, array $washDays, DateTimeImmutable $today): ?array
    {
        $parameters = $this->salonParameters->of($head->salon);
        $need = TrimNeed::of($this->evidence($head, $today), $terms->trimGoal, $today, $parameters);
        if ($need === null) {
            return null;
        }
        $on = $need->dueOn->format('Y-m-d');
        $latest = $need->dueOn->modify('+' . self::WITH_A_WASH_WITHIN_DAYS . ' days')->format('Y-m-d');
        foreach ($washDays as $washDay) {
            if ($washDay >= $on && $washDay <= $latest) {
                $on = $washDay;
                break;
            }
        }

        return [
            'kind' => self::TRIM,
            'due_on' => $need->dueOn->format('Y-m-d'),
            'on' => $on,
            'minutes' => $need->minutes,
            'because' => $need->because,
            'mm' => round($need->mm, 1),
            'least' => round($need->leastMm, 1),
            'most' => round($need->mostMm, 1),
            'thin' => $need->thinMm === null ? null : round($need->thinMm, 1),
        ];
    }

    private function evidence(Head $head, DateTimeImmutable $today): TrimEvidence
    {
        $last = static fn (string $test): ?Reading => $head->readings()
            ->where('test', $test)
            ->where('date', '<=', $today->format('Y-m-d'))
            ->reorder()
            ->latest('date')
            ->latest('id')
            ->first();
        $value = fn (?Reading $reading): ?float => $reading === null
            ? null
            : $this->lengthHistory->value($reading);
        [$ends, $taper] = [$last('ends'), $last('taper')];
        $curl = CurlPattern::of($head->ring_mm, $head->bends_without_ring);
        $model = $this->parameters->model;

        return new TrimEvidence(
            $value($ends),
            $ends === null ? null : Calendar::dayOf($ends->date),
            $value($taper),
            $taper === null ? null : Calendar::dayOf($taper->date),
            $this->lengthHistory->lastTrim($head, $today),
            $head->length_mm === null ? null : (float) $head->length_mm,
            $curl === null ? $model->growthMmADay : $model->growthByCurlMmADay[$curl->value] ?? $model->growthMmADay,
        );
    }
}
