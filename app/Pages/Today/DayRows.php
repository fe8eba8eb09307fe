<?php

declare(strict_types=1);

namespace App\Pages\Today;

use App\Models\BookingStatus;

/** The clients of a day by where they are in it. */
final readonly class DayRows
{
    /**
     * @param list<TodayRow> $underWay
     * @param list<TodayRow> $toCome
     * @param list<TodayRow> $over  done, cancelled or not come to
     * @param array<string, int> $kinds how many are over in which way
     */
    private function __construct(
        public array $underWay,
        public array $toCome,
        public array $over,
        public array $kinds,
    ) {
    }

    /** @param list<TodayRow> $rows the earliest first */
    public static function of(array $rows): self
    {
        $of = static fn (BookingStatus ...$statuses): array => array_values(array_filter(
            $rows,
            static fn (TodayRow $row): bool => in_array($row->booking->status, $statuses, true),
        ));
        $over = $of(BookingStatus::Done, BookingStatus::Cancelled, BookingStatus::NoShow);

        return new self(
            $of(BookingStatus::UnderWay),
            $of(BookingStatus::Booked, BookingStatus::Arrived),
            $over,
            array_count_values(array_map(static fn (TodayRow $row): string => $row->booking->status->value, $over)),
        );
    }

    public function count(): int
    {
        return count($this->underWay) + count($this->toCome) + count($this->over);
    }
}
