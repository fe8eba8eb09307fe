<?php

declare(strict_types=1);

namespace App\Bridge\Accounts;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The devices on which somebody is signed in. */
final readonly class SignedInSomewhere
{
    public function __construct(private Seats $seats)
    {
    }

    /**
     * @param string $here the session that asks
     *
     * @return list<array{kind: string, address: string, seen: CarbonImmutable, isHere: bool}> the latest first; the kind
     *     is people.devices
     */
    public function of(User $user, string $here): array
    {
        $devices = [];
        $rows = DB::table('sessions')
            ->whereIn('user_id', $this->seats->keys($user))
            ->where('last_activity', '>', now()->subMinutes(config()->integer('session.lifetime'))->getTimestamp())
            ->orderByDesc('last_activity')
            ->get();
        /** @var object{id: string, ip_address: string|null, user_agent: string|null, last_activity: int} $row */
        foreach ($rows as $row) {
            $devices[] = [
                'kind' => self::kind((string) $row->user_agent),
                'address' => (string) $row->ip_address,
                'seen' => CarbonImmutable::createFromTimestamp($row->last_activity, $user->salon->timezone),
                'isHere' => $row->id === $here,
            ];
        }

        return $devices;
    }

    /** As browsers say it of themselves: enough to tell the tablet at the basin from the laptop at the desk. */
    private static function kind(string $agent): string
    {
        return match (true) {
            $agent === '' => 'unknown',
            preg_match('/iPad|Tablet|Android(?!.*Mobile)/', $agent) === 1 => 'tablet',
            preg_match('/Mobi/', $agent) === 1 => 'phone',
            default => 'computer',
        };
    }
}
