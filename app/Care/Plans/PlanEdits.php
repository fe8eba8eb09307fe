<?php

declare(strict_types=1);

namespace App\Care\Plans;

use App\Bridge\Plans\OutlookRefresh;
use App\Care\Shared\Lock;
use App\Models\Head;
use App\Models\PlanEdit;
use App\Wording\Words;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Keeps every change of what a season must keep to, so that it can be undone and done again. */
final readonly class PlanEdits
{
    public function __construct(
        private OutlookRefresh $outlookRefresh,
    ) {
    }

    /**
     * @param array<string, mixed> $season
     * @param int|null $seen the last change whoever makes this one has seen; null: it does not hang on any
     *
     * @throws DomainException where somebody else changed it meanwhile
     */
    public function keep(Head $head, array $season, string $says, string $by, ?int $seen = null): void
    {
        $this->alone($head, $seen, function () use ($head, $season, $says, $by): void {
            // What was undone cannot be done again once something else is done.
            PlanEdit::query()->where('head_id', $head->id)->whereNotNull('undone_at')->delete();
            PlanEdit::query()->create([
                'salon_id' => $head->salon_id, 'head_id' => $head->id, 'before' => $head->season, 'after' => $season,
                'says' => mb_substr($says, 0, 400), 'by' => $by, 'made_at' => now(),
            ]);
            $head->update(['season' => $season]);
        });
    }

    /** @return string|null what was undone; null where there is nothing */
    public function undo(Head $head, ?int $seen): ?string
    {
        $edit = PlanEdit::last($head);
        if ($edit !== null) {
            $this->alone($head, $seen, function () use ($head, $edit): void {
                $edit->update(['undone_at' => now()]);
                $head->update(['season' => $edit->before]);
            });
        }

        return $edit?->says;
    }

    /** @return string|null what was done again */
    public function redo(Head $head, ?int $seen): ?string
    {
        $edit = PlanEdit::next($head);
        if ($edit !== null) {
            $this->alone($head, $seen, function () use ($head, $edit): void {
                $edit->update(['undone_at' => null]);
                $head->update(['season' => $edit->after]);
            });
        }

        return $edit?->says;
    }

    private function alone(Head $head, ?int $seen, callable $act): void
    {
        DB::transaction(function () use ($head, $seen, $act): void {
            Lock::head($head->id)->take();
            $last = PlanEdit::last($head);
            if ($seen !== null && $seen !== ($last->id ?? 0)) {
                throw new DomainException(
                    $last === null
                        ? Words::say('refusals.plan-act.taken-back')
                        : Words::say('refusals.plan-act.changed', ['by' => $last->by, 'what' => $last->says]),
                );
            }
            $act();
            // Terms weigh on the days ahead only.
            $this->outlookRefresh->after($head, $head->salon->today());
        });
    }
}
