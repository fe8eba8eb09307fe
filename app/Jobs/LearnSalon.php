<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bridge\Learning\LearningRun;
use App\Models\Learning;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\Middleware\WithoutOverlapping;

/**
 * Learns from a salon's records, a stretch at a time: what else waits for the worker comes in between, and where it is
 * killed the next stretch goes on from the last.
 */
final class LearnSalon implements ShouldQueue
{
    use Queueable;

    /** Reminders and plans wait no longer than that. */
    private const STRETCH_SECONDS = 12.0;

    private const MOST_HOURS = 12;

    public int $timeout = 300;

    public int $maxExceptions = 3;

    public function __construct(public readonly int $learningId, int $salonId)
    {
        $this->onQueue(SalonShard::queueOf($salonId));
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [(new WithoutOverlapping("learning-{$this->learningId}"))->expireAfter($this->timeout)->releaseAfter(2)];
    }

    /** Each stretch is a try: they end by the clock. */
    public function retryUntil(): DateTimeInterface
    {
        return CarbonImmutable::now()->addHours(self::MOST_HOURS);
    }

    public function handle(LearningRun $learningRun): void
    {
        $learning = $this->learning();
        if ($learning !== null && ! $learningRun->goOn($learning, self::STRETCH_SECONDS)) {
            $this->release();
        }
    }

    public function failed(): void
    {
        $this->learning()?->update(['failed' => true, 'ended_at' => CarbonImmutable::now(), 'work' => null]);
    }

    private function learning(): ?Learning
    {
        return Learning::query()->withoutGlobalScope('salon')->with('salon')->whereNull('ended_at')
            ->find($this->learningId);
    }
}
