<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bridge\Clients\RecordImporter;
use App\Bridge\Clients\SalonClimate;
use App\Bridge\Plans\Outlooks;
use App\Care\Readings\StylistBiasUpdate;
use App\Models\Head;
use App\Models\Salon;
use App\Models\User;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Simulation\SimulatedHistory;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;
use RuntimeException;

/**
 * The demo: two invented salons, their stylists and nine months of their clients, played from fixed seeds up to
 * yesterday.
 */
final class DatabaseSeeder extends Seeder
{
    private const MONTHS = 9;
    private const PASSWORD = 'harbour-demo';

    public function run(): void
    {
        // The audit trail is for what people do.
        activity()->disableLogging();
        $this->salon('Saltlight Studio', 150, 50, 'harbour', [
            'ilse@saltlight.example' => 'Ilse Varga-Moen',
            'quim@saltlight.example' => 'Quim Adeyemi-Solberg',
            'wren@saltlight.example' => 'Wren Takala-Osei',
        ], DemoHeads::saltlight());
        DemoShelf::fill(Salon::query()->where('name', 'Saltlight Studio')->firstOrFail(), 'Ilse Varga-Moen');
        DemoChair::fill(Salon::query()->where('name', 'Saltlight Studio')->firstOrFail());
        DemoDay::fill(Salon::query()->where('name', 'Saltlight Studio')->firstOrFail());
        $this->salon(
            'Tidewater Room',
            200,
            50,
            'none',
            ['maren@tidewater.example' => 'Maren Cho-Bell'],
            DemoHeads::tidewater(),
        );
        activity()->enableLogging();
    }

    /**
     * @param array<string, string> $stylists name by address
     * @param list<DemoHead>        $heads
     */
    private function salon(
        string $name,
        float $hardness,
        float $humidity,
        string $climate,
        array $stylists,
        array $heads,
    ): void {
        $salon = Salon::query()->create([
            'name' => $name, 'timezone' => 'Europe/Lisbon', 'hardness_mg_per_l' => $hardness,
            'humidity_percent' => $humidity, 'method' => (new Method())->choices, 'climate' => $climate,
        ]);
        foreach ($stylists as $email => $stylist) {
            User::query()->create([
                'salon_id' => $salon->id,
                'name' => $stylist,
                'email' => $email,
                'password' => self::PASSWORD,
            ]);
        }
        $today = $salon->today();
        foreach ($heads as $demo) {
            $history = self::history($demo, $today, app(SalonClimate::class)->year($salon), array_values($stylists));
            $head = app(RecordImporter::class)->record(self::record($demo, $today, $history), $salon);
            $head->forceFill([
                'made_up' => ['date' => $today->subDay()->format('Y-m-d'), 'truth' => $history->truth],
            ])->save();
            app(Outlooks::class)->of($head);
        }
        app(StylistBiasUpdate::class)->renew($salon);
        foreach (Head::query()->where('salon_id', $salon->id)->with(['salon', 'outlook'])->get() as $head) {
            app(Outlooks::class)->current($head);
        }
    }

    /**
     * The months of a demo head, played from nine months before the given day to the day before it.
     *
     * @param array<string, float> $air      daily humidity in %, by day of the year
     * @param list<string>         $stylists who now and then stand in for the head's own
     */
    private static function history(
        DemoHead $demo,
        CarbonImmutable $today,
        array $air,
        array $stylists,
    ): SimulatedHistory {
        $until = Calendar::day($today->subDay()->format('Y-m-d')) ?? throw new RuntimeException('Yesterday is no day.');

        return SimulatedHistory::play(
            $demo->head,
            $demo->habits,
            new SeededRandom($demo->seed),
            self::from($today),
            $until,
            "demo-{$demo->seed}",
            [$demo->stylist, $demo->stylist, $demo->stylist, ...$stylists],
            $air,
        );
    }

    private static function from(CarbonImmutable $today): DateTimeImmutable
    {
        return Calendar::day($today->subMonths(self::MONTHS)->format('Y-m-d'))
            ?? throw new RuntimeException('Nine months ago is no day.');
    }

    /** The care record of a demo head. */
    public static function record(DemoHead $demo, CarbonImmutable $today, ?SimulatedHistory $history = null): CareRecord
    {
        $history ??= self::history($demo, $today, [], []);
        $intake = $demo->intake + [
            'consent_on' => self::from($today)->format('Y-m-d'),
            'consent_by' => $demo->intake['guardian_name'] ?? $demo->name,
        ];
        if (($intake['born_on'] ?? null) === 'minor') {
            $intake['born_on'] = $today->subYears(14)->format('Y-m-d');
        }

        return new CareRecord(
            "demo-{$demo->seed}",
            $demo->name,
            $demo->head,
            $intake,
            $history->washDays,
            [...$history->readings, ...self::readAgain($demo, $history), ...DemoScalp::readings($demo, $history)],
        );
    }

    /**
     * A colleague in training reads some visits once more, by hand and eye, a little differently.
     *
     * @return list<Reading>
     */
    private static function readAgain(DemoHead $demo, SimulatedHistory $history): array
    {
        if ($demo->trainee === null) {
            return [];
        }
        $chance = new SeededRandom($demo->seed + 1000);
        $again = [];
        foreach ($history->readings as $reading) {
            $points = $reading->raw['points'] ?? null;
            if (
                is_numeric($points)
                    && in_array($reading->test, ['dryness', 'feel', 'curl-memory'], true)
                    && $reading->by !== $demo->trainee
                    && $chance->happens(0.5)
            ) {
                $least = $reading->test === 'feel' ? -5 : 0;
                $raw = ['points' => max($least, min($least + 10, round($points + $chance->normal(0.5, 1))))];
                $again[] = new Reading(
                    "{$reading->id}-again",
                    $reading->date,
                    $reading->moment,
                    $reading->test,
                    $raw,
                    null,
                    $demo->trainee,
                );
            }
        }

        return $again;
    }
}
