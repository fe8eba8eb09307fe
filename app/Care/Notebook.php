<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Str;
use Nagomi\Core\Balance\Calendar;
use Nagomi\Core\Parameter\Model;
use Nagomi\Core\Treatment\CleanseKind;
use Nagomi\Core\Treatment\Place;
use Nagomi\Core\Treatment\Step;
use Nagomi\Core\Treatment\StepKind;
use Nagomi\Core\Treatment\WashDay;

/** What the old notebook knew: treatments of the past with dates that may be approximate. */
final class Notebook
{
    /**
     * @param array<mixed> $rows validated rows of what, date, approximate, millimetres
     *
     * @return list<WashDay> rows of one day in one wash day
     */
    public static function washDays(array $rows): array
    {
        $days = [];
        foreach ($rows as $row) {
            if (is_array($row) && is_string($row['date'] ?? null) && is_string($row['what'] ?? null)) {
                $days[$row['date']]['steps'][] = self::step($row['what'], is_numeric($row['millimetres'] ?? null) ? (float) $row['millimetres'] : null);
                $days[$row['date']]['approximate'] = ($days[$row['date']]['approximate'] ?? false) || (bool) ($row['approximate'] ?? false);
            }
        }
        $washDays = [];
        foreach ($days as $date => $day) {
            $date = Calendar::day((string) $date);
            if ($date !== null) {
                $washDays[] = new WashDay(strtolower((string) Str::ulid()), $date, $day['steps'], Place::Salon, $day['approximate']);
            }
        }

        return $washDays;
    }

    private static function step(string $what, ?float $millimetres): Step
    {
        return match ($what) {
            'mask' => Step::mask(25),
            'strong-protein' => Step::strongProtein(Model::STEP_MINUTES['strong-protein']),
            'mild-protein' => Step::mildProtein(Model::STEP_MINUTES['mild-protein']),
            'clarifying' => Step::cleanse(CleanseKind::Clarifying),
            'chemical-service' => new Step(StepKind::ChemicalService),
            'trim' => new Step(StepKind::Trim, millimetres: $millimetres ?? 10.0),
            default => Step::cleanse(CleanseKind::Shampoo),
        };
    }
}
