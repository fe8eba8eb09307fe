<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Spatie\Activitylog\Models\Activity;

/**
 * Who did what, and when. It is written once: the database refuses to change or take out a row.
 *
 * @property int         $id
 * @property int|null    $salon_id
 * @property string|null $head_id the client it tells of
 * @property string|null $from_address
 * @property string|null $program by which it was done; null: by hand
 * @property CarbonImmutable $created_at
 */
final class TrailEntry extends Activity
{
    use BootsByName;
    use ReadsOnce;

    protected static function booted(): void
    {
        static::creating(static function (TrailEntry $entry): void {
            $subject = $entry->subject;
            $entry->salon_id = self::salonOf($entry, $subject);
            $entry->head_id = self::headOf($subject);
            $request = app()->runningInConsole() && ! app()->runningUnitTests() ? null : request();
            $entry->from_address = $request?->ip();
            $user = Auth::user();
            $token = $user instanceof User ? $user->currentAccessToken() : null;
            $entry->program = $token instanceof AccessToken ? $token->name : null;
        });
    }

    private static function salonOf(TrailEntry $entry, ?Model $subject): ?int
    {
        $of = $subject instanceof Salon ? $subject->id : $subject?->getAttributes()['salon_id'] ?? null;
        $causer = Auth::user() ?? $entry->causer;
        $of ??= $causer instanceof User ? $causer->salon_id : null;

        return is_numeric($of) ? (int) $of : null;
    }

    private static function headOf(?Model $subject): ?string
    {
        $of = $subject instanceof Head ? $subject->id : $subject?->getAttributes()['head_id'] ?? null;

        return is_string($of) ? $of : null;
    }
}
