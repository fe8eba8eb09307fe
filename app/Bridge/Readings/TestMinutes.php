<?php

declare(strict_types=1);

namespace App\Bridge\Readings;

use App\Models\Salon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Test;
use Nagomi\Core\Readings\TestCatalogue;

/** The minutes each test takes in this salon: learned from its own clock, leaning to the usual while few were timed. */
final readonly class TestMinutes
{
    /** Shorter was a slip of the finger, longer a chat. */
    private const BELIEVED_SECONDS = [3, 1200];

    private const KEPT_SECONDS = 3600;

    public function __construct(private Parameters $parameters)
    {
    }

    /** @return array<string, float> by test */
    public function of(Salon $salon): array
    {
        return Cache::remember("test-minutes.{$salon->id}", self::KEPT_SECONDS, function () use ($salon): array {
            $timed = DB::table('readings')->where('salon_id', $salon->id)->whereBetween(
                'seconds',
                self::BELIEVED_SECONDS,
            )
                ->groupBy('test')->selectRaw('test, avg(seconds) as mean, count(*) as timed')->get();
            $minutes = $this->parameters->readings->testMinutes;
            $usualWeighs = $this->parameters->readings->testTimesUsualWeighs;
            foreach ($timed as $row) {
                [$test, $mean, $count] = [
                    is_string($row->test) ? $row->test : '',
                    is_numeric($row->mean) ? (float) $row->mean : 0.0,
                    is_numeric($row->timed) ? (int) $row->timed : 0,
                ];
                if (isset($minutes[$test])) {
                    $minutes[$test] = round(
                        ($usualWeighs * $minutes[$test] + $count * $mean / 60) / ($usualWeighs + $count),
                        2,
                    );
                }
            }

            return $minutes;
        });
    }

    /** @return array<string, float> by test that can be taken at the moment */
    public function at(Salon $salon, Moment $moment): array
    {
        return array_intersect_key(
            $this->of($salon),
            array_filter(TestCatalogue::tests(), fn (Test $test): bool => in_array($moment, $test->moments(), true)),
        );
    }
}
