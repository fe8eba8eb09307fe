<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bridge\Clients\ConsentText;
use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Clients\SalonClimate;
use App\Bridge\Plans\Outlooks;
use App\Bridge\Plans\StoredSnapshots;
use App\Care\Readings\StylistBiasUpdate;
use App\Care\Scheduling\BookingConflict;
use App\Models\Consent;
use App\Models\ConsentPurpose;
use App\Models\Head;
use App\Models\Role;
use App\Models\Salon;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Nagomi\Core\Estimation\KalmanFilter;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\Calendar;

/**
 * The demo: two invented salons, their stylists and eighteen months of their clients, played from fixed seeds up to
 * yesterday; and the day of one of them, laid round the moment it is built.
 */
final class DatabaseSeeder extends Seeder
{
    private const TIMEZONE = 'Europe/Lisbon';
    private const PASSWORD = 'harbour-demo';

    /**
     * Lays the day round now.
     *
     * @throws BookingConflict never: nobody else is there
     */
    public function run(): void
    {
        $latest = app(Parameters::class)->scheduling->latestClosingMinute;
        $this->build(DemoMoment::round(CarbonImmutable::now(self::TIMEZONE), $latest));
    }

    /** @throws BookingConflict never: nobody else is there */
    public function build(DemoMoment $moment): void
    {
        $turns = app(Parameters::class)->scheduling->dayTurnsMinute($moment->closes());
        // The audit trail is for what people do.
        activity()->disableLogging();
        $saltlight = $this->salon('Saltlight Studio', 150, 50, 'harbour', $turns, [
            'ilse@saltlight.example' => 'Ilse Varga-Moen',
            'quim@saltlight.example' => 'Quim Adeyemi-Solberg',
            'wren@saltlight.example' => 'Wren Takala-Osei',
        ], DemoHeads::saltlight());
        User::query()->where('email', 'quim@saltlight.example')->update(['role' => Role::Apprentice]);
        self::person($saltlight, 'tove@saltlight.example', 'Tove Anand-Riis', Role::FrontDesk);
        // In one go, so that each outlook is worked out once, when all that it goes by is there.
        DB::transaction(static function () use ($saltlight): void {
            DemoShelf::fill($saltlight, 'Ilse Varga-Moen');
            DemoChair::fill($saltlight);
            self::agreements($saltlight);
            self::outlooks($saltlight);
        });
        DemoDay::fill($saltlight, $moment);
        app(DemoPractice::class)->fill($saltlight);
        self::outlooks($this->salon(
            'Tidewater Room',
            200,
            50,
            'none',
            0,
            ['maren@tidewater.example' => 'Maren Cho-Bell'],
            DemoHeads::tidewater(),
        ));
        activity()->enableLogging();
    }

    /**
     * @param int                   $turns    minute after midnight at which its day turns
     * @param array<string, string> $stylists name by address
     * @param list<DemoHead>        $heads
     */
    private function salon(
        string $name,
        float $hardness,
        float $humidity,
        string $climate,
        int $turns,
        array $stylists,
        array $heads,
    ): Salon {
        $salon = Salon::query()->create([
            'name' => $name, 'timezone' => self::TIMEZONE, 'hardness_mg_per_l' => $hardness,
            'humidity_percent' => $humidity, 'method' => (new Method())->choices, 'climate' => $climate,
            'day_turns_minute' => $turns,
        ]);
        foreach ($stylists as $email => $stylist) {
            self::person(
                $salon,
                $email,
                $stylist,
                array_key_first($stylists) === $email ? Role::Owner : Role::Stylist,
            );
        }
        $today = $salon->today();
        foreach ($heads as $demo) {
            $life = new DemoLife(
                $demo,
                DemoLife::from($demo, $today),
                Calendar::dayOf($today),
                app(SalonClimate::class)->year($salon),
                [$demo->stylist, $demo->stylist, $demo->stylist, ...array_values($stylists)],
            );
            $head = app(RecordImporter::class)->record(self::record($demo, $today, $life), $salon);
            $head->forceFill([
                'made_up' => ['date' => $today->subDay()->format('Y-m-d'), 'truth' => $life->truth()],
            ])->save();
            // How far stylists read apart is told from what was read, before any season is planned.
            $record = app(HeadRecord::class);
            app(StoredSnapshots::class)->keep($head, KalmanFilter::through(
                $record->after($head, $record->frame($head), null),
                Calendar::dayOf($today),
            ));
        }
        app(StylistBiasUpdate::class)->renew($salon);

        return $salon;
    }

    private static function person(Salon $salon, string $email, string $name, Role $role): void
    {
        User::query()->create([
            'salon_id' => $salon->id, 'name' => $name, 'email' => $email, 'password' => self::PASSWORD, 'role' => $role,
        ]);
    }

    /** Everybody of the demo has read the words that ship. */
    private static function agreements(Salon $salon): void
    {
        $text = ConsentText::of($salon->refresh(), ConsentPurpose::Record, $salon->language);
        Consent::query()->where('salon_id', $salon->id)->update([
            'wording' => $text->wording, 'language' => $text->language, 'taken_by' => 'Ilse Varga-Moen',
            'worded_on' => DB::raw('given_on'),
        ]);
    }

    private static function outlooks(Salon $salon): void
    {
        foreach (Head::query()->where('salon_id', $salon->id)->with(['salon', 'outlook'])->get() as $head) {
            app(Outlooks::class)->current($head);
        }
    }

    /** The care record of a demo head. */
    private static function record(DemoHead $demo, CarbonImmutable $today, DemoLife $life): CareRecord
    {
        $intake = $demo->intake + [
            'consent_on' => DemoLife::from($demo, $today)->format('Y-m-d'),
            'consent_by' => $demo->intake['guardian_name'] ?? $demo->name,
        ];
        if (is_int($intake['born_on'] ?? null)) {
            $intake['born_on'] = $today->subYears($intake['born_on'])->format('Y-m-d');
        }

        return new CareRecord(
            "demo-{$demo->seed}",
            $demo->name,
            $demo->head,
            $intake,
            $life->washDays,
            [...$life->readings, ...self::readAgain($demo, $life), ...DemoScalp::readings($demo, $life)],
        );
    }

    /**
     * A colleague in training reads some visits once more, by hand and eye, a little differently.
     *
     * @return list<Reading>
     */
    private static function readAgain(DemoHead $demo, DemoLife $life): array
    {
        if ($demo->trainee === null) {
            return [];
        }
        $chance = new SeededRandom($demo->seed + 1000);
        $again = [];
        foreach ($life->readings as $reading) {
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
