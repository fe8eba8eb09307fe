<?php

declare(strict_types=1);

namespace App\Care\Learning;

use App\Bridge\Learning\ForetoldResults;
use App\Models\Salon;
use Illuminate\Support\Facades\DB;

/** Looks now and then whether a salon's hair test results come as foretold, and keeps what stands out. */
final readonly class ResultsWatch
{
    public function __construct(private ForetoldResults $foretoldResults)
    {
    }

    /** @return int how much stands out */
    public function renew(Salon $salon): int
    {
        $standsOut = $this->foretoldResults->standOut($salon);
        // By itself: what people change of the salon meanwhile stays theirs, and no trail tells of it.
        DB::table('salons')->where('id', $salon->id)->update([
            'results_stand_out' => json_encode($standsOut, JSON_THROW_ON_ERROR),
        ]);

        return count($standsOut);
    }
}
