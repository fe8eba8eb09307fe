<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredPace;
use App\Bridge\WashDays\Dryings;
use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashSessionTimes;
use App\Models\WashSession;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DoubtfulMinutes;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\DryingPace;

/** What a wash day that ended teaches of how long this hair takes to dry. */
final readonly class TimedHair
{
    public function __construct(private HeadRecord $headRecord, private Parameters $parameters)
    {
    }

    /** @param list<Step> $done with what their bottles hold */
    public function learned(WashSession $washSession, WashSessionState $state, array $done): void
    {
        [$head, $times] = [$washSession->head, new WashSessionTimes($state)];
        $isHeavy = DryingPace::isHeavy($this->headRecord->core($head), $done);
        foreach (Dryings::done($washSession, $state) as $key => ['by' => $by, 'step' => $step]) {
            $minutes = $times->dried($key);
            if ($minutes !== null && $this->isSure($minutes, $step)) {
                $day = new DriedDay(Calendar::dayOf($washSession->date), $by, $minutes, $isHeavy);
                StoredPace::dried($head, $day, $washSession, $key);
            }
        }
    }

    /** @param array<string, mixed> $step */
    private function isSure(float $minutes, array $step): bool
    {
        $number = static fn (string $name): float => is_numeric($step[$name] ?? null) ? (float) $step[$name] : 0.0;
        $planned = $number('waiting_minutes') > 0 ? $number('waiting_minutes') : $number('hands_on_minutes');

        return $minutes >= DriedDay::LEAST_MINUTES
            && $minutes <= DriedDay::MOST_MINUTES
            && ! DoubtfulMinutes::are($minutes, $planned, $this->parameters->washDay);
    }
}
