<?php

declare(strict_types=1);

namespace App\Care\WashDays;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\StoredPace;
use App\Bridge\WashDays\WashSessionState;
use App\Bridge\WashDays\WashSessionTimes;
use App\Models\WashSession;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\DoubtfulMinutes;
use Nagomi\Core\WashDay\DriedDay;
use Nagomi\Core\WashDay\DryingPace;
use Nagomi\Core\WashDay\WashStepKind;

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
        foreach ($state->steps() as $step) {
            $key = is_string($step['key'] ?? null) ? $step['key'] : '';
            if (($step['kind'] ?? '') !== WashStepKind::Dry->value || ! $state->isDone($key)) {
                continue;
            }
            $by = self::by($washSession, $state->templateOf($key));
            $minutes = $times->dried($key);
            if ($by !== null && $minutes !== null && $this->isSure($minutes, $step)) {
                StoredPace::dried($head, new DriedDay(Calendar::dayOf($washSession->date), $by, $minutes, $isHeavy));
            }
        }
    }

    /** @param string|null $template what the step was put in as; null: the house dries it, as it was laid out */
    private static function by(WashSession $washSession, ?string $template): ?string
    {
        $planned = is_string($washSession->plan['drying'] ?? null) ? $washSession->plan['drying'] : '';
        $by = $template === null ? $planned : (string) preg_replace('/^dry-/', '', $template);

        return in_array($by, DriedDay::WAYS, true) ? $by : null;
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
