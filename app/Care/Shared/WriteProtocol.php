<?php

declare(strict_types=1);

namespace App\Care\Shared;

use App\Models\Act;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\DetectsConcurrencyErrors;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/**
 * The one way anything is written for anybody: the act is claimed by its key, what it touches is locked, it is done,
 * its answer is
 * kept, and all of that is committed together or not at all. Sent again, it is answered as it was; done at once with
 * another, one
 * waits for the other; where the database breaks a tie by refusing one, that one is done again.
 */
final class WriteProtocol
{
    use DetectsConcurrencyErrors;

    private const MOST_TRIES = 6;

    /** Both sides of a tie try again, not at the same moment. */
    private const PAUSE_MICROSECONDS = 15_000;

    /**
     * @template T
     *
     * @param Closure(): Outcome<T>             $act
     * @param Closure(array<string, mixed>): T $again answers an act that was done before, from the answer it got then
     *
     * @return T
     *
     * @throws Throwable what the act throws, and what the database refuses six times running
     */
    public function once(?ActKey $key, Lock $lock, Closure $act, Closure $again): mixed
    {
        for ($try = 1; ; $try++) {
            $level = DB::transactionLevel();
            DB::beginTransaction();
            try {
                $known = $key === null ? null : $this->claim($key);
                if ($known?->answer !== null) {
                    DB::rollBack($level);

                    return $again($known->answer);
                }
                $lock->take();
                $outcome = $act();
                if ($outcome->answer !== null) {
                    $known?->update(['answer' => $outcome->answer]);
                    DB::commit();

                    return $outcome->value;
                }
                DB::rollBack($level);
                if ($outcome->failed === null || ! $this->isTie($outcome->failed)) {
                    return $outcome->value;
                }
                if ($try >= self::MOST_TRIES) {
                    $what = $key->what ?? 'an act with keys of its own';
                    report(new RuntimeException(
                        'The database refused an act ' . self::MOST_TRIES . " times running: {$what}.",
                    ));

                    return $outcome->value;
                }
            } catch (Throwable $failed) {
                DB::rollBack($level);
                if (! $this->isTie($failed) || $try >= self::MOST_TRIES) {
                    throw $failed;
                }
            }
            usleep($try * random_int(self::PAUSE_MICROSECONDS / 2, self::PAUSE_MICROSECONDS));
        }
    }

    public function isTie(Throwable $failed): bool
    {
        return $this->causedByConcurrencyError($failed)
            || ($failed->getPrevious() !== null && $this->causedByConcurrencyError($failed->getPrevious()));
    }

    /** The act's row, locked: whoever claims the same one meanwhile waits here until this one is done or taken back. */
    private function claim(ActKey $key): Act
    {
        $now = CarbonImmutable::now();
        // Not by INSERT IGNORE, which in a cluster ignores as well that all was taken back for another's sake.
        Act::query()->upsert([
            'digest' => $key->digest,
            'what' => $key->what,
            'taken_at' => $now->format('Y-m-d H:i:s.v'),
        ], ['digest'], ['digest']);
        /** @var Act $act */
        $act = Act::query()->where('digest', $key->digest)->lockForUpdate()->sole();
        if (
            $key->sameSeconds !== null
                && $act->answer !== null
                && $act->taken_at->diffInSeconds($now) > $key->sameSeconds
        ) {
            // The same words, but long after: whoever sent them means it.
            $act->fill(['answer' => null, 'taken_at' => $now])->save();
        }

        return $act;
    }
}
