<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Models\Head;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;

/** Clients of whom nothing was heard for long: not booked, not seen, nothing written down, nothing sent from home. */
final readonly class Unseen
{
    /** Where a client leaves a day behind: table and its column. */
    private const TRACES = [
        'bookings' => 'date', 'visits' => 'date', 'wash_days' => 'date', 'readings' => 'date',
        'home_acts' => 'date', 'pictures' => 'taken_on', 'clearances' => 'raised_on', 'reactions' => 'on',
        'programmes' => 'began_on', 'waits' => 'until',
    ];

    /** @return Builder<Head> of whom nothing is dated on that day or after it */
    public function since(Salon $salon, CarbonImmutable $day): Builder
    {
        $written = $day->format('Y-m-d');
        $unseen = Head::query()
            ->withoutGlobalScopes()
            ->where('salon_id', $salon->id)
            ->where('created_at', '<', $day->utc())
            // Somebody has changed what is known of them.
            ->where('updated_at', '<', $day->utc())
            ->where(fn (Builder $kept): Builder => $kept->whereNull('kept_on')->orWhere('kept_on', '<', $written));
        foreach (self::TRACES as $table => $column) {
            $unseen->whereNotExists(fn (Rows $traces): Rows => $traces
                ->from($table)
                ->whereColumn("{$table}.head_id", 'heads.id')
                ->where("{$table}.{$column}", '>=', $written));
        }

        return $unseen;
    }
}
