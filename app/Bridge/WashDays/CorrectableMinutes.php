<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Bridge\Plans\StoredSteps;
use App\Models\WashSession;
use App\Models\WashStep;

/** Minutes of an ended wash day that can be corrected: those of its steps in the record, as long as they are as run. */
final class CorrectableMinutes
{
    /** @return array<string, array{label: string, minutes: float}> by key of the step */
    public static function of(WashSession $washSession): array
    {
        $open = [];
        foreach (self::rows($washSession) as $key => [$label, $row]) {
            if ($row->minutes !== null) {
                $open[$key] = ['label' => $label, 'minutes' => $row->minutes];
            }
        }

        return $open;
    }

    /** @return array<string, array{string, WashStep}> label and row by key; none where the book has other steps by now */
    public static function rows(WashSession $washSession): array
    {
        $washDay = $washSession->wash_day === null
            ? null
            : $washSession->head->washDays()->where('key', $washSession->wash_day)->first();
        $state = WashSessionState::of($washSession, array_values($washSession->acts()->get()->all()));
        $booked = BookedSteps::of($state);
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
                $of[$key] = [is_string($label) ? $label : $key, $rows[$i]];
            }
        }

        return $of;
    }
}
