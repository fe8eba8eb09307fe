<?php

declare(strict_types=1);

namespace App\Care\Acts;

use App\Care\Shared\BookIsAway;
use App\Care\Shared\WriteProtocol;
use Closure;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Takes in acts that came together, each by itself: what goes wrong at one is no reason not to take the others. */
final readonly class EachAct
{
    public function __construct(private WriteProtocol $protocol)
    {
    }

    /**
     * @param list<SentAct>               $acts
     * @param Closure(SentAct): ActAnswer $take
     *
     * @return list<ActAnswer> none for an act that something of ours broke at: it waits on the device and comes again
     *
     * @throws Throwable where the database is away or breaks a tie, since then all of it is done again
     */
    public function take(array $acts, Closure $take): array
    {
        $answers = [];
        foreach ($acts as $act) {
            try {
                $answers[] = DB::transaction(fn (): ActAnswer => $take($act));
            } catch (Throwable $failed) {
                if ($this->protocol->isTie($failed) || BookIsAway::because($failed)) {
                    throw $failed;
                }
                report($failed);
            }
        }

        return $answers;
    }
}
