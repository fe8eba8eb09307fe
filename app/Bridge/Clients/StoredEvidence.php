<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Models\Head;
use App\Models\Reading;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Nagomi\Core\Parameters\PlanningParameters;
use Nagomi\Core\Planning\ProteinEvidence;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\StepKind;

/** What the book knows of a head that speaks for protein or against it. */
final readonly class StoredEvidence
{
    public static function of(
        Head $head,
        ?DateTimeImmutable $lastRead,
        DateTimeImmutable $today,
        PlanningParameters $limits,
    ): ProteinEvidence {
        $since = $today->modify("-{$limits->evidenceDays} days");
        $feels = $head->readings()
            ->where('test', ProteinEvidence::FEEL)
            ->where('date', '>=', $since->format('Y-m-d'))
            ->get(['date', 'raw']);

        return ProteinEvidence::of(
            $lastRead,
            self::last($head, $today, StepKind::MildProtein, StepKind::StrongProtein),
            self::last($head, $today, StepKind::ChemicalService),
            array_values($feels->map(fn (Reading $reading): array => [
                Calendar::dayOf($reading->date),
                is_numeric($reading->raw['points'] ?? null) ? (float) $reading->raw['points'] : 0.0,
            ])->all()),
            $today,
            $limits,
        )->afterOverload($head->overloaded_on !== null || ($head->overloaded_by ?? '') !== '');
    }

    private static function last(Head $head, DateTimeImmutable $today, StepKind ...$kinds): ?DateTimeImmutable
    {
        $day = $head->washDays()
            ->where('date', '<=', $today->format('Y-m-d'))
            ->whereHas('steps', fn (Builder $steps): Builder => $steps->whereIn('kind', array_column($kinds, 'value')))
            ->max('date');

        return self::day($day);
    }

    /** A day as the book says it; null where it says none. */
    public static function day(mixed $day): ?DateTimeImmutable
    {
        return is_string($day) ? Calendar::day(substr($day, 0, 10)) : null;
    }
}
