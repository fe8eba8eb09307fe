<?php

declare(strict_types=1);

/* Hair is detangled under its conditioner or mask: that keeps it on, as planned, and is nothing that sat too long. */

use Carbon\CarbonImmutable;

require_once __DIR__ . '/LaidOutDays.php';

it('books what hair was detangled under with its own time, and what somebody says it sat on longer besides', function (
    float $detangled,
    ?float $typed,
    float $longer,
): void {
    $head = $this->aHead();
    $washSession = laidOut($this, $head);
    $url = "/clients/{$head->id}/wash/{$washSession->id}";
    $this->post("{$url}/begin");
    $state = dayOf($washSession);
    $steps = array_column($state->steps(), null, 'key');
    $keys = array_keys($steps);
    $mask = current(array_filter($keys, static fn (string $key): bool => $steps[$key]['kind'] === 'mask'));
    $under = $keys[array_search($mask, $keys, true) + 1];
    expect($steps[$under]['kind'])->toBe('detangle')->and($steps[$under]['beside'])->toBeTrue();
    $waits = $steps[$mask]['waiting_minutes'];
    [$minute, $due, $acts] = [0.0, 0.0, []];
    foreach ($steps as $key => $step) {
        $hands = $key === $under ? $detangled : max(1.0, $step['hands_on_minutes']);
        // What waits for the mask waits until it is through.
        $minute = ($step['beside'] ?? false) === true ? $minute : max($minute, $due);
        $minute += $hands;
        $acts[] = composedAct('done', $key, [], $minute);
        $due = $key === $mask ? $minute + max($waits, $detangled) : $due;
    }
    $this->travelTo(CarbonImmutable::parse('2027-01-09 10:00', 'UTC')->addMinutes((int) $minute + 2));
    sentTo($this, $washSession, ...$acts);
    $this->post("{$url}/finish", ['minutes' => array_filter([
        $mask => $typed === null ? '' : (string) $typed, $under => (string) $detangled,
    ])]);
    $booked = $head->washDays()->where('key', $washSession->refresh()->wash_day)->firstOrFail()
        ->steps->firstWhere('kind', 'mask');
    expect($booked->minutes)->toEqualWithDelta($waits + $longer, 0.2);
})->with([
    'detangled in less time than the mask needs' => [4.0, null, 0.0],
    'detangled for an hour' => [60.0, null, 0.0],
    'detangled for an hour, and left on for twenty minutes after that' => [60.0, 80.0, 20.0],
]);
