<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\RepeatedDay;
use App\Bridge\WashDays\SessionOrder;
use App\Bridge\WashDays\StepBottle;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashStepChange;
use App\Models\Head;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use App\Wording\Words;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;

/**
 * A day that was laid out by hand may begin days later: what was changed by hand is laid over plan, shelf and client as they
 * are by then. A bottle recalled meanwhile, heat on a scalp that is sore by now, a step that is gone are not done.
 */
final readonly class DraftRenewal
{
    /** Why a change is not done any more, as a key of the language files. */
    public const REFUSAL = 'acts.wash.not-any-more';

    public function __construct(private WashSessionPlanner $washSessionPlanner)
    {
    }

    public function of(Head $head, WashSession $draft): void
    {
        $draft->update(['plan' => $this->plan($head, $draft)]);
        $state = WashSessionState::of($draft, []);
        $bearsHeat = ($draft->plan['bears_heat'] ?? true) === true;
        /** @var WashSessionAct $act */
        foreach ($draft->acts()->whereNull('refused')->get() as $act) {
            if (self::stands($state, $act, $bearsHeat)) {
                $state->apply($act);
            } else {
                $act->update(['refused' => Words::say(self::REFUSAL)]);
            }
        }
    }

    /** @return array<string, mixed> */
    private function plan(Head $head, WashSession $draft): array
    {
        $of = $draft->plan;
        $text = static fn (string $name): string => is_string($of[$name] ?? null) ? $of[$name] : '';
        $plan = $this->washSessionPlanner->laidOut(
            $head,
            is_numeric($of['limit_minutes'] ?? null) ? (float) $of['limit_minutes'] : null,
            DryingMethod::tryFrom($text('drying')),
            StylingMethod::tryFrom($text('styling')),
        );
        /** @var WashSession|null $like */
        $like = $text('like') === '' ? null : $head->washSessions()->find($text('like'));

        return $like === null ? $plan : RepeatedDay::like($plan, $like);
    }

    private static function stands(WashSessionState $state, WashSessionAct $act, bool $bearsHeat): bool
    {
        $value = $act->value ?? [];
        $step = $state->step($act->step);
        $set = array_diff_key($value, ['because' => 0, 'rule' => 0]);

        return match (true) {
            $state->refuses($act->kind, $act->step, $act->device, $value) !== null => false,
            $act->kind === 'set' && ! WashStepChange::fits($step, $set),
            $act->kind === 'set' && ($value['heat'] ?? false) === true && ! $bearsHeat => false,
            $act->kind === 'bottle' => is_string($value['product'] ?? null)
                && StepBottle::named($step, $value['product']) !== null,
            default => isset($value['because'])
                || ! in_array($act->kind, SessionOrder::CHANGES, true)
                || SessionOrder::breaks($state, $act) === null,
        };
    }
}
