<?php

declare(strict_types=1);

namespace App\Bridge\WashDays;

use App\Models\WashSession;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\WashStepKind;

/** The dryings of a wash day that were done in a way that has a pace. */
final class Dryings
{
    /** @return array<string, array{by: string, step: array<string, mixed>}> by key of the step */
    public static function done(WashSession $washSession, WashSessionState $state): array
    {
        $done = [];
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (($step['kind'] ?? '') === WashStepKind::Dry->value && $state->isDone($key)) {
                $by = self::by($washSession, $state->templateOf($key));
                $done += $by === null ? [] : [$key => ['by' => $by, 'step' => $step]];
            }
        }

        return $done;
    }

    /** @param string|null $template what the step was put in as; null: the house dries it, as it was laid out */
    private static function by(WashSession $washSession, ?string $template): ?string
    {
        $planned = is_string($washSession->plan['drying'] ?? null) ? $washSession->plan['drying'] : '';
        $by = $template === null ? $planned : (string) preg_replace('/^dry-/', '', $template);

        return in_array($by, DriedDay::WAYS, true) ? $by : null;
    }
}
