<?php

declare(strict_types=1);

namespace Tests\Together;

use App\Care\Practice\LivedCases;
use App\Care\Practice\PlayedCases;
use App\Models\DrillCard;
use App\Models\Head;
use App\Models\LivedCase;
use App\Models\PlayedAct;
use App\Models\PlayedCase;

/** What is sent twice at once to the practice chair. */
final class Practice
{
    /** @return array<string, Scenario> by name of the route */
    public static function all(): array
    {
        $begun = fn (TogetherTestCase $test): PlayedCase => app(PlayedCases::class)->begin($test->stylist, '', 7);
        $acts = fn (PlayedCase $played): int => PlayedAct::query()->where('played_case_id', $played->id)->count();

        return [
            // Three that were meant are three clients; the one that was sent twice is one.
            'practice.store' => new Scenario(
                fn (TogetherTestCase $test): mixed => PlayedCase::query()
                    ->where('salon_id', $test->salon->id)
                    ->delete(),
                fn (): Sent => new Sent('POST', '/practice', ['seed' => '7']),
                fn (mixed $any, TogetherTestCase $test): int => PlayedCase::query()
                    ->where('salon_id', $test->salon->id)
                    ->count(),
                3,
            ),
            // Tests that were taken are not taken again.
            'practice.tests' => new Scenario(
                $begun,
                fn (PlayedCase $played): Sent => new Sent('POST', "/practice/{$played->id}/tests", [
                    'turn' => '0', 'take' => ['dryness', 'feel'],
                ]),
                $acts,
                1,
            ),
            // A visit is over once, whoever else ends it.
            'practice.visit' => new Scenario(
                $begun,
                fn (PlayedCase $played): Sent => new Sent('POST', "/practice/{$played->id}/visit", [
                    'turn' => '0', 'sure' => ['dry' => '9'], 'wash' => '0', 'at_home' => '0',
                ]),
                $acts,
                1,
            ),
            // Sent by three hands it was answered three times; by one twice, once.
            'practice.drills.store' => new Scenario(
                fn (TogetherTestCase $test): mixed => DrillCard::query()->where('salon_id', $test->salon->id)->delete(),
                fn (): Sent => new Sent('POST', '/practice/drills', [
                    'kind' => 'stretch', 'answer' => ['0' => 'stiff'],
                ]),
                fn (mixed $any, TogetherTestCase $test): int => (int) DrillCard::query()
                    ->where('salon_id', $test->salon->id)
                    ->sum('asked'),
                3,
            ),
            // The same hair is kept once, by however many.
            'clients.practice.store' => new Scenario(
                function (TogetherTestCase $test): Head {
                    LivedCase::query()->where('salon_id', $test->salon->id)->delete();

                    return $test->aHead();
                },
                fn (Head $head): Sent => new Sent('POST', "/clients/{$head->id}/practice"),
                fn (Head $head): int => LivedCase::query()->where('salon_id', $head->salon_id)->count(),
                1,
            ),
            'practice.lived.destroy' => new Scenario(
                fn (TogetherTestCase $test): LivedCase => app(LivedCases::class)->make($test->aHead()),
                fn (LivedCase $lived): Sent => new Sent('DELETE', "/practice/lived/{$lived->id}"),
                fn (LivedCase $lived): string => LivedCase::query()->whereKey($lived->id)->exists() ? 'there' : 'gone',
                'gone',
            ),
            'practice.destroy' => new Scenario(
                $begun,
                fn (PlayedCase $played): Sent => new Sent('DELETE', "/practice/{$played->id}"),
                fn (PlayedCase $played): string => PlayedCase::query()->whereKey($played->id)->exists()
                    ? 'there'
                    : 'gone',
                'gone',
            ),
        ];
    }
}
