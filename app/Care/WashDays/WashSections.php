<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\WashSessionState;
use App\Models\Head;
use Nagomi\Core\WashDay\WashStepKind;

/** Into how many sections a head was parted for each work of a wash day is how it is parted the next time. */
final readonly class WashSections
{
    private const WORKS = [
        'washing_sections' => WashStepKind::Cleanse,
        'detangling_sections' => WashStepKind::Detangle,
        'styling_sections' => WashStepKind::Style,
    ];

    public function learned(Head $head, WashSessionState $state): void
    {
        $learned = [];
        foreach (self::WORKS as $column => $kind) {
            foreach ($state->steps() as $step) {
                $key = is_string($step['key'] ?? null) ? $step['key'] : '';
                $sections = $state->sectionsOf($key);
                if (($step['kind'] ?? '') === $kind->value && $sections !== null && $state->isDone($key)) {
                    // As the head is parted anyway is nothing of its own.
                    $learned[$column] = $sections === $head->sections ? null : $sections;
                    break;
                }
            }
        }
        if ($learned !== []) {
            $head->update($learned);
        }
    }
}
