<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\DrillCard;
use Carbon\CarbonImmutable;
use Nagomi\Core\Practice\Spacing;

/** When a question that was answered comes back. */
final class DrillSpacing
{
    /** @return array{box: int, due_on: string, asked: int, missed: int} */
    public static function after(?DrillCard $card, bool $wasRight, CarbonImmutable $today): array
    {
        [$box, $days] = Spacing::after($card?->box, $wasRight);

        return [
            'box' => $box, 'due_on' => $today->addDays($days)->format('Y-m-d'),
            'asked' => ($card->asked ?? 0) + 1, 'missed' => ($card->missed ?? 0) + ($wasRight ? 0 : 1),
        ];
    }
}
