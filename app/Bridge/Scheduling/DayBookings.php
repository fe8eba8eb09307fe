<?php

declare(strict_types=1);

namespace App\Bridge\Scheduling;

use Nagomi\Core\Scheduling\Appointment;

/** Who is to be laid out on a day, and who sits there already. */
final readonly class DayBookings
{
    /**
     * @param list<Appointment> $appointments
     * @param array<string, array{int, int}> $seated minutes from and until, by booking, of who needs no hands any more
     * @param array{int, int}|null $also    minutes in which somebody is under way, whatever the hours
     * @param int                  $sitting how many have a chair now
     * @param list<string>         $hooded  of those who need no hands any more: who sits under a hood
     */
    public function __construct(
        public array $appointments,
        public array $seated,
        public ?array $also,
        public int $sitting,
        public array $hooded,
    ) {
    }
}
