<?php

declare(strict_types=1);

namespace App\Care\Practice;

use App\Bridge\Practice\Drills;
use App\Bridge\Practice\DrillSpacing;
use App\Models\DrillCard;
use App\Models\User;

/** Rounds of drills: what is answered, and when each question comes back. */
final readonly class DrillRounds
{
    public function __construct(private Drills $drills)
    {
    }

    /**
     * @param array<int, string> $answers by item; '' for one there was no time for, which counts as missed
     */
    public function answer(User $user, string $kind, array $answers): void
    {
        $cards = $this->drills->cards($user, $kind)->keyBy('item');
        $today = $user->salon->today();
        foreach ($answers as $item => $answer) {
            /** @var DrillCard|null $card */
            $card = $cards->get($item);
            $wasRight = $this->drills->question($kind, $item)->right === $answer;
            $card ??= (new DrillCard())->forceFill([
                'salon_id' => $user->salon_id, 'user_id' => $user->id, 'kind' => $kind, 'item' => $item,
            ]);
            $card->fill(DrillSpacing::after($card->exists ? $card : null, $wasRight, $today))->save();
        }
    }
}
