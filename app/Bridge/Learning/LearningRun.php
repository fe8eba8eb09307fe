<?php

declare(strict_types=1);

namespace App\Bridge\Learning;

use App\Models\Learning;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Nagomi\Core\Head\HairKind;
use Nagomi\Core\Learning\AlikeHeads;
use Nagomi\Core\Learning\Foretold;
use Nagomi\Core\Learning\LearningRound;
use Nagomi\Core\Learning\SalonLearning;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;

/** Learns from a salon's records, a stretch at a time. */
final readonly class LearningRun
{
    public function __construct(private HeadsToLearnFrom $heads, private Parameters $shipped)
    {
    }

    /**
     * @param float $seconds about how long at most; at least one head is gone through
     *
     * @return bool whether it has ended
     */
    public function goOn(Learning $learning, float $seconds): bool
    {
        if ($learning->ended_at !== null) {
            return true;
        }
        $salon = $learning->salon;
        $work = $learning->work === null
            ? LearningWork::begun($this->heads->of($salon), $this->shipped)
            : LearningWork::ofStored($learning->work);
        $until = hrtime(true) + 1e9 * $seconds;
        do {
            $head = $work->next();
            if ($head === null && $work->isLookingBack()) {
                $this->end($learning, $work);

                return true;
            }
            $work = $head === null ? $this->nextRound($work) : $this->with($salon, $work, $head);
        } while (hrtime(true) < $until);
        $learning->update(['work' => $work->stored(), 'worked_on_at' => CarbonImmutable::now()]);

        return false;
    }

    private function nextRound(LearningWork $work): LearningWork
    {
        $said = $work->said();

        return $work->nextRound(count($said) < SalonLearning::FEWEST_HEADS
            ? $work->from
            : (new LearningRound($work->from, $this->shipped))->learned($said));
    }

    /**
     * Of a head: what it says of the factors; or, looked back at, how its readings were foretold as shipped and are now
     * ({@see Foretold::compared}), and what it has in common with others.
     */
    private function with(Salon $salon, LearningWork $work, string $head): LearningWork
    {
        $history = $this->heads->history($salon, $head);
        if ($history === null) {
            return $work->with($head, []);
        }
        $until = Calendar::dayOf($salon->today());
        if (! $work->isLookingBack()) {
            return $work->with($head, (new LearningRound($work->from, $this->shipped))->scores($history, $until));
        }
        $learned = SalonLearning::parameters($this->shipped, $work->from);

        return $work->with(
            $head,
            array_map(
                static fn (int|float $one): float => (float) $one,
                Foretold::compared($history, $until, $this->shipped, $learned),
            ),
            ['kind' => HairKind::of($history->head), 'said' => AlikeHeads::said($history, $until, $learned)],
        );
    }

    private function end(Learning $learning, LearningWork $work): void
    {
        $sum = static fn (int $of): float => array_sum(array_column($work->said(), $of));
        $learning->update([
            'work' => null, 'kinds' => LearnedKind::learned($work, $this->shipped),
            'factors' => LearningWork::storedValues($work->from), 'heads' => count($work->said()),
            'readings' => (int) $sum(4),
            'held' => [
                'shipped' => (int) $sum(0), 'learned' => (int) $sum(1), 'off' => $sum(3) / max(1e-9, $sum(2)),
            ],
            'worked_on_at' => CarbonImmutable::now(), 'ended_at' => CarbonImmutable::now(),
        ]);
    }
}
