<?php

declare(strict_types=1);

/* Wash days laid out by hand, changed and run, for the tests that look at them. */

use App\Bridge\WashDays\WashSessionState;
use App\Models\Head;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** A wash day laid out to be changed, not begun. */
function laidOut(object $test, Head $head, array $with = []): WashSession
{
    $test->actingAs($test->stylist)->post("/clients/{$head->id}/wash", ['change' => '1'] + $with)
        ->assertSessionHasNoErrors();

    return WashSession::query()->latest('id')->firstOrFail();
}

/** @return array<string, mixed> one act of its composer */
function composedAct(string $kind, string $step, array $value = [], float $minute = 0): array
{
    return [
        'key' => (string) Str::uuid(), 'kind' => $kind, 'step' => $step, 'value' => $value,
        'at' => CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addSeconds((int) round(60 * $minute))->format('c'),
    ];
}

/** @return list<string|null> what was refused of each, in words; null where it counts */
function sentTo(object $test, WashSession $washSession, array ...$acts): array
{
    $answer = $test->postJson(
        "/clients/{$washSession->head_id}/wash/{$washSession->id}/acts",
        ['device' => 'one', 'acts' => $acts],
    )->assertOk()->json('answers');

    return array_map(
        static fn (array $one): ?string => $one['reason'] ?? $one['sentence'] ?? $one['says'] ?? null,
        $answer,
    );
}

function dayOf(WashSession $washSession): WashSessionState
{
    return WashSessionState::of($washSession->refresh(), array_values($washSession->acts()->get()->all()));
}

/** @return list<string> keys of the steps that are not taken out, in their order */
function keysOf(WashSession $washSession): array
{
    $state = dayOf($washSession);

    return array_values(array_filter($state->order(), static fn (string $key): bool => ! $state->isSkipped($key)));
}

/** Ends a day on which every step is done, each in the minutes it is planned to take. */
function doneThrough(object $test, WashSession $washSession): void
{
    $url = "/clients/{$washSession->head_id}/wash/{$washSession->id}";
    $test->post("{$url}/begin");
    $state = dayOf($washSession);
    $minute = 0.0;
    $acts = [];
    foreach ($state->steps() as $step) {
        if (! $state->isSkipped($step['key'])) {
            $minute += max(1.0, $step['hands_on_minutes']);
            $acts[] = composedAct('done', $step['key'], [], $minute);
            $minute += $step['waiting_minutes'];
        }
    }
    $test->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes((int) $minute + 2));
    sentTo($test, $washSession, ...$acts);
    $test->post("{$url}/finish")->assertSessionMissing('doubtful');
    expect($washSession->refresh()->finished_at)->not->toBeNull();
}
