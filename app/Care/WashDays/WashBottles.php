<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\StepBottle;
use App\Bridge\WashDays\WashSessionState;
use App\Care\Acts\SentAct;
use App\Care\Products\Stockroom;
use App\Models\Product;
use App\Models\WashSession;
use App\Wording\Words;

/** The bottles of a running wash day: another one taken, with what that says of the first; and what was used up. */
final readonly class WashBottles
{
    /** Why another bottle was taken. */
    public const WHYS = ['ran-out', 'smells-wrong', 'disliked', 'missing', 'chosen'];

    public function __construct(private Stockroom $stockroom)
    {
    }

    /** Whether the bottle of an act is one its step can be done with. */
    public function knows(WashSessionState $state, SentAct $act): bool
    {
        $id = $act->value('product');

        return is_string($id) && StepBottle::named($state->step($act->text('step')), $id) !== null;
    }

    /**
     * What was learned of the bottle that was put away: empty, or not to be used until somebody has looked at it. That
     * a client did not like it stands with the act.
     *
     * @return array<array-key, mixed> the act’s value with the bottle that was put away
     */
    public function putAway(WashSession $washSession, WashSessionState $state, SentAct $act, string $by): array
    {
        $step = $state->step($act->text('step'));
        $said = $act->value('instead_of');
        // A tablet that was away speaks of the bottle it saw, whatever another one took since.
        $first = is_string($said) ? StepBottle::named($step, $said) : StepBottle::taken($step, $state);
        $product = $first === null || $first->id === $act->value('product')
            ? null
            : Product::query()->where('salon_id', $washSession->salon_id)->find($first->id);
        if ($product !== null && ($product->left_ml ?? 0.0) > 0.0 && $act->value('why') === 'ran-out') {
            $this->stockroom->counted($product, 0.0, $by);
        }
        if ($product !== null && $product->recalled_on === null && $act->value('why') === 'smells-wrong') {
            $product->update([
                'recalled_on' => $washSession->head->salon->today()->format('Y-m-d'),
                'recalled_because' => Words::say('wash.smells-wrong', ['by' => $by]),
            ]);
        }

        return ['instead_of' => $first?->id] + $act->list('value');
    }

    /** What was used leaves the shelf. */
    public function usedUp(WashSession $washSession, WashSessionState $state, string $by): void
    {
        foreach ($state->steps() as $step) {
            $bottle = StepBottle::taken($step, $state);
            $product = $bottle === null
                ? null
                : Product::query()->where('salon_id', $washSession->salon_id)->find($bottle->id);
            if (
                $bottle !== null && $product !== null && $bottle->ml > 0
                    && is_string($step['key'] ?? null) && $state->isDone($step['key'])
            ) {
                $what = "basin {$washSession->id} {$step['key']}";
                $this->stockroom->used($product, $bottle->ml, $by, $what, $washSession->id);
            }
        }
    }
}
