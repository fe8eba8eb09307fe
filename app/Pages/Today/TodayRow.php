<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Bridge\Scheduling\Attendance;
use App\Models\Booking;
use App\Wording\Words;

/** Who comes at what time, what is needed, and whether the promise is kept. */
final readonly class TodayRow
{
    /**
     * @param string      $starts  as promised, HH:MM on the salon's clock
     * @param string|null $begins  as the day is laid out, HH:MM; null where no place was found
     * @param int         $late    minutes after what was promised; 0 within what a client would shrug at
     * @param string|null $comesAt as they said, HH:MM; null: as promised, or here already
     * @param bool        $cameLate by own doing; what is late counts from when they came
     * @param string|null $waitsUntil in the chair, until hands come back, HH:MM; null: does not wait for them
     * @param string|null $through likely through by, HH:MM
     * @param string|null $surely  through by in nine days of ten, HH:MM
     * @param bool        $noPlace finds no place in the day
     * @param string|null $lacks   equipment it needs and of which nothing works; null: none
     * @param string      $needs   steps in a few words; '' where it is no wash day
     * @param bool        $look    hair is to be looked at first
     * @param string      $due     trims and take-downs that are due by that day; '' where none is
     * @param string      $parts   minutes, and what they are made of; '' where it is no wash day
     * @param string      $scalp   what stands out about it; '' where nothing does
     */
    public function __construct(
        public Booking $booking,
        public string $starts,
        public ?string $begins,
        public int $late,
        public ?string $comesAt,
        public bool $cameLate,
        public ?string $waitsUntil,
        public ?string $through,
        public ?string $surely,
        public bool $noPlace,
        public ?string $lacks,
        public Attendance $attendance,
        public string $needs,
        public string $because,
        public bool $look,
        public string $scalp,
        public string $due,
        public string $parts,
    ) {
    }

    /** How late it begins, in the fewest words. */
    public function lateInWords(): string
    {
        [$hours, $minutes] = [intdiv($this->late, 60), $this->late % 60];

        return Words::say(match (true) {
            $hours === 0 => 'today.minutes-late',
            $minutes === 0 => 'today.hours-late',
            default => 'today.hours-and-minutes-late',
        }, ['hours' => $hours, 'minutes' => $hours === 0 ? $minutes : sprintf('%02d', $minutes)]);
    }

    public function isSilent(): bool
    {
        return $this->attendance === Attendance::Silent;
    }

    public function isSetAside(): bool
    {
        return $this->attendance === Attendance::SetAside;
    }
}
