<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use App\Models\Reading;
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

    /** What the test of a reading came to, in its sign's own unit. */
    public function value(Reading $reading): float
    {
        return $this->headRecord->reading($reading)->measured[0]->value;
    }

    /** The last day on which hair was cut, as far back as anything is on record; null: none is. */
    public function lastTrim(Head $head, \DateTimeImmutable $today): ?\DateTimeImmutable
    {
        $last = $head
            ->washDays()
            ->where('date', '<=', $today->format('Y-m-d'))
            ->whereHas(
                'steps',
                fn (Builder $steps): Builder => $steps->where('kind', CoreTreatment\StepKind::Trim->value),
            )
            ->reorder()
            ->latest('date')
            ->first();

        return $last === null ? null : CoreTreatment\Calendar::dayOf($last->date);
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
