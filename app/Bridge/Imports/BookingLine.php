<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\Booking;
use App\Models\BookingStatus;
use App\Models\Salon;
use App\Models\Service;
use App\Models\User;
use App\Wording\Money;
use App\Wording\SalonClock;
use App\Wording\Words;
use Carbon\CarbonImmutable;

/** A line that is a visit: one that has been, or one that is promised and needs its hands free. */
final class BookingLine implements LineReader
{
    private const EARLIEST_YEAR = 1990;
    private const YEARS_AHEAD = 2;
    private const DAY_MINUTES = 1440;
    private const LEAST_MINUTES = 5;
    private const MOST_MINUTES = 720;

    private readonly PromisedHands $promised;
    private readonly SalonTerms $terms;
    private readonly TableWords $tableWords;

    /** @var array<string, true> visits of the past that are here, by client and moment */
    private array $been;

    public function __construct(
        private readonly Salon $salon,
        private readonly KnownClients $known,
        private readonly MetWords $words,
    ) {
        $this->promised = PromisedHands::of($salon);
        $this->terms = SalonTerms::of($salon);
        $this->tableWords = TableWords::known();
        $this->been = [];
        foreach (Booking::query()->where('salon_id', $salon->id)->toBase()->get(['head_id', 'starts_at']) as $booking) {
            /** @var object{head_id: string, starts_at: string} $booking */
            $this->been["{$booking->head_id} {$booking->starts_at}"] = true;
        }
    }

    public function read(LineCells $cells, string $where): FoundLine
    {
        $client = LineClient::of($cells, $this->known, $this->salon->today()->year);
        [$day, $minute, $problem] = $this->when($cells);
        $service = $this->said(ImportField::Service, $cells, $this->terms->service(...));
        $stylist = $this->said(ImportField::Stylist, $cells, $this->terms->stylist(...));
        $status = $this->status($cells, $day);
        $problems = array_values(array_filter([
            ...$client->problems, $problem, $service['problem'], $stylist['problem'], $status['problem'],
        ]));
        $serves = $this->terms->services->get((int) $service['means']);
        $hands = $this->terms->stylists->get((int) $stylist['means']);
        if ($problems !== [] || $serves === null || $hands === null || $day === null || $minute === null) {
            $typed = $cells->text(ImportField::Day);

            return new FoundLine($where, 'booking', $client->contact['name'], $typed, $problems);
        }
        $minutes = $this->minutes($cells, $minute, $serves);
        if ($minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES) {
            $problems[] = Words::say('import.minutes', ['least' => self::LEAST_MINUTES, 'most' => self::MOST_MINUTES]);
        }
        $visit = new ImportedVisit(
            $day,
            $minute,
            $minutes,
            $serves->id,
            $hands->id,
            $cells->cents($this->salon->currency),
            BookingStatus::from($status['means']),
        );

        $price = $cells->text(ImportField::Price);
        $unpriced = $price === '' || $visit->cents !== null ? [] : [
            Words::say('import.no-sum', ['typed' => mb_substr($price, 0, 40)]),
        ];

        return $this->placed($visit, $client, $where, $problems, $unpriced, $hands, $serves);
    }

    /**
     * @param list<string> $problems
     * @param list<string> $unpriced what is said of a price that is none
     */
    private function placed(
        ImportedVisit $visit,
        LineClient $client,
        string $where,
        array $problems,
        array $unpriced,
        User $hands,
        Service $serves,
    ): FoundLine {
        $starts = SalonClock::moment($this->salon, $visit->day, $visit->minute);
        if ($starts === null) {
            $problems[] = Words::say('refusals.places.skipped', ['time' => SalonClock::shown($visit->minute)]);
        }
        $moment = "{$client->key} " . $starts?->format('Y-m-d H:i:s');
        $isHere = isset($this->been[$moment]);
        if ($problems === [] && ! $isHere) {
            $until = $visit->minute + $visit->minutes;
            if ($visit->status === BookingStatus::Booked) {
                $refused = $this->promised->refuses($visit->day, $hands, $client->key, $visit->minute, $until);
                $problems = $refused === null ? [] : [$refused];
            }
            if ($problems === []) {
                $this->been[$moment] = true;
                if ($visit->status === BookingStatus::Booked) {
                    $this->promised->promise(
                        $visit->day,
                        $hands->id,
                        $client->key,
                        $visit->minute,
                        $until,
                        $client->contact['name'],
                    );
                }
            }
        }

        return new FoundLine(
            $where,
            'booking',
            $client->contact['name'],
            $this->says($visit, $hands, $serves),
            $problems,
            [...$client->remarks, ...$unpriced],
            $isHere,
            $problems === [] ? (string) json_encode(
                ['client' => $client->kept(), 'visit' => $visit->kept()],
                JSON_INVALID_UTF8_SUBSTITUTE,
            ) : '',
        );
    }

    /** @return array{string|null, int|null, string|null} day, minute, and what is wrong with them */
    private function when(LineCells $cells): array
    {
        $today = $this->salon->today();
        $day = $cells->day(ImportField::Day, $today->year + self::YEARS_AHEAD);
        if ($day === null) {
            $typed = mb_substr($cells->text(ImportField::Day), 0, 40);

            return [null, null, Words::say('import.no-day', ['typed' => $typed])];
        }
        $time = $cells->text(ImportField::Time);
        $minute = $time === '' ? $day->minute : TypedDay::minute(self::span($time)[0]);

        [$on, $counted] = $this->salonsDay($day->day, $minute);

        return [$on, $counted, match (true) {
            $minute === null => Words::say('import.no-time', ['typed' => mb_substr($time, 0, 40)]),
            (int) $day->day < self::EARLIEST_YEAR => Words::say('import.too-long-ago', ['year' => self::EARLIEST_YEAR]),
            $day->day > $today->addYears(self::YEARS_AHEAD)->format('Y-m-d')
                => Words::say('import.too-far', ['years' => self::YEARS_AHEAD]),
            default => null,
        }];
    }

    /** @return array{string, int|null} before the day turns it is the night of the day before, whose minutes go on */
    private function salonsDay(string $day, ?int $minute): array
    {
        return $minute !== null && $minute < $this->salon->day_turns_minute
            ? [CarbonImmutable::parse($day)->subDay()->format('Y-m-d'), self::DAY_MINUTES + $minute]
            : [$day, $minute];
    }

    /**
     * @param callable(string): ?string $known
     *
     * @return array{means: string, problem: string|null}
     */
    private function said(ImportField $field, LineCells $cells, callable $known): array
    {
        $word = $cells->text($field);
        $means = $this->words->means($field, $word, $known($word));

        $asks = $word === '' ? "import.which-{$field->value}" : 'import.what-is';

        return ['means' => (string) $means, 'problem' => match ($means) {
            null => Words::say($asks, ['word' => mb_substr($word, 0, 60)]),
            MetWords::LEAVE => Words::say('import.left-by-hand'),
            default => null,
        }];
    }

    /**
     * Where nothing is said of it, what was is done and what comes is booked.
     *
     * @return array{means: string, problem: string|null}
     */
    private function status(LineCells $cells, ?string $day): array
    {
        $isToCome = $day !== null && $day >= $this->salon->today()->format('Y-m-d');
        $usual = $isToCome ? BookingStatus::Booked->value : BookingStatus::Done->value;
        $word = $cells->text(ImportField::Status);
        if ($word === '') {
            return ['means' => $usual, 'problem' => null];
        }
        $said = $this->said(ImportField::Status, $cells, $this->tableWords->status(...));
        if ($said['problem'] !== null) {
            return $said;
        }
        $isTomorrowOrLater = $day !== null && $day > $this->salon->today()->format('Y-m-d');

        return match (true) {
            // Nobody closed it in the other program: it has been, all the same.
            ! $isToCome && $said['means'] === BookingStatus::Booked->value => ['means' => $usual, 'problem' => null],
            $isTomorrowOrLater && in_array($said['means'], ['done', 'no-show'], true)
                => ['means' => $usual, 'problem' => Words::say('import.not-yet', ['word' => $word])],
            default => $said,
        };
    }

    private function minutes(LineCells $cells, int $from, Service $service): int
    {
        $ends = $cells->text(ImportField::Ends) ?: self::span($cells->text(ImportField::Time))[1];
        $latestYear = $this->salon->today()->year + self::YEARS_AHEAD;
        $until = TypedDay::minute($ends) ?? $cells->day(ImportField::Ends, $latestYear)?->minute;
        $typed = $cells->text(ImportField::Minutes);

        return $cells->minutes()
            ?? ($typed !== '' ? 0 : ($ends === '' ? $service->minutes : self::lasts($from, $until)));
    }

    /** @return array{string, string} where it begins and ends, of 9:30 or 9:30–10:15 */
    private static function span(string $time): array
    {
        $ends = preg_split('/\s*[-–—]\s*/u', $time, 2) ?: [''];

        return [$ends[0], $ends[1] ?? ''];
    }

    /** Minutes from one time to another, which may be the next day's; none where none is written. */
    private static function lasts(int $from, ?int $until): int
    {
        return $until === null ? 0 : ($until - $from % self::DAY_MINUTES + self::DAY_MINUTES) % self::DAY_MINUTES;
    }

    private function says(ImportedVisit $visit, User $hands, Service $serves): string
    {
        $day = CarbonImmutable::parse($visit->day);

        return implode(', ', [
            SalonClock::dayInWords($day, 'D j M Y'),
            SalonClock::shown($visit->minute) . '–' . SalonClock::shown($visit->minute + $visit->minutes),
            $serves->name,
            $hands->name,
            $visit->cents === null
                ? Words::say($visit->status === BookingStatus::Booked ? 'import.list-price' : 'import.no-price')
                : Money::shown($visit->cents, $this->salon->currency),
            Words::of("booking_statuses.{$visit->status->value}"),
        ]);
    }
}
