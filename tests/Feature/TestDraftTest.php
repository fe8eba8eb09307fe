<?php

declare(strict_types=1);


/*
 * What two tablets and the salon say to each other of hair tests that are being typed, told once:
 * tests/fixtures/test-draft.json. The tablets pass it in tests/js/screens/test-draft.test.js.
 */

use Illuminate\Support\Str;

it('answers two tablets as they expect it', function (array $events): void {
    $head = $this->aHead();
    $this->actingAs($this->stylist);
    foreach (array_filter($events, fn (array $event): bool => isset($event['tells'])) as $event) {
        ['base' => $base, 'changed' => $changed] = $event['tells'];
        // As a form sends it: raw[dryness][points]=7
        parse_str(http_build_query(array_filter($changed, fn (string $value): bool => $value !== '')), $form);
        $answer = $this->putJson(
            "/clients/{$head->id}/hair-tests/draft",
            ['raw' => $form['raw'] ?? [], 'base' => $base, 'changed' => array_keys($changed) ?: ['']] + [
                'date' => now('Europe/Lisbon')->format('Y-m-d'), 'moment' => 'before-cleansing',
                'visit' => strtolower((string) Str::ulid()),
            ],
        )->assertOk()->json();
        ksort($answer['theirs']);
        ksort($event['answer']['theirs']);
        expect([$answer['revision'], $answer['theirs']])
            ->toBe([$event['answer']['revision'], $event['answer']['theirs']]);
    }
})->with(fn (): array => array_column(array_map(
    fn (array $case): array => [$case['name'], [$case['events']]],
    json_decode(
        (string) file_get_contents(__DIR__ . '/../fixtures/test-draft.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    ),
), 1, 0));
