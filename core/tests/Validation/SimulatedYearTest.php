<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Scheduling\SimulatedSalonDay;

/*
 * A year of 250 invented salon days, played minute by minute by what the layout of each moment says: three stylists, a
 * dozen clients a day, one of six late, silent or not coming at all, work as long as such work takes, and a stylist who
 * goes home ill about every thirty days.
 */

it('lets punctual clients wait ten minutes at most on nine days of ten, and leaves nothing on too long', function (): void {
    $parameters = Parameters::shipped()->scheduling;
    $good = $clients = $punctual = $within = $interrupted = $held = 0;
    $worst = [];
    for ($day = 1; $day <= 250; $day++) {
        $waits = [];
        foreach (SimulatedSalonDay::played($day, $parameters) as $client) {
            $clients++;
            $interrupted += $client->interrupted;
            foreach ($client->held as [$minutes, $may]) {
                $held++;
                expect($minutes)->toBeLessThanOrEqual($may);
            }
            if ($client->isPunctual()) {
                // Who is not taken at all, because hands went home, has waited to the end of the day.
                $waits[] = max(0, ($client->begun ?? 1080) - $client->firstPromised);
            }
        }
        $punctual += count($waits);
        $within += count(array_filter($waits, static fn (int $minutes): bool => $minutes <= 10));
        $good += array_sum($waits) / count($waits) <= 10 ? 1 : 0;
        $worst[] = max($waits);
    }
    sort($worst);
    fwrite(STDERR, sprintf(
        'Simulated year: %d clients; mean wait of punctual ones at most 10 min on %.1f %% of days, each of them on %.1f '
            . "%%; %.1f %% of them waited at most 10 min; %d waits kept to their limits, %d times by leaving another head\n",
        $clients,
        100 * $good / 250,
        100 * count(array_filter($worst, static fn (int $minutes): bool => $minutes <= 10)) / 250,
        100 * $within / $punctual,
        $held,
        $interrupted,
    ));
    expect($good / 250)->toBeGreaterThanOrEqual(0.9)
        ->and($within / $punctual)->toBeGreaterThanOrEqual(0.9)
        ->and($held)->toBeGreaterThan(1000)
        ->and($interrupted / $held)->toBeLessThan(0.05);
});

it('would notice work that takes twice as long as was booked', function (): void {
    $parameters = Parameters::shipped()->scheduling;
    $waits = [];
    for ($day = 1; $day <= 10; $day++) {
        foreach (SimulatedSalonDay::played($day, $parameters, 2.0) as $client) {
            if ($client->isPunctual()) {
                $waits[] = max(0, ($client->begun ?? 1080) - $client->firstPromised);
            }
        }
    }
    expect(array_sum($waits) / count($waits))->toBeGreaterThan(20);
});
