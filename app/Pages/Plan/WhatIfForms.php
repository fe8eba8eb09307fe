<?php

declare(strict_types=1);

namespace App\Pages\Plan;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Plans\WishedFor;
use App\Models\Head;
use App\Wording\Words;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Planning\PlanChange;

/** Puts the question about a head's plan together: what can be done differently, and what is often asked. */
final readonly class WhatIfForms
{
    private const WISHES = ['leave-out', 'later', 'wash-every-for'];

    public function __construct(private HeadRecord $headRecord)
    {
    }

    /** @param array<string, string> $asked the menus as they were chosen; an empty one has not been */
    public function of(Head $head, array $asked): WhatIfForm
    {
        $today = $head->salon->today();
        $act = match (true) {
            $asked['asked'] !== '' => $asked['asked'],
            $asked['change'] !== '' => $asked['change'],
            $asked['wish'] === 'wash-every' => 'wash-every-for',
            default => $asked['wish'],
        };
        $acts = $this->acts($head, $act);

        return new WhatIfForm(
            acts: $acts,
            asked: isset($acts[$act]) ? $act : self::WISHES[0],
            treatment: $asked['treatment'],
            number: $asked['number'],
            from: $asked['from'] !== '' ? $asked['from'] : $today->format('Y-m-d'),
            until: $asked['until'] !== '' ? $asked['until'] : $today->addWeeks(3)->format('Y-m-d'),
            instances: $this->instances($head),
        );
    }

    /**
     * @param string $act what is asked now
     *
     * @return array<string, string>
     */
    private function acts(Head $head, string $act): array
    {
        $acts = [];
        foreach (self::WISHES as $wish) {
            $acts[$wish] = Words::say("what-if.acts.{$wish}");
        }
        foreach (PlanChange::cases() as $change) {
            // Left out for a time says the same better; an address that was kept still asks it.
            if (! $change->leavesOut() || $change->value === $act) {
                $off = $this->isDone($head, $change) ? '-off' : '';
                $acts[$change->value] = Words::say("what-if.acts.{$change->value}{$off}");
            }
        }

        return $acts;
    }

    /** Whether a habit is there now, so that the change is to give it up. */
    private function isDone(Head $head, PlanChange $change): bool
    {
        $method = $this->headRecord->core($head)->method;

        return match ($change) {
            PlanChange::MaskHeat => ! $method->says(MethodQuestion::MaskHeat, 'body-heat'),
            PlanChange::Seal => $method->says(MethodQuestion::Oils, 'seal'),
            PlanChange::PreWash => ! $method->says(MethodQuestion::PreWash, 'none'),
            PlanChange::Load => $head->styling_load !== StylingLoad::Light->value,
            PlanChange::Night => ! $method->says(MethodQuestion::Night, 'cotton'),
            default => false,
        };
    }

    /** @return list<array{words: string, query: array<string, string>}> */
    private function instances(Head $head): array
    {
        $today = $head->salon->today();
        $rarer = (string) min(35, $head->wash_every_days + 3);

        $heat = $this->isDone($head, PlanChange::MaskHeat) ? 'heat-off' : 'heat';

        return array_values(array_filter([
            ['words' => Words::say('what-if.instances.no-masks'), 'query' => [
                'wish' => 'leave-out', 'wish_what' => 'mask', 'wish_from' => $today->format('Y-m-d'),
                'wish_until' => $today->addWeeks(3)->format('Y-m-d'),
            ]],
            WishedFor::later($head, 'protein', 7) === null ? null : [
                'words' => Words::say('what-if.instances.protein'),
                'query' => ['wish' => 'later', 'wish_what' => 'protein', 'wish_days' => '7'],
            ],
            ['words' => Words::say('what-if.instances.rhythm', ['days' => $rarer]), 'query' => [
                'change' => 'wash-every', 'number' => $rarer,
            ]],
            ['words' => Words::say("what-if.instances.{$heat}"), 'query' => ['change' => 'mask-heat']],
        ]));
    }
}
