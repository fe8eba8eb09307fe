<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\SessionOrder;
use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashStepChange;
use App\Care\Acts\ActAnswer;
use App\Care\Acts\EachAct;
use App\Care\Acts\SentAct;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use App\Wording\Words;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\WashDay\WashRule;

/** Takes the acts of a wash day in, each once: those of its hands, and those that change what is done. */
final readonly class WashSessionActs
{
    /** Why a rule of the order is broken. */
    public const REASONS = ['client-wish', 'hair-asks', 'no-time', 'judgement'];
    private const ONLY_WHILE_IT_RUNS = ['done', 'section', 'repeat', 'note', 'pause', 'resume'];
    private const LONGEST_REFUSAL = 200;

    public function __construct(
        private EachAct $eachAct,
        private WashBottles $washBottles,
    ) {
    }

    /**
     * @param list<SentAct> $acts
     *
     * @return list<ActAnswer>
     */
    public function act(WashSession $washSession, array $acts, string $by, string $device): array
    {
        return DB::transaction(function () use ($washSession, $acts, $by, $device): array {
            // Two tablets at one head: one after the other.
            /** @var WashSession $locked */
            $locked = WashSession::query()->whereKey($washSession->id)->lockForUpdate()->sole();
            $washSession->setRawAttributes($locked->getAttributes(), true);
            $known = [];
            foreach ($this->acts($washSession) as $act) {
                $known[$act->key] = $act->refused;
            }
            $state = WashSessionState::of($washSession, $this->acts($washSession));

            return $this->eachAct->take(
                $acts,
                function (SentAct $act) use ($washSession, $state, $by, $device, &$known): ActAnswer {
                    if (array_key_exists($act->key, $known)) {
                        return $known[$act->key] === null
                            ? ActAnswer::alreadyTaken($act->key)
                            : ActAnswer::refused($act->key, $known[$act->key]);
                    }
                    $sections = $state->sectionsOf($act->text('step')) ?? $washSession->sections();
                    $problem = WashTap::problem($act, $sections);
                    if ($problem !== null) {
                        return ActAnswer::unreadable($act->key, Words::say("acts.{$problem}"));
                    }
                    $made = $this->made($washSession, $state, $act, $by, $device);
                    $known[$act->key] = $made->refused;
                    $state->apply($made);

                    return $made->refused === null
                        ? ActAnswer::taken($act->key)
                        : ActAnswer::refused($act->key, $made->refused);
                },
            );
        });
    }

    /** The tap as it stands in the book, whether it counts or not. */
    private function made(
        WashSession $washSession,
        WashSessionState $state,
        SentAct $act,
        string $by,
        string $device,
    ): WashSessionAct {
        $zone = $washSession->head->salon->timezone;
        $step = $act->text('step');
        $refused = $this->refusal($washSession, $state, $act, $device);
        $value = $act->list('value');
        if ($refused === null && $act->kind === 'bottle') {
            $value = $this->washBottles->putAway($washSession, $state, $act, $by);
        }
        // Which rule a reason was given for stands with it.
        $rule = isset($value['because']) ? self::breaks($state, $act, $device) : null;
        $value = $rule === null ? $value : ['rule' => $rule->value] + $value;
        $before = $state->doneBy($step);
        $time = $refused === 'ended' ? $washSession->finished_at : $before['at'];

        return $washSession->acts()->create([
            'key' => $act->key,
            'kind' => $act->kind,
            'step' => $step,
            'value' => $value,
            'acted_at' => $act->at->max($washSession->began()),
            'by' => $by,
            'device' => $device,
            'refused' => $refused === null ? null : mb_substr(Words::say("acts.wash.{$refused}", [
                'by' => $before['by'],
                'time' => $time?->setTimezone($zone)->format('G:i') ?? '',
            ]), 0, self::LONGEST_REFUSAL),
        ]);
    }

    /** @return string|null why an act does not count, as a key of lang/en/acts.php under wash */
    private function refusal(
        WashSession $washSession,
        WashSessionState $state,
        SentAct $act,
        string $device,
    ): ?string {
        $refused = match (true) {
            $washSession->finished_at !== null => 'ended',
            $washSession->began_at === null && in_array($act->kind, self::ONLY_WHILE_IT_RUNS, true) => 'not-begun',
            default => $state->refuses($act->kind, $act->text('step'), $device, $act->list('value')),
        };
        $refused ??= $act->kind === 'bottle' && ! $this->washBottles->knows($state, $act) ? 'no-bottle' : null;
        if ($refused !== null || ! in_array($act->kind, SessionOrder::CHANGES, true)) {
            return $refused;
        }
        if ($act->kind === 'set' && ! WashStepChange::fits($state->step($act->text('step')), $act->list('value'))) {
            return 'not-of-this-step';
        }
        if ($act->value('heat') === true && ($washSession->plan['bears_heat'] ?? true) === false) {
            return 'no-heat';
        }
        $broken = isset($act->list('value')['because']) ? null : self::breaks($state, $act, $device);

        return $broken === null ? null : "needs-reason.{$broken->value}";
    }

    private static function breaks(WashSessionState $state, SentAct $act, string $device): ?WashRule
    {
        return SessionOrder::breaks($state, new WashSessionAct([
            'kind' => $act->kind, 'step' => $act->text('step'), 'value' => $act->list('value'),
            'acted_at' => $act->at, 'by' => '', 'device' => $device,
        ]));
    }

    /** @return list<WashSessionAct> */
    public function acts(WashSession $washSession): array
    {
        return array_values($washSession->acts()->get()->all());
    }
}
