<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Plans\StoredSteps;
use App\Models\PaceDay;
use App\Models\WashSession;
use App\Models\WashStep;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Support\Collection;
use Nagomi\Core\Treatments\StepKind;

/**
 * Minutes of an ended wash day that can be corrected, as long as its steps in the record are as run: those of the steps,
 * and how long it dried.
 */
final class CorrectableMinutes
{
    /** @return array<string, array{label: string, minutes: float|null}> by key of the step; null: nobody could tell */
    public static function of(WashSession $washSession): array
    {
        $open = [];
        $rows = self::rows($washSession);
        foreach ($rows as $key => [$label, $row]) {
            if (self::isOpen($row)) {
                $open[$key] = ['label' => $label, 'minutes' => $row->minutes];
            }
        }

        foreach ($rows === [] ? [] : self::dryings($washSession) as $key => ['by' => $by, 'row' => $row]) {
            $open[$key] = [
                'label' => Words::say('wash.dried', ['by' => Words::say("wash.pace.dries-by.{$by}")]),
                'minutes' => $row?->minutes,
            ];
        }

        return $open;
    }

    /** Detangling that nobody timed can be told of afterwards. */
    public static function isOpen(WashStep $row): bool
    {
        return $row->minutes !== null || $row->kind === StepKind::Detangle->value;
    }

    /** @return array<string, array{by: string, row: PaceDay|null}> by key of the step */
    public static function dryings(WashSession $washSession): array
    {
        /** @var Collection<int, PaceDay> $timed */
        $timed = PaceDay::query()->where('head_id', $washSession->head_id)
            ->where('what', PaceDay::DRIED)->whereDate('date', $washSession->date)->get();
        $dryings = [];
        foreach (Dryings::done($washSession, self::state($washSession)) as $key => ['by' => $by]) {
            $dryings[$key] = ['by' => $by, 'row' => $timed->first(static fn (PaceDay $day): bool
                => $day->wash_session_id === $washSession->id && $day->step === $key)];
        }

        return $dryings;
    }

    private static function state(WashSession $washSession): WashSessionState
    {
        return WashSessionState::of($washSession, array_values($washSession->acts()->get()->all()));
    }

    /** @return array<string, array{string, WashStep}> label and row by key; none where the book has other steps by now */
    public static function rows(WashSession $washSession): array
    {
        $washDay = $washSession->wash_day === null
            ? null
            : $washSession->head->washDays()->where('key', $washSession->wash_day)->first();
        $booked = BookedSteps::of(self::state($washSession));
        /** @var list<WashStep> $rows */
        $rows = $washDay === null ? [] : array_values($washDay->steps()->get()->all());
        if (count($rows) !== count($booked)) {
            return [];
        }
        $of = [];
        foreach (array_keys($booked) as $i => $key) {
            if ($rows[$i]->kind !== $booked[$key]['kind']->value) {
                return [];
            }
            if (BookedSteps::teaches($booked[$key]['kind']) && ! StoredSteps::isBefore($booked[$key]['books'])) {
                $label = $booked[$key]['step']['label'] ?? null;
                $of[$key] = [Said::kept($label ?? $key), $rows[$i]];
            }
        }

        return $of;
    }
}
