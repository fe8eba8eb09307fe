<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Bridge\Plans\OutlookRefresh;
use App\Models\Clearance;
use App\Models\Head;
use App\Wording\Words;
use DateTimeInterface;
use DomainException;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\MeasuredSign;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Scalp\ReferValues;
use Nagomi\Core\Treatments\Calendar;

/** Raises signs that bar treatments, and clears them. The flag of the head and the entry that says why go together. */
final readonly class SafetyFlags
{
    public function __construct(
        private OutlookRefresh $outlookRefresh,
        private Parameters $parameters,
    ) {
    }

    public function raise(Head $head, string $sign, string $seen, string $by): void
    {
        DB::transaction(function () use ($head, $sign, $seen, $by): void {
            (new Clearance())->forceFill([
                'salon_id' => $head->salon_id,
                'head_id' => $head->id,
                'sign' => $sign,
                'seen' => $seen,
                'raised_by' => $by,
                'raised_on' => $head->salon->today()->format('Y-m-d'),
            ])->save();
            $head->update([Clearance::FLAGS[$sign] => true]);
        });
        $this->outlookRefresh->after($head);
    }

    /**
     * What the values of readings bar by themselves, until somebody confirms or withdraws it. What was cleared after
     * the reading stays cleared, and what is barred already is not barred twice.
     *
     * @param list<Reading> $readings
     */
    public function raisedBy(Head $head, array $readings, string $by): void
    {
        $scalp = $this->parameters->scalp;
        $today = Calendar::dayOf($head->salon->today());
        foreach ($readings as $reading) {
            if (Calendar::daysBetween($reading->date, $today) > $scalp->readWithinDays) {
                continue;
            }
            foreach (ReferValues::of($reading, $scalp) as $sign => $read) {
                if ($this->isKnown($head, $sign, $reading->date)) {
                    continue;
                }
                (new Clearance())->forceFill([
                    'salon_id' => $head->salon_id,
                    'head_id' => $head->id,
                    'sign' => $sign,
                    'seen' => implode(', ', array_map(self::inWords(...), $read)),
                    // What is felt at home nobody of the salon has looked at.
                    'raised_by' => $reading->moment === Moment::Home ? '' : $by,
                    'raised_on' => $reading->date->format('Y-m-d'),
                    'by_reading' => true,
                ])->save();
                $head->update([Clearance::FLAGS[$sign] => true]);
            }
        }
    }

    private function isKnown(Head $head, string $sign, DateTimeInterface $since): bool
    {
        return (bool) $head->getAttribute(Clearance::FLAGS[$sign])
            || Clearance::query()
                ->where('head_id', $head->id)
                ->where('sign', $sign)
                ->where('cleared_on', '>=', $since->format('Y-m-d'))
                ->exists();
    }

    private static function inWords(MeasuredSign $read): string
    {
        return Words::say("scalp.signs.{$read->sign->value}")
            . ' ' . (int) round($read->value)
            . ' ' . Words::of("sign_units.{$read->sign->value}");
    }

    /**
     * Somebody looked at what a reading raised, and found it so, or not so.
     *
     * @param string|null $because what it was instead; null: it is so
     *
     * @throws DomainException where somebody else has seen to it already
     */
    public function judge(Head $head, int $clearance, ?string $because, string $by): void
    {
        DB::transaction(function () use ($head, $clearance, $because, $by): void {
            $today = $head->salon->today()->format('Y-m-d');
            /** @var Clearance|null $raised */
            $raised = Clearance::query()
                ->where('head_id', $head->id)
                ->where('by_reading', true)
                ->whereNull('confirmed_on')
                ->whereNull('cleared_on')
                ->lockForUpdate()
                ->find($clearance);
            if ($raised === null) {
                throw new DomainException(Words::say('scalp.raised.gone'));
            }
            if ($because === null) {
                $raised->forceFill(['confirmed_on' => $today, 'confirmed_by' => $by])->save();

                return;
            }
            $raised->forceFill([
                'withdrawn' => true, 'cleared_on' => $today, 'cleared_by' => $by,
                'seen' => "{$raised->seen}; {$because}",
            ])->save();
            $others = Clearance::query()
                ->where('head_id', $head->id)
                ->where('sign', $raised->sign)
                ->whereNull('cleared_on')
                ->exists();
            $head->update([Clearance::FLAGS[$raised->sign] => $others]);
        });
        $this->outlookRefresh->after($head);
    }

    /**
     * A flag set at the intake has no entry yet: it gets one as it is cleared, so that the name and the day stand
     * somewhere.
     */
    public function clear(Head $head, string $sign, string $by, DateTimeInterface $on): void
    {
        DB::transaction(function () use ($head, $sign, $by, $on): void {
            /** @var list<Clearance> $open */
            $open = array_values(Clearance::query()
                ->where('head_id', $head->id)
                ->where('sign', $sign)
                ->whereNull('cleared_on')
                ->get()
                ->all());
            if ($open === []) {
                $open[] = (new Clearance())->forceFill([
                    'salon_id' => $head->salon_id,
                    'head_id' => $head->id,
                    'sign' => $sign,
                    'seen' => Words::say('scalp.noted-at-intake'),
                    'raised_by' => '',
                    'raised_on' => $head->salon->today()->format('Y-m-d'),
                ]);
            }
            foreach ($open as $clearance) {
                $clearance->forceFill(['cleared_by' => $by, 'cleared_on' => $on->format('Y-m-d')])->save();
            }
            $head->update([Clearance::FLAGS[$sign] => false]);
        });
        $this->outlookRefresh->after($head);
    }
}
