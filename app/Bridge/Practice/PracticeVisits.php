<?php

declare(strict_types=1);

namespace App\Bridge\Practice;

use App\Models\PlayedCase;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Planning\WashOption;
use Nagomi\Core\Practice\PracticeCase;
use Nagomi\Core\Practice\PracticeComplaint;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Record\CareRecordWriter;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;

/** The visit a practice case has come to. */
final readonly class PracticeVisits
{
    public function __construct(private PlayedLife $playedLife)
    {
    }

    /** @param PlayedCase $played with its acts, not ended */
    public function of(PlayedCase $played): PracticeVisit
    {
        $life = $this->playedLife->of($played);
        $today = $life->date()->format('Y-m-d');
        $isNow = static fn (Reading $reading): bool => $reading->date->format('Y-m-d') === $today;
        $budget = $life->case->budget;
        $parameters = $life->told->parameters;

        return new PracticeVisit(
            turn: $life->turn,
            turns: PracticeCase::TURNS,
            date: $life->date(),
            told: $life->told,
            ringMm: $life->case->ringMm,
            looks: $life->hair->looks($life->day(), $life->case->luck()),
            complaints: array_map(
                static fn (PracticeComplaint $complaint): string => $complaint->value,
                $life->complaints(),
            ),
            taken: PracticeResults::of($life->told, array_values(array_filter($life->readings, $isNow))),
            before: array_values(array_filter(
                $life->readings,
                static fn (Reading $reading): bool => ! $isNow($reading),
            )),
            washDays: array_map(static fn (WashDay $day): array => [
                'date' => $day->date, 'steps' => array_map(CareRecordWriter::step(...), $day->steps),
            ], $life->washDays),
            testMinutes: $parameters->readings->testMinutes,
            budget: [
                'tests' => (float) $budget->testMinutes, 'testsLeft' => $life->testMinutesLeft(),
                'visit' => $budget->visitMinutes, 'home' => $budget->homeMinutes,
                'money' => $budget->money, 'moneyLeft' => $life->moneyLeft(),
            ],
            adds: $this->adds($life->told),
            prices: $parameters->planning->treatmentPrice,
        );
    }

    /** @return array<string, float> minutes */
    private function adds(Head $told): array
    {
        $rinseOut = $told->parameters->washDay->stepMinutes['conditioner'];
        $minutes = static fn (
            CleanseKind $cleanse = CleanseKind::Gentle,
            int $passes = 1,
            ?StepKind $protein = null,
            ?string $preWash = null,
        ): float => (new WashOption(
            $cleanse,
            $passes,
            StepKind::Conditioner,
            $rinseOut,
            protein: $protein,
            preWash: $preWash,
        ))->minutes($told);
        $plain = $minutes();

        return [
            'plain' => $plain,
            'rinse-out' => $rinseOut,
            'pass' => $minutes(passes: 2) - $plain,
            'pre-wash' => $minutes(preWash: 'oil') - $plain,
            'mild-protein' => $minutes(protein: StepKind::MildProtein) - $plain,
            'strong-protein' => $minutes(protein: StepKind::StrongProtein) - $plain,
            'scalp-care' => $minutes(CleanseKind::ScalpCare) - $plain,
        ];
    }
}
