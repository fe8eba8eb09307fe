<?php

declare(strict_types=1);

namespace App\Pages\Wash;

use App\Bridge\Plans\Outlooks;
use App\Bridge\WashDays\BookedSteps;
use App\Bridge\WashDays\CorrectableMinutes;
use App\Bridge\WashDays\LeftOpen;
use App\Bridge\WashDays\StyleMemory;
use App\Bridge\WashDays\WashSessionPlanner;
use App\Bridge\WashDays\WashSessionState;
use App\Drawings\WashDayLine;
use App\Models\Head;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use App\Wording\Money;
use App\Wording\Said;
use App\Wording\SalonClock;
use App\Wording\Words;
use Nagomi\Core\WashDay\DryingMethod;
use Nagomi\Core\WashDay\StylingMethod;

/** The wash day: laid out, run, and what it did. */
final readonly class WashScreen
{
    private const REFUSALS_TOLD = 10;

    public function __construct(
        private Outlooks $outlooks,
        private StyleMemory $styleMemory,
        private WashSessionPlanner $washSessionPlanner,
    ) {
    }

    public function setUp(Head $head, ?float $limitMinutes, ?DryingMethod $drying, ?StylingMethod $styling): SetUpPage
    {
        $plan = $this->washSessionPlanner->of($head, $limitMinutes, $drying, $styling);

        $head->loadMissing('salon');
        $planned = is_string($plan['planned_for'] ?? null) ? $plan['planned_for'] : '';
        /** @var list<array<string, mixed>> $steps */
        $steps = is_array($plan['steps'] ?? null) ? array_values($plan['steps']) : [];
        $cents = array_sum(array_map(
            static function (array $step): int {
                $cents = is_array($step['product'] ?? null) ? $step['product']['cost_cents'] ?? null : null;

                return is_int($cents) ? $cents : 0;
            },
            $steps,
        ));

        return new SetUpPage(
            head: $head,
            plan: $plan,
            day: $planned === '' ? '' : SalonClock::dayInWords($planned, 'j M'),
            line: WashDayLine::of($steps),
            cents: $cents,
            money: Money::shown($cents, $head->salon->currency),
            drying: is_string($plan['drying'] ?? null) ? $plan['drying'] : DryingMethod::Diffuse->value,
            styling: is_string($plan['styling'] ?? null) ? $plan['styling'] : StylingMethod::Rake->value,
            memory: $this->styleMemory->of($head),
            foretold: $this->washSessionPlanner->foretold($head),
            running: $running = WashSession::running($head),
            isLeftOpen: $running !== null && LeftOpen::is($running),
            draft: WashSession::draft($head),
        );
    }

    public function run(Head $head, WashSession $washSession): WashPage
    {
        return new WashPage(
            head: $head,
            washSession: $washSession,
            told: $this->told($washSession),
            quietHours: LeftOpen::QUIET_HOURS,
        );
    }

    public function isLeftOpen(WashSession $washSession): bool
    {
        return LeftOpen::is($washSession);
    }

    /** A wash day of an earlier day that nobody finished. */
    public function leftOpen(Head $head, WashSession $washSession): LeftOpenPage
    {
        /** @var list<WashSessionAct> $acts */
        $acts = array_values($washSession->acts()->get()->all());
        $state = WashSessionState::of($washSession, $acts);

        return new LeftOpenPage(
            head: $head,
            washSession: $washSession,
            day: SalonClock::dayInWords($washSession->date, 'l j F'),
            done: array_values(BookedSteps::labels(BookedSteps::of($state))),
            open: BookedSteps::planned(BookedSteps::open($state)),
            isNoted: $head->washDays()->where('date', $washSession->date->format('Y-m-d'))->exists(),
        );
    }

    public function layOut(Head $head, WashSession $washSession): LayOutPage
    {
        return new LayOutPage(
            head: $head,
            washSession: $washSession,
            told: $this->told($washSession),
            isOlder: $this->washSessionPlanner->isOlder($head, $washSession),
        );
    }

    public function done(Head $head, WashSession $washSession): WashedPage
    {
        if ($washSession->wash_day !== null && ! isset($washSession->outcome['after'])) {
            // Another tablet may look before the balance after it is worked out.
            $this->outlooks->current($head->loadMissing(['salon', 'outlook']));
            $washSession->refresh();
        }

        return new WashedPage(
            head: $head,
            washSession: $washSession,
            late: $this->late($head, $washSession),
            shed: $this->washSessionPlanner->shedBall($head, $washSession),
            minutes: CorrectableMinutes::of($washSession),
        );
    }

    /** @return list<string> */
    private function late(Head $head, WashSession $washSession): array
    {
        $zone = $head->loadMissing('salon')->salon->timezone;
        /** @var list<WashSessionAct> $all */
        $all = array_values($washSession->acts()->get()->all());
        $labels = array_column(WashSessionState::of($washSession, $all)->steps(), 'label', 'key');
        $acts = $washSession->acts()
            ->whereIn('kind', ['done', 'skip', 'amount', 'bottle'])
            ->whereNotNull('refused')
            ->get();
        // What was refused before the salon's hours were written alike everywhere says 05:50.
        $ended = $washSession->finished_at === null ? [] : array_map(
            static fn (string $how): string => Words::say('acts.wash.ended', [
                'time' => $washSession->finished_at->setTimezone($zone)->format($how),
            ]),
            ['G:i', 'H:i'],
        );

        return array_values($acts
            ->filter(fn (WashSessionAct $act): bool => in_array($act->refused, $ended, true))
            ->map(fn (WashSessionAct $act): string => Words::say('wash.late-tap', [
                'step' => Said::kept($labels[$act->step] ?? $act->step),
                'what' => Words::say("offline.wash.kinds.{$act->kind}"),
                'time' => $act->acted_at->setTimezone($zone)->format('G:i'),
                'by' => $act->by,
            ]))
            ->all());
    }

    /**
     * Where it stands, and which taps did not count of late.
     *
     * @return array{
     *     steps: array<string, array<string, mixed>>, order: list<string>,
     *     pauses: list<array{string, string|null}>,
     *     refused: list<array{key: string, step: string, by: string, says: string|null}>,
     *     revision: int, finished: bool,
     * }
     */
    public function told(WashSession $washSession): array
    {
        /** @var list<WashSessionAct> $acts */
        $acts = array_values($washSession->acts()->get()->all());
        $state = WashSessionState::of($washSession, $acts);
        $refused = array_filter($acts, fn (WashSessionAct $act): bool => $act->refused !== null);

        return [
            'steps' => $state->toArray(),
            'order' => $state->order(),
            'pauses' => $state->pauses()->toArray(),
            'refused' => array_map(
                fn (WashSessionAct $act): array => [
                    'key' => $act->key,
                    'step' => $act->step,
                    'by' => $act->by,
                    'says' => $act->refused,
                ],
                array_slice($refused, -self::REFUSALS_TOLD),
            ),
            'revision' => count($acts),
            'finished' => $washSession->finished_at !== null,
        ];
    }
}
