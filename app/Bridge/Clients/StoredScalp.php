<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Nagomi\Core\Climate\Humidity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Scalp\ScalpEstimate;
use Nagomi\Core\Scalp\ScalpFilter;

/** The scalp of a stored head, followed through what the book says of it. */
final readonly class StoredScalp
{
    public function __construct(private SalonClimate $salonClimate, private Parameters $parameters)
    {
    }

    /** Null where nobody read it, or too long ago to go by. */
    public function of(Head $head, HeadRecord $records, DateTimeImmutable $today): ?ScalpEstimate
    {
        $since = $today->modify('-' . ScalpFilter::LOOKS_BACK_DAYS . ' days')->format('Y-m-d');
        $readings = $head->readings()
            ->whereIn('test', ScalpFilter::TESTS)
            ->where('date', '>=', $since)
            ->where('date', '<=', $today->format('Y-m-d'))
            ->get();
        if ($readings->isEmpty()) {
            return null;
        }
        $washDays = $head->washDays()
            ->where('date', '>=', $since)
            ->where('date', '<=', $today->format('Y-m-d'))
            ->whereHas('steps', fn (Builder $steps): Builder => $steps->whereIn('kind', ScalpFilter::DONE_TO_IT))
            ->with('steps')
            ->get();
        $scalp = ScalpFilter::through(
            array_values($washDays->map($records->washDay(...))->all()),
            array_values($readings->map($records->reading(...))->all()),
            $today,
            new Humidity($head->humidity_percent, $this->salonClimate->year($head->salon)),
            $this->parameters,
        );

        return $scalp?->isFresh($this->parameters->scalp->readWithinDays) === true ? $scalp : null;
    }
}
