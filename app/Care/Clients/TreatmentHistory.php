<?php

declare(strict_types=1);

namespace App\Care\Clients;

use Illuminate\Support\Str;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Place;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** What the old notebook knew: treatments of the past with dates that may be approximate. */
final readonly class TreatmentHistory
{
    public function __construct(private Parameters $parameters)
    {
    }

    /**
     * @param array<mixed> $rows validated rows of what, date, approximate, millimetres
     *
     * @return list<WashDay> rows of one day in one wash day
     */
    public function washDays(array $rows): array
    {
        $days = [];
        foreach ($rows as $row) {
            if (is_array($row) && is_string($row['date'] ?? null) && is_string($row['what'] ?? null)) {
                $days[$row['date']]['steps'][] = $this->step(
                    $row['what'],
                    is_numeric($row['millimetres'] ?? null) ? (float) $row['millimetres'] : null,
                );
                $days[$row['date']]['approximate'] = ($days[$row['date']]['approximate'] ?? false)
                    || (bool) ($row['approximate'] ?? false);
            }
        }
        $washDays = [];
        foreach ($days as $date => $day) {
            $date = Calendar::day((string) $date);
            if ($date !== null) {
                $washDays[] = new WashDay(
                    strtolower((string) Str::ulid()),
                    $date,
                    $day['steps'],
                    Place::Salon,
                    $day['approximate'],
                );
            }
        }

        return $washDays;
    }

    private function step(string $what, ?float $millimetres): Step
    {
        return match ($what) {
            'mask' => Step::mask(25),
            'strong-protein' => Step::strongProtein($this->parameters->washDay->stepMinutes['strong-protein']),
            'mild-protein' => Step::mildProtein($this->parameters->washDay->stepMinutes['mild-protein']),
            'clarifying' => Step::cleanse(CleanseKind::Clarifying),
            'chemical-service' => new Step(StepKind::ChemicalService),
            'trim' => new Step(StepKind::Trim, millimetres: $millimetres ?? 10.0),
            default => Step::cleanse(CleanseKind::Shampoo),
        };
    }
}
