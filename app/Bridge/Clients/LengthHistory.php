<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use Illuminate\Database\Eloquent\Builder;
use Nagomi\Core\Readings as CoreReading;
use Nagomi\Core\Treatments as CoreTreatment;

/** What was measured and cut of a head's length. */
final readonly class LengthHistory
{
    /** Retained length is told over so long; hair grows some 15 cm in it. */
    private const LENGTH_OVER_DAYS = 548;

    public function __construct(
        private HeadRecord $headRecord,
    ) {
    }

    /** @return list<CoreReading\Reading> the lengths measured over the last months */
    public function lengths(Head $head, \DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . self::LENGTH_OVER_DAYS . ' days')->format('Y-m-d');

        return array_map(
            $this->headRecord->reading(...),
            array_values($head->readings()->where('date', '>=', $since)->where('test', 'length')->get()->all()),
        );
    }

    /** @return list<CoreTreatment\WashDay> the days hair was trimmed over the same months */
    public function trims(Head $head, \DateTimeImmutable $today): array
    {
        $since = $today->modify('-' . self::LENGTH_OVER_DAYS . ' days')->format('Y-m-d');
        $cut = fn (Builder $steps) => $steps->where('kind', CoreTreatment\StepKind::Trim->value);

        return array_map(
            $this->headRecord->washDay(...),
            array_values($head
                ->washDays()
                ->where('date', '>=', $since)
                ->whereHas('steps', $cut)
                ->with('steps')
                ->get()
                ->all()),
        );
    }
}
