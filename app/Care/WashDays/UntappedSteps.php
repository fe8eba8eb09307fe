<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\WashDays\BookedSteps;
use App\Bridge\WashDays\WashSessionState;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** Steps of a wash day that go into the book and that nobody tapped: whoever ends it is asked about them. */
final readonly class UntappedSteps
{
    /** @return array<string, string> what each is called, by key */
    public function of(WashSession $washSession): array
    {
        $acts = array_values($washSession->acts()->get()->all());

        return BookedSteps::planned(BookedSteps::open(WashSessionState::of($washSession, $acts)));
    }

    /**
     * Notes that these were done, nobody knows when: as long as was planned, and nothing is learned of how long.
     *
     * @param list<string> $keys
     */
    public function done(WashSession $washSession, array $keys, string $by): void
    {
        foreach (array_keys(array_intersect_key($this->of($washSession), array_flip($keys))) as $key) {
            $washSession->acts()->create([
                'key' => strtolower((string) Str::ulid()), 'kind' => 'done', 'step' => $key,
                'value' => ['untimed' => true], 'acted_at' => CarbonImmutable::now(), 'by' => $by, 'device' => '',
            ]);
        }
    }
}
