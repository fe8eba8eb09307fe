<?php

declare(strict_types=1);

namespace App\Pages\Clients;

use App\Bridge\Scheduling\DueClients;
use App\Models\Head;
use Carbon\CarbonImmutable;

/** Where a client stands in the list, from little: all clients of a salon are put in order, few are shown. */
final readonly class ClientPlace
{
    /**
     * @param string       $id          of the client
     * @param list<string> $is          the filters the client stands under, beside all; what matters most first
     * @param string       $order       the lesser the sooner
     * @param string|null  $dueOn       day, where the hair goes out of balance and nobody sees to it
     * @param string|null  $bookedOn    day
     * @param string|null  $plannedOn   day of the next planned wash
     * @param int|null     $plannedTake minutes it takes
     */
    private function __construct(
        public string $id,
        public array $is,
        public string $order,
        public ?string $dueOn,
        public ?string $bookedOn,
        public ?string $plannedOn,
        public ?int $plannedTake,
    ) {
    }

    /**
     * An open sign, then who is due, the longest first; then by the next wash day; by name where all is alike.
     *
     * @param Head $head with booked_on, seen_to_on, drifts_on, planned_on and planned_minutes beside its own columns
     */
    public static function of(Head $head, CarbonImmutable $today): self
    {
        $drifts = self::day($head, 'drifts_on');
        $dueOn = $drifts !== null && $drifts <= DueClients::until($today) && self::day($head, 'seen_to_on') === null
            ? $drifts
            : null;
        $bookedOn = self::day($head, 'booked_on');
        $plannedOn = self::day($head, 'planned_on');
        $minutes = $head->getAttribute('planned_minutes');
        $isSign = $head->red_sign || $head->sore_scalp;

        return new self(
            $head->id,
            array_keys(array_filter(['sign' => $isSign, 'due' => $dueOn !== null, 'booked' => $bookedOn !== null])),
            implode("\t", [...match (true) {
                $isSign => ['0', ''],
                $dueOn !== null => ['1', $dueOn],
                default => ['2', $plannedOn ?? '9999'],
            }, $head->name]),
            $dueOn,
            $bookedOn,
            $plannedOn,
            is_numeric($minutes) ? (int) round((float) $minutes) : null,
        );
    }

    private static function day(Head $head, string $column): ?string
    {
        $day = $head->getAttribute($column);

        return is_string($day) ? substr($day, 0, 10) : null;
    }
}
